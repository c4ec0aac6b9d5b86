package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.UnaryOperator;
import lehrgang.core.number.Elementary;
import lehrgang.core.number.Value;

/// The iterations that find the point with a given right-tail area, by Newton's rule: each step
/// moves by (area − target) / density. The point stays between those that were found to lie to the
/// left and to the right of the root; where the rule would lead out of there, or is slow, the
/// distance is halved.
///
/// @param steps  from the starting value to the point found; never empty
/// @param course whether each step is Newton's
/// @param start  where the first point comes from
public record RootSearch(List<Iteration> steps, Course course, Start start) {
  /// Whether every step went by the rule.
  public enum Course {
    STRAIGHT,
    /// Some step was another one.
    CUT_SHORT
  }

  /// Where the first point comes from.
  public enum Start {
    /// A formula that can be worked out by hand.
    FORMULA,
    /// A guess near the root.
    GUESS
  }

  /// @param point where the area was taken
  /// @param area   the area to its right
  /// @param height the density there
  public record Iteration(Value point, Value area, Value height) {}

  private static final int MOST_STEPS = 400;

  /// Newton's rule needs fewer steps than this wherever its start is near enough to be shown.
  private static final int SLOW = 40;

  private static final BigDecimal CLOSE_ENOUGH = new BigDecimal("1e-33");
  private static final Value TWO = Value.of(2);

  /// The point found.
  public Value point() {
    return steps.getLast().point();
  }

  /// Searches the point.
  ///
  /// @param start      above 0
  /// @param tail       the area to the right of a point
  /// @param logDensity the logarithm of the density, since far out the density itself is too small
  ///     for double precision
  /// @param target     the area wanted, above 0
  /// @throws ArithmeticException if the search comes to no end
  static RootSearch of(
      double start,
      Start from,
      UnaryOperator<Value> tail,
      DoubleUnaryOperator logDensity,
      Value target) {
    return falling(
        start,
        from,
        tail,
        point -> Elementary.exp(Value.real(logDensity.applyAsDouble(point.asDouble()))),
        target);
  }

  /// Searches the point.
  ///
  /// @param start   above 0
  /// @param tail    falls from a value above the target to one below it
  /// @param density how fast it falls at a point
  /// @param target  the value wanted, above 0
  /// @throws ArithmeticException if the search comes to no end
  static RootSearch falling(
      double start,
      Start from,
      UnaryOperator<Value> tail,
      UnaryOperator<Value> density,
      Value target) {
    List<Iteration> steps = new ArrayList<>();
    Course course = Course.STRAIGHT;
    Value left = Value.ZERO;
    Optional<Value> right = Optional.empty();
    Value point = Value.real(start);
    while (steps.size() < MOST_STEPS) {
      Value area = tail.apply(point);
      Value height = density.apply(point);
      steps.add(new Iteration(point, area, height));
      Value step = area.minus(target).over(height).inDecimals();
      if (step.magnitude().decimal().compareTo(point.decimal().multiply(CLOSE_ENOUGH)) < 0) {
        return new RootSearch(List.copyOf(steps), course, from);
      }
      if (step.signum() > 0) {
        left = point;
      } else {
        right = Optional.of(point);
      }
      Value next = point.plus(step);
      boolean slow = steps.size() > SLOW && steps.size() % 2 == 0;
      if (isOutside(next, left, right) || slow && right.isPresent()) {
        next = left.plus(right.orElseThrow()).over(TWO);
        course = Course.CUT_SHORT;
      }
      point = next.inDecimals();
    }
    throw new ArithmeticException("no root found for a tail area of " + target);
  }

  private static boolean isOutside(Value next, Value left, Optional<Value> right) {
    return next.compareTo(left) <= 0
        || right.filter(bound -> next.compareTo(bound) >= 0).isPresent();
  }
}
