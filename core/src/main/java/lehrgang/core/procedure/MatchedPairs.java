package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.data.TwoWayTable.Margins;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.number.Rational;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The test of change in matched pairs (McNemar 1947): only those who changed count. Plain,
/// corrected and
/// exact stand side by side; the instructor says which decides.
public final class MatchedPairs implements Procedure {
  public static final String ID = "matched-pairs";

  /// Which of the three decides.
  static final Option DECIDES = new Option("decides", List.of("plain", "corrected", "exact"));

  @Override
  public String id() {
    return ID;
  }

  @Override
  public List<Form> forms() {
    return List.of(Form.TWO_WAY);
  }

  @Override
  public boolean paired() {
    return true;
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    Map<String, StudentView> views = new LinkedHashMap<>(new OneProportion().usualStudentViews());
    views.remove("estimate");
    return views;
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    Checked<TwoWayTable> checked = TwoWayTable.check(solution.table(), Margins.MAY_BE_EMPTY);
    if (checked instanceof Checked.Good<TwoWayTable>(var table)) {
      if (!table.isTwoByTwo()) {
        problems.add(notTwoByTwo(table));
      } else if (table.count(0, 1) + table.count(1, 0) == 0) {
        problems.add(new Problem(new Problem.WholeTable(), Phrase.of("problem.nobody-changed")));
      }
    }
    return WorkedPage.outcome(
        checked,
        problems,
        table -> {
          String decides = choices.option(DECIDES);
          Lines lines = PairsLines.of(table, level, decides);
          return new PairsPage(table, choices, lines).derivation(ID, lines);
        });
  }

  static Problem notTwoByTwo(TwoWayTable table) {
    return new Problem(
        new Problem.WholeTable(),
        Phrase.of("problem.not-two-by-two")
            .with("rows", table.rows().size())
            .with("columns", table.columns().size()));
  }
}
