package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
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
    addSampleSizes(lines, table, alternative);
    if (cells.table().counts().stream().flatMap(List::stream).allMatch(count -> count > 0)) {
      new TwoByTwoLines(cells).addOddsRatio();
    }
    return new FisherLines(lines, own);
  }

  private static ExactOutcomes outcomes(TwoWayTable table, Alternative alternative) {
    return outcomes(table, alternative, 1, 1);
  }

  /// The outcomes of the table with every count multiplied by `times` and divided by `by`.
  private static ExactOutcomes outcomes(
      TwoWayTable table, Alternative alternative, long times, long by) {
    long a = table.count(0, 0) * times / by;
    long b = table.count(0, 1) * times / by;
    long c = table.count(1, 0) * times / by;
    long d = table.count(1, 1) * times / by;
    return ExactOutcomes.hypergeometric(a + b, c + d, a + c, alternative, a);
  }

  /// The p-value with every count doubled and, where that leaves whole counts, halved.
  private static void addSampleSizes(Lines lines, TwoWayTable table, Alternative alternative) {
    if (table.counts().stream().flatMap(List::stream).allMatch(count -> count % 2 == 0)) {
      addSize(lines, ".half", "½", number(1).over(number(2)), outcomes(table, alternative, 1, 2));
    }
    addSize(lines, ".double", "2×", number(2), outcomes(table, alternative, 2, 1));
  }

  private static void addSize(
      Lines lines, String suffix, String mark, Expr factor, ExactOutcomes outcomes) {
    lines.add(
        single("n" + suffix, Symbol.of("n").lowered(mark), product(factor, line("n")), Kind.COUNT));
    lines.add(
        single(
            "a" + suffix,
            Symbol.of("a").lowered(mark),
            product(factor, ref(LineId.of("O", 1, 1))),
            Kind.COUNT));
    List<Expr> terms =
        outcomes.summed().stream()
            .map(
                k ->
                    HypergeometricProbability.at(
                        new Expr.Constant(Value.of(k)),
                        product(factor, ref(FIRST_ROW)),
                        product(factor, ref(SECOND_ROW)),
                        product(factor, ref(FIRST_COLUMN)),
                        line("n" + suffix)))
            .toList();
    lines.add(ExactOutcomes.sum("p" + suffix, mark, terms));
  }
}
