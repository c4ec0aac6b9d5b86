package lehrgang.core.procedure.shares;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.data.SharesTable;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Lines;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.LargeSampleConditions;
import lehrgang.core.procedure.parts.NormalDecision;
import lehrgang.core.procedure.parts.StudentViews;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The comparison of two shares: the pooled standard error for the test, the unpooled one for the
/// interval and for a stated difference other than 0.
public final class TwoProportions implements Procedure {
  /// Whether the statistic is brought nearer to 0 for laying a smooth curve over whole numbers.
  static final ProcedureOption.OneOf CORRECTION =
      new ProcedureOption.OneOf("correction", "statistic", "", "plain", "corrected")
          .byCourse()
          .setBy("continuity", "corrected");

  @Override
  public String id() {
    return "two-proportions";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.SHARES);
  }

  @Override
  public int groups() {
    return 2;
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    return StudentViews.ofShares();
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(
        TypedNumbers.LEVEL,
        TypedNumbers.DIFFERENCE,
        Alternative.OPTION,
        LargeSampleConditions.RULE,
        CORRECTION);
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    Rational difference = TypedNumbers.difference(choices, problems);
    Alternative alternative = Alternative.of(choices);
    NormalDecision deciding =
        choices.option(CORRECTION).equals("corrected")
            ? NormalDecision.corrected(alternative)
            : NormalDecision.plain(alternative);
    Checked<SharesTable> checked = SharesTable.check(solution.table(), 2);
    if (checked instanceof Checked.Good<SharesTable>(var table)) {
      checkSpread(table, difference, problems);
    }
    return WorkedPage.outcome(
        checked,
        problems,
        table -> {
          Lines lines = TwoProportionsLines.of(table, level, difference, deciding);
          return WorkedPage.derivation(
              id(),
              lines,
              LargeSampleConditions.conditions(),
              values ->
                  new TwoProportionsPage(
                      table, choices, solution.question().story(), lines, deciding, values));
        });
  }

  /// Shares that are 0 or 1 in both groups have no standard error to divide by.
  private static void checkSpread(SharesTable table, Rational difference, List<Problem> problems) {
    boolean none = table.groups().stream().allMatch(group -> group.successes() == 0);
    boolean all = table.groups().stream().allMatch(group -> group.successes() == group.trials());
    boolean ownErrorsVanish =
        table.groups().stream().allMatch(g -> g.successes() == 0 || g.successes() == g.trials());
    if (none || all || difference.signum() != 0 && ownErrorsVanish) {
      problems.add(
          new Problem(
              new Problem.WholeTable(),
              Phrase.of("problem.no-spread").with("outcome", table.outcome())));
    }
  }
}
