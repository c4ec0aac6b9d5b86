package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.RoundingMode;

/// A decimal of [Value#PRECISION] digits, for what a fraction cannot hold.
public record Real(BigDecimal decimal) implements Value {
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
