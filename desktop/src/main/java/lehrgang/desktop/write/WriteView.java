package lehrgang.desktop.write;

import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.RowConstraints;
import lehrgang.core.expr.LineId;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.LiveNumbers;
import lehrgang.desktop.page.TraceView;
import lehrgang.desktop.page.VerdictStrip;

/// The Write view: the rail, the page and the trace, above the verdict.
public final class WriteView extends BorderPane {
  private static final double RAIL = 196;
  private static final double NUMBERS = 56;
  private static final double PAGE = 520;
  private static final double LEAST_PAGE = 440;
  private static final double TRACE = 300;

  /// What stands beside the page. Where there is little room the rail keeps its numbers only; where
  /// there is less, the trace lies on the page for as long as a number is selected.
  private enum Sides {
    BOTH,
    NARROW_RAIL,
    TRACE_ON_THE_PAGE
  }

  private final ColumnConstraints left = new ColumnConstraints();
  private final ColumnConstraints middle = new ColumnConstraints();
  private final ColumnConstraints right = new ColumnConstraints();
  private final Desk desk;
  private final LiveNumbers numbers;
  private final Rail rail;
  private final PageView page;
  private final TraceView trace;
  private Sides sides = Sides.BOTH;

  public WriteView(Desk desk) {
    this.desk = desk;
    this.numbers = new LiveNumbers(desk.worked(), desk.selection());
    this.page = new PageView(desk, numbers);
    this.trace = new TraceView(desk, numbers, page::goTo);
    this.rail = new Rail(desk.solution(), desk.worked(), desk.notices(), page::goTo);
    page.onStepInSight(rail::setCurrent);
    getStyleClass().add(Style.WRITE_VIEW);
    setMinWidth(0);
    setCenter(columns());
    setBottom(new VerdictStrip(desk.worked(), numbers));
    desk.selection()
        .subscribe(
            selected -> {
              showTrace();
              selected.flatMap(numbers::placeOf).ifPresent(page::reveal);
            });
    addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
  }

  /// Esc selects no number, where nothing else has a use for it.
  private void pressed(KeyEvent key) {
    if (key.getCode() == KeyCode.ESCAPE && desk.selection().line().isPresent()) {
      desk.selection().clear();
      key.consume();
    }
  }

  /// The page keeps the middle; rail and trace give way first, within their bounds.
  private GridPane columns() {
    GridPane grid = new GridPane();
    grid.addRow(0, rail, page, trace);
    left.setHgrow(Priority.SOMETIMES);
    middle.setHgrow(Priority.ALWAYS);
    right.setHgrow(Priority.SOMETIMES);
    grid.getColumnConstraints().addAll(left, middle, right);
    RowConstraints row = new RowConstraints();
    row.setVgrow(Priority.ALWAYS);
    row.setFillHeight(true);
    grid.getRowConstraints().add(row);
    setSides(Sides.BOTH);
    widthProperty().subscribe(width -> fit(width.doubleValue()));
    return grid;
  }

  private void fit(double width) {
    Sides fitting =
        width >= RAIL + PAGE + TRACE
            ? Sides.BOTH
            : width >= NUMBERS + LEAST_PAGE + TRACE ? Sides.NARROW_RAIL : Sides.TRACE_ON_THE_PAGE;
    if (width > 0 && fitting != sides) {
      setSides(fitting);
    }
  }

  private void setSides(Sides now) {
    sides = now;
    boolean onPage = now == Sides.TRACE_ON_THE_PAGE;
    rail.setNumbersOnly(now != Sides.BOTH);
    if (now == Sides.BOTH) {
      bound(left, RAIL, 212, 260);
      bound(middle, PAGE, 744, Double.MAX_VALUE);
    } else {
      bound(left, NUMBERS, NUMBERS, NUMBERS);
      bound(middle, 0, 744, Double.MAX_VALUE);
    }
    if (onPage) {
      bound(right, 0, 0, 0);
    } else {
      bound(right, TRACE, 324, 420);
    }
    GridPane.setColumnIndex(trace, onPage ? 1 : 2);
    GridPane.setHalignment(trace, HPos.RIGHT);
    trace.setMaxWidth(onPage ? TRACE : Double.MAX_VALUE);
    showTrace();
  }

  private void showTrace() {
    trace.setVisible(sides != Sides.TRACE_ON_THE_PAGE || desk.selection().line().isPresent());
  }

  private static void bound(ColumnConstraints column, double least, double usual, double most) {
    column.setMinWidth(least);
    column.setPrefWidth(usual);
    column.setMaxWidth(most);
  }

  public PageView page() {
    return page;
  }

  /// A place on the page where a line stands.
  public Node placeOf(LineId line) {
    return numbers.placeOf(line).orElseThrow();
  }

  /// Goes back to the number that was selected before.
  public void back() {
    trace.back();
  }
}
