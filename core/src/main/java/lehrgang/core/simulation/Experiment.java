package lehrgang.core.simulation;

import java.util.List;

/// What chance is asked to do, again and again.
///
/// @param draw        how one table comes about if H₀ is true
/// @param repetitions how many tables are drawn, 1 or more
/// @param seed        the same seed draws the same tables
public record Experiment(Draw draw, int repetitions, long seed) {
  /// How a table comes about if H₀ is true.
  public sealed interface Draw {
    /// The number of observations in a table.
    long observations();
  }

  /// Tables with the margins of the observed one.
  public record FixedMargins(List<Long> rows, List<Long> columns) implements Draw {
    public FixedMargins {
      rows = List.copyOf(rows);
      columns = List.copyOf(columns);
    }

    @Override
    public long observations() {
      return rows.stream().mapToLong(Long::longValue).sum();
    }
  }

  /// Observations that fall into categories with given shares.
  public record Multinomial(long observations, List<Double> shares) implements Draw {
    public Multinomial {
      shares = List.copyOf(shares);
    }
  }

  /// Single draws of an observation in all: what the work is measured by.
  public long size() {
    return draw.observations() * repetitions;
  }
}
