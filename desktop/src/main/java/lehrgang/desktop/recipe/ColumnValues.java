package lehrgang.desktop.recipe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.Supplier;
import lehrgang.core.cases.CategoryOrder;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.cases.Tallier;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Session;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;

/// What stands in the columns before a step of a recipe.
///
/// Of records in a file the first are asked at once, and all of them beside the interface.
final class ColumnValues {
  /// So many values are shown.
  static final int MOST = 40;

  private final BackgroundWork work;
  private final Origin origin;
  private final List<RecipeStep> before;
  private final Map<String, Map<String, Long>> known = new HashMap<>();

  ColumnValues(Origin origin, Supplier<Session> session, int place) {
    this.work = new BackgroundWork(Demand.PROCESSOR, session);
    this.origin = origin;
    this.before = origin.recipe().steps().subList(0, place);
  }

  DecimalSign sign() {
    return origin.records().sign();
  }

  /// The values of a column with their counts: weekdays, months and the like in their order, others
  /// with the most frequent first.
  Map<String, Long> counts(String column) {
    return known.computeIfAbsent(column, name -> CategoryOrder.inKnownOrder(asked(name)));
  }

  private Map<String, Long> asked(String column) {
    try {
      return switch (origin.records()) {
        case Records.Kept kept -> Tallier.values(kept.cases(), sign(), before, column);
        case Records.InFile there ->
            Tallier.values(CaseFile.of(there).sample(), sign(), before, column);
      };
    } catch (FileProblem e) {
      return Map.of();
    }
  }

  /// Asks every record of a file.
  ///
  /// @param done called on the interface thread when that brought something new
  void askAll(String column, Runnable done) {
    if (origin.records() instanceof Records.InFile there) {
      work.begin(
          progress -> CaseFile.of(there).values(before, column, progress),
          BackgroundWork.Outcome.of(
              values -> {
                Map<String, Long> ordered = CategoryOrder.inKnownOrder(values);
                if (!values.isEmpty() && !ordered.equals(known.put(column, ordered))) {
                  done.run();
                }
              },
              _ -> {
                // The values of the first records stay.
              }));
    }
  }

  List<String> someOf(String column) {
    return counts(column).keySet().stream().limit(MOST).toList();
  }

  boolean isNumeric(String column) {
    List<String> some = someOf(column);
    return !some.isEmpty()
        && some.stream().filter(text -> sign().read(text).isPresent()).count() * 10
            > some.size() * 9L;
  }

  /// The first column that fits, or else the first.
  String firstWhere(List<String> columns, Predicate<String> fits) {
    return columns.stream().filter(fits).findFirst().orElse(columns.getFirst());
  }
}
