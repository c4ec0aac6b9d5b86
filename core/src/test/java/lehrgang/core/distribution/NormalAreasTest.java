package lehrgang.core.distribution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.number.Value;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Scale;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Areas under the normal curve, the points that cut them off, and printed tables of both.
class NormalAreasTest {
  private static final NormalDistribution LIBRARY = NormalDistribution.of(0, 1);

  private static Value right(Value z) {
    return NormalTail.UPPER.apply(List.of(z));
  }

  private static Value left(Value z) {
    return NormalTail.LOWER.apply(List.of(z));
  }

  @Property(tries = 150)
  void bothSidesOfAPointAreOneAndTheCurveIsSymmetrical(
      @ForAll @BigRange(min = "-9", max = "9") @Scale(4) BigDecimal point) {
    Value z = Value.exactly(point);
    BigDecimal both = right(z).plus(left(z)).decimal();
    assertThat(both.subtract(BigDecimal.ONE).abs()).isLessThan(new BigDecimal("1e-30"));
    assertThat(right(z).decimal()).isEqualByComparingTo(left(z.negated()).decimal());
    assertThat(right(z).asDouble())
        .isCloseTo(
            LIBRARY.survivalProbability(point.doubleValue()),
            within(1e-13 * Math.max(1e-300, right(z).asDouble()) + 1e-300));
  }

  @Property(tries = 60)
  void whatIsWrittenOutComesToTheArea(
      @ForAll @BigRange(min = "-6", max = "6") @Scale(3) BigDecimal point) {
    List<Value> values = List.of(Value.exactly(point));
    List<Expr> arguments = List.of(new Expr.Constant(values.getFirst()));
    for (NormalTail side : NormalTail.values()) {
      Value written = Evaluator.closed(side.written(arguments, values));
      BigDecimal difference = written.minus(side.apply(values)).decimal().abs();
      assertThat(difference).isLessThan(new BigDecimal("1e-25"));
    }
  }

  /// The continued fraction, worked out with twice the digits and many times the levels.
  private static BigDecimal areaInManyDigits(BigDecimal z) {
    MathContext digits = new MathContext(90);
    int levels = 40_000 / z.multiply(z).intValue() + 200;
    BigDecimal fraction = z;
    for (int k = levels; k >= 1; k--) {
      fraction = z.add(BigDecimal.valueOf(k).divide(fraction, digits), digits);
    }
    BigDecimal exponent = z.multiply(z).negate().divide(BigDecimal.TWO);
    return BigDecimalMath.exp(exponent, digits)
        .divide(
            BigDecimalMath.sqrt(BigDecimalMath.pi(digits).multiply(BigDecimal.TWO), digits), digits)
        .divide(fraction, digits);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"3.0001", "3.3", "4", "5.75", "8", "12.5", "26", "37.6", "80", "300", "1999.9"})
  void theAreaBeyondAPointHasTheDigitsThatAreReliedOn(String point) {
    BigDecimal z = new BigDecimal(point);
    BigDecimal expected = areaInManyDigits(z);
    BigDecimal wrong = right(Value.exactly(z)).decimal().subtract(expected).abs();
    assertThat(wrong.divide(expected, MathContext.DECIMAL64))
        .isLessThan(BigDecimal.ONE.movePointLeft(NormalUpperTail.DIGITS));
  }

  /// Far out the library's double is 0 and ours is not.
  @Test
  void anAreaFarOutIsNeverNothing() {
    Value area = right(Value.of(60));
    assertThat(area.signum()).isPositive();
    assertThat(area.decimal().precision() - area.decimal().scale()).isLessThan(-780);
  }

  @Property(tries = 60)
  void theCriticalValueCutsItsAreaOff(
      @ForAll @BigRange(min = "0.0001", max = "0.5") @Scale(5) BigDecimal area) {
    Value alpha = Value.exactly(area);
    Value point = NormalCritical.INSTANCE.apply(List.of(alpha));
    BigDecimal missed = right(point).minus(alpha).decimal().abs();
    assertThat(missed).isLessThan(new BigDecimal("1e-11"));
    assertThat(point.asDouble())
        .isCloseTo(LIBRARY.inverseSurvivalProbability(area.doubleValue()), within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"0", "1", "1.2", "-0.3"})
  void anAreaThatIsNoneHasNoCriticalValue(String area) {
    List<Value> arguments = List.of(Value.exactly(area));
    assertThat(NormalCritical.INSTANCE.objection(arguments)).isPresent();
    assertThatThrownBy(() -> NormalCritical.INSTANCE.apply(arguments))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(NormalCritical.INSTANCE.key());
  }

  @Property(tries = 100)
  void aPrintedNormalTableHoldsTheAreaOfItsPoint(
      @ForAll @BigRange(min = "0", max = "3.99") @Scale(2) BigDecimal point) {
    PrintedNormalTable table = PrintedNormalTable.around(Value.exactly(point));
    assertThat(table.reaches()).isTrue();
    BigDecimal start = table.own();
    BigDecimal read = start.add(PrintedNormalTable.SECOND_DECIMALS.get(table.column()));
    assertThat(read).isEqualByComparingTo(point);
    assertThat(table.area().doubleValue())
        .isCloseTo(LIBRARY.survivalProbability(point.doubleValue()), within(0.000051));
  }

  @Property(tries = 60)
  void aPrintedTableBracketsTheStatistic(
      @ForAll @IntRange(min = 1, max = 60) int df,
      @ForAll @BigRange(min = "0", max = "120") @Scale(2) BigDecimal statistic) {
    PrintedTable table = PrintedTable.around(df);
    PrintedTable.Row row = table.ownRow();
    assertThat(row.df()).isEqualTo(df);
    assertThat(row.entries()).isSorted().hasSameSizeAs(PrintedTable.AREAS);
    PrintedTable.Bracket bracket = table.bracket(Value.exactly(statistic));
    bracket.above().ifPresent(k -> assertThat(row.entries().get(k)).isLessThanOrEqualTo(statistic));
    bracket.below().ifPresent(k -> assertThat(row.entries().get(k)).isGreaterThan(statistic));
    double p = ChiSquaredDistribution.of(df).survivalProbability(statistic.doubleValue());
    bracket
        .above()
        .ifPresent(k -> assertThat(p).isLessThan(PrintedTable.AREAS.get(k).doubleValue() + 1e-4));
    bracket
        .below()
        .ifPresent(
            k -> assertThat(p).isGreaterThan(PrintedTable.AREAS.get(k).doubleValue() - 1e-4));
  }
}
