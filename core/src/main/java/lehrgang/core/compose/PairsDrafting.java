package lehrgang.core.compose;

import java.util.Optional;
import java.util.SplittableRandom;
import lehrgang.core.data.TableEntry;

/// Pairs that kept their answer or changed it.
///
/// @param blank   the table as it is labelled
/// @param n       about how many pairs there are
/// @param changed how many of them changed, at least and at most
/// @param even    whether that number is even, so that half of it is whole
record PairsDrafting(TableEntry blank, long n, long[] changed, boolean even) implements Drafting {
  private static final double ABOUT = 0.12;

  @Override
  public Optional<long[][]> begin(SplittableRandom random) {
    long all = Drafting.near(n, ABOUT, random);
    long most = Math.min(changed[1], all);
    if (changed[0] > most) {
      return Optional.empty();
    }
    long both = changed[0] + random.nextLong(most - changed[0] + 1);
    both = even ? Math.max(2, both / 2 * 2) : both;
    long kept = all - both;
    long first = kept / 4 + random.nextLong(kept / 2 + 1);
    return Optional.of(new long[][] {{first, both / 2}, {both - both / 2, kept - first}});
  }

  @Override
  public Optional<long[][]> moved(long[][] counts, double boldness, SplittableRandom random) {
    long by = Drafting.amount((counts[0][1] + counts[1][0]) / 3.0, boldness, random);
    long way = random.nextBoolean() ? by : -by;
    if (counts[0][1] + way < 0 || counts[1][0] - way < 0) {
      return Optional.empty();
    }
    long[][] moved = Drafting.copy(counts);
    moved[0][1] += way;
    moved[1][0] -= way;
    return Optional.of(moved);
  }
}
