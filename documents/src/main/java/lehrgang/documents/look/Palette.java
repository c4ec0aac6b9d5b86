package lehrgang.documents.look;

import java.util.Arrays;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;

/// Every colour of the house by its role, in a light and a dark set: window, sheet, figure and
/// print take theirs from here. Text keeps a contrast of 4.5 to 1 to its ground.
public enum Palette {
  PAPER(0xFFFDF8, 0x1E2533),
  DESK(0xECEEF1, 0x141924),
  PANEL(0xF5F6F9, 0x182030),
  PANEL_TRACE(0xF8FAFC, 0x182030),
  CHROME(0x24324B, 0x0F1420),
  ON_CHROME(0xFFFFFF, 0xF2F4F8),
  ON_CHROME_SOFT(0xB9C3D6, 0xA9B4C8),
  NUMERAL(0x24324B, 0x46536B),
  SURFACE(0xFFFFFF, 0x263044),
  INK(0x22304A, 0xE6EAF2),
  SOFT(0x5C6880, 0xA9B4C8),
  FAINT(0x69748A, 0x8F9BB1),
  LINE(0xD9DCE3, 0x38445A),
  HAIR(0xE7E9EE, 0x2C3648),
  ACCENT(0xE9B44C, 0xE9B44C),
  ON_ACCENT(0x22304A, 0x1B2233),
  SELECTED_GROUND(0xFFF3B8, 0x4A3F16),
  SELECTED_EDGE(0xD9A400, 0xE9B44C),
  ROW(0x0D746D, 0x5CC9BF),
  ROW_GROUND(0xDFF1EE, 0x17403F),
  COLUMN(0x9A5C00, 0xE9B065),
  COLUMN_GROUND(0xFBEED6, 0x45341A),
  GRAND(0x7A3B8F, 0xCE97E2),
  GRAND_GROUND(0xF1E4F5, 0x40284B),
  REJECTION(0xB83A28, 0xF08A76),
  REJECTION_SOFT(0xF3D9D2, 0x57302A),
  FINE(0x3F7D3A, 0x86C97F),
  OBSERVED(0x22304A, 0xE6EAF2),
  OBSERVED_GROUND(0xE4E8F0, 0x323C50),
  EXPECTED(0x9A5C00, 0xE9B065),
  /// More was observed than expected.
  MORE(0x0D746D, 0x5CC9BF),
  FEWER(0xB83A28, 0xF08A76);

  private final int light;
  private final int dark;

  Palette(int light, int dark) {
    this.light = light;
    this.dark = dark;
  }

  /// The name in style sheets, such as `row-ground`.
  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /// In the light set, as `0xRRGGBB`.
  public int light() {
    return light;
  }

  /// In the dark set, as `0xRRGGBB`.
  public int dark() {
    return dark;
  }

  /// A colour as style sheets write it, such as `#0D746D`.
  public static String hex(int colour) {
    return "#%06X".formatted(colour);
  }

  /// A colour laid over a ground.
  ///
  /// @param cover how much of the ground it covers, 0 to 1
  public static int over(int ground, int colour, double cover) {
    int mixed = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int under = ground >> shift & 0xFF;
      int above = colour >> shift & 0xFF;
      mixed |= (int) Math.round(under + (above - under) * cover) << shift;
    }
    return mixed;
  }

  /// The light set as declarations of a style sheet for the web, such as `--row: #0D746D;`.
  public static String customProperties() {
    return declarations(colour -> "--%s: %s;".formatted(colour.key(), hex(colour.light)));
  }

  static String declarations(Function<Palette, String> declaration) {
    return Arrays.stream(values()).map(declaration).collect(Collectors.joining(" "));
  }
}
