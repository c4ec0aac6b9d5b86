package lehrgang.core.page;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
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
  /// An example that needs more lines of its step gives too many answers away.
  private static final int MOST_GIVEN_AWAY = 9;

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
        worked(workings(step.blocks().stream()), derivation)
            .ifPresent(
                lines -> {
                  mask.worked.put(step.id(), lines.iterator().next());
                  mask.reveal(lines);
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

  /// Shows lines that are among those to be found.
  private void reveal(Set<LineId> lines) {
    withheld.removeAll(lines);
  }

  /// A line with all that goes into it in its own step.
  private static Set<LineId> withSources(LineId line, Derivation derivation) {
    Set<LineId> found = new LinkedHashSet<>();
    Deque<LineId> open = new ArrayDeque<>(List.of(line));
    String step = derivation.stepOf(line);
    while (!open.isEmpty()) {
      LineId next = open.pop();
      if (found.add(next)) {
        derivation.line(next).formula().sources().stream()
            .filter(source -> derivation.stepOf(source).equals(step))
            .forEach(open::push);
      }
    }
    return found;
  }

  private static List<Block.Working> workings(Stream<Block> blocks) {
    return blocks.filter(Block.Working.class::isInstance).map(Block.Working.class::cast).toList();
  }

  /// The line that is worked for students in a step, with all that it needs: the example of its
  /// last family, to which the others lead, or the member that gives least away; where there is no
  /// family, the example of its first working.
  private static Optional<Set<LineId>> worked(List<Block.Working> workings, Derivation derivation) {
    Optional<Block.Working> last =
        workings.stream()
            .filter(working -> working.family().size() > 1)
            .reduce((_, later) -> later)
            .or(() -> workings.stream().findFirst());
    return last.map(
        working -> {
          Set<LineId> example = withSources(working.example(), derivation);
          return example.size() <= MOST_GIVEN_AWAY
              ? example
              : working.family().stream()
                  .map(line -> withSources(line, derivation))
                  .reduce(example, (one, other) -> other.size() < one.size() ? other : one);
        });
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
