package lehrgang.core.distribution;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.BigInteger;
import lehrgang.core.number.Elementary;
import lehrgang.core.number.LogFactorial;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Real;
import lehrgang.core.number.Value;

/// Binomial probabilities where there are too many outcomes to work all of them out: each from its
/// logarithm, and sums of many from the ratios between neighbours.
final class Binomial {
  /// So many bits behind the point of a weight; what is smaller changes no digit that is kept.
  private static final int BITS = 220;

  private final int trials;
  private final BigInteger hits;
  private final BigInteger misses;
  private final BigDecimal logOfHit;
  private final BigDecimal logOfMiss;
  private final BigDecimal logOfWays;

  /// @param trials      more than 0
  /// @param probability of a success, between 0 and 1 and neither of them
  Binomial(int trials, Value probability) {
    this.trials = trials;
    Rational p =
        probability instanceof Rational exact ? exact : Value.exactly(probability.decimal());
    this.hits = p.numerator();
    this.misses = p.denominator().subtract(hits);
    BigDecimal all = log(p.denominator());
    this.logOfHit = log(hits).subtract(all);
    this.logOfMiss = log(misses).subtract(all);
    this.logOfWays = LogFactorial.of(trials);
  }

  private static BigDecimal log(BigInteger number) {
    return BigDecimalMath.log(new BigDecimal(number), LogFactorial.PRECISION);
  }

  /// The probability of `k` successes, from 0 to the trials.
  Value at(int k) {
    // Not rounded: digits before the point of the exponent are lost to the result.
    return Elementary.exp(
        new Real(
            logOfWays
                .subtract(LogFactorial.of(k))
                .subtract(LogFactorial.of(trials - k))
                .add(logOfHit.multiply(BigDecimal.valueOf(k)))
                .add(logOfMiss.multiply(BigDecimal.valueOf((long) trials - k)))));
  }

  /// The most probable number of successes; the larger one where there are two.
  int mode() {
    BigInteger mode = BigInteger.valueOf(trials + 1L).multiply(hits).divide(hits.add(misses));
    return Math.min(mode.intValueExact(), trials);
  }

  /// The sum of the probabilities from one number of successes to another, both included: the
  /// largest of them, and its neighbours as long as they count.
  ///
  /// @param from 0 or more
  /// @param to   `from` or more, up to the trials
  Value sum(int from, int to) {
    int largest = Math.clamp(mode(), from, to);
    BigInteger one = BigInteger.ONE.shiftLeft(BITS);
    BigInteger sum = one;
    BigInteger weight = one;
    for (int k = largest; k < to && weight.signum() > 0; k++) {
      weight = ratio(weight, hits, (long) trials - k, misses, k + 1L);
      sum = sum.add(weight);
    }
    weight = one;
    for (int k = largest; k > from && weight.signum() > 0; k--) {
      weight = ratio(weight, misses, k, hits, trials - k + 1L);
      sum = sum.add(weight);
    }
    return at(largest).times(Value.ratio(sum, one));
  }

  private static BigInteger ratio(
      BigInteger weight, BigInteger above, long factor, BigInteger below, long divisor) {
    return weight
        .multiply(above.multiply(BigInteger.valueOf(factor)))
        .divide(below.multiply(BigInteger.valueOf(divisor)));
  }
}
