package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.TwoWayLines.Route;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// The chi-squared test on a two-way table, told as independence of two variables or as homogeneity
/// of
/// groups (Pearson 1900): one calculation, two stories.
public final class Independence implements Procedure {
  public static final String ID = "independence";

  static final Option STORY = new Option("story", List.of("independence", "homogeneity"));
  static final Option ROUTE = new Option("route", List.of("margins", "share"));
  static final Option CORRECTION = new Option("correction", List.of("plain", "yates"));

  @Override
  public String id() {
    return ID;
  }

  @Override
  public List<Form> forms() {
    return List.of(Form.TWO_WAY);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    Map<String, StudentView> views = new LinkedHashMap<>();
    List.of("question", "data", "hypotheses").forEach(step -> views.put(step, StudentView.GIVEN));
    views.put("expected", StudentView.ONE_WORKED);
    views.put("conditions", StudentView.GIVEN);
    List.of("contributions", "statistic", "critical", "p", "conclusion")
        .forEach(step -> views.put(step, StudentView.BLANK));
    views.put("closer-look", StudentView.LEFT_OUT);
    return views;
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    return WorkedPage.outcome(
        TwoWayTable.check(solution.table()),
        problems,
        table -> {
          boolean corrected = table.isTwoByTwo() && choices.option(CORRECTION).equals("yates");
          ChiSquaredDecision deciding =
              corrected ? ChiSquaredDecision.corrected() : ChiSquaredDecision.plain();
          Lines lines =
              TwoWayLines.of(
                  table,
                  level,
                  choices.option(ROUTE).equals("share") ? Route.SHARE : Route.MARGINS,
                  deciding);
          return new TwoWayPage(table, choices, lines, deciding).derivation(ID, lines);
        });
  }
}
