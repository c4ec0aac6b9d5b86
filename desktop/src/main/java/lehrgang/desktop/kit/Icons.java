package lehrgang.desktop.kit;

import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import org.kordamp.ikonli.javafx.FontIcon;

/// Buttons with icons.
public final class Icons {
  private Icons() {}

  /// A button that is only an icon; its name is spoken, and shown on pointing.
  ///
  /// @param icon  its code
  /// @param name  what it does
  /// @param style how it looks
  public static Button button(String icon, String name, String style, Runnable action) {
    Button button = new Button("", new FontIcon(icon));
    button.getStyleClass().add(style);
    button.setAccessibleText(name);
    button.setTooltip(new Tooltip(name));
    button.setOnAction(_ -> action.run());
    return button;
  }

  /// A quiet button with an icon before its words.
  ///
  /// @param key of its words; its id is made from that
  public static Button tool(String icon, String key, Runnable action) {
    Button button = new Button(Words.of(key), new FontIcon(icon));
    button.getStyleClass().add(Style.QUIET);
    button.setId(key.replace('.', '-'));
    button.setOnAction(_ -> action.run());
    return button;
  }
}
