package lehrgang.core.number;

import java.math.BigInteger;

/// Counting choices, exactly.
public final class Combinations {
  private Combinations() {}

  /// C(n, k), 0 where `k` is negative or more than `n`.
  ///
  /// @param n 0 or more
  /// @throws IllegalArgumentException if `n` is below 0
  public static BigInteger choose(int n, int k) {
    if (n < 0) {
      throw new IllegalArgumentException("cannot choose from " + n);
    }
    if (k < 0 || k > n) {
      return BigInteger.ZERO;
    }
    int fewer = Math.min(k, n - k);
    BigInteger ways = BigInteger.ONE;
    for (int i = 1; i <= fewer; i++) {
      ways = ways.multiply(BigInteger.valueOf((long) n - fewer + i)).divide(BigInteger.valueOf(i));
    }
    return ways;
  }
}
