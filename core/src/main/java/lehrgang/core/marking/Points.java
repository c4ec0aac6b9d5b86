package lehrgang.core.marking;

import java.math.BigDecimal;
import lehrgang.core.number.NumberStyle;

/// Points as they are written: without zeros that say nothing.
public final class Points {
  private Points() {}

  /// For files, and where English is read: 22 or 22.5.
  public static String text(BigDecimal points) {
    return points.signum() == 0 ? "0" : points.stripTrailingZeros().toPlainString();
  }

  /// With the decimal sign of a solution.
  public static String text(BigDecimal points, NumberStyle style) {
    return text(points).replace('.', style.decimalSign());
  }
}
