package lehrgang.desktop.kit;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/// A choice between a few values, all of them in sight.
public final class Segments extends HBox {
  /// @param value what is chosen
  /// @param label what it is called
  /// @param hint  what it means; may be empty
  public record Segment(String value, String label, String hint) {}

  private final ToggleGroup group = new ToggleGroup();

  public Segments(String name, List<Segment> segments, String chosen, Consumer<String> choose) {
    getStyleClass().add(Style.SEGMENTS);
    setAccessibleText(name);
    setMinWidth(USE_PREF_SIZE);
    for (Segment segment : segments) {
      ToggleButton button = new ToggleButton(segment.label());
      button.setToggleGroup(group);
      button.setMinWidth(USE_PREF_SIZE);
      button.setSelected(segment.value().equals(chosen));
      button.setUserData(segment.value());
      button.setAccessibleText(name + ": " + segment.label());
      if (!segment.hint().isEmpty()) {
        button.setTooltip(new Tooltip(segment.hint()));
      }
      button.setOnAction(
          _ -> {
            button.setSelected(true);
            choose.accept(segment.value());
          });
      getChildren().add(button);
    }
    getChildren().getFirst().getStyleClass().add(Style.FIRST);
    getChildren().getLast().getStyleClass().add(Style.LAST);
  }

  public void show(String value) {
    group.getToggles().forEach(toggle -> toggle.setSelected(toggle.getUserData().equals(value)));
  }
}
