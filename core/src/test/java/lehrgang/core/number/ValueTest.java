package lehrgang.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;

/// Fractions reckon exactly, whatever their size.
class ValueTest {
  private static Value fraction(long above, long below) {
    return Value.ratio(above, below == 0 ? 1 : below);
  }

  private static BigFraction library(long above, long below) {
    return BigFraction.of(above, below == 0 ? 1 : below);
  }

  private static void same(Value ours, BigFraction library) {
    assertThat(ours)
        .isInstanceOfSatisfying(
            Rational.class,
            value -> {
              BigInteger sign = BigInteger.valueOf(library.getDenominator().signum());
              assertThat(value.numerator()).isEqualTo(library.getNumerator().multiply(sign));
              assertThat(value.denominator()).isEqualTo(library.getDenominator().multiply(sign));
            });
  }

  /// The square of a root is printed as what stood under the root, also where that lies midway.
  @Property(tries = 300)
  void aTieIsRoundedAlikeAsAFractionAndAsADecimal(
      @ForAll @IntRange(min = 1, max = 999_999) int thousandths) {
    Value tie = Value.ratio(10L * thousandths + 5, 10_000);
    Value squared = tie.squareRoot().inDecimals().power(2);
    assertThat(squared.rounded(3)).isEqualTo(tie.rounded(3));
    assertThat(tie.inDecimals().rounded(3)).isEqualTo(tie.rounded(3));
  }

  @Property
  void reckoningAgreesWithFractionsOfAnySize(
      @ForAll long a, @ForAll long b, @ForAll long c, @ForAll long d) {
    BigFraction one = library(a, b);
    BigFraction other = library(c, d);
    same(fraction(a, b).plus(fraction(c, d)), one.add(other));
    same(fraction(a, b).minus(fraction(c, d)), one.subtract(other));
    same(fraction(a, b).times(fraction(c, d)), one.multiply(other));
    same(fraction(a, b).power(2), one.pow(2));
    same(fraction(a, b).power(3), one.pow(3));
    same(fraction(a, b).magnitude(), one.abs());
    if (c != 0) {
      same(fraction(a, b).over(fraction(c, d)), one.divide(other));
    }
    assertThat(Integer.signum(fraction(a, b).compareTo(fraction(c, d))))
        .isEqualTo(Integer.signum(one.compareTo(other)));
  }

  @Property
  void reckoningAgreesWithSmallFractionsToo(
      @ForAll short a, @ForAll short b, @ForAll short c, @ForAll short d) {
    reckoningAgreesWithFractionsOfAnySize(a, b, c, d);
  }

  @Property
  void aFractionReachedByTwoWaysIsOneFraction(@ForAll int a, @ForAll int b, @ForAll long c) {
    Value direct = fraction(a, b);
    Value around = direct.times(Value.of(c)).plus(direct).minus(direct.times(Value.of(c)));
    assertThat(around).isEqualTo(direct).hasSameHashCodeAs(direct);
    assertThat(around).hasToString(direct.toString());
  }

  @Property
  void aRootSquaredIsTheNumber(@ForAll int a, @ForAll int b) {
    Value number = fraction(Math.abs((long) a), Math.abs((long) b));
    BigDecimal root = number.squareRoot().decimal();
    BigDecimal error = root.multiply(root).subtract(number.decimal()).abs();
    BigDecimal size = number.decimal().max(BigDecimal.valueOf(Double.MIN_VALUE));
    assertThat(error.divide(size, MathContext.DECIMAL32)).isLessThan(new BigDecimal("1e-38"));
  }

  @Test
  void aRootThatComesOutEvenStaysAFraction() {
    assertThat(Value.ratio(49, 400).squareRoot()).isEqualTo(Value.ratio(7, 20));
    assertThat(Value.of(BigInteger.TEN.pow(60)).squareRoot())
        .isEqualTo(Value.of(BigInteger.TEN.pow(30)));
  }

  @Test
  void rootsOfVeryLargeAndVerySmallNumbersKeepTheirDigits() {
    BigInteger large = BigInteger.TEN.pow(401);
    assertThat(Value.of(large).squareRoot().decimal())
        .isEqualByComparingTo(new BigDecimal("10").sqrt(Value.PRECISION).scaleByPowerOfTen(200));
    assertThat(Value.ratio(BigInteger.ONE, large).squareRoot().decimal())
        .isEqualByComparingTo(new BigDecimal("0.1").sqrt(Value.PRECISION).scaleByPowerOfTen(-200));
  }

  @Test
  void roundingIsHalfUpOnTheExactValue() {
    assertThat(Value.ratio(1, 8).rounded(2)).isEqualByComparingTo("0.13");
    assertThat(Value.ratio(-1, 8).rounded(2)).isEqualByComparingTo("-0.13");
    assertThat(Value.ratio(124_999, 1_000_000).rounded(2)).isEqualByComparingTo("0.12");
  }

  @Test
  void nothingIsDividedByZero() {
    assertThatThrownBy(() -> Value.of(3).over(Value.ZERO)).isInstanceOf(ArithmeticException.class);
    assertThatThrownBy(() -> Value.ratio(3, 0)).isInstanceOf(ArithmeticException.class);
  }

  /// What is rounded on the way to the digits of a calculator is not printed with zeros behind
  /// them.
  @Test
  void aLongResultThatWasRoundedHasNoDecimalsMadeUp() {
    Value rounded = Value.real(new BigDecimal("140447301124.31")).asWritten(3);
    assertThat(NumberStyle.POINT.fixed(rounded, 3).text().replace("\u2009", ""))
        .isEqualTo("140447301124");
  }
}
