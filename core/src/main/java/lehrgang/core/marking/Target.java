package lehrgang.core.marking;

import java.util.Optional;
import lehrgang.core.derivation.Line;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Format;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;

/// What is right of a line that was asked.
///
/// @param exact   its value; empty where it has none
/// @param within  what rounding lines before it can give
/// @param digits  decimals that are asked
/// @param printed decimals in which the page prints it
record Target(Line line, Optional<Double> exact, Bounds within, int digits, int printed) {
  private static final double SAME = 1e-9;

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
