package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Elementary;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.NormalDistribution;

/// The right-tail area of the standard normal curve, 1 − Φ(z) for z ≥ 0, written out.
///
/// Up to z = 3 by the series ½ − φ(z)·(z + z³/3 + z⁵/(3·5) + …), beyond that by the continued
/// fraction φ(z) / (z + 1/(z + 2/(z + …))) (Abramowitz & Stegun 26.2.11 and 26.2.14). The area at 0
/// is ½; however far out, it is more than 0.
public enum NormalUpperTail implements NamedFunction {
  INSTANCE;

  private static final double SERIES_UP_TO = 3;

  /// With so many levels over z² the fraction has [#DIGITS] right digits.
  private static final double LEVELS = 2400;

  private static final int FEWEST_LEVELS = 24;

  /// So many significant digits of an area are right, up to z = 2 000.
  static final int DIGITS = 32;

  /// Terms smaller than e to this power change nothing in the working precision.
  private static final double NEGLIGIBLE = -105;

  private static final MathContext GUARDED = new MathContext(Value.PRECISION.getPrecision() + 6);
  private static final Value HALF = Value.ratio(1, 2);

  static Expr at(Expr z) {
    return new Expr.Named(INSTANCE, List.of(z));
  }

  @Override
  public String key() {
    return "normal-upper-tail";
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return arguments.getFirst().signum() < 0 ? Optional.of(Cause.OUTSIDE) : Optional.empty();
  }

  /// The written-out series, each term made from the one before.
  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    Value z = arguments.getFirst().inDecimals();
    double size = z.asDouble();
    if (size > SERIES_UP_TO) {
      return Elementary.tail(
          z.times(z).over(Value.of(-2)),
          () -> Evaluator.closed(fraction(new Expr.Constant(z), size)));
    }
    BigDecimal square = z.decimal().multiply(z.decimal(), GUARDED);
    BigDecimal term = z.decimal();
    BigDecimal sum = term;
    for (int odd = 3; odd < 2 * terms(size); odd += 2) {
      term = term.multiply(square, GUARDED).divide(BigDecimal.valueOf(odd), GUARDED);
      sum = sum.add(term, GUARDED);
    }
    Value density = NormalDensity.INSTANCE.apply(List.of(z), workspace);
    return HALF.minus(density.times(Value.real(sum)));
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    check(values);
    double size = values.getFirst().asDouble();
    Expr z = arguments.getFirst();
    return size <= SERIES_UP_TO ? series(z, size) : fraction(z, size);
  }

  /// How many terms of the series count.
  private static int terms(double size) {
    double logTerm = size == 0 ? NEGLIGIBLE : Math.log(size);
    int terms = 1;
    while (logTerm > NEGLIGIBLE) {
      logTerm += 2 * Math.log(size) - Math.log(2 * terms + 1);
      terms++;
    }
    return terms;
  }

  private static Expr series(Expr z, double size) {
    List<Expr> terms = new ArrayList<>();
    terms.add(z);
    for (int k = 1; k < terms(size); k++) {
      int odd = 2 * k + 1;
      terms.add(new Expr.Power(z, odd).over(new Expr.OddFactorial(odd)));
    }
    return Expr.number(1)
        .over(Expr.number(2))
        .minus(Expr.product(NormalDensity.at(z), new Expr.Sum(terms)));
  }

  private static Expr fraction(Expr z, double size) {
    int levels = (int) Math.ceil(LEVELS / (size * size)) + FEWEST_LEVELS;
    return NormalDensity.at(z).over(new Expr.ContinuedFraction(z, levels));
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(
        NormalDistribution.of(0, 1).survivalProbability(values.getFirst().asDouble()));
  }

  @Override
  public Slope slope(int argument) {
    return Slope.FALLING;
  }

  @Override
  public Interval domain(int argument) {
    return Interval.NOT_NEGATIVE;
  }

  @Override
  public Interval image() {
    return Interval.FROM_0_TO_1;
  }
}
