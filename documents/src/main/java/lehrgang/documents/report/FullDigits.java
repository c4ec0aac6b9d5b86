package lehrgang.documents.report;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;

/// Numbers for other programs.
public final class FullDigits {
  private static final MathContext DIGITS = new MathContext(17, RoundingMode.HALF_UP);
  private static final int SMALLEST_PLAIN = -20;

  private FullDigits() {}

  /// At least 15 significant digits, always with a point; whole numbers whole; numbers near 0 with
  /// a power of ten, such as `1.2E-512`.
  public static String of(Value value) {
    if (value instanceof Rational fraction && fraction.isWhole()) {
      return fraction.toString();
    }
    BigDecimal rounded = value.decimal().round(DIGITS);
    int magnitude = rounded.precision() - rounded.scale();
    return magnitude < SMALLEST_PLAIN
        ? rounded.stripTrailingZeros().toString()
        : rounded.stripTrailingZeros().toPlainString();
  }
}
