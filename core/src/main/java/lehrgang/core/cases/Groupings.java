package lehrgang.core.cases;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

  private Groupings() {}

  /// The steps that are worth proposing for a column; none where its values are few or cannot be
  /// grouped by what they are.
  ///
  /// @param records  some of the records
  /// @param steps    what was done to them before
  /// @param column   the column that is to be counted
  /// @param gathered what rare names are called together
  public static List<RecipeStep> of(
      CaseTable records, DecimalSign sign, List<RecipeStep> steps, String column, String gathered) {
    Map<String, Long> counts = Tallier.values(records, sign, steps, column);
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
