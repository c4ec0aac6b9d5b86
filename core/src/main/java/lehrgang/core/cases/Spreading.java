package lehrgang.core.cases;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;

/// Sums up the number behind the classes that are counted, by the groups of the other counted
/// column.
final class Spreading {
  private final String column;
  private final int number;
  private final int axis;
  private final int group;
  private final Map<String, Spread.Group> groups = new HashMap<>();

  private Spreading(String column, int number, int axis, int group) {
    this.column = column;
    this.number = number;
    this.axis = axis;
    this.group = group;
  }

  /// @param names   of all columns
  /// @param counted the places of the counted columns
  /// @return nothing where no class of numbers is counted, or both columns are, or where the
  ///     classes are the layers
  static Optional<Spreading> of(Recipe recipe, List<String> names, int[] counted) {
    List<String> columns = recipe.count().named();
    Spreading found = null;
    for (RecipeStep step : recipe.steps()) {
      if (step instanceof RecipeStep.Cut(var source, _, var name) && columns.contains(name)) {
        if (found != null) {
          return Optional.empty();
        }
        if (columns.indexOf(name) > 1) {
          return Optional.empty();
        }
        int other = columns.size() == 1 ? 1 : 1 - columns.indexOf(name);
        found =
            new Spreading(
                source, names.indexOf(source), other, columns.size() == 1 ? -1 : counted[other]);
      }
    }
    return Optional.ofNullable(found);
  }

  /// Takes a record that is counted in the table.
  void add(RecordAtHand record, DecimalSign sign) {
    String label = group < 0 ? "" : record.value(group);
    sign.read(record.value(number))
        .ifPresent(
            value ->
                groups.merge(
                    label,
                    Spread.Group.none(label).with(value, record.many()),
                    (before, _) -> before.with(value, record.many())));
  }

  /// @param labels the categories of a counted column, in order
  Spread spread(IntFunction<List<String>> labels) {
    return new Spread(
        column,
        labels.apply(axis).stream()
            .map(label -> groups.getOrDefault(label, Spread.Group.none(label)))
            .toList());
  }
}
