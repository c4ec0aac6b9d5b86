package lehrgang.core.procedure.shares;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.data.SharesTable;
import lehrgang.core.data.TableForm;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.ExactOutcomes;
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

/// The test of a claimed share: z by the standard error under H₀, the exact binomial probability
/// beside it, and Wald's and Wilson's (1927) intervals.
public final class OneProportion implements Procedure {
  /// Whether the approximation or the exact p-value decides.
  static final ProcedureOption.OneOf DECIDES =
      new ProcedureOption.OneOf(
              "decides-binomial", "statistic", "decides", "automatic", "approximate", "exact")
          .byCourse();

  @Override
  public String id() {
    return "one-proportion";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.SHARES);
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(
        TypedNumbers.LEVEL,
        TypedNumbers.CLAIMED,
        Alternative.OPTION,
        LargeSampleConditions.RULE,
        DECIDES);
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
    Rational claimed = TypedNumbers.claimed(choices, problems);
    NormalDecision deciding = NormalDecision.plain(Alternative.of(choices));
    Checked<SharesTable> checked = SharesTable.check(solution.table(), 1);
    if (checked instanceof Checked.Good<SharesTable>(var table)
        && table.groups().getFirst().trials() > ExactOutcomes.MOST_TRIALS
        && choices.option(DECIDES).equals("exact")) {
      problems.add(
          new Problem(
                  new Problem.Field(DECIDES.id()),
                  Phrase.of("problem.too-many-trials-for-exact")
                      .with("trials", table.groups().getFirst().trials())
                      .with("most", ExactOutcomes.MOST_TRIALS))
              .with(new Problem.Remedy(DECIDES.id(), DECIDES.usual())));
    }
    return WorkedPage.outcome(
        checked,
        problems,
        table -> {
          OneProportionLines lines =
              OneProportionLines.of(table.groups().getFirst(), level, claimed, deciding, choices);
          return WorkedPage.derivation(
              id(),
              lines.all(),
              LargeSampleConditions.conditions(),
              values ->
                  new OneProportionPage(
                      table, choices, solution.question().story(), lines, deciding, values));
        });
  }
}
