package lehrgang.core.marking;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;

/// What is needed to judge answers elsewhere as [Marker] does here: the formulas of the lines that
/// were asked and of all that they rest on, what known slips make of them, and how many digits are
/// asked. No value of a line that is asked is in it.
///
/// @param asked       the lines that are asked, in the order in which they are worked out
/// @param lines       those and all that they, or slips in them, rest on, each after its sources
/// @param bends       what slips make of lines, by line
/// @param decisionByP how the decision is made by the p-value, where there are two ways
public record Judging(
    List<LineId> asked,
    List<Judged> lines,
    Map<LineId, List<Bent>> bends,
    Optional<Expr> decisionByP) {
  private static final LineId DECISION_BY_P = LineId.of("decision.p");

  /// A line.
  ///
  /// @param formula its rule; a number that was drawn by chance and is not asked stands for itself,
  ///     since nobody can work it out
  /// @param byChance how far another simulation may be off, where that matters
  /// @param fewest  decimals to which a student may round it before going on; −1 for a line that
  ///     nobody rounds
  /// @param digits  decimals that are asked of it
  /// @param printed decimals in which the page prints it
  public record Judged(
      Line line, Expr formula, Optional<Expr> byChance, int fewest, int digits, int printed) {}

  /// Another rule in place of the right one.
  ///
  /// @param slip the id of the slip
  /// @param way  which of the ways in which it is made
  public record Bent(String slip, int way, Expr formula) {}

  public Judging {
    asked = List.copyOf(asked);
    lines = List.copyOf(lines);
    bends = Map.copyOf(bends);
  }

  /// What is needed for some lines of a solution.
  ///
  /// @param derivation what the solution was worked out to
  /// @param asked      in any order
  public static Judging of(Solution solution, Derivation derivation, List<LineId> asked) {
    Set<LineId> wanted = new HashSet<>(asked);
    List<LineId> inOrder = derivation.lines().keySet().stream().filter(wanted::contains).toList();
    Bends bends = new Bends(derivation);
    Map<LineId, List<Bent>> made = new LinkedHashMap<>();
    Set<LineId> needed = new LinkedHashSet<>();
    for (LineId line : bends.before(inOrder, Set.of())) {
      needed.add(line);
      List<Bent> bent = new ArrayList<>();
      for (Bends.Bent one : bends.of(line)) {
        bent.add(new Bent(one.slip(), one.way(), one.formula()));
        needed.addAll(one.formula().sources());
      }
      if (!bent.isEmpty()) {
        made.put(line, List.copyOf(bent));
      }
    }
    boolean decides =
        inOrder.stream().anyMatch(line -> derivation.line(line).kind() == Kind.DECISION);
    Optional<Expr> byP =
        decides ? derivation.find(DECISION_BY_P).map(Line::formula) : Optional.empty();
    byP.ifPresent(formula -> needed.addAll(formula.sources()));
    inOrder.forEach(
        line ->
            Target.byChance(line, derivation)
                .ifPresent(formula -> needed.addAll(formula.sources())));
    needed.removeIf(line -> derivation.find(line).isEmpty());
    Set<LineId> all = bends.before(List.copyOf(needed), Set.of());
    return new Judging(
        inOrder,
        derivation.lines().values().stream()
            .filter(line -> all.contains(line.id()))
            .map(line -> judged(line, solution, derivation, wanted.contains(line.id())))
            .toList(),
        made,
        byP);
  }

  private static Judged judged(
      Line line, Solution solution, Derivation derivation, boolean isAsked) {
    MarkingRules rules = solution.marking();
    Kind kind = line.kind();
    int printed = Target.printed(kind, solution.format(), rules);
    return new Judged(
        line,
        isAsked ? line.formula() : asGiven(line, derivation),
        Target.byChance(line.id(), derivation),
        kind.mayBeRounded() ? rules.fewestOf(kind) : -1,
        Target.digits(kind, printed, rules),
        printed);
  }

  private static Expr asGiven(Line line, Derivation derivation) {
    return line.formula() instanceof Expr.Named(var function, _) && function.isByChance()
        ? derivation.exact().find(line.id()).<Expr>map(Expr.Constant::new).orElseGet(line::formula)
        : line.formula();
  }
}
