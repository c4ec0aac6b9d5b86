package lehrgang.documents.look;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.BitSet;
import java.util.Objects;

/// The fonts that a web page brings along: those of the house with the letters and signs that most
/// pages need, and the signs of formulas with what a browser needs to set them. Each comes in two
/// parts: the signs of nearly every sheet, and the rest.
public enum WebFont {
  SERIF("serif", "Lehrgang Serif", "normal", 400),
  SERIF_ITALIC("serif-italic", "Lehrgang Serif", "italic", 400),
  SERIF_BOLD("serif-bold", "Lehrgang Serif", "normal", 700),
  SANS("sans", "Lehrgang Sans", "normal", 400),
  SANS_SEMIBOLD("sans-semibold", "Lehrgang Sans", "normal", 600),
  MATHEMATICS("math", "Lehrgang Math", "normal", 400);

  private static final BitSet BASIC = signs("web-basic.txt");
  private static final BitSet BASIC_MATH = signs("web-math-basic.txt");

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

  /// Whether the first part of each font is enough for a text outside formulas.
  public static boolean isBasic(String text) {
    return text.codePoints().allMatch(BASIC::get);
  }

  /// Whether the first part is enough for a formula.
  public static boolean isBasicMath(String formula) {
    return formula.codePoints().allMatch(BASIC_MATH::get);
  }

  private static BitSet signs(String name) {
    return new String(read(name), StandardCharsets.UTF_8)
        .codePoints()
        .collect(BitSet::new, BitSet::set, BitSet::or);
  }

  /// The signs of nearly every sheet, as WOFF2.
  public byte[] file() {
    return read("web-" + name + ".woff2");
  }

  /// The other signs of languages in Latin letters, of Greek and of formulas, as WOFF2.
  public byte[] rest() {
    return read("web-" + name + "-more.woff2");
  }

  private static byte[] read(String name) {
    String place = "/lehrgang/documents/fonts/" + name;
    try (InputStream in = Objects.requireNonNull(WebFont.class.getResourceAsStream(place), place)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
