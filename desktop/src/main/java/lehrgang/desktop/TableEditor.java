package lehrgang.desktop;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Appearance;
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
  private static final int MOST_COLUMNS_AT_REST = 5;
  private static final double CHARACTER = 7.2;

  private record Entry(TextField field, TextEditing editing) {
    void show(String text) {
      editing.show(field, text);
    }
  }

  private record Total(LineId line, NumberNode node) {}

  private final Workbench workbench;
  private final LiveNumbers numbers;
  private final GridPane pane = new GridPane();
  private final StackPane frame = new StackPane();
  private final TableMessages messages;
  private final List<List<Entry>> cells = new ArrayList<>();
  private final List<Entry> rowLabels = new ArrayList<>();
  private final List<Entry> columnLabels = new ArrayList<>();
  private final TableTools tools;
  private final List<Total> totals = new ArrayList<>();
  private final Entry rowVariable;
  private final Entry columnVariable;
  private Grid grid =
      new Grid(
          List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), Optional.empty(), "");
  private List<List<LineId>> built = List.of();
  private Form form = Form.TWO_WAY;
  private int rows = -1;
  private int columns = -1;

  TableEditor(Workbench workbench, LiveNumbers numbers) {
    this.workbench = workbench;
    this.numbers = numbers;
    this.messages = new TableMessages(workbench);
    this.tools = new TableTools(workbench, focus());
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
    getChildren().addAll(frame, messages, tools);
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
  TableEditor show(Grid wanted) {
    grid = wanted;
    TableEntry table = workbench.solution().get().table();
    if (fits(table) && !lines(table).equals(built)) {
      build(table);
      fill(table);
    }
    showTotals();
    return this;
  }

  /// Whether the grid of the page has the shape of the table.
  private boolean fits(TableEntry table) {
    return grid.cells().size() == table.rows().size()
        && grid.columns().size() == table.columns().size();
  }

  /// The line of each cell: the page's, or the usual one while nothing is worked out.
  private List<List<LineId>> lines(TableEntry table) {
    return fits(table)
        ? grid.cells().stream().map(row -> row.stream().map(GridCell::line).toList()).toList()
        : IntStream.range(0, table.rows().size())
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
    if (table.rows().size() != rows || table.columns().size() != columns || table.form() != form) {
      build(table);
    }
    fill(table);
    settle(workbench.solution().get().origin().isPresent());
    if (sight.isCurrent()) {
      showTotals();
    } else {
      totals.forEach(total -> total.node().setNumber("–"));
    }
    messages.show(sight.problems(), everyField(), this::fields);
  }

  /// A counted table follows its records and is not typed.
  private void settle(boolean counted) {
    everyField().forEach(field -> field.setEditable(!counted));
    rowVariable.field().setEditable(!counted);
    columnVariable.field().setEditable(!counted);
    pseudoClassStateChanged(COUNTED, counted);
    tools.setVisible(!counted);
    tools.setManaged(!counted);
  }

  private void fill(TableEntry table) {
    rowVariable.show(table.rowVariable());
    columnVariable.show(table.columnVariable());
    for (int i = 0; i < rows; i++) {
      rowLabels.get(i).show(table.rows().get(i));
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
    built = lines(table);
    pane.getChildren().clear();
    cells.clear();
    rowLabels.clear();
    columnLabels.clear();
    totals.clear();
    tools.show(table);
    pane.add(rowVariable.field(), 0, 1);
    addHeads(table);
    for (int i = 0; i < rows; i++) {
      addRow(i);
    }
    addFoot();
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
    return form == Form.TWO_WAY;
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

  private void addRow(int i) {
    Entry label =
        entry("row-label-" + i, "table.row-variable", (table, text) -> table.withRowLabel(i, text));
    label.field().setAccessibleText(Words.of("table.row-label", i + 1));
    label.field().getStyleClass().addAll("label-field", "row-field");
    rowLabels.add(label);
    pane.add(label.field(), 0, FIRST_ROW + i);
    List<Entry> row = new ArrayList<>();
    for (int j = 0; j < columns; j++) {
      Entry cell = cell(i, j);
      row.add(cell);
      pane.add(cell.field(), j + 1, FIRST_ROW + i);
    }
    cells.add(row);
    if (hasRowTotals()) {
      pane.add(total(LineId.of("R", i + 1), "row-total"), columns + 1, FIRST_ROW + i);
    }
    boolean removable = rows > 2 && form != Form.SHARES;
    pane.add(
        remover(
            Words.of("table.remove-row", i + 1), removable, () -> change("", t -> t.withoutRow(i))),
        columns + 2,
        FIRST_ROW + i);
  }

  private Entry cell(int i, int j) {
    Entry cell =
        entry(
            "cell-" + i + "-" + j,
            "table.column-variable",
            (table, text) -> table.withCell(i, j, text));
    cell.field().getStyleClass().addAll("count-field", "flush-right");
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

  private NumberNode total(LineId line, String style) {
    NumberNode node = new NumberNode("", Role.OTHER, Appearance.SHOWN).inTable();
    node.getStyleClass().add(style);
    numbers.register(line, node);
    totals.add(new Total(line, node));
    return node;
  }

  private void addFoot() {
    int foot = FIRST_ROW + rows;
    switch (form) {
      case TWO_WAY -> {
        pane.add(BlockViews.foot(Wording.english().text("table.total")), 0, foot);
        for (int j = 0; j < columns; j++) {
          pane.add(total(LineId.of("C", j + 1), "column-total"), j + 1, foot);
          addRemover(j, foot + 1);
        }
        pane.add(total(LineId.of("n"), "grand-total"), columns + 1, foot);
      }
      case FREQUENCIES -> {
        pane.add(BlockViews.foot(Wording.english().text("table.total")), 0, foot);
        pane.add(total(LineId.of("n"), "column-total"), 1, foot);
      }
      case SHARES -> {
        // Successes and trials have no sum that means anything here.
      }
    }
    totals.stream().findFirst().ifPresent(total -> total.node().setFocusTraversable(true));
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

  private void showTotals() {
    Map<LineId, GridCell> known =
        Stream.of(
                grid.rowTotals().stream(), grid.columnTotals().stream(), grid.grandTotal().stream())
            .flatMap(cells -> cells)
            .collect(Collectors.toMap(GridCell::line, cell -> cell, (one, _) -> one));
    for (Total total : totals) {
      GridCell cell = known.get(total.line());
      total.node().setNumber(cell == null ? "–" : cell.text());
      if (cell != null) {
        String role = LiveNumbers.roleStyle(cell.role());
        if (!total.node().getStyleClass().contains(role)) {
          total.node().getStyleClass().removeIf(style -> style.startsWith("role-"));
          total.node().getStyleClass().add(role);
        }
      }
    }
  }

  private List<TextField> everyField() {
    List<TextField> all = new ArrayList<>();
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
      case Problem.WholeTable _, Problem.Field _ -> List.of();
    };
  }
}
