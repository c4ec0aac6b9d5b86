package lehrgang.core.page;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
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
  private final Map<String, LineId> worked = new HashMap<>();

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
      boolean given = view == StudentView.GIVEN && !mask.tellsWhatIsWithheld(line.formula());
      if (!given && !(line.formula() instanceof Expr.Datum)) {
        mask.withheld.add(line.id());
        if (view == StudentView.LEFT_OUT) {
          mask.leftOut.add(line.id());
        }
      }
    }
    for (Step step : derivation.layout(values).steps()) {
      workings(step.blocks().stream().flatMap(Block::each))
          .forEach(working -> mask.examples.put(working.family(), working.example()));
      if (solution.studentView(step.id()) == StudentView.ONE_WORKED) {
        worked(workings(step.blocks().stream()))
            .ifPresent(
                line -> {
                  mask.worked.put(step.id(), line);
                  mask.reveal(line, derivation);
                });
      }
    }
    return mask;
  }

  /// Whether a formula only picks among lines that are to be found, or counts them: the smallest
  /// expected count is one of the answers, wherever it stands.
  private boolean tellsWhatIsWithheld(Expr formula) {
    return switch (formula) {
      case Expr.Minimum _, Expr.Maximum _, Expr.CountBelow _, Expr.Ref _, Expr.Via _ ->
          formula.sources().stream().anyMatch(withheld::contains);
      default -> false;
    };
  }

  /// Shows a line with what goes into it in its own step.
  private void reveal(LineId line, Derivation derivation) {
    if (withheld.remove(line)) {
      String step = derivation.stepOf(line);
      derivation.line(line).formula().sources().stream()
          .filter(source -> derivation.stepOf(source).equals(step))
          .forEach(source -> reveal(source, derivation));
    }
  }

  private static List<Block.Working> workings(Stream<Block> blocks) {
    return blocks.filter(Block.Working.class::isInstance).map(Block.Working.class::cast).toList();
  }

  /// The line that is worked for students in a step: the example of its last family, to which the
  /// others lead, or of its first working where there is no family.
  private static Optional<LineId> worked(List<Block.Working> workings) {
    return workings.stream()
        .filter(working -> working.family().size() > 1)
        .reduce((_, later) -> later)
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
    return lens.audience() == Audience.STUDENT ? Appearance.BLANK : Appearance.ANSWER;
  }

  boolean hides(LineId id) {
    return of(id) == Appearance.BLANK;
  }

  /// Whether a line's own step is not on the students' page, so that they cannot have its number. A
  /// key speaks of it all the same.
  boolean leavesOut(LineId id) {
    return lens.audience() == Audience.STUDENT && leftOut.contains(id);
  }

  /// The line that is worked as an example in a step; none where all is to be found, or given.
  Optional<LineId> workedIn(String step) {
    return Optional.ofNullable(worked.get(step));
  }

  /// What every line comes to as far as this audience may know.
  Evaluation let(Evaluation values) {
    return lens.seesAll() ? values : values.without(this::hides);
  }
}
