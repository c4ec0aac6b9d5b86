package lehrgang.core.expr;

import java.util.Locale;

/// Why a line has no value.
public sealed interface Reason {
  /// What a formula asked for that no number gives.
  enum Cause {
    DIVISION_BY_ZERO,
    /// Infinite, or of more digits than are worked with.
    TOO_LARGE,
    ROOT_OF_NEGATIVE,
    LOGARITHM_OF_NOT_POSITIVE,
    ARCSINE_OUTSIDE,
    /// A count or a number of degrees of freedom that is not whole.
    NOT_WHOLE,
    /// An argument that the function is not made for, such as a negative statistic.
    OUTSIDE;

    /// The end of the key of its sentence.
    public String key() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  /// The line's own formula has no value here.
  ///
  /// @param part the part of the formula that is to blame, such as the divisor
  record Impossible(Cause cause, Expr part) implements Reason {}

  /// A line that it uses has none.
  record Follows(LineId line) implements Reason {}

  /// It is not for whoever asks.
  record Withheld() implements Reason {}

  /// A bent formula uses a line that does not exist, or that comes only later.
  record WithoutSource(LineId line) implements Reason {}
}
