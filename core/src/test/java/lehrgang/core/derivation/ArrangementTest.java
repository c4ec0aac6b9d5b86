package lehrgang.core.derivation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import org.junit.jupiter.api.Test;

/// Steps stand in the order that a course wishes, and no number is used before it is there.
class ArrangementTest {
  private static final StepOrder RULE_FIRST = new StepOrder.RuleFirst();

  private static Derivation derive(Solution solution, StepOrder order) {
    return ReferenceCases.derive(solution).arranged(order);
  }

  private static StepOrder some(Derivation derivation, Random random) {
    List<String> steps = new ArrayList<>(derivation.arranged(new StepOrder.AsWorked()).steps());
    Collections.shuffle(steps, random);
    return new StepOrder.Own(steps);
  }

  /// Whatever is wished, also what cannot be.
  @ForSomeSolutions
  void noNumberIsUsedBeforeItIsThere(Solution solution, Random random) {
    Derivation usual = ReferenceCases.derive(solution);
    for (StepOrder order : List.of(RULE_FIRST, some(usual, random))) {
      Derivation arranged = usual.arranged(order);
      Set<LineId> there = new HashSet<>();
      for (String step : arranged.steps()) {
        there.addAll(arranged.linesOf(step));
        for (LineId line : arranged.linesOf(step)) {
          assertThat(
                  arranged.sources(line).stream().filter(source -> looksAtData(arranged, source)))
              .as("%s in %s of %s", line, step, arranged.steps())
              .allMatch(there::contains);
        }
      }
    }
  }

  /// What can be known before the data are looked at: degrees of freedom, from the shape alone.
  private static boolean looksAtData(Derivation derivation, LineId id) {
    return switch (derivation.line(id).formula()) {
      case Expr.Datum(_, var source) -> source == Expr.Source.TABLE;
      case Expr formula ->
          formula.sources().isEmpty()
              || formula.sources().stream().anyMatch(source -> looksAtData(derivation, source));
    };
  }

  @ForSomeSolutions
  void anOrderTakesNoStepAwayAndChangesNoNumber(Solution solution, Random random) {
    Derivation usual = derive(solution, new StepOrder.AsWorked());
    Derivation arranged = usual.arranged(some(usual, random));
    assertThat(arranged.steps()).containsExactlyInAnyOrderElementsOf(usual.steps());
    assertThat(arranged.exact()).usingRecursiveComparison().isEqualTo(usual.exact());
    assertThat(arranged.layout(arranged.exact()).steps().stream().map(Step::id))
        .containsExactlyElementsOf(arranged.steps());
  }

  /// An order that the numbers allow is taken as it is: asked for once more, it stays.
  @ForSomeSolutions
  void anOrderThatIsAllowedIsKept(Solution solution, Random random) {
    Derivation usual = ReferenceCases.derive(solution);
    List<String> allowed = usual.arranged(some(usual, random)).steps();
    assertThat(usual.arranged(new StepOrder.Own(allowed)).steps()).isEqualTo(allowed);
  }

  private static Solution routes() {
    return ReferenceCases.solution(
        "independence",
        ReferenceCases.table(
            List.of(List.of(41L, 55L, 24L), List.of(38L, 64L, 58L), List.of(41L, 101L, 58L))));
  }

  private static Page page(Solution solution, Audience audience) {
    return Procedures.workAtOnce(solution) instanceof Procedure.Derived(var derivation)
        ? Page.of(solution, derivation, audience)
        : null;
  }

  private static Solution ruleFirst(Solution solution) {
    return solution.withCourse(Course.usual().withOrder(RULE_FIRST));
  }

  @Test
  void theDecisionRuleStandsBeforeTheDataWithItsDegreesOfFreedom() {
    Page page = page(ruleFirst(routes()), Audience.FULL);
    assertThat(page.steps().stream().limit(4).map(step -> step.id()))
        .containsExactly("question", "hypotheses", "critical", "data");
    List<PageBlock> rule = page.steps().get(2).blocks();
    assertThat(rule)
        .anyMatch(
            block -> block instanceof PageBlock.Worked worked && worked.line().name().equals("df"))
        .anyMatch(
            block ->
                block instanceof PageBlock.Paragraph(var template, _)
                    && template.key().equals("critical.rule"));
  }

  /// The curve of a rule that is stated beforehand has no statistic on it; that of the p-value has.
  @Test
  void theStatisticIsMarkedOnlyWhereItIsKnown() {
    Page page = page(ruleFirst(routes()), Audience.FULL);
    assertThat(curve(page, "critical").statistic()).isEmpty();
    assertThat(curve(page, "critical").alternative()).doesNotContain("14.10");
    assertThat(curve(page, "p").statistic()).isPresent();
    Page usual = page(routes(), Audience.FULL);
    assertThat(curve(usual, "critical").statistic()).isPresent();
  }

  private static FigureSpec.Curve curve(Page page, String step) {
    return page.steps().stream()
        .filter(one -> one.id().equals(step))
        .flatMap(one -> one.blocks().stream())
        .filter(PageBlock.Figure.class::isInstance)
        .map(block -> (FigureSpec.Curve) ((PageBlock.Figure) block).spec())
        .findFirst()
        .orElseThrow();
  }

  /// Degrees of freedom are asked where they stand.
  @Test
  void whatMovesIsHiddenWithTheStepItStandsIn() {
    Solution sheet =
        ruleFirst(routes())
            .withStudentView("critical", StudentView.BLANK)
            .withStudentView("statistic", StudentView.GIVEN)
            .withStudentView("contributions", StudentView.GIVEN)
            .withStudentView("expected", StudentView.GIVEN);
    Page page = page(sheet, Audience.STUDENT);
    assertThat(page.value(LineId.of("df"))).isEmpty();
    assertThat(page.value(LineId.of("X2"))).isPresent();
    assertThat(page.steps().get(2).blocks().getFirst())
        .isInstanceOfSatisfying(
            PageBlock.Task.class,
            task -> assertThat(task.text()).contains("degrees of freedom", "critical value"));
  }
}
