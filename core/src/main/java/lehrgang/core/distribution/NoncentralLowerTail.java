package lehrgang.core.distribution;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// The probability that a noncentral chi-squared variable is below a point, which is β, the
/// probability of a type II error, where the point is the critical value of a test. It is a mixture
/// of central distribution functions F with Poisson weights, Σ e^(−δ/2) (δ/2)^j / j! · F(c), where
/// F has df + 2j degrees of freedom (Johnson, Kotz & Balakrishnan 1995, ch. 29). Arguments: the
/// point c, from 0 to 250 000; the degrees of freedom, a whole number from 1 to 100 000; the
/// noncentrality parameter δ, from 0 to 250 000.
public enum NoncentralLowerTail implements NamedFunction, Mixture {
  INSTANCE;

  /// The mixture has as many terms as this, and more would take seconds.
  static final Value LARGEST = Value.of(250_000);

  private record Point(Value point, int df) {
    NoncentralChiSquared distribution() {
      return new NoncentralChiSquared(point, df);
    }
  }

  @Override
  public String key() {
    return "noncentral-lower-tail";
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return objectionToPoint(arguments).or(() -> objectionTo(arguments.get(2)));
  }

  /// @param arguments the point and the degrees of freedom; more are not asked
  static Optional<Cause> objectionToPoint(List<Value> arguments) {
    return objectionTo(arguments.get(0))
        .or(() -> ChiSquaredUpperTail.objectionToDegreesOfFreedom(arguments.get(1)));
  }

  private static Optional<Cause> objectionTo(Value number) {
    return number.signum() < 0
        ? Optional.of(Cause.OUTSIDE)
        : number.compareTo(LARGEST) > 0 ? Optional.of(Cause.TOO_LARGE) : Optional.empty();
  }

  /// @param arguments the point and the degrees of freedom; more are not asked
  static NoncentralChiSquared at(List<Value> arguments, Workspace workspace) {
    return workspace.keep(
        new Point(arguments.get(0).inDecimals(), arguments.get(1).intValueExact()),
        Point::distribution);
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    return at(arguments, workspace).below(arguments.get(2));
  }

  @Override
  public List<Term> terms(List<Value> arguments) {
    check(arguments);
    return at(arguments, new Workspace()).mixture(arguments.get(2));
  }

  @Override
  public Slope slope(int argument) {
    return switch (argument) {
      case 0 -> Slope.RISING;
      case 2 -> Slope.FALLING;
      default -> Slope.UNKNOWN;
    };
  }

  @Override
  public Interval domain(int argument) {
    return argument == 1 ? Interval.EVERYTHING : Interval.of(Value.ZERO, LARGEST);
  }

  @Override
  public Interval image() {
    return Interval.FROM_0_TO_1;
  }
}
