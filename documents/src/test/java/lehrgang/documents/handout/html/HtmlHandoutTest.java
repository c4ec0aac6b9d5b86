package lehrgang.documents.handout.html;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.Sampled;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.DemoCourse;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/// The sheets that go to a class.
@Sampled
class HtmlHandoutTest {
  private static String html(Audience audience) {
    return HtmlHandout.of(Demo.order(Demo.solution(), audience));
  }

  @ParameterizedTest
  @EnumSource(Audience.class)
  void aSheetIsOneFileThatNeedsNothingElse(Audience audience) {
    assertThat(html(audience))
        .startsWith("<!DOCTYPE html>")
        .doesNotContain("<script", "<link", "@import", "src=")
        .doesNotContainPattern("url\\((?!data:)")
        .contains("<math>", "@media print", "name=\"viewport\"", "font/woff2");
    assertThat(html(Audience.FULL)).contains("<svg ");
  }

  static Stream<Arguments> everySheet() {
    return Demo.some().stream()
        .flatMap(name -> Stream.of(Audience.values()).map(whom -> Arguments.of(name, whom)));
  }

  private static String html(String name, Audience audience) {
    return HtmlHandout.of(Demo.order(DemoCourse.open(name).solution(), audience));
  }

  @ParameterizedTest
  @MethodSource("everySheet")
  void aSheetIsWellFormedAndHasNoEmptyAttributeAndNoEmptyParagraph(String name, Audience audience) {
    String html = html(name, audience);
    Parser parser = Parser.htmlParser().setTrackErrors(10);
    Document sheet = parser.parseInput(html, "");
    assertThat(parser.getErrors()).isEmpty();
    assertThat(sheet.getAllElements())
        .allSatisfy(
            element ->
                assertThat(element.attributes().asList())
                    .allSatisfy(
                        attribute ->
                            assertThat(attribute.getValue()).as(element.tagName()).isNotBlank()));
    assertThat(sheet.select("p, li, caption, h1, h2, summary"))
        .isNotEmpty()
        .allSatisfy(element -> assertThat(element.html()).isNotBlank());
    assertThat(sheet.select("table"))
        .allSatisfy(
            table ->
                assertThat(table.select("tr").stream().map(row -> row.childrenSize()).distinct())
                    .as("columns of each row")
                    .hasSize(1));
    assertThat(html).doesNotContain("\n\n\n", "  </", "null<");
  }

  @Test
  void aLabelThatRunsTheOtherWayStandsByItself() {
    Solution solution =
        Demo.solution()
            .withTable(
                Demo.solution().table().withRowLabel(0, "מסלול האגם").withColumnLabel(1, "قيظ"));
    Document sheet = Jsoup.parse(HtmlHandout.of(Demo.order(solution, Audience.FULL)));
    assertThat(sheet.select("th bdi").eachText())
        .contains("\u2068מסלול האגם\u2069", "\u2068قيظ\u2069");
    assertThat(sheet.select("th").stream().filter(head -> !head.text().isEmpty()))
        .allSatisfy(head -> assertThat(head.select("> bdi")).hasSize(1));
  }

  @Test
  void theSolutionHasEveryStepAndTheVerdict() {
    assertThat(html(Audience.FULL))
        .contains(
            "A closer look",
            "<mfrac>",
            "<mn>46.67</mn>",
            "Chi-squared test of independence: χ²(4, N = 480) = 14.10, p = .007, Cramér’s V = .12",
            "Reject H₀: route and season are associated",
            "E two three equals R two times C three over n");
  }

  @Test
  void theWorksheetHoldsNoAnswerNotEvenUnseen() {
    String sheet = html(Audience.STUDENT);
    assertThat(sheet)
        .contains("class=\"box\"", "Name", "73.33", "Find the others")
        .contains("<td>9.488</td>")
        .doesNotContain("14.10", "0.0070", "46.67", "4.033", "Reject", "--shade:", "\"picked\"");
  }

  @Test
  void theKeySaysWhatIsAcceptedOfEveryBlank() {
    Document key = Jsoup.parse(html(Audience.KEY));
    assertThat(key.select("table.grid .answer").eachText()).contains("14.10", "4");
    assertThat(key.select("table.grid td").eachText()).contains("14.09 to 14.11");
    assertThat(key.text()).contains("The range covers rounding of earlier results");
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
    String html = HtmlHandout.of(Demo.order(nasty, Audience.FULL));
    assertThat(html)
        .doesNotContain("<script>", "<b>route")
        .contains("&lt;script&gt;alert(1)&lt;/script&gt;", "a &amp; &quot;b&quot;");
  }

  private static Document sheet(SheetChoices choices) {
    return Jsoup.parse(
        HtmlHandout.of(Demo.order(Demo.solution().withSheet(choices), Audience.STUDENT)));
  }

  @Test
  void theSheetHasWhatWasChosen() {
    SheetChoices all =
        SheetChoices.usual()
            .withHead("Statistics 1", "Sheet 6", "12 December")
            .withOnly(EnumSet.allOf(With.class));
    Document full = sheet(all);
    assertThat(full.select(".head").text())
        .isEqualTo("Statistics 1 · Sheet 6 · hand in by 12 December Name");
    assertThat(full.select(".printed td").eachText()).contains("9.488");
    assertThat(full.select("h2 .points").eachText()).contains("8 points");
    assertThat(full.select("figure svg")).isNotEmpty();
    assertThat(full.select(".room.grid")).isNotEmpty();
    Document none = sheet(all.withOnly(Set.of()).withRoom(WorkingRoom.NONE));
    assertThat(none.select(".name, .printed, .points, figure, .room")).isEmpty();
    assertThat(none.select(".chain").size()).isLessThan(full.select(".chain").size());
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everyBlankHasItsNumberTheSameAsOnPaper(String demo) {
    Solution solution = DemoCourse.open(demo).solution();
    Solved solved = new Solved(solution, Demo.derivation(solution));
    Document sheet = Jsoup.parse(HtmlHandout.of(Order.of(solved, Audience.STUDENT)));
    Set<Integer> numbers =
        sheet.select(".no").eachText().stream().map(Integer::valueOf).collect(Collectors.toSet());
    assertThat(numbers)
        .containsExactlyInAnyOrderElementsOf(
            IntStream.rangeClosed(1, solved.blanks().count()).boxed().toList());
  }

  static List<String> demos() {
    return Demo.some();
  }
}
