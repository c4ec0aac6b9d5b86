package lehrgang.core.data;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.BinaryOperator;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/// A table as it is typed: every cell holds what was written, right or not.
///
/// @param form           what its rows and columns mean
/// @param rowVariable    what the rows tell apart
/// @param columnVariable what the columns tell apart; for [TableForm#SHARES] what counts as a
///     success
/// @param layerVariable  what the layers tell apart; blank without layers
/// @param rows           their labels, the same in every layer
/// @param layers         their labels; empty for every form but [TableForm#LAYERS]
/// @param cells          by layer, then row, then column: the rows of the second layer follow those
///     of the first; all have as many cells as there are columns
public record TableEntry(
    TableForm form,
    String rowVariable,
    String columnVariable,
    String layerVariable,
    List<String> rows,
    List<String> columns,
    List<String> layers,
    List<List<String>> cells) {
  public static final String OBSERVED = "observed";
  public static final String SHARE = "share";
  public static final String SUCCESSES = "successes";
  public static final String TRIALS = "trials";

  /// The most rows or columns that a page can hold.
  public static final int MOST_CATEGORIES = 30;

  /// The most layers that a page can hold.
  public static final int MOST_LAYERS = 12;

  /// Sums of counts up to here are safe in every program that reads our files.
  public static final long MOST_OBSERVATIONS = 9_000_000_000_000_000L;

  /// @throws IllegalArgumentException if the cells do not fit the labels
  public TableEntry {
    rows = List.copyOf(rows);
    columns = List.copyOf(columns);
    layers = List.copyOf(layers);
    cells = cells.stream().map(List::copyOf).toList();
    int width = columns.size();
    if (form == TableForm.LAYERS == layers.isEmpty()
        || cells.size() != rows.size() * Math.max(1, layers.size())
        || cells.stream().anyMatch(row -> row.size() != width)) {
      throw new IllegalArgumentException(
          "the cells do not fit %d rows, %d columns and %d layers: %s"
              .formatted(rows.size(), width, layers.size(), cells));
    }
  }

  /// A table without layers.
  ///
  /// @throws IllegalArgumentException if the cells do not fit the labels
  public TableEntry(
      TableForm form,
      String rowVariable,
      String columnVariable,
      List<String> rows,
      List<String> columns,
      List<List<String>> cells) {
    this(form, rowVariable, columnVariable, "", rows, columns, List.of(), cells);
  }

  /// A two-way table.
  ///
  /// @throws IllegalArgumentException if the cells do not fit the labels
  public TableEntry(
      String rowVariable,
      String columnVariable,
      List<String> rows,
      List<String> columns,
      List<List<String>> cells) {
    this(TableForm.TWO_WAY, rowVariable, columnVariable, rows, columns, cells);
  }

  /// The label of two neighbouring categories as one.
  public static String mergedLabel(String one, String other) {
    return one + " / " + other;
  }

  /// The two-way table in one layer.
  ///
  /// @param layer from 0
  /// @throws IndexOutOfBoundsException if there is no such layer
  public TableEntry layer(int layer) {
    int first = layer * rows.size();
    return new TableEntry(
        rowVariable, columnVariable, rows, columns, cells.subList(first, first + rows.size()));
  }

  /// With another text in a cell. A ratio such as `9:3:3:1` in a column of shares fills the column.
  ///
  /// @throws IndexOutOfBoundsException if there is no such cell
  public TableEntry withCell(int row, int column, String text) {
    List<String> parts = List.of(text.strip().split("\\s*:\\s*"));
    if (columns.get(column).equals(SHARE)
        && form == TableForm.FREQUENCIES
        && parts.size() == rows.size()
        && parts.stream().noneMatch(String::isBlank)) {
      return withColumn(column, parts);
    }
    return withCells(Lists.replaced(cells, row, Lists.replaced(cells.get(row), column, text)));
  }

  /// With other texts in a column.
  ///
  /// @param texts one for each row
  /// @throws IndexOutOfBoundsException if there is no such column
  /// @throws IllegalArgumentException if there are not as many texts as rows
  public TableEntry withColumn(int column, List<String> texts) {
    if (texts.size() != rows.size()) {
      throw new IllegalArgumentException(
          "%d texts for %d rows".formatted(texts.size(), rows.size()));
    }
    return withCells(
        IntStream.range(0, rows.size())
            .mapToObj(i -> Lists.replaced(cells.get(i), column, texts.get(i)))
            .toList());
  }

  /// With another label for a row.
  ///
  /// @param row from 0
  /// @throws IndexOutOfBoundsException if there is no such row
  public TableEntry withRowLabel(int row, String label) {
    return with(Lists.replaced(rows, row, label), columns, layers, cells);
  }

  /// With another label for a column.
  ///
  /// @param column from 0
  /// @throws IndexOutOfBoundsException if there is no such column
  public TableEntry withColumnLabel(int column, String label) {
    return with(rows, Lists.replaced(columns, column, label), layers, cells);
  }

  /// With another label for a layer.
  ///
  /// @param layer from 0
  /// @throws IndexOutOfBoundsException if there is no such layer
  public TableEntry withLayerLabel(int layer, String label) {
    return with(rows, columns, Lists.replaced(layers, layer, label), cells);
  }

  /// With other names for what the rows and the columns are.
  public TableEntry withVariables(String forRows, String forColumns) {
    return new TableEntry(form, forRows, forColumns, layerVariable, rows, columns, layers, cells);
  }

  /// With another name for what the layers are.
  public TableEntry withLayerVariable(String forLayers) {
    return new TableEntry(
        form, rowVariable, columnVariable, forLayers, rows, columns, layers, cells);
  }

  /// With one more row, last and without counts, in every layer.
  public TableEntry withRowAdded(String label) {
    return with(
        Lists.added(rows, label),
        columns,
        layers,
        inEachLayer(rows -> Lists.added(rows, blankRow())));
  }

  /// With one more column, last and without counts, in every layer.
  public TableEntry withColumnAdded(String label) {
    return with(
        rows,
        Lists.added(columns, label),
        layers,
        cells.stream().map(row -> Lists.added(row, "")).toList());
  }

  /// With a layer without counts.
  public TableEntry withLayerAdded(String label) {
    List<List<String>> more = new ArrayList<>(cells);
    rows.forEach(_ -> more.add(blankRow()));
    return with(rows, columns, Lists.added(layers, label), more);
  }

  /// Without a row, in every layer.
  ///
  /// @param row from 0
  /// @throws IndexOutOfBoundsException if there is no such row
  public TableEntry withoutRow(int row) {
    return with(
        Lists.without(rows, row), columns, layers, inEachLayer(rows -> Lists.without(rows, row)));
  }

  /// Without a column, in every layer.
  ///
  /// @param column from 0
  /// @throws IndexOutOfBoundsException if there is no such column
  public TableEntry withoutColumn(int column) {
    return with(
        rows,
        Lists.without(columns, column),
        layers,
        cells.stream().map(row -> Lists.without(row, column)).toList());
  }

  /// Without a layer and its counts.
  ///
  /// @param layer from 0
  /// @throws IndexOutOfBoundsException if there is no such layer
  /// @throws IllegalArgumentException if it is the only one
  public TableEntry withoutLayer(int layer) {
    List<List<String>> fewer = new ArrayList<>(cells);
    fewer.subList(layer * rows.size(), (layer + 1) * rows.size()).clear();
    return with(rows, columns, Lists.without(layers, layer), fewer);
  }

  /// With two neighbouring rows as one, in every layer.
  ///
  /// @param first the upper of the two, counted from 0
  /// @param join  makes their cells into those of the joined row
  /// @throws IndexOutOfBoundsException if there are no such two rows
  public TableEntry withRowsJoined(int first, String label, BinaryOperator<List<String>> join) {
    return with(
        Lists.without(Lists.replaced(rows, first, label), first + 1),
        columns,
        layers,
        inEachLayer(
            rows ->
                Lists.without(
                    Lists.replaced(rows, first, join.apply(rows.get(first), rows.get(first + 1))),
                    first + 1)));
  }

  /// The rows in reverse order: which group is first.
  public TableEntry swapped() {
    return with(rows.reversed(), columns, layers, inEachLayer(List::reversed));
  }

  /// Rows become columns and columns rows.
  public TableEntry turned() {
    return new TableEntry(
        form,
        columnVariable,
        rowVariable,
        layerVariable,
        columns,
        rows,
        layers,
        inEachLayer(
            rows ->
                IntStream.range(0, columns.size())
                    .mapToObj(j -> rows.stream().map(row -> row.get(j)).toList())
                    .toList()));
  }

  private List<String> blankRow() {
    return Collections.nCopies(columns.size(), "");
  }

  private List<List<String>> inEachLayer(UnaryOperator<List<List<String>>> change) {
    return IntStream.range(0, Math.max(1, layers.size()))
        .mapToObj(k -> cells.subList(k * rows.size(), (k + 1) * rows.size()))
        .flatMap(layer -> change.apply(layer).stream())
        .toList();
  }

  private TableEntry with(
      List<String> changedRows,
      List<String> changedColumns,
      List<String> changedLayers,
      List<List<String>> changed) {
    return new TableEntry(
        form,
        rowVariable,
        columnVariable,
        layerVariable,
        changedRows,
        changedColumns,
        changedLayers,
        changed);
  }

  private TableEntry withCells(List<List<String>> changed) {
    return with(rows, columns, layers, changed);
  }
}
