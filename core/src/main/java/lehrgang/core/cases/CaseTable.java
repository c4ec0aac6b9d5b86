package lehrgang.core.cases;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Raw cases held in memory: one row a subject, one text a column, just as they arrived.
///
/// Texts that occur again are held once, so a column of categories costs a reference a row.
public final class CaseTable {
  private final List<String> columns;
  private final String[][] rows;

  private CaseTable(List<String> columns, String[][] rows) {
    this.columns = List.copyOf(columns);
    this.rows = rows;
  }

  /// Collects rows; a short row ends with blanks, a long one loses nothing that has a column.
  public static final class Collector {
    private final List<String> columns;
    private final List<String[]> rows = new ArrayList<>();
    private final Map<String, String> known = new HashMap<>();

    public Collector(List<String> columns) {
      this.columns = columns;
    }

    public Collector add(List<String> fields) {
      String[] row = new String[columns.size()];
      for (int j = 0; j < row.length; j++) {
        String text = j < fields.size() ? fields.get(j) : "";
        row[j] = known.computeIfAbsent(text, same -> same);
      }
      rows.add(row);
      return this;
    }

    public int size() {
      return rows.size();
    }

    public CaseTable finish() {
      return new CaseTable(columns, rows.toArray(String[][]::new));
    }
  }

  public static CaseTable of(List<String> columns, List<List<String>> rows) {
    Collector collector = new Collector(columns);
    rows.forEach(collector::add);
    return collector.finish();
  }

  public List<String> columns() {
    return columns;
  }

  public int size() {
    return rows.length;
  }

  public String field(int row, int column) {
    return rows[row][column];
  }

  @Override
  public boolean equals(Object other) {
    return this == other
        || other instanceof CaseTable its
            && columns.equals(its.columns)
            && Arrays.deepEquals(rows, its.rows);
  }

  @Override
  public int hashCode() {
    return 31 * columns.hashCode() + rows.length;
  }
}
