package lehrgang.desktop.write.table;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.RowConstraints;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The fields of a table in their places, with heads, totals, and what takes a row, a column or a
/// layer away.
///
/// The counts stand in the cells of the grid without being managed by it: all cells have one size,
/// and a digit in one of a thousand does not have the whole page laid out again.
final class TableSheet extends GridPane {
  private static final int FIRST_ROW = 2;

  /// The size of a cell, in pixels.
  private static final double CELL_WIDTH = 76;

  private static final double CELL_HEIGHT = 31;

  /// What a window shows of a long table without scrolling; the rest may come a moment later.
  private static final int LAST_ROW_IN_SIGHT = FIRST_ROW + 11;

  /// So many fields and buttons are there before one could notice.
  private static final int MOST_AT_ONCE = 200;

  private final OpenSolution solution;
  private final TableFields fields;
  private final EditorTotals totals;
  private final Wording wording = Wording.english();
  private final List<Node> inSight = new ArrayList<>();
  private final List<Node> furtherDown = new ArrayList<>();
  private final List<Node> counts = new ArrayList<>();
  private TableEntry table;

  TableSheet(OpenSolution solution, TableFields fields, EditorTotals totals) {
    this.solution = solution;
    this.fields = fields;
    this.totals = totals;
    getStyleClass().add(Style.EDITOR);
  }

  /// Puts the fields of a table of another shape in their places.
  void arrange(TableEntry shaped) {
    table = shaped;
    inSight.clear();
    furtherDown.clear();
    counts.clear();
    put(fields.rowVariable(), 0, 1);
    addHeads();
    if (layers() == 0) {
      addBand(0, FIRST_ROW);
    } else {
      put(fields.layerVariable(), 0, 0);
    }
    for (int k = 0; k < layers(); k++) {
      int top = FIRST_ROW + k * (rows() + 2);
      addLayerLabel(k, top);
      addBand(k, top + 1);
    }
    if (table.form().namesItsColumns()) {
      IntStream.range(0, columns()).forEach(this::addColumnRemover);
    }
    reserve();
    getChildren().setAll(inSight);
    if (getChildren().size() + furtherDown.size() <= MOST_AT_ONCE) {
      complete();
    } else {
      Platform.runLater(() -> Platform.runLater(this::complete));
    }
  }

  /// Puts what is further down in its place, if it is not there yet. Every field costs a window
  /// some time; those in sight are not kept waiting.
  void complete() {
    getChildren().addAll(furtherDown);
    furtherDown.clear();
  }

  private void putCount(Node count, int column, int row) {
    count.setManaged(false);
    counts.add(count);
    put(count, column, row);
  }

  /// Rows and columns have room for counts, which have no say in it.
  private void reserve() {
    getColumnConstraints().setAll(new ColumnConstraints());
    for (int j = 0; j < columns(); j++) {
      ColumnConstraints column = new ColumnConstraints();
      column.setMinWidth(CELL_WIDTH);
      getColumnConstraints().add(column);
    }
    getRowConstraints().clear();
    for (int i = 0; i < belowEveryBand(); i++) {
      getRowConstraints().add(new RowConstraints());
    }
    for (Node count : counts) {
      getRowConstraints().get(getRowIndex(count)).setMinHeight(CELL_HEIGHT);
    }
  }

  @Override
  protected void layoutChildren() {
    super.layoutChildren();
    for (Node count : counts) {
      Bounds cell = getCellBounds(getColumnIndex(count), getRowIndex(count));
      count.resizeRelocate(cell.getMinX(), cell.getMinY(), cell.getWidth(), cell.getHeight());
    }
  }

  private void put(Node node, int column, int row) {
    put(node, column, row, 1, 1);
  }

  private void put(Node node, int column, int row, int columnSpan, int rowSpan) {
    setConstraints(node, column, row, columnSpan, rowSpan);
    (row > LAST_ROW_IN_SIGHT ? furtherDown : inSight).add(node);
  }

  private int rows() {
    return table.rows().size();
  }

  private int columns() {
    return table.columns().size();
  }

  private int layers() {
    return table.layers().size();
  }

  private boolean hasRowTotals() {
    return table.form().namesItsColumns();
  }

  private void addHeads() {
    if (table.form() != TableForm.FREQUENCIES) {
      put(fields.columnVariable(), 1, 0, columns(), 1);
    }
    for (int j = 0; j < columns(); j++) {
      put(
          table.form().namesItsColumns()
              ? fields.columnLabels().get(j)
              : Labels.head(wording.text("column." + table.columns().get(j))),
          j + 1,
          1);
    }
    if (hasRowTotals()) {
      put(Labels.head(wording.text("table.total")), columns() + 1, 1);
    }
  }

  private void addLayerLabel(int k, int place) {
    put(fields.layerLabels().get(k), 0, place, columns() + 2, 1);
    put(
        remover(
            Words.of("table.remove-layer", k + 1), layers() > 2, table -> table.withoutLayer(k)),
        columns() + 2,
        place);
  }

  /// The rows of one layer, or of the whole table where there are none.
  private void addBand(int layer, int top) {
    for (int i = 0; i < rows(); i++) {
      addRow(layer, i, top + i);
    }
    addFoot(layer, top + rows());
  }

  private void addRow(int layer, int i, int place) {
    int row = layer * rows() + i;
    put(fields.rowLabels().get(row), 0, place);
    for (int j = 0; j < columns(); j++) {
      putCount(fields.cells().get(row).get(j), j + 1, place);
    }
    if (hasRowTotals()) {
      put(totals.ofRow(layer, i), columns() + 1, place);
    }
    boolean removable = rows() > 2 && table.form() != TableForm.SHARES && layer == 0;
    put(
        remover(Words.of("table.remove-row", i + 1), removable, table -> table.withoutRow(i)),
        columns() + 2,
        place);
  }

  private void addFoot(int layer, int foot) {
    if (table.form() == TableForm.SHARES) {
      // Successes and trials have no sum that means anything here.
      return;
    }
    put(Labels.foot(wording.text("table.total")), 0, foot);
    int summed = table.form() == TableForm.FREQUENCIES ? 1 : columns();
    for (int j = 0; j < summed; j++) {
      put(totals.ofColumn(layer, j), j + 1, foot);
    }
    if (hasRowTotals()) {
      put(totals.grand(layer), columns() + 1, foot);
    }
  }

  private void addColumnRemover(int column) {
    Node remove =
        remover(
            Words.of("table.remove-column", column + 1),
            columns() > 2,
            table -> table.withoutColumn(column));
    GridPane.setHalignment(remove, HPos.RIGHT);
    put(remove, column + 1, belowEveryBand());
  }

  private int belowEveryBand() {
    return FIRST_ROW + Math.max(1, layers()) * (rows() + 2);
  }

  private Node remover(String name, boolean possible, UnaryOperator<TableEntry> change) {
    Node button =
        Icons.button(
            "fth-x",
            name,
            Style.REMOVE,
            () -> solution.edit("", now -> now.withTable(change.apply(now.table()))));
    button.setVisible(possible);
    return button;
  }
}
