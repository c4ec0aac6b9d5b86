package lehrgang.core.distribution;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// The range of a probability that rises with a parameter up to a peak and falls from there.
final class SinglePeak {
  private SinglePeak() {}

  /// @param parameter the place of the parameter; the arguments before it are single numbers, or
  ///     nothing is known of the range but the image
  /// @param peak      where the probability is largest, from the first two arguments
  static Optional<Interval> range(
      NamedFunction function,
      List<Interval> arguments,
      int parameter,
      BiFunction<Value, Value, Optional<Value>> peak,
      Workspace workspace) {
    List<Value> fixed = new ArrayList<>();
    for (Interval argument : arguments.subList(0, parameter)) {
      if (!argument.isPoint()) {
        return Optional.of(function.image());
      }
      fixed.add(argument.low().orElseThrow());
    }
    Optional<Interval> cut = arguments.get(parameter).within(function.domain(parameter));
    if (cut.isEmpty()) {
      return Optional.empty();
    }
    Interval range = cut.get();
    List<Value> ends = new ArrayList<>();
    range.low().ifPresent(ends::add);
    range.high().ifPresent(ends::add);
    peak.apply(fixed.getFirst(), fixed.getLast()).filter(range::holds).ifPresent(ends::add);
    List<Value> values = new ArrayList<>();
    for (Value end : ends) {
      List<Value> all = new ArrayList<>(fixed);
      all.add(end);
      if (function.objection(all).isEmpty()) {
        values.add(function.apply(all, workspace));
      } else if (range.isPoint()) {
        return Optional.empty();
      } else {
        return Optional.of(function.image());
      }
    }
    if (range.low().isEmpty() || range.high().isEmpty()) {
      values.add(Value.ZERO);
    }
    return Interval.of(Collections.min(values), Collections.max(values))
        .widened()
        .within(function.image());
  }
}
