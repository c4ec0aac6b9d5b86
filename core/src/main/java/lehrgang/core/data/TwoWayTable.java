package lehrgang.core.data;

import java.util.List;

/// Counts classified by two variables, all of them checked.
///
/// @param rowVariable    what the rows tell apart
/// @param columnVariable what the columns tell apart
/// @param counts         by row, then column
public record TwoWayTable(
    String rowVariable,
    String columnVariable,
    List<String> rows,
    List<String> columns,
    List<List<Long>> counts) {
  public TwoWayTable {
    rows = List.copyOf(rows);
    columns = List.copyOf(columns);
    counts = counts.stream().map(List::copyOf).toList();
  }

  public long count(int row, int column) {
    return counts.get(row).get(column);
  }

  public boolean isTwoByTwo() {
    return rows.size() == 2 && columns.size() == 2;
  }
}
