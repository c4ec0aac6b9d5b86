package lehrgang.core.distribution;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.Seed;
import lehrgang.core.number.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Critical values over all levels that can be typed, and all degrees of freedom.
class CriticalValuesTest {
  static Stream<Arguments> anyLevelAndDegreesOfFreedom() {
    Random random = new Random(Seed.of("critical values"));
    List<Arguments> all = new ArrayList<>();
    for (String level : List.of("1e-300", "1e-200", "1e-150", "1e-30", "0.05", "0.5", "0.99")) {
      for (int df : List.of(1, 2, 3, 4, 9, 100)) {
        all.add(Arguments.of(Value.exactly(level), df));
      }
    }
    for (int k = 0; k < Extent.of(20, 400); k++) {
      BigDecimal level =
          BigDecimal.valueOf(1 + random.nextInt(9)).movePointLeft(1 + random.nextInt(299));
      int df = (int) Math.round(Math.exp(random.nextDouble() * Math.log(Extent.of(2_000, 20_000))));
      all.add(Arguments.of(Value.exactly(level), df));
    }
    return all.stream();
  }

  @Sampled
  @ParameterizedTest
  @MethodSource("anyLevelAndDegreesOfFreedom")
  void aCriticalValueLeavesItsLevelToTheRight(Value level, int df) {
    Value point = ChiSquaredCritical.INSTANCE.apply(List.of(level, Value.of(df)));
    assertThat(area(point, df).minus(level).over(level).decimal().abs().doubleValue())
        .isLessThan(1e-25);
  }

  /// The iterations that a page shows lead to the same point, each by the rule that stands above
  /// them.
  @Sampled
  @ParameterizedTest
  @MethodSource("anyLevelAndDegreesOfFreedom")
  void theIterationsLeadThere(Value level, int df) {
    RootSearch search = ChiSquaredCritical.INSTANCE.search(List.of(level, Value.of(df)));
    BigDecimal point = search.point().decimal();
    if (df > 2) {
      Value found = ChiSquaredCritical.INSTANCE.apply(List.of(level, Value.of(df)));
      assertThat(point.subtract(found.decimal()).abs()).isLessThan(point.movePointLeft(25));
    }
    if (search.course() == RootSearch.Course.STRAIGHT) {
      List<RootSearch.Iteration> steps = search.steps();
      for (int k = 1; k < steps.size(); k++) {
        RootSearch.Iteration before = steps.get(k - 1);
        Value next = before.point().plus(before.area().minus(level).over(before.height()));
        assertThat(steps.get(k).point().decimal().round(MathContext.DECIMAL64))
            .isEqualByComparingTo(next.decimal().round(MathContext.DECIMAL64));
      }
    }
  }

  private static Value area(Value point, int df) {
    return ChiSquaredUpperTail.INSTANCE.apply(List.of(point, Value.of(df)));
  }
}
