package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Problem;
import lehrgang.core.data.SharesTable;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.NormalDecision.Alternative;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// The test of a claimed share: z by the standard error under H₀, the exact binomial probability
/// beside
/// it, and Wald's and Wilson's (1927) intervals.
public final class OneProportion implements Procedure {
  public static final String ID = "one-proportion";

  @Override
  public String id() {
    return ID;
  }

  @Override
  public List<Form> forms() {
    return List.of(Form.SHARES);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    Map<String, StudentView> views = new LinkedHashMap<>();
    for (String given : List.of("question", "data", "hypotheses", "conditions")) {
      views.put(given, StudentView.GIVEN);
    }
    for (String blank : List.of("estimate", "statistic", "critical", "p", "conclusion")) {
      views.put(blank, StudentView.BLANK);
    }
    views.put("interval", StudentView.BLANK);
    views.put("closer-look", StudentView.LEFT_OUT);
    return views;
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    Rational claimed = TypedNumbers.claimed(choices, problems);
    NormalDecision deciding =
        new NormalDecision(Alternative.of(choices.option(NormalDecision.ALTERNATIVE)));
    return WorkedPage.outcome(
        SharesTable.check(solution.table(), 1),
        problems,
        table -> {
          Lines lines = OneProportionLines.of(table.groups().getFirst(), level, claimed, deciding);
          return new OneProportionPage(table, choices, lines, deciding).derivation(ID, lines);
        });
  }
}
