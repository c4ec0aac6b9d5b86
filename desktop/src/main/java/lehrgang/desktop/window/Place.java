package lehrgang.desktop.window;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import lehrgang.desktop.desk.Remembered;

/// Where a window stands, from one start to the next, and beside the ones that are open. A place
/// that no screen shows any more is forgotten.
final class Place {
  /// How much of a window has to be in sight to get hold of it.
  private static final double LEAST = 120;

  /// How far a window stands aside of one that would be hidden behind it.
  private static final double ASIDE = 28;

  private static final int SIDES = 4;

  private Place() {}

  /// Puts a window beside the one that was opened last, or where one stood last.
  ///
  /// @param open the windows that are open already
  static void give(Stage stage, Remembered remembered, List<Stage> open) {
    Optional<Rectangle2D> before =
        open.isEmpty() ? kept(remembered) : Optional.of(of(open.getLast()));
    before.ifPresent(
        place -> {
          double width = Math.max(stage.getMinWidth(), place.getWidth());
          double height = Math.max(stage.getMinHeight(), place.getHeight());
          stage.setWidth(width);
          stage.setHeight(height);
          free(new Rectangle2D(place.getMinX(), place.getMinY(), width, height), open)
              .ifPresent(
                  free -> {
                    stage.setX(free.getMinX());
                    stage.setY(free.getMinY());
                  });
        });
    stage.setMaximized(remembered.get("maximized").filter("true"::equals).isPresent());
  }

  private static Optional<Rectangle2D> kept(Remembered remembered) {
    List<Double> kept =
        Stream.of("x", "y", "width", "height")
            .map(remembered::number)
            .flatMap(Optional::stream)
            .toList();
    return kept.size() == SIDES
        ? Optional.of(
            new Rectangle2D(
                kept.get(0), kept.get(1), Math.max(0, kept.get(2)), Math.max(0, kept.get(3))))
        : Optional.empty();
  }

  private static Rectangle2D of(Stage stage) {
    return new Rectangle2D(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight());
  }

  /// The place itself, or the next one aside where no open window stands; from the corner of the
  /// screen again where it would leave it. Empty for a place that no screen shows.
  private static Optional<Rectangle2D> free(Rectangle2D place, List<Stage> open) {
    return Screen.getScreensForRectangle(place.getMinX(), place.getMinY(), LEAST, LEAST).stream()
        .findFirst()
        .map(
            screen -> {
              Rectangle2D room = screen.getVisualBounds();
              Rectangle2D free = place;
              for (int i = 0; i <= open.size() && isTaken(free, open); i++) {
                free = fits(moved(free), room) ? moved(free) : at(free, room);
              }
              return free;
            });
  }

  private static boolean isTaken(Rectangle2D place, List<Stage> open) {
    return open.stream()
        .anyMatch(
            stage ->
                Math.abs(stage.getX() - place.getMinX()) < ASIDE / 2
                    && Math.abs(stage.getY() - place.getMinY()) < ASIDE / 2);
  }

  private static Rectangle2D moved(Rectangle2D place) {
    return new Rectangle2D(
        place.getMinX() + ASIDE, place.getMinY() + ASIDE, place.getWidth(), place.getHeight());
  }

  private static Rectangle2D at(Rectangle2D place, Rectangle2D room) {
    return new Rectangle2D(room.getMinX(), room.getMinY(), place.getWidth(), place.getHeight());
  }

  /// Whether a window is whole on the screen, as far as the screen is large enough for it.
  private static boolean fits(Rectangle2D place, Rectangle2D room) {
    boolean across = place.getMaxX() <= room.getMaxX() || place.getWidth() > room.getWidth();
    boolean down = place.getMaxY() <= room.getMaxY() || place.getHeight() > room.getHeight();
    return across && down;
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
