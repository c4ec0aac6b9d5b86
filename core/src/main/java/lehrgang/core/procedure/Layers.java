package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.number.Rational;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// One two-way question within each category of a third variable, beside the same question asked of
/// all together.
///
/// Fourfold layers are summed up by Cochran (1954) and Mantel and Haenszel (1959), larger ones by
/// adding up their chi-squared statistics.
public final class Layers implements Procedure {
  public static final String ID = "layers";

  /// Whether ½ is taken off the difference of the sums.
  static final Option CORRECTION = new Option("correction", List.of("plain", "half"));

  @Override
  public String id() {
    return ID;
  }

  @Override
  public List<Form> forms() {
    return List.of(Form.LAYERS);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    Map<String, StudentView> views = new LinkedHashMap<>();
    List.of("question", "data", "hypotheses", "pooled")
        .forEach(step -> views.put(step, StudentView.GIVEN));
    views.put("layers", StudentView.ONE_WORKED);
    List.of("sums", "conditions", "statistic", "critical", "p", "conclusion")
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
        LayeredTable.check(solution.table()),
        problems,
        table -> {
          boolean corrected = table.isTwoByTwo() && choices.option(CORRECTION).equals("half");
          ChiSquaredDecision deciding =
              corrected ? ChiSquaredDecision.corrected() : ChiSquaredDecision.plain();
          Lines lines = LayerLines.of(table, level, deciding);
          return new LayersPage(table, choices, lines, deciding).derivation(ID, lines);
        });
  }
}
