package lehrgang.core.compose;

import java.util.Arrays;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Function;
import java.util.stream.IntStream;

/// The margins of a table.
record Margins(long[] rows, long[] columns, long n) {
  private static final int TRIES = 400;
  private static final double ABOUT = 0.12;
  private static final int LARGEST_PART = 7;
  private static final double ENOUGH = 5;

  /// What margins must make possible.
  ///
  /// @param n        about how many there are in all
  /// @param decimals of the expected counts; empty where that does not matter
  /// @param hold     whether every expected count is 5 or more; empty where that does not matter
  /// @param nice     whether the margins are whole percents of all
  /// @param near     margins that they are to be near; empty for any
  record Wanted(
      int rows,
      int columns,
      long n,
      Optional<Integer> decimals,
      Optional<Boolean> hold,
      boolean nice,
      Optional<Margins> near) {}

  static Optional<Margins> draw(Wanted wanted, SplittableRandom random) {
    for (int k = 0; k < TRIES; k++) {
      Margins margins = candidate(wanted, random);
      if (margins != null && margins.suit(wanted)) {
        return Optional.of(margins);
      }
    }
    return Optional.empty();
  }

  private static Margins candidate(Wanted wanted, SplittableRandom random) {
    if (wanted.nice()) {
      return inTwentieths(wanted, random);
    }
    if (wanted.decimals().isPresent()) {
      return multiplied(wanted, wanted.decimals().get() == 0 ? 1 : 10, random);
    }
    return wanted.near().isPresent()
        ? nearby(wanted.near().get(), random)
        : weighed(wanted, random);
  }

  /// Margins as multiples of small numbers: E = g·u·v, or a tenth of that.
  private static Margins multiplied(Wanted wanted, long tenth, SplittableRandom random) {
    long u = wanted.rows() + random.nextInt(wanted.rows() * (LARGEST_PART - 1));
    long v = wanted.columns() + random.nextInt(wanted.columns() * (LARGEST_PART - 1));
    long g = Math.round((double) wanted.n() * tenth / (u * v));
    if (g == 0 || g * u * v % tenth != 0) {
      return null;
    }
    long[] rows = Drafting.parts(u, wanted.rows(), random);
    long[] columns = Drafting.parts(v, wanted.columns(), random);
    return of(rows, part -> g * part * v, columns, part -> g * part * u, tenth, g * u * v);
  }

  private static Margins of(
      long[] rows,
      Function<Long, Long> row,
      long[] columns,
      Function<Long, Long> column,
      long tenth,
      long all) {
    long[] rowTotals = new long[rows.length];
    long[] columnTotals = new long[columns.length];
    for (int i = 0; i < rows.length; i++) {
      long total = row.apply(rows[i]);
      if (total % tenth != 0) {
        return null;
      }
      rowTotals[i] = total / tenth;
    }
    for (int j = 0; j < columns.length; j++) {
      long total = column.apply(columns[j]);
      if (total % tenth != 0) {
        return null;
      }
      columnTotals[j] = total / tenth;
    }
    return new Margins(rowTotals, columnTotals, all / tenth);
  }

  private static Margins inTwentieths(Wanted wanted, SplittableRandom random) {
    long unit = Math.max(1, Math.round(Drafting.near(wanted.n(), ABOUT, random) / 20.0));
    long[] rows = Drafting.parts(20, wanted.rows(), random);
    long[] columns = Drafting.parts(20, wanted.columns(), random);
    return of(rows, part -> part * unit, columns, part -> part * unit, 1, 20 * unit);
  }

  private static Margins nearby(Margins model, SplittableRandom random) {
    long[] rows = LongArrays.near(model.rows(), ABOUT, random);
    long n = Arrays.stream(rows).sum();
    long[] columns = LongArrays.near(model.columns(), ABOUT, random);
    return new Margins(rows, LongArrays.scaled(columns, n), n);
  }

  private static Margins weighed(Wanted wanted, SplittableRandom random) {
    long n = Drafting.near(wanted.n(), ABOUT / 2, random);
    return new Margins(
        LongArrays.scaled(weights(wanted.rows(), random), n),
        LongArrays.scaled(weights(wanted.columns(), random), n),
        n);
  }

  private static long[] weights(int many, SplittableRandom random) {
    return IntStream.range(0, many).mapToLong(_ -> 10 + random.nextInt(30)).toArray();
  }

  private boolean suit(Wanted wanted) {
    double least =
        (double) Arrays.stream(rows).min().orElse(0) * Arrays.stream(columns).min().orElse(0) / n;
    boolean about = Math.abs(n - wanted.n()) <= ABOUT * wanted.n() + 1;
    boolean positive =
        Arrays.stream(rows).min().orElse(0) > 0 && Arrays.stream(columns).min().orElse(0) > 0;
    return about && positive && wanted.hold().filter(hold -> hold != least >= ENOUGH).isEmpty();
  }

  /// Counts as near to independence as whole numbers can be, with these margins.
  long[][] expected() {
    return deviating(new double[rows.length][columns.length]);
  }

  /// Counts as near as whole numbers can be to so much more or less than is expected, with these
  /// margins: differences of rounded sums over the rectangle from the first cell on. Some may be
  /// negative where deviations are large.
  ///
  /// @param deviations in each row and each column adding up to 0
  long[][] deviating(double[][] deviations) {
    long[][] counts = new long[rows.length][columns.length];
    long[][] sums = new long[rows.length + 1][columns.length + 1];
    double[] off = new double[columns.length + 1];
    long above = 0;
    for (int i = 1; i <= rows.length; i++) {
      above += rows[i - 1];
      long before = 0;
      double inRow = 0;
      for (int j = 1; j <= columns.length; j++) {
        before += columns[j - 1];
        inRow += deviations[i - 1][j - 1];
        off[j] += inRow;
        sums[i][j] = Math.round((double) above * before / n + off[j]);
        counts[i - 1][j - 1] = sums[i][j] - sums[i - 1][j] - sums[i][j - 1] + sums[i - 1][j - 1];
      }
    }
    return counts;
  }

  /// How far counts with these margins are from what is expected.
  double[][] deviations(long[][] counts) {
    double[][] deviations = new double[rows.length][columns.length];
    for (int i = 0; i < rows.length; i++) {
      for (int j = 0; j < columns.length; j++) {
        deviations[i][j] = counts[i][j] - (double) rows[i] * columns[j] / n;
      }
    }
    return deviations;
  }
}
