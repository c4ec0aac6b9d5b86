package lehrgang.core.procedure.exact;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableForm;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.data.TwoWayTable.Margins;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.FourfoldOutcomes;
import lehrgang.core.procedure.parts.StudentViews;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The exact test of a 2 × 2 table with its margins fixed (Fisher 1935).
public final class Fisher implements Procedure {
  @Override
  public String id() {
    return "fisher";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.TWO_WAY);
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(TypedNumbers.LEVEL, Alternative.OPTION);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    return StudentViews.given("question", "data", "hypotheses")
        .oneWorked("outcomes")
        .blank("p", "conclusion")
        .leftOut("closer-look")
        .byStep();
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    Alternative alternative = Alternative.of(choices);
    Checked<TwoWayTable> checked = TwoWayTable.checkFourfold(solution.table(), Margins.FILLED);
    if (checked instanceof Checked.Good<TwoWayTable>(var table)
        && FourfoldOutcomes.areTooMany(table)) {
      problems.add(
          new Problem(
              new Problem.WholeTable(),
              Phrase.of("problem.margin-too-large")
                  .with("margin", FourfoldOutcomes.largestTotal(table))
                  .with("most", FourfoldOutcomes.LARGEST_TOTAL)));
    }
    return WorkedPage.outcome(
        checked,
        problems,
        table -> {
          FisherLines lines = FisherLines.of(table, level, alternative);
          return WorkedPage.derivation(
              id(),
              lines.all(),
              List.of(),
              values ->
                  new FisherPage(table, solution.question().story(), lines, alternative, values));
        });
  }
}
