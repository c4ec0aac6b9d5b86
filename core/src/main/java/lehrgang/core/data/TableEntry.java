package lehrgang.core.data;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import lehrgang.core.wording.Phrase;

/// A two-way table as it is typed: every cell holds what was written, right or not.
///
/// @param cells by row, then column; all rows have as many cells as there are columns
public record TableEntry(
    String rowVariable,
    String columnVariable,
    List<String> rows,
    List<String> columns,
    List<List<String>> cells) {
  /// The most rows or columns that a page can hold.
  public static final int MOST_CATEGORIES = 30;

  /// Sums of counts up to here are safe in every program that reads our files.
  public static final long MOST_OBSERVATIONS = 9_000_000_000_000_000L;

  private static final int LONGEST_COUNT = 16;

  /// What checking gives: a table, or what is wrong.
  public sealed interface Checked {}

  public record Good(TwoWayTable table) implements Checked {}

  public record Bad(List<Problem> problems) implements Checked {}

  public TableEntry {
    rows = List.copyOf(rows);
    columns = List.copyOf(columns);
    cells = cells.stream().map(List::copyOf).toList();
    int width = columns.size();
    if (cells.size() != rows.size() || cells.stream().anyMatch(row -> row.size() != width)) {
      throw new IllegalArgumentException("the cells do not fit the labels");
    }
  }

  public TableEntry withCell(int row, int column, String text) {
    return withCells(replaced(cells, row, replaced(cells.get(row), column, text)));
  }

  public TableEntry withRowLabel(int row, String label) {
    return new TableEntry(rowVariable, columnVariable, replaced(rows, row, label), columns, cells);
  }

  public TableEntry withColumnLabel(int column, String label) {
    return new TableEntry(
        rowVariable, columnVariable, rows, replaced(columns, column, label), cells);
  }

  public TableEntry withVariables(String forRows, String forColumns) {
    return new TableEntry(forRows, forColumns, rows, columns, cells);
  }

  public TableEntry withRowAdded(String label) {
    return new TableEntry(
        rowVariable,
        columnVariable,
        added(rows, label),
        columns,
        added(cells, Collections.nCopies(columns.size(), "")));
  }

  public TableEntry withColumnAdded(String label) {
    return new TableEntry(
        rowVariable,
        columnVariable,
        rows,
        added(columns, label),
        cells.stream().map(row -> added(row, "")).toList());
  }

  public TableEntry withoutRow(int row) {
    return new TableEntry(
        rowVariable, columnVariable, without(rows, row), columns, without(cells, row));
  }

  public TableEntry withoutColumn(int column) {
    return new TableEntry(
        rowVariable,
        columnVariable,
        rows,
        without(columns, column),
        cells.stream().map(row -> without(row, column)).toList());
  }

  /// Rows become columns and columns rows.
  public TableEntry turned() {
    return new TableEntry(
        columnVariable,
        rowVariable,
        columns,
        rows,
        IntStream.range(0, columns.size())
            .mapToObj(j -> cells.stream().map(row -> row.get(j)).toList())
            .toList());
  }

  private TableEntry withCells(List<List<String>> changed) {
    return new TableEntry(rowVariable, columnVariable, rows, columns, changed);
  }

  /// Checks every label and count.
  public Checked check() {
    List<Problem> problems = new ArrayList<>();
    checkSize(problems);
    checkLabels(rows, "row", problems);
    checkLabels(columns, "column", problems);
    List<List<Long>> counts = readCounts(problems);
    if (problems.isEmpty()) {
      checkMargins(counts, problems);
    }
    return problems.isEmpty()
        ? new Good(
            new TwoWayTable(
                named(rowVariable, "rows"),
                named(columnVariable, "columns"),
                rows,
                columns,
                counts))
        : new Bad(List.copyOf(problems));
  }

  private static String named(String variable, String otherwise) {
    return variable.isBlank() ? otherwise : variable.strip();
  }

  private void checkSize(List<Problem> problems) {
    if (rows.size() < 2 || columns.size() < 2) {
      problems.add(
          new Problem(
              new Problem.WholeTable(),
              Phrase.of("problem.too-few-categories")
                  .with("rows", rows.size())
                  .with("columns", columns.size())));
    }
    if (rows.size() > MOST_CATEGORIES || columns.size() > MOST_CATEGORIES) {
      problems.add(
          new Problem(
              new Problem.WholeTable(),
              Phrase.of("problem.too-many-categories")
                  .with("rows", rows.size())
                  .with("columns", columns.size())
                  .with("most", MOST_CATEGORIES)));
    }
  }

  private static void checkLabels(List<String> labels, String side, List<Problem> problems) {
    Map<String, Integer> first = new HashMap<>();
    for (int i = 0; i < labels.size(); i++) {
      Problem.Place place =
          side.equals("row") ? new Problem.RowLabel(i) : new Problem.ColumnLabel(i);
      String label = labels.get(i).strip();
      Integer earlier = label.isEmpty() ? null : first.putIfAbsent(label, i);
      if (label.isEmpty()) {
        problems.add(
            new Problem(place, Phrase.of("problem.no-label." + side).with("number", i + 1)));
      } else if (earlier != null) {
        problems.add(
            new Problem(
                place,
                Phrase.of("problem.same-label." + side)
                    .with("label", label)
                    .with("one", earlier + 1)
                    .with("other", i + 1)));
      }
    }
  }

  private List<List<Long>> readCounts(List<Problem> problems) {
    List<List<Long>> counts = new ArrayList<>();
    long sum = 0;
    for (int i = 0; i < rows.size(); i++) {
      List<Long> row = new ArrayList<>();
      for (int j = 0; j < columns.size(); j++) {
        String text = plain(cells.get(i).get(j));
        String wrong = whatIsWrong(text);
        if (wrong.isEmpty()) {
          row.add(Long.parseLong(text));
          sum = Math.min(MOST_OBSERVATIONS + 1, sum + row.getLast());
        } else {
          row.add(0L);
          problems.add(
              new Problem(
                  new Problem.Cell(i, j),
                  Phrase.of(wrong)
                      .with("row", labelOr(rows.get(i), i))
                      .with("column", labelOr(columns.get(j), j))
                      .with("value", cells.get(i).get(j).strip())));
        }
      }
      counts.add(row);
    }
    if (sum > MOST_OBSERVATIONS) {
      problems.add(
          new Problem(new Problem.WholeTable(), Phrase.of("problem.too-many-observations")));
    }
    return counts;
  }

  private static String labelOr(String label, int position) {
    return label.isBlank() ? Integer.toString(position + 1) : label.strip();
  }

  /// Leaves out the spaces that group thousands.
  private static String plain(String text) {
    String stripped = text.strip();
    return stripped.matches("\\d{1,3}([ \u00a0\u2009\u202f]\\d{3})+")
        ? stripped.replaceAll("\\D", "")
        : stripped;
  }

  private static String whatIsWrong(String text) {
    if (text.isEmpty()) {
      return "problem.empty-cell";
    }
    if (text.matches("[0-9]+")) {
      return text.length() > LONGEST_COUNT ? "problem.count-too-large" : "";
    }
    if (text.matches("[-−–]\\s*[0-9]+([.,][0-9]+)?")) {
      return "problem.negative-count";
    }
    return text.matches("[0-9]*[.,][0-9]+|[0-9]+[.,]")
        ? "problem.fraction-count"
        : "problem.not-a-count";
  }

  private void checkMargins(List<List<Long>> counts, List<Problem> problems) {
    boolean nothing = counts.stream().allMatch(row -> row.stream().allMatch(c -> c == 0));
    if (nothing) {
      problems.add(new Problem(new Problem.WholeTable(), Phrase.of("problem.no-observations")));
      return;
    }
    for (int i = 0; i < rows.size(); i++) {
      if (counts.get(i).stream().allMatch(c -> c == 0)) {
        problems.add(
            new Problem(
                new Problem.RowLabel(i), Phrase.of("problem.empty-row").with("row", rows.get(i))));
      }
    }
    for (int j = 0; j < columns.size(); j++) {
      int column = j;
      if (counts.stream().allMatch(row -> row.get(column) == 0)) {
        problems.add(
            new Problem(
                new Problem.ColumnLabel(j),
                Phrase.of("problem.empty-column").with("column", columns.get(j))));
      }
    }
  }

  private static <T> List<T> replaced(List<T> list, int at, T item) {
    List<T> copy = new ArrayList<>(list);
    copy.set(at, item);
    return copy;
  }

  private static <T> List<T> added(List<T> list, T item) {
    List<T> copy = new ArrayList<>(list);
    copy.add(item);
    return copy;
  }

  private static <T> List<T> without(List<T> list, int at) {
    List<T> copy = new ArrayList<>(list);
    copy.remove(at);
    return copy;
  }
}
