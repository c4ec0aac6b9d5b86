package lehrgang.core.distribution;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/// The critical value of a chi-squared test: the point with area α to its right.
///
/// One degree of freedom: the square of the normal point for α/2. Two: −2 ln α. Otherwise the root
/// of
/// Q(c) = α, starting at the value of Wilson & Hilferty (1931), df·(1 − 2/(9 df) + z·√(2/(9 df)))³.
/// Arguments: α strictly between 0 and 1, and the degrees of freedom.
public enum ChiSquaredCritical implements NamedFunction, RootFinding {
  INSTANCE;

  private record Question(Value alpha, int df) {}

  /// Finding a root again for each keystroke would be the slowest part of a derivation.
  private static final Map<Question, RootSearch> FOUND = new ConcurrentHashMap<>();

  private static final int MOST_REMEMBERED = 2000;

  /// The critical value as a formula.
  public static Expr at(Expr alpha, Expr df) {
    return new Expr.Named(INSTANCE, List.of(alpha, df));
  }

  @Override
  public String key() {
    return "chi-squared-critical";
  }

  @Override
  public Value apply(List<Value> arguments) {
    return closedForm(
            List.of(new Expr.Constant(arguments.get(0)), new Expr.Constant(arguments.get(1))),
            arguments)
        .map(Evaluator::evaluateClosed)
        .orElseGet(() -> search(arguments).point());
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    return closedForm(arguments, values).orElseGet(() -> new Expr.Named(this, arguments));
  }

  private static Optional<Expr> closedForm(List<Expr> arguments, List<Value> values) {
    Expr alpha = arguments.getFirst();
    return switch (ChiSquaredUpperTail.degreesOfFreedom(values.get(1))) {
      case 1 ->
          Optional.of(
              new Expr.Named(NormalCritical.INSTANCE, List.of(alpha.over(Expr.number(2))))
                  .squared());
      case 2 ->
          Optional.of(new Expr.Negative(Expr.product(Expr.number(2), new Expr.NaturalLog(alpha))));
      default -> Optional.empty();
    };
  }

  @Override
  public RootSearch search(List<Value> arguments) {
    Value alpha = arguments.getFirst();
    if (alpha.signum() <= 0 || alpha.compareTo(Value.ONE) >= 0) {
      throw new IllegalArgumentException("α must be between 0 and 1: " + alpha);
    }
    if (FOUND.size() > MOST_REMEMBERED) {
      FOUND.clear();
    }
    return FOUND.computeIfAbsent(
        new Question(alpha, ChiSquaredUpperTail.degreesOfFreedom(arguments.get(1))),
        ChiSquaredCritical::search);
  }

  private static RootSearch search(Question question) {
    Value df = Value.of(question.df());
    return RootSearch.of(
        start(question.alpha().asDouble(), question.df()),
        x -> ChiSquaredUpperTail.INSTANCE.apply(List.of(x, df)),
        ChiSquaredDistribution.of(question.df())::density,
        question.alpha());
  }

  /// Wilson & Hilferty's approximation to two decimals: a starting value that can be said aloud.
  private static double start(double alpha, int df) {
    double z = NormalDistribution.of(0, 1).inverseSurvivalProbability(alpha);
    double shrink = 2.0 / (9 * df);
    double cubed = Math.pow(1 - shrink + z * Math.sqrt(shrink), 3) * df;
    return Math.max(0.01, Math.round(cubed * 100) / 100.0);
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(
        ChiSquaredDistribution.of(ChiSquaredUpperTail.degreesOfFreedom(values.get(1)))
            .inverseSurvivalProbability(values.get(0).asDouble()));
  }
}
