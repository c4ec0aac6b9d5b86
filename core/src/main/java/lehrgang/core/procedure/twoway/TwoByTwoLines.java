package lehrgang.core.procedure.twoway;

import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.parts.CellLines;
import lehrgang.core.procedure.parts.CellLines.Cell;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.wording.Phrase;

/// What a 2 × 2 table has besides: Yates' corrected statistic, and the tie to the comparison of two
/// shares.
final class TwoByTwoLines {
  private final CellLines cells;

  TwoByTwoLines(CellLines cells) {
    this.cells = cells;
  }

  void add() {
    cells.lines().begin("statistic");
    corrected();
    asTwoShares();
  }

  private void corrected() {
    for (Cell cell : cells.cells()) {
      Expr less = Formulas.correctedContribution(cell.of("D"), cell.in("O"), cell.in("E"));
      Line line = cells.inCell("K.cc", "K", cell, less, Kind.CONTRIBUTION);
      cells.add(line.written(line.symbol().raised("corr")));
    }
    cells.add(
        single(
            "X2.cc",
            Symbol.of("χ").raised("2").lowered("corr"),
            cells.over(cell -> Formulas.at("K.cc", cell)),
            Kind.STATISTIC));
  }

  /// The same question as a difference of two shares, for the tie z² = χ².
  private void asTwoShares() {
    Expr first = ref(LineId.of("C", 1));
    Expr second = ref(LineId.of("C", 2));
    cells.add(share("p1", "share.first-column", ref(LineId.of("O", 1, 1)), first, "1"));
    cells.add(share("p2", "share.second-column", ref(LineId.of("O", 1, 2)), second, "2"));
    cells.add(share("pooled", "pooled", ref(LineId.of("R", 1)), line("n"), "pooled"));
    cells.add(
        single(
            "SE0",
            Symbol.of("SE").lowered("0"),
            Formulas.pooledError(line("pooled"), first, second),
            Kind.STANDARD_ERROR));
    cells.add(
        single(
            "z",
            Symbol.of("z"),
            Formulas.standardised(line("p1").minus(line("p2")), line("SE0")),
            Kind.STATISTIC));
    cells.add(
        single("z.squared", Symbol.of("z").raised("2"), line("z").squared(), Kind.STATISTIC)
            .checkedBy(Phrase.of("route.chi-squared"), line("X2")));
  }

  private static Line share(String id, String name, Expr successes, Expr trials, String mark) {
    return single(
        id, name, Symbol.of("p").lowered(mark), Formulas.share(successes, trials), Kind.SHARE);
  }
}
