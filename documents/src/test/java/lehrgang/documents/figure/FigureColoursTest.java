package lehrgang.documents.figure;

import static org.assertj.core.api.Assertions.assertThat;

import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.look.Palette;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FigureColoursTest {
  @ParameterizedTest
  @EnumSource(Ink.class)
  void everyInkOfAFigureIsAColourOfThePage(Ink ink) {
    assertThat(Palette.customProperties()).contains("--" + ink.colour().key() + ": #");
  }
}
