package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;

/// A decimal of [Value#PRECISION] digits, for what a fraction cannot hold.
public record Real(BigDecimal decimal) implements Value {
  /// More digits than are kept, so that the last kept one is rounded from what follows it.
  private static final int GUARDED_DIGITS = PRECISION.getPrecision() + 6;

  /// A result that is not exact carries no more digits than calculators do.
  private static final MathContext WRITTEN = new MathContext(12, RoundingMode.HALF_UP);

  /// The digits that a few steps of arithmetic leave right.
  private static final MathContext CERTAIN =
      new MathContext(PRECISION.getPrecision() - 6, RoundingMode.HALF_UP);

  private static final double DIGITS_IN_A_BIT = Math.log10(2);

  /// The square root of a fraction to the working precision: the whole root of the fraction moved
  /// so many decimals up that it has enough digits.
  ///
  /// @throws ArithmeticException if the fraction is negative
  static Real rootOf(BigInteger numerator, BigInteger denominator) {
    double digits = (numerator.bitLength() - denominator.bitLength()) * DIGITS_IN_A_BIT;
    int decimals = Math.max(0, GUARDED_DIGITS + 1 - (int) Math.floor(digits / 2));
    BigInteger moved = numerator.multiply(BigInteger.TEN.pow(2 * decimals)).divide(denominator);
    return Value.real(new BigDecimal(moved.sqrt(), decimals));
  }

  /// What is far below the last place is 0 without a look at its millions of zeros. A number that
  /// lies on a tie as far as its digits are certain is rounded up, as the same number is where it
  /// is a fraction: the square of a root must not be printed otherwise than what stood under the
  /// root.
  @Override
  public BigDecimal rounded(int decimals) {
    int digits = decimal.precision() - decimal.scale() + decimals;
    if (digits < 0) {
      return BigDecimal.ZERO.setScale(decimals);
    }
    BigDecimal certain = digits < CERTAIN.getPrecision() ? decimal.round(CERTAIN) : decimal;
    return certain.setScale(decimals, RoundingMode.HALF_UP);
  }

  /// Whether more digits stand before its decimals than a calculator shows.
  boolean isTooLongToWrite() {
    return wholeDigits() > WRITTEN.getPrecision();
  }

  /// How many of so many decimals it is written with.
  int written(int decimals) {
    return Math.max(0, Math.min(decimals, WRITTEN.getPrecision() - wholeDigits()));
  }

  private int wholeDigits() {
    return decimal.signum() == 0 ? 0 : Math.max(0, decimal.precision() - decimal.scale());
  }

  @Override
  public Value asWritten(int decimals) {
    if (isTooLongToWrite()) {
      return new Real(decimal.round(WRITTEN));
    }
    int places = written(decimals);
    // One that has fewer decimals than were asked for is never written with more.
    return places < decimals ? new Real(rounded(places)) : Value.exactly(rounded(places));
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
