package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;

/// An end of a range: a number, or infinitely far out.
///
/// @param side 0 for a number, −1 and 1 for the two ways out
record IntervalEnd(int side, Value at) implements Comparable<IntervalEnd> {
  static IntervalEnd low(Interval range) {
    return new IntervalEnd(range.low().isPresent() ? 0 : -1, range.low().orElse(Value.ZERO));
  }

  static IntervalEnd high(Interval range) {
    return new IntervalEnd(range.high().isPresent() ? 0 : 1, range.high().orElse(Value.ZERO));
  }

  private int sign() {
    return side == 0 ? at.signum() : side;
  }

  /// Nothing times anything is nothing, however far out.
  IntervalEnd times(IntervalEnd other, MathContext outwards) {
    if (side == 0 && other.side == 0) {
      return new IntervalEnd(0, new Real(product(at, other.at, outwards)));
    }
    return new IntervalEnd(sign() * other.sign(), Value.ZERO);
  }

  private static BigDecimal product(Value one, Value other, MathContext outwards) {
    boolean grows = one.signum() * other.signum() >= 0;
    MathContext away = outwards == Interval.DOWN ? Interval.UP : Interval.DOWN;
    MathContext ofSizes = grows ? outwards : away;
    BigDecimal sizes =
        Interval.decimal(one.magnitude(), ofSizes)
            .multiply(Interval.decimal(other.magnitude(), ofSizes), ofSizes);
    return grows ? sizes : sizes.negate();
  }

  Optional<Value> number() {
    return side == 0 ? Optional.of(at) : Optional.empty();
  }

  @Override
  public int compareTo(IntervalEnd other) {
    return side != other.side ? Integer.compare(side, other.side) : at.compareTo(other.at);
  }
}
