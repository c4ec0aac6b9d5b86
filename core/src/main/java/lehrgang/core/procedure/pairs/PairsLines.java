package lehrgang.core.procedure.pairs;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.parts.LineWriter.counted;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.shape;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import java.util.Optional;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.ExactOutcomes;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.procedure.parts.NormalDecision;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.procedure.parts.ShareLines;
import lehrgang.core.wording.Phrase;

/// The numbers of a test of change in matched pairs, each with its one formula.
///
/// @param outcomes of the exact test; none where too many changed
record PairsLines(Lines all, Optional<ExactOutcomes> outcomes) {
  private static final Expr HALF = number(1).over(number(2));
  private static final Expr B = line("b");
  private static final Expr C = line("c");
  private static final Expr CHANGED = line("changed");
  private static final Expr N = line("n");
  private static final int FEWEST_EXPECTED = 5;

  /// @param decides `plain`, `corrected` or `exact`
  static PairsLines of(TwoWayTable table, Rational level, String decides) {
    Lines lines = new Lines();
    counts(lines, table);
    lines.begin("hypotheses").add(LineWriter.level(level));
    condition(lines);
    statistics(lines);
    ChiSquaredDecision.addCritical(lines);
    ChiSquaredDecision.addP(lines);
    ChiSquaredDecision.addCorrectedP(lines);
    Optional<ExactOutcomes> outcomes = outcomes(table);
    outcomes.ifPresent(
        exact -> {
          exact.addOutcomes(lines);
          lines.add(exact.sum("p.exact", Symbol.of("p").lowered("exact")));
        });
    decision(lines, decides);
    shares(lines);
    if (decides.equals("corrected")) {
      SampleSizeLines.addCorrectedTo(lines, PairsLines::corrected);
    } else {
      SampleSizeLines.addTo(lines);
    }
    return new PairsLines(lines, outcomes);
  }

  private static void counts(Lines lines, TwoWayTable table) {
    lines.begin("data");
    lines.add(cell(table, "a", "both-first", 0, 0));
    lines.add(cell(table, "b", "changed-to-second", 0, 1));
    lines.add(cell(table, "c", "changed-to-first", 1, 0));
    lines.add(cell(table, "d", "both-second", 1, 1));
    lines.add(total("R", 1, "a", "b", table.rows().get(0)));
    lines.add(total("R", 2, "c", "d", table.rows().get(1)));
    lines.add(total("C", 1, "a", "c", table.columns().get(0)));
    lines.add(total("C", 2, "b", "d", table.columns().get(1)));
    lines.add(
        single("n", "pairs", Symbol.of("n"), Expr.sum(line("a"), B, C, line("d")), Kind.COUNT)
            .as(Role.GRAND_TOTAL));
    lines.add(single("changed", Symbol.of("m"), Expr.sum(B, C), Kind.COUNT).as(Role.COLUMN_TOTAL));
  }

  private static Line cell(TwoWayTable table, String id, String name, int row, int column) {
    Phrase place =
        Phrase.of("place.pair")
            .with("before", table.rows().get(row))
            .with("after", table.columns().get(column));
    return new Line(
            LineId.of(id),
            Symbol.of(id),
            LineWriter.nameOf(name),
            place,
            counted(table.count(row, column)),
            Kind.COUNT)
        .as(row == column ? Role.OBSERVED : Role.ROW_TOTAL);
  }

  private static Line total(String family, int i, String one, String other, String label) {
    return LineWriter.member(
        LineId.of(family, i),
        Symbol.of(family),
        Phrase.label(label),
        Expr.sum(line(one), line(other)),
        Kind.COUNT);
  }

  /// Enough changes to be expected in each direction.
  private static void condition(Lines lines) {
    lines.begin("conditions");
    lines.add(single("E.m", Symbol.of("E"), product(HALF, CHANGED), Kind.EXPECTED));
    lines.add(
        single(
            "E.every5",
            "E.every5.changes",
            Symbol.of("condition"),
            new Expr.AtLeast(line("E.m"), number(FEWEST_EXPECTED)),
            Kind.CONDITION));
  }

  /// McNemar's (1947) statistic; the correction takes 1 off the difference.
  private static void statistics(Lines lines) {
    lines.begin("statistic");
    Expr difference = B.minus(C);
    Expr half = line("E.m");
    lines.add(
        single("X2", Symbol.of("χ").raised("2"), difference.squared().over(CHANGED), Kind.STATISTIC)
            .checkedBy(
                Phrase.of("route.against-half"),
                Expr.sum(Formulas.contribution(B, half), Formulas.contribution(C, half))));
    lines.add(
        single(
            "X2.cc",
            Symbol.of("χ").raised("2").lowered("corr"),
            new Expr.Magnitude(difference).minus(number(1)).squared().over(CHANGED),
            Kind.STATISTIC));
    lines.add(single("df", Symbol.of("df"), shape(1), Kind.DEGREES_OF_FREEDOM));
  }

  /// The corrected statistic with every count multiplied by a factor.
  private static Expr corrected(Expr factor) {
    return product(factor, new Expr.Magnitude(B.minus(C)))
        .minus(number(1))
        .squared()
        .over(product(factor, CHANGED));
  }

  /// Whether as many changed in one direction as in the other: then no correction is applied.
  static boolean areEven(TwoWayTable table) {
    return table.count(0, 1) == table.count(1, 0);
  }

  /// How many changed.
  static long changes(TwoWayTable table) {
    return table.count(0, 1) + table.count(1, 0);
  }

  /// What decides where that is not chosen: the exact p-value where too few changes are expected
  /// for the approximation.
  static String preferred(TwoWayTable table) {
    return changes(table) < 2L * FEWEST_EXPECTED ? "exact" : "plain";
  }

  /// Who changed did so one way or the other like a fair coin, if H₀ is true.
  private static Optional<ExactOutcomes> outcomes(TwoWayTable table) {
    long changes = changes(table);
    return changes > ExactOutcomes.MOST_TRIALS
        ? Optional.empty()
        : Optional.of(
            ExactOutcomes.ofTrials(
                Alternative.TWO_SIDED,
                table.count(0, 1),
                changes,
                Value.ratio(1, 2),
                B,
                List.of(CHANGED, HALF)));
  }

  private static void decision(Lines lines, String decides) {
    lines.begin("conclusion");
    switch (decides) {
      case "exact" -> LineWriter.decisionByP("p.exact").forEach(lines::add);
      case "corrected" -> ChiSquaredDecision.corrected().addDecision(lines);
      default -> ChiSquaredDecision.plain().addDecision(lines);
    }
  }

  /// Both shares, their difference, and its interval from the pairs.
  private static void shares(Lines lines) {
    lines.begin("interval");
    lines.add(share("before", LineId.of("R", 1)));
    lines.add(share("after", LineId.of("C", 1)));
    lines.add(
        single("diff", Symbol.of("D"), line("p.after").minus(line("p.before")), Kind.SHARE)
            .checkedBy(Phrase.of("route.changed"), Formulas.share(C.minus(B), N)));
    Expr spread = CHANGED.minus(B.minus(C).squared().over(N));
    lines.add(single("SE", Symbol.of("SE"), spread.root().over(N), Kind.STANDARD_ERROR));
    lines.add(NormalDecision.quantile());
    ShareLines.addInterval(lines, "ci", Symbol.of("D"), "diff");
  }

  private static Line share(String when, LineId total) {
    return single(
        "p." + when, Symbol.of("p").lowered(when), Formulas.share(Expr.ref(total), N), Kind.SHARE);
  }
}
