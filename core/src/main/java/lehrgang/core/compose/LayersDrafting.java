package lehrgang.core.compose;

import java.util.Optional;
import java.util.SplittableRandom;
import lehrgang.core.data.TableEntry;

/// A two-way table for each layer.
///
/// @param blank    the tables as they are labelled
/// @param n        about how many there are in all
/// @param reversed whether all together are to point the other way than each layer
record LayersDrafting(TableEntry blank, long n, boolean reversed) implements Drafting {
  private static final double ABOUT = 0.1;

  @Override
  public Optional<long[][]> begin(SplittableRandom random) {
    int rows = blank.rows().size();
    int layers = blank.layers().size();
    long[][] counts = new long[rows * layers][];
    for (int k = 0; k < layers; k++) {
      long size = Drafting.near(n / layers, ABOUT, random);
      Optional<long[][]> layer =
          reversed
              ? Optional.of(leaning(k, layers, size, random))
              : Margins.draw(
                      new Margins.Wanted(
                          rows,
                          blank.columns().size(),
                          size,
                          Optional.empty(),
                          Optional.empty(),
                          false,
                          Optional.empty()),
                      random)
                  .map(Margins::expected);
      if (layer.isEmpty()) {
        return Optional.empty();
      }
      System.arraycopy(layer.get(), 0, counts, k * rows, rows);
    }
    return Optional.of(counts);
  }

  /// The layers differ in how often the first row occurs, and those in which it is rare hold most
  /// of the first column: thrown together, the first column looks worse than it is in any of them.
  private static long[][] leaning(int layer, int layers, long size, SplittableRandom random) {
    double place = (double) layer / Math.max(1, layers - 1);
    double often = 0.25 + 0.5 * place;
    double inFirst = 0.8 - 0.6 * place;
    double more = 0.06 + random.nextDouble(0.08);
    long first = Math.round(size * (inFirst + random.nextDouble(-0.05, 0.05)));
    long second = size - first;
    long a = Math.round(first * (often + more / 2));
    long b = Math.round(second * (often - more / 2));
    return new long[][] {{a, b}, {first - a, second - b}};
  }

  @Override
  public Optional<long[][]> moved(long[][] counts, double boldness, SplittableRandom random) {
    int rows = blank.rows().size();
    int layer = random.nextInt(blank.layers().size());
    return TwoWayDrafting.swapped(counts, layer * rows, (layer + 1) * rows, boldness, random);
  }
}
