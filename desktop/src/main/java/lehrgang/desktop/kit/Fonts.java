package lehrgang.desktop.kit;

import javafx.scene.text.Font;
import javafx.scene.text.FontPosture;
import javafx.scene.text.FontWeight;
import lehrgang.documents.look.Typeface;

/// The fonts that ship with the program, as fonts of the window.
public final class Fonts {
  private static final String SERIF = "STIX Two Text";

  private Fonts() {}

  public static void load() {
    for (Typeface typeface : Typeface.values()) {
      Font.loadFont(typeface.open(), 15);
    }
  }

  /// A typeface of the serif at a size in pixels.
  public static Font serif(Typeface typeface, double size) {
    boolean bold = typeface == Typeface.SERIF_BOLD || typeface == Typeface.SERIF_BOLD_ITALIC;
    boolean italic = typeface == Typeface.SERIF_ITALIC || typeface == Typeface.SERIF_BOLD_ITALIC;
    return Font.font(
        SERIF,
        bold ? FontWeight.BOLD : FontWeight.NORMAL,
        italic ? FontPosture.ITALIC : FontPosture.REGULAR,
        size);
  }

  public static Font upright(double size) {
    return serif(Typeface.SERIF, size);
  }
}
