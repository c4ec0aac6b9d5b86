package lehrgang.core.distribution;

import static lehrgang.core.expr.Expr.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/// The probability of just so many successes in independent trials, C(n, k)·pᵏ·(1 − p)ⁿ⁻ᵏ: an exact
/// fraction up to [#MOST_EXACT] trials, above that a decimal. Arguments: the successes, the trials,
/// and the probability of a success.
public enum BinomialProbability implements NamedFunction {
  INSTANCE;

  /// The largest number of trials whose probabilities are kept as fractions.
  public static final int MOST_EXACT = 400;

  private static final int MOST_REMEMBERED = 20;

  private record Trials(int number, Value probability) {}

  private static final Map<Trials, List<Value>> KNOWN = new ConcurrentHashMap<>();

  /// P(X = k) as a formula.
  public static Expr at(Expr successes, Expr trials, Expr probability) {
    return new Expr.Named(INSTANCE, List.of(successes, trials, probability));
  }

  @Override
  public String key() {
    return "binomial";
  }

  @Override
  public Value apply(List<Value> arguments) {
    int successes = whole(arguments.get(0));
    int trials = whole(arguments.get(1));
    if (successes < 0 || successes > trials) {
      return Value.ZERO;
    }
    if (KNOWN.size() > MOST_REMEMBERED) {
      KNOWN.clear();
    }
    return KNOWN
        .computeIfAbsent(new Trials(trials, arguments.get(2)), BinomialProbability::all)
        .get(successes);
  }

  private static List<Value> all(Trials trials) {
    return trials.probability() instanceof Rational p && trials.number() <= MOST_EXACT
        ? fractions(trials.number(), p)
        : decimals(trials);
  }

  private static List<Value> fractions(int n, Rational p) {
    BigInteger hit = p.numerator();
    BigInteger miss = p.denominator().subtract(hit);
    BigInteger whole = p.denominator().pow(n);
    List<Value> all = new ArrayList<>(n + 1);
    for (int k = 0; k <= n; k++) {
      BigInteger ways = Combinations.choose(n, k).multiply(hit.pow(k)).multiply(miss.pow(n - k));
      all.add(Value.ratio(ways, whole));
    }
    return all;
  }

  /// Each from the one before, P(k + 1) = P(k)·(n − k)p/((k + 1)(1 − p)).
  private static List<Value> decimals(Trials trials) {
    int n = trials.number();
    BigDecimal p = trials.probability().decimal();
    BigDecimal q = BigDecimal.ONE.subtract(p);
    int mode = Math.clamp((long) ((n + 1) * p.doubleValue()), 0, n);
    return ByRatios.probabilities(
        n + 1,
        mode,
        k -> p.multiply(BigDecimal.valueOf((long) n - k)),
        k -> q.multiply(BigDecimal.valueOf(k + 1L)));
  }

  private static int whole(Value value) {
    return value.intValueExact();
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    int k = whole(values.get(0));
    int n = whole(values.get(1));
    Expr p = arguments.get(2);
    return Expr.product(
        new Expr.Choose(arguments.get(1), arguments.get(0)), p.to(k), number(1).minus(p).to(n - k));
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(
        BinomialDistribution.of(whole(values.get(1)), values.get(2).asDouble())
            .probability(whole(values.get(0))));
  }
}
