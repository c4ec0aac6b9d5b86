package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PlainText;
import lehrgang.core.notation.Speech;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Every working of every procedure, as somebody hears it who does not see it, and as it stands in
/// a mail.
class ReadAloudTest {
  private static final Speech SPEECH = Wording.english().speech();

  private static final Pattern UNSPOKEN = Pattern.compile("[=≈<>≥≤·−√Σ∑⋯αχλθπφΦ′]");
  private static final Pattern WORD = Pattern.compile(" (over|times|plus|minus|squared) ");

  static Stream<Solution> oneOfEach() {
    return ReferenceCases.oneOfEach().stream();
  }

  private static Stream<Chain> chains(Page page) {
    return page.lines().stream().map(page::chain);
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void noSignIsLeftUnspoken(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    assertThat(chains(page).map(chain -> SPEECH.of(chain.box())))
        .isNotEmpty()
        .allSatisfy(
            spoken ->
                assertThat(spoken)
                    .doesNotContainPattern(UNSPOKEN)
                    .doesNotContain("  ", "null")
                    .isEqualTo(spoken.strip()));
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void aWorkingThatIsComputedIsSpokenAsOne(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    List<String> spoken = chains(page).map(chain -> SPEECH.of(chain.box())).toList();
    assertThat(spoken).anySatisfy(text -> assertThat(text).containsPattern(WORD));
    assertThat(spoken).anySatisfy(text -> assertThat(text).containsAnyOf("equals", "is about"));
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void everyFractionAndFenceIsClosedInAMail(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    assertThat(chains(page).map(chain -> PlainText.of(chain.box())))
        .allSatisfy(
            text -> {
              int open = 0;
              for (char sign : text.toCharArray()) {
                open += sign == '(' ? 1 : sign == ')' ? -1 : 0;
                assertThat(open).as(text).isNotNegative();
              }
              assertThat(open).as(text).isZero();
              assertThat(text).doesNotContain("()", "··", "//", "null");
            });
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void whatIsSpokenOfABlankSaysThatItIsOne(Solution solution) {
    Page sheet = ReferenceCases.page(solution, Audience.STUDENT);
    Page full = ReferenceCases.page(solution, Audience.FULL);
    for (var line : sheet.lines()) {
      if (sheet.appearance(line) == Appearance.BLANK) {
        String number = full.shown(line).text();
        String spoken = SPEECH.of(sheet.chain(line).box());
        assertThat(spoken).as(line.toString()).contains("blank");
        if (number.length() > 3) {
          assertThat(spoken).as(line.toString()).doesNotEndWith(" " + number);
        }
      }
    }
  }
}
