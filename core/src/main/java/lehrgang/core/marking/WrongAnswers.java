package lehrgang.core.marking;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;

/// What a student writes who makes a known slip and all else right.
public final class WrongAnswers {
  private final Derivation derivation;
  private final Bends bends;
  private final Evaluator<Value> evaluator;

  /// @param derivation what the solution was worked out to
  public WrongAnswers(Derivation derivation) {
    this.derivation = derivation;
    this.bends = new Bends(derivation);
    this.evaluator = Evaluator.exactly(derivation.evaluate(Reading.EXACT)::result);
  }

  /// The number that each slip makes of a line, by the id of the slip, where it is another than the
  /// right one; of several ways to slip the first.
  public Map<String, Value> of(LineId id) {
    Line line = derivation.line(id);
    Optional<Value> right = derivation.exact().find(id);
    Map<String, Value> wrong = new LinkedHashMap<>();
    if (line.kind() == Kind.DECISION || line.kind() == Kind.CONDITION || right.isEmpty()) {
      return wrong;
    }
    for (Bends.Bent bent : bends.of(id)) {
      if (!wrong.containsKey(bent.slip())) {
        value(bent.formula())
            .filter(value -> value.compareTo(right.get()) != 0)
            .ifPresent(value -> wrong.put(bent.slip(), value));
      }
    }
    return wrong;
  }

  private Optional<Value> value(Expr formula) {
    return evaluator.evaluate(formula).found();
  }
}
