package lehrgang.core.compose;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;

/// Successes out of trials, in one group or in two.
///
/// @param blank   the table as it is labelled
/// @param share   that is claimed of the successes
/// @param n       about how many trials there are in all
/// @param about   how far they may be from that, as a part of it
/// @param model   successes and trials that theirs are to be near; without rows for any
/// @param nice    whether shares are whole percents
/// @param decimals of the expected counts; empty where that does not matter
record SharesDrafting(
    TableEntry blank,
    double share,
    long n,
    double about,
    long[][] model,
    boolean nice,
    Optional<Integer> decimals)
    implements Drafting {
  private static final int TRIES = 400;
  private static final double NEARLY = 1e-7;
  private static final List<Long> UNITS = List.of(20L, 25L, 50L, 100L);

  @Override
  public Optional<long[][]> begin(SplittableRandom random) {
    int groups = blank.rows().size();
    for (int k = 0; k < TRIES; k++) {
      long[][] counts = new long[groups][];
      for (int i = 0; i < groups; i++) {
        long trials = trials(i, counts, random);
        long unit = unit(trials);
        counts[i] = new long[] {Math.round(trials * begin(i, random) / unit) * unit, trials};
      }
      if (suits(counts)) {
        return Optional.of(counts);
      }
    }
    return Optional.empty();
  }

  /// The share of the successes to begin with.
  private double begin(int group, SplittableRandom random) {
    if (model.length > 0) {
      return Math.clamp(
          (double) model[group][0] / model[group][1] + random.nextDouble(-0.05, 0.05), 0, 1);
    }
    return blank.rows().size() == 1 ? share : 0.25 + random.nextDouble(0.5);
  }

  /// Two groups are of one size where expected counts are to be whole.
  private long trials(int group, long[][] before, SplittableRandom random) {
    if (group > 0 && decimals.isPresent()) {
      return before[0][1];
    }
    long middle = model.length == 0 ? n / blank.rows().size() : model[group][1];
    long trials = Math.max(2, Drafting.near(middle, about, random));
    long round = UNITS.get(random.nextInt(UNITS.size()));
    return nice ? Math.max(1, Math.round((double) trials / round)) * round : trials;
  }

  /// The successes that a whole percent takes.
  private long unit(long trials) {
    return nice ? trials / gcd(trials, 100) : 1;
  }

  private static long gcd(long one, long other) {
    return other == 0 ? one : gcd(other, one % other);
  }

  private boolean suits(long[][] counts) {
    long all = IntStream.range(0, counts.length).mapToLong(i -> counts[i][1]).sum();
    boolean near = Math.abs(all - n) <= about * n + 2;
    return near && (decimals.isEmpty() || counts.length > 1 || isRound(counts[0][1] * share));
  }

  private boolean isRound(double expected) {
    double shifted = expected * Math.pow(10, decimals.orElse(0));
    return Math.abs(shifted - Math.rint(shifted)) < NEARLY * Math.max(1, shifted);
  }

  @Override
  public Optional<long[][]> moved(long[][] counts, double boldness, SplittableRandom random) {
    long[][] moved = Drafting.copy(counts);
    long unit = unit(counts[0][1]);
    long by = Drafting.amount(counts[0][1] / 4.0 / unit, boldness, random) * unit;
    long way = random.nextBoolean() ? by : -by;
    if (counts.length == 1) {
      moved[0][0] += way;
    } else if (decimals.isPresent()) {
      moved[0][0] += way;
      moved[1][0] -= way;
    } else {
      int group = random.nextInt(counts.length);
      long own = unit(counts[group][1]);
      moved[group][0] +=
          Long.signum(way) * Drafting.amount(counts[group][1] / 4.0 / own, boldness, random) * own;
    }
    for (long[] group : moved) {
      if (group[0] < 0 || group[0] > group[1]) {
        return Optional.empty();
      }
    }
    return Optional.of(moved);
  }
}
