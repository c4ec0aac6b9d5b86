package lehrgang.core.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;

/// Tables in pieces that can be read from the back of a room. Widths are in units in which the text
/// is 16 high.
final class GridParts {
  private static final int MOST_ROWS = 6;
  private static final int MOST_COLUMNS = 6;

  private static final double PER_CHARACTER = 8.2;
  private static final double NARROWEST_HEAD = 84;
  private static final double WIDEST_HEAD = 220;
  private static final double NARROWEST_COLUMN = 66;
  private static final double WIDEST_COLUMN = 130;
  private static final double PADDING = 18;

  private final double room;

  /// @param room how wide the board is
  GridParts(double room) {
    this.room = room;
  }

  /// Tables as they are shown together: those that fit beside each other, or piece by piece.
  List<List<Grid>> of(List<Grid> grids) {
    boolean beside =
        grids.stream().allMatch(this::fits)
            && grids.stream().mapToDouble(grid -> columns(grid) * column(grid) + PADDING).sum()
                    + head(grids.getFirst())
                <= room;
    return beside
        ? List.of(grids)
        : grids.stream().flatMap(grid -> pieces(grid).stream()).map(List::of).toList();
  }

  private boolean fits(Grid grid) {
    return grid.rows().size() <= mostRows(grid) && grid.columns().size() <= mostColumns(grid);
  }

  private static int mostRows(Grid grid) {
    return grid.columnTotals().isEmpty() ? MOST_ROWS : MOST_ROWS - 1;
  }

  private int mostColumns(Grid grid) {
    int totals = grid.rowTotals().isEmpty() ? 0 : 1;
    int fitting = (int) ((room - head(grid)) / column(grid)) - totals;
    return Math.clamp(fitting, 1, MOST_COLUMNS);
  }

  private static double head(Grid grid) {
    return Math.clamp(longest(grid.rows()) * PER_CHARACTER, NARROWEST_HEAD, WIDEST_HEAD);
  }

  private static double column(Grid grid) {
    return Math.clamp(
        longest(grid.columns()) * PER_CHARACTER + PADDING, NARROWEST_COLUMN, WIDEST_COLUMN);
  }

  private static int longest(List<String> labels) {
    return labels.stream().mapToInt(String::length).max().orElse(0);
  }

  private static int columns(Grid grid) {
    return grid.columns().size() + (grid.rowTotals().isEmpty() ? 0 : 1);
  }

  /// The pieces of a table, row by row of pieces; totals stand at the last ones.
  private List<Grid> pieces(Grid grid) {
    if (fits(grid)) {
      return List.of(grid);
    }
    List<Grid> pieces = new ArrayList<>();
    for (List<Integer> rows : runs(grid.rows().size(), mostRows(grid))) {
      for (List<Integer> columns : runs(grid.columns().size(), mostColumns(grid))) {
        boolean lastRows = rows.getLast() == grid.rows().size() - 1;
        boolean lastColumns = columns.getLast() == grid.columns().size() - 1;
        pieces.add(part(grid, rows, columns, lastColumns, lastRows));
      }
    }
    return pieces;
  }

  /// Places in as few runs as can be, as even as can be.
  private static List<List<Integer>> runs(int size, int most) {
    int many = Math.max(1, (size + most - 1) / most);
    return IntStream.range(0, many)
        .mapToObj(k -> IntStream.range(size * k / many, size * (k + 1) / many).boxed().toList())
        .toList();
  }

  /// The part of a table in which some lines stand, with the margins; the table itself where it is
  /// small.
  Grid around(Grid grid, Set<LineId> lines) {
    if (fits(grid)) {
      return grid;
    }
    TreeSet<Integer> rows = new TreeSet<>();
    TreeSet<Integer> columns = new TreeSet<>();
    for (int i = 0; i < grid.rows().size(); i++) {
      for (int j = 0; j < grid.columns().size(); j++) {
        if (lines.contains(grid.cells().get(i).get(j).line())) {
          rows.add(i);
          columns.add(j);
        }
      }
    }
    totals(grid.rowTotals(), lines, rows);
    totals(grid.columnTotals(), lines, columns);
    return part(
        grid,
        filled(rows, grid.rows().size(), mostRows(grid)),
        filled(columns, grid.columns().size(), mostColumns(grid)),
        true,
        true);
  }

  private static void totals(List<GridCell> totals, Set<LineId> lines, Set<Integer> places) {
    for (int k = 0; k < totals.size(); k++) {
      if (lines.contains(totals.get(k).line())) {
        places.add(k);
      }
    }
  }

  /// The places needed, and others from the first on as long as there is room.
  private static List<Integer> filled(TreeSet<Integer> needed, int size, int most) {
    TreeSet<Integer> places = new TreeSet<>(needed.stream().limit(most).toList());
    for (int k = 0; k < size && places.size() < most; k++) {
      places.add(k);
    }
    return List.copyOf(places);
  }

  private static Grid part(
      Grid grid, List<Integer> rows, List<Integer> columns, boolean rowTotals, boolean totals) {
    return new Grid(
        grid.template(),
        grid.title(),
        rows.stream().map(grid.rows()::get).toList(),
        columns.stream().map(grid.columns()::get).toList(),
        rows.stream()
            .map(i -> columns.stream().map(j -> grid.cells().get(i).get(j)).toList())
            .toList(),
        rowTotals && !grid.rowTotals().isEmpty()
            ? rows.stream().map(grid.rowTotals()::get).toList()
            : List.of(),
        totals && !grid.columnTotals().isEmpty()
            ? columns.stream().map(grid.columnTotals()::get).toList()
            : List.of(),
        rowTotals && totals ? grid.grandTotal() : Optional.empty(),
        grid.totalLabel());
  }

  /// The lines that stand in a table.
  static Stream<LineId> lines(Grid grid) {
    return Stream.of(
            grid.cells().stream().flatMap(List::stream),
            grid.rowTotals().stream(),
            grid.columnTotals().stream(),
            grid.grandTotal().stream())
        .flatMap(cells -> cells)
        .map(GridCell::line);
  }
}
