package lehrgang.core.wording;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;

/// Characters that steer a terminal or turn the direction of writing, and that nobody sees.
public final class ControlCharacters {
  private static final int FIRST_PICTURE = 0x2400;
  private static final int DELETE = 0x7f;
  private static final int DELETE_PICTURE = 0x2421;

  private static final char ISOLATE = '\u2068';
  private static final char END_OF_ISOLATE = '\u2069';

  private ControlCharacters() {}

  /// Whether a character neither stands for anything nor separates anything: a NUL, an escape, a
  /// bell. Tabs and line ends are not among them.
  public static boolean isControl(int character) {
    return Character.getType(character) == Character.CONTROL
        && character != '\t'
        && character != '\n'
        && character != '\r';
  }

  /// Whether a character turns the direction of what follows it (Unicode 6.3, UAX #9).
  public static boolean isDirection(int character) {
    return character >= 0x202a && character <= 0x202e
        || character >= 0x2066 && character <= 0x2069
        || character == 0x200e
        || character == 0x200f
        || character == 0x061c;
  }

  /// The first control character of a text.
  public static OptionalInt first(String text) {
    return text.codePoints().filter(ControlCharacters::isControl).findFirst();
  }

  /// The text with a visible sign in place of each control character, and direction marks named.
  public static String visible(String text) {
    return text.codePoints().mapToObj(ControlCharacters::sign).collect(Collectors.joining());
  }

  /// A user's own words as they stand in a sentence: nothing unseen in them, and, where they run
  /// from right to left, set apart from what is around them (Unicode's first strong isolate).
  public static String shown(String words) {
    if (isPlain(words)) {
      return words;
    }
    String seen = visible(words);
    return seen.codePoints().anyMatch(ControlCharacters::runsLeft)
        ? ISOLATE + seen + END_OF_ISOLATE
        : seen;
  }

  /// Whether there is nothing but letters, digits and signs of ASCII, as in most labels.
  private static boolean isPlain(String words) {
    for (int i = 0; i < words.length(); i++) {
      char sign = words.charAt(i);
      if (sign < ' ' || sign >= DELETE) {
        return false;
      }
    }
    return true;
  }

  private static boolean runsLeft(int character) {
    byte direction = Character.getDirectionality(character);
    return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT
        || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
  }

  private static String sign(int character) {
    if (character < ' ' && character != '\t') {
      return Character.toString(FIRST_PICTURE + character);
    }
    if (character == DELETE) {
      return Character.toString(DELETE_PICTURE);
    }
    return isControl(character) || isDirection(character)
        ? "⟨%04X⟩".formatted(character)
        : Character.toString(character);
  }

  /// Its code and name, such as `U+0000 (NULL)`.
  public static String name(int character) {
    return Optional.ofNullable(Character.getName(character))
        .map(name -> "U+%04X (%s)".formatted(character, name))
        .orElse("U+%04X".formatted(character));
  }
}
