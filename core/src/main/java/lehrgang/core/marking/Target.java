package lehrgang.core.marking;

import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
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
  private static final double TWO_DRAWS = 3 * Math.sqrt(2);

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
        simulated(id, derivation).map(range::widened).orElse(range),
        digits(line.kind(), printed, rules),
        printed);
  }

  /// How far the answer of another simulation may be off.
  private static Optional<Double> simulated(LineId line, Derivation derivation) {
    Optional<Double> error =
        derivation
            .find(LineId.of("p.error"))
            .filter(_ -> derivation.find(LineId.of("hits")).isPresent())
            .flatMap(found -> derivation.exact().find(found.id()))
            .map(Value::asDouble);
    return switch (line.toString()) {
      case "p" -> error.map(e -> TWO_DRAWS * e);
      case "hits" ->
          error.flatMap(
              e ->
                  derivation
                      .exact()
                      .find(LineId.of("B"))
                      .map(draws -> TWO_DRAWS * e * draws.asDouble()));
      default -> Optional.empty();
    };
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
