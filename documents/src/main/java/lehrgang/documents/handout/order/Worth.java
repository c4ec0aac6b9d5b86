package lehrgang.documents.handout.order;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import lehrgang.core.marking.Points;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// How many points the steps of a sheet bring when its answers are marked: those of the blanks, of
/// the decision where it is left to the conclusion, and of what is marked by hand.
///
/// @param bySteps by the id of the step; 0 where nothing is asked
/// @param style   in which numbers are written
public record Worth(Map<String, BigDecimal> bySteps, NumberStyle style) {
  public Worth {
    bySteps = Collections.unmodifiableMap(new LinkedHashMap<>(bySteps));
  }

  /// Of the sheet of a solution.
  public static Worth of(Solved solved) {
    Page sheet = solved.page(Audience.STUDENT);
    return of(solved, sheet, Blanks.of(sheet));
  }

  /// Of the sheet of a solution, where that is at hand.
  ///
  /// @param sheet for students
  public static Worth of(Solved solved, Page sheet, Blanks blanks) {
    MarkingRules rules = solved.solution().marking();
    Map<String, BigDecimal> bySteps = new LinkedHashMap<>();
    for (PageStep step : sheet.steps()) {
      BigDecimal points = rules.byHand().getOrDefault(step.id(), BigDecimal.ZERO);
      for (var line : blanks.in(step.id())) {
        points = points.add(rules.pointsOf(line.toString()));
      }
      bySteps.put(step.id(), points);
    }
    solved
        .toDecide(sheet, blanks)
        .ifPresent(
            decision ->
                bySteps.computeIfPresent(
                    Solved.CONCLUSION,
                    (_, points) -> points.add(rules.pointsOf(decision.toString()))));
    return new Worth(bySteps, solved.solution().format().style());
  }

  /// None at all: nothing is said of points.
  static Worth unsaid() {
    return new Worth(Map.of(), NumberStyle.POINT);
  }

  /// What a heading says of its step; empty where it brings nothing.
  String said(String step, Wording wording) {
    BigDecimal points = bySteps.getOrDefault(step, BigDecimal.ZERO);
    if (points.signum() == 0) {
      return "";
    }
    boolean one = points.compareTo(BigDecimal.ONE) == 0;
    return wording.text(
        Phrase.of(one ? "sheet.point" : "sheet.points").with("count", Points.text(points, style)));
  }

  /// Of all steps.
  public BigDecimal total() {
    return bySteps.values().stream().reduce(BigDecimal.ZERO, BigDecimal::add);
  }
}
