package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/// The rows of a printed chi-squared table around the degrees of freedom in use: all that a student
/// in an exam has.
///
/// @param df   the degrees of freedom in use
/// @param rows that row and its neighbours
public record PrintedTable(int df, List<Row> rows) {
  /// The usual columns, from the largest right-tail area to the smallest.
  public static final List<BigDecimal> AREAS =
      List.of(
          new BigDecimal("0.10"),
          new BigDecimal("0.05"),
          new BigDecimal("0.025"),
          new BigDecimal("0.01"),
          new BigDecimal("0.005"),
          new BigDecimal("0.001"));

  private static final int SHORT = 10;
  private static final int LONG = 30;

  /// Decimals that printed tables have.
  public static final int DECIMALS = 3;

  /// @param entries the critical values for [#AREAS], rounded as printed
  public record Row(int df, List<BigDecimal> entries) {}

  /// What the printed row says about p: the columns on either side of the statistic.
  ///
  /// @param above the column whose entry is the largest not above the statistic; p is below its
  ///     area
  /// @param below the column whose entry is the smallest above the statistic; p is above its area
  public record Bracket(Optional<Integer> above, Optional<Integer> below) {}

  /// The rows of a table that is printed for those who have yet to find theirs: 1 to 10, or 1 to 30
  /// and by tens from there, as books have it.
  ///
  /// @param reach the last row that may be asked for
  /// @throws IllegalArgumentException if `reach` is below 1
  public static List<Row> reaching(int reach) {
    if (reach < 1) {
      throw new IllegalArgumentException("df must be 1 or more: " + reach);
    }
    IntStream first = IntStream.rangeClosed(1, reach <= SHORT ? SHORT : LONG);
    IntStream further = IntStream.iterate(LONG + 10, df -> df < reach + 10, df -> df + 10);
    return IntStream.concat(first, further).mapToObj(PrintedTable::row).toList();
  }

  /// @param df 1 or more
  /// @throws IllegalArgumentException if `df` is not positive
  public static PrintedTable around(int df) {
    if (df < 1) {
      throw new IllegalArgumentException("df must be 1 or more: " + df);
    }
    int first = Math.max(1, df - 1);
    return new PrintedTable(
        df, IntStream.rangeClosed(first, first + 2).mapToObj(PrintedTable::row).toList());
  }

  /// Printed tables are looked up and not worked out, so the library's quantiles serve for them;
  /// the critical value itself comes from [ChiSquaredCritical].
  private static Row row(int df) {
    ChiSquaredDistribution curve = ChiSquaredDistribution.of(df);
    return new Row(
        df,
        AREAS.stream()
            .map(area -> Value.real(curve.inverseSurvivalProbability(area.doubleValue())))
            .map(point -> point.rounded(DECIMALS))
            .toList());
  }

  /// The row of the degrees of freedom asked for.
  public Row ownRow() {
    return rows.stream().filter(row -> row.df() == df).findFirst().orElseThrow();
  }

  /// The column for α, where tables print it.
  public static Optional<Integer> columnOf(Value alpha) {
    return IntStream.range(0, AREAS.size())
        .filter(i -> Value.exactly(AREAS.get(i)).compareTo(alpha) == 0)
        .boxed()
        .findFirst();
  }

  /// The entries of the own row that a statistic lies between; one of the ends is open where it
  /// lies beyond all of them.
  public Bracket bracket(Value statistic) {
    List<BigDecimal> entries = ownRow().entries();
    int reached =
        (int)
            entries.stream()
                .filter(entry -> Value.exactly(entry).compareTo(statistic) <= 0)
                .count();
    return new Bracket(
        reached == 0 ? Optional.empty() : Optional.of(reached - 1),
        reached == entries.size() ? Optional.empty() : Optional.of(reached));
  }
}
