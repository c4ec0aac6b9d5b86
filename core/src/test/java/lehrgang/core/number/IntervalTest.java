package lehrgang.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Ranges: what comes out holds whatever the numbers in them could give.
class IntervalTest {
  private record Sampled(Interval range, List<Value> within) {}

  @Provide
  Arbitrary<Value> numbers() {
    return Arbitraries.oneOf(
        Combinators.combine(
                Arbitraries.integers().between(-40, 40), Arbitraries.integers().between(1, 12))
            .as(Value::ratio),
        Arbitraries.integers().between(0, 300).map(k -> Value.of(k).squareRoot()),
        Arbitraries.of(
            Value.ZERO, Value.exactly("1e-30"), Value.exactly("-1e25"), Value.of(2).squareRoot()));
  }

  /// Ranges, closed and open, with numbers that lie in them.
  @Provide
  Arbitrary<Sampled> ranges() {
    return Combinators.combine(
            numbers(), numbers(), numbers(), Arbitraries.integers().between(0, 9))
        .as(IntervalTest::sampled);
  }

  private static Sampled sampled(Value one, Value other, Value third, int shape) {
    List<Value> sorted = List.of(one, other, third).stream().sorted().toList();
    Optional<Value> low = shape == 0 ? Optional.empty() : Optional.of(sorted.getFirst());
    Optional<Value> high = shape == 1 ? Optional.empty() : Optional.of(sorted.getLast());
    return shape == 2
        ? new Sampled(Interval.of(one), List.of(one))
        : new Sampled(new Interval(low, high), sorted);
  }

  @Property
  void sumsDifferencesAndProductsAreHeld(@ForAll("ranges") Sampled a, @ForAll("ranges") Sampled b) {
    for (Value x : a.within()) {
      for (Value y : b.within()) {
        assertThat(a.range().plus(b.range()).holds(x.plus(y))).isTrue();
        assertThat(a.range().minus(b.range()).holds(x.minus(y))).isTrue();
        assertThat(a.range().times(b.range()).holds(x.times(y))).isTrue();
        if (y.signum() != 0) {
          assertThat(a.range().over(b.range()))
              .hasValueSatisfying(range -> assertThat(range.holds(x.over(y))).isTrue());
        }
      }
    }
  }

  @Property
  void powersRootsAndMagnitudesAreHeld(
      @ForAll("ranges") Sampled a, @ForAll @IntRange(min = 1, max = 5) int exponent) {
    for (Value x : a.within()) {
      assertThat(a.range().power(exponent).holds(x.power(exponent))).isTrue();
      assertThat(a.range().magnitude().holds(x.magnitude())).isTrue();
      assertThat(a.range().negated().holds(x.negated())).isTrue();
      if (x.signum() >= 0) {
        assertThat(a.range().squareRoot())
            .hasValueSatisfying(roots -> assertThat(roots.holds(x.squareRoot())).isTrue());
      }
    }
  }

  @Property
  void everyRoundingToSoManyPlacesOrMoreIsHeld(
      @ForAll("ranges") Sampled a,
      @ForAll @IntRange(min = 0, max = 6) int places,
      @ForAll @IntRange(min = 0, max = 9) int more) {
    for (Value x : a.within()) {
      Value rounded = Value.exactly(x.rounded(places + more));
      assertThat(a.range().roundedToAtLeast(places).holds(rounded))
          .as("%s to %d places in %s", x, places + more, a.range())
          .isTrue();
      assertThat(a.range().roundedToAtLeast(places).holds(x)).isTrue();
      assertThat(a.range().rounded(places).holds(Value.exactly(x.rounded(places)))).isTrue();
    }
  }

  @Property
  void whatTwoRangesHaveInCommonIsWhatBothHold(
      @ForAll("ranges") Sampled a, @ForAll("ranges") Sampled b, @ForAll("numbers") Value x) {
    boolean both = a.range().holds(x) && b.range().holds(x);
    boolean common = a.range().within(b.range()).filter(range -> range.holds(x)).isPresent();
    assertThat(common).isEqualTo(both);
    assertThat(a.range().hull(b.range()).holds(x))
        .isIn(true, a.range().holds(x) || b.range().holds(x));
  }

  @Test
  void fractionsStayFractionsAndRoundingIsNoWiderThanItMustBe() {
    Interval third = Interval.of(Value.ratio(1, 3));
    assertThat(third.plus(third)).isEqualTo(Interval.of(Value.ratio(2, 3)));
    Interval rounded = third.roundedToAtLeast(2);
    assertThat(rounded.low()).contains(Value.exactly("0.33"));
    assertThat(rounded.holds(Value.exactly("0.33334"))).as("no rounding goes up").isFalse();
    assertThat(Interval.of(Value.exactly("2.5")).roundedToAtLeast(0))
        .isEqualTo(Interval.of(Value.of(2), Value.of(3)));
  }

  @Test
  void aDivisorThatIsOnlyZeroGivesNothingAndOneThatMayBeZeroAnything() {
    Interval one = Interval.of(Value.ONE);
    assertThat(one.over(Interval.of(Value.ZERO))).isEmpty();
    assertThat(one.over(Interval.of(Value.of(-1), Value.ONE))).contains(Interval.EVERYTHING);
    assertThat(one.over(Interval.of(Value.ZERO, Value.of(2))))
        .hasValueSatisfying(
            range -> {
              assertThat(range.holds(Value.exactly("0.49"))).isFalse();
              assertThat(range.holds(Value.exactly("1e9"))).isTrue();
            });
    assertThat(Interval.of(Value.of(-3), Value.of(-1)).squareRoot()).isEmpty();
  }

  @Test
  void aRangeRunsUpwards() {
    assertThatThrownBy(() -> Interval.of(Value.of(2), Value.ONE))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("a range cannot go from 2 down to 1");
  }

  @Test
  void anythingToThePowerNoughtIsOne() {
    Interval range = Interval.of(Value.of(-2), Value.ratio(1, 3));
    assertThat(range.power(0)).isEqualTo(Interval.of(Value.ONE));
    assertThat(Interval.of(Value.ZERO).power(0)).isEqualTo(Interval.of(Value.ONE));
    assertThatThrownBy(() -> range.power(-1)).hasMessageContaining("-1");
  }
}
