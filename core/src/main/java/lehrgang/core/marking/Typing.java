package lehrgang.core.marking;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Optional;

/// Slips of the hand: digits that changed places, a decimal sign that moved. They are thought of
/// where the answer has at least four digits, else too much would look like one.
final class Typing {
  private static final int FEWEST = 4;

  private Typing() {}

  /// The slip that makes an answer of what was meant; empty where none does.
  static Optional<String> of(Answer.Number answer, double meant) {
    if (answer.exact() || !Double.isFinite(meant)) {
      return Optional.empty();
    }
    BigDecimal number = BigDecimal.valueOf(answer.value());
    BigDecimal written =
        number.setScale(Math.max(0, answer.decimals()), RoundingMode.HALF_UP).abs();
    String digits = written.unscaledValue().toString();
    if (significant(digits) < FEWEST) {
      return Optional.empty();
    }
    BigDecimal target = BigDecimal.valueOf(meant).abs();
    String right =
        target.setScale(written.scale(), RoundingMode.HALF_UP).unscaledValue().toString();
    if (areSwapped(digits, right)) {
      return Optional.of(Slips.DIGITS_SWAPPED);
    }
    String bare = bare(digits);
    String same =
        bare(
            target
                .round(new MathContext(significant(digits), RoundingMode.HALF_UP))
                .unscaledValue()
                .toString());
    boolean elsewhere = written.subtract(target).abs().doubleValue() > answer.half();
    return bare.equals(same) && elsewhere ? Optional.of(Slips.POINT_MOVED) : Optional.empty();
  }

  private static int significant(String digits) {
    return digits.replaceFirst("^0+", "").length();
  }

  private static String bare(String digits) {
    return digits.replaceAll("^0+|0+$", "");
  }

  private static boolean areSwapped(String one, String other) {
    if (one.length() != other.length()) {
      return false;
    }
    for (int k = 0; k + 1 < one.length(); k++) {
      if (one.charAt(k) != other.charAt(k)) {
        return one.charAt(k) == other.charAt(k + 1)
            && one.charAt(k + 1) == other.charAt(k)
            && one.substring(k + 2).equals(other.substring(k + 2));
      }
    }
    return false;
  }
}
