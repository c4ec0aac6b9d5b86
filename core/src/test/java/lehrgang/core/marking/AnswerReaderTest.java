package lehrgang.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import lehrgang.core.number.Kind;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Answers are read as they were meant, whatever hand wrote them.
class AnswerReaderTest {
  private final AnswerReader reader = new AnswerReader(Wording.english(), NumberStyle.POINT);

  private Answer read(String written) {
    return reader.read(written, Kind.STATISTIC);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "14.10 | 14.1 | 2",
        "14,10 | 14.1 | 2",
        " 14.1 | 14.1 | 1",
        "14 | 14 | 0",
        "14. | 14 | 0",
        ".05 | 0.05 | 2",
        "+3.2 | 3.2 | 1",
        "-2.418 | -2.418 | 3",
        "−2,418 | -2.418 | 3",
        "–2.418 | -2.418 | 3",
        "9.488 | 9.488 | 3",
        "1 234.5 | 1234.5 | 1",
        "1 234.5 | 1234.5 | 1",
        "1,234.5 | 1234.5 | 1",
        "1.234,5 | 1234.5 | 1",
        "1'234.5 | 1234.5 | 1",
        "1,234,567 | 1234567 | 0",
        "46.7 % | 0.467 | 3",
        "46,7% | 0.467 | 3",
        "1.2e-4 | 0.00012 | 5",
        "1,2·10^-4 | 0.00012 | 5",
        "1.2 × 10⁻⁴ | 0.00012 | 5",
        "1.2*10^(-4) | 0.00012 | 5",
        "p = 0.007 | 0.007 | 3",
        "χ² = 14.10 | 14.1 | 2",
        "X2=14.1 | 14.1 | 1",
        "≈ 14.1 | 14.1 | 1",
        "±1.96 | 1.96 | 2",
        "p≈,007 | 0.007 | 3",
      })
  void numbersKeepTheirDigits(String written, double value, int decimals) {
    assertThat(read(written))
        .isInstanceOfSatisfying(
            Answer.Number.class,
            number -> {
              assertThat(number.value()).isEqualTo(value);
              assertThat(number.decimals()).isEqualTo(decimals);
              assertThat(number.exact()).isFalse();
            });
  }

  @ParameterizedTest
  @CsvSource({
    "140/3, 46.666666666666664",
    "3/7, 0.42857142857142855",
    "46 2/3, 46.666666666666664",
    "-1/4, -0.25"
  })
  void fractionsSayAllThereIs(String written, double value) {
    assertThat(read(written)).isEqualTo(new Answer.Number(written, value, 0, true));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "<0.001 | 0.001",
        "< 0,001 | 0.001",
        "p<.001 | 0.001",
        "P < 0.05 | 0.05",
        "p ≤ 0.001 | 0.001"
      })
  void boundsAreBounds(String written, double bound) {
    assertThat(reader.read(written, Kind.P_VALUE)).isEqualTo(new Answer.Below(written, bound));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "  ", "-", "—", "?", "…", "."})
  void whatSaysNothingIsBlank(String written) {
    Answer answer = read(written);
    assertThat(
            written.equals("…")
                ? answer instanceof Answer.Unreadable
                : answer instanceof Answer.Blank)
        .isTrue();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "about ten",
        "14.1.2",
        "15,500,0",
        "1e999",
        "<1e999",
        "0.000.001",
        "1.500,500,0",
        "3/0",
        "12 34",
        "1.2e",
        "sqrt(2)",
        "--5",
        "14.1 or 14.2",
        "=SUM(A1)"
      })
  void whatCannotBeReadIsNotWrong(String written) {
    assertThat(read(written)).isInstanceOf(Answer.Unreadable.class);
  }

  @Test
  void anAnswerOfAnyLengthIsReadOrNot() {
    assertThat(read("1".repeat(150))).isInstanceOf(Answer.Number.class);
    assertThat(read("1".repeat(100_000))).isInstanceOf(Answer.Unreadable.class);
  }

  /// Where both could be meant, a whole number is asked for or is not.
  @Test
  void oneSignWithThreeDigitsAfterItStandsBetweenGroupsOnlyInCounts() {
    assertThat(((Answer.Number) reader.read("1,234", Kind.COUNT)).value()).isEqualTo(1234);
    assertThat(((Answer.Number) reader.read("1,234", Kind.STATISTIC)).value()).isEqualTo(1.234);
    AnswerReader german = new AnswerReader(Wording.english(), NumberStyle.COMMA);
    assertThat(((Answer.Number) german.read("1.234", Kind.COUNT)).value()).isEqualTo(1234);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "reject | true",
        "Reject H₀ | true",
        "rejected! | true",
        "H0 is rejected. | true",
        "We reject Ho | true",
        "accept H1 | true",
        "do-not-reject | false",
        "do not reject H0 | false",
        "H₀ is not rejected | false",
        "not rejected | false",
        "don’t reject | false",
        "fail to reject H_0 | false",
        "keep | false",
        "keep H0 | false",
        "KEEP h0 | false",
        "retain the null hypothesis | false",
        "accept H0 | false",
        "cannot be rejected | false",
        "we do not have a reason to reject it | false",
        "We hold on to H₀ | false",
        "there is no reason to reject H0 | false"
      })
  void decisionsAreReadInWords(String written, boolean rejects) {
    assertThat(reader.read(written, Kind.DECISION)).isEqualTo(new Answer.Said(written, rejects));
  }

  @ParameterizedTest
  @ValueSource(strings = {"maybe", "14.1", "yes", "significant?"})
  void whatDecidesNothingIsUnreadable(String written) {
    assertThat(reader.read(written, Kind.DECISION)).isInstanceOf(Answer.Unreadable.class);
  }
}
