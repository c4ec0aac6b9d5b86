package lehrgang.core.data;

import java.util.List;
import lehrgang.core.wording.Phrase;

/// Counts classified by two variables, all of them checked.
///
/// @param rowVariable    what the rows tell apart
/// @param columnVariable what the columns tell apart
/// @param counts         by row, then column; 0 or more
public record TwoWayTable(
    String rowVariable,
    String columnVariable,
    List<String> rows,
    List<String> columns,
    List<List<Long>> counts) {
  /// @throws IllegalArgumentException if the counts do not fit the labels, or one is below 0
  public TwoWayTable {
    rows = List.copyOf(rows);
    columns = List.copyOf(columns);
    counts = counts.stream().map(List::copyOf).toList();
    int width = columns.size();
    if (counts.size() != rows.size() || counts.stream().anyMatch(row -> row.size() != width)) {
      throw new IllegalArgumentException(
          "the counts do not fit %d rows and %d columns: %s".formatted(rows.size(), width, counts));
    }
    if (counts.stream().flatMap(List::stream).anyMatch(count -> count < 0)) {
      throw new IllegalArgumentException("counts are 0 or more: " + counts);
    }
  }

  /// A count.
  ///
  /// @param row from 0
  /// @param column from 0
  /// @throws IndexOutOfBoundsException if there is no such cell
  public long count(int row, int column) {
    return counts.get(row).get(column);
  }

  /// The observations of a row.
  ///
  /// @param row from 0
  /// @throws IndexOutOfBoundsException if there is no such row
  public long rowTotal(int row) {
    return counts.get(row).stream().mapToLong(Long::longValue).sum();
  }

  /// The observations of a column.
  ///
  /// @param column from 0
  /// @throws IndexOutOfBoundsException if there is no such column
  public long columnTotal(int column) {
    return counts.stream().mapToLong(row -> row.get(column)).sum();
  }

  /// All observations.
  public long total() {
    return counts.stream().flatMap(List::stream).mapToLong(Long::longValue).sum();
  }

  /// Whether there are two rows and two columns.
  public boolean isTwoByTwo() {
    return rows.size() == 2 && columns.size() == 2;
  }

  /// The table that was typed, if every label and count is right.
  public static Checked<TwoWayTable> check(TableEntry entry) {
    return check(entry, Margins.FILLED);
  }

  /// Whether a row or column may hold no observations at all.
  public enum Margins {
    FILLED,
    MAY_BE_EMPTY
  }

  /// The table that was typed, if every label and count is right.
  public static Checked<TwoWayTable> check(TableEntry entry, Margins margins) {
    EntryReader reader = new EntryReader(entry);
    checkSize(entry, reader);
    reader.checkRowLabels();
    reader.checkColumnLabels();
    List<List<Long>> counts = reader.counts(0, entry.columns().size() - 1);
    if (reader.problems().isEmpty()) {
      checkMargins(entry, counts, margins, reader);
    }
    return Checked.of(
        reader.problems(),
        () ->
            new TwoWayTable(
                EntryReader.named(entry.rowVariable(), "row category"),
                EntryReader.named(entry.columnVariable(), "column category"),
                entry.rows(),
                entry.columns(),
                counts));
  }

  /// The table that was typed, if it is one of two rows and two columns.
  ///
  /// @param margins whether a row or column may be empty
  public static Checked<TwoWayTable> checkFourfold(TableEntry entry, Margins margins) {
    Checked<TwoWayTable> checked = check(entry, margins);
    return checked instanceof Checked.Good<TwoWayTable>(var table) && !table.isTwoByTwo()
        ? new Checked.Bad<>(
            List.of(
                new Problem(
                    new Problem.WholeTable(),
                    Phrase.of("problem.not-two-by-two")
                        .with("rows", table.rows().size())
                        .with("columns", table.columns().size()))))
        : checked;
  }

  /// The table that was typed, if it holds the same two answers of the same subjects, asked twice.
  public static Checked<TwoWayTable> checkPairs(TableEntry entry) {
    Checked<TwoWayTable> checked = checkFourfold(entry, Margins.MAY_BE_EMPTY);
    if (!(checked instanceof Checked.Good<TwoWayTable>(var table))) {
      return checked;
    }
    List<String> before = table.rows().stream().map(String::strip).toList();
    List<String> after = table.columns().stream().map(String::strip).toList();
    if (before.equals(after)) {
      return checked;
    }
    return new Checked.Bad<>(
        List.of(
            new Problem(
                new Problem.WholeTable(),
                Phrase.of("problem.answers-differ")
                    .with("before", String.join(", ", before))
                    .with("after", String.join(", ", after)))));
  }

  static void checkSize(TableEntry entry, EntryReader reader) {
    int rows = entry.rows().size();
    int columns = entry.columns().size();
    if (rows < 2 || columns < 2) {
      reader.report(
          new Problem.WholeTable(),
          Phrase.of("problem.too-few-categories").with("rows", rows).with("columns", columns));
    }
    if (rows > TableEntry.MOST_CATEGORIES || columns > TableEntry.MOST_CATEGORIES) {
      reader.report(
          new Problem.WholeTable(),
          Phrase.of("problem.too-many-categories")
              .with("rows", rows)
              .with("columns", columns)
              .with("most", TableEntry.MOST_CATEGORIES));
    }
  }

  private static void checkMargins(
      TableEntry entry, List<List<Long>> counts, Margins margins, EntryReader reader) {
    boolean nothing = counts.stream().allMatch(row -> row.stream().allMatch(c -> c == 0));
    if (nothing) {
      reader.report(new Problem.WholeTable(), Phrase.of("problem.no-observations"));
    }
    if (nothing || margins == Margins.MAY_BE_EMPTY) {
      return;
    }
    for (int i = 0; i < counts.size(); i++) {
      if (counts.get(i).stream().allMatch(c -> c == 0)) {
        reader.report(
            new Problem.RowLabel(i),
            Phrase.of("problem.empty-row").with("row", entry.rows().get(i)));
      }
    }
    for (int j = 0; j < entry.columns().size(); j++) {
      int column = j;
      if (counts.stream().allMatch(row -> row.get(column) == 0)) {
        reader.report(
            new Problem.ColumnLabel(j),
            Phrase.of("problem.empty-column").with("column", entry.columns().get(j)));
      }
    }
  }
}
