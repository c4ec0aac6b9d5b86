package lehrgang.core.procedure.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Lines;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.StudentViews;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.ProcedureOption.Scope;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.Story;
import lehrgang.core.solution.StudentView;

/// One two-way question within each category of a third variable, beside the same question asked of
/// all together.
///
/// Fourfold layers are summed up by Cochran (1954) and Mantel and Haenszel (1959), larger ones by
/// adding up their chi-squared statistics.
public final class Layers implements Procedure {
  /// Whether ½ is taken off the difference of the sums.
  private static final ProcedureOption.OneOf CORRECTION =
      new ProcedureOption.OneOf("correction", "statistic", "", "plain", "corrected")
          .byCourse()
          .within(Scope.TWO_BY_TWO)
          .setBy("continuity", "corrected");

  @Override
  public String id() {
    return "layers";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.LAYERS);
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(TypedNumbers.LEVEL, ExpectedConditions.RULE.within(Scope.LARGER), CORRECTION);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    return StudentViews.given("question", "data", "hypotheses", "pooled")
        .oneWorked("layers")
        .blank("sums", "conditions", "statistic", "critical", "p", "conclusion")
        .leftOut("closer-look")
        .byStep();
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Story story = solution.question().story();
    Rational level = TypedNumbers.level(choices, problems);
    return WorkedPage.outcome(
        LayeredTable.check(solution.table()),
        problems,
        table -> {
          boolean corrects = choices.option(CORRECTION).equals("corrected");
          ChiSquaredDecision deciding = ChiSquaredDecision.of(table.isTwoByTwo() && corrects);
          Lines lines = LayerLines.of(table, level, deciding);
          return WorkedPage.derivation(
              id(),
              lines,
              table.isTwoByTwo()
                  ? LayerConditions.conditions()
                  : ExpectedConditions.conditions(lines),
              values ->
                  table.isTwoByTwo()
                      ? new FourfoldLayersPage(table, story, lines, deciding, values)
                      : new LargerLayersPage(table, choices, story, lines, values));
        });
  }
}
