package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;
import static lehrgang.core.procedure.LineWriter.sumOver;

import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.CellLines.Cell;
import lehrgang.core.wording.Phrase;

/// The numbers of a chi-squared test on a two-way table (Pearson 1900), each with its one formula.
final class TwoWayLines {
  /// The way to an expected count.
  enum Route {
    MARGINS,
    SHARE
  }

  private static final Expr N = line("n");

  private final CellLines cells;
  private final Route route;

  private TwoWayLines(CellLines cells, Route route) {
    this.cells = cells;
    this.route = route;
  }

  static Lines of(TwoWayTable table, Rational level, Route route, ChiSquaredDecision decision) {
    CellLines cells = upToStatistic(table, level, route);
    if (table.isTwoByTwo()) {
      new TwoByTwoLines(cells).add();
    }
    ChiSquaredDecision.addCritical(cells.lines());
    ChiSquaredDecision.addTail(cells.lines(), "p", Symbol.of("p"), "X2");
    if (table.isTwoByTwo()) {
      ChiSquaredDecision.addTail(cells.lines(), "p.cc", Symbol.of("p").lowered("corr"), "X2.cc");
    }
    decision.addDecision(cells.lines());
    new AssociationLines(cells).add();
    return cells.lines();
  }

  /// The lines up to the statistic and its degrees of freedom, however it is judged.
  static CellLines upToStatistic(TwoWayTable table, Rational level, Route route) {
    CellLines cells = new CellLines(table);
    TwoWayLines lines = new TwoWayLines(cells, route);
    cells.addObserved();
    cells.add(LineWriter.level(level));
    lines.expected();
    ExpectedConditions.addLines(cells.lines(), cells.refs("E"));
    lines.contributions();
    lines.statistic();
    return cells;
  }

  private void expected() {
    if (route == Route.SHARE) {
      for (int i = 1; i <= cells.table().rows().size(); i++) {
        cells.add(cells.inRow("s", i, ref(LineId.of("R", i)).over(N), Kind.SHARE));
      }
    }
    for (Cell cell : cells.cells()) {
      Expr row = ref(LineId.of("R", cell.row()));
      Expr column = ref(LineId.of("C", cell.column()));
      Expr byMargins = product(row, column).over(N);
      Expr byShare =
          route == Route.SHARE
              ? product(ref(LineId.of("s", cell.row())), column)
              : product(row.over(N), column);
      boolean margins = route == Route.MARGINS;
      cells.add(
          cells
              .inCell("E", "E", cell, margins ? byMargins : byShare, Kind.EXPECTED)
              .as(Role.EXPECTED)
              .checkedBy(
                  Phrase.of(margins ? "route.share" : "route.margins"),
                  margins ? byShare : byMargins));
    }
    for (int i = 1; i <= cells.table().rows().size(); i++) {
      cells.add(cells.inRow("E.R", i, cells.rowSum("E", i), Kind.EXPECTED).as(Role.ROW_TOTAL));
    }
    for (int j = 1; j <= cells.table().columns().size(); j++) {
      cells.add(
          cells.inColumn("E.C", j, cells.columnSum("E", j), Kind.EXPECTED).as(Role.COLUMN_TOTAL));
    }
    cells.add(
        single(
                "E.n",
                Symbol.of("n").lowered("E"),
                sumOver("i", "E.R", cells.table().rows().size()),
                Kind.EXPECTED)
            .as(Role.GRAND_TOTAL));
  }

  private void contributions() {
    for (Cell cell : cells.cells()) {
      Expr observed = ref(cell.of("O"));
      Expr expected = ref(cell.of("E"));
      cells.add(cells.inCell("D", "D", cell, observed.minus(expected), Kind.EXPECTED));
    }
    for (Cell cell : cells.cells()) {
      cells.add(
          cells.inCell(
              "K", "K", cell, contribution(cell.of("O"), cell.of("E")), Kind.CONTRIBUTION));
    }
    cells.add(
        single(
            "K.max",
            Symbol.of("K").lowered("max"),
            new Expr.Maximum(cells.refs("K")),
            Kind.CONTRIBUTION));
  }

  private static Expr contribution(LineId observed, LineId expected) {
    return ref(observed).minus(ref(expected)).squared().over(ref(expected));
  }

  private void statistic() {
    Expr ratios =
        cells.over((observed, expected) -> ref(observed).squared().over(ref(expected)), "O", "E");
    cells.add(
        single(
                "X2",
                Symbol.of("χ").raised("2"),
                cells.over((k, _) -> ref(k), "K", "K"),
                Kind.STATISTIC)
            .checkedBy(Phrase.of("route.squares-over-expected"), ratios.minus(N)));
    cells.add(
        single(
            "df",
            Symbol.of("df"),
            product(line("r").minus(number(1)), line("c").minus(number(1))),
            Kind.DEGREES_OF_FREEDOM));
  }
}
