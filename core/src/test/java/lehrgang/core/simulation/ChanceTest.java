package lehrgang.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.IntSupplier;
import java.util.function.IntToDoubleFunction;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;
import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.apache.commons.statistics.distribution.HypergeometricDistribution;
import org.junit.jupiter.api.Test;

/// Whole numbers by chance come as often as they should.
class ChanceTest {
  private static final int DRAWS = 20_000;

  private static UniformRandomProvider random() {
    return RandomSource.XO_RO_SHI_RO_128_PP.create(20_251_125L);
  }

  /// A source whose every number is the same one.
  private static UniformRandomProvider always(double number) {
    return new UniformRandomProvider() {
      @Override
      public long nextLong() {
        throw new UnsupportedOperationException("only doubles are asked for");
      }

      @Override
      public double nextDouble() {
        return number;
      }
    };
  }

  private static void assertFrequencies(int most, IntSupplier draw, IntToDoubleFunction chance) {
    int[] counts = new int[most + 1];
    for (int k = 0; k < DRAWS; k++) {
      counts[draw.getAsInt()]++;
    }
    for (int k = 0; k <= most; k++) {
      double p = chance.applyAsDouble(k);
      double error = Math.sqrt(p * (1 - p) / DRAWS);
      assertThat((double) counts[k] / DRAWS).as("how often %d", k).isCloseTo(p, within(5 * error));
    }
  }

  @Test
  void drawsWithoutReplacementComeAsTheHypergeometricDistributionHasIt() {
    Chance chance = new Chance(random(), 60);
    var law = HypergeometricDistribution.of(60, 22, 17);
    assertFrequencies(17, () -> chance.hypergeometric(60, 22, 17), law::probability);
  }

  @Test
  void independentTrialsComeAsTheBinomialDistributionHasIt() {
    Chance chance = new Chance(random(), 25);
    var law = BinomialDistribution.of(25, 0.12);
    assertFrequencies(25, () -> chance.binomial(25, 0.12), law::probability);
  }

  /// Also where nothing is left to chance, and for the outermost random numbers.
  @Property(tries = 500)
  void aDrawIsOneThatIsPossible(
      @ForAll @IntRange(min = 0, max = 400) int marked,
      @ForAll @IntRange(min = 0, max = 400) int unmarked,
      @ForAll @DoubleRange(min = 0, max = 1) double part,
      @ForAll @DoubleRange(min = 0, max = 0.99) double uniform) {
    int population = marked + unmarked;
    int drawn = (int) (part * population);
    for (double number : new double[] {0, uniform, Math.nextDown(1.0)}) {
      Chance chance = new Chance(always(number), population);
      assertThat(chance.hypergeometric(population, marked, drawn))
          .isBetween(Math.max(0, drawn - unmarked), Math.min(marked, drawn));
      assertThat(chance.binomial(population, part)).isBetween(0, population);
    }
    Chance sure = new Chance(always(uniform), population);
    assertThat(sure.binomial(population, 0)).isZero();
    assertThat(sure.binomial(population, 1)).isEqualTo(population);
  }

  /// The smaller the random number, the nearer to the most probable outcome.
  @Test
  void inversionBeginsAtTheMostProbableNumber() {
    assertThat(new Chance(always(0), 100_000).hypergeometric(100_000, 30_000, 20_000))
        .isEqualTo(6000);
    assertThat(new Chance(always(0), 100_000).binomial(100_000, 0.25)).isEqualTo(25_000);
  }
}
