package lehrgang.desktop.window;

import java.util.Optional;
import javafx.stage.Screen;
import javafx.stage.Stage;
import lehrgang.desktop.desk.Remembered;

/// Where a window stands, from one start to the next. A place that no screen shows any more is
/// forgotten.
final class Place {
  /// How much of a window has to be in sight to get hold of it.
  private static final double LEAST = 120;

  private Place() {}

  /// Puts a window where one stood last.
  ///
  /// @param others how many are open already; each stands a little beside the one before
  static void give(Stage stage, Remembered remembered, int others) {
    Optional<Double> x = remembered.number("x");
    Optional<Double> y = remembered.number("y");
    Optional<Double> width = remembered.number("width");
    Optional<Double> height = remembered.number("height");
    if (x.isEmpty() || y.isEmpty() || width.isEmpty() || height.isEmpty()) {
      return;
    }
    double aside = 28.0 * others;
    boolean inSight =
        !Screen.getScreensForRectangle(x.get() + aside, y.get() + aside, LEAST, LEAST).isEmpty();
    if (inSight) {
      stage.setX(x.get() + aside);
      stage.setY(y.get() + aside);
      stage.setWidth(Math.max(stage.getMinWidth(), width.get()));
      stage.setHeight(Math.max(stage.getMinHeight(), height.get()));
    }
    stage.setMaximized(remembered.get("maximized").filter("true"::equals).isPresent());
  }

  static void keep(Stage stage, Remembered remembered) {
    if (!stage.isMaximized() && !stage.isFullScreen() && !stage.isIconified()) {
      remembered.put("x", stage.getX());
      remembered.put("y", stage.getY());
      remembered.put("width", stage.getWidth());
      remembered.put("height", stage.getHeight());
    }
    remembered.put("maximized", stage.isMaximized());
  }
}
