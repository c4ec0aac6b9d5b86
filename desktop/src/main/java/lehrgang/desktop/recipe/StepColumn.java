package lehrgang.desktop.recipe;

import java.util.List;
import java.util.Map;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;

/// The column that a step is about, and what else there is beside it.
///
/// @param name    its own
/// @param columns those that there are before the step
/// @param values  what stands in them
/// @param changed run whenever something is filled in
record StepColumn(
    String name, List<String> columns, ColumnValues values, Origin origin, Runnable changed) {
  /// Its values with their counts, the most frequent first.
  Map<String, Long> counts() {
    return values.counts(name);
  }

  /// As many of its values as are shown.
  List<String> some() {
    return values.someOf(name);
  }

  DecimalSign sign() {
    return values.sign();
  }

  /// A name for a new column that is not taken.
  String free(String wanted) {
    return origin.recipe().free(origin.records().columns(), wanted);
  }
}
