package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.LineWriter.along;
import static lehrgang.core.procedure.LineWriter.datum;
import static lehrgang.core.procedure.LineWriter.single;
import static lehrgang.core.procedure.LineWriter.sumOver;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The lines of a two-way table: one for each cell, row or column, with its symbol and its place in
/// words.
final class CellLines {
  /// A cell, row and column counted from 1.
  record Cell(int row, int column) {
    LineId of(String family) {
      return LineId.of(family, row, column);
    }
  }

  private final TwoWayTable table;
  private final List<Cell> cells;
  private final Lines lines = new Lines();
  private final Map<Cell, Phrase> places = new HashMap<>();

  CellLines(TwoWayTable table) {
    this.table = table;
    this.cells =
        IntStream.rangeClosed(1, table.rows().size())
            .boxed()
            .flatMap(
                i -> IntStream.rangeClosed(1, table.columns().size()).mapToObj(j -> new Cell(i, j)))
            .toList();
    for (Cell cell : cells) {
      places.put(
          cell,
          Phrase.of("place.cell")
              .with(
                  Map.of(
                      "row", new Phrase.Words(table.rows().get(cell.row() - 1)),
                      "column", new Phrase.Words(table.columns().get(cell.column() - 1)))));
    }
  }

  TwoWayTable table() {
    return table;
  }

  List<Cell> cells() {
    return cells;
  }

  Lines lines() {
    return lines;
  }

  void add(Line line) {
    lines.add(line);
  }

  /// Adds the counts, their totals, and the numbers of rows and columns.
  void addObserved() {
    for (Cell cell : cells) {
      long count = table.count(cell.row() - 1, cell.column() - 1);
      add(inCell("O", "O", cell, new Expr.Datum(Value.of(count)), Kind.COUNT).as(Role.OBSERVED));
    }
    for (int i = 1; i <= table.rows().size(); i++) {
      add(inRow("R", i, rowSum("O", i), Kind.COUNT).as(Role.ROW_TOTAL));
    }
    for (int j = 1; j <= table.columns().size(); j++) {
      add(inColumn("C", j, columnSum("O", j), Kind.COUNT).as(Role.COLUMN_TOTAL));
    }
    add(
        single("n", Symbol.of("n"), sumOver("i", "R", table.rows().size()), Kind.COUNT)
            .as(Role.GRAND_TOTAL)
            .checkedBy(
                Phrase.of("route.column-totals"), sumOver("j", "C", table.columns().size())));
    add(single("r", Symbol.of("r"), datum(table.rows().size()), Kind.DEGREES_OF_FREEDOM));
    add(single("c", Symbol.of("c"), datum(table.columns().size()), Kind.DEGREES_OF_FREEDOM));
  }

  List<Expr> refs(String family) {
    return cells.stream().map(cell -> ref(cell.of(family))).toList();
  }

  /// A sum over all cells of a term in two families.
  Expr over(BiFunction<LineId, LineId, Expr> term, String one, String other) {
    return new Expr.Total(
        term.apply(LineId.general(one, "i", "j"), LineId.general(other, "i", "j")),
        "ij",
        cells.stream().map(cell -> term.apply(cell.of(one), cell.of(other))).toList());
  }

  Expr rowSum(String family, int row) {
    return along(
        "j",
        LineId.general(family, Integer.toString(row), "j"),
        table.columns().size(),
        j -> LineId.of(family, row, j));
  }

  Expr columnSum(String family, int column) {
    return along(
        "i",
        LineId.general(family, "i", Integer.toString(column)),
        table.rows().size(),
        i -> LineId.of(family, i, column));
  }

  Line inCell(String name, String letter, Cell cell, Expr formula, Kind kind) {
    LineId id = cell.of(name);
    Symbol symbol = Symbol.of(letter).at(id.index());
    return new Line(id, symbol, places.get(cell), formula, kind);
  }

  Line inRow(String name, int row, Expr formula, Kind kind) {
    return inMargin(name, row, table.rows().get(row - 1), formula, kind);
  }

  Line inColumn(String name, int column, Expr formula, Kind kind) {
    return inMargin(name, column, table.columns().get(column - 1), formula, kind);
  }

  private static Line inMargin(String name, int position, String label, Expr formula, Kind kind) {
    LineId id = LineId.of(name, position);
    Symbol symbol =
        switch (name) {
          case "E.R" -> Symbol.of("R").raised("E").at(id.index());
          case "E.C" -> Symbol.of("C").raised("E").at(id.index());
          default -> Symbol.of(name).at(id.index());
        };
    return new Line(id, symbol, Phrase.of("place.margin").with("label", label), formula, kind);
  }
}
