package lehrgang.core.distribution;

import java.math.BigDecimal;
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

  /// What is left out of the mixture is less than this.
  private static final double NEGLIGIBLE = 1e-40;

  private static final BigDecimal TWO = BigDecimal.valueOf(2);

  private final BigDecimal halfPoint;
  private final int df;

  /// F(c) for df, df + 2, df + 4 … degrees of freedom.
  private final List<BigDecimal> below = new ArrayList<>();

  /// How much each of them is more than the next one.
  private final List<BigDecimal> drops = new ArrayList<>();

  /// @param point 0 or more
  /// @param df    a whole number from 1 to 100 000
  NoncentralChiSquared(Value point, int df) {
    this.halfPoint = point.decimal().divide(TWO, GUARDED);
    this.df = df;
    below.add(
        Value.ONE
            .minus(ChiSquaredUpperTail.INSTANCE.apply(List.of(point, Value.of(df))))
            .decimal());
    drops.add(firstDrop(point));
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
      BigDecimal drop = drops.getLast();
      below.add(below.getLast().subtract(drop, GUARDED).max(BigDecimal.ZERO));
      BigDecimal shape = BigDecimal.valueOf(df).divide(TWO, GUARDED).add(BigDecimal.valueOf(j));
      drops.add(drop.multiply(halfPoint, GUARDED).divide(shape, GUARDED));
    }
  }

  /// How many terms of the mixture count.
  int terms(Value noncentrality) {
    double half = noncentrality.asDouble() / 2;
    int j = (int) Math.ceil(half + 14 * Math.sqrt(half) + 40);
    extendTo(j + 1);
    while (j > 1 && below.get(j - 1).doubleValue() < NEGLIGIBLE) {
      j--;
    }
    return j;
  }

  /// P(χ² < c).
  Value below(Value noncentrality) {
    return mixture(noncentrality, below);
  }

  /// How fast P(χ² < c) falls as δ grows: half the mixture of the drops.
  Value slope(Value noncentrality) {
    return mixture(noncentrality, drops).over(Value.of(2));
  }

  private Value mixture(Value noncentrality, List<BigDecimal> of) {
    List<BigDecimal> weights = weights(noncentrality);
    BigDecimal sum = BigDecimal.ZERO;
    for (int j = 0; j < weights.size(); j++) {
      sum = sum.add(weights.get(j).multiply(of.get(j), GUARDED), GUARDED);
    }
    return Value.real(sum);
  }

  /// The Poisson probabilities of the terms that count.
  private List<BigDecimal> weights(Value noncentrality) {
    BigDecimal half = noncentrality.decimal().divide(TWO, GUARDED);
    BigDecimal weight = Elementary.exp(Value.real(half).negated()).decimal();
    List<BigDecimal> weights = new ArrayList<>();
    int terms = terms(noncentrality);
    for (int j = 0; j < terms; j++) {
      weights.add(weight);
      weight = weight.multiply(half, GUARDED).divide(BigDecimal.valueOf(j + 1L), GUARDED);
    }
    return weights;
  }

  /// The terms of the mixture below the point.
  List<Mixture.Term> mixture(Value noncentrality) {
    List<Mixture.Term> terms = new ArrayList<>();
    for (BigDecimal weight : weights(noncentrality)) {
      terms.add(new Mixture.Term(Value.real(weight), Value.real(below.get(terms.size()))));
    }
    return terms;
  }
}
