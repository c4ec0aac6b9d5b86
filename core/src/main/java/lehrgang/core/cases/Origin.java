package lehrgang.core.cases;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;

/// Where a counted table comes from: the records, the way from them to the table, and what became
/// of each.
public record Origin(Records records, Recipe recipe, Tally tally) {
  /// Counts records that are kept.
  public static Checked<Origin> count(Records.Kept records, Recipe recipe) {
    return switch (Tallier.count(records.cases(), records.sign(), recipe)) {
      case Checked.Bad<Tally>(var problems) -> new Checked.Bad<>(problems);
      case Checked.Good<Tally>(var tally) -> new Checked.Good<>(new Origin(records, recipe, tally));
    };
  }

  /// The categories of a counted column with their counts.
  ///
  /// @param axis 0 for the column that gives the rows, 1 for the one that gives the columns, 2 for
  ///     the one that gives the layers
  /// @throws IllegalArgumentException if `axis` is not 0, 1 or 2
  public Map<String, Long> categories(int axis) {
    TableEntry table = tally.table();
    int rows = table.rows().size();
    Map<String, Long> counts = new LinkedHashMap<>();
    for (int i = 0; i < table.cells().size(); i++) {
      for (int j = 0; j < table.columns().size(); j++) {
        String label =
            switch (axis) {
              case 0 -> table.rows().get(i % rows);
              case 1 -> table.columns().get(j);
              case 2 -> table.layers().get(i / rows);
              default -> throw new IllegalArgumentException("no axis " + axis);
            };
        counts.merge(label, Long.parseLong(table.cells().get(i).get(j)), Long::sum);
      }
    }
    return counts;
  }

  /// For each counted column the names that differ only in spelling, new by old; a column without
  /// any is not there.
  public Map<String, Map<String, String>> spellings() {
    Map<String, Map<String, String>> found = new LinkedHashMap<>();
    List<String> columns = recipe.count().named();
    for (int axis = 0; axis < columns.size(); axis++) {
      Map<String, String> names = Spellings.united(categories(axis));
      if (!names.isEmpty()) {
        found.put(columns.get(axis), names);
      }
    }
    return found;
  }
}
