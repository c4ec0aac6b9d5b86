package lehrgang.core.number;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;

/// The natural logarithm of n!, for numbers of any size that can be counted.
public final class LogFactorial {
  /// So many digits that those of a probability are right although the logarithms of which it is a
  /// difference are a hundred thousand million times as large.
  public static final MathContext PRECISION = new MathContext(Value.PRECISION.getPrecision() + 32);

  /// Up to here the product itself is taken.
  private static final int DIRECT = 300;

  /// From [#DIRECT] on, what follows them in the series is below 10⁻⁷⁵.
  private static final int TERMS = 20;

  private static final BigDecimal HALF = new BigDecimal("0.5");
  private static final BigDecimal HALF_LOG_OF_TWO_PI =
      HALF.multiply(
          BigDecimalMath.log(
              BigDecimalMath.pi(PRECISION).multiply(BigDecimal.TWO, PRECISION), PRECISION));
  private static final List<BigDecimal> COEFFICIENTS = coefficients();

  private LogFactorial() {}

  /// The logarithm of n!, by Stirling's series where n is large (Abramowitz and Stegun 1964,
  /// 6.1.40).
  ///
  /// @param n 0 or more
  public static BigDecimal of(int n) {
    if (n <= DIRECT) {
      return BigDecimalMath.log(new BigDecimal(product(n)), PRECISION);
    }
    BigDecimal x = BigDecimal.valueOf(n + 1L);
    BigDecimal sum =
        x.subtract(HALF)
            .multiply(BigDecimalMath.log(x, PRECISION), PRECISION)
            .subtract(x)
            .add(HALF_LOG_OF_TWO_PI);
    BigDecimal square = x.multiply(x);
    BigDecimal power = x;
    for (BigDecimal coefficient : COEFFICIENTS) {
      sum = sum.add(coefficient.divide(power, PRECISION), PRECISION);
      power = power.multiply(square, PRECISION);
    }
    return sum;
  }

  private static BigInteger product(int n) {
    BigInteger product = BigInteger.ONE;
    for (int k = 2; k <= n; k++) {
      product = product.multiply(BigInteger.valueOf(k));
    }
    return product;
  }

  /// B₂ₖ/(2k(2k − 1)) for k = 1, 2, …, with Bernoulli's numbers B.
  private static List<BigDecimal> coefficients() {
    List<BigDecimal> all = new ArrayList<>();
    for (int k = 1; k <= TERMS; k++) {
      all.add(
          BigDecimalMath.bernoulli(2 * k, PRECISION)
              .divide(BigDecimal.valueOf(2L * k * (2L * k - 1)), PRECISION));
    }
    return List.copyOf(all);
  }
}
