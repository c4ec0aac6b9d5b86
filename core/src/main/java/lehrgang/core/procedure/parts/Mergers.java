package lehrgang.core.procedure.parts;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Change;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.number.Value;

/// Mergers of neighbouring categories, judged by the expected counts that they would leave: those
/// of merged cells add up.
public final class Mergers {
  /// A search that has looked at so many cells is given up; then the lightest neighbours are
  /// merged, and the lightest after that.
  private static final int MOST_CELLS = 200_000;

  /// A table some categories of which were merged, in every layer alike.
  ///
  /// @param expected by layer, then row, then column; one layer where there is no third variable
  /// @param rows     the names of the rows, of merged ones both
  /// @param columns  the names of the columns
  /// @param changes  the mergers that led to it, in order
  public record Merged(
      List<List<List<Value>>> expected,
      List<String> rows,
      List<String> columns,
      List<Change> changes) {
    /// The expected counts of the layers that compare anything: those without an empty margin.
    private Stream<Value> counts() {
      return expected.stream()
          .filter(layer -> cells(layer).noneMatch(count -> count.signum() == 0))
          .flatMap(Merged::cells);
    }

    private static Stream<Value> cells(List<List<Value>> layer) {
      return layer.stream().flatMap(List::stream);
    }

    /// 0 where every layer has an empty margin.
    Value smallest() {
      return counts().min(Comparator.naturalOrder()).orElse(Value.ZERO);
    }

    /// How many expected counts are below a bound.
    public long below(Value bound) {
      return counts().filter(count -> count.compareTo(bound) < 0).count();
    }

    /// How many expected counts there are.
    public long cells() {
      return counts().count();
    }

    /// How much the line that was merged last holds, beside the others of its side.
    private Value weight() {
      return switch (changes.getLast()) {
        case Change.MergeRows(var first) ->
            sum(expected.stream().flatMap(layer -> layer.get(first).stream()))
                .times(Value.of(rows.size()));
        case Change.MergeColumns(var first) ->
            sum(expected.stream().flatMap(List::stream).map(row -> row.get(first)))
                .times(Value.of(columns.size()));
        default -> throw new IllegalStateException("not a merger: " + changes.getLast());
      };
    }

    private static Value sum(Stream<Value> counts) {
      return counts.reduce(Value.ZERO, Value::plus);
    }

    private Merged withRows(int first) {
      return new Merged(
          expected.stream().map(layer -> joined(layer, first, Merged::added)).toList(),
          joined(rows, first, TableEntry::mergedLabel),
          columns,
          followedBy(new Change.MergeRows(first)));
    }

    private Merged withColumns(int first) {
      return new Merged(
          expected.stream()
              .map(layer -> layer.stream().map(row -> joined(row, first, Value::plus)).toList())
              .toList(),
          rows,
          joined(columns, first, TableEntry::mergedLabel),
          followedBy(new Change.MergeColumns(first)));
    }

    private static List<Value> added(List<Value> one, List<Value> other) {
      return IntStream.range(0, one.size()).mapToObj(j -> one.get(j).plus(other.get(j))).toList();
    }

    /// Two neighbours as one.
    private static <T> List<T> joined(List<T> members, int first, BiFunction<T, T, T> join) {
      List<T> fewer = new ArrayList<>(members);
      fewer.set(first, join.apply(members.get(first), members.get(first + 1)));
      fewer.remove(first + 1);
      return List.copyOf(fewer);
    }

    private List<Change> followedBy(Change change) {
      List<Change> all = new ArrayList<>(changes);
      all.add(change);
      return List.copyOf(all);
    }
  }

  private final Merged start;

  /// @param expected by row, then column; of one column for a table of frequencies
  public Mergers(List<List<Value>> expected, List<String> rows, List<String> columns) {
    this(new Merged(List.of(expected), rows, columns, List.of()));
  }

  private Mergers(Merged start) {
    this.start = start;
  }

  /// Mergers that are the same in every layer. Expected counts are worked out for all of them,
  /// since a layer that has an empty category may compare something once that is merged.
  public static Mergers of(LayeredTable table) {
    TwoWayTable shape = table.first();
    return new Mergers(
        new Merged(
            table.tables().stream().map(Mergers::expected).toList(),
            shape.rows(),
            shape.columns(),
            List.of()));
  }

  private static List<List<Value>> expected(TwoWayTable table) {
    return IntStream.range(0, table.rows().size())
        .mapToObj(
            i ->
                IntStream.range(0, table.columns().size())
                    .mapToObj(
                        j ->
                            Evaluator.closed(
                                Formulas.expectedCount(
                                    LineWriter.counted(table.rowTotal(i)),
                                    LineWriter.counted(table.columnTotal(j)),
                                    LineWriter.counted(table.total()))))
                    .toList())
        .toList();
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
        || one.cells() == other.cells() && one.smallest().compareTo(other.smallest()) > 0;
  }

  private Optional<Merged> oneByOne(Predicate<Merged> rule) {
    Merged next = start;
    while (!rule.test(next)) {
      Optional<Merged> better = neighbours(next).stream().min(Comparator.comparing(Merged::weight));
      if (better.isEmpty()) {
        return Optional.empty();
      }
      next = better.get();
    }
    return Optional.of(next);
  }
}
