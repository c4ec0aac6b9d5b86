package lehrgang.desktop.show;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import lehrgang.desktop.page.LiveNumbers;
import lehrgang.desktop.page.NumberNode;

/// Goes from number to number on the board by the arrow keys.
final class Pointer {
  /// A number aside of the way counts as so much farther.
  private static final double ASIDE = 3;

  private final LiveNumbers numbers;
  private Optional<Node> at = Optional.empty();

  Pointer(LiveNumbers numbers) {
    this.numbers = numbers;
  }

  /// The number that it marks.
  Optional<Node> at() {
    return at;
  }

  /// Begins at the first number that can be seen, from the top left.
  void begin() {
    at =
        inSight().stream()
            .min(
                Comparator.<Node>comparingDouble(node -> place(node).getMinY())
                    .thenComparingDouble(node -> place(node).getMinX()));
  }

  /// Goes on to the next number in a direction, where there is one.
  void go(KeyCode direction) {
    if (at.isEmpty()) {
      begin();
      return;
    }
    Bounds from = place(at.get());
    at =
        inSight().stream()
            .filter(node -> node != at.get() && along(from, place(node), direction) > 1)
            .min(Comparator.comparingDouble(node -> far(from, place(node), direction)))
            .or(() -> at);
  }

  private List<Node> inSight() {
    return numbers.all().stream()
        .filter(node -> node.getScene() != null && isShown(node))
        .filter(node -> !(node instanceof NumberNode number && number.isConcealed()))
        .toList();
  }

  private static boolean isShown(Node node) {
    return Stream.iterate(node, at -> at != null, Node::getParent).allMatch(Node::isVisible);
  }

  private static Bounds place(Node node) {
    return node.localToScene(node.getBoundsInLocal());
  }

  private static double along(Bounds from, Bounds to, KeyCode direction) {
    return switch (direction) {
      case LEFT -> from.getCenterX() - to.getCenterX();
      case RIGHT -> to.getCenterX() - from.getCenterX();
      case UP -> from.getCenterY() - to.getCenterY();
      default -> to.getCenterY() - from.getCenterY();
    };
  }

  private static double far(Bounds from, Bounds to, KeyCode direction) {
    boolean sideways = direction == KeyCode.LEFT || direction == KeyCode.RIGHT;
    double aside =
        sideways
            ? Math.abs(to.getCenterY() - from.getCenterY())
            : Math.abs(to.getCenterX() - from.getCenterX());
    return along(from, to, direction) + ASIDE * aside;
  }
}
