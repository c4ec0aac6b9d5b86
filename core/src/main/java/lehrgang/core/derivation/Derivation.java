package lehrgang.core.derivation;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// A worked solution as a graph of lines, laid out in steps.
///
/// @param procedure  the procedure's id
/// @param lines      every number, in an order in which each comes after what it uses
/// @param steps      the page
/// @param conditions what must hold for the curve to be a fair model
/// @param notes      what else should be said
/// @param verdict    the result in one strip
/// @param exact      every value with nothing rounded
public record Derivation(
    String procedure,
    Map<LineId, Line> lines,
    List<Step> steps,
    List<Condition> conditions,
    List<Phrase> notes,
    Verdict verdict,
    Evaluation exact) {
  public Derivation {
    lines = Collections.unmodifiableMap(new LinkedHashMap<>(lines));
    steps = List.copyOf(steps);
    conditions = List.copyOf(conditions);
    notes = List.copyOf(notes);
  }

  public Derivation withNotes(List<Phrase> more) {
    return new Derivation(procedure, lines, steps, conditions, more, verdict, exact);
  }

  /// @throws NoSuchElementException if there is no such line
  public Line line(LineId id) {
    return find(id).orElseThrow(() -> new NoSuchElementException("no line " + id));
  }

  public Optional<Line> find(LineId id) {
    return Optional.ofNullable(lines.get(id));
  }

  /// The lines that a line is computed from.
  public List<LineId> sources(LineId id) {
    return line(id).formula().sources();
  }

  /// The lines that are computed from a line.
  public List<LineId> uses(LineId id) {
    return lines.values().stream()
        .filter(line -> line.formula().sources().contains(id))
        .map(Line::id)
        .toList();
  }

  /// The step that establishes a line.
  public Step stepOf(LineId id) {
    return steps.stream()
        .filter(step -> step.lines().contains(id))
        .findFirst()
        .orElseThrow(() -> new NoSuchElementException("no step has line " + id));
  }

  /// Computes every line under a reading.
  ///
  /// @throws ArithmeticException where the reading makes a line divide by 0
  public Evaluation evaluate(Reading reading) {
    return reading instanceof Reading.Exact ? exact : evaluate(lines, reading);
  }

  private static Evaluation evaluate(Map<LineId, Line> lines, Reading reading) {
    Map<LineId, Value> values = new HashMap<>(lines.size() * 2);
    Evaluator evaluator = new Evaluator(values::get);
    for (Line line : lines.values()) {
      Value value =
          reading
              .given(line.id())
              .orElseGet(() -> reading.settle(line, evaluator.evaluate(reading.formula(line))));
      values.put(line.id(), value);
    }
    return new Evaluation(Collections.unmodifiableMap(values));
  }

  /// The value of a line by its second route, from the other lines' values.
  public Optional<Value> secondRoute(LineId id, Evaluation evaluation) {
    return line(id)
        .secondRoute()
        .map(route -> new Evaluator(evaluation::of).evaluate(route.formula()));
  }

  /// Collects lines while a procedure writes them.
  public static final class Lines {
    private final Map<LineId, Line> lines = new LinkedHashMap<>();
    private final Map<String, List<LineId>> families = new LinkedHashMap<>();

    /// @throws IllegalArgumentException if a line uses one that does not come before it
    public Lines add(Line line) {
      checkSources(line.formula(), line.id());
      if (lines.put(line.id(), line) != null) {
        throw new IllegalArgumentException("two lines are called " + line.id());
      }
      families.computeIfAbsent(line.id().name(), _ -> new ArrayList<>()).add(line.id());
      return this;
    }

    private void checkSources(Expr formula, LineId user) {
      if (formula instanceof Expr.Ref(LineId source)) {
        if (!lines.containsKey(source)) {
          throw new IllegalArgumentException(user + " uses " + source + " before it is there");
        }
        return;
      }
      for (Expr part : formula.parts()) {
        checkSources(part, user);
      }
    }

    public Map<LineId, Line> inOrder() {
      return lines;
    }

    /// Every value so far under a reading.
    public Evaluation evaluate(Reading reading) {
      return Derivation.evaluate(lines, reading);
    }

    /// The ids of all lines of some families, one family after the other.
    public List<LineId> ofFamilies(String... names) {
      List<LineId> found = new ArrayList<>();
      for (String name : names) {
        found.addAll(families.getOrDefault(name, List.of()));
      }
      return found;
    }
  }
}
