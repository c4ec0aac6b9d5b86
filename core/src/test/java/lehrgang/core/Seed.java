package lehrgang.core;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;

/// Where the random numbers of the tests begin. It is another number each day, so that builds see
/// different data and yet one that passed passes again; `-Dlehrgang.seed=N` sets it.
public final class Seed {
  private static final long OF_THIS_BUILD =
      Optional.ofNullable(Long.getLong("lehrgang.seed"))
          .orElseGet(() -> LocalDate.now(ZoneOffset.UTC).toEpochDay());

  static {
    System.out.println("Samples are drawn with -Dlehrgang.seed=" + OF_THIS_BUILD);
  }

  private Seed() {}

  /// A seed for one purpose, so that tests do not all draw the same numbers.
  public static long of(String purpose) {
    return OF_THIS_BUILD * 1_000_003 + purpose.hashCode();
  }
}
