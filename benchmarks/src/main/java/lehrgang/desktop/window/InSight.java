package lehrgang.desktop.window;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;

/// What stands in a window and can be used.
final class InSight {
  private InSight() {}

  /// All of a kind, none of them inside another.
  static <T extends Node> List<T> all(Node root, Class<T> kind) {
    List<T> all = new ArrayList<>();
    collect(root, kind, all);
    return all;
  }

  private static <T extends Node> void collect(Node node, Class<T> kind, List<T> into) {
    if (!node.isVisible() || node.isDisabled()) {
      return;
    }
    if (kind.isInstance(node)) {
      into.add(kind.cast(node));
    } else if (node instanceof Parent parent) {
      parent.getChildrenUnmodifiable().forEach(child -> collect(child, kind, into));
    }
  }

  /// What to call it in a report.
  static String called(Node node) {
    String name = node.getId() == null ? node.getAccessibleText() : node.getId();
    if (name == null && node instanceof ButtonBase button) {
      name = button.getText();
    }
    return name == null ? node.getStyleClass().toString() : name;
  }
}
