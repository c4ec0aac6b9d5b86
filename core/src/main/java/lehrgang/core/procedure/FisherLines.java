package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.distribution.HypergeometricProbability;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.NormalDecision.Alternative;

/// The numbers of the exact test, each with its one formula.
///
/// @param outcomes every possible table and which of them the deciding p-value sums
record FisherLines(Lines lines, ExactOutcomes outcomes) {
  private static final LineId FIRST_ROW = LineId.of("R", 1);
  private static final LineId SECOND_ROW = LineId.of("R", 2);
  private static final LineId FIRST_COLUMN = LineId.of("C", 1);

  static FisherLines of(TwoWayTable table, Rational level, Alternative alternative) {
    CellLines cells = new CellLines(table);
    cells.addObserved();
    Lines lines = cells.lines();
    lines.add(LineWriter.level(level));
    Expr row = ref(FIRST_ROW);
    Expr column = ref(FIRST_COLUMN);
    lines.add(
        single(
            "a.min",
            Symbol.of("a").lowered("min"),
            new Expr.Maximum(List.of(number(0), Expr.sum(row, column).minus(line("n")))),
            Kind.COUNT));
    lines.add(
        single(
            "a.max",
            Symbol.of("a").lowered("max"),
            new Expr.Minimum(List.of(row, column)),
            Kind.COUNT));
    ExactOutcomes own = outcomes(table, alternative);
    own.addOutcomes(
        lines,
        k ->
            HypergeometricProbability.at(
                new Expr.Constant(Value.of(k)), row, ref(SECOND_ROW), column, line("n")));
    own.addSum(lines, "p", "");
    for (Alternative other : Alternative.values()) {
      if (other != alternative) {
        outcomes(table, other).addSum(lines, "p." + other.key(), other.key());
      }
    }
    Expr small = new Expr.AtLeast(line("alpha"), line("p"));
    lines.add(single("decision", Symbol.of("decision"), small, Kind.COUNT));
    lines.add(single("decision.p", Symbol.of("decision"), small, Kind.COUNT));
    if (cells.table().counts().stream().flatMap(List::stream).allMatch(count -> count > 0)) {
      new TwoByTwoLines(cells).addOddsRatio();
    }
    return new FisherLines(lines, own);
  }

  private static ExactOutcomes outcomes(TwoWayTable table, Alternative alternative) {
    long a = table.count(0, 0);
    return ExactOutcomes.hypergeometric(
        a + table.count(0, 1),
        table.count(1, 0) + table.count(1, 1),
        a + table.count(1, 0),
        alternative,
        a);
  }
}
