package lehrgang.core.derivation;

import java.util.Map;
import java.util.NoSuchElementException;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;

/// The value of every line under one reading.
public record Evaluation(Map<LineId, Value> values) {
  /// @throws NoSuchElementException if the derivation has no such line
  public Value of(LineId id) {
    Value value = values.get(id);
    if (value == null) {
      throw new NoSuchElementException("no line " + id);
    }
    return value;
  }

  public Value of(String id) {
    return of(LineId.parse(id).orElseThrow());
  }
}
