package lehrgang.desktop.write.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lehrgang.core.derivation.Role;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.LiveNumbers;
import lehrgang.desktop.page.NumberNode;

/// The totals of the table being typed: they follow the counts and cannot be typed.
final class EditorTotals {
  private static final String UNKNOWN = "–";

  /// A total with the way to it in the tables of the page.
  private record Total(NumberNode node, Function<List<Grid>, Optional<GridCell>> cell) {}

  private final LiveNumbers numbers;
  private final List<Total> totals = new ArrayList<>();

  EditorTotals(LiveNumbers numbers) {
    this.numbers = numbers;
  }

  void clear() {
    totals.forEach(total -> numbers.forget(total.node()));
    totals.clear();
  }

  /// A place for the total of a row.
  NumberNode ofRow(int layer, int row) {
    return add(Style.ROW_TOTAL, grids -> at(grids.get(layer).rowTotals(), row));
  }

  NumberNode ofColumn(int layer, int column) {
    return add(Style.COLUMN_TOTAL, grids -> at(grids.get(layer).columnTotals(), column));
  }

  NumberNode grand(int layer) {
    return add(Style.GRAND_TOTAL, grids -> grids.get(layer).grandTotal());
  }

  private static Optional<GridCell> at(List<GridCell> cells, int place) {
    return place < cells.size() ? Optional.of(cells.get(place)) : Optional.empty();
  }

  private NumberNode add(String style, Function<List<Grid>, Optional<GridCell>> cell) {
    NumberNode node = new NumberNode("", Role.OTHER, Appearance.SHOWN).inTable();
    node.getStyleClass().add(style);
    // One stop of the Tab key for all of them.
    node.setFocusTraversable(totals.isEmpty());
    totals.add(new Total(node, cell));
    return node;
  }

  /// While something is wrong with the counts.
  void blank() {
    totals.forEach(total -> total.node().setNumber(UNKNOWN));
  }

  /// @param grids the tables of the page, one for each layer
  void show(List<Grid> grids) {
    for (Total total : totals) {
      Optional<GridCell> cell = total.cell().apply(grids);
      total.node().setNumber(cell.map(GridCell::text).orElse(UNKNOWN));
      cell.ifPresent(
          known -> {
            numbers.register(known.line(), total.node());
            total.node().setRole(known.role());
          });
    }
  }
}
