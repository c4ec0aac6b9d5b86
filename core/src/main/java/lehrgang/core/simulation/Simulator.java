package lehrgang.core.simulation;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.AliasMethodDiscreteSampler;
import org.apache.commons.rng.sampling.distribution.SharedStateDiscreteSampler;
import org.apache.commons.rng.simple.RandomSource;

/// Draws tables at random and takes the chi-squared statistic of each. The same experiment always
/// gives
/// the same draws; the latest ones are remembered.
public final class Simulator {
  private static final int MOST_REMEMBERED = 6;
  private static final int CHECK_EVERY = 64;

  private static final Map<Experiment, Draws> DONE = new ConcurrentHashMap<>();

  private Simulator() {}

  /// The draws of an experiment that was carried out already.
  public static Optional<Draws> known(Experiment experiment) {
    return Optional.ofNullable(DONE.get(experiment));
  }

  /// Carries an experiment out.
  ///
  /// @param progress told the part that is done, from 0 to 1
  /// @param stopped  asked now and then whether to stop
  /// @return empty if it was stopped
  public static Optional<Draws> run(
      Experiment experiment, DoubleConsumer progress, BooleanSupplier stopped) {
    UniformRandomProvider random = RandomSource.XO_RO_SHI_RO_128_PP.create(experiment.seed());
    DoubleSupplier one =
        switch (experiment.draw()) {
          case Experiment.FixedMargins margins -> new ShuffledTable(margins, random);
          case Experiment.Multinomial multinomial -> new RandomCounts(multinomial, random);
        };
    double[] statistics = new double[experiment.repetitions()];
    for (int k = 0; k < statistics.length; k++) {
      if (k % CHECK_EVERY == 0) {
        if (stopped.getAsBoolean()) {
          return Optional.empty();
        }
        progress.accept((double) k / statistics.length);
      }
      statistics[k] = one.getAsDouble();
    }
    Arrays.sort(statistics);
    Draws draws = new Draws(statistics);
    if (DONE.size() >= MOST_REMEMBERED) {
      DONE.clear();
    }
    DONE.put(experiment, draws);
    progress.accept(1);
    return Optional.of(draws);
  }

  /// Deals the columns' labels out to the rows anew: every table with these margins comes as often
  /// as
  /// chance has it.
  private static final class ShuffledTable implements DoubleSupplier {
    private final UniformRandomProvider random;
    private final int[] columnOf;
    private final int[] rowEnds;
    private final double[][] expected;
    private final int[] counts;

    ShuffledTable(Experiment.FixedMargins margins, UniformRandomProvider random) {
      this.random = random;
      int n = Math.toIntExact(margins.observations());
      this.columnOf = new int[n];
      int at = 0;
      for (int j = 0; j < margins.columns().size(); j++) {
        int end = at + margins.columns().get(j).intValue();
        Arrays.fill(columnOf, at, end, j);
        at = end;
      }
      this.rowEnds = new int[margins.rows().size()];
      this.expected = new double[rowEnds.length][margins.columns().size()];
      int end = 0;
      for (int i = 0; i < rowEnds.length; i++) {
        end += margins.rows().get(i).intValue();
        rowEnds[i] = end;
        for (int j = 0; j < expected[i].length; j++) {
          expected[i][j] = (double) margins.rows().get(i) * margins.columns().get(j) / n;
        }
      }
      this.counts = new int[margins.columns().size()];
    }

    /// The last row needs no shuffling: it gets what is left.
    @Override
    public double getAsDouble() {
      int last = rowEnds.length > 1 ? rowEnds[rowEnds.length - 2] : 0;
      for (int k = 0; k < last; k++) {
        int other = k + random.nextInt(columnOf.length - k);
        int swapped = columnOf[k];
        columnOf[k] = columnOf[other];
        columnOf[other] = swapped;
      }
      double sum = 0;
      int start = 0;
      for (int i = 0; i < rowEnds.length; i++) {
        Arrays.fill(counts, 0);
        for (int k = start; k < rowEnds[i]; k++) {
          counts[columnOf[k]]++;
        }
        sum += distance(counts, expected[i]);
        start = rowEnds[i];
      }
      return sum;
    }
  }

  private static final class RandomCounts implements DoubleSupplier {
    private final SharedStateDiscreteSampler category;
    private final long observations;
    private final double[] expected;
    private final int[] counts;

    RandomCounts(Experiment.Multinomial multinomial, UniformRandomProvider random) {
      List<Double> shares = multinomial.shares();
      double[] probabilities = shares.stream().mapToDouble(Double::doubleValue).toArray();
      this.observations = multinomial.observations();
      this.category = AliasMethodDiscreteSampler.of(random, probabilities);
      this.expected = Arrays.stream(probabilities).map(p -> p * observations).toArray();
      this.counts = new int[probabilities.length];
    }

    @Override
    public double getAsDouble() {
      Arrays.fill(counts, 0);
      for (long k = 0; k < observations; k++) {
        counts[category.sample()]++;
      }
      return distance(counts, expected);
    }
  }

  private static double distance(int[] counts, double[] expected) {
    double sum = 0;
    for (int j = 0; j < counts.length; j++) {
      double difference = counts[j] - expected[j];
      sum += difference * difference / expected[j];
    }
    return sum;
  }
}
