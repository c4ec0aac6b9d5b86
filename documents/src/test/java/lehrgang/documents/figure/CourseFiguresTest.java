package lehrgang.documents.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import lehrgang.core.Sampled;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.xml.sax.InputSource;

/// The figures of every procedure: nothing hangs out, nothing misleads, and the words say the
/// numbers.
@Sampled
class CourseFiguresTest {
  private static final double WIDTH = 640;

  private static List<FigureSpec> figures(Solution solution) {
    Procedure.Settled settled = Procedures.workAtOnce(solution);
    Page page = Page.of(solution, ((Procedure.Derived) settled).derivation(), Audience.FULL);
    return page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .flatMap(CourseFiguresTest::figure)
        .toList();
  }

  private static Stream<FigureSpec> figure(PageBlock block) {
    return switch (block) {
      case PageBlock.Figure(var spec) -> Stream.of(spec);
      case PageBlock.Outcomes outcomes -> outcomes.figure().stream();
      default -> Stream.empty();
    };
  }

  private static List<FigureSpec> figures(String demo) {
    return figures(DemoCourse.open(demo).solution());
  }

  private static <T extends FigureSpec> T one(String demo, Class<T> kind) {
    return figures(demo).stream()
        .filter(kind::isInstance)
        .map(kind::cast)
        .findFirst()
        .orElseThrow();
  }

  static Stream<FigureSpec> all() {
    return Demo.some().stream().flatMap(name -> figures(name).stream());
  }

  @ParameterizedTest
  @MethodSource("all")
  void everyShapeLiesInsideThePictureAndEveryLabelToo(FigureSpec figure) {
    Drawing drawing = Draughtsman.draw(figure, WIDTH);
    assertThat(drawing.shapes())
        .allSatisfy(
            shape -> {
              switch (shape) {
                case Drawing.Polyline line ->
                    assertThat(line.points()).allMatch(point -> inside(point, drawing));
                case Drawing.Area area ->
                    assertThat(area.points()).allMatch(point -> inside(point, drawing));
                case Drawing.Bar bar -> {
                  assertThat(bar.x()).isBetween(-1.0, WIDTH);
                  assertThat(bar.x() + bar.width()).isLessThanOrEqualTo(WIDTH + 1);
                  assertThat(bar.y() + bar.height()).isLessThanOrEqualTo(drawing.height());
                }
                case Drawing.Label label -> {
                  double width = Drawing.widthOf(label.text(), label.size());
                  double left =
                      switch (label.anchor()) {
                        case START -> label.x();
                        case MIDDLE -> label.x() - width / 2;
                        case END -> label.x() - width;
                      };
                  assertThat(left).as(label.text()).isGreaterThan(-14);
                  assertThat(left + width).as(label.text()).isLessThan(WIDTH + 14);
                }
              }
            });
  }

  private static boolean inside(Drawing.Point point, Drawing drawing) {
    return point.x() >= -1
        && point.x() <= WIDTH + 1
        && point.y() >= -1
        && point.y() <= drawing.height() + 1;
  }

  @ParameterizedTest
  @MethodSource("all")
  void theWordsForThoseWhoDoNotSeeItHoldItsNumbers(FigureSpec figure) throws Exception {
    assertThat(figure.alternative()).containsPattern("[0-9]").doesNotContain("{", "}");
    String svg = Svg.of(Draughtsman.draw(figure, WIDTH));
    var document =
        DocumentBuilderFactory.newDefaultInstance()
            .newDocumentBuilder()
            .parse(new InputSource(new StringReader(svg)));
    assertThat(document.getDocumentElement().getAttribute("role")).isEqualTo("img");
  }

  @Test
  void probabilitiesAreBarsFromZeroAndTheSummedOnesAreFilled() {
    FigureSpec.Outcomes outcomes = one("nest-boxes", FigureSpec.Outcomes.class);
    List<Drawing.Bar> bars =
        Draughtsman.draw(outcomes, WIDTH).shapes().stream()
            .filter(Drawing.Bar.class::isInstance)
            .map(Drawing.Bar.class::cast)
            .filter(bar -> bar.line().isPresent())
            .toList();
    Drawing.Bar tallest =
        bars.stream().reduce((a, b) -> a.height() > b.height() ? a : b).orElseThrow();
    double most =
        outcomes.bars().stream().mapToDouble(bar -> bar.probability().at()).max().orElseThrow();
    for (FigureSpec.OutcomeBar bar : outcomes.bars()) {
      bars.stream()
          .filter(shape -> shape.line().filter(bar.probability().line()::equals).isPresent())
          .findFirst()
          .ifPresent(
              shape -> {
                double wanted = tallest.height() * bar.probability().at() / most;
                assertThat(shape.height()).isCloseTo(wanted, within(0.9));
                assertThat(shape.filling() == Drawing.Filling.FILLED)
                    .isEqualTo(bar.share() == PageBlock.Share.SUMMED);
              });
    }
  }

  @Test
  void aTwoSidedTestShadesBothTailsAndAOneSidedOne() {
    Solution two = DemoCourse.open("map-and-dark").solution();
    for (String side : List.of("two-sided", "less", "greater")) {
      FigureSpec curve =
          figures(two.withChoices(two.choices().withOption("alternative", side))).stream()
              .filter(FigureSpec.NormalCurve.class::isInstance)
              .findFirst()
              .orElseThrow();
      long regions =
          Draughtsman.draw(curve, WIDTH).shapes().stream()
              .filter(
                  shape -> shape instanceof Drawing.Area area && area.ink() == Ink.REJECTION_SOFT)
              .count();
      assertThat(regions).as(side).isEqualTo(side.equals("two-sided") ? 2 : 1);
    }
  }

  @Test
  void aStatisticFarOutOnEitherSideGetsItsTailEnlarged() {
    Solution gate = DemoCourse.open("deer-gate").solution();
    for (String count : List.of("20", "229")) {
      Solution extreme =
          gate.withTable(gate.table().withCell(0, 0, count))
              .withChoices(gate.choices().withTyped("claimed", "0.5"));
      FigureSpec curve =
          figures(extreme).stream()
              .filter(FigureSpec.NormalCurve.class::isInstance)
              .findFirst()
              .orElseThrow();
      assertThat(Draughtsman.draw(curve, WIDTH).shapes())
          .anyMatch(
              shape -> shape instanceof Drawing.Label label && label.text().contains("enlarged"));
    }
  }

  @Test
  void intervalsStandOnAScaleThatBeginsAtZero() {
    FigureSpec.Intervals intervals = one("map-and-dark", FigureSpec.Intervals.class);
    Drawing drawing = Draughtsman.draw(intervals, WIDTH);
    assertThat(drawing.shapes())
        .anyMatch(shape -> shape instanceof Drawing.Label label && label.text().equals("0"));
    FigureSpec.IntervalBar first = intervals.bars().getFirst();
    assertThat(first.low().at()).isLessThan(first.at().at());
    assertThat(first.at().at()).isLessThan(first.high().at());
    assertThat(intervals.alternative()).contains(first.name(), first.low().label());
  }

  /// A difference may be a fall: the scale goes as far to the left as it does, and 0 stays on it.
  @Test
  void anIntervalBelowZeroKeepsZeroOnItsScale() {
    FigureSpec.Intervals falls =
        new FigureSpec.Intervals(
            List.of(new FigureSpec.IntervalBar("difference", at(-0.2), at(-0.35), at(-0.05))),
            Optional.of(at(0)),
            "");
    List<Drawing.Label> labels =
        Draughtsman.draw(falls, WIDTH).shapes().stream()
            .filter(Drawing.Label.class::isInstance)
            .map(Drawing.Label.class::cast)
            .toList();
    assertThat(labels).extracting(Drawing.Label::text).contains("0", "−0.4");
    double zero = labels.stream().filter(l -> l.text().equals("0")).findFirst().get().x();
    double least = labels.stream().filter(l -> l.text().equals("−0.4")).findFirst().get().x();
    assertThat(least).isLessThan(zero);
  }

  private static FigureSpec.Mark at(double place) {
    return new FigureSpec.Mark(LineId.of("diff"), place, Double.toString(place));
  }

  @Test
  void theHistogramHoldsEveryTableAndColoursThoseAsFarOut() {
    FigureSpec.Histogram histogram = one("orchid-meadows", FigureSpec.Histogram.class);
    assertThat(histogram.bins().stream().mapToInt(bin -> bin.count()).sum()).isEqualTo(9999);
    List<Drawing.Shape> shapes = Draughtsman.draw(histogram, WIDTH).shapes();
    assertThat(shapes)
        .anyMatch(shape -> shape instanceof Drawing.Bar bar && bar.ink() == Ink.REJECTION)
        .anyMatch(shape -> shape instanceof Drawing.Bar bar && bar.ink() == Ink.SOFT);
  }

  @Test
  void theCategoriesOfOneVariableStandBesideEachOther() {
    FigureSpec.Paired paired = one("bunk-rooms", FigureSpec.Paired.class);
    assertThat(paired.pairs()).allMatch(pair -> pair.row().isEmpty());
    assertThat(paired.alternative()).contains("Kestrel 44 and 40.00").doesNotContain(", Kestrel");
  }
}
