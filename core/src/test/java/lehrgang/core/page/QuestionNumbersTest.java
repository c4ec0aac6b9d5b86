package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/// The numbers in a question follow the data.
class QuestionNumbersTest {
  private static Solution asking(String text) {
    return ReferenceCases.solution(ReferenceCases.trailRegister())
        .withQuestion(new Question("{n} entries", text, "register"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{n} entries were drawn.|480 entries were drawn.",
        "Of {R[2]} on the path {O[2,3]} came in autumn.|Of 160 on the path 58 came in autumn.",
        "Braces {of one's own} and {nothing} stay.|Braces {of one's own} and {nothing} stay.",
        "No gap at all, 5 $ each.|No gap at all, 5 $ each."
      })
  void aLineInBracesIsItsNumber(String typed, String read) {
    Page page = ReferenceCases.page(asking(typed), Audience.FULL);
    assertThat(page.question().text()).isEqualTo(read);
    assertThat(page.question().title()).isEqualTo("480 entries");
    assertThat(page.steps().getFirst().blocks())
        .contains(new PageBlock.QuestionText(page.question()));
  }

  @Test
  void itFollowsAnotherCount() {
    Solution solution = asking("{n} entries");
    Solution changed = solution.withTable(solution.table().withCell(0, 0, "141"));
    assertThat(ReferenceCases.page(changed, Audience.FULL).question().text())
        .isEqualTo("580 entries");
  }

  /// Students are not told what they are to find.
  @ParameterizedTest
  @EnumSource(names = {"STUDENT", "FULL"})
  void aNumberThatIsToBeFoundIsNotTold(Audience audience) {
    Page page = ReferenceCases.page(asking("The statistic is {X2}, n is {n}."), audience);
    boolean told = page.appearance(LineId.of("X2")) == Appearance.SHOWN;
    assertThat(page.question().text())
        .isEqualTo(told ? "The statistic is 14.10, n is 480." : "The statistic is …, n is 480.");
    assertThat(told).isEqualTo(audience == Audience.FULL);
  }
}
