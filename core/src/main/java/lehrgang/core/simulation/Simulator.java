package lehrgang.core.simulation;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.work.Progress;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/// Draws tables at random and takes the chi-squared statistic of each. The same experiment always
/// gives the same draws.
public final class Simulator {
  private static final int CHECK_EVERY = 256;

  /// Contributions of larger counts are worked out each time they are met.
  private static final int MOST_REMEMBERED = 20_000;

  private Simulator() {}

  /// Carries an experiment out.
  ///
  /// @param progress told the part that is done
  /// @throws CancellationException if it was stopped
  public static Draws run(Experiment experiment, Progress progress) {
    UniformRandomProvider random = RandomSource.XO_RO_SHI_RO_128_PP.create(experiment.seed());
    TableAtRandom table =
        switch (experiment.draw()) {
          case Experiment.FixedMargins margins -> new WithMargins(margins, random);
          case Experiment.Multinomial multinomial -> new ByShares(multinomial, random);
        };
    Statistic statistic = new Statistic(experiment.expected(), experiment.contribution());
    double[] statistics = new double[experiment.repetitions()];
    for (int k = 0; k < statistics.length; k++) {
      if (k % CHECK_EVERY == 0) {
        progress.report(k, statistics.length);
      }
      statistics[k] = statistic.of(table.draw());
    }
    Arrays.sort(statistics);
    progress.report(1);
    return new Draws(statistics);
  }

  /// Counts that came about by chance, row after row; the same array each time.
  private interface TableAtRandom {
    int[] draw();
  }

  /// Deals each row's observations out to what is left of the columns: every table with these
  /// margins comes as often as chance has it.
  private static final class WithMargins implements TableAtRandom {
    private final Chance chance;
    private final int[] rows;
    private final int[] columns;
    private final int[] left;
    private final int[] counts;

    WithMargins(Experiment.FixedMargins margins, UniformRandomProvider random) {
      this.rows = margins.rows().stream().mapToInt(Math::toIntExact).toArray();
      this.columns = margins.columns().stream().mapToInt(Math::toIntExact).toArray();
      this.left = new int[columns.length];
      this.counts = new int[rows.length * columns.length];
      this.chance = new Chance(random, Arrays.stream(rows).sum());
    }

    @Override
    public int[] draw() {
      System.arraycopy(columns, 0, left, 0, columns.length);
      int remaining = Arrays.stream(rows).sum();
      int last = rows.length - 1;
      for (int i = 0; i < last; i++) {
        int drawn = rows[i];
        int population = remaining;
        for (int j = 0; j < columns.length; j++) {
          int count =
              j == columns.length - 1 ? drawn : chance.hypergeometric(population, left[j], drawn);
          counts[i * columns.length + j] = count;
          population -= left[j];
          left[j] -= count;
          drawn -= count;
        }
        remaining -= rows[i];
      }
      System.arraycopy(left, 0, counts, last * columns.length, columns.length);
      return counts;
    }
  }

  private static final class ByShares implements TableAtRandom {
    private final Chance chance;
    private final int observations;
    private final double[] shares;
    private final int[] counts;

    ByShares(Experiment.Multinomial multinomial, UniformRandomProvider random) {
      this.observations = Math.toIntExact(multinomial.observations());
      this.shares = multinomial.shares().stream().mapToDouble(Double::doubleValue).toArray();
      this.counts = new int[shares.length];
      this.chance = new Chance(random, observations);
    }

    @Override
    public int[] draw() {
      int left = observations;
      double rest = Arrays.stream(shares).sum();
      for (int j = 0; j < shares.length; j++) {
        boolean last = j == shares.length - 1;
        counts[j] = last ? left : chance.binomial(left, shares[j] / rest);
        left -= counts[j];
        rest -= shares[j];
      }
      return counts;
    }
  }

  /// The statistic of a table, by the formula that the page shows.
  private static final class Statistic {
    private final double[] expected;
    private final double[][] known;
    private final Expr contribution;
    private final Evaluator<Double> evaluator;
    private double observedHere;
    private double expectedHere;

    Statistic(List<List<Double>> expected, Expr contribution) {
      this.expected =
          expected.stream().flatMap(List::stream).mapToDouble(Double::doubleValue).toArray();
      this.known = new double[this.expected.length][];
      this.contribution = contribution;
      this.evaluator =
          Evaluator.inDoubles(id -> id.equals(Experiment.OBSERVED) ? observedHere : expectedHere);
    }

    double of(int[] counts) {
      double sum = 0;
      for (int cell = 0; cell < counts.length; cell++) {
        sum += contribution(cell, counts[cell]);
      }
      return sum;
    }

    private double contribution(int cell, int count) {
      if (count >= MOST_REMEMBERED) {
        return worked(cell, count);
      }
      double[] ofCell = known[cell];
      if (ofCell == null || ofCell.length <= count) {
        int before = ofCell == null ? 0 : ofCell.length;
        ofCell = ofCell == null ? new double[count + 1] : Arrays.copyOf(ofCell, count + 1);
        Arrays.fill(ofCell, before, count + 1, Double.NaN);
        known[cell] = ofCell;
      }
      if (Double.isNaN(ofCell[count])) {
        ofCell[count] = worked(cell, count);
      }
      return ofCell[count];
    }

    private double worked(int cell, int count) {
      observedHere = count;
      expectedHere = expected[cell];
      return evaluator.evaluate(contribution).found().orElseThrow();
    }
  }
}
