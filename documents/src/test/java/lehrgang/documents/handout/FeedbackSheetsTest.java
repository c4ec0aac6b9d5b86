package lehrgang.documents.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.Sampled;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Answer;
import lehrgang.core.marking.AnswerReader;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.MarkingRules.Ruling;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What students are told of their answers.
@Sampled
class FeedbackSheetsTest {
  private static final Solution ROUTES = DemoCourse.open("route-and-season").solution();

  @TempDir private Path folder;

  private static Derivation derivation(Solution solution) {
    return ReferenceCases.derive(solution);
  }

  private static FeedbackSheets feedback(Solution solution) {
    return new FeedbackSheets(new Solved(solution, derivation(solution)));
  }

  /// A sheet with answers such as `df=8`, in their order.
  private static SheetMarks marks(Solution solution, String student, String... answers) {
    AnswerReader reader = new AnswerReader(Wording.english(), NumberStyle.POINT);
    Derivation derivation = derivation(solution);
    Map<LineId, Answer> read = new LinkedHashMap<>();
    for (String answer : answers) {
      LineId line = LineId.parse(answer.substring(0, answer.indexOf('='))).orElseThrow();
      read.put(
          line,
          reader.read(answer.substring(answer.indexOf('=') + 1), derivation.line(line).kind()));
    }
    return Marker.of(solution, derivation, List.copyOf(read.keySet())).mark(student, read);
  }

  private static Document page(Solution solution, SheetMarks... sheets) {
    byte[] page = feedback(solution).make(List.of(sheets), Form.WEB_PAGE);
    return Jsoup.parse(new String(page, StandardCharsets.UTF_8));
  }

  @Test
  void aSlipIsSaidOnceAndWhatFollowsIsNotHeldAgainstTheStudent() {
    SheetMarks sheet = marks(ROUTES, "17-226", "X2=14.10", "df=8", "crit=15.507", "p=0.0793");
    Document page = page(ROUTES, sheet);
    assertThat(page.select("p").eachText())
        .contains("17-226: 3 of 4 points")
        .anyMatch(
            text ->
                text.endsWith(
                    "correct from your own earlier numbers, and credited: Critical value,"
                        + " p-value."));
    assertThat(page.select("li").eachText())
        .singleElement()
        .asString()
        .startsWith("Degrees of freedom: You subtracted 1 from the number of cells.");
    assertThat(page.select("td.answer").eachText()).containsExactly("8");
    assertThat(page.select("tbody tr").eachText())
        .anyMatch(row -> row.equals("Degrees of freedom 8 4 see below 0 of 1"));
  }

  @Test
  void aFamilyThatIsAllRightTakesOneLineAndAnotherEveryOneOfItsPlaces() {
    Document right = page(ROUTES, marks(ROUTES, "a", "E[1,1]=30", "E[1,2]=55", "E[1,3]=35"));
    assertThat(right.select("tbody tr").eachText())
        .containsExactly("Expected count all 3 right 3 of 3");
    Document wrong = page(ROUTES, marks(ROUTES, "a", "E[1,1]=30", "E[1,2]=56", "E[1,3]="));
    assertThat(wrong.select("tbody tr").eachText())
        .containsExactly(
            "Expected count",
            "Lake loop, Spring 30 30.00 right 1 of 1",
            "Lake loop, Summer 56 55.00 not right 0 of 1",
            "Lake loop, Autumn 35.00 no answer 0 of 1");
  }

  @Test
  void theInstructorsPointsAndWordsAreOnIt() {
    MarkingRules rules =
        MarkingRules.usual()
            .withByHand("conclusion", Optional.of(BigDecimal.TWO))
            .withRemark("a", "Ask <me> about df & more.")
            .withRuling(
                "a",
                "conclusion",
                Optional.of(new Ruling(Optional.empty(), Optional.of(BigDecimal.ONE))));
    Solution solution = ROUTES.withMarking(rules);
    Document page = page(solution, marks(solution, "a", "df=4"), marks(solution, "b", "df=4"));
    assertThat(page.text())
        .contains(
            "a: 2 of 3 points", "Conclusion marked by hand 1 of 2", "Ask <me> about df & more.")
        .contains("b: 1 of 3 points", "Conclusion marked by hand of 2")
        .containsOnlyOnce("Remark:");
  }

  @Test
  void pointsFollowTheLanguageOfTheSolution() throws Exception {
    MarkingRules rules =
        MarkingRules.usual()
            .withRuling(
                "a",
                "df",
                Optional.of(new Ruling(Optional.empty(), Optional.of(new BigDecimal("0.5")))));
    String text = SolutionFile.fresh(ROUTES.withMarking(rules)).text();
    Solution german =
        SolutionFile.parse(text.replace("\"language\": \"en\"", "\"language\": \"de\""), "x")
            .solution();
    assertThat(page(german, marks(german, "a", "df=4")).text())
        .contains("0,5")
        .doesNotContain("0.5");
  }

  static Stream<String> demos() {
    return Demo.some().stream();
  }

  /// Whatever the procedure: every lost answer has its verdict, every slip its sentence, and PDF
  /// and web page say the same.
  @ParameterizedTest
  @MethodSource("demos")
  void everySlipThatIsNamedIsExplained(String name) throws Exception {
    Solution solution = DemoCourse.open(name).solution();
    Derivation derivation = derivation(solution);
    List<LineId> asked = new Solved(solution, derivation).blanks().lines();
    List<String> answers = new ArrayList<>();
    for (LineId line : asked) {
      derivation
          .exact()
          .find(line)
          .ifPresent(value -> answers.add(line + "=" + (value.asDouble() * 10 + 1)));
    }
    SheetMarks sheet = marks(solution, "x", answers.toArray(String[]::new));
    Document page = page(solution, sheet);
    SlipTexts texts = new SlipTexts(solution, derivation);
    for (Mark mark : sheet.marks()) {
      for (String slip : mark.slips()) {
        assertThat(page.text()).contains(texts.sentence(slip, mark).replaceAll("\\s+", " "));
      }
    }
    assertThat(sheet.marks()).anyMatch(mark -> mark.verdict() != Judgement.RIGHT);
    assertThat(page.text()).doesNotContain("{", "null");
    byte[] pdf = feedback(solution).make(List.of(sheet, sheet), Form.PDF);
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isGreaterThanOrEqualTo(2);
      String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
      for (String said : page.select("li").eachText()) {
        assertThat(text.replaceAll("[^\\p{L}]", "")).contains(said.replaceAll("[^\\p{L}]", ""));
      }
    }
  }

  /// Students called alike, or by what is no name for a file, each get a file in the folder.
  @Test
  void everyoneGetsAFileInTheFolder() throws Exception {
    List<SheetMarks> sheets = new ArrayList<>();
    for (String student :
        List.of("17-226", "../../etc", "a b", "A/b", "everyone", "…", "ä".repeat(300))) {
      sheets.add(marks(ROUTES, student, "df=4"));
    }
    List<Integer> told = new ArrayList<>();
    Path inside = Files.createDirectory(folder.resolve("feedback"));
    feedback(ROUTES).write(sheets, inside, Progress.counting(7, told::add));
    assertThat(told).containsExactly(1, 2, 3, 4, 5, 6, 7);
    try (Stream<Path> all = Files.list(inside)) {
      assertThat(all.map(path -> path.getFileName().toString()))
          .hasSize(2 * (sheets.size() + 1))
          .contains(
              "17-226.pdf", "etc.html", "a-b.pdf", "A-b-2.pdf", "everyone.pdf", "everyone-2.pdf");
    }
    try (Stream<Path> all = Files.list(folder)) {
      assertThat(all).hasSize(1);
    }
  }
}
