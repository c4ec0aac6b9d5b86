package lehrgang.core.solution;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;

/// The parts of a story that sentences about a table have use for.
///
/// @param rows       whether a noun for what the rows tell apart is used
/// @param columns    whether a noun for what the columns tell apart is used
/// @param strata     whether a noun for what the strata tell apart is used
/// @param success    whether a clause for a success is used
/// @param groups     the labels of the groups that stand in sentences
/// @param categories the labels of which one can be asked about
public record StoryFields(
    boolean rows,
    boolean columns,
    boolean strata,
    boolean success,
    List<String> groups,
    List<String> categories) {
  /// The parts that are of use.
  ///
  /// @param paired whether rows and columns are the same categories at two times
  public static StoryFields of(TableEntry table, boolean paired) {
    boolean twoByTwo = table.rows().size() == 2 && table.columns().size() == 2;
    return switch (table.form()) {
      case SHARES ->
          new StoryFields(
              table.rows().size() > 1,
              false,
              false,
              true,
              table.rows().size() > 1 ? labels(table.rows()) : List.of(),
              List.of());
      case FREQUENCIES ->
          new StoryFields(true, false, false, false, List.of(), labels(table.rows()));
      case TWO_WAY, LAYERS -> {
        if (paired) {
          yield new StoryFields(
              false,
              false,
              false,
              true,
              labels(List.of(table.rowVariable(), table.columnVariable())),
              List.of());
        }
        List<String> both = new ArrayList<>(table.rows());
        both.addAll(table.columns());
        boolean strata = table.form() == TableForm.LAYERS;
        yield new StoryFields(
            true,
            true,
            strata,
            twoByTwo,
            labels(table.columns()),
            twoByTwo || strata ? List.of() : labels(both));
      }
    };
  }

  private static List<String> labels(List<String> all) {
    Set<String> named = new LinkedHashSet<>(all);
    named.removeIf(String::isBlank);
    return List.copyOf(named);
  }
}
