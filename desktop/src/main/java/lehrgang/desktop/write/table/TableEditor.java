package lehrgang.desktop.write.table;

import java.util.List;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Pasting;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.ArrowKeys;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.LiveNumbers;

/// The table as it is typed, on the page: labels and counts are edited where they stand, totals
/// follow.
public final class TableEditor extends VBox {
  private static final PseudoClass COUNTED = PseudoClass.getPseudoClass("counted");
  private static final int MOST_COLUMNS_AT_REST = 5;

  private final OpenSolution solution;
  private final WorkedOut worked;
  private final LiveNumbers numbers;
  private final TableFields fields;
  private final EditorTotals totals;
  private final TableSheet sheet;
  private final StackPane frame = new StackPane();
  private final TableMessages messages;
  private final TableTools tools;
  private final KeyInLine keyIn;
  private List<Grid> grids = List.of();
  private List<LineId> lines = List.of();
  private Shape shape = new Shape(TableForm.TWO_WAY, 0, 0, 0);

  /// What decides which fields there are.
  private record Shape(TableForm form, int rows, int columns, int layers) {
    static Shape of(TableEntry table) {
      return new Shape(
          table.form(), table.rows().size(), table.columns().size(), table.layers().size());
    }

    /// Whether the tables of a page have it too.
    boolean fits(List<Grid> grids) {
      return grids.size() == Math.max(1, layers)
          && grids.stream()
              .allMatch(grid -> grid.cells().size() == rows && grid.columns().size() == columns);
    }
  }

  public TableEditor(Desk desk, LiveNumbers numbers) {
    this.solution = desk.solution();
    this.worked = desk.worked();
    this.numbers = numbers;
    this.fields = new TableFields(solution);
    this.totals = new EditorTotals(numbers);
    this.sheet = new TableSheet(solution, fields, totals);
    this.messages = new TableMessages(solution);
    this.tools = new TableTools(solution, new Pasting(solution, desk.notices()), focus());
    this.keyIn = new KeyInLine(solution);
    getStyleClass().add(Style.TABLE_EDITOR);
    getChildren().addAll(frame, messages, keyIn, tools);
    addEventFilter(KeyEvent.KEY_PRESSED, key -> ArrowKeys.move(key, fields.cells()));
  }

  /// After something was added, typing goes on there.
  private TableTools.Focus focus() {
    return new TableTools.Focus() {
      @Override
      public void lastRow() {
        goOnIn(fields.rowLabels().getLast());
      }

      @Override
      public void lastLayer() {
        goOnIn(fields.layerLabels().getLast());
      }

      @Override
      public void lastColumn() {
        goOnIn(fields.columnLabels().getLast());
      }

      @Override
      public void firstShare() {
        goOnIn(fields.cells().getFirst().getLast());
      }
    };
  }

  /// A wide table stands in a pane of its own, which takes it into the window when it is styled.
  private void goOnIn(TextField field) {
    sheet.complete();
    frame.applyCss();
    field.requestFocus();
  }

  /// Takes the lines of the cells and totals from the page.
  ///
  /// @param wanted one table, or one for each layer
  public Node show(List<Grid> wanted) {
    grids = wanted;
    if (shape.fits(grids)) {
      takeLines();
      totals.show(grids);
    }
    return this;
  }

  private void takeLines() {
    List<LineId> wanted = grids.stream().flatMap(TableEditor::lines).toList();
    if (!wanted.equals(lines)) {
      List<TextField> counts = counts();
      counts.forEach(numbers::forget);
      for (int k = 0; k < counts.size(); k++) {
        numbers.registerField(wanted.get(k), counts.get(k));
      }
      lines = wanted;
    }
  }

  private static Stream<LineId> lines(Grid grid) {
    return grid.cells().stream().flatMap(List::stream).map(GridCell::line);
  }

  private List<TextField> counts() {
    return fields.cells().stream().flatMap(List::stream).toList();
  }

  /// Shows the table of the current solution.
  public void update() {
    TableEntry table = solution.now().table();
    if (!Shape.of(table).equals(shape)) {
      build(table);
    }
    fields.fill(table);
    settle(solution.now().origin().isPresent());
  }

  /// Shows the totals of the table and what is wrong with it.
  public void update(Sight sight) {
    if (sight.isCurrent() && shape.fits(grids)) {
      totals.show(grids);
    } else {
      totals.blank();
    }
    messages.show(sight.problems(), fields.all(), fields::at);
  }

  /// A counted table follows its records and is not typed.
  private void settle(boolean counted) {
    fields.all().forEach(field -> field.setEditable(!counted));
    pseudoClassStateChanged(COUNTED, counted);
    keyIn.setVisible(!counted);
    tools.setVisible(!counted);
    tools.setManaged(!counted);
  }

  private void build(TableEntry table) {
    shape = Shape.of(table);
    counts().forEach(numbers::forget);
    lines = List.of();
    totals.clear();
    // Out of the window: what joins it one by one is styled one by one.
    frame.getChildren().clear();
    fields.make(table);
    sheet.arrange(table);
    tools.show(table);
    keyIn.show(table);
    List<TextField> counts = counts();
    for (int k = 0; k < counts.size(); k++) {
      selectOnFocus(counts.get(k), k);
    }
    boolean wide = table.columns().size() > MOST_COLUMNS_AT_REST;
    Node framed = wide ? Labels.sideways(sheet) : sheet;
    frame.getChildren().setAll(framed);
    StackPane.setAlignment(framed, Pos.CENTER_LEFT);
  }

  private void selectOnFocus(TextField field, int place) {
    field
        .focusedProperty()
        .subscribe(
            focused -> {
              if (focused && worked.now().isCurrent() && place < lines.size()) {
                numbers.select(lines.get(place));
              }
            });
  }
}
