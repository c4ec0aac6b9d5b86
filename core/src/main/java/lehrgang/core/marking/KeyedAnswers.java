package lehrgang.core.marking;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;

/// The answers to a solution for a program that does no more than compare numbers: for each line a
/// range that is accepted, and ranges of wrong answers whose cause is known. Such a program sees
/// each answer by itself; follow-through needs [Marker].
public final class KeyedAnswers {
  /// Digits of a number that rounding would leave nothing of.
  private static final MathContext SMALL = new MathContext(3);

  private final Solution solution;
  private final Derivation derivation;
  private final Evaluation within;
  private final WrongAnswers wrong;
  private final SlipTexts texts;

  /// What is accepted of one line.
  ///
  /// @param answer   the right one, with a decimal point; `reject` or `do-not-reject` for the
  ///     decision
  /// @param accepted numbers that are right; for the decision 1 for rejecting H₀, 0 for keeping it
  /// @param wrong    numbers whose cause is known, each with its cause; earlier ones go before
  ///     later ones, and right ones before all of them
  public record Keyed(
      LineId line,
      Kind kind,
      BigDecimal points,
      String answer,
      Bounds accepted,
      List<Cause> wrong) {
    public Keyed {
      wrong = List.copyOf(wrong);
    }
  }

  /// What numbers in a range come of.
  ///
  /// @param slip     its id
  /// @param sentence for the student
  public record Cause(String slip, Bounds numbers, String sentence) {}

  /// @param derivation what the solution was worked out to
  public KeyedAnswers(Solution solution, Derivation derivation) {
    this.solution = solution;
    this.derivation = derivation;
    this.within = AcceptedAnswers.within(derivation, solution.marking());
    this.wrong = new WrongAnswers(derivation);
    this.texts = new SlipTexts(solution, derivation);
  }

  /// What is accepted of a line; empty where it has no value.
  public Optional<Keyed> of(LineId id) {
    return derivation.exact().find(id).map(value -> keyed(derivation.line(id), value));
  }

  private Keyed keyed(Line line, Value value) {
    MarkingRules rules = solution.marking();
    BigDecimal points = rules.pointsOf(line.id().toString());
    if (!line.kind().isNumber()) {
      double yes = value.asDouble() > 0.5 ? 1 : 0;
      String said = yes == 1 ? "reject" : "do-not-reject";
      return new Keyed(line.id(), line.kind(), points, said, Bounds.of(yes), List.of());
    }
    Target target = Target.of(line.id(), solution, derivation, within);
    double half = line.kind().mayBeRounded() ? 0.5 * Math.pow(10, -target.digits()) : 0;
    Bounds accepted = target.within().hull(Bounds.of(value.asDouble())).widened(half);
    List<Cause> causes = new ArrayList<>();
    wrong
        .of(line.id())
        .forEach(
            (slip, number) -> {
              if (!accepted.holds(number.asDouble(), 0)) {
                Bounds range = Bounds.of(number.asDouble()).widened(half);
                String written = solution.format().show(line.kind(), number).text();
                causes.add(cause(slip, range, line.id(), written));
              }
            });
    for (MarkingRules.OwnSlip own : rules.own()) {
      if (own.line().equals(line.id().toString())) {
        causes.add(
            new Cause(
                own.id(),
                new Bounds(own.low().doubleValue(), own.high().doubleValue()),
                own.sentence()));
      }
    }
    return new Keyed(
        line.id(), line.kind(), points, written(value, target.printed()), accepted, causes);
  }

  private Cause cause(String slip, Bounds range, LineId line, String written) {
    Answer answer = new Answer.Number(written, range.low(), 0, false);
    Mark mark =
        new Mark(
            line,
            answer,
            Judgement.SLIP,
            List.of(slip),
            BigDecimal.ZERO,
            solution.marking().pointsOf(line.toString()),
            false);
    return new Cause(slip, range, texts.sentence(slip, mark));
  }

  /// With as many decimals as the page prints, or with some digits of a very small number.
  private static String written(Value value, int decimals) {
    BigDecimal rounded = value.rounded(decimals);
    return rounded.signum() == 0 && value.signum() != 0
        ? value.decimal().round(SMALL).toString()
        : rounded.toPlainString();
  }
}
