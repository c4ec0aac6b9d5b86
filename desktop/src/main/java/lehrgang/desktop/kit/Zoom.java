package lehrgang.desktop.kit;

import java.util.Optional;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;
import javafx.stage.PopupWindow;
import javafx.stage.Screen;
import javafx.stage.Window;

/// Shows the whole interface larger or smaller, from 80 to 200 %, and what opens over it as well.
public final class Zoom extends Region {
  private static final double STEP = 0.1;
  private static final double LEAST = 0.8;
  private static final double MOST = 2.0;

  private final Region content;
  private final Scale scale = new Scale(1, 1);

  public Zoom(Region content) {
    this.content = content;
    content.getTransforms().add(scale);
    getChildren().add(content);
  }

  /// From now on, menus and whatever else opens over a window are as large as what it shows.
  public static void followInPopups() {
    Window.getWindows()
        .addListener(
            (ListChangeListener<Window>)
                change -> {
                  while (change.next()) {
                    for (Window opened : change.getAddedSubList()) {
                      if (opened instanceof PopupWindow popup) {
                        below(popup).ifPresent(zoom -> zoom.fit(popup));
                      }
                    }
                  }
                });
  }

  /// What the window shows over which a popup opens, however many of its menus lie between.
  private static Optional<Zoom> below(PopupWindow popup) {
    Window owner = popup.getOwnerWindow();
    return owner instanceof PopupWindow between
        ? below(between)
        : Optional.ofNullable(owner)
            .map(Window::getScene)
            .map(Scene::getRoot)
            .filter(Zoom.class::isInstance)
            .map(Zoom.class::cast);
  }

  private void fit(PopupWindow popup) {
    Rectangle2D room = room(popup.getOwnerWindow());
    for (Node shown : popup.getScene().getRoot().getChildrenUnmodifiable()) {
      shown.applyCss();
      double most =
          Math.min(room.getWidth() / shown.prefWidth(-1), room.getHeight() / shown.prefHeight(-1));
      double fitting = Math.min(factor(), Math.max(1, most));
      shown.getTransforms().removeIf(Scale.class::isInstance);
      shown.getTransforms().add(new Scale(fitting, fitting));
    }
    Platform.runLater(() -> moveInto(room, popup));
  }

  private static void moveInto(Rectangle2D room, PopupWindow popup) {
    double right = room.getMaxX() - popup.getWidth();
    double bottom = room.getMaxY() - popup.getHeight();
    popup.setX(Math.max(room.getMinX(), Math.min(popup.getX(), right)));
    popup.setY(Math.max(room.getMinY(), Math.min(popup.getY(), bottom)));
  }

  /// The part of the screen that programs may use, where a window is.
  private static Rectangle2D room(Window window) {
    return Screen.getScreensForRectangle(
            window.getX(), window.getY(), window.getWidth(), window.getHeight())
        .stream()
        .findFirst()
        .orElseGet(Screen::getPrimary)
        .getVisualBounds();
  }

  public void in() {
    set(scale.getX() + STEP);
  }

  public void out() {
    set(scale.getX() - STEP);
  }

  public void reset() {
    set(1);
  }

  private void set(double wanted) {
    double factor = Math.clamp(Math.round(wanted * 10) / 10.0, LEAST, MOST);
    scale.setX(factor);
    scale.setY(factor);
    requestLayout();
  }

  public double factor() {
    return scale.getX();
  }

  @Override
  protected void layoutChildren() {
    content.resizeRelocate(0, 0, getWidth() / scale.getX(), getHeight() / scale.getY());
  }
}
