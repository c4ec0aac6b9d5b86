package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.TwoWayLines.Deciding;
import lehrgang.core.procedure.TwoWayLines.Route;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The chi-squared test on a two-way table, told as independence of two variables or as homogeneity
/// of
/// groups (Pearson 1900): one calculation, two stories.
public final class Independence implements Procedure {
  public static final String ID = "independence";

  static final Option STORY = new Option("story", List.of("independence", "homogeneity"));
  static final Option ROUTE = new Option("route", List.of("margins", "share"));
  static final Option RULE = new Option("conditions", List.of("every-5", "fifth-5"));
  static final Option CORRECTION = new Option("correction", List.of("plain", "yates"));

  private static final Rational LARGEST_LEVEL = Value.ratio(1, 2);

  @Override
  public String id() {
    return ID;
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
    Rational level = level(solution, problems);
    return switch (solution.table().check()) {
      case TableEntry.Bad(var wrong) -> {
        problems.addAll(wrong);
        yield new Refused(List.copyOf(problems));
      }
      case TableEntry.Good(var table) when problems.isEmpty() -> {
        Lines lines =
            TwoWayLines.of(
                table,
                level,
                solution.choices().option(ROUTE).equals("share") ? Route.SHARE : Route.MARGINS,
                solution.choices().option(CORRECTION).equals("yates")
                    ? Deciding.CORRECTED
                    : Deciding.PLAIN);
        TwoWayPage page = new TwoWayPage(table, solution.choices(), lines);
        yield new Derived(
            new Derivation(
                ID,
                lines.inOrder(),
                page.steps(),
                page.conditions(),
                List.of(),
                page.verdict(),
                page.exact()));
      }
      case TableEntry.Good _ -> new Refused(List.copyOf(problems));
    };
  }

  private static Rational level(Solution solution, List<Problem> problems) {
    Rational level = solution.choices().significanceLevel().orElse(Value.of(0));
    String typed = solution.choices().level().strip();
    if (level.compareTo(LARGEST_LEVEL) > 0 && level.compareTo(Value.ONE) < 0) {
      problems.add(
          new Problem(
              new Problem.Level(), Phrase.of("problem.confidence-level").with("value", typed)));
    } else if (level.signum() <= 0 || level.compareTo(LARGEST_LEVEL) > 0) {
      problems.add(
          new Problem(new Problem.Level(), Phrase.of("problem.level").with("value", typed)));
    }
    return level;
  }
}
