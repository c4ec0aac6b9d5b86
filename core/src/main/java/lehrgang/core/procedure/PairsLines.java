package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.LineWriter.datum;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Role;
import lehrgang.core.distribution.BinomialProbability;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.NormalDecision.Alternative;
import lehrgang.core.wording.Phrase;

/// The numbers of a test of change in matched pairs, each with its one formula.
final class PairsLines {
  private static final Expr HALF = number(1).over(number(2));

  private final TwoWayTable table;
  private final Lines lines = new Lines();

  private PairsLines(TwoWayTable table) {
    this.table = table;
  }

  /// @param decides `plain`, `corrected` or `exact`
  static Lines of(TwoWayTable table, Rational level, String decides) {
    PairsLines pairs = new PairsLines(table);
    pairs.counts();
    pairs.lines.add(LineWriter.level(level));
    pairs.statistics();
    ChiSquaredDecision.addCritical(pairs.lines);
    ChiSquaredDecision.addTail(pairs.lines, "p", Symbol.of("p"), "X2");
    ChiSquaredDecision.addTail(pairs.lines, "p.cc", Symbol.of("p").lowered("corr"), "X2.cc");
    pairs.exact();
    pairs.decision(decides);
    pairs.shares();
    return pairs.lines;
  }

  private void counts() {
    for (String cell : List.of("a", "b", "c", "d")) {
      int row = cell.equals("a") || cell.equals("b") ? 0 : 1;
      int column = cell.equals("a") || cell.equals("c") ? 0 : 1;
      Phrase place =
          Phrase.of("place.pair")
              .with("before", table.rows().get(row))
              .with("after", table.columns().get(column));
      Expr count = datum(table.count(row, column));
      Line line = new Line(LineId.of(cell), Symbol.of(cell), place, count, Kind.COUNT);
      boolean changed = row != column;
      lines.add(line.as(changed ? Role.ROW_TOTAL : Role.OBSERVED));
    }
    lines.add(total("R", 1, "a", "b", table.rows().get(0)));
    lines.add(total("R", 2, "c", "d", table.rows().get(1)));
    lines.add(total("C", 1, "a", "c", table.columns().get(0)));
    lines.add(total("C", 2, "b", "d", table.columns().get(1)));
    lines.add(
        single(
                "n",
                Symbol.of("n"),
                Expr.sum(line("a"), line("b"), line("c"), line("d")),
                Kind.COUNT)
            .as(Role.GRAND_TOTAL));
    lines.add(
        single("changed", Symbol.of("m"), Expr.sum(line("b"), line("c")), Kind.COUNT)
            .as(Role.COLUMN_TOTAL));
    lines.add(single("E.m", Symbol.of("E"), product(HALF, line("changed")), Kind.EXPECTED));
  }

  private static Line total(String name, int i, String one, String other, String label) {
    return new Line(
        LineId.of(name, i),
        Symbol.of(name).lowered(Integer.toString(i)),
        Phrase.label(label),
        Expr.sum(line(one), line(other)),
        Kind.COUNT);
  }

  /// McNemar's (1947) statistic; the correction takes 1 off the difference.
  private void statistics() {
    Expr difference = line("b").minus(line("c"));
    Expr size = new Expr.Magnitude(difference);
    Expr less = size.minus(number(1));
    lines.add(
        single(
                "X2",
                Symbol.of("χ").raised("2"),
                difference.squared().over(line("changed")),
                Kind.STATISTIC)
            .checkedBy(
                Phrase.of("route.against-half"),
                Expr.sum(
                    line("b").minus(line("E.m")).squared().over(line("E.m")),
                    line("c").minus(line("E.m")).squared().over(line("E.m")))));
    lines.add(
        single(
            "X2.cc",
            Symbol.of("χ").raised("2").lowered("corr"),
            less.squared().over(line("changed")),
            Kind.STATISTIC));
    lines.add(single("df", Symbol.of("df"), datum(1), Kind.DEGREES_OF_FREEDOM));
  }

  /// Who changed did so one way or the other like a fair coin, if H₀ is true.
  private void exact() {
    if (isExact(table)) {
      ExactOutcomes outcomes = outcomes(table);
      outcomes.addOutcomes(
          lines,
          k -> BinomialProbability.at(new Expr.Constant(Value.of(k)), line("changed"), HALF));
      outcomes.addSum(lines, "p.exact", "exact");
    }
  }

  static boolean isExact(TwoWayTable table) {
    return changes(table) <= OneProportionLines.MOST_EXACT;
  }

  private static long changes(TwoWayTable table) {
    return table.count(0, 1) + table.count(1, 0);
  }

  static ExactOutcomes outcomes(TwoWayTable table) {
    return ExactOutcomes.binomial(
        (int) changes(table), Value.ratio(1, 2), Alternative.TWO_SIDED, (int) table.count(0, 1));
  }

  private void decision(String decides) {
    boolean exact = decides.equals("exact") && isExact(table);
    switch (exact ? "exact" : decides) {
      case "exact" -> {
        Expr small = new Expr.AtLeast(line("alpha"), line("p.exact"));
        lines.add(single("decision", Symbol.of("decision"), small, Kind.COUNT));
        lines.add(single("decision.p", Symbol.of("decision"), small, Kind.COUNT));
      }
      case "corrected" -> ChiSquaredDecision.corrected().addDecision(lines);
      default -> ChiSquaredDecision.plain().addDecision(lines);
    }
  }

  /// Both shares, their difference, and its interval from the pairs.
  private void shares() {
    lines.add(
        single(
            "p.before",
            Symbol.of("p").lowered("before"),
            Expr.ref(LineId.of("R", 1)).over(line("n")),
            Kind.SHARE));
    lines.add(
        single(
            "p.after",
            Symbol.of("p").lowered("after"),
            Expr.ref(LineId.of("C", 1)).over(line("n")),
            Kind.SHARE));
    lines.add(
        single("diff", Symbol.of("D"), line("p.after").minus(line("p.before")), Kind.SHARE)
            .checkedBy(Phrase.of("route.changed"), line("c").minus(line("b")).over(line("n"))));
    Expr spread = line("changed").minus(line("b").minus(line("c")).squared().over(line("n")));
    lines.add(single("SE", Symbol.of("SE"), spread.root().over(line("n")), Kind.STANDARD_ERROR));
    lines.add(NormalDecision.quantile());
    Expr reach = product(line("z.ci"), line("SE"));
    lines.add(
        single("ci.low", Symbol.of("D").lowered("low"), line("diff").minus(reach), Kind.SHARE));
    lines.add(
        single(
            "ci.high", Symbol.of("D").lowered("high"), Expr.sum(line("diff"), reach), Kind.SHARE));
    SampleSizeLines.addTo(lines);
  }
}
