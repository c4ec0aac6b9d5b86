package lehrgang.core.expr;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Supplier;
import lehrgang.core.expr.NamedFunction.Slope;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// The operations on ranges in double precision. A range that only partly has values gives the
/// range of those that it has.
enum BoundsArithmetic implements Arithmetic<Bounds> {
  INSTANCE;

  private static final Bounds NO = Bounds.of(0);
  private static final Bounds YES = Bounds.of(1);
  private static final Bounds PERHAPS = new Bounds(0, 1);

  /// Numbers that differ by less are the same but for their last digits.
  private static final double SAME = 1e-11;

  @Override
  public Bounds of(Value number) {
    return Bounds.of(number.asDouble());
  }

  @Override
  public Bounds plus(Bounds left, Bounds right) {
    return new Bounds(left.low() + right.low(), left.high() + right.high());
  }

  @Override
  public Bounds minus(Bounds left, Bounds right) {
    return new Bounds(left.low() - right.high(), left.high() - right.low());
  }

  @Override
  public Bounds times(Bounds left, Bounds right) {
    double a = product(left.low(), right.low());
    double b = product(left.low(), right.high());
    double c = product(left.high(), right.low());
    double d = product(left.high(), right.high());
    return new Bounds(
        Math.min(Math.min(a, b), Math.min(c, d)), Math.max(Math.max(a, b), Math.max(c, d)));
  }

  /// Nothing of anything is nothing.
  private static double product(double a, double b) {
    return a == 0 || b == 0 ? 0 : a * b;
  }

  @Override
  public Bounds over(Bounds above, Bounds below) {
    if (below.low() == 0 && below.high() == 0) {
      throw new Impossible(Cause.DIVISION_BY_ZERO);
    }
    if (below.low() < 0 && below.high() > 0) {
      return Bounds.EVERYTHING;
    }
    double least = below.high() == 0 ? Double.NEGATIVE_INFINITY : 1 / below.high();
    double most = below.low() == 0 ? Double.POSITIVE_INFINITY : 1 / below.low();
    return times(above, new Bounds(least, most));
  }

  @Override
  public Bounds power(Bounds base, int exponent) {
    if (exponent == 0) {
      return YES;
    }
    Bounds of = exponent % 2 == 0 ? magnitude(base) : base;
    return new Bounds(Math.pow(of.low(), exponent), Math.pow(of.high(), exponent));
  }

  @Override
  public Bounds root(Bounds radicand) {
    if (radicand.high() < 0) {
      throw new Impossible(Cause.ROOT_OF_NEGATIVE);
    }
    return new Bounds(Math.sqrt(Math.max(0, radicand.low())), Math.sqrt(radicand.high()));
  }

  @Override
  public Bounds magnitude(Bounds number) {
    if (number.low() >= 0) {
      return number;
    }
    return number.high() <= 0
        ? negated(number)
        : new Bounds(0, Math.max(-number.low(), number.high()));
  }

  @Override
  public Bounds negated(Bounds number) {
    return new Bounds(-number.high(), -number.low());
  }

  private static Bounds rising(Bounds of, DoubleUnaryOperator function) {
    return new Bounds(function.applyAsDouble(of.low()), function.applyAsDouble(of.high()));
  }

  @Override
  public Bounds exponential(Bounds exponent) {
    return rising(exponent, Math::exp);
  }

  @Override
  public Bounds logarithm(Bounds number) {
    if (number.high() <= 0) {
      throw new Impossible(Cause.LOGARITHM_OF_NOT_POSITIVE);
    }
    return rising(new Bounds(Math.max(0, number.low()), number.high()), Math::log);
  }

  @Override
  public Bounds arcsine(Bounds sine) {
    if (sine.low() > 1 || sine.high() < -1) {
      throw new Impossible(Cause.ARCSINE_OUTSIDE);
    }
    return rising(new Bounds(Math.max(-1, sine.low()), Math.min(1, sine.high())), Math::asin);
  }

  @Override
  public Bounds choose(Bounds from, Bounds chosen) {
    return from.isPoint() && chosen.isPoint()
        ? Bounds.of(DoubleArithmetic.INSTANCE.choose(from.low(), chosen.low()))
        : new Bounds(0, Double.POSITIVE_INFINITY);
  }

  @Override
  public Bounds smaller(Bounds one, Bounds other) {
    return new Bounds(Math.min(one.low(), other.low()), Math.min(one.high(), other.high()));
  }

  @Override
  public Bounds larger(Bounds one, Bounds other) {
    return new Bounds(Math.max(one.low(), other.low()), Math.max(one.high(), other.high()));
  }

  /// Numbers that are the same but for their last digits are equal, as they are in fractions.
  @Override
  public Bounds atLeast(Bounds left, Bounds right) {
    if (holds(left.low(), right.high())) {
      return YES;
    }
    return holds(left.high(), right.low()) ? PERHAPS : NO;
  }

  private static boolean holds(double left, double right) {
    return left >= right - SAME * Math.max(Math.abs(left), Math.abs(right));
  }

  @Override
  public Bounds named(NamedFunction function, List<Bounds> arguments, Workspace workspace) {
    List<Double> lowest = new ArrayList<>(arguments.size());
    List<Double> highest = new ArrayList<>(arguments.size());
    boolean points = true;
    for (int k = 0; k < arguments.size(); k++) {
      // A slip may give a statistic below 0: all of the curve lies to its right.
      Bounds range = arguments.get(k).cut(Bounds.of(function.domain(k)));
      points &= range.isPoint();
      if (function.slope(k) == Slope.UNKNOWN && !range.isPoint()) {
        return function
            .range(arguments.stream().map(BoundsArithmetic::interval).toList(), workspace)
            .map(Bounds::of)
            .orElseThrow(() -> new Impossible(Cause.OUTSIDE));
      }
      boolean falls = function.slope(k) == Slope.FALLING;
      lowest.add(falls ? range.high() : range.low());
      highest.add(falls ? range.low() : range.high());
    }
    Bounds image = Bounds.of(function.image());
    OptionalDouble low = corner(function, lowest, workspace);
    if (points) {
      return Bounds.of(low.orElseThrow(() -> new Impossible(Cause.OUTSIDE)));
    }
    double one = low.orElse(image.low());
    double other = corner(function, highest, workspace).orElse(image.high());
    return new Bounds(Math.min(one, other), Math.max(one, other));
  }

  private static Interval interval(Bounds range) {
    return range.isPoint()
        ? Interval.of(value(range.low()))
        : new Interval(end(range.low()), end(range.high()));
  }

  private static Optional<Value> end(double number) {
    return Double.isFinite(number) ? Optional.of(value(number)) : Optional.empty();
  }

  /// By the independent library where it can, for it works in doubles.
  private static OptionalDouble corner(
      NamedFunction function, List<Double> corner, Workspace workspace) {
    if (!corner.stream().allMatch(Double::isFinite)) {
      return OptionalDouble.empty();
    }
    List<Value> values = corner.stream().<Value>map(BoundsArithmetic::value).toList();
    if (function.objection(values).isPresent()) {
      return OptionalDouble.empty();
    }
    OptionalDouble quick = function.secondOpinion(values);
    return quick.isPresent() && Double.isFinite(quick.getAsDouble())
        ? quick
        : OptionalDouble.of(function.apply(values, workspace).asDouble());
  }

  /// A whole number is one, and not a long decimal.
  private static Value value(double number) {
    return number == Math.rint(number) && Math.abs(number) < Integer.MAX_VALUE
        ? Value.of((long) number)
        : Value.real(number);
  }

  @Override
  public Bounds either(Bounds condition, Supplier<Bounds> then, Supplier<Bounds> otherwise) {
    if (condition.low() > 0) {
      return then.get();
    }
    return condition.high() <= 0 ? otherwise.get() : then.get().hull(otherwise.get());
  }
}
