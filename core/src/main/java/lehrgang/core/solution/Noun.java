package lehrgang.core.solution;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// A noun with its plural, such as *walker* and *walkers*.
///
/// @param one  the singular, never blank
/// @param many the plural, never blank
public record Noun(String one, String many) {
  private static final List<String> HISSING = List.of("s", "x", "z", "ch", "sh");

  /// @throws IllegalArgumentException if one of them is blank
  public Noun {
    one = Story.oneLine(one);
    many = Story.oneLine(many);
    if (one.isEmpty() || many.isEmpty()) {
      throw new IllegalArgumentException(
          "a noun needs a singular and a plural: “%s”, “%s”".formatted(one, many));
    }
  }

  /// The noun that was typed, as `party, parties` or as `party` alone; the regular English plural
  /// where none was typed. Empty where nothing was.
  public static Optional<Noun> read(String typed) {
    int comma = typed.indexOf(',');
    return comma < 0 ? of(typed, "") : of(typed.substring(0, comma), typed.substring(comma + 1));
  }

  /// A noun of what was typed; the regular English plural where none was. Empty where both are
  /// blank.
  public static Optional<Noun> of(String singular, String plural) {
    String one = Story.oneLine(singular);
    String many = Story.oneLine(plural);
    if (one.isEmpty() && many.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        one.isEmpty() ? new Noun(many, many) : new Noun(one, many.isEmpty() ? plural(one) : many));
  }

  /// Both, as [#read] reads them.
  public String text() {
    return one + ", " + many;
  }

  private static String plural(String one) {
    String lower = one.toLowerCase(Locale.ROOT);
    if (lower.matches(".*[^aeiou]y")) {
      return one.substring(0, one.length() - 1) + "ies";
    }
    return one + (HISSING.stream().anyMatch(lower::endsWith) ? "es" : "s");
  }
}
