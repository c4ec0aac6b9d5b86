package lehrgang.core.number;

/// A range of numbers in double precision, to go through thousands of sheets with. It is right to
/// about twelve digits, where [Interval] is right to the last: what is compared with it gets some
/// slack.
///
/// @param low  the smallest number; may be infinite
/// @param high the largest number; may be infinite
public record Bounds(double low, double high) {
  /// Of which nothing is known.
  public static final Bounds EVERYTHING =
      new Bounds(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);

  /// What a computation in doubles may be off by, relatively.
  private static final double SLACK = 1e-10;

  /// Rounding to so many decimals more than asked is looked at; finer rounding is bounded.
  private static final int FINER = 4;

  /// Beyond it doubles have no decimals left.
  private static final double LARGEST_ROUNDED = 1e15;

  /// The range of a single number.
  public static Bounds of(double only) {
    return new Bounds(only, only);
  }

  /// The same range, its ends in double precision.
  public static Bounds of(Interval range) {
    return new Bounds(
        range.low().map(Value::asDouble).orElse(Double.NEGATIVE_INFINITY),
        range.high().map(Value::asDouble).orElse(Double.POSITIVE_INFINITY));
  }

  /// Whether it is a single number.
  public boolean isPoint() {
    return low == high;
  }

  /// Whether a number lies in the range or so near to it.
  ///
  /// @param near how far outside it may lie, 0 or more
  public boolean holds(double number, double near) {
    double slack = SLACK * Math.max(Math.abs(number), Double.MIN_NORMAL) + near;
    return number >= low - slack && number <= high + slack;
  }

  /// The smallest range that holds both.
  public Bounds hull(Bounds other) {
    return new Bounds(Math.min(low, other.low), Math.max(high, other.high));
  }

  /// Further at both ends.
  ///
  /// @param by 0 or more
  public Bounds widened(double by) {
    return new Bounds(low - by, high + by);
  }

  /// What lies in another range too; that range's nearest end where they do not meet.
  public Bounds cut(Bounds other) {
    double from = Math.clamp(low, other.low, other.high);
    return new Bounds(from, Math.clamp(high, from, other.high));
  }

  /// The numbers themselves and every value that rounding one of them to so many places *or more*
  /// can give.
  ///
  /// @param decimals 0 or more
  public Bounds roundedToAtLeast(int decimals) {
    return new Bounds(lowest(low, decimals), -lowest(-high, decimals));
  }

  private static double lowest(double end, int decimals) {
    if (Double.isInfinite(end) || Math.abs(end) > LARGEST_ROUNDED) {
      return end;
    }
    double lowest = end;
    double scale = Math.pow(10, decimals);
    for (int finer = 0; finer < FINER; finer++) {
      double scaled = end * scale;
      double rounded = Math.ceil(scaled - 0.5);
      lowest = Math.min(lowest, rounded / scale);
      if (Math.abs(scaled - Math.rint(scaled)) < SLACK) {
        // The number has no more decimals, and finer rounding leaves it as it is.
        return lowest;
      }
      scale *= 10;
    }
    return Math.min(lowest, end - 0.5 / scale);
  }
}
