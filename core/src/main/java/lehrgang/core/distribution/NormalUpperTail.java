package lehrgang.core.distribution;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.NormalDistribution;

/// The right-tail area of the standard normal curve, 1 − Φ(z) for z ≥ 0, written out.
///
/// Up to z = 3 by the series ½ − φ(z)·(z + z³/3 + z⁵/(3·5) + …), beyond that by the continued
/// fraction
/// φ(z) / (z + 1/(z + 2/(z + …))) (Abramowitz & Stegun 26.2.11 and 26.2.14).
public enum NormalUpperTail implements NamedFunction {
  INSTANCE;

  private static final double SERIES_UP_TO = 3;

  /// Terms smaller than e to this power change nothing in the working precision.
  private static final double NEGLIGIBLE = -105;

  static Expr at(Expr z) {
    return new Expr.Named(INSTANCE, List.of(z));
  }

  @Override
  public String key() {
    return "normal-upper-tail";
  }

  @Override
  public Value apply(List<Value> arguments) {
    Value z = arguments.getFirst().inDecimals();
    return Evaluator.evaluateClosed(written(List.of(new Expr.Constant(z)), List.of(z)));
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    double size = values.getFirst().asDouble();
    if (size < 0) {
      throw new IllegalArgumentException("z must be 0 or more: " + size);
    }
    Expr z = arguments.getFirst();
    return size <= SERIES_UP_TO ? series(z, size) : fraction(z, size);
  }

  private static Expr series(Expr z, double size) {
    List<Expr> terms = new ArrayList<>();
    double logTerm = size == 0 ? NEGLIGIBLE : Math.log(size);
    terms.add(z);
    for (int k = 1; logTerm > NEGLIGIBLE; k++) {
      int odd = 2 * k + 1;
      terms.add(new Expr.Power(z, odd).over(new Expr.OddFactorial(odd)));
      logTerm += 2 * Math.log(size) - Math.log(odd);
    }
    return Expr.number(1)
        .over(Expr.number(2))
        .minus(Expr.product(NormalDensity.at(z), new Expr.Sum(terms)));
  }

  private static Expr fraction(Expr z, double size) {
    int levels = (int) Math.ceil(1200 / (size * size)) + 12;
    return NormalDensity.at(z).over(new Expr.ContinuedFraction(z, levels));
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(
        NormalDistribution.of(0, 1).survivalProbability(values.getFirst().asDouble()));
  }
}
