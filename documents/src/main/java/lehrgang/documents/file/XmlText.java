package lehrgang.documents.file;

import lehrgang.core.wording.ControlCharacters;

/// Text in XML.
public final class XmlText {
  private XmlText() {}

  /// Nothing in a user's words is markup; what XML cannot hold is left out.
  public static String escaped(String words) {
    StringBuilder text = new StringBuilder();
    words
        .codePoints()
        .filter(XmlText::isAllowed)
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

  /// Text without the signs that XML cannot hold.
  public static String allowed(String text) {
    return text.codePoints()
        .filter(sign -> isAllowed(sign) || sign == '\n' || sign == '\t')
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString();
  }

  private static boolean isAllowed(int sign) {
    boolean surrogate = sign >= 0xD800 && sign <= 0xDFFF;
    return !ControlCharacters.isControl(sign) && !surrogate && sign != 0xFFFE && sign != 0xFFFF;
  }
}
