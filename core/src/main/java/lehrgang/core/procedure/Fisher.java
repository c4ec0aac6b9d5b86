package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.NormalDecision.Alternative;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The exact test of a 2 × 2 table with its margins fixed (Fisher 1935).
public final class Fisher implements Procedure {
  public static final String ID = "fisher";

  /// Larger margins have more possible tables than a page can list.
  static final long LARGEST_MARGIN = 5000;

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
    for (String given : List.of("question", "data", "hypotheses")) {
      views.put(given, StudentView.GIVEN);
    }
    views.put("outcomes", StudentView.ONE_WORKED);
    views.put("p", StudentView.BLANK);
    views.put("conclusion", StudentView.BLANK);
    views.put("closer-look", StudentView.LEFT_OUT);
    return views;
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    Alternative alternative = Alternative.of(choices.option(NormalDecision.ALTERNATIVE));
    Checked<TwoWayTable> checked = TwoWayTable.check(solution.table());
    if (checked instanceof Checked.Good<TwoWayTable>(var table)) {
      if (!table.isTwoByTwo()) {
        problems.add(MatchedPairs.notTwoByTwo(table));
      } else if (largestMargin(table) > LARGEST_MARGIN) {
        problems.add(
            new Problem(
                new Problem.WholeTable(),
                Phrase.of("problem.margin-too-large")
                    .with("margin", largestMargin(table))
                    .with("most", LARGEST_MARGIN)));
      }
    }
    return WorkedPage.outcome(
        checked,
        problems,
        table -> {
          FisherLines lines = FisherLines.of(table, level, alternative);
          return new FisherPage(table, choices, lines, alternative).derivation(ID, lines.lines());
        });
  }

  private static long largestMargin(TwoWayTable table) {
    long largest = 0;
    for (int i = 0; i < 2; i++) {
      largest = Math.max(largest, table.count(i, 0) + table.count(i, 1));
      largest = Math.max(largest, table.count(0, i) + table.count(1, i));
    }
    return largest;
  }
}
