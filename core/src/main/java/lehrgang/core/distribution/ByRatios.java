package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import lehrgang.core.number.Value;

/// The probabilities of a row of outcomes from the ratios between neighbours, in decimals:
/// beginning with 1 at the most probable one and divided by their sum at the end, so that nothing
/// is lost far out.
final class ByRatios {
  private static final MathContext GUARDED = new MathContext(Value.PRECISION.getPrecision() + 12);

  private ByRatios() {}

  /// @param size  the number of outcomes, counted from 0
  /// @param mode  the place of the most probable one
  /// @param above the numerator of P(k + 1)/P(k)
  /// @param below its denominator
  static List<Value> probabilities(
      int size, int mode, IntFunction<BigDecimal> above, IntFunction<BigDecimal> below) {
    BigDecimal[] weights = new BigDecimal[size];
    weights[mode] = BigDecimal.ONE;
    for (int k = mode; k < size - 1; k++) {
      weights[k + 1] = weights[k].multiply(above.apply(k), GUARDED).divide(below.apply(k), GUARDED);
    }
    for (int k = mode - 1; k >= 0; k--) {
      weights[k] = weights[k + 1].multiply(below.apply(k), GUARDED).divide(above.apply(k), GUARDED);
    }
    BigDecimal sum = BigDecimal.ZERO;
    for (BigDecimal weight : weights) {
      sum = sum.add(weight, GUARDED);
    }
    List<Value> all = new ArrayList<>(size);
    for (BigDecimal weight : weights) {
      all.add(Value.real(weight.divide(sum, GUARDED)));
    }
    return all;
  }
}
