package lehrgang.desktop.page;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.wording.Span;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.table.TableExport.Digits;
import org.kordamp.ikonli.javafx.FontIcon;

/// The tables of a step, to be copied or saved.
///
/// A button that makes its menu when it is asked for: every step has one, and most are never
/// opened.
public final class TableMenu extends Button {
  private List<Grid> shown = List.of();

  public TableMenu() {
    setGraphic(new FontIcon("fth-copy"));
    getStyleClass().addAll(Style.QUIET, Style.TABLE_MENU);
    setAccessibleText(Words.of("tables"));
    setTooltip(new Tooltip(Words.of("tables")));
    managedProperty().bind(visibleProperty());
    setOnAction(
        _ -> {
          ContextMenu menu = new ContextMenu();
          menu.getItems().setAll(menus());
          menu.show(this, Side.BOTTOM, 0, 0);
        });
  }

  /// A menu for each table.
  public List<Menu> menus() {
    return shown.stream().map(this::menu).toList();
  }

  /// Offers the tables among some blocks.
  public void show(List<PageBlock> blocks) {
    List<Grid> grids =
        blocks.stream()
            .flatMap(
                block ->
                    switch (block) {
                      case PageBlock.DataTable(var layers) -> layers.stream();
                      case PageBlock.Grids(var several) -> several.stream();
                      default -> Stream.empty();
                    })
            .distinct()
            .toList();
    setVisible(!grids.isEmpty());
    shown = grids;
  }

  private Menu menu(Grid grid) {
    Menu menu = new Menu(Span.plain(grid.title()));
    menu.getItems()
        .addAll(
            item("tables.copy.shown", new Request.CopyTable(grid, Digits.SHOWN)),
            item("tables.copy.full", new Request.CopyTable(grid, Digits.FULL)),
            item("tables.save.shown", new Request.SaveTable(grid, Digits.SHOWN)),
            item("tables.save.full", new Request.SaveTable(grid, Digits.FULL)));
    return menu;
  }

  private MenuItem item(String name, Request request) {
    MenuItem item = new MenuItem(Words.of(name));
    item.setOnAction(_ -> request.from(this));
    return item;
  }
}
