package lehrgang.documents.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.Sampled;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.documents.Demo;
import lehrgang.documents.look.TallSigns;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.typeset.FormulaSetter.Weight;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

@Sampled
class FormulaSetterTest {
  private static final FormulaSetter SETTER = new FormulaSetter(7);
  private static final double SIZE = 11;

  static List<String> demos() {
    return Demo.some();
  }

  private static List<Setting> everyPartOf(String demo) {
    Page page = Demo.page(DemoCourse.open(demo).solution(), Audience.FULL);
    List<Setting> parts = new ArrayList<>();
    for (LineId line : page.lines()) {
      Chain chain = page.chain(line);
      parts.add(SETTER.set(chain.left(), SIZE));
      chain.links().forEach(link -> parts.addAll(SETTER.set(link, SIZE, Weight.STEP)));
      chain.links().forEach(link -> parts.addAll(SETTER.set(link, SIZE, Weight.RESULT)));
    }
    return parts;
  }

  private static List<Mark.Signs> signs(Setting setting) {
    return setting.marks().stream()
        .filter(Mark.Signs.class::isInstance)
        .map(Mark.Signs.class::cast)
        .toList();
  }

  private static boolean isMark(Mark.Signs signs) {
    return signs.text().equals("ˆ") || signs.text().equals("¯");
  }

  /// A letter does not reach into the word before it.
  @ParameterizedTest
  @ValueSource(strings = {"f", "j", "y", "χ", "z", "E", "p", "ν"})
  void aSlantedLetterBeginsWhereItsInkDoes(String letter) throws Exception {
    Setting set = SETTER.set(Box.variable(letter), SIZE);
    try (InputStream in =
        FormulaSetter.class.getResourceAsStream(
            "/lehrgang/documents/fonts/STIXTwoText-Italic.ttf")) {
      double ink =
          Font.createFont(Font.TRUETYPE_FONT, in)
              .deriveFont((float) SIZE)
              .createGlyphVector(new FontRenderContext(null, true, true), letter)
              .getVisualBounds()
              .getX();
      assertThat(signs(set).getFirst().x() + ink).isGreaterThan(-0.07 * SIZE);
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everySignIsInItsFont(String demo) {
    assertThat(everyPartOf(demo).stream().flatMap(part -> signs(part).stream()))
        .isNotEmpty()
        .allSatisfy(
            signs ->
                assertThat(signs.text().codePoints().filter(sign -> !signs.typeface().has(sign)))
                    .as(signs.text())
                    .isEmpty());
  }

  @ParameterizedTest
  @MethodSource("demos")
  void signsStandInsideTheirPartAndNotOnEachOther(String demo) {
    for (Setting part : everyPartOf(demo)) {
      List<Mark.Signs> signs = signs(part);
      for (Mark.Signs one : signs) {
        assertThat(one.x()).isGreaterThan(-0.01);
        assertThat(one.x() + one.width()).isLessThan(part.width() + 0.01);
        for (Mark.Signs other : signs) {
          boolean onOneLine = one != other && one.y() == other.y();
          boolean overlap =
              one.x() < other.x() + other.width() - 0.01
                  && other.x() < one.x() + one.width() - 0.01;
          boolean hat = isMark(one) || isMark(other);
          assertThat(onOneLine && overlap && !hat).as(one + " on " + other).isFalse();
        }
      }
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void bracketsAndRootsGrowWithWhatTheyHold(int levels) {
    Box inner = Box.variable("x");
    for (int level = 0; level < levels; level++) {
      inner = new Box.Fraction(inner, Box.number("2"));
    }
    Setting bare = SETTER.set(inner, SIZE);
    Setting fenced = SETTER.set(Box.parenthesised(inner), SIZE);
    Setting rooted = SETTER.set(new Box.Radical(inner), SIZE);
    assertThat(fenced.ascent()).isGreaterThanOrEqualTo(bare.ascent());
    assertThat(fenced.width()).isGreaterThan(bare.width());
    boolean tall =
        signs(fenced).stream().anyMatch(signs -> TallSigns.isTall(signs.text().codePointAt(0)));
    assertThat(tall).isTrue();
    assertThat(rooted.ascent()).isGreaterThan(bare.ascent());
    Mark.Rule roof =
        rooted.marks().stream()
            .filter(Mark.Rule.class::isInstance)
            .map(Mark.Rule.class::cast)
            .reduce((_, last) -> last)
            .orElseThrow();
    assertThat(-roof.y1()).isGreaterThan(bare.ascent());
  }

  @Test
  void aFractionHasItsRuleBetweenItsParts() {
    Setting fraction = SETTER.set(new Box.Fraction(Box.number("160"), Box.number("480")), SIZE);
    Mark.Rule rule =
        fraction.marks().stream()
            .filter(Mark.Rule.class::isInstance)
            .map(Mark.Rule.class::cast)
            .findFirst()
            .orElseThrow();
    List<Mark.Signs> parts = signs(fraction);
    assertThat(parts.getFirst().y()).isLessThan(rule.y1());
    assertThat(parts.getLast().y()).isGreaterThan(rule.y1());
    assertThat(rule.x2() - rule.x1()).isGreaterThan(parts.getFirst().width());
  }

  @Test
  void aTermKnowsItsLineAndTheRoomForItsAnswerToo() {
    LineId line = LineId.of("E", 2, 3);
    Setting shown = SETTER.set(new Box.Linked(line, Box.number("46.67")), SIZE);
    assertThat(signs(shown).getFirst().within()).containsExactly(line);
    assertThat(shown.marks().getFirst()).isInstanceOf(Mark.Ground.class);
    Setting blank = SETTER.set(new Box.Linked(line, new Box.Blank(5)), SIZE);
    assertThat(blank.marks())
        .singleElement()
        .isInstanceOfSatisfying(
            Mark.Room.class, room -> assertThat(room.line()).isEqualTo(Optional.of(line)));
  }

  @Test
  void moreFiguresHaveMoreRoom() {
    assertThat(SETTER.set(new Box.Blank(7), SIZE).width())
        .isGreaterThan(SETTER.set(new Box.Blank(3), SIZE).width());
  }

  @Test
  void theHatStandsOverTheMiddleOfItsLetter() {
    List<Mark.Signs> signs = signs(SETTER.set(Box.variable("p̂"), SIZE));
    assertThat(signs).hasSize(2);
    Mark.Signs letter = signs.getFirst();
    Mark.Signs hat = signs.getLast();
    assertThat(hat.text()).isEqualTo("ˆ");
    assertThat(hat.x() + hat.width() / 2).isCloseTo(letter.x() + letter.width() / 2, within());
  }

  private static Offset<Double> within() {
    return Offset.offset(0.1);
  }
}
