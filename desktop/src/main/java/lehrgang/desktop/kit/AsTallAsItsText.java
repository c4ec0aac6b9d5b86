package lehrgang.desktop.kit;

import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.text.Text;

/// Keeps a text area as tall as what is written in it, as on paper; an empty one has a line.
public final class AsTallAsItsText {
  /// A text area sets its lines wider apart than a plain text.
  private static final double LINE_HEIGHT = 1.12;

  private static final double AT_THE_SIDES = 14;
  private static final double ABOVE_AND_BELOW = 10;
  private static final double NARROWEST = 100;

  private AsTallAsItsText() {}

  /// @param size of its letters, in pixels
  public static void keep(TextArea field, double size) {
    field.setWrapText(true);
    // A bar that shows while the width changes would take room from the words, and stay.
    field
        .skinProperty()
        .subscribe(
            _ ->
                field.lookupAll(".scroll-pane").stream()
                    .map(ScrollPane.class::cast)
                    .forEach(pane -> pane.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER)));
    field.widthProperty().subscribe(_ -> fit(field, size));
    field.textProperty().subscribe(_ -> fit(field, size));
  }

  private static void fit(TextArea field, double size) {
    Text measure = new Text(field.getText().isEmpty() ? " " : field.getText());
    measure.setFont(Fonts.upright(size));
    measure.setWrappingWidth(Math.max(NARROWEST, field.getWidth() - AT_THE_SIDES));
    double height = measure.getLayoutBounds().getHeight() * LINE_HEIGHT + ABOVE_AND_BELOW;
    field.setPrefHeight(height);
    field.setMinHeight(height);
  }
}
