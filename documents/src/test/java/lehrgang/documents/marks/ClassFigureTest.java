package lehrgang.documents.marks;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.Marker;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.FigureSpec.FaredBar;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.Demo;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.solutionfile.DemoCourse;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;

/// A class seen at a glance: which steps it lost, and how.
class ClassFigureTest {
  private static final Solution SOLUTION = DemoCourse.open("route-and-season").solution();
  private static final Derivation DERIVATION = Demo.derivation(SOLUTION);

  private static ClassMarks marks() throws Exception {
    AnswersFile answers =
        AnswersFile.read(Path.of("../demo/group-17.csv"), DERIVATION, Wording.english());
    Marker marker = Marker.of(SOLUTION, DERIVATION, answers.lines());
    return new ClassMarks(answers.lines(), answers.marks(marker, Progress.NONE));
  }

  private static FigureSpec.Fared fared(ClassMarks marks) {
    return (FigureSpec.Fared) ClassFigure.of(marks, Page.of(SOLUTION, DERIVATION, Audience.FULL));
  }

  private static int all(FaredBar bar) {
    return bar.counts().stream().mapToInt(Integer::intValue).sum();
  }

  @Test
  void everyAnswerIsInOnePartOfOneBar() throws Exception {
    ClassMarks marks = marks();
    FigureSpec.Fared fared = fared(marks);
    assertThat(fared.bars().stream().mapToInt(ClassFigureTest::all).sum())
        .isEqualTo(marks.sheets().size() * marks.lines().size());
    assertThat(fared.bars())
        .allSatisfy(bar -> assertThat(bar.counts()).hasSameSizeAs(fared.parts()));
    assertThat(fared.bars().stream().map(FaredBar::name))
        .startsWith("Expected count", "Contribution", "Statistic");
  }

  @Test
  void theShareOfRightAnswersIsWhatTheCountsSay() throws Exception {
    for (FaredBar bar : fared(marks()).bars()) {
      long percent = Math.round(100.0 * bar.counts().getFirst() / all(bar));
      assertThat(bar.right()).as(bar.name()).isEqualTo(percent + " %");
    }
  }

  @Test
  void whoDoesNotSeeItHearsIt() throws Exception {
    FigureSpec.Fared fared = fared(marks());
    assertThat(fared.alternative())
        .startsWith("How 62 students fared.")
        .contains("Degrees of freedom 87 %");
    Document svg = Jsoup.parse(FigureFile.svg(fared), "", Parser.xmlParser());
    assertThat(svg.select("title").text()).isEqualTo(fared.alternative());
  }

  /// Bars begin at one line, end at one line, and their parts do not overlap.
  @Test
  void barsAreDrawnFromZeroToAll() throws Exception {
    FigureSpec.Fared fared = fared(marks());
    Document svg = Jsoup.parse(FigureFile.svg(fared), "", Parser.xmlParser());
    List<Double> ends =
        svg.select("rect").stream()
            .filter(rect -> Double.parseDouble(rect.attr("y")) > 20)
            .map(rect -> number(rect.attr("x")) + number(rect.attr("width")))
            .toList();
    double widest = ends.stream().mapToDouble(end -> end).max().orElseThrow();
    assertThat(widest).isLessThan(640);
    assertThat(IntStream.range(0, fared.bars().size()))
        .allSatisfy(
            k -> assertThat(svg.select("text").eachText()).contains(fared.bars().get(k).right()));
  }

  private static double number(String attribute) {
    return Double.parseDouble(attribute);
  }

  @Test
  void aClassWithoutAnswersHasNoShares() {
    FigureSpec.Fared fared = fared(new ClassMarks(List.of(DERIVATION.decision()), List.of()));
    assertThat(fared.bars()).allSatisfy(bar -> assertThat(bar.right()).isEmpty());
    assertThat(FigureFile.pdf(fared)).isNotEmpty();
  }
}
