package lehrgang.documents.handout.odt;

import lehrgang.core.wording.ControlCharacters;

/// Text in XML.
final class OdtXml {
  private OdtXml() {}

  /// Nothing in a user's words is markup; what XML cannot hold is left out.
  static String escaped(String words) {
    StringBuilder text = new StringBuilder();
    words
        .codePoints()
        .filter(OdtXml::isAllowed)
        .forEach(
            sign -> {
              switch (sign) {
                case '&' -> text.append("&amp;");
                case '<' -> text.append("&lt;");
                case '>' -> text.append("&gt;");
                case '"' -> text.append("&quot;");
                default -> text.appendCodePoint(sign);
              }
            });
    return text.toString();
  }

  private static boolean isAllowed(int sign) {
    boolean surrogate = sign >= 0xD800 && sign <= 0xDFFF;
    return !ControlCharacters.isControl(sign) && !surrogate && sign != 0xFFFE && sign != 0xFFFF;
  }
}
