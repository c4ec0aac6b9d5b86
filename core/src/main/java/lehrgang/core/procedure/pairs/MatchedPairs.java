package lehrgang.core.procedure.pairs;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableForm;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.parts.ExactOutcomes;
import lehrgang.core.procedure.parts.StudentViews;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The test of change in matched pairs (McNemar 1947): only those who changed count. Uncorrected,
/// corrected and exact p-value are side by side; the instructor says which decides, or the exact
/// one does where the condition of the approximation fails.
public final class MatchedPairs implements Procedure {
  /// Which of the three decides.
  static final ProcedureOption.OneOf DECIDES =
      new ProcedureOption.OneOf(
              "decides", "statistic", "decides", "automatic", "plain", "corrected", "exact")
          .byCourse();

  @Override
  public String id() {
    return "matched-pairs";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.TWO_WAY);
  }

  @Override
  public boolean paired() {
    return true;
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(TypedNumbers.LEVEL, DECIDES);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    return StudentViews.ofShares();
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    String decides = choices.option(DECIDES);
    Checked<TwoWayTable> checked = TwoWayTable.checkPairs(solution.table());
    if (checked instanceof Checked.Good<TwoWayTable>(var table)) {
      checkChanges(PairsLines.changes(table), decides, problems);
    }
    return WorkedPage.outcome(
        checked,
        problems,
        table -> {
          String by = decidesBy(decides, table);
          PairsLines lines = PairsLines.of(table, level, by);
          return WorkedPage.derivation(
              id(),
              lines.all(),
              PairsPage.conditions(),
              values -> new PairsPage(table, by, solution.question().story(), lines, values));
        });
  }

  private static String decidesBy(String chosen, TwoWayTable table) {
    if (chosen.equals("corrected") && PairsLines.areEven(table)) {
      return "plain";
    }
    return chosen.equals("automatic") ? PairsLines.preferred(table) : chosen;
  }

  private static void checkChanges(long changes, String decides, List<Problem> problems) {
    if (changes == 0) {
      problems.add(new Problem(new Problem.WholeTable(), Phrase.of("problem.nobody-changed")));
    }
    if (changes > ExactOutcomes.MOST_TRIALS && decides.equals("exact")) {
      problems.add(
          new Problem(
                  new Problem.Field(DECIDES.id()),
                  Phrase.of("problem.too-many-for-exact")
                      .with("changes", changes)
                      .with("most", ExactOutcomes.MOST_TRIALS))
              .with(new Problem.Remedy(DECIDES.id(), DECIDES.usual())));
    }
  }
}
