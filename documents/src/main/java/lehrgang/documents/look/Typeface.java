package lehrgang.documents.look;

import java.io.InputStream;
import java.util.Objects;

/// The fonts that ship with the program: a mathematical serif for page and formulas and a humanist
/// sans for the interface, both with figures of one width.
///
/// The serif has tall brackets and roots at places of its own; see [TallSigns].
public enum Typeface {
  SERIF("STIXTwoText-Regular"),
  SERIF_ITALIC("STIXTwoText-Italic"),
  SERIF_BOLD("STIXTwoText-Bold"),
  SERIF_BOLD_ITALIC("STIXTwoText-BoldItalic"),
  SANS("SourceSans3-Regular"),
  SANS_ITALIC("SourceSans3-It"),
  SANS_SEMIBOLD("SourceSans3-Semibold"),
  SANS_BOLD("SourceSans3-Bold");

  private final String file;

  Typeface(String file) {
    this.file = file;
  }

  /// The font's file, from its beginning.
  public InputStream open() {
    return resource(file + ".ttf");
  }

  private static InputStream resource(String name) {
    String place = "/lehrgang/documents/fonts/" + name;
    return Objects.requireNonNull(Typeface.class.getResourceAsStream(place), place);
  }

  /// Whether the font has a sign for a character.
  public boolean has(int codePoint) {
    return metrics().has(codePoint);
  }

  /// How wide a text is in one line, without kerning; a character that the font does not have
  /// counts as its empty box.
  ///
  /// @param size of the font, in the unit of the result
  public double width(String text, double size) {
    return metrics().width(text) * size;
  }

  private Metrics metrics() {
    return Metrics.of(this);
  }
}
