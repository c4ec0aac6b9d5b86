package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.along;
import static lehrgang.core.procedure.parts.LineWriter.counted;
import static lehrgang.core.procedure.parts.LineWriter.shape;
import static lehrgang.core.procedure.parts.LineWriter.single;
import static lehrgang.core.procedure.parts.LineWriter.sumOver;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.IntStream;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// The lines of a two-way table: one for each cell, row or column, with its symbol and its place in
/// words.
public final class CellLines {
  /// A cell, row and column counted from 1.
  public record Cell(int row, int column) {
    /// The cell's member of a family.
    public LineId of(String family) {
      return LineId.of(family, row, column);
    }

    /// The cell's member of a family, in a formula.
    public Expr in(String family) {
      return ref(of(family));
    }
  }

  private final TwoWayTable table;
  private final List<Cell> cells;
  private final Lines lines = new Lines();
  private final Map<Cell, Phrase> places = new HashMap<>();

  /// Begins the lines of a table.
  ///
  /// @param table what was counted
  public CellLines(TwoWayTable table) {
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

  /// What was counted.
  public TwoWayTable table() {
    return table;
  }

  /// The cells row by row, places counted from 1.
  public List<Cell> cells() {
    return cells;
  }

  /// All lines so far.
  public Lines lines() {
    return lines;
  }

  /// Adds a line to the step begun last.
  ///
  /// @throws IllegalArgumentException if there is one of this id
  public void add(Line line) {
    lines.add(line);
  }

  /// Adds the counts, their totals, and the numbers of rows and columns. Adds the counts, their row
  /// and column totals and the grand total.
  public void addObserved() {
    lines.begin("data");
    for (Cell cell : cells) {
      Expr count = counted(table.count(cell.row() - 1, cell.column() - 1));
      add(inCell("O", "O", cell, count, Kind.COUNT).as(Role.OBSERVED));
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
    add(single("r", Symbol.of("r"), shape(table.rows().size()), Kind.DEGREES_OF_FREEDOM));
    add(single("c", Symbol.of("c"), shape(table.columns().size()), Kind.DEGREES_OF_FREEDOM));
  }

  /// The ids of a family, cell by cell.
  public List<LineId> ids(String family) {
    return cells.stream().map(cell -> cell.of(family)).toList();
  }

  /// A sum over all cells.
  ///
  /// @param term of a cell, given its index, which may be letters
  public Expr over(Function<List<String>, Expr> term) {
    return Expr.total(
        "ij", List.of("i", "j"), cells.stream().map(cell -> cell.of("O").index()).toList(), term);
  }

  /// The sum of a family along a row.
  ///
  /// @param row from 1
  public Expr rowSum(String family, int row) {
    return along(
        "j",
        LineId.general(family, Integer.toString(row), "j"),
        table.columns().size(),
        j -> LineId.of(family, row, j));
  }

  /// The sum of a family down a column.
  ///
  /// @param column from 1
  public Expr columnSum(String family, int column) {
    return along(
        "i",
        LineId.general(family, "i", Integer.toString(column)),
        table.rows().size(),
        i -> LineId.of(family, i, column));
  }

  /// A line of a cell.
  public Line inCell(String name, String letter, Cell cell, Expr formula, Kind kind) {
    return LineWriter.member(cell.of(name), Symbol.of(letter), places.get(cell), formula, kind);
  }

  /// A line of a row.
  ///
  /// @param row from 1
  public Line inRow(String name, int row, Expr formula, Kind kind) {
    return inMargin(name, row, table.rows().get(row - 1), formula, kind);
  }

  /// A line of a column.
  ///
  /// @param column from 1
  public Line inColumn(String name, int column, Expr formula, Kind kind) {
    return inMargin(name, column, table.columns().get(column - 1), formula, kind);
  }

  private static Line inMargin(String name, int position, String label, Expr formula, Kind kind) {
    Symbol symbol =
        switch (name) {
          case "E.R" -> Symbol.of("R").raised("E");
          case "E.C" -> Symbol.of("C").raised("E");
          default -> Symbol.of(name);
        };
    return LineWriter.member(LineId.of(name, position), symbol, Phrase.label(label), formula, kind);
  }
}
