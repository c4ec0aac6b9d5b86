package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;

/// A decimal of [Value#PRECISION] digits, for what a fraction cannot hold.
public record Real(BigDecimal decimal) implements Value {
  private static final MathContext GUARDED = new MathContext(PRECISION.getPrecision() + 6);
  private static final BigDecimal TWO = BigDecimal.valueOf(2);
  private static final BigDecimal LEAST_SEED = new BigDecimal("1e-290");
  private static final BigDecimal LARGEST_SEED = new BigDecimal("1e290");

  /// The square root of a fraction to the working precision: the root in double precision, made
  /// exact
  /// by
  /// two steps of Newton's, each of which doubles the digits.
  ///
  /// @throws ArithmeticException if the fraction is negative
  static Real rootOf(BigInteger numerator, BigInteger denominator) {
    BigDecimal square = new BigDecimal(numerator).divide(new BigDecimal(denominator), GUARDED);
    if (square.compareTo(LEAST_SEED) < 0 || square.compareTo(LARGEST_SEED) > 0) {
      return Value.real(square.sqrt(GUARDED));
    }
    BigDecimal root = new BigDecimal(Math.sqrt(square.doubleValue()));
    for (int step = 0; step < 2; step++) {
      BigDecimal error = square.subtract(root.multiply(root, GUARDED), GUARDED);
      root = root.add(error.divide(root.multiply(TWO), GUARDED), GUARDED);
    }
    return Value.real(root);
  }

  @Override
  public BigDecimal rounded(int decimals) {
    return decimal.setScale(decimals, RoundingMode.HALF_UP);
  }

  @Override
  public int signum() {
    return decimal.signum();
  }

  @Override
  public Real negated() {
    return new Real(decimal.negate());
  }

  @Override
  public String toString() {
    return decimal.toString();
  }
}
