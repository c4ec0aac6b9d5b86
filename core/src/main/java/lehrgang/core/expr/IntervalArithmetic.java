package lehrgang.core.expr;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// The operations on ranges. A range that only partly has values, such as one around a divisor of
/// 0, gives the range of those that it has.
enum IntervalArithmetic implements Arithmetic<Interval> {
  INSTANCE;

  private static final Interval NO = Interval.of(Value.ZERO);
  private static final Interval YES = Interval.of(Value.ONE);
  private static final Interval PERHAPS = Interval.FROM_0_TO_1;
  private static final Interval FROM_MINUS_1_TO_1 = Interval.of(Value.of(-1), Value.ONE);

  @Override
  public Interval of(Value number) {
    return Interval.of(number);
  }

  @Override
  public Interval plus(Interval left, Interval right) {
    return left.plus(right);
  }

  @Override
  public Interval minus(Interval left, Interval right) {
    return left.minus(right);
  }

  @Override
  public Interval times(Interval left, Interval right) {
    return left.times(right);
  }

  @Override
  public Interval over(Interval above, Interval below) {
    return above.over(below).orElseThrow(() -> new Impossible(Cause.DIVISION_BY_ZERO));
  }

  @Override
  public Interval power(Interval base, int exponent) {
    return base.power(exponent);
  }

  @Override
  public Interval root(Interval radicand) {
    return radicand.squareRoot().orElseThrow(() -> new Impossible(Cause.ROOT_OF_NEGATIVE));
  }

  @Override
  public Interval magnitude(Interval number) {
    return number.magnitude();
  }

  @Override
  public Interval negated(Interval number) {
    return number.negated();
  }

  /// Of a range that rises with its number: the ends' own values, moved outwards.
  private static Interval rising(
      Interval range, UnaryOperator<Value> function, Interval image, Cause cause) {
    try {
      return new Interval(
              range.low().map(function).or(image::low), range.high().map(function).or(image::high))
          .widened()
          .within(image)
          .orElseThrow(() -> new Impossible(cause));
    } catch (Impossible tooFar) {
      return image;
    }
  }

  @Override
  public Interval exponential(Interval exponent) {
    if (exponent.isPoint()) {
      return Interval.of(ValueArithmetic.INSTANCE.exponential(exponent.low().orElseThrow()))
          .widened();
    }
    return rising(
        exponent, ValueArithmetic.INSTANCE::exponential, Interval.NOT_NEGATIVE, Cause.TOO_LARGE);
  }

  @Override
  public Interval logarithm(Interval number) {
    if (number.high().filter(end -> end.signum() <= 0).isPresent()) {
      throw new Impossible(Cause.LOGARITHM_OF_NOT_POSITIVE);
    }
    Optional<Value> low = number.low().filter(end -> end.signum() > 0);
    return new Interval(
            low.map(ValueArithmetic.INSTANCE::logarithm),
            number.high().map(ValueArithmetic.INSTANCE::logarithm))
        .widened();
  }

  @Override
  public Interval arcsine(Interval sine) {
    Interval cut =
        sine.within(FROM_MINUS_1_TO_1).orElseThrow(() -> new Impossible(Cause.ARCSINE_OUTSIDE));
    return new Interval(
            cut.low().map(ValueArithmetic.INSTANCE::arcsine),
            cut.high().map(ValueArithmetic.INSTANCE::arcsine))
        .widened();
  }

  @Override
  public Interval choose(Interval from, Interval chosen) {
    return from.isPoint() && chosen.isPoint()
        ? Interval.of(
            ValueArithmetic.INSTANCE.choose(from.low().orElseThrow(), chosen.low().orElseThrow()))
        : Interval.NOT_NEGATIVE;
  }

  @Override
  public Interval smaller(Interval one, Interval other) {
    return larger(one.negated(), other.negated()).negated();
  }

  @Override
  public Interval larger(Interval one, Interval other) {
    Optional<Value> least =
        one.low().isPresent() && other.low().isPresent()
            ? Optional.of(max(one.low().get(), other.low().get()))
            : one.low().or(other::low);
    return new Interval(
        least, one.high().flatMap(end -> other.high().map(otherEnd -> max(end, otherEnd))));
  }

  private static Value max(Value one, Value other) {
    return ValueArithmetic.INSTANCE.larger(one, other);
  }

  @Override
  public Interval atLeast(Interval left, Interval right) {
    if (surely(left.low(), right.high())) {
      return YES;
    }
    return possibly(left.high(), right.low()) ? PERHAPS : NO;
  }

  private static boolean surely(Optional<Value> least, Optional<Value> most) {
    return least.isPresent() && most.isPresent() && holds(least.get(), most.get());
  }

  private static boolean possibly(Optional<Value> most, Optional<Value> least) {
    return most.isEmpty() || least.isEmpty() || holds(most.get(), least.get());
  }

  private static boolean holds(Value left, Value right) {
    return ValueArithmetic.INSTANCE.atLeast(left, right).signum() > 0;
  }

  @Override
  public Interval named(NamedFunction function, List<Interval> arguments, Workspace workspace) {
    return function.range(arguments, workspace).orElseThrow(() -> new Impossible(Cause.OUTSIDE));
  }

  @Override
  public Interval either(
      Interval condition, Supplier<Interval> then, Supplier<Interval> otherwise) {
    if (!condition.holds(Value.ZERO)) {
      return then.get();
    }
    if (condition.isPoint()) {
      return otherwise.get();
    }
    return Branches.hull(then, otherwise);
  }

  /// Both cases where either may be the one.
  private static final class Branches {
    private Branches() {}

    static Interval hull(Supplier<Interval> then, Supplier<Interval> otherwise) {
      Interval one;
      try {
        one = then.get();
      } catch (NoValue none) {
        return otherwise.get();
      }
      try {
        return one.hull(otherwise.get());
      } catch (NoValue none) {
        return one;
      }
    }
  }
}
