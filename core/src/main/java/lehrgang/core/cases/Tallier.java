package lehrgang.core.cases;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.wording.Phrase;

/// Counts records by a recipe, one after the other, so that it does not matter how many there are
/// or where they come from.
public final class Tallier {
  /// One record.
  @FunctionalInterface
  public interface Row {
    /// A field as [Spellings#written] gives it.
    ///
    /// @throws IndexOutOfBoundsException if there is no such column
    String field(int column);
  }

  private static final int MOST_SHOWN = 12;

  /// More different values than this are no categories.
  private static final int MOST_VALUES = 1000;

  private final Recipe recipe;
  private final DecimalSign sign;
  private final List<Stage> stages;
  private final int[] recorded;
  private final List<String> names;
  private final int[] counted;
  private final int[] results;
  private final RecordAtHand record;
  private final CountedCells cells;
  private final String[] cell;
  private final long[] left;
  private final List<Map<String, long[]>> seen = new ArrayList<>();
  private final long[] unseen;
  private final Optional<Spreading> spreading;
  private long inTable;

  private Tallier(
      Recipe recipe,
      DecimalSign sign,
      List<Stage> stages,
      List<String> names,
      int[] recorded,
      int[] counted) {
    this.recipe = recipe;
    this.sign = sign;
    this.stages = stages;
    this.names = names;
    this.recorded = recorded;
    this.counted = counted;
    this.results = recipe.steps().stream().mapToInt(step -> names.indexOf(step.result())).toArray();
    this.record = new RecordAtHand(names.size(), stages.size());
    this.cell = new String[counted.length];
    this.left = new long[stages.size()];
    this.unseen = new long[stages.size()];
    stages.forEach(_ -> seen.add(new HashMap<>()));
    this.cells = new CountedCells(recipe);
    this.spreading = Spreading.of(recipe, names, counted);
  }

  /// Makes a recipe ready for records with these columns.
  ///
  /// @return what is wrong, where it names a column that there is not
  public static Checked<Tallier> of(List<String> columns, DecimalSign sign, Recipe recipe) {
    List<Problem> problems = new ArrayList<>();
    List<String> names = new ArrayList<>(columns);
    List<Stage> stages = new ArrayList<>();
    for (RecipeStep step : recipe.steps()) {
      if (!names.contains(step.column())) {
        problems.add(noColumn(step.column()));
      } else if (step.into().filter(names::contains).isPresent()) {
        problems.add(problem(Phrase.of("problem.column-twice").with("column", step.into().get())));
      } else if (step instanceof RecipeStep.Combine(_, var other, _) && !names.contains(other)) {
        problems.add(noColumn(other));
      } else {
        step.into().ifPresent(names::add);
        stages.add(Stage.of(step, names, sign));
      }
    }
    for (String column : recipe.count().named()) {
      if (!names.contains(column)) {
        problems.add(noColumn(column));
      }
    }
    List<String> counted = recipe.count().named();
    counted.stream()
        .filter(column -> counted.indexOf(column) < counted.lastIndexOf(column))
        .findFirst()
        .ifPresent(
            column ->
                problems.add(
                    problem(Phrase.of("problem.column-with-itself").with("column", column))));
    return Checked.of(
        problems,
        () ->
            new Tallier(
                recipe,
                sign,
                List.copyOf(stages),
                List.copyOf(names),
                used(recipe, columns),
                recipe.count().named().stream().mapToInt(names::indexOf).toArray()));
  }

  private static Problem noColumn(String column) {
    return problem(
        column.isBlank()
            ? Phrase.of("problem.choose-column")
            : Phrase.of("problem.no-column").with("column", column));
  }

  private static Problem problem(Phrase sentence) {
    return new Problem(new Problem.WholeTable(), sentence);
  }

  /// The recorded columns that matter.
  private static int[] used(Recipe recipe, List<String> columns) {
    Set<String> needed = new LinkedHashSet<>(recipe.count().named());
    for (RecipeStep step : recipe.steps()) {
      needed.add(step.column());
      if (step instanceof RecipeStep.Combine(_, var other, _)) {
        needed.add(other);
      }
    }
    return IntStream.range(0, columns.size())
        .filter(j -> needed.contains(columns.get(j)))
        .toArray();
  }

  /// The places of the recorded columns that matter, from 0; no other field is asked of a record.
  public int[] columns() {
    return recorded.clone();
  }

  /// Takes the next record.
  public void add(Row row) {
    record.next();
    take(row);
  }

  private void take(Row row) {
    for (int column : recorded) {
      record.set(column, row.field(column));
    }
    for (int step = 0; step < stages.size(); step++) {
      if (!stages.get(step).pass(record, step)) {
        return;
      }
      note(step);
    }
    for (int k = 0; k < counted.length; k++) {
      int column = counted[k];
      if (record.missing(column) != null) {
        record.lose(column, names.get(column));
        return;
      }
      cell[k] = record.value(column);
    }
    inTable += record.many();
    spreading.ifPresent(number -> number.add(record, sign));
    cells.count(cell, record.many());
  }

  /// Keeps in mind what a step made of the record.
  private void note(int step) {
    left[step] += record.many();
    int column = results[step];
    if (record.missing(column) != null) {
      unseen[step] += record.many();
      return;
    }
    Map<String, long[]> counts = seen.get(step);
    long[] count = counts.get(record.value(column));
    if (count != null) {
      count[0] += record.many();
    } else if (counts.size() < MOST_VALUES) {
      counts.put(record.value(column), new long[] {record.many()});
    }
  }

  /// What was counted, or why it makes no table.
  public Checked<Tally> result() {
    List<Problem> problems = new ArrayList<>();
    if (inTable == 0) {
      problems.add(problem(Phrase.of("problem.nothing-counted").with("read", record.number())));
    }
    problems.addAll(cells.problems());
    return Checked.of(
        problems,
        () ->
            new Tally(
                cells.table(),
                record.number(),
                inTable,
                record.losses(),
                effects(),
                spreading.map(number -> number.spread(cells::axis))));
  }

  private List<Tally.Effect> effects() {
    return IntStream.range(0, stages.size()).mapToObj(this::effect).toList();
  }

  private Tally.Effect effect(int step) {
    Map<String, Long> shown = new LinkedHashMap<>();
    seen.get(step).entrySet().stream()
        .sorted(
            Comparator.comparing((Map.Entry<String, long[]> entry) -> -entry.getValue()[0])
                .thenComparing(Map.Entry::getKey))
        .limit(MOST_SHOWN)
        .forEach(entry -> shown.put(entry.getKey(), entry.getValue()[0]));
    return new Tally.Effect(
        left[step],
        record.changed(step),
        inOrderOf(recipe.steps().get(step), shown),
        Math.max(0, seen.get(step).size() - MOST_SHOWN),
        unseen[step]);
  }

  /// Classes and parts of dates stand in their own order, whatever their counts.
  private static Map<String, Long> inOrderOf(RecipeStep step, Map<String, Long> counts) {
    List<String> first =
        step instanceof RecipeStep.Cut(_, var classing, _) ? classing.names() : List.of();
    boolean ordered = step instanceof RecipeStep.Cut || step instanceof RecipeStep.TakePart;
    Map<String, Long> shown = new LinkedHashMap<>();
    List<String> names =
        ordered ? CategoryOrder.of(counts.keySet(), first) : List.copyOf(counts.keySet());
    names.forEach(name -> shown.put(name, counts.get(name)));
    return Collections.unmodifiableMap(shown);
  }

  /// The values that a column of cases in memory has after some steps, the most frequent first.
  ///
  /// @return nothing if a step or the column does not fit
  public static Map<String, Long> values(
      CaseTable cases, DecimalSign sign, List<RecipeStep> steps, String column) {
    Recipe recipe = new Recipe(steps, Recipe.Count.one(column));
    if (!(of(cases.columns(), sign, recipe) instanceof Checked.Good<Tallier>(var tallier))) {
      return Map.of();
    }
    tallier.addAll(cases);
    return tallier.values();
  }

  /// What stands in the one column that is counted, the most frequent first.
  public Map<String, Long> values() {
    return cells.values();
  }

  /// Records that are alike are counted together, unless a step looks at the record before.
  private void addAll(CaseTable cases) {
    if (recipe.steps().stream().anyMatch(RecipeStep.Change.class::isInstance)) {
      for (int i = 0; i < cases.size(); i++) {
        int row = i;
        add(column -> cases.written(row, column));
      }
    } else {
      cases.together(
          recorded,
          alike -> {
            record.next(alike.examples(), alike.many());
            take(column -> cases.written(alike.first(), column));
          });
    }
  }

  /// Counts cases that are in memory.
  public static Checked<Tally> count(CaseTable cases, DecimalSign sign, Recipe recipe) {
    return switch (of(cases.columns(), sign, recipe)) {
      case Checked.Bad<Tallier>(var problems) -> new Checked.Bad<>(problems);
      case Checked.Good<Tallier>(var tallier) -> {
        tallier.addAll(cases);
        yield tallier.result();
      }
    };
  }
}
