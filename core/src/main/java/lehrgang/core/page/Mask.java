package lehrgang.core.page;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
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
  private final Map<List<LineId>, LineId> examples = new HashMap<>();

  private Mask(Lens lens) {
    this.lens = lens;
  }

  /// Hides nothing.
  static Mask none(Lens lens) {
    return new Mask(lens);
  }

  /// The line that is worked for students in a step is the one that the page with nothing hidden
  /// takes as its example, and the key works the same ones.
  ///
  /// @param values what every line comes to
  static Mask of(Solution solution, Derivation derivation, Evaluation values, Lens lens) {
    Mask mask = new Mask(lens);
    if (lens.audience() == Audience.FULL) {
      return mask;
    }
    for (Line line : derivation.lines().values()) {
      StudentView view = solution.studentView(derivation.stepOf(line.id()));
      if (view != StudentView.GIVEN && !(line.formula() instanceof Expr.Datum)) {
        mask.withheld.add(line.id());
        if (view == StudentView.LEFT_OUT) {
          mask.leftOut.add(line.id());
        }
      }
    }
    for (Step step : derivation.layout(values).steps()) {
      List<Block.Working> workings = workings(step);
      workings.forEach(working -> mask.examples.put(working.family(), working.example()));
      if (solution.studentView(step.id()) == StudentView.ONE_WORKED) {
        worked(workings).ifPresent(mask.withheld::remove);
      }
    }
    return mask;
  }

  private static List<Block.Working> workings(Step step) {
    return step.blocks().stream()
        .filter(Block.Working.class::isInstance)
        .map(Block.Working.class::cast)
        .toList();
  }

  /// The line that is worked for students in a step: the example of its first family, or of its
  /// first working where there is no family.
  private static Optional<LineId> worked(List<Block.Working> workings) {
    return workings.stream()
        .filter(working -> working.family().size() > 1)
        .findFirst()
        .or(() -> workings.stream().findFirst())
        .map(Block.Working::example);
  }

  /// The line that stands for a family on this page.
  LineId example(Block.Working working) {
    return examples.getOrDefault(working.family(), working.example());
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
