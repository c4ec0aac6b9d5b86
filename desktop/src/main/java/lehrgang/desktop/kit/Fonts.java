package lehrgang.desktop.kit;

import java.util.List;
import java.util.Objects;
import javafx.scene.text.Font;
import javafx.scene.text.FontPosture;
import javafx.scene.text.FontWeight;
import lehrgang.documents.figure.Typeface;

/// The fonts that ship with the program: a humanist sans for the interface, a mathematical serif
/// for page and formulas, both with tabular figures.
public final class Fonts {
  private static final List<String> FILES =
      List.of(
          "SourceSans3-Bold.ttf",
          "SourceSans3-It.ttf",
          "STIX-Regular.otf",
          "STIX-Italic.otf",
          "STIX-Bold.otf",
          "STIX-BoldItalic.otf");

  private static final String SERIF = "STIX";

  private Fonts() {}

  public static void load() {
    for (Typeface typeface : Typeface.values()) {
      Font.loadFont(typeface.open(), 15);
    }
    for (String file : FILES) {
      String place = "/lehrgang/desktop/fonts/" + file;
      Font.loadFont(Objects.requireNonNull(Fonts.class.getResourceAsStream(place), place), 15);
    }
  }

  public static Font upright(double size) {
    return Font.font(SERIF, FontWeight.NORMAL, FontPosture.REGULAR, size);
  }

  public static Font italic(double size) {
    return Font.font(SERIF, FontWeight.NORMAL, FontPosture.ITALIC, size);
  }

  public static Font bold(double size) {
    return Font.font(SERIF, FontWeight.BOLD, FontPosture.REGULAR, size);
  }
}
