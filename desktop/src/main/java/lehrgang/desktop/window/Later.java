package lehrgang.desktop.window;

import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/// A face that is made when it is first asked for: a window begins with one, and most are never
/// seen in a session.
///
/// @param <T> what it is
final class Later<T extends Region> {
  private final StackPane faces;
  private final Supplier<T> maker;
  private final BiConsumer<T, Boolean> inSight;
  private Optional<T> made = Optional.empty();

  /// @param faces   where it stands, below the last of them, which says what there is to say
  /// @param inSight told whenever it comes to the front or goes
  Later(StackPane faces, Supplier<T> maker, BiConsumer<T, Boolean> inSight) {
    this.faces = faces;
    this.maker = maker;
    this.inSight = inSight;
  }

  T get() {
    if (made.isEmpty()) {
      T face = maker.get();
      face.setVisible(false);
      // It has the room that the window has, however little that is, and sees to it itself.
      face.setMinSize(0, 0);
      faces.getChildren().add(faces.getChildren().size() - 1, face);
      made = Optional.of(face);
    }
    return made.get();
  }

  boolean isVisible() {
    return made.filter(Node::isVisible).isPresent();
  }

  void show(boolean front) {
    if (front) {
      get();
    }
    made.ifPresent(
        face -> {
          face.setVisible(front);
          inSight.accept(face, front);
        });
  }
}
