package lehrgang.core.cases;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/// Raw cases held in memory: one row a subject, one text a column, just as they arrived.
///
/// A text that occurs again in its column is held once, so a column of categories costs a number a
/// row, and rows that agree can be counted together.
public final class CaseTable {
  /// Up to so many combinations of texts have a place each.
  private static final long MOST_PLACES = 1 << 20;

  private static final int MOST_EXAMPLES = RecordAtHand.MOST_EXAMPLES;

  private final List<String> columns;

  /// By row, then column: which text of its column stands there.
  private final int[][] rows;

  /// By column: its texts in the order in which they first occur.
  private final String[][] texts;

  /// The same as [Spellings#written] gives them.
  private final String[][] written;

  private CaseTable(List<String> columns, int[][] rows, String[][] texts) {
    this.columns = List.copyOf(columns);
    this.rows = rows;
    this.texts = texts;
    this.written =
        Arrays.stream(texts)
            .map(column -> changed(column, Spellings::written))
            .toArray(String[][]::new);
  }

  private static String[] changed(String[] texts, UnaryOperator<String> change) {
    return Arrays.stream(texts).map(change).toArray(String[]::new);
  }

  /// Collects rows; a short row ends with blanks, a long one loses nothing that has a column.
  public static final class Collector {
    private final List<String> columns;
    private final List<int[]> rows = new ArrayList<>();
    private final List<Map<String, Integer>> known = new ArrayList<>();

    /// Begins a table.
    ///
    /// @param columns the columns' names, in order
    public Collector(List<String> columns) {
      this.columns = columns;
      columns.forEach(_ -> known.add(new HashMap<>()));
    }

    /// Adds a record.
    ///
    /// @param fields by column; a missing one is empty, one beyond the last column is left out
    public Collector add(List<String> fields) {
      int[] row = new int[columns.size()];
      for (int j = 0; j < row.length; j++) {
        Map<String, Integer> before = known.get(j);
        String text = j < fields.size() ? fields.get(j) : "";
        Integer place = before.get(text);
        if (place == null) {
          place = before.size();
          before.put(text, place);
        }
        row[j] = place;
      }
      rows.add(row);
      return this;
    }

    /// How many records were added so far.
    public int size() {
      return rows.size();
    }

    /// The table of all that was added.
    public CaseTable finish() {
      String[][] texts =
          known.stream().map(column -> new String[column.size()]).toArray(String[][]::new);
      for (int j = 0; j < texts.length; j++) {
        String[] column = texts[j];
        known.get(j).forEach((text, place) -> column[place] = text);
      }
      return new CaseTable(columns, rows.toArray(int[][]::new), texts);
    }
  }

  /// A table in one go.
  ///
  /// @param columns the columns' names, in order
  /// @param rows the fields of each record, as [Collector#add] takes them
  public static CaseTable of(List<String> columns, List<List<String>> rows) {
    Collector collector = new Collector(columns);
    rows.forEach(collector::add);
    return collector.finish();
  }

  /// The columns' names, in order.
  public List<String> columns() {
    return columns;
  }

  /// How many records there are.
  public int size() {
    return rows.length;
  }

  /// A field as it was recorded.
  ///
  /// @param row the record's place, from 0
  /// @param column the column's place, from 0
  /// @throws IndexOutOfBoundsException if there is no such record or column
  public String field(int row, int column) {
    return texts[column][rows[row][column]];
  }

  /// A field as [Spellings#written] gives it.
  String written(int row, int column) {
    return written[column][rows[row][column]];
  }

  /// Rows that have the same texts in some columns.
  static final class Alike {
    private final int first;
    private final long[] examples = new long[MOST_EXAMPLES];
    private long many;

    private Alike(int first) {
      this.first = first;
    }

    private void add(int row) {
      if (many < examples.length) {
        examples[(int) many] = row + 1L;
      }
      many++;
    }

    /// The first of them, counted from 0.
    int first() {
      return first;
    }

    long many() {
      return many;
    }

    /// The first few of them, counted from 1.
    long[] examples() {
      return many < examples.length ? Arrays.copyOf(examples, (int) many) : examples;
    }
  }

  /// Takes the rows together that agree in some columns, in the order in which they first occur.
  void together(int[] some, Consumer<Alike> take) {
    long combinations = 1;
    for (int column : some) {
      combinations = Math.min(combinations * texts[column].length, MOST_PLACES + 1);
    }
    List<Alike> found = new ArrayList<>();
    if (combinations > 0 && combinations <= MOST_PLACES) {
      Alike[] places = new Alike[(int) combinations];
      for (int i = 0; i < rows.length; i++) {
        int place = (int) place(rows[i], some);
        if (places[place] == null) {
          places[place] = new Alike(i);
          found.add(places[place]);
        }
        places[place].add(i);
      }
    } else {
      for (int i = 0; i < rows.length; i++) {
        Alike alone = new Alike(i);
        alone.add(i);
        found.add(alone);
      }
    }
    found.forEach(take);
  }

  private long place(int[] row, int[] some) {
    long place = 0;
    for (int column : some) {
      place = place * texts[column].length + row[column];
    }
    return place;
  }

  @Override
  public boolean equals(Object other) {
    return this == other
        || other instanceof CaseTable its
            && columns.equals(its.columns)
            && Arrays.deepEquals(rows, its.rows)
            && Arrays.deepEquals(texts, its.texts);
  }

  @Override
  public int hashCode() {
    return 31 * columns.hashCode() + rows.length;
  }
}
