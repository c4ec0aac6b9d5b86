package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.junit.jupiter.api.Test;

/// Whether the odds ratios of layers are alike: both statistics worked out once more in another
/// way.
class HomogeneityTest {
  private static final double CLOSE = 1e-9;

  private static List<List<Long>> layer(long a, long b, long c, long d) {
    return List.of(List.of(a, b), List.of(c, d));
  }

  private static Derivation derive(List<List<List<Long>>> layers) {
    Solution solution = ReferenceCases.solution("layers", ReferenceCases.layers(layers));
    return ReferenceCases.derive(solution);
  }

  private static double value(Derivation derivation, String line) {
    return derivation.exact().of(line).asDouble();
  }

  private static List<List<List<Long>>> someLayers(Random random, int least) {
    return IntStream.range(0, 2 + random.nextInt(3))
        .mapToObj(_ -> layer(some(random, least), some(random, least), some(random, least), 9))
        .toList();
  }

  private static long some(Random random, int least) {
    return least + random.nextInt(40);
  }

  private static double[] counts(List<List<Long>> layer, double added) {
    return layer.stream().flatMap(List::stream).mapToDouble(count -> count + added).toArray();
  }

  /// Σw·l² − (Σw·l)²/Σw is the same sum of squares.
  private static double woolf(List<List<List<Long>>> layers, double added) {
    double weights = 0;
    double sum = 0;
    double squares = 0;
    for (List<List<Long>> layer : layers) {
      double[] n = counts(layer, added);
      double logarithm = Math.log(n[0]) + Math.log(n[3]) - Math.log(n[1]) - Math.log(n[2]);
      double weight = 1 / (1 / n[0] + 1 / n[1] + 1 / n[2] + 1 / n[3]);
      weights += weight;
      sum += weight * logarithm;
      squares += weight * logarithm * logarithm;
    }
    return squares - sum * sum / weights;
  }

  @Property(tries = 60)
  void woolfsStatisticIsTheWeightedSumOfSquares(@ForAll Random random) {
    List<List<List<Long>>> layers = someLayers(random, 1);
    Derivation derivation = derive(layers);
    double expected = woolf(layers, 0);
    assertThat(value(derivation, "X2.hom")).isCloseTo(expected, within(CLOSE * (1 + expected)));
    double p = ChiSquaredDistribution.of(layers.size() - 1).survivalProbability(expected);
    assertThat(value(derivation, "p.hom")).isCloseTo(p, within(CLOSE));
  }

  @Test
  void anEmptyCellAddsAHalfToEveryCount() {
    List<List<List<Long>>> layers = List.of(layer(0, 5, 7, 9), layer(8, 3, 2, 9));
    assertThat(value(derive(layers), "X2.hom"))
        .isCloseTo(woolf(layers, 0.5), within(CLOSE * woolf(layers, 0.5)));
  }

  /// The first cell at which the odds ratio is the common one, found by halving.
  private static double firstCell(double ratio, double row, double column, double n) {
    double low = Math.max(0, row + column - n);
    double high = Math.min(row, column);
    for (int k = 0; k < 200; k++) {
      double a = (low + high) / 2;
      boolean tooSmall = a * (n - row - column + a) < ratio * (row - a) * (column - a);
      low = tooSmall ? a : low;
      high = tooSmall ? high : a;
    }
    return (low + high) / 2;
  }

  @Property(tries = 60)
  void breslowAndDaysStatisticStandsAroundTheCommonOddsRatio(@ForAll Random random) {
    List<List<List<Long>>> layers = someLayers(random, 2);
    Derivation derivation = derive(layers);
    double ratio = value(derivation, "OR");
    double sum = 0;
    List<Double> cells = new ArrayList<>();
    for (List<List<Long>> layer : layers) {
      double[] n = counts(layer, 0);
      double row = n[0] + n[1];
      double column = n[0] + n[2];
      double a = firstCell(ratio, row, column, row + n[2] + n[3]);
      cells.add(a);
      double rest = n[3] - n[0] + a;
      double variance = 1 / (1 / a + 1 / (row - a) + 1 / (column - a) + 1 / rest);
      sum += (n[0] - a) * (n[0] - a) / variance;
    }
    for (int k = 0; k < cells.size(); k++) {
      double a = derivation.exact().of(LineId.of("bd.A", k + 1)).asDouble();
      assertThat(a).isCloseTo(cells.get(k), within(1e-7));
    }
    assertThat(value(derivation, "X2.bd")).isCloseTo(sum, within(1e-6 * (1 + sum)));
  }

  /// Layers with one and the same odds ratio: both statistics are 0.
  @Test
  void equalOddsRatiosAreAlike() {
    Derivation derivation = derive(List.of(layer(10, 20, 30, 15), layer(20, 40, 60, 30)));
    assertThat(value(derivation, "X2.hom")).isCloseTo(0, within(1e-12));
    assertThat(value(derivation, "X2.bd")).isCloseTo(0, within(1e-12));
    assertThat(value(derivation, "p.hom")).isCloseTo(1, within(1e-9));
  }

  @Test
  void aLayerThatTakesNoPartIsNotCounted() {
    Derivation derivation =
        derive(List.of(layer(10, 20, 30, 15), layer(4, 0, 6, 0), layer(9, 4, 3, 7)));
    assertThat(value(derivation, "n")).isEqualTo(108);
    assertThat(value(derivation, "n.compared")).isEqualTo(98);
    assertThat(value(derivation, "df.hom")).isEqualTo(1);
  }
}
