package lehrgang.core.cases;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// The order in which categories stand where nobody has said otherwise: the order that their names
/// are known by, rising numbers, or the alphabet.
public final class CategoryOrder {
  private static final List<List<String>> KNOWN =
      Stream.concat(
              Stream.of(DatePart.values()).map(DatePart::names),
              Stream.of(
                  List.of("Winter", "Spring", "Summer", "Autumn"),
                  RecipeStep.Change.NAMES,
                  List.of("yes", "no"),
                  List.of("ja", "nein"),
                  List.of("true", "false"),
                  List.of("none", "low", "medium", "high"),
                  List.of("Frühling", "Sommer", "Herbst", "Winter"),
                  List.of(
                      "Montag",
                      "Dienstag",
                      "Mittwoch",
                      "Donnerstag",
                      "Freitag",
                      "Samstag",
                      "Sonntag")))
          .filter(names -> !names.isEmpty())
          .toList();

  private CategoryOrder() {}

  /// @param first those that come first, in their order
  static List<String> of(Collection<String> categories, List<String> first) {
    List<String> ordered = new ArrayList<>();
    first.stream().filter(categories::contains).distinct().forEach(ordered::add);
    List<String> others =
        categories.stream().filter(category -> !ordered.contains(category)).toList();
    ordered.addAll(others.stream().sorted(usual(others)).toList());
    return ordered;
  }

  /// The values of a column in the order that their names are known by, as weekdays and months are;
  /// as they come where their names have none.
  ///
  /// @param counts how often each value occurs
  public static Map<String, Long> inKnownOrder(Map<String, Long> counts) {
    Optional<Comparator<String>> order =
        counts.isEmpty() ? Optional.empty() : known(counts.keySet());
    if (order.isEmpty()) {
      return counts;
    }
    Map<String, Long> ordered = new LinkedHashMap<>();
    counts.keySet().stream()
        .sorted(order.get())
        .forEach(value -> ordered.put(value, counts.get(value)));
    return ordered;
  }

  private static Comparator<String> alphabet() {
    return Comparator.comparing((String text) -> text.toLowerCase(Locale.ROOT))
        .thenComparing(Comparator.naturalOrder());
  }

  private static Optional<Comparator<String>> known(Collection<String> categories) {
    return KNOWN.stream()
        .map(names -> names.stream().map(CategoryOrder::lower).toList())
        .filter(names -> categories.stream().map(CategoryOrder::lower).allMatch(names::contains))
        .findFirst()
        .map(
            names ->
                Comparator.<String>comparingInt(category -> names.indexOf(lower(category)))
                    .thenComparing(alphabet()));
  }

  private static Comparator<String> usual(List<String> categories) {
    return known(categories).orElseGet(() -> byNumber(categories));
  }

  /// Rising numbers, or the alphabet where not all are numbers.
  private static Comparator<String> byNumber(List<String> categories) {
    boolean numbers =
        categories.stream().allMatch(text -> DecimalSign.POINT.read(text).isPresent());
    return numbers
        ? Comparator.<String, BigDecimal>comparing(
                text -> DecimalSign.POINT.read(text).orElse(BigDecimal.ZERO))
            .thenComparing(alphabet())
        : alphabet();
  }

  private static String lower(String text) {
    return text.strip().toLowerCase(Locale.ROOT);
  }
}
