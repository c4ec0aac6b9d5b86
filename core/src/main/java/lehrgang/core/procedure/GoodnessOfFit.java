package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.number.Rational;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// The chi-squared test of counts against equal or stated shares (Pearson 1900).
public final class GoodnessOfFit implements Procedure {
  public static final String ID = "goodness-of-fit";

  /// Whether shares that do not add up may be rescaled.
  static final Option SHARES = new Option("shares", List.of("as-stated", "rescaled"));

  @Override
  public String id() {
    return ID;
  }

  @Override
  public List<Form> forms() {
    return List.of(Form.FREQUENCIES);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    return new LinkedHashMap<>(new Independence().usualStudentViews());
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    int most = Math.max(0, solution.table().rows().size() - 2);
    int estimated = TypedNumbers.estimated(choices, most, problems);
    Rescaling rescaling = rescaling(choices);
    return WorkedPage.outcome(
        FrequencyTable.check(solution.table(), rescaling),
        problems,
        table -> {
          Lines lines = FitLines.of(table, level, estimated, rescaling);
          return new FitPage(table, choices, lines).derivation(ID, lines);
        });
  }

  static Rescaling rescaling(Choices choices) {
    return choices.option(SHARES).equals("rescaled") ? Rescaling.ALLOWED : Rescaling.REFUSED;
  }
}
