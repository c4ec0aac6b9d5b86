package lehrgang.core.cases;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// What few categories can be made of a column with many values: parts of a date, classes of a
/// number, rise and fall of a number that is recorded day by day, rare names gathered into one.
public final class Groupings {
  /// So many categories go into a table as they are.
  public static final int FEW = 12;

  /// A name that occurs no more often than this is rare.
  private static final long RARE = 2;

  private static final int CLASSES = 5;

  /// Nearly all values must be dates, or numbers: some are misprints.
  private static final double NEARLY_ALL = 0.9;

  /// What programs and people write where nothing was recorded, in lower case.
  private static final Set<String> LIKE_MISSING =
      Set.of(
          "na",
          "n/a",
          "n.a.",
          "#n/a",
          "nan",
          "null",
          "missing",
          "not recorded",
          "-",
          "–",
          "—",
          "--",
          ".",
          "?");

  private Groupings() {}

  /// The values of a column that look as if nothing was recorded, in the order of their counts.
  ///
  /// @param counts the values of the column
  public static List<String> likeMissing(Map<String, Long> counts) {
    return counts.keySet().stream()
        .filter(value -> LIKE_MISSING.contains(value.strip().toLowerCase(Locale.ROOT)))
        .toList();
  }

  /// The step that takes them as missing.
  private static Optional<RecipeStep> missing(String column, Map<String, Long> counts) {
    Map<String, String> names = new LinkedHashMap<>();
    likeMissing(counts).forEach(value -> names.put(value, ""));
    return names.isEmpty() || names.size() == counts.size()
        ? Optional.empty()
        : Optional.of(new RecipeStep.Rename(column, names));
  }

  /// The steps that are worth proposing for a column: to take as missing what looks like it, and to
  /// group values that are many by what they are.
  ///
  /// @param records  some of the records
  /// @param steps    what was done to them before
  /// @param column   the column that is to be counted
  /// @param gathered what rare names are called together
  public static List<RecipeStep> of(
      CaseTable records, DecimalSign sign, List<RecipeStep> steps, String column, String gathered) {
    Map<String, Long> counts = Tallier.values(records, sign, steps, column);
    List<RecipeStep> ways = new ArrayList<>(missing(column, counts).stream().toList());
    ways.addAll(grouped(records, sign, steps, column, gathered, counts));
    return List.copyOf(ways);
  }

  private static List<RecipeStep> grouped(
      CaseTable records,
      DecimalSign sign,
      List<RecipeStep> steps,
      String column,
      String gathered,
      Map<String, Long> counts) {
    Optional<DateOrder> dates = datesOf(counts);
    if (counts.size() <= 1) {
      return List.of();
    }
    UnaryOperator<String> free =
        wanted -> new Recipe(steps, Recipe.Count.one(column)).free(records.columns(), wanted);
    if (dates.isPresent()) {
      return Arrays.stream(DatePart.values())
          .<RecipeStep>map(
              part ->
                  new RecipeStep.TakePart(
                      column,
                      dates.get(),
                      part,
                      free.apply(RecipeStep.TakePart.usualName(part, column))))
          .toList();
    }
    if (counts.size() <= FEW) {
      return List.of();
    }
    List<BigDecimal> numbers = numbers(counts, sign);
    if (numbers.size() >= NEARLY_ALL * counts.values().stream().mapToLong(Long::longValue).sum()) {
      List<RecipeStep> ways = new ArrayList<>();
      Classing classing = Classing.proposed(numbers, CLASSES);
      ways.add(new RecipeStep.Cut(column, classing, free.apply(RecipeStep.Cut.usualName(column))));
      boolean dayByDay =
          records.columns().stream()
              .filter(other -> !other.equals(column))
              .anyMatch(other -> datesOf(Tallier.values(records, sign, steps, other)).isPresent());
      if (dayByDay) {
        ways.add(new RecipeStep.Change(column, free.apply(RecipeStep.Change.usualName(column))));
      }
      return ways;
    }
    return rare(column, counts, gathered).stream().toList();
  }

  /// The order in which nearly all of some values are days.
  private static Optional<DateOrder> datesOf(Map<String, Long> counts) {
    return Arrays.stream(DateOrder.values())
        .reduce((one, other) -> readable(counts, other) > readable(counts, one) ? other : one)
        .filter(
            order -> !counts.isEmpty() && readable(counts, order) >= NEARLY_ALL * counts.size());
  }

  private static long readable(Map<String, Long> counts, DateOrder order) {
    return counts.keySet().stream().filter(text -> order.read(text).isPresent()).count();
  }

  private static List<BigDecimal> numbers(Map<String, Long> counts, DecimalSign sign) {
    return counts.entrySet().stream()
        .flatMap(
            value ->
                sign.read(value.getKey()).stream()
                    .flatMap(number -> Stream.generate(() -> number).limit(value.getValue())))
        .toList();
  }

  private static Optional<RecipeStep> rare(
      String column, Map<String, Long> counts, String gathered) {
    Map<String, String> names = new LinkedHashMap<>();
    counts.forEach(
        (name, count) -> {
          if (count <= RARE) {
            names.put(name, gathered);
          }
        });
    boolean leavesSome = names.size() > 1 && names.size() < counts.size();
    return leavesSome ? Optional.of(new RecipeStep.Rename(column, names)) : Optional.empty();
  }
}
