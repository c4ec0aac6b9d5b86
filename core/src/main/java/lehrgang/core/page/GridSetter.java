package lehrgang.core.page;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.wording.Wording;

/// Sets tables of lines.
final class GridSetter {
  private final Numerals numerals;
  private final Wording wording;

  GridSetter(Numerals numerals, Wording wording) {
    this.numerals = numerals;
    this.wording = wording;
  }

  private Evaluation values() {
    return numerals.values();
  }

  Grid grid(CellTable table) {
    double largest = table.shade().isEmpty() ? 0 : largest(table);
    boolean signed = hasSigns(table);
    boolean totals = areGiven(table);
    Predicate<LineId> given = _ -> totals;
    List<List<GridCell>> cells =
        IntStream.range(0, table.cells().size())
            .mapToObj(
                i ->
                    IntStream.range(0, table.cells().get(i).size())
                        .mapToObj(j -> cell(table, i, j, largest, signed))
                        .toList())
            .toList();
    return new Grid(
        numerals.template(table.title()),
        numerals.spans(table.title()),
        table.rows().stream().map(numerals::text).toList(),
        table.columns().stream().map(numerals::text).toList(),
        cells,
        table.rowTotals().stream().filter(given).map(this::total).toList(),
        table.columnTotals().stream().filter(given).map(this::total).toList(),
        table.grandTotal().filter(given).map(this::total),
        wording.text("table.total"));
  }

  /// Totals of numbers that students are to find are not asked of them: they are a check.
  private boolean areGiven(CellTable table) {
    return Stream.of(table.rowTotals(), table.columnTotals(), table.grandTotal().stream().toList())
        .flatMap(List::stream)
        .allMatch(id -> numerals.mask().of(id) == Appearance.SHOWN);
  }

  private double largest(CellTable table) {
    return table.cells().stream()
        .flatMap(List::stream)
        .flatMap(id -> values().find(id).stream())
        .mapToDouble(value -> Math.abs(value.asDouble()))
        .max()
        .orElse(0);
  }

  /// Whether the numbers of a table are above and below 0 themselves.
  private boolean hasSigns(CellTable table) {
    return table.cells().stream().flatMap(List::stream).anyMatch(id -> values().sign(id) < 0);
  }

  private GridCell cell(CellTable table, int row, int column, double largest, boolean signed) {
    LineId id = table.cells().get(row).get(column);
    double shade =
        table.shade().map(signs -> shade(id, signs.get(row).get(column), largest)).orElse(0.0);
    return cell(id, shade, signed);
  }

  private double shade(LineId id, LineId sign, double largest) {
    Optional<Value> value = values().find(id);
    return largest == 0 || value.isEmpty()
        ? 0
        : values().sign(sign) * Math.abs(value.get().asDouble()) / largest;
  }

  private GridCell total(LineId id) {
    return cell(id, 0, false);
  }

  private GridCell cell(LineId id, double shade, boolean signed) {
    String text = numerals.shown(id).standalone();
    String sign = shade > 0 ? "+" : shade < 0 ? "−" : "";
    boolean inNumber = signed || text.isEmpty();
    String plus = signed && shade > 0 ? sign : "";
    return new GridCell(
        id,
        plus + text,
        inNumber ? "" : sign,
        numerals.line(id).role(),
        numerals.mask().of(id),
        shade);
  }
}
