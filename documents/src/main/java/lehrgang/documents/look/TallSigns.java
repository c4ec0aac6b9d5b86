package lehrgang.documents.look;

import java.util.stream.Collectors;

/// Brackets, roots and sums in larger sizes, which the serif has at places of its own
/// (`make-fonts.py` puts them there).
public final class TallSigns {
  /// The heights of a bracket in ems: the one among the letters, and the tall ones.
  private static final double[] BRACKETS = {
    0.933, 1.187, 1.427, 1.667, 1.907, 2.145, 2.385, 2.625, 2.865, 3.101, 3.341, 3.581, 3.821
  };

  /// Where the upper edges of the roots are; all reach as far below the baseline.
  private static final double[] ROOTS = {0.922, 1.589, 2.105, 2.626};

  private static final double ROOT_DEPTH = 0.265;

  private static final int LEFT = 0xE000;
  private static final int RIGHT = 0xE010;
  private static final int ROOT = 0xE020;

  /// Σ as it stands in a formula on a line of its own.
  public static final String SUM = Character.toString(0xE031);

  private TallSigns() {}

  /// @param text   the sign
  /// @param height of the sign in ems, half of it above the axis of the formula and half below
  public record Tall(String text, double height) {}

  /// The smallest left bracket that is high enough, or the largest.
  ///
  /// @param height in ems
  public static Tall left(double height) {
    return of("(", LEFT, BRACKETS, height);
  }

  /// The smallest right bracket that is high enough, or the largest.
  ///
  /// @param height in ems
  public static Tall right(double height) {
    return of(")", RIGHT, BRACKETS, height);
  }

  /// @param text   the sign
  /// @param top    where its upper edge is, in ems above its baseline
  /// @param below  how far it reaches below its baseline, in ems
  public record Root(String text, double top, double below) {
    /// From top to bottom, in ems.
    public double height() {
      return top + below;
    }
  }

  /// The smallest root that is high enough, or the largest.
  ///
  /// @param height in ems
  public static Root root(double height) {
    int size = 0;
    while (size < ROOTS.length - 1 && ROOTS[size] + ROOT_DEPTH < height) {
      size++;
    }
    return new Root(size == 0 ? "√" : Character.toString(ROOT + size), ROOTS[size], ROOT_DEPTH);
  }

  private static Tall of(String usual, int first, double[] heights, double height) {
    int size = 0;
    while (size < heights.length - 1 && heights[size] < height) {
      size++;
    }
    return new Tall(size == 0 ? usual : Character.toString(first + size), heights[size]);
  }

  /// Whether a character is one of these.
  public static boolean isTall(int codePoint) {
    return codePoint >= LEFT && codePoint <= SUM.codePointAt(0);
  }

  /// A text with the usual sign in place of each tall one, as it is searched for and read out.
  public static String usual(String text) {
    return text.codePoints()
        .mapToObj(sign -> isTall(sign) ? usual(sign) : Character.toString(sign))
        .collect(Collectors.joining());
  }

  private static String usual(int sign) {
    return sign < RIGHT ? "(" : sign < ROOT ? ")" : sign < SUM.codePointAt(0) ? "√" : "∑";
  }
}
