package lehrgang.core.distribution;

import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/// The chi-squared curve as a shape to draw, in double precision; no number of a solution comes
/// from it.
public final class ChiSquaredCurve {
  private final int df;
  private final ChiSquaredDistribution distribution;

  /// @param df 1 or more
  /// @throws IllegalArgumentException if `df` is below 1
  public ChiSquaredCurve(int df) {
    this.df = df;
    this.distribution = ChiSquaredDistribution.of(df);
  }

  /// The density of the curve.
  ///
  /// @param x where; 0 to the left of 0
  public double height(double x) {
    return distribution.density(x);
  }

  /// The logarithm of the density at `x` over that at `base`, also where both are too small for
  /// double precision and their quotient too large.
  ///
  /// @param x above 0
  /// @param base above 0
  public double logRatio(double x, double base) {
    return (df / 2.0 - 1) * Math.log(x / base) - (x - base) / 2;
  }

  /// The point with this area to its right.
  ///
  /// @param area 0 to 1; 0 lies infinitely far out
  /// @throws IllegalArgumentException if `area` is not 0 to 1
  public double pointWithTail(double area) {
    return distribution.inverseSurvivalProbability(area);
  }
}
