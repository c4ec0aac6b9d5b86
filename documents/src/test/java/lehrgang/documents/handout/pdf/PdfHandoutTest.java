package lehrgang.documents.handout.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import lehrgang.core.Sampled;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.PaperSize;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.paper.PdfReader;
import lehrgang.documents.paper.PdfReader.Tag;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@Sampled
class PdfHandoutTest {
  private static final Pattern SPACES = Pattern.compile("[\\s\u2002\u2009\u00a0]+");

  static List<String> demos() {
    return Demo.some();
  }

  private static Solved solved(String demo) {
    return solved(DemoCourse.open(demo).solution());
  }

  private static Solved solved(Solution solution) {
    return new Solved(solution, Demo.derivation(solution));
  }

  private static PdfReader pdf(Solved solved, Audience audience) {
    return PdfReader.of(PdfHandout.of(Order.of(solved, audience)));
  }

  private static PdfReader sheet(SheetChoices choices) {
    Solution solution = DemoCourse.open("route-and-season").solution();
    return pdf(solved(solution.withSheet(choices)), Audience.STUDENT);
  }

  private static String bare(String text) {
    return SPACES.matcher(text).replaceAll("");
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everySentenceCanBeFoundInIt(String demo) {
    Solved solved = solved(demo);
    String text = bare(pdf(solved, Audience.FULL).text());
    Page page = solved.page(Audience.FULL);
    assertThat(text).contains(bare(page.question().title())).contains(bare(page.verdictSentence()));
    for (PageStep step : page.steps()) {
      assertThat(text).contains(bare(step.number() + step.title()));
      for (PageBlock block : step.blocks()) {
        if (block instanceof PageBlock.Paragraph(_, var spans)
            && spans.stream().noneMatch(Span.Formula.class::isInstance)) {
          assertThat(text).contains(bare(Span.plain(spans)));
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void whoeverListensHearsEveryWorkingAndFigure(String demo) {
    Solved solved = solved(demo);
    Page page = solved.page(Audience.FULL);
    List<Tag> tags = pdf(solved, Audience.FULL).tags();
    List<String> spoken =
        tags.stream().filter(tag -> tag.type().equals("Formula")).map(Tag::alternative).toList();
    long figures = 0;
    for (PageStep step : page.steps()) {
      for (PageBlock block : step.blocks()) {
        if (block instanceof PageBlock.Worked worked) {
          assertThat(spoken).contains(Wording.english().speech().of(worked.chain().box()));
        }
        figures += block instanceof PageBlock.Figure ? 1 : 0;
      }
    }
    assertThat(tags.stream().filter(tag -> tag.type().equals("Figure")))
        .hasSizeGreaterThanOrEqualTo((int) figures)
        .allSatisfy(figure -> assertThat(figure.alternative()).isNotBlank());
    assertThat(tags.stream().filter(tag -> tag.type().equals("H2"))).hasSize(page.steps().size());
    assertThat(tags.getFirst().type()).isEqualTo("Document");
  }

  @ParameterizedTest
  @MethodSource("demos")
  void allFontsTravelWithItAndAllTextIsMarked(String demo) {
    for (Audience audience : Audience.values()) {
      PdfReader pdf = pdf(solved(demo), audience);
      assertThat(pdf.foreignFonts()).isEmpty();
      assertThat(pdf.language()).isEqualTo("en");
      assertThat(pdf.title()).isEqualTo(solved(demo).title());
      assertThat(pdf.markedLetters()).isGreaterThanOrEqualTo(bare(pdf.text()).length() - 40);
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void noPageEndsWithAHeading(String demo) {
    Page page = solved(demo).page(Audience.STUDENT);
    Set<String> leads = new HashSet<>();
    for (PageStep step : page.steps()) {
      leads.add(bare(step.number() + step.title()));
    }
    for (String each : pdf(solved(demo), Audience.STUDENT).pages()) {
      List<String> lines = each.lines().filter(line -> !line.isBlank()).toList();
      // The last line of all is in the margin.
      String last = bare(lines.get(Math.max(0, lines.size() - 2))).replaceAll("[0-9]+points?$", "");
      assertThat(leads).doesNotContain(last);
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void theSheetTellsNoAnswerThatItsKeyHas(String demo) {
    Solved solved = solved(demo);
    Page student = solved.page(Audience.STUDENT);
    Page key = solved.page(Audience.KEY);
    SheetChoices bareSheet = SheetChoices.usual().withOnly(Set.of());
    Solved plain = solved(solved.solution().withSheet(bareSheet));
    String sheet = pdf(plain, Audience.STUDENT).text();
    Set<String> told = new HashSet<>(Arrays.asList(sheet.split("[^0-9.]+")));
    Set<String> given = new HashSet<>();
    student.lines().stream()
        .filter(line -> student.appearance(line) == Appearance.SHOWN)
        .forEach(line -> given.add(student.shown(line).text()));
    String answers = pdf(solved, Audience.KEY).text();
    for (var line : Blanks.of(student).lines()) {
      String answer = key.shown(line).text().replace("−", "");
      boolean telling = answer.matches("[0-9]+\\.[0-9]{2,}") && !given.contains(answer);
      if (telling) {
        assertThat(told).as("%s of %s", answer, line).doesNotContain(answer);
        assertThat(bare(answers)).contains(answer);
      }
    }
  }

  @Test
  void theHeadSaysWhatTheInstructorChose() {
    PdfReader sheet =
        sheet(SheetChoices.usual().withHead("Statistics 1, group 17", "Sheet 6", "12 December"));
    assertThat(sheet.text())
        .contains("Statistics 1, group 17 · Sheet 6 · hand in by 12 December")
        .contains("Name")
        .contains("page 1 of " + sheet.pages().size());
  }

  @Test
  void whatIsTakenOffTheSheetIsNotOnIt() {
    SheetChoices all = SheetChoices.usual().withOnly(EnumSet.allOf(With.class));
    String full = sheet(all).text();
    String none = sheet(all.withOnly(Set.of())).text();
    assertThat(full).contains("Name", "points", "18.467");
    assertThat(none).doesNotContain("Name").doesNotContain("points").doesNotContain("18.467");
    List<Tag> withHints = sheet(all).tags();
    List<Tag> withoutHints = sheet(all.withOnly(Set.of())).tags();
    assertThat(withHints.stream().filter(tag -> tag.type().equals("Formula")).count())
        .isGreaterThan(withoutHints.stream().filter(tag -> tag.type().equals("Formula")).count());
    assertThat(withHints).anyMatch(tag -> tag.type().equals("Figure"));
    assertThat(withoutHints).noneMatch(tag -> tag.type().equals("Figure"));
  }

  @Test
  void thePaperIsWhatWasChosen() {
    assertThat(sheet(SheetChoices.usual().on(PaperSize.LETTER)).width()).isEqualTo(612);
    assertThat(sheet(SheetChoices.usual()).width()).isBetween(595.0, 596.0);
  }

  @Test
  void roomForWorkingTakesRoom() {
    SheetChoices none = SheetChoices.usual().withRoom(WorkingRoom.NONE);
    assertThat(sheet(none).pages().size()).isLessThan(sheet(SheetChoices.usual()).pages().size());
  }

  @Test
  void severalSolutionsMakeOneProblemSet() {
    Order set =
        new Order(
            List.of(solved("route-and-season"), solved("map-and-dark"), solved("bunk-rooms")),
            Audience.STUDENT,
            SheetChoices.usual());
    PdfReader pdf = PdfReader.of(PdfHandout.of(set));
    String text = pdf.text();
    assertThat(bare(text))
        .contains(bare("1" + solved("route-and-season").title()))
        .contains(bare("3" + solved("bunk-rooms").title()));
    assertThat(text.split("Name ", -1)).hasSizeLessThanOrEqualTo(2);
    assertThat(text.split("Chi-squared distribution: values", -1)).hasSize(2);
  }

  @Test
  void theSameOrderGivesTheSameBytes() {
    Order order = Order.of(solved("bunk-rooms"), Audience.KEY);
    assertThat(PdfHandout.of(order)).isEqualTo(PdfHandout.of(order));
  }
}
