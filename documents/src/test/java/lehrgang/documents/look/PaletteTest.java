package lehrgang.documents.look;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is written can be read, in the light and in the dark.
class PaletteTest {
  /// Relative luminance, as the Web Content Accessibility Guidelines 2.2 define it.
  private static double luminance(int colour) {
    double[] share = {0.0722, 0.7152, 0.2126};
    double sum = 0;
    for (int i = 0; i < 3; i++) {
      double part = (colour >> (8 * i) & 0xFF) / 255.0;
      sum += share[i] * (part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4));
    }
    return sum;
  }

  private static double contrast(int one, int other) {
    double brighter = Math.max(luminance(one), luminance(other));
    double darker = Math.min(luminance(one), luminance(other));
    return (brighter + 0.05) / (darker + 0.05);
  }

  @ParameterizedTest
  @CsvSource({
    "INK, PAPER",
    "INK, DESK",
    "INK, PANEL",
    "INK, SURFACE",
    "INK, SELECTED_GROUND",
    "SOFT, PAPER",
    "SOFT, DESK",
    "SOFT, PANEL",
    "FAINT, PAPER",
    "ROW, PAPER",
    "COLUMN, PAPER",
    "GRAND, PAPER",
    "ROW, ROW_GROUND",
    "COLUMN, COLUMN_GROUND",
    "GRAND, GRAND_GROUND",
    "REJECTION, PAPER",
    "INK, REJECTION_SOFT",
    "FINE, PAPER",
    "OBSERVED, OBSERVED_GROUND",
    "ON_CHROME, CHROME",
    "ON_CHROME_SOFT, CHROME",
    "ON_CHROME, NUMERAL",
    "ON_ACCENT, ACCENT"
  })
  void textStandsOutFromItsGround(Palette text, Palette ground) {
    assertThat(contrast(text.light(), ground.light())).isGreaterThan(4.5);
    assertThat(contrast(text.dark(), ground.dark())).isGreaterThan(4.5);
  }

  @Test
  void aTintCoversItsGroundByItsShare() {
    assertThat(Palette.hex(Palette.over(0xFFFFFF, 0x000000, 0))).isEqualTo("#FFFFFF");
    assertThat(Palette.hex(Palette.over(0xFFFFFF, 0x000000, 1))).isEqualTo("#000000");
    assertThat(Palette.hex(Palette.over(0x102030, 0x304050, 0.5))).isEqualTo("#203040");
  }
}
