package lehrgang.core.solution;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// How the data were collected: it decides what is required of them, how far the conclusion reaches
/// and what may be said of a cause.
public enum StudyDesign {
  /// One random sample, each unit classified.
  RANDOM_SAMPLE,
  /// A random sample from each of several groups.
  INDEPENDENT_SAMPLES,
  /// The units were assigned to the groups at random.
  EXPERIMENT,
  /// Every unit there is was counted.
  COMPLETE_COUNT,
  /// The units were not chosen at random.
  NOT_RANDOM;

  /// The name in files and on the command line, such as `random-sample`.
  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /// The design that a key stands for; empty for an unknown one.
  public static Optional<StudyDesign> ofKey(String key) {
    return Arrays.stream(values()).filter(design -> design.key().equals(key)).findFirst();
  }
}
