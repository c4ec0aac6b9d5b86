package lehrgang.core.expr;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BinaryOperator;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import lehrgang.core.distribution.ChiSquaredCritical;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.distribution.NormalTail;
import lehrgang.core.distribution.NormalUpperTail;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Scale;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/// Quick ranges, by which answers are marked: whatever a student's rounded numbers could give lies
/// in them, and they are no wider than the careful ones.
class BoundsArithmeticTest {
  private static final BoundsArithmetic RANGES = BoundsArithmetic.INSTANCE;
  private static final DoubleArithmetic NUMBERS = DoubleArithmetic.INSTANCE;
  private static final double NEAR = 1e-9;

  /// A range with numbers in it, its ends among them.
  private record Sampled(Bounds range, List<Double> within) {}

  @Provide
  Arbitrary<Sampled> ranges() {
    Arbitrary<Double> ends =
        Arbitraries.oneOf(
            Arbitraries.integers().between(-30, 30).map(Integer::doubleValue),
            Arbitraries.doubles().between(-500, 500).ofScale(6),
            Arbitraries.doubles().between(-1, 1).ofScale(9));
    return Combinators.combine(ends, ends, Arbitraries.integers().between(0, 5))
        .as(
            (one, other, shape) -> {
              double low = Math.min(one, other);
              double high = shape == 0 ? low : Math.max(one, other);
              return new Sampled(
                  new Bounds(low, high),
                  List.of(low, high, (low + high) / 2, low / 3 + high / 1.5));
            });
  }

  private static final Map<String, BinaryOperator<Bounds>> OF_TWO =
      Map.of(
          "plus", RANGES::plus,
          "minus", RANGES::minus,
          "times", RANGES::times,
          "over", RANGES::over,
          "smaller", RANGES::smaller,
          "larger", RANGES::larger);
  private static final Map<String, BinaryOperator<Double>> NUMBERS_OF_TWO =
      Map.of(
          "plus", NUMBERS::plus,
          "minus", NUMBERS::minus,
          "times", NUMBERS::times,
          "over", NUMBERS::over,
          "smaller", NUMBERS::smaller,
          "larger", NUMBERS::larger);
  private static final Map<String, UnaryOperator<Bounds>> OF_ONE =
      Map.of(
          "root", RANGES::root,
          "magnitude", RANGES::magnitude,
          "negated", RANGES::negated,
          "exponential", RANGES::exponential,
          "logarithm", RANGES::logarithm,
          "arcsine", RANGES::arcsine);
  private static final Map<String, UnaryOperator<Double>> NUMBERS_OF_ONE =
      Map.of(
          "root", NUMBERS::root,
          "magnitude", NUMBERS::magnitude,
          "negated", NUMBERS::negated,
          "exponential", NUMBERS::exponential,
          "logarithm", NUMBERS::logarithm,
          "arcsine", NUMBERS::arcsine);

  @Property
  void whatTwoNumbersGiveLiesInTheRange(@ForAll("ranges") Sampled a, @ForAll("ranges") Sampled b) {
    OF_TWO.forEach(
        (name, operation) -> {
          Optional<Bounds> range = known(() -> operation.apply(a.range(), b.range()));
          for (double x : a.within()) {
            for (double y : b.within()) {
              double value = NUMBERS_OF_TWO.get(name).apply(x, y);
              if (Double.isFinite(value)) {
                assertThat(range)
                    .as("%s of %s and %s", name, x, y)
                    .hasValueSatisfying(
                        all -> assertThat(all.holds(value, NEAR * Math.abs(value))).isTrue());
              }
            }
          }
        });
  }

  @Property
  void whatOneNumberGivesLiesInTheRange(@ForAll("ranges") Sampled a) {
    OF_ONE.forEach(
        (name, operation) -> {
          Optional<Bounds> range = known(() -> operation.apply(a.range()));
          for (double x : a.within()) {
            double value = NUMBERS_OF_ONE.get(name).apply(x);
            if (Double.isFinite(value)) {
              assertThat(range)
                  .as("%s of %s", name, x)
                  .hasValueSatisfying(all -> assertThat(all.holds(value, NEAR)).isTrue());
            }
          }
        });
  }

  /// Where no number of the range has a value, it is said why.
  private static Optional<Bounds> known(Supplier<Bounds> range) {
    try {
      return Optional.of(range.get());
    } catch (Arithmetic.Impossible e) {
      assertThat(e.cause()).isNotNull();
      return Optional.empty();
    }
  }

  /// A range of one number gives one number, the usual one.
  @Property
  void aPointStaysAPoint(
      @ForAll @DoubleRange(min = 0.01, max = 300) double x,
      @ForAll @DoubleRange(min = 0.01, max = 300) double y) {
    OF_TWO.forEach(
        (name, operation) ->
            assertThat(operation.apply(Bounds.of(x), Bounds.of(y)).low())
                .as(name)
                .isCloseTo(
                    NUMBERS_OF_TWO.get(name).apply(x, y),
                    Offset.offset(NEAR * x * Math.max(1, y))));
    assertThat(RANGES.root(Bounds.of(x)).isPoint()).isTrue();
    assertThat(RANGES.over(Bounds.of(x), Bounds.of(y)).high()).isCloseTo(x / y, within(x / y));
  }

  private static Offset<Double> within(double size) {
    return Offset.offset(NEAR * size);
  }

  @Property
  void powersHoldWhatIsRaised(
      @ForAll("ranges") Sampled a, @ForAll @IntRange(max = 4) int exponent) {
    Bounds range = RANGES.power(a.range(), exponent);
    for (double x : a.within()) {
      double value = Math.pow(x, exponent);
      assertThat(range.holds(value, NEAR * Math.abs(value))).as(x + "^" + exponent).isTrue();
    }
  }

  /// The quick range is the careful one but for the last digits, and may not be wider.
  @Property(tries = 300)
  void theQuickRangeIsTheCarefulOne(
      @ForAll @IntRange(min = -50, max = 50) int a,
      @ForAll @IntRange(max = 30) int more,
      @ForAll @IntRange(min = 1, max = 40) int b,
      @ForAll @IntRange(max = 20) int further) {
    IntervalArithmetic careful = IntervalArithmetic.INSTANCE;
    Interval x = Interval.of(Value.of(a), Value.of(a + more));
    Interval y = Interval.of(Value.of(b), Value.of(b + further));
    same(RANGES.plus(quick(x), quick(y)), careful.plus(x, y));
    same(RANGES.minus(quick(x), quick(y)), careful.minus(x, y));
    same(RANGES.times(quick(x), quick(y)), careful.times(x, y));
    same(RANGES.over(quick(x), quick(y)), careful.over(x, y));
    same(RANGES.power(quick(x), 2), careful.power(x, 2));
    same(RANGES.root(quick(y)), careful.root(y));
    same(RANGES.magnitude(quick(x)), careful.magnitude(x));
    same(RANGES.smaller(quick(x), quick(y)), careful.smaller(x, y));
    same(RANGES.larger(quick(x), quick(y)), careful.larger(x, y));
  }

  private static Bounds quick(Interval range) {
    return Bounds.of(range);
  }

  private static void same(Bounds quick, Interval careful) {
    Bounds other = Bounds.of(careful);
    assertThat(quick.low()).isCloseTo(other.low(), within(1 + Math.abs(other.low())));
    assertThat(quick.high()).isCloseTo(other.high(), within(1 + Math.abs(other.high())));
  }

  /// Tail areas fall as the statistic grows, and so do their ranges.
  @Property(tries = 200)
  void areasOfARangeOfStatisticsHoldTheAreaOfEach(
      @ForAll @DoubleRange(min = 0, max = 40) double low,
      @ForAll @DoubleRange(min = 0, max = 3) double width,
      @ForAll @IntRange(min = 1, max = 12) int df) {
    Bounds statistic = new Bounds(low, low + width);
    Map<NamedFunction, List<Bounds>> tails =
        Map.of(
            ChiSquaredUpperTail.INSTANCE, List.of(statistic, Bounds.of(df)),
            NormalUpperTail.INSTANCE, List.of(statistic));
    tails.forEach(
        (tail, arguments) -> {
          Bounds area = RANGES.named(tail, arguments, new Workspace());
          for (double share : List.of(0.0, 0.3, 1.0)) {
            List<Double> at =
                arguments.stream()
                    .map(one -> one.low() + share * (one.high() - one.low()))
                    .toList();
            double value = NUMBERS.named(tail, at, new Workspace());
            assertThat(area.holds(value, NEAR)).as("%s at %s", tail.key(), at).isTrue();
          }
        });
  }

  /// A range that reaches where there are no values gives those that there are.
  @Test
  void whereOnlyPartHasValuesThoseAreGiven() {
    assertThat(RANGES.root(new Bounds(-4, 9))).isEqualTo(new Bounds(0, 3));
    assertThat(RANGES.arcsine(new Bounds(-3, 0)).low()).isEqualTo(-Math.PI / 2);
    assertThat(RANGES.logarithm(new Bounds(-1, 1)))
        .isEqualTo(new Bounds(Double.NEGATIVE_INFINITY, 0));
    assertThat(RANGES.over(Bounds.of(1), new Bounds(-1, 1))).isEqualTo(Bounds.EVERYTHING);
    assertThat(RANGES.over(Bounds.of(1), new Bounds(0, 2)))
        .isEqualTo(new Bounds(0.5, Double.POSITIVE_INFINITY));
    assertThat(
            RANGES
                .named(
                    ChiSquaredUpperTail.INSTANCE,
                    List.of(new Bounds(-5, 0), Bounds.of(3)),
                    new Workspace())
                .high())
        .isEqualTo(1);
  }

  @Test
  void whereNothingHasAValueItIsSaidWhy() {
    assertCause(() -> RANGES.over(Bounds.of(1), Bounds.of(0)), Cause.DIVISION_BY_ZERO);
    assertCause(() -> RANGES.root(new Bounds(-4, -1)), Cause.ROOT_OF_NEGATIVE);
    assertCause(() -> RANGES.logarithm(new Bounds(-4, 0)), Cause.LOGARITHM_OF_NOT_POSITIVE);
    assertCause(() -> RANGES.arcsine(new Bounds(1.5, 2)), Cause.ARCSINE_OUTSIDE);
  }

  private static void assertCause(Runnable operation, Cause cause) {
    assertThatThrownBy(operation::run)
        .isInstanceOfSatisfying(
            Arithmetic.Impossible.class, e -> assertThat(e.cause()).isEqualTo(cause));
  }

  /// A condition that may hold or not opens both ways; one that is sure opens one.
  @Test
  void aConditionThatMayHoldLeavesBothWaysOpen() {
    AtomicInteger asked = new AtomicInteger();
    Bounds perhaps = RANGES.atLeast(new Bounds(4, 6), Bounds.of(5));
    assertThat(perhaps).isEqualTo(new Bounds(0, 1));
    assertThat(RANGES.either(perhaps, () -> Bounds.of(1), () -> Bounds.of(7)))
        .isEqualTo(new Bounds(1, 7));
    Bounds sure = RANGES.atLeast(new Bounds(6, 8), Bounds.of(5));
    assertThat(RANGES.either(sure, () -> Bounds.of(1), () -> Bounds.of(asked.incrementAndGet())))
        .isEqualTo(Bounds.of(1));
    Bounds not = RANGES.atLeast(new Bounds(1, 2), Bounds.of(5));
    assertThat(RANGES.either(not, () -> Bounds.of(asked.incrementAndGet()), () -> Bounds.of(7)))
        .isEqualTo(Bounds.of(7));
    assertThat(asked).hasValue(0);
  }

  /// A product of thirds is as large as the whole that it comes to, in doubles too.
  @Test
  void numbersThatDifferInTheirLastDigitsAreEqual() {
    double almost = 0.1 + 0.2;
    assertThat(RANGES.atLeast(Bounds.of(0.3), Bounds.of(almost)).low()).isEqualTo(1);
    assertThat(RANGES.atLeast(Bounds.of(0.3), Bounds.of(0.3001)).high()).isZero();
  }

  /// The critical value of an area is where that area begins.
  @Property(tries = 60)
  void criticalValuesAndAreasLeadToEachOther(
      @ForAll @DoubleRange(min = 0.001, max = 0.4) @Scale(6) double area,
      @ForAll @IntRange(min = 1, max = 9) int df) {
    Bounds critical =
        RANGES.named(
            ChiSquaredCritical.INSTANCE,
            List.of(new Bounds(area, area * 1.01), Bounds.of(df)),
            new Workspace());
    Bounds back =
        RANGES.named(
            ChiSquaredUpperTail.INSTANCE, List.of(critical, Bounds.of(df)), new Workspace());
    assertThat(back.low()).isCloseTo(area, within(1000));
    assertThat(back.high()).isCloseTo(area * 1.01, within(1000));
    for (NormalTail side : NormalTail.values()) {
      Bounds half = RANGES.named(side, List.of(new Bounds(-0.5, 0.5)), new Workspace());
      assertThat(half.low() + half.high()).isCloseTo(1, within(1000));
    }
  }
}
