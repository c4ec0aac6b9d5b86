package lehrgang.core.distribution;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/// The critical value of a chi-squared test: the point with area α to its right.
///
/// One degree of freedom: the square of the normal point for α/2. Two: −2 ln α. Otherwise the root
/// of Q(c) = α, starting at the value of Wilson & Hilferty (1931), df·(1 − 2/(9 df) + z·√(2/(9
/// df)))³. Arguments: α from 10⁻³⁰⁰ to below 1, and the degrees of freedom, a whole number from 1
/// to 100 000.
public enum ChiSquaredCritical implements NamedFunction, RootFinding {
  INSTANCE;

  /// Smaller areas are beyond what the starting value can be worked out for.
  static final Value LEAST_AREA = Value.exactly("1e-300");

  private static final double LEAST_START = 0.01;

  /// A start that is further from the root than this part of it leads Newton's rule astray.
  private static final double NEAR_ENOUGH = 0.1;

  /// The critical value as a formula.
  public static Expr at(Expr alpha, Expr df) {
    return new Expr.Named(INSTANCE, List.of(alpha, df));
  }

  @Override
  public String key() {
    return "chi-squared-critical";
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    return closedForm(
            List.of(new Expr.Constant(arguments.get(0)), new Expr.Constant(arguments.get(1))),
            arguments)
        .map(Evaluator::closed)
        .orElseGet(() -> root(arguments));
  }

  /// The same point that the iterations reach, from a start that is nearer to it.
  private static Value root(List<Value> arguments) {
    return search(arguments, near(arguments), RootSearch.Start.GUESS).point();
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    Value alpha = arguments.get(0);
    boolean area = alpha.compareTo(LEAST_AREA) >= 0 && alpha.compareTo(Value.ONE) < 0;
    return area
        ? ChiSquaredUpperTail.objectionToDegreesOfFreedom(arguments.get(1))
        : Optional.of(Cause.OUTSIDE);
  }

  @Override
  public Slope slope(int argument) {
    return argument == 0 ? Slope.FALLING : Slope.UNKNOWN;
  }

  @Override
  public Interval domain(int argument) {
    return argument == 0 ? Interval.of(LEAST_AREA, Value.ONE) : Interval.EVERYTHING;
  }

  @Override
  public Interval image() {
    return Interval.NOT_NEGATIVE;
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    check(values);
    return closedForm(arguments, values).orElseGet(() -> new Expr.Named(this, arguments));
  }

  private static Optional<Expr> closedForm(List<Expr> arguments, List<Value> values) {
    Expr alpha = arguments.getFirst();
    return switch (values.get(1).intValueExact()) {
      case 1 ->
          Optional.of(
              new Expr.Named(NormalCritical.INSTANCE, List.of(alpha.over(Expr.number(2))))
                  .squared());
      case 2 ->
          Optional.of(new Expr.Negative(Expr.product(Expr.number(2), new Expr.NaturalLog(alpha))));
      default -> Optional.empty();
    };
  }

  /// From the value of Wilson & Hilferty; far out in the tail, where that is no good start, from a
  /// guess.
  @Override
  public RootSearch search(List<Value> arguments) {
    check(arguments);
    double near = near(arguments);
    double start = start(arguments.get(0).asDouble(), arguments.get(1).intValueExact());
    return Math.abs(start - near) <= NEAR_ENOUGH * near
        ? search(arguments, start, RootSearch.Start.FORMULA)
        : search(arguments, Math.max(LEAST_START, inHundredths(near)), RootSearch.Start.GUESS);
  }

  private static RootSearch search(List<Value> arguments, double start, RootSearch.Start from) {
    Value df = arguments.get(1);
    return RootSearch.of(
        start,
        from,
        x -> ChiSquaredUpperTail.INSTANCE.apply(List.of(x, df)),
        ChiSquaredDistribution.of(df.asDouble())::logDensity,
        arguments.get(0));
  }

  /// The critical value in double precision; where the library finds none, the start by formula.
  private static double near(List<Value> arguments) {
    double alpha = arguments.get(0).asDouble();
    int df = arguments.get(1).intValueExact();
    double near = ChiSquaredDistribution.of(df).inverseSurvivalProbability(alpha);
    return near > 0 && near < Double.POSITIVE_INFINITY ? near : start(alpha, df);
  }

  private static double inHundredths(double number) {
    return Math.round(number * 100) / 100.0;
  }

  /// Wilson & Hilferty's approximation to two decimals: a starting value that can be said aloud.
  private static double start(double alpha, int df) {
    double z = NormalDistribution.of(0, 1).inverseSurvivalProbability(alpha);
    double shrink = 2.0 / (9 * df);
    double cubed = Math.pow(1 - shrink + z * Math.sqrt(shrink), 3) * df;
    return Math.max(LEAST_START, inHundredths(cubed));
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(
        ChiSquaredDistribution.of(values.get(1).asDouble())
            .inverseSurvivalProbability(values.get(0).asDouble()));
  }
}
