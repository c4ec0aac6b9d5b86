package lehrgang.core.compose;

import java.util.Arrays;
import java.util.Optional;
import java.util.SplittableRandom;
import lehrgang.core.data.TableEntry;

/// Two-way tables with margins that are drawn, and counts that are moved within them.
///
/// @param blank  the table as it is named and labelled
/// @param wanted what its margins must make possible
/// @param deviations from what is expected, of a model: begun with; empty to begin with none
record TwoWayDrafting(TableEntry blank, Margins.Wanted wanted, Optional<double[][]> deviations)
    implements Drafting {
  private static final double LEAST = 0.3;
  private static final double LESS = 0.9;

  @Override
  public Optional<long[][]> begin(SplittableRandom random) {
    return Margins.draw(wanted, random)
        .map(
            margins ->
                deviations
                    .map(model -> deviating(margins, model, 0.9 + random.nextDouble(0.25)))
                    .orElseGet(margins::expected));
  }

  /// About as far from what is expected as a model, or as there is room for.
  private static long[][] deviating(Margins margins, double[][] model, double scale) {
    for (double part = scale; part > LEAST; part *= LESS) {
      long[][] counts = margins.deviating(times(model, part));
      if (Arrays.stream(counts).flatMapToLong(Arrays::stream).allMatch(count -> count >= 0)) {
        return counts;
      }
    }
    return margins.expected();
  }

  private static double[][] times(double[][] numbers, double factor) {
    return Arrays.stream(numbers)
        .map(row -> Arrays.stream(row).map(number -> number * factor).toArray())
        .toArray(double[][]::new);
  }

  @Override
  public Optional<long[][]> moved(long[][] counts, double boldness, SplittableRandom random) {
    return swapped(counts, 0, counts.length, boldness, random);
  }

  /// Moves counts between the corners of a rectangle, so that no margin changes.
  ///
  /// @param first the first row that may be touched
  /// @param after the row after the last one
  static Optional<long[][]> swapped(
      long[][] counts, int first, int after, double boldness, SplittableRandom random) {
    int columns = counts[0].length;
    int i = first + random.nextInt(after - first);
    int k = first + random.nextInt(after - first - 1);
    k = k >= i ? k + 1 : k;
    int j = random.nextInt(columns);
    int l = random.nextInt(columns - 1);
    l = l >= j ? l + 1 : l;
    double mean = Arrays.stream(counts).flatMapToLong(Arrays::stream).average().orElse(1);
    long by = Drafting.amount(mean, boldness, random);
    if (counts[i][l] < by || counts[k][j] < by) {
      return Optional.empty();
    }
    long[][] moved = Drafting.copy(counts);
    moved[i][j] += by;
    moved[k][l] += by;
    moved[i][l] -= by;
    moved[k][j] -= by;
    return Optional.of(moved);
  }
}
