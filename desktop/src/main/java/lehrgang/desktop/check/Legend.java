package lehrgang.desktop.check;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What the signs of the class mean.
final class Legend extends FlowPane {
  Legend() {
    getStyleClass().add(Style.CHECK_LEGEND);
    getChildren()
        .addAll(
            key("✓", Style.MARK_RIGHT, "check.legend.right"),
            key("↷", Style.MARK_FOLLOWS, "check.legend.follows"),
            key("×", Style.MARK_LOST, "check.legend.slip"),
            key("?", Style.MARK_LOST, "check.legend.wrong"),
            key("·", Style.MARK_SILENT, "check.legend.blank"));
  }

  private static Node key(String sign, String style, String words) {
    Label mark = new Label(sign);
    mark.getStyleClass().add(style);
    HBox key = new HBox(mark, new Label(Words.of(words)));
    key.getStyleClass().add(Style.CHECK_KEY);
    return key;
  }
}
