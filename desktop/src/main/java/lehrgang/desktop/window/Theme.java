package lehrgang.desktop.window;

import javafx.scene.Scene;

/// Light or dark: the dark tokens go before the light ones, in menus too.
final class Theme {
  private static final String LIGHT = sheet("tokens.css");
  private static final String DARK = sheet("dark.css");

  private final Scene scene;

  Theme(Scene scene) {
    this.scene = scene;
    scene.getStylesheets().add(LIGHT);
  }

  private static String sheet(String name) {
    return Theme.class.getResource("/lehrgang/desktop/" + name).toExternalForm();
  }

  void toggle() {
    if (!scene.getStylesheets().remove(DARK)) {
      scene.getStylesheets().add(DARK);
    }
  }

  boolean isDark() {
    return scene.getStylesheets().contains(DARK);
  }
}
