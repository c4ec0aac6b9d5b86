package lehrgang.core.wording;

/// What was typed or stands in a file, as a sentence can quote it.
public final class Excerpt {
  private static final int LONGEST = 40;

  private Excerpt() {}

  /// Cut after 40 signs where it is longer, with its control characters made visible.
  public static String of(String text) {
    String whole = ControlCharacters.visible(text.strip());
    return whole.codePointCount(0, whole.length()) <= LONGEST
        ? whole
        : whole.substring(0, whole.offsetByCodePoints(0, LONGEST - 1)) + "…";
  }
}
