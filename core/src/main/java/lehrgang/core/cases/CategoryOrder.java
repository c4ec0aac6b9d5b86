package lehrgang.core.cases;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/// The order in which categories stand where nobody has said otherwise: the order that their names
/// are known by, rising numbers, or the alphabet.
final class CategoryOrder {
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

  private static Comparator<String> usual(List<String> categories) {
    Comparator<String> alphabet =
        Comparator.comparing((String text) -> text.toLowerCase(Locale.ROOT))
            .thenComparing(Comparator.naturalOrder());
    for (List<String> known : KNOWN) {
      List<String> lower = known.stream().map(CategoryOrder::lower).toList();
      if (categories.stream().allMatch(category -> lower.contains(lower(category)))) {
        return Comparator.<String>comparingInt(category -> lower.indexOf(lower(category)))
            .thenComparing(alphabet);
      }
    }
    boolean numbers =
        categories.stream().allMatch(text -> DecimalSign.POINT.read(text).isPresent());
    return numbers
        ? Comparator.<String, BigDecimal>comparing(
                text -> DecimalSign.POINT.read(text).orElse(BigDecimal.ZERO))
            .thenComparing(alphabet)
        : alphabet;
  }

  private static String lower(String text) {
    return text.strip().toLowerCase(Locale.ROOT);
  }
}
