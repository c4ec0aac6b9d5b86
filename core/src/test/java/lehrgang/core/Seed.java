package lehrgang.core;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/// Where the random numbers of the tests begin. It is another number after each commit, so that
/// builds see different data and yet one that passed passes again; `-Dlehrgang.seed=N` sets it.
public final class Seed {
  private static final long OF_THIS_BUILD =
      Optional.ofNullable(Long.getLong("lehrgang.seed"))
          .orElseGet(() -> commit().map(Seed::number).orElse(20261128L));

  private Seed() {}

  /// The seed of the build, which repeats it.
  public static long ofThisBuild() {
    return OF_THIS_BUILD;
  }

  /// A seed for one purpose, so that tests do not all draw the same numbers.
  public static long of(String purpose) {
    return OF_THIS_BUILD * 31 + purpose.hashCode();
  }

  private static long number(String commit) {
    return Long.parseLong(commit.substring(0, 8), 16);
  }

  /// The commit on which the build stands, where it stands on one.
  private static Optional<String> commit() {
    try {
      Process git =
          new ProcessBuilder("git", "rev-parse", "HEAD")
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start();
      String said = new String(git.getInputStream().readAllBytes(), StandardCharsets.US_ASCII);
      return git.waitFor() == 0 ? Optional.of(said.strip()) : Optional.empty();
    } catch (IOException e) {
      return Optional.empty();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return Optional.empty();
    }
  }
}
