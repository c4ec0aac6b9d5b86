package lehrgang.core.distribution;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// The noncentrality parameter δ at which a chi-squared test misses a deviation with a given
/// probability β: the root of P(χ² < c; df, δ) = β. Arguments: the critical value c, from 0 to
/// 250 000; the degrees of freedom, a whole number from 1 to 100 000; β, from 0.001 to 0.02 less
/// than the probability of staying below c where H₀ is true.
public enum Noncentrality implements NamedFunction, RootFinding {
  INSTANCE;

  /// Nearer to the central probability than this δ is too small to be found to all digits.
  private static final Value LEAST_DISTANCE = Value.exactly("0.02");

  private static final Value LEAST_PROBABILITY = Value.exactly("0.001");

  @Override
  public String key() {
    return "noncentrality";
  }

  @Override
  public Quantity quantity() {
    return Quantity.MISSED;
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return NoncentralLowerTail.objectionToPoint(arguments)
        .or(
            () ->
                arguments.get(2).compareTo(LEAST_PROBABILITY) < 0 || !isBelowCentral(arguments)
                    ? Optional.of(Cause.OUTSIDE)
                    : Optional.empty());
  }

  private static boolean isBelowCentral(List<Value> arguments) {
    double central =
        1 - ChiSquaredUpperTail.INSTANCE.secondOpinion(arguments.subList(0, 2)).orElseThrow();
    return arguments.get(2).plus(LEAST_DISTANCE).asDouble() < central;
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    return root(arguments, NoncentralLowerTail.at(arguments, workspace));
  }

  private static Value root(List<Value> arguments, NoncentralChiSquared distribution) {
    Value missed = arguments.get(2);
    double near = distribution.near(missed.asDouble(), rough(arguments));
    return search(near, distribution, missed).point();
  }

  /// The root from a whole number near it.
  @Override
  public RootSearch search(List<Value> arguments) {
    check(arguments);
    NoncentralChiSquared distribution = NoncentralLowerTail.at(arguments, new Workspace());
    double root = root(arguments, distribution).asDouble();
    return search(Math.max(1, Math.round(root)), distribution, arguments.get(2));
  }

  private static RootSearch search(double start, NoncentralChiSquared distribution, Value target) {
    return RootSearch.falling(
        start, RootSearch.Start.GUESS, distribution::below, distribution::slope, target);
  }

  /// Where a normal variable of the same mean and variance has about this probability below c.
  private static double rough(List<Value> arguments) {
    double point = arguments.get(0).asDouble();
    double df = arguments.get(1).asDouble();
    double spread = Math.sqrt(2 * Math.max(2 * point - df, df));
    return Math.max(1, point - df + spread);
  }

  /// It changes with the point and with β as β does with the point and with δ.
  @Override
  public Slope slope(int argument) {
    return NoncentralLowerTail.INSTANCE.slope(argument);
  }

  @Override
  public Interval domain(int argument) {
    return argument == 2
        ? Interval.of(LEAST_PROBABILITY, Value.ONE)
        : NoncentralLowerTail.INSTANCE.domain(argument);
  }

  @Override
  public Interval image() {
    return Interval.NOT_NEGATIVE;
  }
}
