package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import lehrgang.core.number.Elementary;
import lehrgang.core.number.Value;

/// The noncentral chi-squared distribution below one point, as a mixture of central ones with
/// Poisson weights (Johnson, Kotz & Balakrishnan 1995, ch. 29): P(χ² < c) = Σ e^(−δ/2) (δ/2)^j / j!
/// · F(c), where F belongs to df + 2j degrees of freedom. F falls with j by terms that do not
/// depend on δ, so they are worked out once for all values of δ.
final class NoncentralChiSquared {
  private static final MathContext GUARDED = new MathContext(Value.PRECISION.getPrecision() + 6);

  /// Sums of probabilities are taken in whole parts of 2^BITS, which is quicker than in decimals.
  private static final int BITS = 200;

  /// What is left out of the mixture is less than this, 2^−140.
  private static final BigInteger NEGLIGIBLE = BigInteger.ONE.shiftLeft(BITS - 140);

  /// As near as this a point is found in double precision.
  private static final double NEAR = 1e-12;

  private static final BigDecimal TWO = BigDecimal.valueOf(2);

  private final BigDecimal halfPoint;
  private final int df;

  /// F(c) for df, df + 2, df + 4 … degrees of freedom, in parts of 2^BITS.
  private final List<BigInteger> below = new ArrayList<>();

  /// How much each of them is more than the next one, in the same parts.
  private final List<BigInteger> drops = new ArrayList<>();

  /// The last of them, to all digits however small it is.
  private BigDecimal drop;

  /// The noncentrality asked about last, and its Poisson probabilities.
  private Weights last = new Weights(Value.ZERO, BITS, List.of());

  /// @param bits the probabilities are in parts of 2^bits
  private record Weights(Value noncentrality, int bits, List<BigInteger> probabilities) {}

  /// @param point 0 or more
  /// @param df    a whole number from 1 to 100 000
  NoncentralChiSquared(Value point, int df) {
    this.halfPoint = point.decimal().divide(TWO, GUARDED);
    this.df = df;
    this.drop = firstDrop(point);
    Value tail = ChiSquaredUpperTail.INSTANCE.apply(List.of(point, Value.of(df)));
    below.add(scaled(Value.ONE.minus(tail).decimal(), BITS));
    drops.add(scaled(drop, BITS));
  }

  /// (c/2)^(df/2) e^(−c/2) / Γ(df/2 + 1).
  private BigDecimal firstDrop(Value point) {
    if (point.signum() == 0) {
      return BigDecimal.ZERO;
    }
    BigDecimal product = BigDecimal.ONE;
    for (int k = df; k > 1; k -= 2) {
      product =
          product
              .multiply(halfPoint, GUARDED)
              .divide(BigDecimal.valueOf(k).divide(TWO, GUARDED), GUARDED);
    }
    BigDecimal decay = Elementary.exp(Value.real(halfPoint).negated()).decimal();
    BigDecimal even = product.multiply(decay, GUARDED);
    // Γ(3/2) = √π/2 ends the product for an odd number.
    return df % 2 == 0
        ? even
        : Value.real(even)
            .times(Value.real(halfPoint).squareRoot())
            .times(Value.of(2))
            .over(Elementary.pi().squareRoot())
            .decimal();
  }

  private void extendTo(int size) {
    while (below.size() < size) {
      int j = below.size();
      below.add(below.getLast().subtract(drops.getLast()).max(BigInteger.ZERO));
      BigDecimal shape = BigDecimal.valueOf(df + 2L * j).divide(TWO, GUARDED);
      drop = drop.multiply(halfPoint, GUARDED).divide(shape, GUARDED);
      drops.add(scaled(drop, BITS));
    }
  }

  /// How many terms of the mixture count.
  int terms(Value noncentrality) {
    double half = noncentrality.asDouble() / 2;
    int j = (int) Math.ceil(half + 14 * Math.sqrt(half) + 40);
    extendTo(j + 1);
    while (j > 1 && below.get(j - 1).compareTo(NEGLIGIBLE) < 0) {
      j--;
    }
    return j;
  }

  /// The noncentrality at which the probability below the point has a value, in double precision.
  ///
  /// @param probability above 0, below that of the central distribution
  /// @param rough       about where it is, above 0
  double near(double probability, double rough) {
    double low = 0;
    double high = rough;
    while (below(high) > probability) {
      low = high;
      high *= 2;
    }
    double[] central = central(high);
    while (high - low > NEAR * high) {
      double middle = (low + high) / 2;
      if (below(middle, central) > probability) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return high;
  }

  private double below(double noncentrality) {
    return below(noncentrality, central(noncentrality));
  }

  /// F(c) for all degrees of freedom that count.
  private double[] central(double noncentrality) {
    int terms = terms(Value.real(noncentrality));
    return below.stream()
        .limit(terms)
        .mapToDouble(scaled -> Math.scalb(scaled.doubleValue(), -BITS))
        .toArray();
  }

  private static double below(double noncentrality, double[] central) {
    double half = noncentrality / 2;
    double logWeight = -half;
    double sum = 0;
    for (int j = 0; j < central.length; j++) {
      sum += Math.exp(logWeight) * central[j];
      logWeight += Math.log(half / (j + 1));
    }
    return sum;
  }

  /// P(χ² < c).
  Value below(Value noncentrality) {
    return mixture(noncentrality, below);
  }

  /// How fast P(χ² < c) falls as δ grows: half the mixture of the drops.
  Value slope(Value noncentrality) {
    return mixture(noncentrality, drops).over(Value.of(2));
  }

  private Value mixture(Value noncentrality, List<BigInteger> of) {
    Weights weights = weights(noncentrality);
    BigInteger sum = BigInteger.ZERO;
    for (int j = 0; j < weights.probabilities().size(); j++) {
      sum = sum.add(weights.probabilities().get(j).multiply(of.get(j)));
    }
    return Value.real(fraction(sum, weights.bits() + BITS));
  }

  private static BigDecimal fraction(BigInteger scaled, int bits) {
    return new BigDecimal(scaled).divide(new BigDecimal(BigInteger.ONE.shiftLeft(bits)), GUARDED);
  }

  private static BigInteger scaled(BigDecimal number, int bits) {
    return number.multiply(new BigDecimal(BigInteger.ONE.shiftLeft(bits))).toBigInteger();
  }

  private Weights weights(Value noncentrality) {
    if (last.probabilities().isEmpty() || !last.noncentrality().equals(noncentrality)) {
      last = poisson(noncentrality);
    }
    return last;
  }

  private Weights poisson(Value noncentrality) {
    BigDecimal half = noncentrality.decimal().divide(TWO, GUARDED);
    // The first of them is as small as e^(−δ/2).
    int bits = BITS + (int) Math.ceil(half.doubleValue() / Math.log(2));
    BigInteger factor = scaled(half, BITS);
    BigInteger weight = scaled(Elementary.exp(Value.real(half).negated()).decimal(), bits);
    List<BigInteger> probabilities = new ArrayList<>();
    int terms = terms(noncentrality);
    for (int j = 0; j < terms; j++) {
      probabilities.add(weight);
      weight = weight.multiply(factor).shiftRight(BITS).divide(BigInteger.valueOf(j + 1L));
    }
    return new Weights(noncentrality, bits, probabilities);
  }

  /// The terms of the mixture below the point.
  List<Mixture.Term> mixture(Value noncentrality) {
    Weights weights = weights(noncentrality);
    List<Mixture.Term> terms = new ArrayList<>();
    for (BigInteger weight : weights.probabilities()) {
      terms.add(
          new Mixture.Term(
              Value.real(fraction(weight, weights.bits())),
              Value.real(fraction(below.get(terms.size()), BITS))));
    }
    return terms;
  }
}
