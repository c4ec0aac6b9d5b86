package lehrgang.core.distribution;

import java.util.List;
import java.util.OptionalDouble;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.NormalDistribution;

/// The point that leaves a given area, below ½, to its right under the standard normal curve.
public enum NormalCritical implements NamedFunction, RootFinding {
  INSTANCE;

  private static final Value HALF = Value.ratio(1, 2);
  private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

  @Override
  public String key() {
    return "normal-critical";
  }

  @Override
  public RootSearch search(List<Value> arguments) {
    Value area = arguments.getFirst();
    double good = NORMAL.inverseSurvivalProbability(area.asDouble());
    double start = Math.max(0.01, Math.round(good * 10) / 10.0);
    return RootSearch.of(
        start, z -> NormalUpperTail.INSTANCE.apply(List.of(z)), NORMAL::density, area);
  }

  @Override
  public Value apply(List<Value> arguments) {
    if (arguments.getFirst().compareTo(HALF) == 0) {
      return Value.ZERO;
    }
    return search(arguments).point();
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    return new Expr.Named(this, arguments);
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(NORMAL.inverseSurvivalProbability(values.getFirst().asDouble()));
  }
}
