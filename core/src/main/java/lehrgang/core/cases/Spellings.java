package lehrgang.core.cases;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/// Finds categories that are probably one: their names differ only by case, spaces, accents or
/// punctuation.
public final class Spellings {
  private static final char FIRST_ACCENT = '\u0300';

  private Spellings() {}

  /// New names by old ones for those that should be united; empty where all differ.
  ///
  /// @param counts how often each spelling occurs: the most frequent one of a group stays
  public static Map<String, String> united(Map<String, Long> counts) {
    Map<String, List<String>> groups = new LinkedHashMap<>();
    counts.keySet().stream()
        .filter(name -> !name.isBlank())
        .forEach(name -> groups.computeIfAbsent(bare(name), _ -> new ArrayList<>()).add(name));
    Map<String, String> names = new LinkedHashMap<>();
    for (List<String> group : groups.values()) {
      String best =
          group.stream()
              .max(Comparator.<String>comparingLong(counts::get).thenComparing(tidiest()))
              .orElseThrow();
      group.stream().filter(name -> !name.equals(best)).forEach(name -> names.put(name, best));
    }
    return names;
  }

  /// Of two that are as frequent, the one that is written with care.
  private static Comparator<String> tidiest() {
    return Comparator.<String>comparingInt(name -> name.equals(name.strip()) ? 1 : 0)
        .thenComparing(name -> name.equals(name.toUpperCase(Locale.ROOT)) ? 0 : 1)
        .thenComparing(Comparator.reverseOrder());
  }

  /// A name with the spaces that one would overlook shown as dots: doubled ones and those that do
  /// not break a line.
  public static String visible(String name) {
    return Pattern.compile(" {2,}|[\\u00a0\\u2007\\u202f\\t]+")
        .matcher(name)
        .replaceAll(found -> "·".repeat(found.group().length()));
  }

  /// A field without the blanks around it, and with each accent joined to its letter: the two ways
  /// to encode an accented letter are one spelling to every reader (Unicode Standard Annex 15).
  public static String written(String field) {
    String text = field.strip();
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) >= FIRST_ACCENT) {
        return Normalizer.normalize(text, Normalizer.Form.NFC);
      }
    }
    return text;
  }

  static String bare(String name) {
    return Normalizer.normalize(name, Normalizer.Form.NFKD)
        .replaceAll("\\p{M}+", "")
        .toLowerCase(Locale.ROOT)
        .replace("ß", "ss")
        .replaceAll("[\\s\\p{Pd}_.,'’]+", " ")
        .strip();
  }

  /// Whether some of these would be united.
  public static boolean differOnlyInSpelling(Collection<String> names) {
    return names.stream().map(Spellings::bare).distinct().count() < names.size();
  }
}
