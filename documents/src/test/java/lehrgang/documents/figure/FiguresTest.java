package lehrgang.documents.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.TableEntry;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.documents.Demo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.xml.sax.InputSource;

/// Figures, from their numbers to their shapes.
class FiguresTest {
  private static List<FigureSpec> figures(Page page) {
    return page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .filter(PageBlock.Figure.class::isInstance)
        .map(block -> ((PageBlock.Figure) block).spec())
        .toList();
  }

  private static TableEntry farOut() {
    return new TableEntry(
        "path",
        "sign",
        List.of("kept", "left"),
        List.of("new", "old"),
        List.of(List.of("900", "12"), List.of("31", "877")));
  }

  private static TableEntry large() {
    List<String> rows =
        IntStream.range(0, 12).mapToObj(i -> "a route with a rather long name " + i).toList();
    List<String> columns = IntStream.range(0, 8).mapToObj(j -> "week " + j).toList();
    return new TableEntry(
        "route",
        "week",
        rows,
        columns,
        IntStream.range(0, 12)
            .mapToObj(
                i -> IntStream.range(0, 8).mapToObj(j -> Integer.toString(5 + i * j)).toList())
            .toList());
  }

  static Stream<FigureSpec> all() {
    return Stream.concat(
            Stream.of(Demo.page(Audience.FULL), Demo.page(farOut()), Demo.page(large())),
            furtherAndFurtherOut())
        .flatMap(page -> figures(page).stream());
  }

  /// Statistics as large as the counts that can be typed make them.
  private static Stream<Page> furtherAndFurtherOut() {
    return LongStream.of(100, 5_000, 7_000, 25_000, 1_000_000, 1_000_000_000_000L)
        .boxed()
        .flatMap(
            many ->
                Stream.of(
                    ReferenceCases.solution(
                        ReferenceCases.table(List.of(List.of(many, 0L), List.of(0L, many)))),
                    ReferenceCases.solution(
                        ReferenceCases.table(
                            List.of(
                                List.of(many, 1L, 2L),
                                List.of(3L, many, 1L),
                                List.of(1L, 2L, many)))),
                    ReferenceCases.solution(
                        "two-proportions",
                        ReferenceCases.shares(List.of(List.of(many - 1, many), List.of(1L, many)))),
                    ReferenceCases.solution(
                        "one-proportion", ReferenceCases.shares(List.of(List.of(many - 1, many))))))
        .map(solution -> Demo.page(solution, Audience.FULL));
  }

  /// No program reads a coordinate that is no number.
  @ParameterizedTest
  @MethodSource("all")
  void everyFormHasNumbersForCoordinates(FigureSpec figure) {
    assertThat(Svg.standalone(Draughtsman.draw(figure, 640))).doesNotContain("NaN", "Infinity");
    assertThat(FigureFile.pdf(figure)).hasSizeGreaterThan(1000);
  }

  @ParameterizedTest
  @MethodSource("all")
  void nothingLeavesTheFigure(FigureSpec figure) {
    Drawing drawing = Draughtsman.draw(figure, 634);
    for (Drawing.Shape shape : drawing.shapes()) {
      switch (shape) {
        case Drawing.Polyline(var points, _, _, _, _) -> assertInside(points, drawing);
        case Drawing.Area(var points, _, _) -> assertInside(points, drawing);
        case Drawing.Bar bar -> {
          assertThat(bar.height()).isNotNegative();
          assertThat(bar.x() + bar.width()).isLessThanOrEqualTo(drawing.width());
        }
        case Drawing.Label label -> {
          double width = Drawing.widthOf(label.text(), label.size());
          double left =
              switch (label.anchor()) {
                case START -> label.x();
                case MIDDLE -> label.x() - width / 2;
                case END -> label.x() - width;
              };
          assertThat(left).as(label.text()).isGreaterThanOrEqualTo(-4);
          assertThat(left + width).as(label.text()).isLessThanOrEqualTo(drawing.width() + 4);
        }
      }
    }
  }

  private static void assertInside(List<Drawing.Point> points, Drawing drawing) {
    assertThat(points)
        .allSatisfy(
            point -> {
              assertThat(point.x()).isBetween(-0.5, drawing.width() + 0.5);
              assertThat(point.y()).isBetween(-0.5, drawing.height() + 0.5);
            });
  }

  @ParameterizedTest
  @MethodSource("all")
  void svgIsWellFormedAndSpeaks(FigureSpec figure) throws Exception {
    String svg = Svg.of(Draughtsman.draw(figure, 640));
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
    var root =
        factory
            .newDocumentBuilder()
            .parse(new InputSource(new StringReader(svg)))
            .getDocumentElement();
    assertThat(root.getAttribute("aria-label")).isNotBlank();
    assertThat(root.getAttribute("viewBox")).startsWith("0 0 640 ");
  }

  @Test
  void barsStartAtZeroAndTheirLengthsAreInProportion() {
    FigureSpec.Paired paired =
        figures(Demo.page(Audience.FULL)).stream()
            .filter(FigureSpec.Paired.class::isInstance)
            .map(FigureSpec.Paired.class::cast)
            .findFirst()
            .orElseThrow();
    List<Drawing.Bar> bars =
        Draughtsman.draw(paired, 634).shapes().stream()
            .filter(Drawing.Bar.class::isInstance)
            .map(Drawing.Bar.class::cast)
            .filter(bar -> bar.line().isPresent())
            .toList();
    assertThat(bars).hasSize(18);
    double scale = bars.getFirst().height() / 41;
    assertThat(bars.get(1).height()).isCloseTo(30 * scale, within(1e-9));
    double base = bars.getFirst().y() + bars.getFirst().height();
    assertThat(bars.get(2).y() + bars.get(2).height()).isEqualTo(base);
  }

  @Test
  void aStatisticFarOutIsShownInAnInset() {
    FigureSpec.Curve far = (FigureSpec.Curve) figures(Demo.page(farOut())).getFirst();
    assertThat(Svg.of(Draughtsman.draw(far, 634))).contains("the tail, enlarged", "1652.78");
    FigureSpec.Curve near = (FigureSpec.Curve) figures(Demo.page(Audience.FULL)).getFirst();
    assertThat(Svg.of(Draughtsman.draw(near, 634)))
        .doesNotContain("enlarged")
        .contains("critical 9.488, area α\u00a0=\u00a00.05");
  }

  @Test
  void onTheWorksheetTheCurveIsBare() {
    FigureSpec.Curve bare = (FigureSpec.Curve) figures(Demo.page(Audience.STUDENT)).getFirst();
    assertThat(bare.critical()).isEmpty();
    assertThat(bare.statistic()).isEmpty();
    assertThat(bare.alternative()).doesNotContain("9.488");
  }

  @Test
  void theAlternativeTextIsMadeFromTheNumbers() {
    assertThat(figures(Demo.page(Audience.FULL)))
        .extracting(FigureSpec::alternative)
        .anySatisfy(text -> assertThat(text).contains("begins at 9.488; the statistic is 14.10"))
        .anySatisfy(text -> assertThat(text).contains("Gorge path, Autumn 58 and 46.67;"))
        .anySatisfy(text -> assertThat(text).contains("Lake loop, Spring +4.033"));
  }
}
