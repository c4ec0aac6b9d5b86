package lehrgang.desktop.show;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.geometry.Rectangle2D;
import javafx.scene.Group;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.stage.Screen;
import javafx.stage.Stage;
import lehrgang.desktop.kit.Words;

/// The lecturer's own window: on a second screen where there is one.
final class Ahead {
  private static final double WIDTH = 760;
  private static final double HEIGHT = 520;

  private final AheadPane pane = new AheadPane();
  private final Predicate<KeyEvent> keys;
  private Optional<Stage> window = Optional.empty();

  /// @param keys what keys do, here as in front of the class; whether they did anything
  Ahead(Predicate<KeyEvent> keys) {
    this.keys = keys;
  }

  AheadPane pane() {
    return pane;
  }

  /// Opens by itself where there is a second screen.
  void openWhereThereIsRoom(Stage beside) {
    if (Screen.getScreens().size() > 1) {
      open(beside);
    }
  }

  /// Opens or closes.
  void toggle(Stage beside) {
    if (window.isPresent()) {
      close();
    } else {
      open(beside);
    }
  }

  private void open(Stage beside) {
    if (window.isPresent()) {
      return;
    }
    Stage stage = new Stage();
    stage.setTitle(Words.of("show.ahead"));
    Scene scene = new Scene(pane, WIDTH, HEIGHT);
    scene.getStylesheets().setAll(beside.getScene().getStylesheets());
    scene.addEventFilter(
        KeyEvent.KEY_PRESSED,
        event -> {
          if (keys.test(event)) {
            event.consume();
          }
        });
    stage.setScene(scene);
    other(beside)
        .ifPresent(
            bounds -> {
              stage.setX(bounds.getMinX());
              stage.setY(bounds.getMinY());
              stage.setWidth(bounds.getWidth());
              stage.setHeight(bounds.getHeight());
            });
    stage.setOnHidden(_ -> gone());
    window = Optional.of(stage);
    pane.start();
    stage.show();
    beside.requestFocus();
  }

  /// A screen on which the window of the class is not.
  private static Optional<Rectangle2D> other(Stage beside) {
    List<Screen> there =
        Screen.getScreensForRectangle(
            beside.getX(), beside.getY(), beside.getWidth(), beside.getHeight());
    return Screen.getScreens().stream()
        .filter(screen -> !there.contains(screen))
        .map(Screen::getVisualBounds)
        .findFirst();
  }

  private void gone() {
    pane.stop();
    window.ifPresent(stage -> stage.getScene().setRoot(new Group()));
    window = Optional.empty();
  }

  /// Whether it is open.
  boolean isOpen() {
    return window.isPresent();
  }

  void close() {
    window.ifPresent(Stage::close);
  }
}
