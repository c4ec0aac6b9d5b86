package lehrgang.documents.handout.html;

import java.util.Base64;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.documents.look.WebFont;

/// The fonts that a page brings along: a part with what nearly every page is written with, and
/// where a page has other letters, a part with those of the western languages, of Greek and of
/// formulas. What else a label holds is set in the reader's own fonts.
final class WebFonts {
  private static final Pattern FORMULA = Pattern.compile("<math\\b.*?</math>", Pattern.DOTALL);
  private static final String USUAL = faces(WebFont::file);

  /// Read when the first page needs it.
  private static final class Others {
    private static final String ALL = faces(WebFont::rest);
  }

  private WebFonts() {}

  /// @param written the page's body, and what its script writes
  static String faces(String written) {
    // A sign is looked for in the last of the faces that share a name first.
    return isUsual(written) ? USUAL : Others.ALL + USUAL;
  }

  private static boolean isUsual(String written) {
    return WebFont.isBasic(FORMULA.matcher(written).replaceAll(""))
        && FORMULA.matcher(written).results().allMatch(found -> WebFont.isBasicMath(found.group()));
  }

  private static String faces(Function<WebFont, byte[]> part) {
    return Stream.of(WebFont.values())
        .map(font -> face(font, part.apply(font)))
        .collect(Collectors.joining());
  }

  private static String face(WebFont font, byte[] file) {
    return "@font-face{font-family:\"%s\";font-style:%s;font-weight:%d;font-display:block;src:url(data:font/woff2;base64,%s) format(\"woff2\")}\n"
        .formatted(
            font.family(), font.slant(), font.weight(), Base64.getEncoder().encodeToString(file));
  }
}
