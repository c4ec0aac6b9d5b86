package lehrgang.documents.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypefaceTest {
  private static final String FORMULAS = "0123456789.,()|−+·=≈<>≤≥χαφΦπθλ√∞½²₀ˆ¯⋯";

  @ParameterizedTest
  @EnumSource(Typeface.class)
  void figuresAreOfOneWidthSoThatTheyStandBelowEachOther(Typeface typeface) {
    double width = typeface.width("0", 1);
    for (char figure = '1'; figure <= '9'; figure++) {
      assertThat(typeface.width(String.valueOf(figure), 1)).isCloseTo(width, within(0.005));
    }
  }

  @ParameterizedTest
  @EnumSource(Typeface.class)
  void aTextIsAsWideAsItsLetters(Typeface typeface) {
    String text = "Gorge path, 46.67";
    double letters =
        text.chars().mapToDouble(sign -> typeface.width(Character.toString(sign), 10)).sum();
    assertThat(typeface.width(text, 10)).isCloseTo(letters, within(0.001));
    assertThat(typeface.width(text, 20)).isCloseTo(2 * letters, within(0.001));
    assertThat(typeface.width("", 10)).isZero();
  }

  @ParameterizedTest
  @EnumSource(
      value = Typeface.class,
      names = {"SERIF", "SERIF_ITALIC", "SERIF_BOLD", "SERIF_BOLD_ITALIC"})
  void theSerifHasEverySignOfFormulas(Typeface typeface) {
    assertThat(
            FORMULAS.codePoints().filter(sign -> !typeface.has(sign)).mapToObj(Character::toString))
        .isEmpty();
    assertThat(typeface.has(0x05D0)).isFalse();
  }

  @ParameterizedTest
  @EnumSource(Typeface.class)
  void aFontCanBeReadFromItsBeginning(Typeface typeface) throws IOException {
    try (InputStream file = typeface.open()) {
      assertThat(file.readNBytes(4)).containsExactly(0, 1, 0, 0);
    }
  }

  @ParameterizedTest
  @EnumSource(WebFont.class)
  void aWebFontIsSmallAndCompressed(WebFont font) {
    for (byte[] part : List.of(font.file(), font.rest())) {
      assertThat(new String(part, 0, 4, StandardCharsets.US_ASCII)).isEqualTo("wOF2");
      assertThat(part.length).isLessThan(22_000);
    }
  }

  @Test
  void mostSheetsAreWrittenInTheFirstPartOfTheFonts() {
    assertThat(WebFont.isBasic("Größe der Hütten: 0.28 ≥ 5 %, χ² = 14.06 …")).isTrue();
    assertThat(WebFont.isBasic("Žďár")).isFalse();
    assertThat(WebFont.isBasicMath("<mover><mi>p</mi><mo>\u0302</mo></mover>")).isTrue();
    assertThat(WebFont.isBasicMath("<mi>δ</mi>")).isFalse();
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.5, 1, 1.5, 2, 2.5, 3, 3.5})
  void aBracketIsAtLeastAsHighAsItIsAsked(double height) {
    assertThat(TallSigns.left(height).height()).isGreaterThanOrEqualTo(height);
    assertThat(TallSigns.right(height).height()).isEqualTo(TallSigns.left(height).height());
    assertThat(Typeface.SERIF.has(TallSigns.left(height).text().codePointAt(0))).isTrue();
    assertThat(Typeface.SERIF.has(TallSigns.right(height).text().codePointAt(0))).isTrue();
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.5, 1.2, 2, 2.8})
  void aRootIsAtLeastAsHighAsItIsAsked(double height) {
    assertThat(TallSigns.root(height).height()).isGreaterThanOrEqualTo(height);
    assertThat(Typeface.SERIF.has(TallSigns.root(height).text().codePointAt(0))).isTrue();
  }

  @Test
  void tallSignsAreFoundAsTheUsualOnes() {
    String tall =
        TallSigns.left(3).text() + "1" + TallSigns.right(3).text() + TallSigns.root(2).text();
    assertThat(TallSigns.usual(tall)).isEqualTo("(1)√");
    assertThat(TallSigns.usual(TallSigns.SUM)).isEqualTo("∑");
    assertThat(TallSigns.usual("(a)")).isEqualTo("(a)");
  }

  @ParameterizedTest
  @EnumSource(Typeface.class)
  void whatAFontDoesNotHaveStillTakesRoom(Typeface typeface) {
    assertThat(typeface.has(0x5C71)).isFalse();
    assertThat(typeface.width("山", 10)).isPositive();
  }

  @Test
  void noTallSignIsTakenForALetter() {
    assertThat("abc ()√∑".codePoints().noneMatch(TallSigns::isTall)).isTrue();
    assertThat(TallSigns.SUM.codePoints().allMatch(TallSigns::isTall)).isTrue();
  }
}
