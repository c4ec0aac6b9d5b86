package lehrgang.core.procedure.twoway;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableForm;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Lines;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.FourfoldOutcomes;
import lehrgang.core.procedure.parts.StudentViews;
import lehrgang.core.procedure.parts.TwoWayStatistic.Route;
import lehrgang.core.procedure.parts.TwoWaySteps;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.ProcedureOption.Scope;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The chi-squared test on a two-way table, told as independence of two variables or as homogeneity
/// of groups (Pearson 1900): one calculation, two stories.
public final class Independence implements Procedure {
  static final ProcedureOption.OneOf ROUTE =
      new ProcedureOption.OneOf("route", "expected", "route", "margins", "share").byCourse();
  static final ProcedureOption.OneOf DECIDES =
      new ProcedureOption.OneOf(
              "decides", "statistic", "decides", "automatic", "plain", "corrected", "exact")
          .byCourse()
          .within(Scope.TWO_BY_TWO)
          .alsoSetBy("yates", "corrected");

  @Override
  public String id() {
    return "independence";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.TWO_WAY);
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(
        TypedNumbers.LEVEL, TwoWaySteps.SAMPLING, ROUTE, ExpectedConditions.RULE, DECIDES);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    return StudentViews.ofCounts();
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    String decides = choices.option(DECIDES);
    Checked<TwoWayTable> checked = TwoWayTable.check(solution.table());
    if (checked instanceof Checked.Good<TwoWayTable>(var table)
        && table.isTwoByTwo()
        && decides.equals("exact")
        && FourfoldOutcomes.areTooMany(table)) {
      problems.add(
          new Problem(
                  new Problem.Field(DECIDES.id()),
                  Phrase.of("problem.total-too-large-for-exact")
                      .with("total", FourfoldOutcomes.largestTotal(table))
                      .with("most", FourfoldOutcomes.LARGEST_TOTAL))
              .with(new Problem.Remedy(DECIDES.id(), DECIDES.usual())));
    }
    return WorkedPage.outcome(
        checked,
        problems,
        table -> {
          boolean corrects = decides.equals("corrected");
          ChiSquaredDecision deciding = ChiSquaredDecision.of(table.isTwoByTwo() && corrects);
          Route route = choices.option(ROUTE).equals("share") ? Route.SHARE : Route.MARGINS;
          TwoWayLines two = TwoWayLines.of(table, level, route, deciding, choices);
          Lines lines = two.all();
          return WorkedPage.derivation(
              id(),
              lines,
              ExpectedConditions.conditions(lines),
              values ->
                  new TwoWayPage(
                      table, choices, solution.question().story(), two, deciding, values));
        });
  }
}
