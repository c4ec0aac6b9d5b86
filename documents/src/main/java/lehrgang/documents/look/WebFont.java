package lehrgang.documents.look;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;

/// The fonts that a web page brings along: those of the house with the letters and signs that most
/// pages need, and the signs of formulas with what a browser needs to set them.
public enum WebFont {
  SERIF("web-serif", "Lehrgang Serif", "normal", 400),
  SERIF_ITALIC("web-serif-italic", "Lehrgang Serif", "italic", 400),
  SERIF_BOLD("web-serif-bold", "Lehrgang Serif", "normal", 700),
  SANS("web-sans", "Lehrgang Sans", "normal", 400),
  SANS_SEMIBOLD("web-sans-semibold", "Lehrgang Sans", "normal", 600),
  MATHEMATICS("STIXTwoMath-Subset", "Lehrgang Math", "normal", 400);

  private final String name;
  private final String family;
  private final String slant;
  private final int weight;

  WebFont(String name, String family, String slant, int weight) {
    this.name = name;
    this.family = family;
    this.slant = slant;
    this.weight = weight;
  }

  /// By which style sheets call it.
  public String family() {
    return family;
  }

  /// `normal` or `italic`.
  public String slant() {
    return slant;
  }

  /// As style sheets have it, 400 for a regular font.
  public int weight() {
    return weight;
  }

  /// The font as WOFF2.
  public byte[] file() {
    String place = "/lehrgang/documents/fonts/" + name + ".woff2";
    try (InputStream in = Objects.requireNonNull(WebFont.class.getResourceAsStream(place), place)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
