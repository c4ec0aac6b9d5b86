package lehrgang.desktop;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;

/// The totals of the table being typed: they follow the counts and cannot be typed.
final class EditorTotals {
  private static final String UNKNOWN = "–";

  private record Total(LineId line, NumberNode node) {}

  private final LiveNumbers numbers;
  private final List<Total> totals = new ArrayList<>();

  EditorTotals(LiveNumbers numbers) {
    this.numbers = numbers;
  }

  void clear() {
    totals.clear();
  }

  /// A place for a total.
  ///
  /// @param style which total it is
  NumberNode add(LineId line, String style) {
    NumberNode node = new NumberNode("", Role.OTHER, Appearance.SHOWN).inTable();
    node.getStyleClass().add(style);
    numbers.register(line, node);
    totals.add(new Total(line, node));
    return node;
  }

  /// Makes the first of them a stop of the keyboard.
  void letIn() {
    totals.stream().findFirst().ifPresent(total -> total.node().setFocusTraversable(true));
  }

  /// While something is wrong with the counts.
  void blank() {
    totals.forEach(total -> total.node().setNumber(UNKNOWN));
  }

  void show(List<Grid> grids) {
    Map<LineId, GridCell> known =
        grids.stream()
            .flatMap(
                grid ->
                    Stream.of(
                            grid.rowTotals().stream(),
                            grid.columnTotals().stream(),
                            grid.grandTotal().stream())
                        .flatMap(cells -> cells))
            .collect(Collectors.toMap(GridCell::line, cell -> cell, (one, _) -> one));
    for (Total total : totals) {
      GridCell cell = known.get(total.line());
      total.node().setNumber(cell == null ? UNKNOWN : cell.text());
      if (cell != null) {
        String role = LiveNumbers.roleStyle(cell.role());
        if (!total.node().getStyleClass().contains(role)) {
          total.node().getStyleClass().removeIf(style -> style.startsWith("role-"));
          total.node().getStyleClass().add(role);
        }
      }
    }
  }
}
