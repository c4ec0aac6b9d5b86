package lehrgang.core.cases;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.wording.Phrase;

/// The cells of a table while its records pass by.
final class CountedCells {
  /// More different cells than this are no table.
  private static final int MOST_CELLS = 1_000_000;

  private static final int SEATS = 256;

  private final Recipe recipe;
  private final Seat[] seats = new Seat[SEATS];
  private final Map<List<String>, long[]> cells = new HashMap<>();
  private final List<Set<String>> categories = new ArrayList<>();

  CountedCells(Recipe recipe) {
    this.recipe = recipe;
    recipe.count().named().forEach(_ -> categories.add(new LinkedHashSet<>()));
  }

  /// Counts a record. Its texts are mostly the same objects as those of records before.
  ///
  /// @param cell its category in each counted column, three at most
  /// @param many for how many it stands
  void count(String[] cell, long many) {
    int hash = 0;
    for (String category : cell) {
      hash = 31 * hash + category.hashCode();
    }
    int at = hash & SEATS - 1;
    Seat seat = seats[at];
    if (seat == null || !seat.isFor(cell)) {
      long[] count = counted(List.of(cell));
      if (count == null) {
        return;
      }
      seat = new Seat(cell.clone(), count);
      seats[at] = seat;
    }
    seat.count()[0] += many;
  }

  /// A cell that was counted lately.
  private record Seat(String[] cell, long[] count) {
    boolean isFor(String[] other) {
      for (int k = 0; k < cell.length; k++) {
        if (cell[k] != other[k]) {
          return false;
        }
      }
      return true;
    }
  }

  /// The count of a cell; null where there are too many cells.
  private long[] counted(List<String> cell) {
    long[] count = cells.get(cell);
    if (count == null && cells.size() < MOST_CELLS) {
      count = new long[1];
      cells.put(cell, count);
      for (int k = 0; k < cell.size(); k++) {
        categories.get(k).add(cell.get(k));
      }
    }
    return count;
  }

  /// What keeps the counts from being a table: columns with too many categories.
  List<Problem> problems() {
    List<Problem> problems = new ArrayList<>();
    for (int k = 0; k < categories.size(); k++) {
      int most = k < 2 ? TableEntry.MOST_CATEGORIES : TableEntry.MOST_LAYERS;
      if (categories.get(k).size() > most) {
        problems.add(
            new Problem(
                new Problem.WholeTable(),
                Phrase.of("problem.no-categories")
                    .with("column", recipe.count().named().get(k))
                    .with("values", categories.get(k).size())
                    .with("most", most)));
      }
    }
    return problems;
  }

  /// What stands in the one column that is counted, the most frequent first.
  Map<String, Long> values() {
    Map<String, Long> values = new LinkedHashMap<>();
    cells.entrySet().stream()
        .sorted(
            Comparator.comparing((Map.Entry<List<String>, long[]> entry) -> -entry.getValue()[0])
                .thenComparing(entry -> entry.getKey().getFirst()))
        .forEach(entry -> values.put(entry.getKey().getFirst(), entry.getValue()[0]));
    return values;
  }

  /// The categories of a counted column in the order of the table; one blank one where there is no
  /// such column.
  List<String> axis(int axis) {
    return axis >= categories.size() ? List.of("") : inOrder(axis, categories.get(axis));
  }

  /// The table of what was counted.
  TableEntry table() {
    Recipe.Count count = recipe.count();
    if (count.form() == Recipe.Form.ONE) {
      List<String> rows = inOrder(0, categories.get(0));
      return new TableEntry(
          TableForm.FREQUENCIES,
          count.rows(),
          "",
          rows,
          List.of(TableEntry.OBSERVED),
          rows.stream().map(row -> List.of(written(List.of(row)))).toList());
    }
    Set<String> both = new LinkedHashSet<>(categories.get(0));
    both.addAll(categories.get(1));
    boolean paired = count.form() == Recipe.Form.PAIRED;
    if (count.form() == Recipe.Form.LAYERS) {
      return layered(count);
    }
    List<String> rows = inOrder(0, paired ? both : categories.get(0));
    List<String> columns = paired ? rows : inOrder(1, categories.get(1));
    if (count.form() == Recipe.Form.SHARES) {
      return shares(count, rows, columns);
    }
    return new TableEntry(
        count.rows(),
        count.columns(),
        rows,
        columns,
        rows.stream()
            .map(row -> columns.stream().map(column -> written(List.of(row, column))).toList())
            .toList());
  }

  /// The first category of the outcome counts as a success.
  private TableEntry shares(Recipe.Count count, List<String> outcomes, List<String> groups) {
    return new TableEntry(
        TableForm.SHARES,
        count.columns(),
        count.rows() + ": " + outcomes.getFirst(),
        groups,
        List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
        groups.stream()
            .map(
                group -> {
                  long trials =
                      outcomes.stream()
                          .mapToLong(outcome -> Long.parseLong(written(List.of(outcome, group))))
                          .sum();
                  return List.of(
                      written(List.of(outcomes.getFirst(), group)), Long.toString(trials));
                })
            .toList());
  }

  private TableEntry layered(Recipe.Count count) {
    List<String> rows = inOrder(0, categories.get(0));
    List<String> columns = inOrder(1, categories.get(1));
    List<String> layers = inOrder(2, categories.get(2));
    List<List<String>> counts = new ArrayList<>();
    for (String layer : layers) {
      for (String row : rows) {
        counts.add(columns.stream().map(column -> written(List.of(row, column, layer))).toList());
      }
    }
    return new TableEntry(
        TableForm.LAYERS,
        count.rows(),
        count.columns(),
        count.layers(),
        rows,
        columns,
        layers,
        counts);
  }

  private String written(List<String> cell) {
    long[] count = cells.get(cell);
    return Long.toString(count == null ? 0 : count[0]);
  }

  /// The last order that the recipe gives a column, or the one in which its step makes it.
  private List<String> inOrder(int axis, Set<String> names) {
    String column = recipe.count().named().get(axis);
    List<String> first = List.of();
    for (RecipeStep step : recipe.steps()) {
      if (step.result().equals(column)) {
        first =
            switch (step) {
              case RecipeStep.Order(_, var order) -> order;
              case RecipeStep.Cut(_, var classing, _) -> classing.names();
              case RecipeStep.Rename(_, var renamed) ->
                  first.stream().map(name -> renamed.getOrDefault(name, name)).distinct().toList();
              default -> first;
            };
      }
    }
    return CategoryOrder.of(names, first);
  }
}
