package lehrgang.core.procedure.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Lines;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.parts.CategoryLines;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.FrequencyStatistic;
import lehrgang.core.procedure.parts.FrequencySteps;
import lehrgang.core.procedure.parts.StudentViews;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// The chi-squared test of counts against equal or stated shares (Pearson 1900).
public final class GoodnessOfFit implements Procedure {
  @Override
  public String id() {
    return "goodness-of-fit";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.FREQUENCIES);
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(
        TypedNumbers.LEVEL,
        FrequencySteps.STATED,
        FrequencySteps.SHARES,
        ExpectedConditions.RULE,
        TypedNumbers.ESTIMATED);
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
    int most = Math.max(0, solution.table().rows().size() - 2);
    int estimated = TypedNumbers.estimated(choices, most, problems);
    Rescaling rescaling = FrequencySteps.rescaling(choices);
    return WorkedPage.outcome(
        FrequencyTable.check(solution.table(), FrequencySteps.stated(choices), rescaling),
        problems,
        table -> {
          Lines lines = lines(table, level, estimated, rescaling);
          return WorkedPage.derivation(
              id(),
              lines,
              ExpectedConditions.conditions(lines),
              values -> new FitPage(table, choices, solution.question().story(), lines, values));
        });
  }

  private static Lines lines(
      FrequencyTable table, Rational level, int estimated, Rescaling rescaling) {
    CategoryLines categories =
        FrequencyStatistic.of(table, level, estimated, rescaling, "conditions");
    ChiSquaredDecision.addCritical(categories.lines());
    ChiSquaredDecision.addP(categories.lines());
    ChiSquaredDecision.plain().addDecision(categories.lines());
    categories.addCloserLook();
    return categories.lines();
  }
}
