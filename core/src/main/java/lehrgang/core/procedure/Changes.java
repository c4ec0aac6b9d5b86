package lehrgang.core.procedure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.derivation.Change;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;

/// Carries out what a page offers: the same data by another procedure, neighbours merged, an option
/// set.
public final class Changes {
  private static final int PLACES = 12;

  private Changes() {}

  /// Whether a change can be made now: one of the table needs a table that can be worked out. A
  /// page that is no longer up to date still offers what it did.
  public static boolean canBeMade(Change change, Solution solution) {
    return switch (change) {
      case Change.Choose _ -> true;
      case Change.Several(var changes) ->
          changes.stream().allMatch(one -> canBeMade(one, solution));
      case Change.SwitchTo _, Change.MergeRows _, Change.MergeColumns _ ->
          !(Procedures.work(solution) instanceof Procedure.Refused);
    };
  }

  /// The solution after a change that can be made. Where its table was counted from records that
  /// are kept, they are counted anew and stay with it.
  public static Solution apply(Change change, Solution solution) {
    if (solution.origin().orElse(null) instanceof Origin(Records.Kept records, _, _)) {
      Optional<Checked<Origin>> counted =
          recipe(change, solution).map(recipe -> Origin.count(records, recipe));
      if (counted.orElse(null) instanceof Checked.Good<Origin>(var origin)) {
        return counted(change, solution, origin);
      }
    }
    return typed(change, solution);
  }

  /// The solution after a change, with a table that was counted for it.
  public static Solution counted(Change change, Solution solution, Origin origin) {
    return typed(change, solution).withOrigin(origin);
  }

  /// The recipe by which records are counted after a change; nothing where the change leaves the
  /// table as it is, or where there are no records.
  public static Optional<Recipe> recipe(Change change, Solution solution) {
    return solution
        .origin()
        .map(origin -> recipe(change, solution.table(), origin.recipe()))
        .filter(recipe -> !recipe.equals(solution.origin().get().recipe()));
  }

  private static Recipe recipe(Change change, TableEntry table, Recipe recipe) {
    return switch (change) {
      case Change.SwitchTo(var id) -> recipe.withCount(count(Procedures.of(id), table, recipe));
      case Change.MergeRows(var first) -> merging(recipe, 0, table.rows(), first);
      case Change.MergeColumns(var first) -> merging(recipe, 1, table.columns(), first);
      case Change.Several(var changes) -> {
        Recipe next = recipe;
        TableEntry now = table;
        for (Change one : changes) {
          next = recipe(one, now, next);
          now = typed(one, now);
        }
        yield next;
      }
      case Change.Choose _ -> recipe;
    };
  }

  /// Merging is one more step.
  private static Recipe merging(Recipe recipe, int axis, List<String> labels, int first) {
    List<String> both = labels.subList(first, first + 2);
    Map<String, String> names = new LinkedHashMap<>();
    String merged = TableEntry.mergedLabel(both.getFirst(), both.getLast());
    both.forEach(label -> names.put(label, merged));
    return recipe.withStep(new RecipeStep.Rename(recipe.count().named().get(axis), names));
  }

  private static Recipe.Count count(Procedure procedure, TableEntry table, Recipe recipe) {
    Recipe.Count now = recipe.count();
    if (procedure.forms().contains(table.form())) {
      return now;
    }
    return procedure.forms().contains(TableForm.SHARES)
        ? new Recipe.Count(Recipe.Form.SHARES, now.rows(), now.columns())
        : Recipe.Count.two(now.rows(), now.columns());
  }

  /// The solution after a change to a table that was typed.
  private static Solution typed(Change change, Solution solution) {
    return switch (change) {
      case Change.SwitchTo(var id) -> switched(solution, Procedures.of(id));
      case Change.MergeRows _, Change.MergeColumns _ ->
          solution.withTable(typed(change, solution.table()));
      case Change.Several(var changes) -> {
        Solution changed = solution;
        for (Change next : changes) {
          changed = typed(next, changed);
        }
        yield changed;
      }
      case Change.Choose(var option, var value) ->
          solution.withChoices(solution.choices().withOption(option, value));
    };
  }

  private static TableEntry typed(Change change, TableEntry table) {
    return switch (change) {
      case Change.MergeRows(var first) -> mergedRows(table, first);
      case Change.MergeColumns(var first) -> mergedRows(table.turned(), first).turned();
      case Change.SwitchTo _, Change.Several _, Change.Choose _ -> table;
    };
  }

  private static Solution switched(Solution solution, Procedure procedure) {
    Solution next =
        solution.withProcedure(procedure.id()).withStudentViews(procedure.usualStudentViews());
    TableEntry table = solution.table();
    if (procedure.forms().contains(table.form())) {
      return next;
    }
    return next.withTable(
        switch (table.form()) {
          case LAYERS -> pooled(table);
          case SHARES -> asTwoWay(table);
          default -> asShares(table);
        });
  }

  /// All layers together.
  private static TableEntry pooled(TableEntry table) {
    List<List<String>> cells =
        IntStream.range(0, table.rows().size())
            .mapToObj(
                i ->
                    IntStream.range(0, table.columns().size())
                        .mapToObj(
                            j ->
                                sum(
                                    IntStream.range(0, table.layers().size())
                                        .mapToObj(k -> table.layer(k).cells().get(i).get(j))
                                        .toList()))
                        .toList())
            .toList();
    return new TableEntry(
        table.rowVariable(), table.columnVariable(), table.rows(), table.columns(), cells);
  }

  /// Columns become groups, and the first row counts as a success.
  private static TableEntry asShares(TableEntry table) {
    List<List<String>> cells =
        IntStream.range(0, table.columns().size())
            .mapToObj(
                j -> {
                  String successes = table.cells().get(0).get(j);
                  return List.of(successes, sum(List.of(successes, table.cells().get(1).get(j))));
                })
            .toList();
    return new TableEntry(
        TableForm.SHARES,
        table.columnVariable(),
        table.rows().getFirst(),
        table.columns(),
        List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
        cells);
  }

  /// Groups become columns, successes and failures rows.
  private static TableEntry asTwoWay(TableEntry shares) {
    List<String> successes = shares.cells().stream().map(List::getFirst).toList();
    List<String> failures =
        shares.cells().stream().map(row -> difference(row.get(1), row.get(0))).toList();
    String outcome = shares.columnVariable();
    return new TableEntry(
        outcome,
        shares.rowVariable(),
        List.of(outcome, "not " + outcome),
        shares.rows(),
        List.of(successes, failures));
  }

  private static TableEntry mergedRows(TableEntry table, int first) {
    String both = TableEntry.mergedLabel(table.rows().get(first), table.rows().get(first + 1));
    return table.withRowsJoined(
        first,
        both,
        (one, other) ->
            IntStream.range(0, one.size())
                .mapToObj(
                    j ->
                        table.form() == TableForm.FREQUENCIES && j == 1
                            ? sumOfShares(one.get(j), other.get(j))
                            : sum(List.of(one.get(j), other.get(j))))
                .toList());
  }

  /// The table could be worked out, so these are counts.
  private static BigInteger count(String typed) {
    return new BigInteger(typed.replaceAll("\\D", ""));
  }

  private static String sum(List<String> counts) {
    return counts.stream().map(Changes::count).reduce(BigInteger.ZERO, BigInteger::add).toString();
  }

  /// In the manner in which they were stated: percentages stay percentages.
  private static String sumOfShares(String one, String other) {
    boolean percent = one.strip().endsWith("%") && other.strip().endsWith("%");
    Value sum = TypedNumber.read(one).orElseThrow().plus(TypedNumber.read(other).orElseThrow());
    Value written = percent ? sum.times(Value.of(100)) : sum;
    BigDecimal decimal = written.rounded(PLACES).stripTrailingZeros();
    boolean finite = Value.exactly(decimal).compareTo(written) == 0;
    return (finite ? decimal.toPlainString() : written.toString()) + (percent ? " %" : "");
  }

  private static String difference(String whole, String part) {
    return count(whole).subtract(count(part)).toString();
  }
}
