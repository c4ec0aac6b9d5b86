package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import org.apache.commons.numbers.core.ArithmeticUtils;
import org.apache.commons.numbers.fraction.BigFraction;

/// An exact fraction in lowest terms, its sign above the line.
///
/// Almost every fraction of a table fits two longs, which add and multiply many times faster than
/// the library's fractions of any size; those are there for what does not fit.
public final class Rational implements Value {
  private static final BigInteger LEAST = BigInteger.valueOf(-Long.MAX_VALUE);
  private static final BigInteger GREATEST = BigInteger.valueOf(Long.MAX_VALUE);

  /// Every whole number up to here is a double.
  private static final long LARGEST_DOUBLE = 1L << 53;

  private final long above;

  /// Positive, or 0 where the fraction is a large one.
  private final long below;

  /// Null where the two longs hold the fraction.
  private final BigFraction large;

  private Rational(long above, long below, BigFraction large) {
    this.above = above;
    this.below = below;
    this.large = large;
  }

  static Rational of(BigFraction fraction) {
    BigInteger over = fraction.getNumerator();
    BigInteger under = fraction.getDenominator();
    if (under.signum() < 0) {
      // The library may leave the sign below the line.
      over = over.negate();
      under = under.negate();
    }
    return isLong(over) && isLong(under)
        ? reduced(over.longValue(), under.longValue())
        : new Rational(0, 0, BigFraction.of(over, under));
  }

  static Rational whole(long number) {
    return number == Long.MIN_VALUE
        ? new Rational(0, 0, BigFraction.of(number))
        : new Rational(number, 1, null);
  }

  private static boolean isLong(BigInteger part) {
    return part.bitLength() < Long.SIZE
        && part.compareTo(LEAST) >= 0
        && part.compareTo(GREATEST) <= 0;
  }

  /// @param below above 0; neither part is the least long
  private static Rational reduced(long above, long below) {
    if (below == 1) {
      return new Rational(above, 1, null);
    }
    long common = ArithmeticUtils.gcd(above, below);
    return new Rational(above / common, below / common, null);
  }

  private boolean isSmall() {
    return large == null;
  }

  /// How long its numerator and denominator are together, in bits; 0 where both are short.
  long bits() {
    return isSmall()
        ? 0
        : (long) large.getNumerator().bitLength() + large.getDenominator().bitLength();
  }

  private BigFraction fraction() {
    return isSmall() ? BigFraction.of(above, below) : large;
  }

  /// Whether the product of two longs is one, and not the least.
  private static boolean fits(long a, long b) {
    long product = a * b;
    return Math.multiplyHigh(a, b) == product >> 63 && product != Long.MIN_VALUE;
  }

  Rational plus(Rational other) {
    if (isSmall() && other.isSmall()) {
      if (below == other.below) {
        long sum = above + other.above;
        if (((above ^ sum) & (other.above ^ sum)) >= 0 && sum != Long.MIN_VALUE) {
          return reduced(sum, below);
        }
      } else if (fits(above, other.below) && fits(other.above, below) && fits(below, other.below)) {
        long left = above * other.below;
        long right = other.above * below;
        long sum = left + right;
        if (((left ^ sum) & (right ^ sum)) >= 0 && sum != Long.MIN_VALUE) {
          return reduced(sum, below * other.below);
        }
      }
    }
    return of(fraction().add(other.fraction()));
  }

  Rational times(Rational other) {
    return isSmall() && other.isSmall() && fits(above, other.above) && fits(below, other.below)
        ? reduced(above * other.above, below * other.below)
        : of(fraction().multiply(other.fraction()));
  }

  /// @throws ArithmeticException if `other` is 0
  Rational over(Rational other) {
    return times(other.inverse());
  }

  private Rational inverse() {
    if (!isSmall() || above == 0) {
      return of(fraction().reciprocal());
    }
    return above > 0 ? new Rational(below, above, null) : new Rational(-below, -above, null);
  }

  Rational toPower(int exponent) {
    return exponent == 2 ? times(this) : of(fraction().pow(exponent));
  }

  int compare(Rational other) {
    if (isSmall() && other.isSmall() && fits(above, other.below) && fits(other.above, below)) {
      return Long.compare(above * other.below, other.above * below);
    }
    return fraction().compareTo(other.fraction());
  }

  @Override
  public BigDecimal decimal() {
    return dividend().divide(divisor(), PRECISION);
  }

  /// One division of doubles where both parts are doubles, which is rounded correctly.
  @Override
  public double asDouble() {
    return isSmall() && Math.abs(above) <= LARGEST_DOUBLE && below <= LARGEST_DOUBLE
        ? (double) above / below
        : Value.super.asDouble();
  }

  /// To as many digits as `context` says, rounded its way.
  BigDecimal decimal(MathContext context) {
    return dividend().divide(divisor(), context);
  }

  @Override
  public BigDecimal rounded(int decimals) {
    return dividend().divide(divisor(), decimals, RoundingMode.HALF_UP);
  }

  private BigDecimal dividend() {
    return isSmall() ? BigDecimal.valueOf(above) : new BigDecimal(large.getNumerator());
  }

  private BigDecimal divisor() {
    return isSmall() ? BigDecimal.valueOf(below) : new BigDecimal(large.getDenominator());
  }

  @Override
  public int signum() {
    return isSmall() ? Long.signum(above) : large.signum();
  }

  @Override
  public boolean isWhole() {
    return isSmall() ? below == 1 : large.getDenominator().equals(BigInteger.ONE);
  }

  @Override
  public Rational negated() {
    return isSmall() ? new Rational(-above, below, null) : of(large.negate());
  }

  /// The numerator of the fraction in lowest terms; it carries the sign.
  public BigInteger numerator() {
    return isSmall() ? BigInteger.valueOf(above) : large.getNumerator();
  }

  /// The denominator of the fraction in lowest terms, 1 or more.
  public BigInteger denominator() {
    return isSmall() ? BigInteger.valueOf(below) : large.getDenominator();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Rational its
        && above == its.above
        && below == its.below
        && (isSmall() ? its.isSmall() : large.equals(its.large));
  }

  @Override
  public int hashCode() {
    return isSmall() ? Long.hashCode(31 * below + above) : large.hashCode();
  }

  /// As `140/3`, or `140` for a whole number.
  @Override
  public String toString() {
    return isWhole() ? numerator().toString() : numerator() + "/" + denominator();
  }
}
