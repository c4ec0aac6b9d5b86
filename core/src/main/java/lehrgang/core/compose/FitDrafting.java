package lehrgang.core.compose;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;

/// Counts of categories, and perhaps their stated shares in percent.
///
/// @param blank   the table as it is labelled; its stated shares are kept
/// @param shares  of the categories under H₀, adding up to 1
/// @param n       about how many there are in all
/// @param decimals of the expected counts; empty where that does not matter
/// @param deviations from what is expected, of a model: begun with in another order; empty for none
/// @param drawn   whether shares are drawn, in twentieths, and stated in the table
record FitDrafting(
    TableEntry blank,
    List<Double> shares,
    long n,
    Optional<Integer> decimals,
    boolean drawn,
    Optional<double[]> deviations)
    implements Drafting {
  private static final int TRIES = 400;
  private static final double ABOUT = 0.12;
  private static final int TWENTIETHS = 20;
  private static final double NEARLY = 1e-7;

  /// In counts the last column is the share in twentieths, where it is drawn.
  @Override
  public Optional<long[][]> begin(SplittableRandom random) {
    int many = blank.rows().size();
    if (drawn && many > TWENTIETHS) {
      return Optional.empty();
    }
    for (int k = 0; k < TRIES; k++) {
      long total = Drafting.near(n, ABOUT, random);
      long[] parts = drawn ? Drafting.parts(TWENTIETHS, many, random) : new long[many];
      double[] expected =
          IntStream.range(0, many)
              .mapToDouble(i -> total * (drawn ? parts[i] / 20.0 : shares.get(i)))
              .toArray();
      if (decimals.isEmpty() || Arrays.stream(expected).allMatch(this::isRound)) {
        deviations.ifPresent(model -> deviate(expected, model, random));
        return Optional.of(counts(expected, parts));
      }
    }
    return Optional.empty();
  }

  /// Takes the deviations of a model, half of the time in another order.
  private static void deviate(double[] expected, double[] model, SplittableRandom random) {
    double[] shuffled = model.clone();
    boolean others = random.nextBoolean();
    for (int i = shuffled.length - 1; others && i > 0; i--) {
      int other = random.nextInt(i + 1);
      double kept = shuffled[i];
      shuffled[i] = shuffled[other];
      shuffled[other] = kept;
    }
    double scale = 0.8 + random.nextDouble(0.35);
    for (int i = 0; i < expected.length; i++) {
      expected[i] = Math.max(0, expected[i] + scale * shuffled[i]);
    }
  }

  private boolean isRound(double expected) {
    double shifted = expected * Math.pow(10, decimals.orElse(0));
    return Math.abs(shifted - Math.rint(shifted)) < NEARLY * Math.max(1, shifted);
  }

  private long[][] counts(double[] expected, long[] parts) {
    long[][] counts = new long[expected.length][];
    double running = 0;
    long before = 0;
    for (int i = 0; i < expected.length; i++) {
      running += expected[i];
      long upTo = Math.round(running);
      counts[i] = drawn ? new long[] {upTo - before, parts[i]} : new long[] {upTo - before};
      before = upTo;
    }
    return counts;
  }

  @Override
  public Optional<long[][]> moved(long[][] counts, double boldness, SplittableRandom random) {
    int from = random.nextInt(counts.length);
    int to = random.nextInt(counts.length - 1);
    to = to >= from ? to + 1 : to;
    long by = Drafting.amount((double) n / counts.length, boldness, random);
    if (counts[from][0] < by) {
      return Optional.empty();
    }
    long[][] moved = Drafting.copy(counts);
    moved[from][0] -= by;
    moved[to][0] += by;
    return Optional.of(moved);
  }

  @Override
  public TableEntry table(long[][] counts) {
    boolean stated = drawn || blank.columns().contains(TableEntry.SHARE);
    return new TableEntry(
        blank.form(),
        blank.rowVariable(),
        blank.columnVariable(),
        blank.rows(),
        stated ? List.of(TableEntry.OBSERVED, TableEntry.SHARE) : List.of(TableEntry.OBSERVED),
        IntStream.range(0, counts.length)
            .mapToObj(
                i ->
                    drawn
                        ? List.of(Long.toString(counts[i][0]), counts[i][1] * 5 + " %")
                        : stated
                            ? List.of(Long.toString(counts[i][0]), blank.cells().get(i).get(1))
                            : List.of(Long.toString(counts[i][0])))
            .toList());
  }
}
