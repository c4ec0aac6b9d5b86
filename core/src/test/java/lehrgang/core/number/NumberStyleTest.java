package lehrgang.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// How numbers stand on the page.
class NumberStyleTest {
  private static final NumberStyle POINT = NumberStyle.POINT;

  @ParameterizedTest
  @CsvSource({
    "1, 8, 2, ≈ 0.13",
    "1, 3, 2, ≈ 0.33",
    "140, 3, 2, ≈ 46.67",
    "30, 1, 2, = 30.00",
    "-1, 8, 2, ≈ −0.13",
    "5, 2, 1, = 2.5",
    "5, 2, 0, ≈ 3",
    "12345, 1, 0, = 12\u2009345",
    "1234, 1, 0, = 1234"
  })
  void fractionsAreRoundedHalfUpFromTheirExactValue(
      long above, long below, int decimals, String shown) {
    assertThat(POINT.fixed(Value.ratio(above, below), decimals).withSign()).isEqualTo(shown);
  }

  @Test
  void halfUpIsDecidedByTheFractionAndNotByItsFirstDigits() {
    Value justBelow = Value.ratio(1, 2).minus(Value.exactly("1e-60"));
    assertThat(POINT.fixed(justBelow, 0).text()).isEqualTo("0");
    assertThat(POINT.fixed(Value.ratio(1, 2), 0).text()).isEqualTo("1");
  }

  @ParameterizedTest
  @CsvSource({
    "0.00697364701231, 4, ≈ 0.0070",
    "0.00004, 4, < 0.0001",
    "0.0001, 4, = 0.0001",
    "0.99996, 4, > 0.9999",
    "1, 4, = 1",
    "1e-301, 4, < 10⁻³⁰⁰",
    "1e-299, 4, < 0.0001",
    "0.2, 0, = 0.2"
  })
  void pIsNeverShownAsNothingOrAsCertain(String p, int decimals, String shown) {
    assertThat(POINT.pValue(Value.exactly(p), decimals).withSign()).isEqualTo(shown);
  }

  @Test
  void theLanguageDecidesTheDecimalSign() {
    assertThat(NumberStyle.COMMA.fixed(Value.ratio(140, 3), 2).text()).isEqualTo("46,67");
    assertThat(NumberStyle.COMMA.pValue(Value.exactly("0.00004"), 4).withSign())
        .isEqualTo("< 0,0001");
    assertThat(NumberStyle.COMMA.percent(Value.ratio(1, 3), 1).text()).isEqualTo("33,3\u00a0%");
  }

  /// What is worked out carries no more digits than calculators do; whole counts are exact.
  @Test
  void aResultLongerThanACalculatorShowsIsAPowerOfTen() {
    Value result = Value.real(new BigDecimal("29728026692955052.3"));
    assertThat(POINT.fixed(result, 0).text()).isEqualTo("2.9728026693\u2009·\u200910¹⁶");
    assertThat(POINT.fixed(result.asWritten(0), 3).text()).isEqualTo(POINT.fixed(result, 0).text());
    assertThat(POINT.fixed(Value.exactly("29728026692955052"), 0).text())
        .isEqualTo("29 728 026 692 955 052".replace(' ', '\u2009'));
    assertThat(POINT.fixed(Value.real(new BigDecimal("30262815393.76927")), 5).text())
        .isEqualTo("30 262 815 393.8".replace(' ', '\u2009'));
    assertThat(POINT.fixed(Value.real(new BigDecimal("0E+33")), 2).text()).isEqualTo("0.00");
  }

  @Test
  void twelveDigitsAreTwelveDigits() {
    assertThat(POINT.significant(Value.ratio(140, 3), 12).text()).isEqualTo("46.6666666667");
    assertThat(POINT.significant(Value.exactly("5.8018966852120711819e-34"), 12).text())
        .isEqualTo("5.80189668521\u2009·\u200910⁻³⁴");
    assertThat(POINT.significant(Value.of(480), 12).withSign()).isEqualTo("= 480");
    assertThat(POINT.significant(Value.ratio(5, 2), 12).withSign()).isEqualTo("= 2.5");
    assertThat(POINT.significant(Value.ZERO, 12).text()).isEqualTo("0");
  }

  @Test
  void rootsStayFractionsWhereTheyComeOutEven() {
    assertThat(Value.ratio(9, 16).squareRoot()).hasToString("3/4");
    assertThat(Value.of(2).squareRoot()).isInstanceOf(Real.class);
    assertThat(Value.of(2).squareRoot().power(2).minus(Value.of(2)).magnitude().decimal())
        .isLessThan(new BigDecimal("1e-38"));
  }

  @ParameterizedTest
  @CsvSource({"0.5", "1", "-0.001", "-7.05147", "-690.7755", "23.7", "-100000.5"})
  void theExponentialIsTheLibrarysToAllItsDigits(String x) {
    BigDecimal library = BigDecimalMath.exp(new BigDecimal(x), new MathContext(50));
    BigDecimal own = Elementary.exp(Value.exactly(x)).decimal();
    assertThat(own.subtract(library).abs()).isLessThan(library.multiply(new BigDecimal("1e-38")));
  }

  @Test
  void sumsOfFractionsLoseNothing() {
    Value sum = Value.ZERO;
    for (int k = 1; k <= 60; k++) {
      sum = sum.plus(Value.ratio(1, k));
    }
    for (int k = 1; k <= 60; k++) {
      sum = sum.minus(Value.ratio(1, k));
    }
    assertThat(sum).hasToString("0");
    assertThat(Value.of(BigInteger.TEN.pow(30)).over(Value.of(3)).times(Value.of(3)))
        .hasToString("1" + "0".repeat(30));
  }

  @Test
  void decimalsHaveBounds() {
    assertThatThrownBy(() -> Decimals.usual().with(Kind.EXPECTED, 11))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(List.of(Kind.values()))
        .allSatisfy(kind -> assertThat(Decimals.usual().of(kind)).isNotNegative());
  }
}
