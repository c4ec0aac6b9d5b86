package lehrgang.core.marking;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Reason;
import lehrgang.core.expr.Result;
import lehrgang.core.number.Bounds;
import lehrgang.core.solution.MarkingRules;

/// What lines come to for one student: the numbers that stand on the sheet as far as there are any,
/// and what follows from them, each line rounded or not.
final class OwnNumbers {
  private final Derivation derivation;
  private final MarkingRules rules;
  private final Map<LineId, Result<Bounds>> fixed;
  private final Map<LineId, Bounds> own = new HashMap<>();
  private final Map<LineId, Result<Bounds>> known = new HashMap<>();
  private final Evaluator<Bounds> evaluator = Evaluator.inBounds(this::of);

  /// @param fixed of lines that rest on no answer, the same for every student
  OwnNumbers(Derivation derivation, MarkingRules rules, Map<LineId, Result<Bounds>> fixed) {
    this.derivation = derivation;
    this.rules = rules;
    this.fixed = fixed;
  }

  /// Takes over what stands on the sheet for a line.
  void put(LineId line, Bounds number) {
    own.put(line, number);
  }

  /// What a line comes to by a formula with the student's own numbers, rounded or not; empty where
  /// it has no value.
  Optional<Bounds> of(Line line, Expr formula) {
    return settled(line, evaluator.evaluate(formula)).found();
  }

  /// What a line comes to where a slip was made before it in lines that stand on no sheet.
  Optional<Bounds> of(Line line, Bends.Upstream slip) {
    return settled(line, new Bending(slip).evaluator.evaluate(line.formula())).found();
  }

  /// What a line comes to, or why it has no value.
  Result<Bounds> of(LineId id) {
    Bounds number = own.get(id);
    if (number != null) {
      return new Result.Defined<>(number);
    }
    Result<Bounds> same = fixed.get(id);
    if (same != null) {
      return same;
    }
    Result<Bounds> result = known.get(id);
    if (result == null) {
      Optional<Line> line = derivation.find(id);
      result =
          line.isEmpty()
              ? new Result.Undefined<>(new Reason.WithoutSource(id))
              : settled(line.get(), evaluator.evaluate(line.get().formula()));
      known.put(id, result);
    }
    return result;
  }

  private Result<Bounds> settled(Line line, Result<Bounds> result) {
    return result instanceof Result.Defined<Bounds>(var computed) && line.kind().mayBeRounded()
        ? new Result.Defined<>(computed.roundedToAtLeast(rules.fewestOf(line.kind())))
        : result;
  }

  /// The same where some lines follow other rules; what rests on none of those is not worked out
  /// again.
  private final class Bending {
    private final Bends.Upstream slip;
    private final Map<LineId, Result<Bounds>> found = new HashMap<>();
    private final Evaluator<Bounds> evaluator = Evaluator.inBounds(this::of);

    Bending(Bends.Upstream slip) {
      this.slip = slip;
    }

    private Result<Bounds> of(LineId id) {
      if (!slip.touched().contains(id)) {
        return OwnNumbers.this.of(id);
      }
      Result<Bounds> result = found.get(id);
      if (result == null) {
        Line line = derivation.line(id);
        Expr formula = slip.formulas().getOrDefault(id, line.formula());
        result = settled(line, evaluator.evaluate(formula));
        found.put(id, result);
      }
      return result;
    }
  }
}
