package lehrgang.core.derivation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Wording;

/// A worked solution as a graph of lines. Numbers need no more than that; the page is laid out only
/// when something is to be read, by [#layout].
public final class Derivation {
  private final String procedure;
  private final Lines lines;
  private final List<Condition> conditions;
  private final LineId decision;
  private final Function<Evaluation, Layout> layout;

  private final StepOrder wish;

  private Optional<Arrangement> arrangement = Optional.empty();
  private Optional<Evaluation> exact = Optional.empty();
  private Optional<Map<LineId, List<LineId>>> uses = Optional.empty();

  /// @param procedure  the procedure's id
  /// @param conditions what must hold for the curve to be a fair model
  /// @param decision   the line that is 1 where H₀ is rejected
  /// @param layout     the page, given what every line comes to
  public Derivation(
      String procedure,
      Lines lines,
      List<Condition> conditions,
      LineId decision,
      Function<Evaluation, Layout> layout) {
    this(procedure, lines, conditions, decision, layout, new StepOrder.AsWorked());
  }

  private Derivation(
      String procedure,
      Lines lines,
      List<Condition> conditions,
      LineId decision,
      Function<Evaluation, Layout> layout,
      StepOrder wish) {
    this.wish = wish;
    this.procedure = procedure;
    this.lines = lines;
    this.conditions = List.copyOf(conditions);
    this.decision = decision;
    this.layout = layout;
  }

  /// What stands on the page besides, once every line has come to something.
  public interface Addition {
    /// What is added to a step.
    ///
    /// @param values what every line comes to
    /// @param lines all lines, with the added ones
    List<Block> blocks(Evaluation values, Lines lines);
  }

  /// This derivation with more lines, and more on the page.
  ///
  /// @param more     adds the lines
  /// @param step     the step whose blocks grow
  /// @param addition what is added to them
  /// @throws IllegalArgumentException if the lines use what comes after them, or there is no such
  ///     step
  public Derivation extended(Consumer<Lines> more, String step, Addition addition) {
    Lines all = lines.copy();
    more.accept(all);
    return new Derivation(
        procedure,
        all,
        conditions,
        decision,
        values -> layout.apply(values).withAdded(step, addition.blocks(values, all)),
        wish);
  }

  /// This derivation with its steps in another order, as far as the numbers allow it.
  public Derivation arranged(StepOrder other) {
    return new Derivation(procedure, lines, conditions, decision, layout, other);
  }

  /// This derivation with its symbols as a course and its language write them.
  public Derivation written(Wording wording) {
    return wording.writesAsUsual()
        ? this
        : new Derivation(procedure, lines.written(wording), conditions, decision, layout, wish);
  }

  private synchronized Arrangement arrangement() {
    if (arrangement.isEmpty()) {
      arrangement =
          Optional.of(
              wish instanceof StepOrder.AsWorked
                  ? Arrangement.asWorked(lines)
                  : Arrangement.of(lines, usualSteps(), wish));
    }
    return arrangement.get();
  }

  /// The ids of the steps in the order in which they stand.
  public List<String> steps() {
    List<String> order = arrangement().order();
    return order.isEmpty() ? usualSteps() : order;
  }

  private List<String> usualSteps() {
    return layout.apply(exact()).steps().stream().map(Step::id).toList();
  }

  /// The id of the procedure that made it.
  public String procedure() {
    return procedure;
  }

  /// Every number, in an order in which each comes after what it uses.
  public Map<LineId, Line> lines() {
    return lines.inOrder();
  }

  /// What must hold for the curve to be a fair model.
  public List<Condition> conditions() {
    return conditions;
  }

  /// The line that is 1 where H₀ is rejected.
  public LineId decision() {
    return decision;
  }

  /// The page, for what every line comes to under the reading in which it is set.
  public Layout layout(Evaluation values) {
    return arrangement().arranged(layout.apply(values));
  }

  /// @throws NoSuchElementException if there is no such line
  public Line line(LineId id) {
    return lines.line(id);
  }

  /// The line of this id; empty if there is none.
  public Optional<Line> find(LineId id) {
    return lines.has(id) ? Optional.of(lines.line(id)) : Optional.empty();
  }

  /// The id of the step that establishes a line.
  ///
  /// @throws NoSuchElementException if there is no such line
  public String stepOf(LineId id) {
    lines.line(id);
    return arrangement().steps().get(id);
  }

  /// The ids of all lines that a step establishes, in order.
  public List<LineId> linesOf(String step) {
    return arrangement().steps().entrySet().stream()
        .filter(entry -> entry.getValue().equals(step))
        .map(Map.Entry::getKey)
        .toList();
  }

  /// The lines that a line is computed from.
  ///
  /// @throws NoSuchElementException if there is no such line
  public List<LineId> sources(LineId id) {
    return line(id).formula().sources();
  }

  /// The lines that are computed from a line, in order.
  public synchronized List<LineId> uses(LineId id) {
    if (uses.isEmpty()) {
      uses = Optional.of(allUses());
    }
    return uses.get().getOrDefault(id, List.of());
  }

  private Map<LineId, List<LineId>> allUses() {
    Map<LineId, List<LineId>> all = new HashMap<>();
    for (Line line : lines.inOrder().values()) {
      for (LineId source : line.formula().sources()) {
        all.computeIfAbsent(source, _ -> new ArrayList<>()).add(line.id());
      }
    }
    return all;
  }

  /// What every line comes to with nothing rounded.
  public synchronized Evaluation exact() {
    if (exact.isEmpty()) {
      exact = Optional.of(Evaluation.of(lines.inOrder(), Reading.EXACT));
    }
    return exact.get();
  }

  /// What every line comes to under a reading. It never throws: a line without a value says why,
  /// and numbers or rules for lines that there are not change nothing.
  public Evaluation evaluate(Reading reading) {
    return reading instanceof Reading.Exact ? exact() : Evaluation.of(lines.inOrder(), reading);
  }

  /// What a line and those that it rests on come to under a reading; nothing of the others.
  ///
  /// @throws NoSuchElementException if there is no such line
  public Evaluation evaluate(Reading reading, LineId wanted) {
    Set<LineId> needed = new HashSet<>();
    Deque<LineId> open = new ArrayDeque<>(List.of(wanted));
    while (!open.isEmpty()) {
      LineId next = open.pop();
      if (needed.add(next)) {
        open.addAll(reading.formula(line(next)).sources());
      }
    }
    Map<LineId, Line> some = new LinkedHashMap<>();
    lines
        .inOrder()
        .forEach(
            (id, line) -> {
              if (needed.contains(id)) {
                some.put(id, line);
              }
            });
    return Evaluation.of(some, reading);
  }

  /// What a line comes to by its second route, from the other lines' values; empty where it has no
  /// second route, or that has no value.
  ///
  /// @throws NoSuchElementException if there is no such line
  public Optional<Value> secondRoute(LineId id, Evaluation evaluation) {
    return line(id)
        .secondRoute()
        .flatMap(route -> Evaluator.exactly(evaluation::result).evaluate(route.formula()).found());
  }
}
