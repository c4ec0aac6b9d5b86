package lehrgang.core.derivation;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Wording;

/// The lines of a derivation in an order in which each comes after those that it uses, and the
/// steps that establish them. A procedure writes them; after that they are only read.
///
/// ```java
/// Lines lines = new Lines();
/// lines.begin("data");
/// lines.add(observed);
/// lines.begin("expected");
/// lines.add(expected); // uses `observed`
/// ```
public final class Lines {
  private final Map<LineId, Line> lines = new LinkedHashMap<>();
  private final Map<LineId, String> steps = new LinkedHashMap<>();
  private final Map<String, List<LineId>> families = new LinkedHashMap<>();
  private String step = "";

  /// The same lines, to go on from without changing these.
  public Lines copy() {
    Lines copy = new Lines();
    copy.lines.putAll(lines);
    copy.steps.putAll(steps);
    families.forEach((name, members) -> copy.families.put(name, new ArrayList<>(members)));
    copy.step = step;
    return copy;
  }

  /// The same lines with their symbols as a course writes them. A point of a curve is called as the
  /// curve is.
  Lines written(Wording wording) {
    Lines copy = copy();
    copy.lines.replaceAll(
        (_, line) ->
            line.written(
                line.kind() == Kind.CRITICAL
                    ? wording.indexed(line.symbol())
                    : wording.written(line.symbol())));
    return copy;
  }

  /// What the lines so far come to under a reading.
  public Evaluation evaluate(Reading reading) {
    return Evaluation.of(lines, reading);
  }

  /// Whatever is added from here on is established by a step.
  ///
  /// @param id the step's
  public Lines begin(String id) {
    step = id;
    return this;
  }

  /// Adds a line to the step begun last.
  ///
  /// @throws IllegalArgumentException if the line uses one that does not come before it, or if
  ///     there is one of its id
  /// @throws IllegalStateException if no step was begun
  public Lines add(Line line) {
    if (step.isEmpty()) {
      throw new IllegalStateException("no step is begun for " + line.id());
    }
    checkSources(line.formula(), line.id());
    if (lines.putIfAbsent(line.id(), line) != null) {
      throw new IllegalArgumentException("two lines are called " + line.id());
    }
    steps.put(line.id(), step);
    families.computeIfAbsent(line.id().name(), _ -> new ArrayList<>()).add(line.id());
    return this;
  }

  private void checkSources(Expr formula, LineId user) {
    switch (formula) {
      case Expr.Ref(var source) -> checkSource(source, user);
      case Expr.Via(var source, _) -> checkSource(source, user);
      default -> formula.parts().forEach(part -> checkSources(part, user));
    }
  }

  private void checkSource(LineId source, LineId user) {
    if (!lines.containsKey(source)) {
      throw new IllegalArgumentException(user + " uses " + source + " before it is there");
    }
  }

  /// Every line, in order.
  public Map<LineId, Line> inOrder() {
    return Collections.unmodifiableMap(lines);
  }

  /// The step of each line.
  Map<LineId, String> steps() {
    return Collections.unmodifiableMap(steps);
  }

  /// @throws NoSuchElementException if there is no such line
  public Line line(LineId id) {
    Line line = lines.get(id);
    if (line == null) {
      throw new NoSuchElementException("no line " + id);
    }
    return line;
  }

  /// Whether there is a line of this id.
  public boolean has(LineId id) {
    return lines.containsKey(id);
  }

  /// Whether any line is of a family.
  public boolean hasFamily(String name) {
    return families.containsKey(name);
  }

  /// The ids of all lines of a family, in order.
  ///
  /// @throws NoSuchElementException if no line is of this family
  public List<LineId> family(String name) {
    List<LineId> members = families.get(name);
    if (members == null) {
      throw new NoSuchElementException("no line of the family " + name);
    }
    return Collections.unmodifiableList(members);
  }

  /// The ids of all lines that a step establishes, in order.
  public List<LineId> ofStep(String id) {
    return steps.entrySet().stream()
        .filter(entry -> entry.getValue().equals(id))
        .map(Map.Entry::getKey)
        .toList();
  }
}
