package lehrgang.core.simulation;

import java.util.List;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;

/// What chance is asked to do, again and again.
///
/// @param draw         how one table comes about if H₀ is true
/// @param expected     the count expected in each cell, by row
/// @param contribution what a cell adds to the statistic, as a formula in [#OBSERVED] and
///     [#EXPECTED]
/// @param repetitions  how many tables are drawn, 1 or more
/// @param seed         the same seed draws the same tables
public record Experiment(
    Draw draw, List<List<Double>> expected, Expr contribution, int repetitions, long seed) {
  /// Stands for the count of a cell in the formula of its contribution.
  public static final LineId OBSERVED = LineId.of("O");

  /// Stands for the count expected in a cell in the formula of its contribution.
  public static final LineId EXPECTED = LineId.of("E");

  /// How a table comes about if H₀ is true.
  public sealed interface Draw {}

  /// Tables with the margins of the observed one.
  public record FixedMargins(List<Long> rows, List<Long> columns) implements Draw {
    public FixedMargins {
      rows = List.copyOf(rows);
      columns = List.copyOf(columns);
    }
  }

  /// Observations that fall into categories with given shares.
  public record Multinomial(long observations, List<Double> shares) implements Draw {
    public Multinomial {
      shares = List.copyOf(shares);
    }
  }

  /// @throws IllegalArgumentException if there are no repetitions
  public Experiment {
    if (repetitions < 1) {
      throw new IllegalArgumentException("a table must be drawn at least once: " + repetitions);
    }
    expected = expected.stream().map(List::copyOf).toList();
  }

  /// Single counts drawn in all: what the work is measured by.
  public long size() {
    return expected.stream().mapToLong(List::size).sum() * repetitions;
  }
}
