package lehrgang.core.procedure.shares;

import static lehrgang.core.procedure.parts.LineWriter.counted;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import java.util.Optional;
import lehrgang.core.data.SharesTable.Group;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.parts.ExactOutcomes;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.LargeSampleConditions;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.procedure.parts.NormalDecision;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.procedure.parts.ShareLines;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// The numbers of a test of one claimed share, each with its one formula.
///
/// @param outcomes of the exact test; none where there are too many trials
/// @param exact    whether the exact p-value decides
record OneProportionLines(Lines all, Optional<ExactOutcomes> outcomes, boolean exact) {
  /// The lines of the expected successes and failures.
  static final List<LineId> EXPECTED = List.of(LineId.of("E.yes"), LineId.of("E.no"));

  private static final String EXACT_P = "p.exact";
  private static final Expr N = line("n");
  private static final Expr CLAIMED = line("p0");

  static OneProportionLines of(
      Group group, Rational level, Rational claimed, NormalDecision deciding, Choices choices) {
    Lines lines = new Lines();
    lines.begin("data");
    lines.add(
        single("x", Symbol.of("x"), counted(group.successes()), Kind.COUNT).as(Role.OBSERVED));
    lines.add(
        single("n", "trials", Symbol.of("n"), counted(group.trials()), Kind.COUNT)
            .as(Role.GRAND_TOTAL));
    lines.begin("hypotheses");
    lines.add(LineWriter.level(level));
    lines.add(
        single("p0", Symbol.of("p").lowered("0"), LineWriter.typed(claimed), Kind.CLAIM)
            .as(Role.ROW_TOTAL));
    expected(lines);
    statistic(lines);
    Optional<ExactOutcomes> outcomes = outcomes(group, claimed, deciding);
    boolean decides = outcomes.isPresent() && exactDecides(lines, choices);
    deciding.addCriticalAndP(lines);
    lines.begin("p");
    outcomes.ifPresent(
        exact -> {
          exact.addOutcomes(lines);
          lines.add(exact.sum(EXACT_P, Symbol.of("p").lowered("exact")));
        });
    if (decides) {
      lines.begin("conclusion");
      LineWriter.decisionByP(EXACT_P).forEach(lines::add);
    } else {
      deciding.addDecision(lines);
    }
    intervals(lines, deciding);
    ShareLines.addEffect(lines, "phat", "p0");
    SampleSizeLines.addTo(lines, "n", deciding);
    return new OneProportionLines(lines, outcomes, decides);
  }

  /// The exact p-value decides where that is chosen, or nothing is and the condition fails.
  private static boolean exactDecides(Lines lines, Choices choices) {
    return switch (choices.option(OneProportion.DECIDES)) {
      case "exact" -> true;
      case "approximate" -> false;
      default -> LargeSampleConditions.fail(lines.evaluate(Reading.EXACT), choices);
    };
  }

  private static void expected(Lines lines) {
    lines.begin("conditions");
    lines.add(
        single(
            "E.yes",
            Symbol.of("E").lowered("yes"),
            Formulas.expectedCount(N, CLAIMED),
            Kind.EXPECTED));
    lines.add(
        single(
            "E.no",
            Symbol.of("E").lowered("no"),
            Formulas.expectedCount(N, Formulas.rest(CLAIMED)),
            Kind.EXPECTED));
    LargeSampleConditions.addLines(lines, EXPECTED);
  }

  private static void statistic(Lines lines) {
    lines.begin("statistic");
    lines.add(
        single("phat", Symbol.of("p̂"), Formulas.share(line("x"), N), Kind.SHARE)
            .as(Role.EXPECTED));
    lines.add(
        single(
            "SE0",
            Symbol.of("SE").lowered("0"),
            Formulas.standardError(CLAIMED, N),
            Kind.STANDARD_ERROR));
    Expr spread = Expr.product(N, CLAIMED, Formulas.rest(CLAIMED)).root();
    lines.add(
        single(
                "z",
                Symbol.of("z"),
                Formulas.standardised(line("phat").minus(CLAIMED), line("SE0")),
                Kind.STATISTIC)
            .checkedBy(
                Phrase.of("route.counts"),
                Formulas.standardised(line("x").minus(line("E.yes")), spread)));
  }

  private static Optional<ExactOutcomes> outcomes(
      Group group, Rational claimed, NormalDecision deciding) {
    return group.trials() > ExactOutcomes.MOST_TRIALS
        ? Optional.empty()
        : Optional.of(
            ExactOutcomes.ofTrials(
                deciding.alternative(),
                group.successes(),
                group.trials(),
                claimed,
                line("x"),
                List.of(N, CLAIMED)));
  }

  /// Wald's interval, from the observed share and its own standard error, and Wilson's.
  private static void intervals(Lines lines, NormalDecision deciding) {
    lines.begin("interval");
    lines.add(
        single(
            "SE", Symbol.of("SE"), Formulas.standardError(line("phat"), N), Kind.STANDARD_ERROR));
    lines.add(NormalDecision.quantile());
    ShareLines.addInterval(lines, "wald", Symbol.of("p"), "phat");
    ShareLines.addWilson(lines, "phat", "n");
    deciding
        .pointOfBound()
        .ifPresent(
            point -> {
              lines.add(point);
              ShareLines.addBound(lines, "phat", "n", deciding.alternative());
            });
  }
}
