package lehrgang.desktop.write.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import javafx.scene.control.TextField;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.TextEditing;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The fields of a table: its variables, labels and counts, each tied to its place in the solution.
final class TableFields {
  private static final double CHARACTER = 7.2;

  /// Where a count is still to be typed.
  private static final String BLANK = "___";

  private record Entry(TextField field, TextEditing editing) {
    void show(String text) {
      editing.show(text);
    }
  }

  private final OpenSolution solution;
  private final Entry rowVariable;
  private final Entry columnVariable;
  private final Entry layerVariable;
  private final List<Entry> layerLabels = new ArrayList<>();
  private final List<Entry> rowLabels = new ArrayList<>();
  private final List<Entry> columnLabels = new ArrayList<>();
  private final List<List<Entry>> cells = new ArrayList<>();
  private Optional<TableEntry> filled = Optional.empty();
  private int rows;

  TableFields(OpenSolution solution) {
    this.solution = solution;
    this.rowVariable =
        entry(
            "row-variable",
            Words.of("table.row-variable"),
            (table, text) -> table.withVariables(text, table.columnVariable()));
    this.columnVariable =
        entry(
            "column-variable",
            Words.of("table.column-variable"),
            (table, text) -> table.withVariables(table.rowVariable(), text));
    this.layerVariable =
        entry("layer-variable", Words.of("table.layer-variable"), TableEntry::withLayerVariable);
    rowVariable.field().getStyleClass().add(Style.VARIABLE);
    columnVariable.field().getStyleClass().addAll(Style.VARIABLE, Style.CENTRED);
    layerVariable.field().getStyleClass().add(Style.VARIABLE);
    layerVariable.field().setPromptText(Words.of("table.layer-variable.prompt"));
  }

  private Entry entry(
      String thing, String name, BiFunction<TableEntry, String, TableEntry> change) {
    TextField field = new TextField();
    field.setAccessibleText(name);
    BiFunction<Solution, String, Solution> edit =
        (now, text) -> now.withTable(change.apply(now.table(), text));
    return new Entry(field, TextEditing.of(field, solution, thing, edit));
  }

  /// Makes fields for a table of another shape.
  void make(TableEntry table) {
    rows = table.rows().size();
    filled = Optional.empty();
    TableForm form = table.form();
    rowVariable.field().setPromptText(Words.of("table.row-variable.prompt." + form.key()));
    columnVariable.field().setPromptText(Words.of("table.column-variable.prompt." + form.key()));
    layerLabels.clear();
    rowLabels.clear();
    columnLabels.clear();
    cells.clear();
    for (int k = 0; k < table.layers().size(); k++) {
      layerLabels.add(layerLabel(k));
    }
    for (int j = 0; form.namesItsColumns() && j < table.columns().size(); j++) {
      columnLabels.add(columnLabel(j));
    }
    for (int i = 0; i < table.cells().size(); i++) {
      rowLabels.add(rowLabel(i % rows));
      int row = i;
      cells.add(IntStream.range(0, table.columns().size()).mapToObj(j -> cell(row, j)).toList());
    }
  }

  private Entry layerLabel(int k) {
    Entry label =
        entry(
            "layer-label-" + k,
            Words.of("table.layer-label", k + 1),
            (table, text) -> table.withLayerLabel(k, text));
    label.field().setId("layer-" + (k + 1));
    label.field().getStyleClass().addAll(Style.LABEL_FIELD, Style.LAYER_FIELD);
    return label;
  }

  private Entry columnLabel(int j) {
    Entry label =
        entry(
            "column-label-" + j,
            Words.of("table.column-label", j + 1),
            (table, text) -> table.withColumnLabel(j, text));
    label.field().getStyleClass().addAll(Style.LABEL_FIELD, Style.FLUSH_RIGHT);
    return label;
  }

  private Entry rowLabel(int i) {
    Entry label =
        entry(
            "row-label-" + i,
            Words.of("table.row-label", i + 1),
            (table, text) -> table.withRowLabel(i, text));
    label.field().getStyleClass().addAll(Style.LABEL_FIELD, Style.ROW_FIELD);
    return label;
  }

  private Entry cell(int i, int j) {
    Entry cell = entry("cell-" + i + "-" + j, "", (now, text) -> now.withCell(i, j, text));
    cell.field().getStyleClass().addAll(Style.COUNT_FIELD, Style.FLUSH_RIGHT);
    cell.field().setPromptText(BLANK);
    cell.field().setId("count-" + (i + 1) + "-" + (j + 1));
    return cell;
  }

  /// Shows what the solution holds.
  void fill(TableEntry table) {
    boolean renamed = filled.filter(before -> isNamedLike(before, table)).isEmpty();
    filled = Optional.of(table);
    rowVariable.show(table.rowVariable());
    columnVariable.show(table.columnVariable());
    layerVariable.show(table.layerVariable());
    for (int k = 0; k < layerLabels.size(); k++) {
      layerLabels.get(k).show(table.layers().get(k));
    }
    for (int j = 0; j < columnLabels.size(); j++) {
      columnLabels.get(j).show(table.columns().get(j));
      columnLabels.get(j).field().setPrefWidth(room(table.columns().get(j), 76, 128));
    }
    double labels =
        table.rows().stream().mapToDouble(label -> room(label, 132, 250)).max().orElse(132);
    for (int i = 0; i < cells.size(); i++) {
      rowLabels.get(i).show(table.rows().get(i % rows));
      rowLabels.get(i).field().setPrefWidth(labels);
      for (int j = 0; j < cells.get(i).size(); j++) {
        cells.get(i).get(j).show(table.cells().get(i).get(j));
        if (renamed) {
          cells.get(i).get(j).field().setAccessibleText(name(table, i, j));
        }
      }
    }
  }

  private static boolean isNamedLike(TableEntry one, TableEntry other) {
    return one.form() == other.form()
        && one.rows().equals(other.rows())
        && one.columns().equals(other.columns());
  }

  /// What is said of a count: its row and its column.
  private String name(TableEntry table, int i, int j) {
    String column = table.columns().get(j);
    return Words.of(
        "table.count",
        table.rows().get(i % rows),
        table.form().namesItsColumns() ? column : Wording.english().text("column." + column));
  }

  /// As wide as a label needs, within bounds.
  private static double room(String label, double least, double most) {
    return Math.clamp(label.length() * CHARACTER + 14, least, most);
  }

  TextField rowVariable() {
    return rowVariable.field();
  }

  TextField columnVariable() {
    return columnVariable.field();
  }

  TextField layerVariable() {
    return layerVariable.field();
  }

  List<TextField> layerLabels() {
    return fields(layerLabels);
  }

  /// Those of every layer, one layer after the other.
  List<TextField> rowLabels() {
    return fields(rowLabels);
  }

  /// None where the columns of the form have fixed names.
  List<TextField> columnLabels() {
    return fields(columnLabels);
  }

  /// By row, one layer after the other, then by column.
  List<List<TextField>> cells() {
    return cells.stream().map(TableFields::fields).toList();
  }

  private static List<TextField> fields(List<Entry> entries) {
    return entries.stream().map(Entry::field).toList();
  }

  /// Everything in which something of the table is typed.
  List<TextField> all() {
    List<TextField> all = new ArrayList<>(List.of(rowVariable(), columnVariable()));
    all.add(layerVariable());
    all.addAll(layerLabels());
    all.addAll(rowLabels());
    all.addAll(columnLabels());
    cells().forEach(all::addAll);
    return all;
  }

  /// Where something is wrong; empty for what has no field of its own.
  List<TextField> at(Problem.Place place) {
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
