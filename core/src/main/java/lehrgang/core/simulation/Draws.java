package lehrgang.core.simulation;

import java.util.ArrayList;
import java.util.List;

/// The statistics of tables drawn at random, from the smallest up.
public final class Draws {
  /// Statistics this close, relatively, come from tables that are equally far from H₀.
  private static final double TIE = 1e-9;

  private final double[] sorted;

  Draws(double[] sorted) {
    this.sorted = sorted;
  }

  /// How many tables were drawn.
  public int size() {
    return sorted.length;
  }

  /// How many are at least as large as the observed one.
  ///
  /// @param observed 0 or more
  public int atLeast(double observed) {
    double bound = observed - TIE * Math.max(1, observed);
    int low = 0;
    int high = sorted.length;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (sorted[middle] < bound) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return sorted.length - low;
  }

  /// A class of a histogram; it holds its lower edge.
  public record Bin(double from, double to, int count) {}

  /// A histogram from 0 to a little beyond nearly all draws and the observed statistic; the last
  /// class holds whatever lies further out.
  ///
  /// @param classes 1 or more
  /// @throws IllegalArgumentException if `classes` is below 1
  public List<Bin> histogram(int classes, double observed) {
    if (classes < 1) {
      throw new IllegalArgumentException("a histogram has 1 class or more: " + classes);
    }
    double nearlyAll = sorted[(int) (0.998 * (sorted.length - 1))];
    double end = Math.max(nearlyAll, Math.min(observed, 2 * nearlyAll)) * 1.08 + 1e-9;
    double width = end / classes;
    int[] counts = new int[classes];
    for (double statistic : sorted) {
      counts[Math.min(classes - 1, (int) (statistic / width))]++;
    }
    List<Bin> bins = new ArrayList<>();
    for (int k = 0; k < classes; k++) {
      bins.add(new Bin(k * width, (k + 1) * width, counts[k]));
    }
    return bins;
  }
}
