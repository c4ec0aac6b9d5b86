package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.UnaryOperator;
import lehrgang.core.number.Value;

/// The iterations that find the point with a given right-tail area, by Newton's rule: each step
/// moves by (area − target) / height of the curve.
///
/// @param steps  from the starting value to the point found; never empty
/// @param course whether each step is Newton's
public record RootSearch(List<Iteration> steps, Course course) {
  /// Whether every step went by the rule.
  public enum Course {
    STRAIGHT,
    /// Some step would have led to 0 or below, and the point was halved instead.
    CUT_SHORT
  }

  /// @param point where the area was taken
  /// @param area   the area to its right
  /// @param height the height of the curve there
  public record Iteration(Value point, Value area, Value height) {}

  private static final int MOST_STEPS = 200;
  private static final BigDecimal CLOSE_ENOUGH = new BigDecimal("1e-33");

  /// The point found.
  public Value point() {
    return steps.getLast().point();
  }

  static RootSearch of(
      double start, UnaryOperator<Value> tail, DoubleUnaryOperator height, Value target) {
    List<Iteration> steps = new ArrayList<>();
    Course course = Course.STRAIGHT;
    Value point = Value.real(start);
    while (steps.size() < MOST_STEPS) {
      Value area = tail.apply(point);
      Value there = Value.real(height.applyAsDouble(point.asDouble()));
      steps.add(new Iteration(point, area, there));
      Value step = area.minus(target).over(there).inDecimals();
      Value next = point.plus(step);
      if (next.signum() <= 0) {
        next = point.over(Value.of(2));
        course = Course.CUT_SHORT;
      }
      if (step.magnitude().decimal().compareTo(point.decimal().multiply(CLOSE_ENOUGH)) < 0) {
        return new RootSearch(List.copyOf(steps), course);
      }
      point = next;
    }
    throw new ArithmeticException("no root found for a tail area of " + target);
  }
}
