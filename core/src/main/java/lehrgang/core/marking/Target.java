package lehrgang.core.marking;

import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Format;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;

/// What is right of a line that was asked.
///
/// @param exact   its value; empty where it has none
/// @param within  what rounding lines before it can give
/// @param digits  decimals that are asked
/// @param printed decimals in which the page prints it
record Target(Line line, Optional<Double> exact, Bounds within, int digits, int printed) {
  private static final double SAME = 1e-9;

  /// How far two simulations of the same may differ, in standard errors of one of them.
  private static final Expr TWO_DRAWS = Expr.product(Expr.number(3), Expr.number(2).root());

  private static final LineId ERROR = LineId.of("p.error");
  private static final LineId HITS = LineId.of("hits");
  private static final LineId DRAWN = LineId.of("B");

  /// What is right of a line of a solution.
  ///
  /// @param derivation what the solution was worked out to
  /// @param within     what rounding on the way can give
  static Target of(LineId id, Solution solution, Derivation derivation, Evaluation within) {
    Line line = derivation.line(id);
    MarkingRules rules = solution.marking();
    Optional<Value> exact = derivation.exact().find(id);
    int printed = printed(line.kind(), solution.format(), rules);
    Bounds range =
        within
            .range(id)
            .map(Bounds::of)
            .or(() -> exact.map(value -> Bounds.of(value.asDouble())))
            .orElse(Bounds.EVERYTHING);
    return new Target(
        line,
        exact.map(Value::asDouble),
        byChance(id, derivation)
            .map(formula -> range.widened(value(formula, derivation)))
            .orElse(range),
        digits(line.kind(), printed, rules),
        printed);
  }

  /// How far the answer of another simulation may be off, by the lines of this one; empty for a
  /// line that does not depend on what was drawn.
  static Optional<Expr> byChance(LineId line, Derivation derivation) {
    if (derivation.find(HITS).isEmpty() || derivation.find(ERROR).isEmpty()) {
      return Optional.empty();
    }
    Expr ofP = Expr.product(TWO_DRAWS, Expr.ref(ERROR));
    return switch (line.toString()) {
      case "p" -> Optional.of(ofP);
      case "hits" -> Optional.of(Expr.product(ofP, Expr.ref(DRAWN)));
      default -> Optional.empty();
    };
  }

  private static double value(Expr formula, Derivation derivation) {
    return Evaluator.inDoubles(
            line -> derivation.exact().find(line).map(Value::asDouble).orElse(0.0))
        .evaluate(formula)
        .found()
        .orElse(0.0);
  }

  /// Decimals in which the page prints a sort of number.
  static int printed(Kind kind, Format format, MarkingRules rules) {
    return kind.mayBeRounded() ? format.decimalsOf(kind) : rules.digitsOf(kind);
  }

  /// Decimals that are asked of a sort of number: not more than the page prints, unless the
  /// instructor says so.
  static int digits(Kind kind, int printed, MarkingRules rules) {
    return rules.digits().containsKey(kind)
        ? rules.digitsOf(kind)
        : Math.min(rules.digitsOf(kind), printed);
  }

  /// Whether an answer agrees with a number in all digits that are written, halves either way.
  static boolean agrees(Answer.Number answer, double number) {
    return Bounds.of(number).holds(answer.value(), answer.half() + SAME * Math.abs(number));
  }

  /// Whether an answer lies in a range as near as its own digits tell.
  static boolean agrees(Answer answer, Bounds range) {
    return switch (answer) {
      case Answer.Number number -> range.holds(number.value(), number.half());
      case Answer.Below(_, var bound) -> range.low() < bound;
      case Answer.Said(_, var yes) -> yes ? range.high() > 0.5 : range.low() < 0.5;
      case Answer.Blank _, Answer.Unreadable _ -> false;
    };
  }

  /// Whether an answer says as much as was asked: in its digits, as the value itself, or as the
  /// page prints it.
  boolean isFine(Answer.Number answer) {
    return answer.exact()
        || answer.decimals() >= digits
        || exact
            .filter(
                value ->
                    answer.decimals() >= printed && agrees(answer, value)
                        || Math.abs(value - answer.value()) <= SAME * Math.abs(value))
            .isPresent();
  }
}
