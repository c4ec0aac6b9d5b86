package lehrgang.desktop.kit;

import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/// Where the content of a pane that scrolls up and down stands, in pixels.
public final class Scrolled {
  /// What is nearer to the edge is not well in sight.
  private static final double EDGE = 20;

  private Scrolled() {}

  /// How much of the content is above what is seen.
  public static double offset(ScrollPane pane) {
    return pane.getVvalue() * hidden(pane);
  }

  /// Brings the content so far up.
  public static void to(ScrollPane pane, double offset) {
    double hidden = hidden(pane);
    pane.setVvalue(hidden == 0 ? 0 : Math.clamp(offset / hidden, 0, 1));
  }

  /// Brings a part of the content into sight; what is in sight stays where it is.
  public static void reveal(ScrollPane pane, Node part) {
    Bounds inContent = pane.getContent().sceneToLocal(part.localToScene(part.getBoundsInLocal()));
    double top = offset(pane);
    double height = pane.getViewportBounds().getHeight();
    if (inContent.getMinY() < top + EDGE || inContent.getMaxY() > top + height - EDGE) {
      to(pane, inContent.getMinY() - height / 3);
    }
  }

  /// Brings a node that was just added into sight, once it has its size; nothing where it does not
  /// stand in a pane that scrolls.
  public static void revealSoon(Node added) {
    Platform.runLater(
        () -> {
          for (Node node = added.getParent(); node != null; node = node.getParent()) {
            if (node instanceof ScrollPane pane) {
              pane.applyCss();
              pane.layout();
              reveal(pane, added);
              return;
            }
          }
        });
  }

  private static double hidden(ScrollPane pane) {
    double content = pane.getContent().getLayoutBounds().getHeight();
    return Math.max(0, content - pane.getViewportBounds().getHeight());
  }
}
