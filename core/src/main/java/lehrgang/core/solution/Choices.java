package lehrgang.core.solution;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.derivation.Reading;
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
///     none
public record Choices(
    String level,
    Map<String, String> numbers,
    Map<String, String> options,
    Decimals decimals,
    Optional<Integer> onTheWay) {
  private static final Pattern SEVERAL = Pattern.compile(";|,\\s+|\\band\\b");
  private static final Pattern COMMAS = Pattern.compile(",");

  /// The field of the significance level.
  public static final String LEVEL = "level";

  /// @throws IllegalArgumentException if the decimals on the way are not 0 to [Decimals#MOST]
  public Choices {
    numbers = Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
    options = Collections.unmodifiableMap(new LinkedHashMap<>(options));
    onTheWay.ifPresent(Decimals::check);
  }

  /// What a new solution has: a level of 5 %, nothing else chosen.
  public static Choices usual() {
    return new Choices("0.05", Map.of(), Map.of(), Decimals.usual(), Optional.empty());
  }

  /// What is chosen of an option: its usual value where nothing was, or where what was is not on
  /// offer.
  public String option(ProcedureOption.OneOf option) {
    String chosen = options.getOrDefault(option.id(), option.usual());
    return option.values().contains(chosen) ? chosen : option.usual();
  }

  /// With an option set.
  ///
  /// @param id the option's
  /// @param value one of those it has
  public Choices withOption(String id, String value) {
    Map<String, String> changed = new LinkedHashMap<>(options);
    changed.put(id, value);
    return new Choices(level, numbers, changed, decimals, onTheWay);
  }

  /// With another level, as typed.
  public Choices withLevel(String typed) {
    return new Choices(typed, numbers, options, decimals, onTheWay);
  }

  /// What was typed in the field of an option; its usual value before anything was.
  public String typed(ProcedureOption.Typed option) {
    return option.id().equals(LEVEL) ? level : numbers.getOrDefault(option.id(), option.usual());
  }

  /// What was typed in a field, or `otherwise` before anything was.
  public String typedOr(String field, String otherwise) {
    return field.equals(LEVEL) ? level : numbers.getOrDefault(field, otherwise);
  }

  /// With something typed into a field.
  ///
  /// @param field [#LEVEL] or the id of a number
  public Choices withTyped(String field, String text) {
    if (field.equals(LEVEL)) {
      return withLevel(text);
    }
    Map<String, String> changed = new LinkedHashMap<>(numbers);
    changed.put(field, text);
    return new Choices(level, changed, options, decimals, onTheWay);
  }

  /// With other numbers of decimals.
  public Choices withDecimals(Decimals changed) {
    return new Choices(level, numbers, options, changed, onTheWay);
  }

  /// With lines rounded on the way, or not.
  ///
  /// @param places the decimals; empty for exact lines
  public Choices withOnTheWay(Optional<Integer> places) {
    return new Choices(level, numbers, options, decimals, places);
  }

  /// The level that decides, the first of those typed, where that is a number; a percent sign and a
  /// decimal comma are read.
  public Optional<Rational> significanceLevel() {
    return TypedNumber.read(levels().getFirst());
  }

  /// The levels at which the data are judged besides, in the order in which they were typed; what
  /// is no number is left out.
  public List<Rational> furtherLevels() {
    return levels().stream().skip(1).flatMap(typed -> TypedNumber.read(typed).stream()).toList();
  }

  /// Each level as it was typed, one or more: `5 %; 1 %`, `0.05, 0.01` or `5 % and 1 %`.
  public List<String> levels() {
    List<String> parts = parts(SEVERAL);
    boolean pointsBesideCommas = parts.size() == 1 && TypedNumber.read(level).isEmpty();
    return pointsBesideCommas ? parts(COMMAS) : parts;
  }

  private List<String> parts(Pattern between) {
    List<String> parts =
        between.splitAsStream(level).map(String::strip).filter(part -> !part.isEmpty()).toList();
    return parts.isEmpty() ? List.of(level) : parts;
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
    return onTheWay.isPresent() ? Reading.EXACT.roundedOnTheWay(shownDecimals()) : Reading.EXACT;
  }
}
