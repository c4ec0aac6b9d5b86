package lehrgang.documents.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Pattern;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// The sheets that go to a class.
class HtmlHandoutTest {
  private static String html(Audience audience) {
    return HtmlHandout.of(Demo.page(audience), audience);
  }

  @ParameterizedTest
  @EnumSource(Audience.class)
  void aSheetIsOneFileThatNeedsNothingElse(Audience audience) {
    assertThat(html(audience))
        .startsWith("<!DOCTYPE html>")
        .doesNotContain("<script", "<link", "@import", "src=", "url(")
        .contains("<math>", "<svg ", "@media print", "name=\"viewport\"");
  }

  @ParameterizedTest
  @EnumSource(Audience.class)
  void noGapOfTheTemplateIsLeftOpenAndEveryTagIsClosed(Audience audience) {
    String html = html(audience);
    assertThat(html).doesNotContain("{{", "}}", "null");
    for (String tag :
        new String[] {"table", "section", "math", "svg", "div", "details", "p", "tr"}) {
      assertThat(count(html, "<" + tag + "[ >]")).as(tag).isEqualTo(count(html, "</" + tag + ">"));
    }
  }

  private static long count(String text, String pattern) {
    return Pattern.compile(pattern).matcher(text).results().count();
  }

  @Test
  void theSolutionHasEveryStepAndTheVerdict() {
    assertThat(html(Audience.FULL))
        .contains(
            "A closer look",
            "<mfrac>",
            "<mn>46.67</mn>",
            "χ²(4, N = 480) = 14.10, p = .007, V = .12",
            "Reject H₀: route and season are related",
            "E two three equals R two times C three over n");
  }

  @Test
  void theWorksheetHoldsNoAnswerNotEvenUnseen() {
    String sheet = html(Audience.STUDENT);
    assertThat(sheet)
        .contains("class=\"blank\"", "Name", "73.33", "Fill in the others")
        .contains("<td class=\"\">9.488</td>")
        .doesNotContain("14.10", "0.0070", "46.67", "4.033", "Reject", "--tint:0", "\"picked\"");
  }

  @Test
  void theKeyMarksItsAnswers() {
    assertThat(html(Audience.KEY)).contains("class=\"answer", ">14.10<", "9.488");
  }

  @Test
  void labelsAreTextWhateverTheyHold() {
    Solution nasty =
        Demo.solution()
            .withTable(
                Demo.solution()
                    .table()
                    .withRowLabel(0, "<script>alert(1)</script>")
                    .withColumnLabel(0, "a & \"b\" {{c}}")
                    .withVariables("<b>route</b>", "season"));
    String html = HtmlHandout.of(Demo.page(nasty, Audience.FULL), Audience.FULL);
    assertThat(html)
        .doesNotContain("<script>", "<b>route")
        .contains("&lt;script&gt;alert(1)&lt;/script&gt;", "a &amp; &quot;b&quot;");
  }
}
