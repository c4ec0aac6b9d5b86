package lehrgang.core.number;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;

/// Exponential, logarithm and π to the working precision.
public final class Elementary {
  /// Below e to this power a number is taken as 0: it has more than 400 million zeros after the
  /// point.
  private static final BigDecimal VANISHING = BigDecimal.valueOf(-1_000_000_000L);

  private static final MathContext GUARDED = new MathContext(Value.PRECISION.getPrecision() + 6);
  private static final BigDecimal TWO = BigDecimal.valueOf(2);
  private static final BigDecimal LN_2 = BigDecimalMath.log(TWO, new MathContext(70));

  /// Fixed point: so many bits behind it, some of which the doublings use up.
  private static final int BITS = 200;

  private static final BigDecimal ONE_IN_BITS = new BigDecimal(BigInteger.ONE.shiftLeft(BITS));
  private static final int SPLITS = 8;
  private static final Real PI = Value.real(BigDecimalMath.pi(GUARDED));

  private Elementary() {}

  public static Real pi() {
    return PI;
  }

  /// e to the power of `exponent`; 0 where the result would have more than 400 million zeros.
  ///
  /// The library's exponential is ten times slower, and a derivation asks for it on every
  /// keystroke.
  /// So: e^x = 2^n · (e^(r/256))^256 with x = n ln 2 + r, and the series for the small remainder.
  public static Real exp(Value exponent) {
    BigDecimal power = exponent.decimal();
    if (power.compareTo(VANISHING) < 0) {
      return new Real(BigDecimal.ZERO);
    }
    BigDecimal twos = power.divide(LN_2, 0, RoundingMode.HALF_EVEN);
    BigInteger small =
        power.subtract(twos.multiply(LN_2)).multiply(ONE_IN_BITS).toBigInteger().shiftRight(SPLITS);
    BigInteger term = BigInteger.ONE.shiftLeft(BITS);
    BigInteger sum = term;
    for (int k = 1; term.bitLength() > 1; k++) {
      term = term.multiply(small).shiftRight(BITS).divide(BigInteger.valueOf(k));
      sum = sum.add(term);
    }
    for (int doubling = 0; doubling < SPLITS; doubling++) {
      sum = sum.multiply(sum).shiftRight(BITS);
    }
    return Value.real(
        new BigDecimal(sum).multiply(TWO.pow(twos.intValueExact() - BITS, GUARDED), GUARDED));
  }

  /// The natural logarithm.
  ///
  /// @throws ArithmeticException if `number` is not positive
  public static Real log(Value number) {
    return Value.real(BigDecimalMath.log(number.decimal(), GUARDED));
  }

  /// The angle in radians whose sine is `sine`, from −π/2 to π/2.
  ///
  /// @throws ArithmeticException if `sine` is not between −1 and 1
  public static Real arcsine(Value sine) {
    return Value.real(BigDecimalMath.asin(sine.decimal(), GUARDED));
  }
}
