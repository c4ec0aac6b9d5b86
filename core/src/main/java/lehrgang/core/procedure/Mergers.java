package lehrgang.core.procedure;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import lehrgang.core.derivation.Change;

/// Mergers of neighbouring categories, judged by the expected counts that they would leave: those
/// of
/// merged cells add up.
final class Mergers {
  /// A search that has looked at so many cells is given up; then the lightest neighbours are
  /// merged, and the lightest after that.
  private static final int MOST_CELLS = 200_000;

  /// Sums of decimals may fall short of a whole number by so much.
  private static final double TOLERANCE = 1e-9;

  /// A table some categories of which were merged.
  ///
  /// @param expected by row, then column
  /// @param rows     the names of the rows, of merged ones both
  /// @param columns  the names of the columns
  /// @param changes  the mergers that led to it, in order
  record Merged(
      double[][] expected, List<String> rows, List<String> columns, List<Change> changes) {
    double smallest() {
      return Arrays.stream(expected).flatMapToDouble(Arrays::stream).min().orElseThrow();
    }

    /// How many expected counts are below a bound.
    long below(double bound) {
      return Arrays.stream(expected)
          .flatMapToDouble(Arrays::stream)
          .filter(count -> count < bound - TOLERANCE)
          .count();
    }

    int cells() {
      return rows.size() * columns.size();
    }

    /// How much the line that was merged last holds, beside the others of its side.
    double weight() {
      return switch (changes.getLast()) {
        case Change.MergeRows(var first) -> Arrays.stream(expected[first]).sum() * rows.size();
        case Change.MergeColumns(var first) ->
            Arrays.stream(expected).mapToDouble(row -> row[first]).sum() * columns.size();
        default -> throw new IllegalStateException("not a merger");
      };
    }

    Merged withRows(int first) {
      double[][] fewer = new double[rows.size() - 1][];
      for (int i = 0; i < fewer.length; i++) {
        fewer[i] = expected[i <= first ? i : i + 1].clone();
      }
      for (int j = 0; j < columns.size(); j++) {
        fewer[first][j] += expected[first + 1][j];
      }
      return new Merged(
          fewer, joined(rows, first), columns, followedBy(new Change.MergeRows(first)));
    }

    Merged withColumns(int first) {
      double[][] fewer = new double[rows.size()][columns.size() - 1];
      for (int i = 0; i < fewer.length; i++) {
        for (int j = 0; j < columns.size(); j++) {
          fewer[i][j <= first ? j : j - 1] += expected[i][j];
        }
      }
      return new Merged(
          fewer, rows, joined(columns, first), followedBy(new Change.MergeColumns(first)));
    }

    private List<Change> followedBy(Change change) {
      List<Change> all = new ArrayList<>(changes);
      all.add(change);
      return List.copyOf(all);
    }

    private static List<String> joined(List<String> names, int first) {
      List<String> fewer = new ArrayList<>(names);
      fewer.set(first, names.get(first) + Changes.BETWEEN + names.get(first + 1));
      fewer.remove(first + 1);
      return List.copyOf(fewer);
    }
  }

  private final Merged start;

  /// @param columns of one column for a table of frequencies
  Mergers(double[][] expected, List<String> rows, List<String> columns) {
    this.start = new Merged(expected, rows, columns, List.of());
  }

  Merged start() {
    return start;
  }

  /// Every merger of two neighbours that leaves two categories on its side.
  static List<Merged> neighbours(Merged table) {
    List<Merged> all = new ArrayList<>();
    for (int k = 0; table.rows().size() > 2 && k < table.rows().size() - 1; k++) {
      all.add(table.withRows(k));
    }
    for (int k = 0; table.columns().size() > 2 && k < table.columns().size() - 1; k++) {
      all.add(table.withColumns(k));
    }
    return all;
  }

  /// The fewest mergers after which a rule holds; of several ways with as many, the one that leaves
  /// the most cells, and then the largest expected counts. In a large table it may take one more
  /// than the fewest.
  Optional<Merged> fewest(Predicate<Merged> rule) {
    Set<List<List<String>>> seen = new HashSet<>();
    Deque<Merged> waiting = new ArrayDeque<>(List.of(start));
    Optional<Merged> best = Optional.empty();
    int most = MOST_CELLS / start.cells();
    while (!waiting.isEmpty()) {
      Merged next = waiting.poll();
      if (best.filter(found -> found.changes().size() < next.changes().size()).isPresent()) {
        return best;
      }
      if (rule.test(next)) {
        best = best.filter(found -> !isBetter(next, found)).or(() -> Optional.of(next));
      } else if (seen.size() > most) {
        return best.or(() -> oneByOne(rule));
      } else {
        for (Merged more : neighbours(next)) {
          if (seen.add(List.of(more.rows(), more.columns()))) {
            waiting.add(more);
          }
        }
      }
    }
    return best;
  }

  /// Whether a table keeps more cells, or as many with larger expected counts.
  private static boolean isBetter(Merged one, Merged other) {
    return one.cells() > other.cells()
        || one.cells() == other.cells() && one.smallest() > other.smallest();
  }

  private Optional<Merged> oneByOne(Predicate<Merged> rule) {
    Merged next = start;
    while (!rule.test(next)) {
      Optional<Merged> better =
          neighbours(next).stream().min(Comparator.comparingDouble(Merged::weight));
      if (better.isEmpty()) {
        return Optional.empty();
      }
      next = better.get();
    }
    return Optional.of(next);
  }
}
