package lehrgang.desktop.records;

import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import lehrgang.desktop.kit.Style;

/// A small table that is only looked at; a wide one goes sideways.
final class Preview {
  private static final double WIDEST = 220;

  private final GridPane grid = new GridPane();

  Preview() {
    grid.getStyleClass().add(Style.RECORDS_PREVIEW);
  }

  void head(String text, HPos side, int column, int row) {
    grid.add(field(text, side, Style.RECORDS_HEAD), column, row);
  }

  /// An empty entry shows that it is one.
  void entry(String text, HPos side, int column, int row) {
    grid.add(field(text, side, Style.RECORDS_FIELD), column, row);
  }

  Node node() {
    ScrollPane wide = new ScrollPane(grid);
    wide.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    wide.getStyleClass().add(Style.SIDEWAYS);
    wide.setMinHeight(Region.USE_PREF_SIZE);
    return wide;
  }

  private static Label field(String text, HPos side, String style) {
    Label label = new Label(text.isBlank() ? "–" : text);
    label.getStyleClass().add(style);
    label.setMaxWidth(WIDEST);
    if (text.isBlank()) {
      label.getStyleClass().add(Style.MISSING);
    }
    label.setAlignment(side == HPos.RIGHT ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
    GridPane.setHalignment(label, side);
    return label;
  }
}
