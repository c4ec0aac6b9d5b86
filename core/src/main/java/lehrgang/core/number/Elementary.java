package lehrgang.core.number;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.function.Supplier;

/// Exponential, logarithm and π to the working precision.
public final class Elementary {
  /// Stands for every positive number below it: they have more than a million zeros after the
  /// point, and none of them is 0.
  public static final Real LEAST = new Real(new BigDecimal("1e-1000000"));

  /// e to the power of more than this has more digits than are worked with.
  public static final Value LARGEST_EXPONENT = Value.of(1_000_000);

  /// e to this power is just above [#LEAST].
  private static final BigDecimal VANISHING = BigDecimal.valueOf(-2_302_585L);

  private static final MathContext GUARDED = new MathContext(Value.PRECISION.getPrecision() + 6);
  private static final BigDecimal TWO = BigDecimal.valueOf(2);
  private static final BigDecimal LN_2 = BigDecimalMath.log(TWO, new MathContext(70));

  /// Fixed point: so many bits behind it, some of which the doublings use up.
  private static final int BITS = 200;

  private static final BigDecimal ONE_IN_BITS = new BigDecimal(BigInteger.ONE.shiftLeft(BITS));
  private static final int SPLITS = 8;
  private static final Real PI = Value.real(BigDecimalMath.pi(GUARDED));

  private Elementary() {}

  /// π to the precision of [Value#PRECISION] and a few digits more.
  public static Real pi() {
    return PI;
  }

  /// e to the power of `exponent`; [#LEAST] where the result would be smaller than that.
  ///
  /// The library's exponential is ten times slower, and a derivation asks for it on every
  /// keystroke. So: e^x = 2^n · (e^(r/256))^256 with x = n ln 2 + r, and the series for the small
  /// remainder.
  ///
  /// @param exponent up to [#LARGEST_EXPONENT]
  /// @throws IllegalArgumentException if `exponent` is larger
  public static Real exp(Value exponent) {
    BigDecimal power = exponent.decimal();
    if (exponent.compareTo(LARGEST_EXPONENT) > 0) {
      throw new IllegalArgumentException(
          "the exponent must be %s or less: %s".formatted(LARGEST_EXPONENT, exponent));
    }
    if (power.compareTo(VANISHING) < 0) {
      return LEAST;
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

  /// An area under a curve that falls off as e to the power of `exponent`, where that can be told
  /// from nothing; [#LEAST] further out, so that areas fall on and on and never reach 0.
  ///
  /// @param area worked out only where the exponential is above [#LEAST]
  public static Value tail(Value exponent, Supplier<Value> area) {
    if (exponent.decimal().compareTo(VANISHING) < 0) {
      return LEAST;
    }
    Value worked = area.get();
    return worked.compareTo(LEAST) < 0 ? LEAST : worked;
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
