package lehrgang.core.page;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// Which numbers an audience sees. A number that students are to find is hidden wherever it stands,
/// in
/// later steps too; what the instructor typed is always given.
final class Mask {
  private final Audience audience;
  private final Set<LineId> withheld = new HashSet<>();
  private final Set<LineId> leftOut = new HashSet<>();

  Mask(Solution solution, Derivation derivation, Audience audience) {
    this.audience = audience;
    for (Step step : derivation.steps()) {
      StudentView view = solution.studentView(step.id());
      for (LineId id : step.lines()) {
        boolean typed = derivation.line(id).formula() instanceof Expr.Datum;
        if (typed
            || view == StudentView.GIVEN
            || view == StudentView.ONE_WORKED && isExample(step, id)) {
          continue;
        }
        withheld.add(id);
        if (view == StudentView.LEFT_OUT) {
          leftOut.add(id);
        }
      }
    }
  }

  /// Whether a line is the one that is worked for students in its step: the example of its first
  /// family,
  /// or of its first working where there is no family.
  static boolean isExample(Step step, LineId id) {
    List<Block.Working> workings =
        step.blocks().stream()
            .filter(Block.Working.class::isInstance)
            .map(Block.Working.class::cast)
            .toList();
    return workings.stream()
        .filter(working -> working.family().size() > 1)
        .findFirst()
        .or(() -> workings.stream().findFirst())
        .filter(working -> working.example().equals(id))
        .isPresent();
  }

  Appearance of(LineId id) {
    if (audience == Audience.FULL || !withheld.contains(id)) {
      return Appearance.SHOWN;
    }
    return audience == Audience.STUDENT || leftOut.contains(id)
        ? Appearance.BLANK
        : Appearance.ANSWER;
  }

  boolean hides(LineId id) {
    return of(id) == Appearance.BLANK;
  }

  /// Whether a line's own step is not on this audience's page.
  boolean leavesOut(LineId id) {
    return audience != Audience.FULL && leftOut.contains(id);
  }
}
