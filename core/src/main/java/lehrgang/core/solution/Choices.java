package lehrgang.core.solution;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Step;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;

/// The instructor's choices.
///
/// @param level    the significance level as typed, such as `0.05` or `5 %`
/// @param numbers  other numbers typed on the page by field, such as the share that is claimed
/// @param options  choices of procedure by id; one that is missing has its usual value
/// @param decimals how numbers are shown
/// @param onTheWay to how many decimals each line is rounded before it is used again; empty for
/// none
public record Choices(
    String level,
    Map<String, String> numbers,
    Map<String, String> options,
    Decimals decimals,
    Optional<Integer> onTheWay) {
  /// The field of the significance level.
  public static final String LEVEL = "level";

  public Choices {
    numbers = Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
    options = Collections.unmodifiableMap(new LinkedHashMap<>(options));
  }

  public static Choices usual() {
    return new Choices("0.05", Map.of(), Map.of(), Decimals.usual(), Optional.empty());
  }

  public String option(Step.Option option) {
    String chosen = options.getOrDefault(option.id(), option.values().getFirst());
    return option.values().contains(chosen) ? chosen : option.values().getFirst();
  }

  public Choices withOption(String id, String value) {
    Map<String, String> changed = new LinkedHashMap<>(options);
    changed.put(id, value);
    return new Choices(level, numbers, changed, decimals, onTheWay);
  }

  public Choices withLevel(String typed) {
    return new Choices(typed, numbers, options, decimals, onTheWay);
  }

  /// What was typed in a field.
  ///
  /// @param usual what stands there before anything is typed
  public String typed(String field, String usual) {
    return field.equals(LEVEL) ? level : numbers.getOrDefault(field, usual);
  }

  public Choices withTyped(String field, String text) {
    if (field.equals(LEVEL)) {
      return withLevel(text);
    }
    Map<String, String> changed = new LinkedHashMap<>(numbers);
    changed.put(field, text);
    return new Choices(level, changed, options, decimals, onTheWay);
  }

  public Choices withDecimals(Decimals changed) {
    return new Choices(level, numbers, options, changed, onTheWay);
  }

  public Choices withOnTheWay(Optional<Integer> places) {
    return new Choices(level, numbers, options, decimals, places);
  }

  /// The level as a number, where what was typed is one; a percent sign and a decimal comma are
  /// read.
  public Optional<Rational> significanceLevel() {
    return TypedNumber.read(level);
  }

  /// The decimals as shown: rounding on the way shows what it keeps.
  public Decimals shownDecimals() {
    Decimals shown = decimals;
    if (onTheWay.isPresent()) {
      for (Kind kind : Kind.values()) {
        shown = kind.roundedOnTheWay() ? shown.with(kind, onTheWay.get()) : shown;
      }
    }
    return shown;
  }

  /// The reading that the page shows.
  public Reading reading() {
    return onTheWay.isPresent()
        ? new Reading.RoundedOnTheWay(shownDecimals())
        : new Reading.Exact();
  }
}
