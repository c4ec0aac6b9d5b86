package lehrgang.core.compose;

import java.util.Arrays;
import java.util.SplittableRandom;

/// Rows of counts.
final class LongArrays {
  private LongArrays() {}

  /// Each of them a little more or less.
  static long[] near(long[] model, double room, SplittableRandom random) {
    return Arrays.stream(model)
        .map(each -> Math.max(1, Drafting.near(each, room, random)))
        .toArray();
  }

  /// In the same proportions, with another sum; the rounding is settled by the running sums.
  static long[] scaled(long[] weights, long sum) {
    double whole = Arrays.stream(weights).sum();
    long[] scaled = new long[weights.length];
    long running = 0;
    long before = 0;
    for (int k = 0; k < weights.length; k++) {
      running += weights[k];
      long upTo = Math.round(running / whole * sum);
      scaled[k] = upTo - before;
      before = upTo;
    }
    return scaled;
  }
}
