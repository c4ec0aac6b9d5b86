package lehrgang.core.derivation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;

/// The steps of a derivation in the order that a course wishes, as far as the numbers allow it: no
/// number is used before it is there.
///
/// What can be known before the data are looked at, such as degrees of freedom, goes along with a
/// critical value that comes earlier than usual.
final class Arrangement {
  private final List<String> usual;
  private final List<String> order;
  private final Map<LineId, String> steps;

  private Arrangement(List<String> usual, List<String> order, Map<LineId, String> steps) {
    this.usual = usual;
    this.order = order;
    this.steps = steps;
  }

  /// The steps as their page has them.
  static Arrangement asWorked(Lines lines) {
    return new Arrangement(List.of(), List.of(), lines.steps());
  }

  /// @param usual the ids of all steps, as people work
  static Arrangement of(Lines lines, List<String> usual, StepOrder wish) {
    Map<LineId, String> steps = lines.steps();
    Set<LineId> blind = blind(lines);
    Map<String, Set<String>> needs = new HashMap<>();
    for (Line line : lines.inOrder().values()) {
      if (!blind.contains(line.id())) {
        Set<String> own = needs.computeIfAbsent(steps.get(line.id()), _ -> new HashSet<>());
        line.formula().sources().stream()
            .filter(source -> !blind.contains(source))
            .map(steps::get)
            .forEach(own::add);
      }
    }
    List<String> order = placed(wish.wished(usual), needs);
    return new Arrangement(usual, order, withBlindMoved(lines, order, blind));
  }

  /// Each step as early as it is wished, once all that it needs stands before it.
  private static List<String> placed(List<String> wished, Map<String, Set<String>> needs) {
    List<String> open = new ArrayList<>(wished);
    List<String> order = new ArrayList<>();
    while (!open.isEmpty()) {
      String next =
          open.stream()
              .filter(
                  step ->
                      needs.getOrDefault(step, Set.of()).stream()
                          .noneMatch(needed -> open.contains(needed) && !needed.equals(step)))
              .findFirst()
              .orElse(open.getFirst());
      open.remove(next);
      order.add(next);
    }
    return List.copyOf(order);
  }

  /// The lines that look at nothing but the shape of the data; each comes after its sources.
  private static Set<LineId> blind(Lines lines) {
    Set<LineId> blind = new HashSet<>();
    for (Line line : lines.inOrder().values()) {
      if (isBlind(line, blind)) {
        blind.add(line.id());
      }
    }
    return blind;
  }

  /// Degrees of freedom may be typed, such as parameters that were estimated.
  private static boolean isBlind(Line line, Set<LineId> blind) {
    return line.kind() == Kind.DEGREES_OF_FREEDOM
            && line.formula() instanceof Expr.Datum(_, var source)
        ? source == Expr.Source.SHAPE || source == Expr.Source.FIELD
        : looksAtShapeOnly(line.formula(), blind);
  }

  private static boolean looksAtShapeOnly(Expr formula, Set<LineId> blind) {
    return switch (formula) {
      case Expr.Ref(var line) -> blind.contains(line);
      case Expr.Via(var line, _) -> blind.contains(line);
      case Expr.Datum(_, var source) -> source == Expr.Source.SHAPE;
      default -> formula.parts().stream().allMatch(part -> looksAtShapeOnly(part, blind));
    };
  }

  /// The step of each line, where the blind ones that the critical value needs go along with it;
  /// the shape itself is in sight where the data are described.
  private static Map<LineId, String> withBlindMoved(
      Lines lines, List<String> order, Set<LineId> blind) {
    Map<LineId, String> steps = new LinkedHashMap<>(lines.steps());
    int critical = order.indexOf(StepOrder.CRITICAL);
    String first = steps.values().stream().findFirst().orElse("");
    Deque<LineId> open = new ArrayDeque<>(lines.ofStep(StepOrder.CRITICAL));
    while (!open.isEmpty()) {
      for (LineId source : lines.line(open.pop()).formula().sources()) {
        String step = steps.get(source);
        if (blind.contains(source) && !step.equals(first) && order.indexOf(step) > critical) {
          steps.put(source, StepOrder.CRITICAL);
          open.push(source);
        }
      }
    }
    return Collections.unmodifiableMap(steps);
  }

  /// The step of each line.
  Map<LineId, String> steps() {
    return steps;
  }

  /// The ids of the steps in their order; empty where it is that of the page.
  List<String> order() {
    return order;
  }

  /// A page whose steps stand in this order.
  Layout arranged(Layout layout) {
    boolean ruleFirst = position(StepOrder.CRITICAL) < position("statistic");
    List<Block> beforehand = new ArrayList<>();
    Optional<Block> curve = Optional.empty();
    Map<String, Step> steps = new LinkedHashMap<>();
    for (Step step : layout.steps()) {
      List<Block> blocks = new ArrayList<>();
      for (Block block : step.blocks()) {
        switch (block) {
          case Block.Beforehand(var some) when ruleFirst -> beforehand.addAll(some);
          case Block.Beforehand(var some) -> blocks.addAll(some);
          case Block.TailCurve tail when ruleFirst -> {
            blocks.add(tail.showing(Block.Shows.REGION));
            curve = Optional.of(tail);
          }
          case Block.NormalCurve normal when ruleFirst -> {
            blocks.add(normal.showing(Block.Shows.REGION));
            curve = Optional.of(normal);
          }
          default -> blocks.add(block);
        }
      }
      steps.put(step.id(), new Step(step.id(), step.summary(), blocks));
    }
    steps.computeIfPresent(StepOrder.CRITICAL, (_, step) -> step.after(beforehand));
    List<Block> late = curve.stream().toList();
    steps.computeIfPresent("p", (_, step) -> step.after(late));
    return new Layout(
        order.isEmpty()
            ? List.copyOf(steps.values())
            : order.stream().filter(steps::containsKey).map(steps::get).toList(),
        layout.verdict());
  }

  private int position(String step) {
    int place = order.indexOf(step);
    return place < 0 ? usual.size() : place;
  }
}
