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
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Change;

/// Mergers of neighbouring categories, judged by the expected counts that they would leave: those
/// of merged cells add up.
final class Mergers {
  /// A search that has looked at so many cells is given up; then the lightest neighbours are
  /// merged, and the lightest after that.
  private static final int MOST_CELLS = 200_000;

  /// Sums of decimals may fall short of a whole number by so much.
  private static final double TOLERANCE = 1e-9;

  /// A table some categories of which were merged, in every layer alike.
  ///
  /// @param expected by layer, then row, then column; one layer where there is no third variable
  /// @param rows     the names of the rows, of merged ones both
  /// @param columns  the names of the columns
  /// @param changes  the mergers that led to it, in order
  record Merged(
      List<double[][]> expected, List<String> rows, List<String> columns, List<Change> changes) {
    /// The expected counts of the layers that compare anything: those without an empty margin.
    private DoubleStream counts() {
      return expected.stream()
          .filter(layer -> cells(layer).noneMatch(count -> count == 0))
          .flatMapToDouble(Merged::cells);
    }

    private static DoubleStream cells(double[][] layer) {
      return Arrays.stream(layer).flatMapToDouble(Arrays::stream);
    }

    double smallest() {
      return counts().min().orElseThrow();
    }

    /// How many expected counts are below a bound.
    long below(double bound) {
      return counts().filter(count -> count < bound - TOLERANCE).count();
    }

    /// How many expected counts there are.
    long cells() {
      return counts().count();
    }

    /// How much the line that was merged last holds, beside the others of its side.
    double weight() {
      return switch (changes.getLast()) {
        case Change.MergeRows(var first) ->
            expected.stream().flatMapToDouble(layer -> Arrays.stream(layer[first])).sum()
                * rows.size();
        case Change.MergeColumns(var first) ->
            expected.stream().flatMap(Arrays::stream).mapToDouble(row -> row[first]).sum()
                * columns.size();
        default -> throw new IllegalStateException("not a merger");
      };
    }

    Merged withRows(int first) {
      return new Merged(
          expected.stream().map(layer -> joinedRows(layer, first)).toList(),
          joined(rows, first),
          columns,
          followedBy(new Change.MergeRows(first)));
    }

    Merged withColumns(int first) {
      return new Merged(
          expected.stream().map(layer -> joinedColumns(layer, first)).toList(),
          rows,
          joined(columns, first),
          followedBy(new Change.MergeColumns(first)));
    }

    private static double[][] joinedRows(double[][] layer, int first) {
      double[][] fewer = new double[layer.length - 1][];
      for (int i = 0; i < fewer.length; i++) {
        fewer[i] = layer[i <= first ? i : i + 1].clone();
      }
      for (int j = 0; j < fewer[first].length; j++) {
        fewer[first][j] += layer[first + 1][j];
      }
      return fewer;
    }

    private static double[][] joinedColumns(double[][] layer, int first) {
      double[][] fewer = new double[layer.length][layer[0].length - 1];
      for (int i = 0; i < fewer.length; i++) {
        for (int j = 0; j < layer[i].length; j++) {
          fewer[i][j <= first ? j : j - 1] += layer[i][j];
        }
      }
      return fewer;
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
    this(List.<double[][]>of(expected), rows, columns);
  }

  /// @param expected by layer, then row, then column
  Mergers(List<double[][]> expected, List<String> rows, List<String> columns) {
    this.start = new Merged(expected, rows, columns, List.of());
  }

  /// Mergers that are the same in every layer. Expected counts are worked out for all of them,
  /// since
  /// a layer that has an empty category may compare something once that is merged.
  static Mergers of(LayeredTable table) {
    TwoWayTable shape = table.first();
    return new Mergers(
        table.tables().stream().map(Mergers::expected).toList(), shape.rows(), shape.columns());
  }

  private static double[][] expected(TwoWayTable table) {
    double n = table.counts().stream().flatMap(List::stream).mapToDouble(Long::doubleValue).sum();
    return table.counts().stream()
        .map(
            row ->
                IntStream.range(0, row.size())
                    .mapToDouble(
                        j ->
                            sum(row) * sum(table.counts().stream().map(r -> r.get(j)).toList()) / n)
                    .toArray())
        .toArray(double[][]::new);
  }

  private static double sum(List<Long> counts) {
    return counts.stream().mapToDouble(Long::doubleValue).sum();
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
    int most =
        MOST_CELLS / (start.expected().size() * start.rows().size() * start.columns().size());
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
