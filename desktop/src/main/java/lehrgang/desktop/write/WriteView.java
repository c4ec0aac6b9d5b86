package lehrgang.desktop.write;

import javafx.scene.Node;
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
  private final LiveNumbers numbers;
  private final PageView page;
  private final TraceView trace;

  public WriteView(Desk desk) {
    this.numbers = new LiveNumbers(desk.worked(), desk.selection());
    this.page = new PageView(desk, numbers);
    this.trace = new TraceView(desk, numbers, page::goTo);
    Rail rail = new Rail(desk.solution(), desk.worked(), desk.notices(), page::goTo);
    page.onStepInSight(rail::setCurrent);
    getStyleClass().add(Style.WRITE_VIEW);
    setCenter(columns(rail));
    setBottom(new VerdictStrip(desk.worked(), numbers));
    desk.selection()
        .subscribe(selected -> selected.flatMap(numbers::placeOf).ifPresent(page::reveal));
  }

  /// The page keeps the middle; rail and trace give way first, within their bounds.
  private GridPane columns(Rail rail) {
    GridPane grid = new GridPane();
    grid.addRow(0, rail, page, trace);
    ColumnConstraints left = new ColumnConstraints(196, 212, 260);
    left.setHgrow(Priority.SOMETIMES);
    ColumnConstraints middle = new ColumnConstraints(520, 744, Double.MAX_VALUE);
    middle.setHgrow(Priority.ALWAYS);
    ColumnConstraints right = new ColumnConstraints(288, 324, 420);
    right.setHgrow(Priority.SOMETIMES);
    grid.getColumnConstraints().addAll(left, middle, right);
    RowConstraints row = new RowConstraints();
    row.setVgrow(Priority.ALWAYS);
    row.setFillHeight(true);
    grid.getRowConstraints().add(row);
    return grid;
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
