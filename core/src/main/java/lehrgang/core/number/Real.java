package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/// A decimal of [Value#PRECISION] digits, for what a fraction cannot hold.
public record Real(BigDecimal decimal) implements Value {
  private static final int ROOT_DIGITS = 2 * PRECISION.getPrecision() + 6;

  /// The square root of a fraction to the working precision, by way of a whole number of twice as
  /// many
  /// digits.
  ///
  /// @throws ArithmeticException if the fraction is negative
  static Real rootOf(BigInteger numerator, BigInteger denominator) {
    int digits = (denominator.bitLength() - numerator.bitLength()) * 3 / 10 + ROOT_DIGITS;
    int scale = Math.max(0, digits + (digits & 1));
    BigInteger square = numerator.multiply(BigInteger.TEN.pow(scale)).divide(denominator);
    return Value.real(new BigDecimal(square.sqrt(), scale / 2));
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
