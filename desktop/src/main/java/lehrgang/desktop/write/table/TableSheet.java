package lehrgang.desktop.write.table;

import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.layout.GridPane;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The fields of a table in their places, with heads, totals, and what takes a row, a column or a
/// layer away.
final class TableSheet extends GridPane {
  private static final int FIRST_ROW = 2;

  /// Below every band.
  private static final int LAST_ROW = 1000;

  private final OpenSolution solution;
  private final TableFields fields;
  private final EditorTotals totals;
  private final Wording wording = Wording.english();
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
    getChildren().clear();
    add(fields.rowVariable(), 0, 1);
    addHeads();
    if (layers() == 0) {
      addBand(0, FIRST_ROW);
    } else {
      add(fields.layerVariable(), 0, 0);
    }
    for (int k = 0; k < layers(); k++) {
      int top = FIRST_ROW + k * (rows() + 2);
      addLayerLabel(k, top);
      addBand(k, top + 1);
    }
    if (table.form().namesItsColumns()) {
      IntStream.range(0, columns()).forEach(this::addColumnRemover);
    }
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
    if (table.form() != Form.FREQUENCIES) {
      add(fields.columnVariable(), 1, 0, columns(), 1);
    }
    for (int j = 0; j < columns(); j++) {
      add(
          table.form().namesItsColumns()
              ? fields.columnLabels().get(j)
              : Labels.head(wording.text("column." + table.columns().get(j))),
          j + 1,
          1);
    }
    if (hasRowTotals()) {
      add(Labels.head(wording.text("table.total")), columns() + 1, 1);
    }
  }

  private void addLayerLabel(int k, int place) {
    add(fields.layerLabels().get(k), 0, place, columns() + 2, 1);
    add(
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
    add(fields.rowLabels().get(row), 0, place);
    for (int j = 0; j < columns(); j++) {
      add(fields.cells().get(row).get(j), j + 1, place);
    }
    if (hasRowTotals()) {
      add(totals.ofRow(layer, i), columns() + 1, place);
    }
    boolean removable = rows() > 2 && table.form() != Form.SHARES && layer == 0;
    add(
        remover(Words.of("table.remove-row", i + 1), removable, table -> table.withoutRow(i)),
        columns() + 2,
        place);
  }

  private void addFoot(int layer, int foot) {
    if (table.form() == Form.SHARES) {
      // Successes and trials have no sum that means anything here.
      return;
    }
    add(Labels.foot(wording.text("table.total")), 0, foot);
    int summed = table.form() == Form.FREQUENCIES ? 1 : columns();
    for (int j = 0; j < summed; j++) {
      add(totals.ofColumn(layer, j), j + 1, foot);
    }
    if (hasRowTotals()) {
      add(totals.grand(layer), columns() + 1, foot);
    }
  }

  private void addColumnRemover(int column) {
    Node remove =
        remover(
            Words.of("table.remove-column", column + 1),
            columns() > 2,
            table -> table.withoutColumn(column));
    GridPane.setHalignment(remove, HPos.RIGHT);
    add(remove, column + 1, LAST_ROW);
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
