package lehrgang.core.distribution;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/// The right-tail area of a chi-squared variable, written out as the finite sum that a reader can
/// check.
///
/// For even `df`: e^(−x/2) · Σ (x/2)^j / j!, j = 0 … df/2 − 1; for odd `df`: 2(1 − Φ(√x)) +
/// 2φ(√x)·√x·(1 +
/// x/3 + x²/(3·5) + …) with (df − 1)/2 terms (Abramowitz & Stegun 26.4.4 and 26.4.5). Arguments:
/// the
/// statistic, 0 or more, and the degrees of freedom, a whole number of 1 or more.
public enum ChiSquaredUpperTail implements NamedFunction {
  INSTANCE;

  /// P(χ² ≥ x) as a formula.
  public static Expr at(Expr x, Expr df) {
    return new Expr.Named(INSTANCE, List.of(x, df));
  }

  @Override
  public String key() {
    return "chi-squared-upper-tail";
  }

  @Override
  public Value apply(List<Value> arguments) {
    Value x = arguments.get(0).inDecimals();
    return Evaluator.evaluateClosed(
        written(List.of(new Expr.Constant(x), new Expr.Constant(arguments.get(1))), arguments));
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    if (values.get(0).signum() < 0) {
      throw new IllegalArgumentException("the statistic must be 0 or more: " + values.get(0));
    }
    int df = degreesOfFreedom(values.get(1));
    return df % 2 == 0 ? evenSum(arguments.get(0), df) : oddSum(arguments.get(0), df);
  }

  static int degreesOfFreedom(Value df) {
    if (!df.isWhole() || df.signum() <= 0) {
      throw new IllegalArgumentException("df must be a whole number of 1 or more: " + df);
    }
    return df.decimal().intValueExact();
  }

  private static Expr evenSum(Expr x, int df) {
    Expr half = x.over(Expr.number(2));
    Expr exponential = new Expr.Exponential(new Expr.Negative(half));
    if (df == 2) {
      return exponential;
    }
    List<Expr> terms = new ArrayList<>();
    terms.add(Expr.number(1));
    terms.add(half);
    for (int j = 2; j < df / 2; j++) {
      terms.add(new Expr.Power(half, j).over(new Expr.Factorial(j)));
    }
    return Expr.product(exponential, new Expr.Sum(terms));
  }

  private static Expr oddSum(Expr x, int df) {
    Expr root = x.root();
    Expr tails = Expr.product(Expr.number(2), NormalUpperTail.at(root));
    if (df == 1) {
      return tails;
    }
    List<Expr> terms = new ArrayList<>();
    terms.add(Expr.number(1));
    Value oddFactorial = Value.ONE;
    for (int r = 2; r <= (df - 1) / 2; r++) {
      oddFactorial = oddFactorial.times(Value.of(2L * r - 1));
      Expr power = r == 2 ? x : new Expr.Power(x, r - 1);
      terms.add(power.over(new Expr.Constant(oddFactorial)));
    }
    List<Expr> factors = new ArrayList<>(List.of(Expr.number(2), NormalDensity.at(root), root));
    if (terms.size() > 1) {
      factors.add(new Expr.Sum(terms));
    }
    return Expr.sum(tails, new Expr.Product(factors));
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(
        ChiSquaredDistribution.of(degreesOfFreedom(values.get(1)))
            .survivalProbability(values.get(0).asDouble()));
  }
}
