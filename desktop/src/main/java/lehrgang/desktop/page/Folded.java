package lehrgang.desktop.page;

import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;
import lehrgang.desktop.kit.Style;
import org.kordamp.ikonli.javafx.FontIcon;

/// What is folded away until it is asked for, under a line that says what it is.
public final class Folded extends VBox {
  /// @param heading what it is
  /// @param content that is folded away
  public Folded(String heading, Node content) {
    FontIcon icon = new FontIcon("fth-chevron-right");
    ToggleButton toggle = new ToggleButton(heading, icon);
    toggle.getStyleClass().setAll(Style.FOLD);
    getStyleClass().add(Style.FOLDED);
    setMinHeight(0);
    getChildren().addAll(toggle, content);
    content.managedProperty().bind(toggle.selectedProperty());
    content.visibleProperty().bind(toggle.selectedProperty());
    toggle
        .selectedProperty()
        .subscribe(open -> icon.setIconLiteral(open ? "fth-chevron-down" : "fth-chevron-right"));
  }
}
