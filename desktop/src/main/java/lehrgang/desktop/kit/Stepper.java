package lehrgang.desktop.kit;

import java.util.function.IntConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import org.kordamp.ikonli.javafx.FontIcon;

/// A whole number between a way down and a way up.
public final class Stepper extends HBox {
  /// @param id     with which the ids of its buttons begin
  /// @param number shows it
  /// @param by     told −1 or 1
  public Stepper(String id, Label number, IntConsumer by) {
    Button fewer = new Button("", new FontIcon("fth-minus"));
    fewer.setId(id + "-fewer");
    Button more = new Button("", new FontIcon("fth-plus"));
    more.setId(id + "-more");
    fewer.getStyleClass().add(Style.ICON_BUTTON);
    more.getStyleClass().add(Style.ICON_BUTTON);
    fewer.setOnAction(_ -> by.accept(-1));
    more.setOnAction(_ -> by.accept(1));
    number.getStyleClass().add(Style.STEPPER_NUMBER);
    getChildren().addAll(fewer, number, more);
    getStyleClass().add(Style.STEPPER);
  }

  /// Says what its buttons change.
  public Stepper spoken(String name) {
    getChildren().forEach(child -> child.setAccessibleText(name));
    return this;
  }
}
