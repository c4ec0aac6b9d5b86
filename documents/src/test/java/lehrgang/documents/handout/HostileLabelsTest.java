package lehrgang.documents.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.paper.PdfReader;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Whatever a label holds, it is a label in every form.
@Sampled
class HostileLabelsTest {
  private static final List<String> CORPUS =
      List.of(
          "<script>alert(1)</script>",
          "<img src=x onerror=alert(1)>",
          "\\input{/etc/passwd} $\\alpha$ % & # _ {",
          "=1+2",
          "| a | b |",
          "[link](https://example.org)",
          "]]> <!-- -->",
          "w".repeat(200),
          "many words ".repeat(18).strip(),
          "מסלול האגם",
          "مسار البحيرة",
          "山の道 🥾",
          "a\u0000b\u0007c\u001b[31m",
          "left \u202e right \u2066 apart",
          "e\u0301 e\u0302 é");

  private static Solution labelled(String label) {
    Question question = new Question(label, label + "\n\n" + label, label);
    return Demo.solution()
        .withQuestion(question)
        .withTable(
            Demo.solution()
                .table()
                .withVariables(label, "season")
                .withRowLabel(0, label)
                .withColumnLabel(1, label));
  }

  static Stream<Arguments> everyForm() {
    return corpus().stream()
        .flatMap(label -> Stream.of(Form.values()).map(form -> Arguments.of(label, form)));
  }

  @ParameterizedTest
  @MethodSource("everyForm")
  void aSheetIsMadeWithIt(String label, Form form) {
    for (Audience audience : Audience.values()) {
      assertThat(form.make(Demo.order(labelled(label), audience), "sheet").content())
          .hasSizeGreaterThan(1000);
    }
  }

  static List<Form> someForms() {
    return Extent.of("large", 2, List.of(Form.values()));
  }

  static List<String> corpus() {
    return Extent.of("labels", 2, CORPUS);
  }

  @ParameterizedTest
  @MethodSource("corpus")
  void aWebPageHasNoElementFromIt(String label) {
    Order order = Demo.order(labelled(label), Audience.FULL);
    String html = new String(Form.WEB_PAGE.make(order, "sheet").content(), StandardCharsets.UTF_8);
    Document page = Jsoup.parse(html);
    assertThat(page.select("script, img, iframe, a, object, [onerror], [href]")).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("corpus")
  void aPdfCarriesAllItsFontsAndItsTags(String label) {
    Order order = Demo.order(labelled(label), Audience.FULL);
    PdfReader pdf = PdfReader.of(Form.PDF.make(order, "sheet").content());
    assertThat(pdf.foreignFonts()).isEmpty();
    assertThat(pdf.tags()).anyMatch(tag -> tag.type().equals("H1"));
    assertThat(pdf.text()).contains("Gorge path", "46.67");
  }

  @ParameterizedTest
  @MethodSource("someForms")
  void aTableTooLargeForAPageIsHandedOutAllTheSame(Form form) {
    Solution large = Demo.solution().withTable(Demo.square(20));
    assertThat(form.make(Demo.order(large, Audience.STUDENT), "sheet").content())
        .hasSizeGreaterThan(1000);
  }
}
