package lehrgang.documents.handout.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.Sampled;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Marker;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.documents.Demo;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Students add up what the headings of their sheet promise, and get what the marking counts.
@Sampled
class WorthTest {
  static List<String> demos() {
    return Demo.some();
  }

  private static Solution demo(String name) {
    return DemoCourse.open(name).solution();
  }

  private static BigDecimal marked(Solution solution) {
    return Marker.of(solution, Demo.derivation(solution), asked(solution))
        .mark("nobody", Map.of())
        .of();
  }

  private static List<LineId> asked(Solution solution) {
    Solved solved = new Solved(solution, Demo.derivation(solution));
    Page sheet = solved.page(Audience.STUDENT);
    return solved.asked(sheet, Blanks.of(sheet));
  }

  private static List<String> said(Solution solution, Audience audience) {
    return Manuscript.of(Demo.order(solution, audience)).chapters().getFirst().parts().stream()
        .filter(Part.Heading.class::isInstance)
        .map(part -> ((Part.Heading) part).points())
        .filter(points -> !points.isEmpty())
        .toList();
  }

  private static BigDecimal sum(List<String> said) {
    return said.stream()
        .map(points -> points.replaceAll(" points?$", "").replace(',', '.'))
        .map(BigDecimal::new)
        .reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  private static void agree(Solution solution) {
    assertThat(sum(said(solution, Audience.STUDENT)))
        .isEqualByComparingTo(marked(solution))
        .isEqualByComparingTo(
            Worth.of(Demo.order(solution, Audience.KEY).solutions().getFirst()).total());
    assertThat(said(solution, Audience.KEY)).isEqualTo(said(solution, Audience.STUDENT));
    assertThat(said(solution, Audience.FULL)).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("demos")
  void theHeadingsAddUpToWhatIsMarked(String demo) {
    agree(demo(demo));
  }

  @ParameterizedTest
  @MethodSource("demos")
  void alsoWhereLinesAreWorthMoreOrLessAndWordsAreMarkedByHand(String demo) {
    Solution solution = demo(demo);
    MarkingRules rules = solution.marking().withByHand("conclusion", Optional.of(BigDecimal.TWO));
    List<String> lines =
        Demo.derivation(solution).lines().keySet().stream().map(Object::toString).toList();
    for (int i = 0; i < lines.size(); i++) {
      rules =
          rules.withPoints(lines.subList(i, i + 1), Optional.of(BigDecimal.valueOf(i % 4 * 5, 1)));
    }
    agree(solution.withMarking(rules));
  }

  @ParameterizedTest
  @MethodSource("demos")
  void aDecisionThatIsGivenIsNotAsked(String demo) {
    for (StudentView view : StudentView.values()) {
      Solution solution = demo(demo).withStudentView("conclusion", view);
      assertThat(asked(solution).contains(Demo.derivation(solution).decision()))
          .as(view.key())
          .isEqualTo(view != StudentView.GIVEN);
    }
    agree(demo(demo).withStudentView("conclusion", StudentView.GIVEN));
  }
}
