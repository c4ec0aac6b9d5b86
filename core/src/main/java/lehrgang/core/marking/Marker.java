package lehrgang.core.marking;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Result;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;

/// Marks answers to a solution as a careful reader does: asks of a number that is not right whether
/// it follows from the student's own, and if not, which slip made it.
///
/// ```java
/// Marker marker = Marker.of(solution, derivation, List.of(LineId.of("X2"), LineId.of("df")));
/// SheetMarks marks = marker.mark("17-226", Map.of(LineId.of("df"), answer));
/// ```
///
/// One marker is used by one thread at a time.
public final class Marker {
  private final Derivation derivation;
  private final MarkingRules rules;
  private final List<LineId> asked;
  private final List<LineId> inOrder;
  private final Map<LineId, Target> targets = new HashMap<>();
  private final Bends bends;
  private final Map<LineId, Result<Bounds>> fixed = new HashMap<>();
  private final Judge judge;

  private Marker(Solution solution, Derivation derivation, List<LineId> asked) {
    this.derivation = derivation;
    this.rules = solution.marking();
    this.asked = List.copyOf(asked);
    Set<LineId> wanted = new HashSet<>(asked);
    this.inOrder = derivation.lines().keySet().stream().filter(wanted::contains).toList();
    Evaluation within = AcceptedAnswers.within(derivation, rules);
    inOrder.forEach(id -> targets.put(id, Target.of(id, solution, derivation, within)));
    this.bends = new Bends(derivation);
    this.judge = new Judge(derivation, rules, bends);
    fix();
  }

  /// A marker of answers to some lines of a solution.
  ///
  /// @param derivation what the solution was worked out to
  /// @param asked      the lines, in any order
  /// @throws java.util.NoSuchElementException if the derivation does not have one of them
  public static Marker of(Solution solution, Derivation derivation, List<LineId> asked) {
    asked.forEach(derivation::line);
    return new Marker(solution, derivation, asked);
  }

  /// Works out the lines that rest on no answer once for all students.
  private void fix() {
    OwnNumbers nobody = new OwnNumbers(derivation, rules, Map.of());
    Set<LineId> near = bends.before(inOrder, Set.of());
    Set<LineId> resting = new HashSet<>();
    for (Line line : derivation.lines().values()) {
      boolean rests =
          targets.containsKey(line.id())
              || line.formula().sources().stream()
                  .anyMatch(source -> resting.contains(source) || targets.containsKey(source));
      if (rests) {
        resting.add(line.id());
      } else if (near.contains(line.id())) {
        fixed.put(line.id(), fixed(line, nobody));
      }
    }
  }

  /// Conditions are seen before anything is rounded.
  private Result<Bounds> fixed(Line line, OwnNumbers nobody) {
    return line.kind() == Kind.CONDITION
        ? derivation
            .exact()
            .find(line.id())
            .<Result<Bounds>>map(value -> new Result.Defined<>(Bounds.of(value.asDouble())))
            .orElseGet(() -> nobody.of(line.id()))
        : nobody.of(line.id());
  }

  /// Marks one student's answers.
  ///
  /// @param answers by line; one that is missing is blank
  public SheetMarks mark(String student, Map<LineId, Answer> answers) {
    OwnNumbers own = new OwnNumbers(derivation, rules, fixed);
    Set<LineId> written = new LinkedHashSet<>();
    for (LineId line : inOrder) {
      if (answers.get(line) instanceof Answer.Number) {
        written.add(line);
      }
    }
    Map<LineId, Found> found = new LinkedHashMap<>();
    for (LineId line : inOrder) {
      Answer answer = answers.getOrDefault(line, new Answer.Blank());
      Found result = judge.judge(targets.get(line), answer, own, written);
      found.put(line, result);
      result.behind().ifPresent(number -> own.put(line, number));
    }
    Map<LineId, Naming.Named> named = Naming.of(found);
    return new SheetMarks(
        student,
        asked.stream()
            .map(
                line ->
                    mark(
                        student,
                        line,
                        answers.getOrDefault(line, new Answer.Blank()),
                        named.get(line)))
            .toList(),
        byHand(student));
  }

  private List<SheetMarks.ByHand> byHand(String student) {
    return rules.byHand().entrySet().stream()
        .map(
            step ->
                new SheetMarks.ByHand(
                    step.getKey(),
                    rules.ruling(student, step.getKey()).flatMap(MarkingRules.Ruling::points),
                    step.getValue()))
        .toList();
  }

  private Mark mark(String student, LineId line, Answer answer, Naming.Named named) {
    Optional<MarkingRules.Ruling> ruling = rules.ruling(student, line.toString());
    Judgement verdict =
        ruling
            .flatMap(MarkingRules.Ruling::verdict)
            .flatMap(Judgement::ofKey)
            .orElse(named.verdict());
    List<String> slips = verdict == Judgement.SLIP ? named.slips() : List.<String>of();
    BigDecimal of = rules.pointsOf(line.toString());
    BigDecimal points =
        ruling
            .flatMap(MarkingRules.Ruling::points)
            .orElseGet(() -> of.multiply(share(verdict, slips)));
    return new Mark(line, answer, verdict, slips, points, of, ruling.isPresent());
  }

  private BigDecimal share(Judgement verdict, List<String> slips) {
    return switch (verdict) {
      case RIGHT, RIGHT_ROUNDED, FOLLOW_THROUGH -> BigDecimal.ONE;
      case TOO_COARSE -> rules.coarse();
      case SLIP ->
          slips.stream()
              .map(slip -> rules.part().getOrDefault(slip, BigDecimal.ZERO))
              .min(BigDecimal::compareTo)
              .orElse(BigDecimal.ZERO);
      case BLANK, UNREADABLE, WRONG -> BigDecimal.ZERO;
    };
  }
}
