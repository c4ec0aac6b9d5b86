package lehrgang.core.number;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.MathContext;

/// Exponential, logarithm and π to the working precision.
public final class Elementary {
  /// Below e to this power a number is taken as 0: it has more than 400 million zeros after the
  /// point.
  private static final BigDecimal VANISHING = BigDecimal.valueOf(-1_000_000_000L);

  private static final MathContext GUARDED = new MathContext(Value.PRECISION.getPrecision() + 6);
  private static final Real PI = Value.real(BigDecimalMath.pi(GUARDED));

  private Elementary() {}

  public static Real pi() {
    return PI;
  }

  /// e to the power of `exponent`; 0 where the result would have more than 400 million zeros.
  public static Real exp(Value exponent) {
    BigDecimal power = exponent.decimal();
    return power.compareTo(VANISHING) < 0
        ? new Real(BigDecimal.ZERO)
        : Value.real(BigDecimalMath.exp(power, GUARDED));
  }

  /// The natural logarithm.
  ///
  /// @throws ArithmeticException if `number` is not positive
  public static Real log(Value number) {
    return Value.real(BigDecimalMath.log(number.decimal(), GUARDED));
  }
}
