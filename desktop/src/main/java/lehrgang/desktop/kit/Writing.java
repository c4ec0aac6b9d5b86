package lehrgang.desktop.kit;

import javafx.geometry.Orientation;
import javafx.scene.TraversalDirection;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextFormatter;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/// A field as tall as what is written in it, as on paper; an empty one has a line. Tab leads on
/// from it as from any field.
public class Writing extends TextArea {
  /// A text area sets its lines wider apart than a plain text.
  private static final double LINE_HEIGHT = 1.12;

  private static final double AT_THE_SIDES = 14;
  private static final double ABOVE_AND_BELOW = 10;
  private static final double NARROWEST = 100;

  private final Text measure = new Text();

  /// @param font of its letters
  Writing(Font font) {
    measure.setFont(font);
    setWrapText(true);
    // A bar that shows while the width changes would take room from the words, and stay.
    skinProperty()
        .subscribe(
            _ ->
                lookupAll(".scroll-pane").stream()
                    .map(ScrollPane.class::cast)
                    .forEach(pane -> pane.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER)));
    textProperty().subscribe(this::requestLayout);
    addEventFilter(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (key.getCode() == KeyCode.TAB && !key.isControlDown() && !key.isAltDown()) {
            leadOn(key, !key.isShiftDown());
          }
        });
  }

  /// A text of any length.
  ///
  /// @param size of its letters, upright, in pixels
  public static Writing text(double size) {
    return new Writing(Fonts.upright(size));
  }

  /// One paragraph: Enter leads on too, and lines that are pasted are joined.
  ///
  /// @param font of its letters
  public static Writing paragraph(Font font) {
    Writing field = new Writing(font);
    field.setTextFormatter(
        new TextFormatter<>(
            change -> {
              change.setText(onOneLine(change.getText()));
              return change;
            }));
    field.addEventFilter(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (key.getCode() == KeyCode.ENTER) {
            field.leadOn(key, true);
          }
        });
    return field;
  }

  /// A text without line ends and tabs, and without what stands for no letter: a field that looks
  /// at what is typed fails where nothing is left of it.
  static String onOneLine(String text) {
    return text.replaceAll("\\R|\t", " ").replaceAll("\\p{Cntrl}", "");
  }

  private void leadOn(KeyEvent key, boolean onwards) {
    key.consume();
    requestFocusTraversal(onwards ? TraversalDirection.NEXT : TraversalDirection.PREVIOUS);
  }

  @Override
  public Orientation getContentBias() {
    return Orientation.HORIZONTAL;
  }

  @Override
  protected double computePrefHeight(double width) {
    double wide = width < 0 ? getWidth() : width;
    measure.setText(getText().isEmpty() ? " " : getText());
    measure.setWrappingWidth(Math.max(NARROWEST, wide - AT_THE_SIDES));
    return measure.getLayoutBounds().getHeight() * LINE_HEIGHT + ABOVE_AND_BELOW;
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }
}
