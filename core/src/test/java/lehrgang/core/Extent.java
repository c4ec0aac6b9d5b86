package lehrgang.core;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/// How much of what could be tried a build tries. `mvn verify` takes a sample, another one after
/// each commit; with `-Dlehrgang.extent=exhaustive` the tests that are tagged [#SAMPLED] try
/// everything.
public final class Extent {
  /// The tag of tests that run only when everything is tried.
  public static final String EXHAUSTIVE = "exhaustive";

  private Extent() {}

  public static boolean isExhaustive() {
    return EXHAUSTIVE.equals(System.getProperty("lehrgang.extent"));
  }

  /// How often something is tried.
  public static int of(int sample, int all) {
    return isExhaustive() ? all : sample;
  }

  /// All variants, or as many of them as a sample has.
  ///
  /// @param purpose the same one draws the same variants within one build
  public static <T> List<T> of(String purpose, int sample, List<T> all) {
    if (isExhaustive() || all.size() <= sample) {
      return all;
    }
    List<T> shuffled = new ArrayList<>(all);
    Collections.shuffle(shuffled, new Random(Seed.of(purpose)));
    return List.copyOf(shuffled.subList(0, sample));
  }
}
