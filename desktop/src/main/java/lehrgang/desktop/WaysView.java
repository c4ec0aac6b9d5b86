package lehrgang.desktop;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.page.PageBlock;
import org.kordamp.ikonli.javafx.FontIcon;

/// Other ways to go on, each taken with a click and taken back with an undo.
final class WaysView extends VBox {
  WaysView(PageBlock.Ways ways, Counting counting) {
    getStyleClass().add("ways");
    if (!ways.intro().isEmpty()) {
      getChildren().add(BlockViews.label(ways.intro(), "ways-intro"));
    }
    for (PageBlock.Way way : ways.ways()) {
      Button take = new Button(way.name(), new FontIcon("fth-corner-down-right"));
      take.getStyleClass().addAll("quiet", "way");
      take.setMinWidth(USE_PREF_SIZE);
      take.setOnAction(_ -> counting.make(way.change()));
      Label effect = BlockViews.label(way.effect(), "way-effect");
      HBox.setHgrow(effect, Priority.ALWAYS);
      HBox row = new HBox(take, effect);
      row.getStyleClass().add("way-row");
      getChildren().add(row);
    }
  }
}
