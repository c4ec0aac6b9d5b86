package lehrgang.core.marking;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// The catalogue of known slips. An id never changes its meaning.
public final class Slips {
  /// Two neighbouring digits of an answer have changed places.
  public static final String DIGITS_SWAPPED = "typing-digits-swapped";

  /// The decimal sign of an answer is in another place.
  public static final String POINT_MOVED = "typing-point-moved";

  private static final Map<String, Slip> ALL = new LinkedHashMap<>();

  static {
    Stream.of(
            ExpectedSlips.all(),
            ContributionSlips.all(),
            StatisticSlips.all(),
            FreedomSlips.all(),
            TailSlips.critical(),
            TailSlips.p(),
            ShareSlips.all(),
            StatisticSlips.pairs(),
            ExactSlips.all(),
            TailSlips.decision(),
            List.of(
                new Slip(DIGITS_SWAPPED, (_, _) -> List.of()),
                new Slip(POINT_MOVED, (_, _) -> List.of())))
        .flatMap(List::stream)
        .forEach(slip -> ALL.put(slip.id(), slip));
  }

  private Slips() {}

  /// All slips, in the order in which they are thought of.
  public static List<Slip> all() {
    return List.copyOf(ALL.values());
  }

  /// The slip of an id; empty for one that the catalogue does not know.
  public static Optional<Slip> find(String id) {
    return Optional.ofNullable(ALL.get(id));
  }
}
