package lehrgang.core.procedure.parts;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.solution.StudentView;

/// What students see at first, written step by step.
public final class StudentViews {
  private final Map<String, StudentView> views = new LinkedHashMap<>();

  private StudentViews() {}

  /// Begins with the steps that are given.
  public static StudentViews given(String... steps) {
    return new StudentViews().with(StudentView.GIVEN, steps);
  }

  /// Then a step of which one member is worked and the rest is blank.
  public StudentViews oneWorked(String step) {
    return with(StudentView.ONE_WORKED, step);
  }

  /// Then steps with blanks for every number.
  public StudentViews blank(String... steps) {
    return with(StudentView.BLANK, steps);
  }

  /// Then a step that students do not get.
  public StudentViews leftOut(String step) {
    return with(StudentView.LEFT_OUT, step);
  }

  private StudentViews with(StudentView view, String... steps) {
    List.of(steps).forEach(step -> views.put(step, view));
    return this;
  }

  /// What students see of each step, by its id.
  public Map<String, StudentView> byStep() {
    return new LinkedHashMap<>(views);
  }

  /// Of a chi-squared test of counts.
  public static Map<String, StudentView> ofCounts() {
    return given("question", "data", "hypotheses")
        .oneWorked("expected")
        .with(StudentView.GIVEN, "conditions")
        .blank("contributions", "statistic", "critical", "p", "conclusion")
        .leftOut("closer-look")
        .byStep();
  }

  /// Of a test of shares.
  public static Map<String, StudentView> ofShares() {
    return given("question", "data", "hypotheses", "conditions")
        .blank("statistic", "critical", "p", "conclusion", "interval")
        .leftOut("closer-look")
        .byStep();
  }
}
