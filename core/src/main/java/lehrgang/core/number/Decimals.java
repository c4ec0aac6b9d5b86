package lehrgang.core.number;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/// How many decimals each [Kind] is shown with.
///
/// @param places 0 to [#MOST] for every kind
public record Decimals(Map<Kind, Integer> places) {
  /// The largest number of decimals on offer.
  public static final int MOST = 10;

  private static final Map<Kind, Integer> USUAL =
      Map.ofEntries(
          Map.entry(Kind.COUNT, 0),
          Map.entry(Kind.EXPECTED, 2),
          Map.entry(Kind.CONTRIBUTION, 3),
          Map.entry(Kind.STATISTIC, 2),
          Map.entry(Kind.DEGREES_OF_FREEDOM, 0),
          Map.entry(Kind.LEVEL, 4),
          Map.entry(Kind.CRITICAL, 3),
          Map.entry(Kind.P_VALUE, 4),
          Map.entry(Kind.SHARE, 3),
          Map.entry(Kind.CLAIM, 4),
          Map.entry(Kind.PROBABILITY, 4),
          Map.entry(Kind.STANDARD_ERROR, 4),
          Map.entry(Kind.RESIDUAL, 2),
          Map.entry(Kind.EFFECT, 2),
          Map.entry(Kind.MEASURE, 2),
          Map.entry(Kind.CONDITION, 0),
          Map.entry(Kind.DECISION, 0));

  /// @throws IllegalArgumentException if a number is not 0 to [#MOST]
  public Decimals {
    Map<Kind, Integer> all = new EnumMap<>(USUAL);
    places.forEach(
        (kind, number) -> {
          check(number);
          all.put(kind, number);
        });
    places = Collections.unmodifiableMap(all);
  }

  /// Refuses a number of decimals that the program does not offer.
  ///
  /// @throws IllegalArgumentException if `number` is not 0 to [#MOST]
  public static void check(int number) {
    if (number < 0 || number > MOST) {
      throw new IllegalArgumentException("decimals must be 0 to " + MOST + ": " + number);
    }
  }

  /// The usual number for every sort of line.
  public static Decimals usual() {
    return new Decimals(USUAL);
  }

  /// How many decimals lines of a sort have, 0 to [#MOST].
  public int of(Kind kind) {
    return places.get(kind);
  }

  /// With another number for a sort.
  ///
  /// @param number 0 to [#MOST]
  /// @throws IllegalArgumentException if it is not
  public Decimals with(Kind kind, int number) {
    Map<Kind, Integer> changed = new EnumMap<>(places);
    changed.put(kind, number);
    return new Decimals(changed);
  }

  /// The same number of decimals for every sort that is not a whole number or a level.
  ///
  /// @param number 0 to [#MOST]
  /// @throws IllegalArgumentException if it is not
  public Decimals withAll(int number) {
    Decimals changed = this;
    for (Kind kind : Kind.values()) {
      if (kind.roundedOnTheWay() || kind == Kind.CRITICAL || kind == Kind.P_VALUE) {
        changed = changed.with(kind, number);
      }
    }
    return changed;
  }
}
