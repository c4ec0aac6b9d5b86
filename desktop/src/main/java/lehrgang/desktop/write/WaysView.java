package lehrgang.desktop.write;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.page.PageBlock;
import lehrgang.desktop.desk.Counting;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import org.kordamp.ikonli.javafx.FontIcon;

/// Other ways to go on, each taken with a click and taken back with an undo.
final class WaysView extends VBox {
  WaysView(PageBlock.Ways ways, Counting counting) {
    getStyleClass().add(Style.WAYS);
    if (!ways.intro().isEmpty()) {
      getChildren().add(Labels.label(ways.intro(), Style.WAYS_INTRO));
    }
    for (PageBlock.Way way : ways.ways()) {
      Button take = Labels.literal(new Button(way.name(), new FontIcon("fth-corner-down-right")));
      take.getStyleClass().add(Style.QUIET);
      take.setMinWidth(USE_PREF_SIZE);
      take.setOnAction(_ -> counting.make(way.change()));
      Label effect = Labels.label(way.effect(), Style.WAY_EFFECT);
      HBox.setHgrow(effect, Priority.ALWAYS);
      HBox row = new HBox(take, effect);
      row.getStyleClass().add(Style.WAY_ROW);
      getChildren().add(row);
    }
  }
}
