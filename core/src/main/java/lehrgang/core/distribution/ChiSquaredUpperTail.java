package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Elementary;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;

/// The right-tail area of a chi-squared variable, written out as the finite sum that a reader can
/// check.
///
/// For even `df`: e^(−x/2) · Σ (x/2)^j / j!, j = 0 … df/2 − 1; for odd `df`: 2(1 − Φ(√x)) +
/// 2φ(√x)·√x·(1 + x/3 + x²/(3·5) + …) with (df − 1)/2 terms (Abramowitz & Stegun 26.4.4 and
/// 26.4.5). Arguments: the statistic, 0 or more, and the degrees of freedom, a whole number from 1
/// to 100 000. The area at 0 is 1; however far out, it is more than 0.
public enum ChiSquaredUpperTail implements NamedFunction {
  INSTANCE;

  /// No table has so many; the sum would have too many terms.
  private static final Value MOST_DEGREES_OF_FREEDOM = Value.of(100_000);

  private static final MathContext GUARDED = new MathContext(Value.PRECISION.getPrecision() + 6);

  /// P(χ² ≥ x) as a formula.
  public static Expr at(Expr x, Expr df) {
    return new Expr.Named(INSTANCE, List.of(x, df));
  }

  @Override
  public String key() {
    return "chi-squared-upper-tail";
  }

  /// The written-out sum, each term made from the one before: for many degrees of freedom that is
  /// ten times quicker than taking the powers one by one.
  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    int df = arguments.get(1).intValueExact();
    Value x = arguments.get(0).inDecimals();
    return Elementary.tail(
        x.over(Value.of(-2)), () -> df % 2 == 0 ? even(x, df) : odd(x, df, workspace));
  }

  private static Value even(Value x, int df) {
    Value half = x.over(Value.of(2));
    return Elementary.exp(half.negated()).times(sum(half.decimal(), df / 2, 1, 1));
  }

  private static Value odd(Value x, int df, Workspace workspace) {
    Value root = x.squareRoot();
    Value two = Value.of(2);
    Value tails = two.times(NormalUpperTail.INSTANCE.apply(List.of(root), workspace));
    if (df == 1) {
      return tails;
    }
    Value density = NormalDensity.INSTANCE.apply(List.of(root), workspace);
    return tails.plus(two.times(density).times(root).times(sum(x.decimal(), (df - 1) / 2, 3, 2)));
  }

  /// 1 + x/a + x²/(a(a + d)) + …, so many terms.
  private static Value sum(BigDecimal x, int terms, int first, int step) {
    BigDecimal term = BigDecimal.ONE;
    BigDecimal sum = term;
    int divisor = first;
    for (int k = 1; k < terms; k++) {
      term = term.multiply(x, GUARDED).divide(BigDecimal.valueOf(divisor), GUARDED);
      sum = sum.add(term, GUARDED);
      divisor += step;
    }
    return Value.real(sum);
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    check(values);
    int df = values.get(1).intValueExact();
    return df % 2 == 0 ? evenSum(arguments.get(0), df) : oddSum(arguments.get(0), df);
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return arguments.get(0).signum() < 0
        ? Optional.of(Cause.OUTSIDE)
        : objectionToDegreesOfFreedom(arguments.get(1));
  }

  static Optional<Cause> objectionToDegreesOfFreedom(Value df) {
    if (!df.isWhole()) {
      return Optional.of(Cause.NOT_WHOLE);
    }
    if (df.signum() <= 0) {
      return Optional.of(Cause.OUTSIDE);
    }
    return df.compareTo(MOST_DEGREES_OF_FREEDOM) > 0
        ? Optional.of(Cause.TOO_LARGE)
        : Optional.empty();
  }

  @Override
  public Slope slope(int argument) {
    return argument == 0 ? Slope.FALLING : Slope.UNKNOWN;
  }

  @Override
  public Interval domain(int argument) {
    return argument == 0 ? Interval.NOT_NEGATIVE : Interval.EVERYTHING;
  }

  @Override
  public Interval image() {
    return Interval.FROM_0_TO_1;
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
    for (int r = 2; r <= (df - 1) / 2; r++) {
      Expr power = r == 2 ? x : new Expr.Power(x, r - 1);
      terms.add(power.over(new Expr.OddFactorial(2 * r - 1)));
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
        ChiSquaredDistribution.of(values.get(1).asDouble())
            .survivalProbability(values.get(0).asDouble()));
  }
}
