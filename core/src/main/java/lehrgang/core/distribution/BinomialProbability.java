package lehrgang.core.distribution;

import static lehrgang.core.expr.Expr.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/// The probability of just so many successes in independent trials, C(n, k)·pᵏ·(1 − p)ⁿ⁻ᵏ: an exact
/// fraction up to [#MOST_EXACT] trials of a probability with few digits, else a decimal. Arguments:
/// the successes, the trials, and the probability of a success, from 0 to 1. More successes than
/// trials, or fewer than none, have the probability 0.
public enum BinomialProbability implements NamedFunction {
  INSTANCE;

  /// The largest number of trials whose probabilities are kept as fractions.
  public static final int MOST_EXACT = 400;

  /// Fractions with longer denominators take seconds to add.
  private static final long MOST_BITS = 6_000;

  /// More trials than this are not worked out.
  public static final int MOST_TRIALS = 2_000_000_000;

  /// Up to so many trials the probabilities of all outcomes are worked out together.
  private static final int MOST_TOGETHER = 1_000;

  private record Trials(int number, Value probability) {}

  private record ManyTrials(int number, Value probability) {
    Binomial binomial() {
      return new Binomial(number, probability);
    }
  }

  /// The probability as a formula.
  public static Expr at(Expr successes, Expr trials, Expr probability) {
    return new Expr.Named(INSTANCE, List.of(successes, trials, probability));
  }

  @Override
  public String key() {
    return "binomial";
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    Value trials = arguments.get(1);
    if (!arguments.get(0).isWhole() || !trials.isWhole()) {
      return Optional.of(Cause.NOT_WHOLE);
    }
    if (trials.signum() < 0 || !Interval.FROM_0_TO_1.holds(arguments.get(2))) {
      return Optional.of(Cause.OUTSIDE);
    }
    return trials.compareTo(Value.of(MOST_TRIALS)) > 0
        ? Optional.of(Cause.TOO_LARGE)
        : Optional.empty();
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    int trials = arguments.get(1).intValueExact();
    if (isImpossible(arguments)) {
      return Value.ZERO;
    }
    int successes = arguments.get(0).intValueExact();
    List<Value> parameters = arguments.subList(1, 3);
    Value probability = arguments.get(2);
    if (isCertain(probability)) {
      return probability.signum() * trials == successes ? Value.ONE : Value.ZERO;
    }
    if (isMany(parameters)) {
      return many(parameters, workspace).at(successes);
    }
    return together(new Trials(trials, probability), workspace).get(successes);
  }

  /// The sum of the probabilities from one number of successes to another, both included.
  ///
  /// @param from       0 or more
  /// @param to         `from` or more, up to the trials
  /// @param parameters the trials and the probability of a success
  public static Value sum(int from, int to, List<Value> parameters, Workspace workspace) {
    Value probability = parameters.get(1);
    int trials = parameters.get(0).intValueExact();
    if (from == 0 && to == trials) {
      return Value.ONE;
    }
    if (isCertain(probability)) {
      int sure = probability.signum() * trials;
      return from <= sure && sure <= to ? Value.ONE : Value.ZERO;
    }
    if (isMany(parameters)) {
      return many(parameters, workspace).sum(from, to);
    }
    return together(new Trials(trials, probability), workspace).subList(from, to + 1).stream()
        .reduce(Value.ZERO, Value::plus);
  }

  /// Whether there are too many outcomes to work all of them out.
  ///
  /// @param parameters the trials and the probability of a success
  public static boolean isMany(List<Value> parameters) {
    return parameters.get(0).compareTo(Value.of(MOST_TOGETHER)) > 0;
  }

  /// The most probable number of successes of many trials; the larger one where there are two.
  ///
  /// @param parameters the trials and the probability of a success
  public static int mode(List<Value> parameters, Workspace workspace) {
    Value probability = parameters.get(1);
    return isCertain(probability)
        ? probability.signum() * parameters.get(0).intValueExact()
        : many(parameters, workspace).mode();
  }

  private static List<Value> together(Trials trials, Workspace workspace) {
    return workspace.keep(trials, BinomialProbability::all);
  }

  private static boolean isCertain(Value probability) {
    return probability.signum() == 0 || probability.compareTo(Value.ONE) == 0;
  }

  private static Binomial many(List<Value> parameters, Workspace workspace) {
    return workspace.keep(
        new ManyTrials(parameters.get(0).intValueExact(), parameters.get(1)), ManyTrials::binomial);
  }

  /// Whether there are fewer successes than none, or more than trials.
  private static boolean isImpossible(List<Value> arguments) {
    return arguments.get(0).signum() < 0 || arguments.get(0).compareTo(arguments.get(1)) > 0;
  }

  private static List<Value> all(Trials trials) {
    return trials.probability() instanceof Rational p
            && trials.number() <= MOST_EXACT
            && (long) trials.number() * p.denominator().bitLength() <= MOST_BITS
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

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    check(values);
    if (isImpossible(values)) {
      return number(0);
    }
    if (isMany(values.subList(1, 3))) {
      // Its factors are beyond every calculator.
      return new Expr.Named(this, arguments);
    }
    int k = values.get(0).intValueExact();
    int n = values.get(1).intValueExact();
    Expr p = arguments.get(2);
    return Expr.product(
        new Expr.Choose(arguments.get(1), arguments.get(0)), p.to(k), number(1).minus(p).to(n - k));
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(
        isImpossible(values)
            ? 0
            : BinomialDistribution.of(values.get(1).intValueExact(), values.get(2).asDouble())
                .probability(values.get(0).intValueExact()));
  }

  @Override
  public Interval domain(int argument) {
    return argument == 2 ? Interval.FROM_0_TO_1 : Interval.EVERYTHING;
  }

  @Override
  public Interval image() {
    return Interval.FROM_0_TO_1;
  }

  /// For a range of probabilities: it rises with p up to k/n, and falls from there.
  @Override
  public Optional<Interval> range(List<Interval> arguments, Workspace workspace) {
    return SinglePeak.range(
        this,
        arguments,
        2,
        (successes, trials) ->
            trials.signum() > 0 ? Optional.of(successes.over(trials)) : Optional.empty(),
        workspace);
  }
}
