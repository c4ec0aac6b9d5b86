package lehrgang.desktop.page;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;

/// Tables that belong beside each other; below each other where they are wide.
final class GridsView extends StackPane implements Renewable {
  private static final double ROW_HEIGHT = 33;

  /// A table wider than this many columns scrolls sideways.
  private static final int MOST_COLUMNS_AT_REST = 6;

  /// Two tables of at most this many columns share one set of row labels.
  private static final int MOST_COLUMNS_BESIDE = 4;

  private final LiveNumbers numbers;
  private final BlockViews views;
  private final List<Rewritable> titles = new ArrayList<>();
  private final List<NumberNode> places = new ArrayList<>();
  private List<Grid> shown;

  GridsView(List<Grid> grids, LiveNumbers numbers, BlockViews views) {
    this.numbers = numbers;
    this.views = views;
    this.shown = grids;
    setMinHeight(0);
    getChildren().add(grids(grids));
  }

  @Override
  public boolean renew(PageBlock block) {
    if (!(block instanceof PageBlock.Grids(var changed)) || !sameShape(shown, changed)) {
      return false;
    }
    List<GridCell> cells = changed.stream().flatMap(GridsView::inOrder).toList();
    List<GridCell> before = shown.stream().flatMap(GridsView::inOrder).toList();
    for (int k = 0; k < cells.size(); k++) {
      if (!cells.get(k).equals(before.get(k))) {
        renew(places.get(k), before.get(k), cells.get(k));
      }
    }
    IntStream.range(0, changed.size())
        .forEach(k -> titles.get(k).show(changed.get(k).template(), changed.get(k).title()));
    shown = changed;
    return true;
  }

  private static boolean sameShape(List<Grid> one, List<Grid> other) {
    return one.size() == other.size()
        && IntStream.range(0, one.size()).allMatch(k -> sameShape(one.get(k), other.get(k)));
  }

  private static boolean sameShape(Grid one, Grid other) {
    return one.rows().equals(other.rows())
        && one.columns().equals(other.columns())
        && one.template().key().equals(other.template().key())
        && one.totalLabel().equals(other.totalLabel())
        && shape(one).equals(shape(other));
  }

  private static List<List<Object>> shape(Grid grid) {
    return inOrder(grid)
        .map(cell -> List.<Object>of(cell.line(), cell.role(), cell.appearance()))
        .toList();
  }

  /// Every cell of a grid, totals last.
  private static Stream<GridCell> inOrder(Grid grid) {
    return Stream.of(
            grid.cells().stream().flatMap(List::stream),
            grid.rowTotals().stream(),
            grid.columnTotals().stream(),
            grid.grandTotal().stream())
        .flatMap(cells -> cells);
  }

  private static void renew(NumberNode node, GridCell before, GridCell after) {
    node.setNumber(after.text());
    node.setSign(after.sign());
    if (!shade(before).equals(shade(after))) {
      node.getStyleClass().removeAll(shade(before));
      node.getStyleClass().addAll(shade(after));
    }
  }

  private static List<String> shade(GridCell cell) {
    int strength = Math.max(1, (int) Math.ceil(Math.abs(cell.shade()) * 5));
    return cell.shade() == 0
        ? List.of()
        : List.of((cell.shade() > 0 ? "more-" : "fewer-") + strength);
  }

  private NumberNode node(GridCell cell) {
    NumberNode node = new NumberNode(cell.text(), cell.role(), cell.appearance()).inTable();
    node.setSign(cell.sign());
    node.getStyleClass().addAll(shade(cell));
    numbers.register(cell.line(), node);
    if (cell.appearance() == Appearance.BLANK) {
      numbers.room(cell.line()).ifPresent(node::hold);
    }
    places.add(node);
    return node;
  }

  private NumberNode total(GridCell cell, String style) {
    NumberNode node = node(cell);
    node.getStyleClass().add(style);
    return node;
  }

  private Node grids(List<Grid> grids) {
    boolean wide = grids.stream().anyMatch(grid -> width(grid) > MOST_COLUMNS_AT_REST);
    Pane side = wide ? new VBox() : new FlowPane();
    side.getStyleClass().add(wide ? Style.TABLES_BELOW : Style.TABLES);
    side.setMinHeight(0);
    boolean beside = grids.stream().allMatch(grid -> width(grid) <= MOST_COLUMNS_BESIDE);
    for (Grid grid : grids) {
      boolean labelled = !beside || grid == grids.getFirst();
      side.getChildren().add(grid(grid, labelled ? RowLabels.SHOWN : RowLabels.SHARED));
    }
    return side;
  }

  /// Whether a table has row labels or stands beside one that has them.
  private enum RowLabels {
    SHOWN,
    SHARED
  }

  private static int width(Grid grid) {
    return grid.columns().size() + (grid.rowTotals().isEmpty() ? 0 : 1);
  }

  private Node grid(Grid grid, RowLabels rowLabels) {
    GridPane pane = new GridPane();
    pane.setMinHeight(0);
    int columns = grid.columns().size();
    for (int j = 0; j < columns; j++) {
      pane.add(Labels.head(grid.columns().get(j)), j + 1, 0);
    }
    for (int i = 0; i < grid.rows().size(); i++) {
      if (rowLabels == RowLabels.SHOWN) {
        pane.add(Labels.rowHead(grid.rows().get(i)), 0, i + 1);
      }
      for (int j = 0; j < columns; j++) {
        pane.add(node(grid.cells().get(i).get(j)), j + 1, i + 1);
      }
    }
    addTotals(pane, grid, rowLabels);
    firstReachedByTab(pane);
    pane.getRowConstraints().add(new RowConstraints());
    int rows = grid.rows().size() + (grid.columnTotals().isEmpty() ? 0 : 1);
    for (int i = 0; i < rows; i++) {
      pane.getRowConstraints().add(new RowConstraints(ROW_HEIGHT, ROW_HEIGHT, ROW_HEIGHT));
    }
    Rewritable title = views.title(grid.template(), grid.title());
    titles.add(title);
    VBox box = new VBox(title, pane);
    box.getStyleClass().add(Style.TABLE);
    box.setMinHeight(0);
    return columns > MOST_COLUMNS_AT_REST ? Labels.sideways(box) : box;
  }

  private void addTotals(GridPane pane, Grid grid, RowLabels rowLabels) {
    int columns = grid.columns().size();
    int foot = grid.rows().size() + 1;
    if (!grid.rowTotals().isEmpty()) {
      pane.add(Labels.head(grid.totalLabel()), columns + 1, 0);
    }
    for (int i = 0; i < grid.rowTotals().size(); i++) {
      pane.add(total(grid.rowTotals().get(i), Style.ROW_TOTAL), columns + 1, i + 1);
    }
    if (!grid.columnTotals().isEmpty() && rowLabels == RowLabels.SHOWN) {
      pane.add(Labels.foot(grid.totalLabel()), 0, foot);
    }
    for (int j = 0; j < grid.columnTotals().size(); j++) {
      pane.add(total(grid.columnTotals().get(j), Style.COLUMN_TOTAL), j + 1, foot);
    }
    grid.grandTotal()
        .ifPresent(cell -> pane.add(total(cell, Style.GRAND_TOTAL), columns + 1, foot));
  }

  /// One stop of the Tab key for a table; arrow keys move inside.
  private static void firstReachedByTab(GridPane pane) {
    pane.getChildren().stream()
        .filter(NumberNode.class::isInstance)
        .findFirst()
        .ifPresent(node -> node.setFocusTraversable(true));
  }
}
