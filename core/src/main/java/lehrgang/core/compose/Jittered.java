package lehrgang.core.compose;

import java.util.Optional;
import java.util.SplittableRandom;
import lehrgang.core.data.TableEntry;

/// Begins with the counts of a model, each a little more or less.
///
/// @param inner moves them from there
/// @param model the counts to begin near
record Jittered(Drafting inner, long[][] model) implements Drafting {
  private static final double ROOM = 0.25;

  @Override
  public Optional<long[][]> begin(SplittableRandom random) {
    long[][] counts = Drafting.copy(model);
    for (long[] row : counts) {
      for (int j = 0; j < row.length; j++) {
        long away = Math.max(2, Math.round(row[j] * ROOM));
        row[j] = Math.max(0, row[j] - away + random.nextLong(2 * away + 1));
      }
    }
    return Optional.of(counts);
  }

  @Override
  public Optional<long[][]> moved(long[][] counts, double boldness, SplittableRandom random) {
    return inner.moved(counts, boldness, random);
  }

  @Override
  public TableEntry blank() {
    return inner.blank();
  }

  @Override
  public TableEntry table(long[][] counts) {
    return inner.table(counts);
  }
}
