package lehrgang.desktop.window;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// What the bar at the head has no room for.
final class MoreMenu extends MenuButton {
  MoreMenu() {
    super("", new FontIcon("fth-more-horizontal"));
    setId("more");
    setTooltip(new Tooltip(Words.of("more")));
    setAccessibleText(Words.of("more"));
    setMinWidth(USE_PREF_SIZE);
    getStyleClass().add(Style.HEADER_MENU);
  }

  /// Offers what some buttons do, by their names.
  void offer(List<Button> buttons) {
    getItems().setAll(buttons.stream().map(MoreMenu::item).toList());
  }

  private static MenuItem item(Button button) {
    MenuItem item = new MenuItem(button.getAccessibleText());
    item.disableProperty().bind(button.disabledProperty());
    item.setOnAction(_ -> button.fire());
    return item;
  }
}
