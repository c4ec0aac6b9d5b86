package lehrgang.core.derivation;

import java.util.Collections;
import java.util.HashMap;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Reason;
import lehrgang.core.expr.Result;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// What every line comes to under one reading: a value, or the reason why there is none.
///
/// @param results of every line
/// @param ranges  of every line, under a reading within rounding; empty under others
public record Evaluation(Map<LineId, Result<Value>> results, Map<LineId, Result<Interval>> ranges) {
  public Evaluation {
    results = Collections.unmodifiableMap(results);
    ranges = Collections.unmodifiableMap(ranges);
  }

  /// Computes every line, when it is first asked for.
  ///
  /// @param lines each after those that it uses
  static Evaluation of(Map<LineId, Line> lines, Reading reading) {
    Map<LineId, Result<Value>> results =
        new ResultsOnDemand(lines, (line, evaluator) -> result(line, reading, evaluator));
    return new Evaluation(results, reading.hasRanges() ? ranges(lines, reading) : Map.of());
  }

  private static Result<Value> result(Line line, Reading reading, Evaluator<Value> evaluator) {
    return reading
        .given(line.id())
        .<Result<Value>>map(Result.Defined::new)
        .orElseGet(() -> settled(reading, line, evaluator.evaluate(reading.formula(line))));
  }

  private static Result<Value> settled(Reading reading, Line line, Result<Value> result) {
    return switch (result) {
      case Result.Defined<Value>(var value) -> {
        Value settled = reading.settle(line, value);
        yield settled == value ? result : new Result.Defined<>(settled);
      }
      case Result.Undefined<Value> _ -> result;
    };
  }

  private static Map<LineId, Result<Interval>> ranges(Map<LineId, Line> lines, Reading reading) {
    Map<LineId, Result<Interval>> ranges = new HashMap<>(lines.size() * 2);
    Evaluator<Interval> evaluator = Evaluator.inRanges(id -> known(ranges, id));
    for (Line line : lines.values()) {
      Result<Interval> range =
          reading
              .given(line.id())
              .<Result<Interval>>map(value -> new Result.Defined<>(Interval.of(value)))
              .orElseGet(() -> evaluator.evaluate(reading.formula(line)));
      ranges.put(
          line.id(),
          range instanceof Result.Defined<Interval>(var computed)
                  && reading.given(line.id()).isEmpty()
              ? new Result.Defined<>(reading.settle(line, computed))
              : range);
    }
    return ranges;
  }

  /// The same without the values of some lines, as if there were none to be had.
  public Evaluation without(Predicate<LineId> hidden) {
    return new Evaluation(withheld(results, hidden), withheld(ranges, hidden));
  }

  private static <T> Map<LineId, Result<T>> withheld(
      Map<LineId, Result<T>> results, Predicate<LineId> hidden) {
    Map<LineId, Result<T>> left = new HashMap<>(results);
    left.replaceAll(
        (id, result) -> hidden.test(id) ? new Result.Undefined<>(new Reason.Withheld()) : result);
    return left;
  }

  private static <T> Result<T> known(Map<LineId, Result<T>> results, LineId id) {
    Result<T> known = results.get(id);
    return known == null ? new Result.Undefined<>(new Reason.WithoutSource(id)) : known;
  }

  /// The value of a line, or the reason why it has none.
  ///
  /// @throws NoSuchElementException if the derivation has no such line
  public Result<Value> result(LineId id) {
    Result<Value> result = results.get(id);
    if (result == null) {
      throw new NoSuchElementException("no line " + id);
    }
    return result;
  }

  /// The value of a line, where it has one.
  ///
  /// @throws NoSuchElementException if the derivation has no such line
  public Optional<Value> find(LineId id) {
    return result(id).found();
  }

  /// The value of a line that surely has one.
  ///
  /// @throws NoSuchElementException if the derivation has no such line, or the line has no value
  public Value of(LineId id) {
    return find(id).orElseThrow(() -> new NoSuchElementException(id + " has no value"));
  }

  /// As [#of(LineId)], for an id as it is spelled.
  ///
  /// @throws IllegalArgumentException if `id` spells none
  public Value of(String id) {
    return of(
        LineId.parse(id).orElseThrow(() -> new IllegalArgumentException("no line id: " + id)));
  }

  /// −1, 0 or 1; 0 for a line without a value too.
  public int sign(LineId id) {
    return find(id).map(Value::signum).orElse(0);
  }

  /// Whether a condition is 1; one without a value does not hold.
  public boolean holds(LineId id) {
    return sign(id) > 0;
  }

  /// Whether a condition is 0; one without a value does not fail either.
  public boolean fails(LineId id) {
    return find(id).filter(value -> value.signum() == 0).isPresent();
  }

  /// How one line compares with another: −1, 0 or 1; 0 where either has no value.
  public int compare(LineId one, LineId other) {
    return find(one).flatMap(a -> find(other).map(a::compareTo)).orElse(0);
  }

  /// Its value as a whole number from 0 to `most`, where it is one.
  ///
  /// @param most 0 or more
  public OptionalInt whole(LineId id, int most) {
    return find(id)
        .filter(value -> value.isWhole() && value.signum() >= 0)
        .filter(value -> value.compareTo(Value.of(most)) <= 0)
        .map(value -> OptionalInt.of(value.intValueExact()))
        .orElse(OptionalInt.empty());
  }

  /// The range of a line, under a reading within rounding.
  public Optional<Interval> range(LineId id) {
    return Optional.ofNullable(ranges.get(id)).flatMap(Result::found);
  }

  /// Where a line without a value leads back to: the first line whose own formula has none.
  public LineId origin(LineId id) {
    return result(id) instanceof Result.Undefined<Value>(Reason.Follows(var source))
        ? origin(source)
        : id;
  }

  /// Why a line has no value; empty where it has one.
  public Optional<Reason> reason(LineId id) {
    return result(id) instanceof Result.Undefined<Value>(var reason)
        ? Optional.of(reason)
        : Optional.empty();
  }
}
