package lehrgang.core.expr;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.NamedFunction.Slope;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// The range of a function that rises or falls with each of its arguments: from its values at two
/// corners of the ranges of its arguments.
final class MonotoneRange {
  private MonotoneRange() {}

  static Optional<Interval> of(
      NamedFunction function, List<Interval> arguments, Workspace workspace) {
    List<Optional<Value>> lowest = new ArrayList<>();
    List<Optional<Value>> highest = new ArrayList<>();
    boolean points = true;
    for (int k = 0; k < arguments.size(); k++) {
      Optional<Interval> cut = arguments.get(k).within(function.domain(k));
      if (cut.isEmpty()) {
        return Optional.empty();
      }
      Interval range = cut.get();
      points &= range.isPoint();
      if (function.slope(k) == Slope.UNKNOWN && !range.isPoint()) {
        return Optional.of(function.image());
      }
      boolean falls = function.slope(k) == Slope.FALLING;
      lowest.add(falls ? range.high() : range.low());
      highest.add(falls ? range.low() : range.high());
    }
    Optional<Value> low = corner(function, lowest, workspace);
    Optional<Value> high = corner(function, highest, workspace);
    if (points && low.isEmpty()) {
      return Optional.empty();
    }
    Interval image = function.image();
    return ordered(low.or(image::low), high.or(image::high)).widened().within(image);
  }

  /// Where a function is all but flat, the last digit of its values may put the ends the wrong way
  /// round.
  private static Interval ordered(Optional<Value> low, Optional<Value> high) {
    boolean turned = low.isPresent() && high.isPresent() && low.get().compareTo(high.get()) > 0;
    return turned ? new Interval(high, low) : new Interval(low, high);
  }

  /// The value at a corner; none where the corner is infinitely far out, or the function ends
  /// there.
  private static Optional<Value> corner(
      NamedFunction function, List<Optional<Value>> corner, Workspace workspace) {
    if (corner.stream().anyMatch(Optional::isEmpty)) {
      return Optional.empty();
    }
    List<Value> values = corner.stream().map(Optional::orElseThrow).toList();
    return function.objection(values).isPresent()
        ? Optional.empty()
        : Optional.of(function.apply(values, workspace));
  }
}
