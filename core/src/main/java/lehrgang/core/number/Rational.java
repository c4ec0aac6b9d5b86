package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import org.apache.commons.numbers.fraction.BigFraction;

/// An exact fraction in lowest terms.
public record Rational(BigFraction fraction) implements Value {
  @Override
  public BigDecimal decimal() {
    return new BigDecimal(fraction.getNumerator())
        .divide(new BigDecimal(fraction.getDenominator()), PRECISION);
  }

  @Override
  public BigDecimal rounded(int decimals) {
    return new BigDecimal(fraction.getNumerator())
        .divide(new BigDecimal(fraction.getDenominator()), decimals, RoundingMode.HALF_UP);
  }

  @Override
  public int signum() {
    return fraction.signum();
  }

  @Override
  public Rational negated() {
    return new Rational(fraction.negate());
  }

  public BigInteger numerator() {
    return fraction.getNumerator();
  }

  public BigInteger denominator() {
    return fraction.getDenominator();
  }

  /// As `140/3`, or `140` for a whole number.
  @Override
  public String toString() {
    return isWhole() ? numerator().toString() : numerator() + "/" + denominator();
  }
}
