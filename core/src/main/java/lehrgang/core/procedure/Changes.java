package lehrgang.core.procedure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
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
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.derivation.Change;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;

/// Carries out what a page offers: the same data by another procedure, neighbours merged, an option
/// set.
public final class Changes {
  private static final int PLACES = 12;
  static final String BETWEEN = " / ";

  private Changes() {}

  public static Solution apply(Change change, Solution solution) {
    TableEntry table = solution.table();
    return switch (change) {
      case Change.SwitchTo(var id) -> switched(solution, Procedure.of(id));
      case Change.MergeRows(var first) ->
          merged(solution, 0, table.rows().subList(first, first + 2))
              .orElseGet(() -> solution.withTable(mergedRows(table, first)));
      case Change.MergeColumns(var first) ->
          merged(solution, 1, table.columns().subList(first, first + 2))
              .orElseGet(() -> solution.withTable(mergedRows(table.turned(), first).turned()));
      case Change.Several(var changes) -> {
        Solution changed = solution;
        for (Change next : changes) {
          changed = apply(next, changed);
        }
        yield changed;
      }
      case Change.Choose(var option, var value) ->
          solution.withChoices(solution.choices().withOption(option, value));
    };
  }

  private static Solution switched(Solution solution, Procedure procedure) {
    Solution next =
        solution.withProcedure(procedure.id()).withStudentViews(procedure.usualStudentViews());
    TableEntry table = solution.table();
    if (procedure.forms().contains(table.form())) {
      return next;
    }
    return switch (table.form()) {
      case LAYERS -> pooled(solution, next);
      case SHARES -> next.withTable(asTwoWay(table));
      default -> next.withTable(asShares(table));
    };
  }

  /// All layers together; where they were counted, the records are counted without the third
  /// column.
  private static Solution pooled(Solution layered, Solution next) {
    if (layered.origin().orElse(null) instanceof Origin(Records.Kept records, var recipe, _)) {
      Recipe.Count count = recipe.count();
      Recipe two = recipe.withCount(Recipe.Count.two(count.rows(), count.columns()));
      if (Origin.count(records, two) instanceof Checked.Good<Origin>(var counted)) {
        return next.withOrigin(counted);
      }
    }
    TableEntry table = layered.table();
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
    return next.withTable(
        new TableEntry(
            table.rowVariable(), table.columnVariable(), table.rows(), table.columns(), cells));
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
        Form.SHARES,
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

  /// Where the table was counted from records that are kept, merging is one more step of its
  /// recipe.
  private static Optional<Solution> merged(Solution solution, int axis, List<String> labels) {
    if (!(solution.origin().orElse(null) instanceof Origin(Records.Kept records, var recipe, _))) {
      return Optional.empty();
    }
    String name = String.join(BETWEEN, labels);
    Map<String, String> names = new LinkedHashMap<>();
    labels.forEach(label -> names.put(label, name));
    RecipeStep step = new RecipeStep.Rename(recipe.count().named().get(axis), names);
    return Origin.count(records, recipe.withStep(step)) instanceof Checked.Good<Origin>(var counted)
        ? Optional.of(solution.withOrigin(counted))
        : Optional.empty();
  }

  private static TableEntry mergedRows(TableEntry table, int first) {
    List<String> one = table.cells().get(first);
    List<String> other = table.cells().get(first + 1);
    List<String> merged =
        IntStream.range(0, one.size())
            .mapToObj(
                j ->
                    table.form() == Form.FREQUENCIES && j == 1
                        ? sumOfShares(one.get(j), other.get(j))
                        : sum(List.of(one.get(j), other.get(j))))
            .toList();
    List<List<String>> cells = new ArrayList<>(table.cells());
    cells.set(first, merged);
    cells.remove(first + 1);
    List<String> rows = new ArrayList<>(table.rows());
    rows.set(first, rows.get(first) + BETWEEN + rows.get(first + 1));
    rows.remove(first + 1);
    return new TableEntry(
        table.form(), table.rowVariable(), table.columnVariable(), rows, table.columns(), cells);
  }

  /// Offers stand only on pages that were worked out, so these are counts.
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
