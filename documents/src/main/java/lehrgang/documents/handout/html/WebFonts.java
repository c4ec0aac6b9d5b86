package lehrgang.documents.handout.html;

import java.util.Base64;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.documents.look.WebFont;

/// The fonts that a page brings along, with the letters of the western languages, Greek, and the
/// signs of formulas. What else a label holds is set in the reader's own fonts.
final class WebFonts {
  private static final String FACES =
      Stream.of(WebFont.values()).map(WebFonts::face).collect(Collectors.joining());

  private WebFonts() {}

  static String faces() {
    return FACES;
  }

  private static String face(WebFont font) {
    return "@font-face{font-family:\"%s\";font-style:%s;font-weight:%d;font-display:block;src:url(data:font/woff2;base64,%s) format(\"woff2\")}\n"
        .formatted(
            font.family(),
            font.slant(),
            font.weight(),
            Base64.getEncoder().encodeToString(font.file()));
  }
}
