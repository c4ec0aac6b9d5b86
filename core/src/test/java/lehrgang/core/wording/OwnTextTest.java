package lehrgang.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OwnTextTest {
  private static String marked(List<Span> spans) {
    return spans.stream()
        .map(Span.Words.class::cast)
        .map(
            words ->
                switch (words.weight()) {
                  case PLAIN -> words.text();
                  case EMPHASIS -> "<" + words.text() + ">";
                  case STRONG -> "<<" + words.text() + ">>";
                })
        .collect(Collectors.joining());
  }

  @ParameterizedTest
  @CsvSource({
    "Count *each* walker once., Count <each> walker once.",
    "**Only** whole entries (*no* sketches)., <<Only>> whole entries (<no> sketches).",
    "*Falkenried*, <Falkenried>"
  })
  void starsSetWordsOff(String typed, String read) {
    assertThat(marked(OwnText.words(typed))).isEqualTo(read);
  }

  @ParameterizedTest
  @ValueSource(strings = {"3 * 4 * 5", "gate*, hut*", "a*b*c", "*", "** **", "half *open"})
  void starsThatStandForThemselvesStay(String typed) {
    assertThat(marked(OwnText.words(typed))).isEqualTo(typed);
  }

  @Test
  void linesThatBeginWithAMarkAreLists() {
    List<OwnText.Part> parts =
        OwnText.parts("Look at\n- the gates\n- the *huts*\n\n1. Count.\n2) Compare.\nThen decide.");
    assertThat(parts).hasSize(4);
    assertThat(parts.get(1))
        .isInstanceOfSatisfying(
            OwnText.Items.class,
            items -> {
              assertThat(items.ordered()).isFalse();
              assertThat(items.items().stream().map(OwnTextTest::marked))
                  .containsExactly("the gates", "the <huts>");
            });
    assertThat(parts.get(2))
        .isInstanceOfSatisfying(OwnText.Items.class, items -> assertThat(items.ordered()).isTrue());
  }

  /// A year at the head of a line and a minus are no lists.
  @ParameterizedTest
  @ValueSource(strings = {"2026. A dry year.", "-5 degrees at the hut", "1.5 hours"})
  void numbersAtTheHeadOfALineAreNoList(String typed) {
    assertThat(OwnText.parts(typed)).containsExactly(new OwnText.Paragraph(OwnText.words(typed)));
  }
}
