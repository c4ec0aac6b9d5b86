package lehrgang.core.page;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Layout;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// Which numbers a lens lets through. A number that students are to find is hidden wherever it
/// stands, in later steps too; what the instructor typed is always given.
final class Mask {
  private final Lens lens;
  private final Set<LineId> withheld = new HashSet<>();
  private final Set<LineId> leftOut = new HashSet<>();

  private Mask(Lens lens) {
    this.lens = lens;
  }

  /// Hides nothing.
  static Mask none(Lens lens) {
    return new Mask(lens);
  }

  /// @param layout as it is with nothing hidden: it says which line is worked in each step
  static Mask of(Solution solution, Derivation derivation, Layout layout, Lens lens) {
    Mask mask = new Mask(lens);
    for (Step step : layout.steps()) {
      StudentView view = solution.studentView(step.id());
      Optional<LineId> worked = view == StudentView.ONE_WORKED ? example(step) : Optional.empty();
      for (LineId id : derivation.linesOf(step.id())) {
        boolean typed = derivation.line(id).formula() instanceof Expr.Datum;
        if (!typed && view != StudentView.GIVEN && worked.filter(id::equals).isEmpty()) {
          mask.withheld.add(id);
          if (view == StudentView.LEFT_OUT) {
            mask.leftOut.add(id);
          }
        }
      }
    }
    return mask;
  }

  /// The line that is worked for students in a step: the example of its first family, or of its
  /// first working where there is no family.
  private static Optional<LineId> example(Step step) {
    List<Block.Working> workings =
        step.blocks().stream()
            .filter(Block.Working.class::isInstance)
            .map(Block.Working.class::cast)
            .toList();
    return workings.stream()
        .filter(working -> working.family().size() > 1)
        .findFirst()
        .or(() -> workings.stream().findFirst())
        .map(Block.Working::example);
  }

  Appearance of(LineId id) {
    if (!lens.revealed().shows(id)) {
      return Appearance.BLANK;
    }
    if (lens.audience() == Audience.FULL || !withheld.contains(id)) {
      return Appearance.SHOWN;
    }
    return lens.audience() == Audience.STUDENT || leftOut.contains(id)
        ? Appearance.BLANK
        : Appearance.ANSWER;
  }

  boolean hides(LineId id) {
    return of(id) == Appearance.BLANK;
  }

  /// Whether a line's own step is not on this audience's page.
  boolean leavesOut(LineId id) {
    return lens.audience() != Audience.FULL && leftOut.contains(id);
  }

  /// What every line comes to as far as this audience may know.
  Evaluation let(Evaluation values) {
    return lens.seesAll() ? values : values.without(this::hides);
  }
}
