package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;
import static lehrgang.core.procedure.parts.LineWriter.sumOver;

import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.parts.CellLines.Cell;
import lehrgang.core.wording.Phrase;

/// The lines of a two-way table up to its chi-squared statistic and the degrees of freedom (Pearson
/// 1900), however the statistic is judged.
public final class TwoWayStatistic {
  /// The way to an expected count.
  public enum Route {
    MARGINS,
    SHARE
  }

  private static final Expr N = line("n");

  private final CellLines cells;
  private final int rows;
  private final int columns;

  private TwoWayStatistic(CellLines cells) {
    this.cells = cells;
    this.rows = cells.table().rows().size();
    this.columns = cells.table().columns().size();
  }

  /// @param conditions the step that establishes how large the expected counts are
  public static CellLines of(TwoWayTable table, Rational level, Route route, String conditions) {
    CellLines cells = new CellLines(table);
    TwoWayStatistic lines = new TwoWayStatistic(cells);
    cells.addObserved();
    cells.lines().begin("hypotheses").add(LineWriter.level(level));
    lines.expected(route);
    cells.lines().begin(conditions);
    ExpectedConditions.addLines(cells.lines(), cells.ids("E"));
    lines.contributions();
    lines.statistic();
    return cells;
  }

  private void expected(Route route) {
    cells.lines().begin("expected");
    if (route == Route.SHARE) {
      for (int i = 1; i <= rows; i++) {
        Expr share = Formulas.share(ref(LineId.of("R", i)), N);
        cells.add(cells.inRow("s", i, share, Kind.SHARE));
      }
    }
    cells.cells().forEach(cell -> cells.add(expected(route, cell)));
    for (int i = 1; i <= rows; i++) {
      cells.add(cells.inRow("E.R", i, cells.rowSum("E", i), Kind.EXPECTED).as(Role.ROW_TOTAL));
    }
    for (int j = 1; j <= columns; j++) {
      cells.add(
          cells.inColumn("E.C", j, cells.columnSum("E", j), Kind.EXPECTED).as(Role.COLUMN_TOTAL));
    }
    cells.add(
        single("E.n", Symbol.of("n").lowered("E"), sumOver("i", "E.R", rows), Kind.EXPECTED)
            .as(Role.GRAND_TOTAL));
  }

  private Line expected(Route route, Cell cell) {
    Expr row = ref(LineId.of("R", cell.row()));
    Expr column = ref(LineId.of("C", cell.column()));
    Expr byMargins = Formulas.expectedCount(row, column, N);
    Expr share = route == Route.SHARE ? ref(LineId.of("s", cell.row())) : Formulas.share(row, N);
    Expr byShare = Formulas.expectedCount(share, column);
    boolean margins = route == Route.MARGINS;
    return cells
        .inCell("E", "E", cell, margins ? byMargins : byShare, Kind.EXPECTED)
        .as(Role.EXPECTED)
        .checkedBy(
            Phrase.of(margins ? "route.share" : "route.margins"), margins ? byShare : byMargins);
  }

  private void contributions() {
    cells.lines().begin("contributions");
    for (Cell cell : cells.cells()) {
      Expr difference = Formulas.difference(cell.in("O"), cell.in("E"));
      cells.add(cells.inCell("D", "D", cell, difference, Kind.EXPECTED));
    }
    for (Cell cell : cells.cells()) {
      Expr contribution = Formulas.contribution(cell.of("D"), cell.in("O"), cell.in("E"));
      cells.add(cells.inCell("K", "K", cell, contribution, Kind.CONTRIBUTION));
    }
    cells.add(
        single(
            "K.max",
            Symbol.of("K").lowered("max"),
            new Expr.Maximum(LineWriter.refs(cells.ids("K"))),
            Kind.CONTRIBUTION));
  }

  private void statistic() {
    cells.lines().begin("statistic");
    Expr ratios =
        cells.over(
            cell -> Formulas.squareOverExpected(Formulas.at("O", cell), Formulas.at("E", cell)));
    cells.add(
        single(
                "X2",
                Symbol.of("χ").raised("2"),
                cells.over(cell -> Formulas.at("K", cell)),
                Kind.STATISTIC)
            .checkedBy(Phrase.of("route.squares-over-expected"), ratios.minus(N)));
    cells.add(single("df", Symbol.of("df"), degreesOfFreedom(), Kind.DEGREES_OF_FREEDOM));
  }

  /// (r − 1)(c − 1): with the margins fixed, so many cells can be chosen freely.
  public static Expr degreesOfFreedom() {
    return product(line("r").minus(number(1)), line("c").minus(number(1)));
  }
}
