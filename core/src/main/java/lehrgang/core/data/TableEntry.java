package lehrgang.core.data;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.expr.LineId;

/// A table as it is typed: every cell holds what was written, right or not.
///
/// @param form           what its rows and columns mean
/// @param rowVariable    what the rows tell apart
/// @param columnVariable what the columns tell apart; for [Form#SHARES] what counts as a success
/// @param cells          by row, then column; all rows have as many cells as there are columns
public record TableEntry(
    Form form,
    String rowVariable,
    String columnVariable,
    List<String> rows,
    List<String> columns,
    List<List<String>> cells) {
  /// What the rows and columns of a typed table mean.
  public enum Form {
    /// Counts by two variables.
    TWO_WAY,
    /// A category a row, with its count and perhaps its stated share; columns `observed` and
    /// `share`.
    FREQUENCIES,
    /// A group a row, with its successes and its trials; columns `successes` and `trials`.
    SHARES;

    /// The name in files, such as `two-way`.
    public String key() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Form> ofKey(String key) {
      return Arrays.stream(values()).filter(form -> form.key().equals(key)).findFirst();
    }

    /// Whether the columns are categories of the user's own.
    public boolean namesItsColumns() {
      return this == TWO_WAY;
    }
  }

  public static final String OBSERVED = "observed";
  public static final String SHARE = "share";
  public static final String SUCCESSES = "successes";
  public static final String TRIALS = "trials";

  /// The most rows or columns that a page can hold.
  public static final int MOST_CATEGORIES = 30;

  /// Sums of counts up to here are safe in every program that reads our files.
  public static final long MOST_OBSERVATIONS = 9_000_000_000_000_000L;

  public TableEntry {
    rows = List.copyOf(rows);
    columns = List.copyOf(columns);
    cells = cells.stream().map(List::copyOf).toList();
    int width = columns.size();
    if (cells.size() != rows.size() || cells.stream().anyMatch(row -> row.size() != width)) {
      throw new IllegalArgumentException("the cells do not fit the labels");
    }
  }

  /// A two-way table.
  public TableEntry(
      String rowVariable,
      String columnVariable,
      List<String> rows,
      List<String> columns,
      List<List<String>> cells) {
    this(Form.TWO_WAY, rowVariable, columnVariable, rows, columns, cells);
  }

  /// With another text in a cell. A ratio such as `9:3:3:1` in a column of shares fills the column.
  public TableEntry withCell(int row, int column, String text) {
    List<String> parts = List.of(text.strip().split("\\s*:\\s*"));
    if (columns.get(column).equals(SHARE)
        && form == Form.FREQUENCIES
        && parts.size() == rows.size()
        && parts.stream().noneMatch(String::isBlank)) {
      return withColumn(column, parts);
    }
    return withCells(replaced(cells, row, replaced(cells.get(row), column, text)));
  }

  /// The line that a cell usually becomes.
  public LineId usualLine(int row, int column) {
    return switch (form) {
      case TWO_WAY -> LineId.of("O", row + 1, column + 1);
      case FREQUENCIES -> LineId.of(column == 0 ? "O" : "stated", row + 1);
      case SHARES ->
          rows.size() == 1
              ? LineId.of(column == 0 ? "x" : "n")
              : LineId.of((column == 0 ? "x" : "n") + (row + 1));
    };
  }

  /// With other texts in a column.
  public TableEntry withColumn(int column, List<String> texts) {
    return withCells(
        IntStream.range(0, rows.size())
            .mapToObj(i -> replaced(cells.get(i), column, texts.get(i)))
            .toList());
  }

  public TableEntry withRowLabel(int row, String label) {
    return new TableEntry(
        form, rowVariable, columnVariable, replaced(rows, row, label), columns, cells);
  }

  public TableEntry withColumnLabel(int column, String label) {
    return new TableEntry(
        form, rowVariable, columnVariable, rows, replaced(columns, column, label), cells);
  }

  public TableEntry withVariables(String forRows, String forColumns) {
    return new TableEntry(form, forRows, forColumns, rows, columns, cells);
  }

  public TableEntry withRowAdded(String label) {
    return new TableEntry(
        form,
        rowVariable,
        columnVariable,
        added(rows, label),
        columns,
        added(cells, Collections.nCopies(columns.size(), "")));
  }

  public TableEntry withColumnAdded(String label) {
    return new TableEntry(
        form,
        rowVariable,
        columnVariable,
        rows,
        added(columns, label),
        cells.stream().map(row -> added(row, "")).toList());
  }

  public TableEntry withoutRow(int row) {
    return new TableEntry(
        form, rowVariable, columnVariable, without(rows, row), columns, without(cells, row));
  }

  public TableEntry withoutColumn(int column) {
    return new TableEntry(
        form,
        rowVariable,
        columnVariable,
        rows,
        without(columns, column),
        cells.stream().map(row -> without(row, column)).toList());
  }

  /// The rows in reverse order: which group is first.
  public TableEntry swapped() {
    return new TableEntry(
        form, rowVariable, columnVariable, rows.reversed(), columns, cells.reversed());
  }

  /// Rows become columns and columns rows.
  public TableEntry turned() {
    return new TableEntry(
        form,
        columnVariable,
        rowVariable,
        columns,
        rows,
        IntStream.range(0, columns.size())
            .mapToObj(j -> cells.stream().map(row -> row.get(j)).toList())
            .toList());
  }

  private TableEntry withCells(List<List<String>> changed) {
    return new TableEntry(form, rowVariable, columnVariable, rows, columns, changed);
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
