package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A range of numbers that is sound: whatever is computed from it holds every result for numbers
/// out of it. Single fractions stay fractions; all else has ends of [Value#PRECISION] digits,
/// rounded outwards.
///
/// @param low  the smallest number, itself included; empty where there is no bound
/// @param high the largest number, itself included; empty where there is no bound
public record Interval(Optional<Value> low, Optional<Value> high) {
  public static final Interval EVERYTHING = new Interval(Optional.empty(), Optional.empty());

  /// The numbers of 0 and more.
  public static final Interval NOT_NEGATIVE =
      new Interval(Optional.of(Value.ZERO), Optional.empty());

  /// Probabilities and shares.
  public static final Interval FROM_0_TO_1 = of(Value.ZERO, Value.ONE);

  static final MathContext DOWN =
      new MathContext(Value.PRECISION.getPrecision(), RoundingMode.FLOOR);
  static final MathContext UP =
      new MathContext(Value.PRECISION.getPrecision(), RoundingMode.CEILING);

  /// What a computation in several steps may be off by, relatively.
  private static final BigDecimal SLACK = new BigDecimal("1e-34");

  private static final BigDecimal HALF = new BigDecimal("0.5");

  /// Rounding to so many decimals more than asked is looked at; finer rounding is bounded.
  private static final int FINER = 4;

  /// @throws IllegalArgumentException if the low end is above the high one
  public Interval {
    if (low.isPresent() && high.isPresent() && low.get().compareTo(high.get()) > 0) {
      throw new IllegalArgumentException(
          "a range cannot go from %s down to %s".formatted(low.get(), high.get()));
    }
  }

  /// The range of a single number.
  public static Interval of(Value only) {
    return new Interval(Optional.of(only), Optional.of(only));
  }

  /// @throws IllegalArgumentException if `low` is above `high`
  public static Interval of(Value low, Value high) {
    return new Interval(Optional.of(low), Optional.of(high));
  }

  /// Whether it is a single number.
  public boolean isPoint() {
    return low.isPresent() && high.isPresent() && low.get().compareTo(high.get()) == 0;
  }

  private Optional<Rational> fraction() {
    return isPoint() && low.get() instanceof Rational only ? Optional.of(only) : Optional.empty();
  }

  /// Whether a number lies in the range, its ends included.
  public boolean holds(Value number) {
    return low.filter(end -> end.compareTo(number) > 0).isEmpty()
        && high.filter(end -> end.compareTo(number) < 0).isEmpty();
  }

  /// What this range and another have in common; empty where they do not meet.
  public Optional<Interval> within(Interval other) {
    Optional<Value> from = last(low, other.low);
    Optional<Value> to = first(high, other.high);
    return from.isPresent() && to.isPresent() && from.get().compareTo(to.get()) > 0
        ? Optional.empty()
        : Optional.of(new Interval(from, to));
  }

  /// The smallest range that holds both.
  public Interval hull(Interval other) {
    return new Interval(
        low.isEmpty() || other.low.isEmpty() ? Optional.empty() : first(low, other.low),
        high.isEmpty() || other.high.isEmpty() ? Optional.empty() : last(high, other.high));
  }

  private static Optional<Value> last(Optional<Value> one, Optional<Value> other) {
    return Stream.of(one, other).flatMap(Optional::stream).max(Comparator.naturalOrder());
  }

  private static Optional<Value> first(Optional<Value> one, Optional<Value> other) {
    return Stream.of(one, other).flatMap(Optional::stream).min(Comparator.naturalOrder());
  }

  /// The range of −x for x in this one.
  public Interval negated() {
    return new Interval(high.map(Value::negated), low.map(Value::negated));
  }

  /// The range of x + y for x in this one and y in `other`.
  public Interval plus(Interval other) {
    Optional<Rational> one = fraction();
    Optional<Rational> two = other.fraction();
    return one.isPresent() && two.isPresent()
        ? of(one.get().plus(two.get()))
        : new Interval(sum(low, other.low, DOWN), sum(high, other.high, UP));
  }

  private static Optional<Value> sum(
      Optional<Value> one, Optional<Value> other, MathContext outwards) {
    return one.flatMap(
        a -> other.map(b -> new Real(decimal(a, outwards).add(decimal(b, outwards), outwards))));
  }

  /// The range of x − y for x in this one and y in `other`.
  public Interval minus(Interval other) {
    return plus(other.negated());
  }

  /// The range of x·y for x in this one and y in `other`.
  public Interval times(Interval other) {
    Optional<Rational> one = fraction();
    Optional<Rational> two = other.fraction();
    if (one.isPresent() && two.isPresent()) {
      return of(one.get().times(two.get()));
    }
    return new Interval(
        corners(this, other, DOWN).min(Comparator.naturalOrder()).flatMap(IntervalEnd::number),
        corners(this, other, UP).max(Comparator.naturalOrder()).flatMap(IntervalEnd::number));
  }

  private static Stream<IntervalEnd> corners(Interval one, Interval other, MathContext outwards) {
    return Stream.of(IntervalEnd.low(one), IntervalEnd.high(one))
        .flatMap(
            a ->
                Stream.of(IntervalEnd.low(other), IntervalEnd.high(other))
                    .map(b -> a.times(b, outwards)));
  }

  /// Empty where `other` is nothing but 0; a divisor that may be 0 leaves no bound.
  public Optional<Interval> over(Interval other) {
    Optional<Rational> one = fraction();
    Optional<Rational> two = other.fraction().filter(divisor -> divisor.signum() != 0);
    return one.isPresent() && two.isPresent()
        ? Optional.of(of(one.get().over(two.get())))
        : other.inverse().map(this::times);
  }

  private Optional<Interval> inverse() {
    boolean fromZero = low.filter(end -> end.signum() == 0).isPresent();
    boolean toZero = high.filter(end -> end.signum() == 0).isPresent();
    if (fromZero && toZero) {
      return Optional.empty();
    }
    if (!fromZero && !toZero && holds(Value.ZERO)) {
      return Optional.of(EVERYTHING);
    }
    return Optional.of(
        new Interval(
            toZero ? Optional.empty() : Optional.of(inverse(high, DOWN)),
            fromZero ? Optional.empty() : Optional.of(inverse(low, UP))));
  }

  /// 1/x falls, so that the divisor is rounded the other way.
  private static Value inverse(Optional<Value> end, MathContext outwards) {
    MathContext inwards = outwards == DOWN ? UP : DOWN;
    return end.<Value>map(x -> new Real(BigDecimal.ONE.divide(decimal(x, inwards), outwards)))
        .orElse(Value.ZERO);
  }

  /// @param exponent 0 or more; anything to the power 0 is 1, also 0 itself
  /// @throws IllegalArgumentException if the exponent is negative
  public Interval power(int exponent) {
    if (exponent < 0) {
      throw new IllegalArgumentException("negative exponent: " + exponent);
    }
    if (exponent == 0) {
      return of(Value.ONE);
    }
    Optional<Rational> only = fraction();
    if (only.isPresent() || exponent == 1) {
      return only.map(base -> of(base.power(exponent))).orElse(this);
    }
    Interval base = exponent % 2 == 0 ? magnitude() : this;
    return new Interval(
        base.low.map(end -> power(end, exponent, DOWN)),
        base.high.map(end -> power(end, exponent, UP)));
  }

  private static Value power(Value base, int exponent, MathContext outwards) {
    if (base.signum() < 0) {
      return power(base.negated(), exponent, outwards == DOWN ? UP : DOWN).negated();
    }
    BigDecimal factor = decimal(base, outwards);
    BigDecimal power = factor;
    for (int k = 1; k < exponent; k++) {
      power = power.multiply(factor, outwards);
    }
    return new Real(power);
  }

  /// The range of |x| for x in this one.
  public Interval magnitude() {
    if (!holds(Value.ZERO)) {
      return low.filter(end -> end.signum() > 0).isPresent() ? this : negated();
    }
    Optional<Value> furthest =
        low.isEmpty() || high.isEmpty() ? Optional.empty() : last(high, low.map(Value::negated));
    return new Interval(Optional.of(Value.ZERO), furthest);
  }

  /// The square roots of the numbers that have one; empty where none has.
  public Optional<Interval> squareRoot() {
    return within(NOT_NEGATIVE)
        .map(
            range ->
                new Interval(range.low.map(Value::squareRoot), range.high.map(Value::squareRoot)))
        .flatMap(roots -> roots.widened().within(NOT_NEGATIVE));
  }

  /// With ends that are not fractions moved outwards by what their computation may be off.
  public Interval widened() {
    return new Interval(
        low.map(end -> end instanceof Real(var at) ? widened(at, DOWN) : end),
        high.map(end -> end instanceof Real(var at) ? widened(at, UP) : end));
  }

  private static Value widened(BigDecimal end, MathContext outwards) {
    BigDecimal slack = end.abs().multiply(SLACK);
    return new Real(outwards == DOWN ? end.subtract(slack, DOWN) : end.add(slack, UP));
  }

  /// Every value that rounding a number of this range to so many places gives, half up.
  ///
  /// @param decimals 0 or more
  public Interval rounded(int decimals) {
    return new Interval(
        low.map(end -> end.asWritten(decimals)), high.map(end -> end.asWritten(decimals)));
  }

  /// The numbers themselves and every value that rounding one of them to so many places *or more*
  /// can give, halves up or down.
  ///
  /// @param decimals 0 or more
  public Interval roundedToAtLeast(int decimals) {
    return new Interval(
        low.map(end -> lowest(end, decimals)),
        high.map(end -> lowest(end.negated(), decimals).negated()));
  }

  /// The smallest value that rounding to so many places or more makes of a number.
  private static Value lowest(Value end, int decimals) {
    BigDecimal whole = decimal(end, DOWN);
    BigDecimal least = HALF.movePointLeft(decimals + 2 * FINER);
    // Nearer to 0 than any step: which way is all that matters.
    BigDecimal exact =
        whole.abs().compareTo(least) < 0
            ? least.multiply(BigDecimal.valueOf(whole.signum()))
            : whole;
    BigDecimal lowest = exact;
    for (int places = decimals; places < decimals + FINER; places++) {
      BigDecimal step = HALF.movePointLeft(places);
      BigDecimal rounded = exact.subtract(step).setScale(places, RoundingMode.CEILING);
      lowest = lowest.min(rounded);
      if (Value.exactly(rounded).compareTo(end) == 0) {
        // The number has no more decimals, and finer rounding leaves it as it is.
        return Value.exactly(lowest);
      }
    }
    return Value.exactly(lowest.min(exact.subtract(HALF.movePointLeft(decimals + FINER))));
  }

  static BigDecimal decimal(Value end, MathContext direction) {
    return switch (end) {
      case Real(var at) -> at;
      case Rational fraction -> fraction.decimal(direction);
    };
  }

  /// As `[46.66, 46.67]`.
  @Override
  public String toString() {
    return List.of(low.map(Value::toString).orElse("-∞"), high.map(Value::toString).orElse("∞"))
        .toString();
  }
}
