package lehrgang.core.number;

import java.util.Locale;

/// What sort of number a line holds; the instructor sets how many decimals each sort is shown with.
public enum Kind {
  COUNT,
  EXPECTED,
  CONTRIBUTION,
  STATISTIC,
  DEGREES_OF_FREEDOM,
  LEVEL,
  CRITICAL,
  P_VALUE,
  SHARE,
  /// A share or difference that someone claims, shown as it was typed.
  CLAIM,
  /// The probability of one outcome.
  PROBABILITY,
  STANDARD_ERROR,
  RESIDUAL,
  EFFECT,
  /// A mean, a standard deviation or another measure of recorded numbers.
  MEASURE,
  /// 1 where a condition holds, 0 where it fails.
  CONDITION,
  /// 1 where H₀ is rejected, 0 where it is not.
  DECISION;

  /// Whether it is a number to be shown with decimals, and not an answer in words.
  public boolean isNumber() {
    return this != CONDITION && this != DECISION;
  }

  /// Whether a student who rounds on the way would round a line of this sort before using it again.
  public boolean roundedOnTheWay() {
    return switch (this) {
      case EXPECTED, CONTRIBUTION, STATISTIC, SHARE, STANDARD_ERROR, RESIDUAL, EFFECT, MEASURE ->
          true;
      case COUNT, DEGREES_OF_FREEDOM, LEVEL, CLAIM -> false;
      case CRITICAL, P_VALUE, PROBABILITY, CONDITION, DECISION -> false;
    };
  }

  /// Whether some student may round a line of this sort before using it again.
  public boolean mayBeRounded() {
    return switch (this) {
      case COUNT, DEGREES_OF_FREEDOM, LEVEL, CLAIM, CONDITION, DECISION -> false;
      default -> true;
    };
  }

  /// The key under which files and options name this sort.
  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
