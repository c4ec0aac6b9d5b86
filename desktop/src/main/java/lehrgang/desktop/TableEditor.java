package lehrgang.desktop;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.kordamp.ikonli.javafx.FontIcon;

/// The table as it is typed, on the page: labels and counts are edited where they stand, totals
/// follow.
final class TableEditor extends VBox {
  private static final PseudoClass COUNTED = PseudoClass.getPseudoClass("counted");
  private static final int FIRST_ROW = 2;

  /// Below every band.
  private static final int LAST_ROW = 1000;
  private static final int MOST_COLUMNS_AT_REST = 5;
  private static final double CHARACTER = 7.2;

  /// Where a count is still to be typed.
  private static final String BLANK = "___";

  private record Entry(TextField field, TextEditing editing) {
    void show(String text) {
      editing.show(field, text);
    }
  }

  private final Workbench workbench;
  private final LiveNumbers numbers;
  private final GridPane pane = new GridPane();
  private final StackPane frame = new StackPane();
  private final TableMessages messages;
  private final List<List<Entry>> cells = new ArrayList<>();
  private final List<Entry> rowLabels = new ArrayList<>();
  private final List<Entry> columnLabels = new ArrayList<>();
  private final TableTools tools;
  private final KeyInLine keyIn;
  private final EditorTotals totals;
  private final Entry rowVariable;
  private final Entry columnVariable;
  private final Entry layerVariable;
  private final List<Entry> layerLabels = new ArrayList<>();
  private List<Grid> grids = List.of();
  private List<List<LineId>> built = List.of();
  private Form form = Form.TWO_WAY;
  private int rows = -1;
  private int columns = -1;
  private int layers;

  TableEditor(Workbench workbench, LiveNumbers numbers) {
    this.workbench = workbench;
    this.numbers = numbers;
    this.totals = new EditorTotals(numbers);
    this.messages = new TableMessages(workbench);
    this.tools = new TableTools(workbench, focus());
    this.keyIn = new KeyInLine(workbench);
    getStyleClass().add("table-editor");
    pane.getStyleClass().addAll("grid", "editor");
    rowVariable =
        entry(
            "row-variable",
            "table.row-variable",
            (table, text) -> table.withVariables(text, table.columnVariable()));
    rowVariable.field().getStyleClass().add("variable");
    columnVariable =
        entry(
            "column-variable",
            "table.column-variable",
            (table, text) -> table.withVariables(table.rowVariable(), text));
    columnVariable.field().getStyleClass().addAll("variable", "centred");
    layerVariable = entry("layer-variable", "table.layer-variable", TableEntry::withLayerVariable);
    layerVariable.field().getStyleClass().add("variable");
    layerVariable.field().setPromptText(Words.of("table.layer-variable.prompt"));
    getChildren().addAll(frame, messages, keyIn, tools);
    addEventFilter(
        KeyEvent.KEY_PRESSED,
        key ->
            ArrowKeys.move(
                key, cells.stream().map(row -> row.stream().map(Entry::field).toList()).toList()));
  }

  private interface Change {
    TableEntry apply(TableEntry table);
  }

  private void change(String thing, Change change) {
    workbench.edit(thing, solution -> solution.withTable(change.apply(solution.table())));
  }

  /// After something was added, typing goes on there.
  private TableTools.Focus focus() {
    return new TableTools.Focus() {
      @Override
      public void lastRow() {
        rowLabels.getLast().field().requestFocus();
      }

      @Override
      public void lastLayer() {
        layerLabels.getLast().field().requestFocus();
      }

      @Override
      public void lastColumn() {
        columnLabels.getLast().field().requestFocus();
      }

      @Override
      public void firstShare() {
        cells.getFirst().getLast().field().requestFocus();
      }
    };
  }

  private Entry entry(
      String thing, String name, BiFunction<TableEntry, String, TableEntry> change) {
    TextField field = new TextField();
    field.setAccessibleText(Words.of(name));
    return new Entry(
        field,
        TextEditing.of(
            field,
            workbench,
            thing,
            (Solution solution, String text) ->
                solution.withTable(change.apply(solution.table(), text))));
  }

  /// Takes the lines of the cells and totals from the page.
  ///
  /// @param wanted one table, or one for each layer
  TableEditor show(List<Grid> wanted) {
    grids = wanted;
    TableEntry table = workbench.solution().get().table();
    if (fits(table) && !lines(table).equals(built)) {
      build(table);
      fill(table);
    }
    totals.show(grids);
    return this;
  }

  /// Whether the tables of the page have the shape of the one that is typed.
  private boolean fits(TableEntry table) {
    return grids.size() == Math.max(1, table.layers().size())
        && grids.stream()
            .allMatch(
                grid ->
                    grid.cells().size() == table.rows().size()
                        && grid.columns().size() == table.columns().size());
  }

  /// The line of each cell: the page's, or the usual one while nothing is worked out.
  private List<List<LineId>> lines(TableEntry table) {
    return fits(table)
        ? grids.stream()
            .flatMap(grid -> grid.cells().stream())
            .map(row -> row.stream().map(GridCell::line).toList())
            .toList()
        : IntStream.range(0, table.cells().size())
            .mapToObj(
                i ->
                    IntStream.range(0, table.columns().size())
                        .mapToObj(j -> table.usualLine(i, j))
                        .toList())
            .toList();
  }

  /// Shows the table of the current solution and what is wrong with it.
  void update(Sight sight) {
    TableEntry table = workbench.solution().get().table();
    if (table.rows().size() != rows
        || table.columns().size() != columns
        || table.layers().size() != layers
        || table.form() != form) {
      build(table);
    }
    fill(table);
    settle(workbench.solution().get().origin().isPresent());
    if (sight.isCurrent()) {
      totals.show(grids);
    } else {
      totals.blank();
    }
    messages.show(sight.problems(), everyField(), this::fields);
  }

  /// A counted table follows its records and is not typed.
  private void settle(boolean counted) {
    everyField().forEach(field -> field.setEditable(!counted));
    rowVariable.field().setEditable(!counted);
    columnVariable.field().setEditable(!counted);
    layerVariable.field().setEditable(!counted);
    pseudoClassStateChanged(COUNTED, counted);
    keyIn.setVisible(!counted);
    tools.setVisible(!counted);
    tools.setManaged(!counted);
  }

  private void fill(TableEntry table) {
    rowVariable.show(table.rowVariable());
    columnVariable.show(table.columnVariable());
    layerVariable.show(table.layerVariable());
    for (int k = 0; k < layers; k++) {
      layerLabels.get(k).show(table.layers().get(k));
    }
    for (int i = 0; i < cells.size(); i++) {
      rowLabels.get(i).show(table.rows().get(i % rows));
      for (int j = 0; j < columns; j++) {
        cells.get(i).get(j).show(table.cells().get(i).get(j));
      }
    }
    for (int j = 0; j < columnLabels.size(); j++) {
      columnLabels.get(j).show(table.columns().get(j));
      columnLabels.get(j).field().setPrefWidth(room(table.columns().get(j), 76, 128));
    }
    double labels =
        table.rows().stream().mapToDouble(label -> room(label, 132, 250)).max().orElse(132);
    rowLabels.forEach(label -> label.field().setPrefWidth(labels));
  }

  /// As wide as a label needs, within bounds.
  private static double room(String label, double least, double most) {
    return Math.clamp(label.length() * CHARACTER + 14, least, most);
  }

  private void build(TableEntry table) {
    form = table.form();
    rows = table.rows().size();
    columns = table.columns().size();
    layers = table.layers().size();
    built = lines(table);
    pane.getChildren().clear();
    cells.clear();
    rowLabels.clear();
    columnLabels.clear();
    layerLabels.clear();
    totals.clear();
    tools.show(table);
    keyIn.show(table);
    pane.add(rowVariable.field(), 0, 1);
    addHeads(table);
    if (layers == 0) {
      addBand(0, FIRST_ROW);
    } else {
      pane.add(layerVariable.field(), 0, 0);
    }
    for (int k = 0; k < layers; k++) {
      int top = FIRST_ROW + k * (rows + 2);
      addLayerLabel(k, top);
      addBand(k, top + 1);
    }
    if (form.namesItsColumns()) {
      IntStream.range(0, columns).forEach(j -> addRemover(j, LAST_ROW));
    }
    totals.letIn();
    frame.getChildren().setAll(columns > MOST_COLUMNS_AT_REST ? BlockViews.sideways(pane) : pane);
    StackPane.setAlignment(frame.getChildren().getFirst(), Pos.CENTER_LEFT);
  }

  private void addHeads(TableEntry table) {
    Wording wording = Wording.english();
    rowVariable.field().setPromptText(Words.of("table.row-variable.prompt." + form.key()));
    columnVariable.field().setPromptText(Words.of("table.column-variable.prompt." + form.key()));
    if (form != Form.FREQUENCIES) {
      pane.add(columnVariable.field(), 1, 0, columns, 1);
    }
    for (int j = 0; j < columns; j++) {
      if (form.namesItsColumns()) {
        addColumnLabel(j);
      } else {
        pane.add(BlockViews.head(wording.text("column." + table.columns().get(j))), j + 1, 1);
      }
    }
    if (hasRowTotals()) {
      pane.add(BlockViews.head(wording.text("table.total")), columns + 1, 1);
    }
  }

  private boolean hasRowTotals() {
    return form.namesItsColumns();
  }

  /// The rows of one layer, or of the whole table where there are none.
  private void addBand(int layer, int top) {
    for (int i = 0; i < rows; i++) {
      addRow(layer, i, top + i);
    }
    addFoot(layer, top + rows);
  }

  private void addLayerLabel(int k, int place) {
    Entry label =
        entry(
            "layer-label-" + k,
            "table.layer-variable",
            (table, text) -> table.withLayerLabel(k, text));
    label.field().setAccessibleText(Words.of("table.layer-label", k + 1));
    label.field().setId("layer-" + (k + 1));
    label.field().getStyleClass().addAll("label-field", "layer-field");
    layerLabels.add(label);
    pane.add(label.field(), 0, place, columns + 2, 1);
    pane.add(
        remover(
            Words.of("table.remove-layer", k + 1),
            layers > 2,
            () -> change("", table -> table.withoutLayer(k))),
        columns + 2,
        place);
  }

  private void addColumnLabel(int j) {
    Entry label =
        entry(
            "column-label-" + j,
            "table.column-variable",
            (table, text) -> table.withColumnLabel(j, text));
    label.field().setAccessibleText(Words.of("table.column-label", j + 1));
    label.field().getStyleClass().addAll("label-field", "flush-right");
    columnLabels.add(label);
    pane.add(label.field(), j + 1, 1);
  }

  private void addRow(int layer, int i, int place) {
    Entry label =
        entry("row-label-" + i, "table.row-variable", (table, text) -> table.withRowLabel(i, text));
    label.field().setAccessibleText(Words.of("table.row-label", i + 1));
    label.field().getStyleClass().addAll("label-field", "row-field");
    rowLabels.add(label);
    pane.add(label.field(), 0, place);
    List<Entry> row = new ArrayList<>();
    for (int j = 0; j < columns; j++) {
      Entry cell = cell(layer * rows + i, j);
      row.add(cell);
      pane.add(cell.field(), j + 1, place);
    }
    cells.add(row);
    if (hasRowTotals()) {
      pane.add(totals.add(ofLayer("R", layer, i + 1), "row-total"), columns + 1, place);
    }
    boolean removable = rows > 2 && form != Form.SHARES && layer == 0;
    pane.add(
        remover(
            Words.of("table.remove-row", i + 1), removable, () -> change("", t -> t.withoutRow(i))),
        columns + 2,
        place);
  }

  private LineId ofLayer(String family, int layer, int position) {
    return layers == 0 ? LineId.of(family, position) : LineId.of(family, layer + 1, position);
  }

  private Entry cell(int i, int j) {
    Entry cell =
        entry(
            "cell-" + i + "-" + j,
            "table.column-variable",
            (table, text) -> table.withCell(i, j, text));
    cell.field().getStyleClass().addAll("count-field", "flush-right");
    cell.field().setPromptText(BLANK);
    cell.field().setId("count-" + (i + 1) + "-" + (j + 1));
    LineId line = built.get(i).get(j);
    numbers.registerField(line, cell.field());
    cell.field()
        .focusedProperty()
        .subscribe(
            focused -> {
              if (focused && workbench.sight().get().isCurrent()) {
                numbers.select(line);
              }
            });
    return cell;
  }

  private void addFoot(int layer, int foot) {
    switch (form) {
      case TWO_WAY, LAYERS -> {
        pane.add(BlockViews.foot(Wording.english().text("table.total")), 0, foot);
        for (int j = 0; j < columns; j++) {
          pane.add(totals.add(ofLayer("C", layer, j + 1), "column-total"), j + 1, foot);
        }
        LineId size = layers == 0 ? LineId.of("n") : LineId.of("n", layer + 1);
        pane.add(totals.add(size, "grand-total"), columns + 1, foot);
      }
      case FREQUENCIES -> {
        pane.add(BlockViews.foot(Wording.english().text("table.total")), 0, foot);
        pane.add(totals.add(LineId.of("n"), "column-total"), 1, foot);
      }
      case SHARES -> {
        // Successes and trials have no sum that means anything here.
      }
    }
  }

  private void addRemover(int column, int row) {
    Node remove =
        remover(
            Words.of("table.remove-column", column + 1),
            columns > 2,
            () -> change("", t -> t.withoutColumn(column)));
    GridPane.setHalignment(remove, HPos.RIGHT);
    pane.add(remove, column + 1, row);
  }

  private static Node remover(String name, boolean possible, Runnable action) {
    Button button = new Button("", new FontIcon("fth-x"));
    button.getStyleClass().add("remove");
    button.setAccessibleText(name);
    button.setTooltip(new Tooltip(name));
    button.setOnAction(_ -> action.run());
    button.setVisible(possible);
    return button;
  }

  private List<TextField> everyField() {
    List<TextField> all = new ArrayList<>();
    layerLabels.forEach(entry -> all.add(entry.field()));
    rowLabels.forEach(entry -> all.add(entry.field()));
    columnLabels.forEach(entry -> all.add(entry.field()));
    cells.forEach(row -> row.forEach(entry -> all.add(entry.field())));
    return all;
  }

  private List<TextField> fields(Problem.Place place) {
    return switch (place) {
      case Problem.Cell(var i, var j) -> List.of(cells.get(i).get(j).field());
      case Problem.RowLabel(var i) -> List.of(rowLabels.get(i).field());
      case Problem.ColumnLabel(var j) when j < columnLabels.size() ->
          List.of(columnLabels.get(j).field());
      case Problem.ColumnLabel _ -> List.of();
      case Problem.LayerLabel(var k) -> List.of(layerLabels.get(k).field());
      case Problem.WholeTable _, Problem.Field _ -> List.of();
    };
  }
}
