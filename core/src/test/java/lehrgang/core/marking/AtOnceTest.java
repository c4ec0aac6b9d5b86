package lehrgang.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is said at once of a number that somebody calls out.
class AtOnceTest {
  private static final Solution SOLUTION = ReferenceCases.solution(ReferenceCases.trailRegister());
  private static final Derivation DERIVATION = ReferenceCases.derive(SOLUTION);
  private static final Wording WORDS = Wording.english();

  private static String said(String line, String written) {
    LineId id = LineId.parse(line).orElseThrow();
    AnswerReader reader = new AnswerReader(WORDS, NumberStyle.POINT);
    Answer answer = reader.read(written, DERIVATION.line(id).kind());
    Mark mark =
        Marker.of(SOLUTION, DERIVATION, List.of(id))
            .mark("", Map.of(id, answer))
            .marks()
            .getFirst();
    return AtOnce.of(mark, WORDS, new SlipTexts(SOLUTION, DERIVATION));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "df|4|Right.",
        "E[2,2]|73.33|Right.",
        "E[2,2]|73|more digits are required",
        "df|8|number of cells minus 1",
        "E[2,2]|160|divided by the column total",
        "df|x|cannot be read"
      })
  void aNumberIsJudgedByItself(String line, String written, String sentence) {
    assertThat(said(line, written)).containsIgnoringCase(sentence);
  }

  @Test
  void nothingWrittenIsNothingSaid() {
    assertThat(said("df", " ")).isEmpty();
  }

  /// Whatever is called out, the value itself is never said.
  @ParameterizedTest
  @CsvSource({"X2,14.10", "p,0.0070", "crit,9.488", "'E[1,1]',30.00", "'K[2,2]',1.188"})
  void theValueIsNeverTold(String line, String value) {
    for (String written : List.of("1", "8", "12.5", "0.5", "160", "480", "0.993", "99999")) {
      if (!value.startsWith(written)) {
        assertThat(said(line, written)).doesNotContain(value);
      }
    }
  }
}
