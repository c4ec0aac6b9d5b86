package lehrgang.core.wording;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.NumberStyle;

/// A sentence to be said: its key in the bundle and what fills its gaps. No words of its own.
public record Phrase(String key, Map<String, Filling> fillings) {
  /// So many names are read, not more.
  public static final int MOST_LISTED = 24;

  /// What stands in a gap.
  public sealed interface Filling {}

  /// The user's own words, such as a label.
  public record Words(String text) implements Filling {}

  /// The shown number of a line; it stays alive on the page.
  public record Number(LineId line) implements Filling {}

  /// The number of a line beside that of another, with the digits that tell which is larger.
  public record Compared(LineId line, LineId with) implements Filling {}

  /// The symbol of a line.
  public record Written(Symbol symbol) implements Filling {}

  /// A formula, as it is set.
  public record Set(Box box) implements Filling {}

  /// Symbol, sign and number of a line, such as *p* ≈ 0.0070 or *p* < 0.0001.
  public record Stated(LineId line) implements Filling {}

  /// The same beside the number of another line, with the digits that tell which is larger.
  public record StatedBeside(LineId line, LineId with) implements Filling {}

  /// The number of a line as reports give it: `= 14.10`, `= .007`, `< .001`.
  ///
  /// @param leadingZero whether the 0 before the decimal sign is written
  public record Reported(LineId line, int decimals, LeadingZero leadingZero) implements Filling {}

  /// Whether a number that cannot exceed 1 is written with its 0.
  public enum LeadingZero {
    KEPT,
    LEFT_OUT
  }

  /// In how many samples out of a hundred: the percentage that a probability is, such as *about 2.4
  /// % of samples*.
  public record InSamples(LineId line) implements Filling {}

  /// A number of a line, written as a percentage.
  public record Percentage(LineId line, String text) implements Filling {}

  /// A significance level in percent, such as 5 %.
  public record LevelInPercent(LineId level) implements Filling {}

  /// The confidence that goes with a significance level, such as 95 %.
  public record Confidence(LineId level) implements Filling {}

  /// The number of a line without its sign.
  public record Size(LineId line) implements Filling {}

  /// A phrase inside a phrase.
  public record Nested(Phrase phrase) implements Filling {}

  public Phrase {
    fillings = Collections.unmodifiableMap(fillings);
  }

  /// The sentence whose key goes on, with the same gaps filled.
  public Phrase ending(String ending) {
    return new Phrase(key + ending, fillings);
  }

  /// A sentence without gaps, or with gaps yet to be filled.
  ///
  /// @param key its key in the bundle
  public static Phrase of(String key) {
    return new Phrase(key, Map.of());
  }

  /// A label of the user's own as a phrase.
  public static Phrase label(String text) {
    return Phrase.of("place.margin").with("label", text);
  }

  /// A symbol as a phrase.
  public static Phrase symbol(Symbol symbol) {
    return Phrase.of("place.symbol").with("symbol", symbol);
  }

  /// Names one after the other, each joined to those before by `list.comma`; of more than
  /// [#MOST_LISTED] the first ones, and by `list.and-more` how many others there are.
  ///
  /// @param names at least one
  /// @param last  the key of how the last is joined, such as `list.or`
  public static Filling listed(List<String> names, String last) {
    if (names.size() > MOST_LISTED) {
      return new Nested(
          Phrase.of("list.and-more")
              .with("before", listed(names.subList(0, MOST_LISTED), "list.comma"))
              .with("more", names.size() - MOST_LISTED));
    }
    Filling list = new Words(names.getFirst());
    for (int k = 1; k < names.size(); k++) {
      list =
          new Nested(
              Phrase.of(k == names.size() - 1 ? last : "list.comma")
                  .with("before", list)
                  .with("next", names.get(k)));
    }
    return list;
  }

  /// With a gap filled.
  public Phrase with(String gap, Filling filling) {
    return with(Map.of(gap, filling));
  }

  /// With several gaps filled at once.
  public Phrase with(Map<String, ? extends Filling> filled) {
    if (fillings.isEmpty()) {
      return new Phrase(key, Map.copyOf(filled));
    }
    Map<String, Filling> more = new HashMap<>(fillings);
    more.putAll(filled);
    return new Phrase(key, more);
  }

  /// With a gap filled by the user's own words.
  public Phrase with(String gap, String words) {
    return with(gap, new Words(words));
  }

  /// With a gap filled by a whole number.
  public Phrase with(String gap, long number) {
    return with(gap, NumberStyle.whole(number));
  }

  /// With a gap filled by the shown number of a line.
  public Phrase with(String gap, LineId line) {
    return with(gap, new Number(line));
  }

  /// With a gap filled by a symbol.
  public Phrase with(String gap, Symbol symbol) {
    return with(gap, new Written(symbol));
  }

  /// With a gap filled by a phrase.
  public Phrase with(String gap, Phrase phrase) {
    return with(gap, new Nested(phrase));
  }
}
