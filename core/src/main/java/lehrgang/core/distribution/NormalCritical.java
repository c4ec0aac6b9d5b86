package lehrgang.core.distribution;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.NormalDistribution;

/// The point that leaves a given area to its right under the standard normal curve. Argument: the
/// area, from 10⁻³⁰⁰/2 to ½, for which the point is 0.
public enum NormalCritical implements NamedFunction, RootFinding {
  INSTANCE;

  private static final Value LEAST_AREA = ChiSquaredCritical.LEAST_AREA.over(Value.of(2));
  private static final Value HALF = Value.ratio(1, 2);
  private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

  @Override
  public String key() {
    return "normal-critical";
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    Value area = arguments.getFirst();
    return area.compareTo(LEAST_AREA) >= 0 && area.compareTo(HALF) <= 0
        ? Optional.empty()
        : Optional.of(Cause.OUTSIDE);
  }

  /// @throws IllegalArgumentException if the area is not between 0 and ½
  @Override
  public RootSearch search(List<Value> arguments) {
    check(arguments);
    Value area = arguments.getFirst();
    double good = NORMAL.inverseSurvivalProbability(area.asDouble());
    double start = Math.max(0.01, Math.round(good * 10) / 10.0);
    return search(start, area);
  }

  private static RootSearch search(double start, Value area) {
    return RootSearch.of(
        start,
        RootSearch.Start.GUESS,
        z -> NormalUpperTail.INSTANCE.apply(List.of(z)),
        NORMAL::logDensity,
        area);
  }

  /// The same point that the iterations reach, from a start that is nearer to it.
  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    Value area = arguments.getFirst();
    if (area.compareTo(HALF) == 0) {
      return Value.ZERO;
    }
    double near = NORMAL.inverseSurvivalProbability(area.asDouble());
    return near > 0 ? search(near, area).point() : search(arguments).point();
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(NORMAL.inverseSurvivalProbability(values.getFirst().asDouble()));
  }

  @Override
  public Slope slope(int argument) {
    return Slope.FALLING;
  }

  @Override
  public Interval domain(int argument) {
    return Interval.of(LEAST_AREA, HALF);
  }

  @Override
  public Interval image() {
    return Interval.NOT_NEGATIVE;
  }
}
