package lehrgang.desktop.kit;

import java.util.Arrays;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import org.kordamp.ikonli.javafx.FontIcon;

/// Buttons with icons.
public final class Icons {
  private static final int[] SIZES = {16, 32, 48, 64, 128, 256};

  private Icons() {}

  /// The program's own, from the smallest to the largest.
  public static List<Image> program() {
    return Arrays.stream(SIZES)
        .mapToObj(size -> "/lehrgang/desktop/icon/lehrgang-" + size + ".png")
        .map(name -> new Image(Icons.class.getResourceAsStream(name)))
        .toList();
  }

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
