package lehrgang.core.distribution;

import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/// The chi-squared curve as a shape to draw, in double precision; no number of a solution comes
/// from it.
public final class ChiSquaredCurve {
  private final int df;
  private final ChiSquaredDistribution distribution;

  /// @param df 1 or more
  public ChiSquaredCurve(int df) {
    this.df = df;
    this.distribution = ChiSquaredDistribution.of(df);
  }

  public double height(double x) {
    return distribution.density(x);
  }

  /// How high the curve is at `x` compared with `base`, even where both are too small for a double.
  public double relativeHeight(double x, double base) {
    return Math.exp((df / 2.0 - 1) * Math.log(x / base) - (x - base) / 2);
  }

  /// The point with this area to its right.
  public double pointWithTail(double area) {
    return distribution.inverseSurvivalProbability(area);
  }
}
