package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import org.apache.commons.numbers.fraction.BigFraction;

/// A number of a worked solution: an exact fraction as long as counts allow, a long decimal after
/// that.
///
/// Sums, products and quotients of fractions stay fractions, as long as those are not far too long.
/// A root that does not come out even, an exponential or a tail area gives a [Real] of [#PRECISION]
/// digits, so that twelve shown digits are always right.
public sealed interface Value extends Comparable<Value> permits Rational, Real {
  /// Working precision of every [Real].
  MathContext PRECISION = new MathContext(40, RoundingMode.HALF_EVEN);

  /// A fraction that would be longer than this becomes a decimal: a number such as 10⁻⁴⁰⁰ that
  /// somebody types, raised to a power, must not bring the work to a standstill.
  long MOST_BITS = 24_000;

  Value ZERO = Value.of(0);
  Value ONE = Value.of(1);

  /// A whole number.
  static Rational of(long whole) {
    return Rational.whole(whole);
  }

  /// A whole number of any size.
  static Rational of(BigInteger whole) {
    return Rational.of(BigFraction.of(whole));
  }

  /// @throws ArithmeticException if `denominator` is 0
  static Rational ratio(long numerator, long denominator) {
    return Rational.of(BigFraction.of(numerator, denominator));
  }

  /// @throws ArithmeticException if `denominator` is 0
  static Rational ratio(BigInteger numerator, BigInteger denominator) {
    return Rational.of(BigFraction.of(numerator, denominator));
  }

  /// The exact value of a decimal, such as 1/20 for `0.05`.
  static Rational exactly(BigDecimal decimal) {
    return decimal.scale() <= 0
        ? of(decimal.toBigIntegerExact())
        : ratio(decimal.unscaledValue(), BigInteger.TEN.pow(decimal.scale()));
  }

  /// The exact value of a decimal as programs write it, with a point.
  ///
  /// @throws NumberFormatException if `decimal` is no such number
  static Rational exactly(String decimal) {
    return exactly(new BigDecimal(decimal));
  }

  /// A decimal to the digits of [#PRECISION].
  static Real real(BigDecimal decimal) {
    return new Real(decimal.round(PRECISION));
  }

  /// A number in double precision.
  ///
  /// @throws NumberFormatException if it is infinite or none
  static Real real(double number) {
    return new Real(new BigDecimal(number, PRECISION));
  }

  /// This number to [#PRECISION] digits.
  BigDecimal decimal();

  /// This number rounded half up, as on paper, from its exact value.
  ///
  /// @param decimals 0 or more; below 0, to tens, hundreds and so on
  BigDecimal rounded(int decimals);

  /// What stands on paper for this number, to go on with: rounded to so many decimals, or to the
  /// digits of a calculator where that is fewer and it is no fraction.
  ///
  /// @param decimals 0 or more
  default Value asWritten(int decimals) {
    return Value.exactly(rounded(decimals));
  }

  /// −1, 0 or 1.
  int signum();

  /// −x.
  Value negated();

  /// The nearest number in double precision; infinite where it is too large, 0 where it is too
  /// small.
  default double asDouble() {
    return decimal().doubleValue();
  }

  /// Whether it is a whole number in exact arithmetic.
  default boolean isWhole() {
    return false;
  }

  /// This whole number as an int.
  ///
  /// @throws ArithmeticException if it is not whole or too large
  default int intValueExact() {
    return this instanceof Rational fraction && isWhole()
        ? fraction.numerator().intValueExact()
        : decimal().intValueExact();
  }

  /// Whether two fractions are short enough to be worked with as fractions.
  private static boolean staysExact(Rational a, Rational b) {
    return a.bits() + b.bits() <= MOST_BITS;
  }

  /// The sum; exact where both are fractions.
  default Value plus(Value other) {
    return this instanceof Rational a && other instanceof Rational b && staysExact(a, b)
        ? a.plus(b)
        : new Real(decimal().add(other.decimal(), PRECISION));
  }

  /// The difference; exact where both are fractions.
  default Value minus(Value other) {
    return this instanceof Rational a && other instanceof Rational b && staysExact(a, b)
        ? a.plus(b.negated())
        : new Real(decimal().subtract(other.decimal(), PRECISION));
  }

  /// The product; exact where both are fractions.
  default Value times(Value other) {
    return this instanceof Rational a && other instanceof Rational b && staysExact(a, b)
        ? a.times(b)
        : new Real(decimal().multiply(other.decimal(), PRECISION));
  }

  /// @throws ArithmeticException if `other` is 0
  default Value over(Value other) {
    return this instanceof Rational a && other instanceof Rational b && staysExact(a, b)
        ? a.over(b)
        : new Real(decimal().divide(other.decimal(), PRECISION));
  }

  /// A power.
  ///
  /// @param exponent any whole number, for 0 not below 0
  /// @throws ArithmeticException if this is 0 and `exponent` below 0
  default Value power(int exponent) {
    return this instanceof Rational a && a.bits() * Math.abs((long) exponent) <= MOST_BITS
        ? a.toPower(exponent)
        : new Real(decimal().pow(exponent, PRECISION));
  }

  /// |x|.
  default Value magnitude() {
    return signum() < 0 ? negated() : this;
  }

  /// The square root, a fraction where it comes out even.
  ///
  /// @throws ArithmeticException if this number is negative
  default Value squareRoot() {
    if (!(this instanceof Rational fraction)) {
      return new Real(decimal().sqrt(PRECISION));
    }
    if (mayBeSquare(fraction.numerator()) && mayBeSquare(fraction.denominator())) {
      BigInteger[] above = fraction.numerator().sqrtAndRemainder();
      BigInteger[] below = fraction.denominator().sqrtAndRemainder();
      if (above[1].signum() == 0 && below[1].signum() == 0) {
        return ratio(above[0], below[0]);
      }
    }
    return Real.rootOf(fraction.numerator(), fraction.denominator());
  }

  /// A square ends, in binary, as 0, 1, 4 or 9 do: most others are told apart by that at once.
  private static boolean mayBeSquare(BigInteger whole) {
    int end = whole.intValue() & 15;
    return end == 0 || end == 1 || end == 4 || end == 9;
  }

  /// A [Real] of the same size: the step from fractions to decimals.
  default Real inDecimals() {
    return new Real(decimal());
  }

  @Override
  default int compareTo(Value other) {
    return this instanceof Rational a && other instanceof Rational b
        ? a.compare(b)
        : decimal().compareTo(other.decimal());
  }
}
