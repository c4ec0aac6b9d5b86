package lehrgang.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// A label never steers a terminal, hides a sign or turns the words around it.
class ControlCharactersTest {
  @ParameterizedTest
  @CsvSource({"0007, ␇", "001b, ␛", "007f, ␡", "0085, ⟨0085⟩", "202e, ⟨202E⟩", "2066, ⟨2066⟩"})
  void whatCannotBeSeenIsShown(String code, String sign) {
    String label = "Lake" + Character.toString(Integer.parseInt(code, 16)) + "loop";
    assertThat(ControlCharacters.visible(label)).isEqualTo("Lake" + sign + "loop");
  }

  @Test
  void aLabelThatRunsFromRightToLeftIsSetApartInItsSentence() {
    Phrase sentence = Phrase.of("place.in-table").with("row", "מסלול").with("column", "Spring");
    assertThat(Wording.english().text(sentence)).contains("\u2068מסלול\u2069").contains("Spring");
  }

  @Test
  void anyOtherLabelIsAsItWasTyped() {
    for (String label : new String[] {"Łąka “+” −🥾", "a & b", "日本", "x\ty"}) {
      assertThat(ControlCharacters.shown(label)).isEqualTo(label);
    }
  }

  @Test
  void theTemplateOfASentenceIsNotFilledTwice() {
    Phrase sentence = Phrase.of("place.in-table").with("row", "{column} *x*").with("column", "c");
    assertThat(Wording.english().text(sentence)).contains("{column} *x*");
  }
}
