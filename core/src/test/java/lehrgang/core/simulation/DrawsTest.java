package lehrgang.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/// The statistics that chance gave: how many are as far out, and their picture.
class DrawsTest {
  private static Draws of(List<Double> statistics) {
    return new Draws(statistics.stream().mapToDouble(Double::doubleValue).sorted().toArray());
  }

  @Property(tries = 200)
  void asManyAreAsFarOutAsOneWouldCount(
      @ForAll @Size(min = 1, max = 80) List<@DoubleRange(max = 60) Double> statistics,
      @ForAll @DoubleRange(max = 70) double observed) {
    long counted =
        statistics.stream().filter(s -> s >= observed - 1e-9 * Math.max(1, observed)).count();
    assertThat(of(statistics).atLeast(observed)).isEqualTo((int) counted);
    assertThat(of(statistics).atLeast(0)).isEqualTo(statistics.size());
    assertThat(of(statistics).size()).isEqualTo(statistics.size());
  }

  /// The same table drawn again may differ in the last digit of a double.
  @Test
  void aTieOfTheLastDigitCountsAsAsFarOut() {
    double statistic = 14.102904040404;
    Draws draws = of(List.of(1.0, Math.nextDown(statistic), statistic, Math.nextUp(statistic)));
    assertThat(draws.atLeast(statistic)).isEqualTo(3);
    assertThat(draws.atLeast(14.1030)).isZero();
  }

  @Property(tries = 200)
  void thePictureHoldsEveryDrawFromNoughtOn(
      @ForAll @Size(min = 1, max = 80) List<@DoubleRange(max = 60) Double> statistics,
      @ForAll @DoubleRange(max = 500) double observed,
      @ForAll @IntRange(min = 1, max = 40) int classes) {
    List<Draws.Bin> bins = of(statistics).histogram(classes, observed);
    assertThat(bins).hasSize(classes);
    assertThat(bins.getFirst().from()).isZero();
    assertThat(bins.stream().mapToInt(Draws.Bin::count).sum()).isEqualTo(statistics.size());
    double width = bins.getFirst().to();
    for (int k = 1; k < classes; k++) {
      assertThat(bins.get(k).from()).isEqualTo(bins.get(k - 1).to());
      assertThat(bins.get(k).to() - bins.get(k).from())
          .isBetween(0.999_999 * width, 1.000_001 * width);
    }
    double[] sorted = statistics.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    long inFirst = Arrays.stream(sorted).filter(s -> (int) (s / width) == 0).count();
    assertThat(bins.getFirst().count()).isEqualTo(classes == 1 ? statistics.size() : (int) inFirst);
  }
}
