package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.distribution.BinomialProbability;
import lehrgang.core.distribution.HypergeometricProbability;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.BinomialDistribution;

/// How an outcome, counted by a whole number, comes about if H₀ is true.
public enum Law {
  /// The successes in independent trials. Parameters: the trials and the probability of a success.
  BINOMIAL(BinomialProbability.INSTANCE, 2),
  /// The corner count of a 2 × 2 table with given margins. Parameters: R₁, R₂, C₁ and n.
  HYPERGEOMETRIC(HypergeometricProbability.INSTANCE, 4);

  private final NamedFunction probability;
  private final int parameters;

  Law(NamedFunction probability, int parameters) {
    this.probability = probability;
    this.parameters = parameters;
  }

  /// How many parameters it has.
  public int parameters() {
    return parameters;
  }

  /// The probability of an outcome as a formula.
  public Expr at(Expr outcome, List<Expr> with) {
    List<Expr> arguments = new ArrayList<>(List.of(outcome));
    arguments.addAll(with);
    return new Expr.Named(probability, arguments);
  }

  /// The probability of an outcome or one further out as a formula.
  Expr tail(TailOfOutcomes.End end, int outcome, List<Expr> with) {
    List<Expr> arguments = new ArrayList<>(List.of(Expr.number(outcome)));
    arguments.addAll(with);
    return new Expr.Named(new TailOfOutcomes(this, end), arguments);
  }

  NamedFunction probability() {
    return probability;
  }

  /// The probability of an outcome; without an [#objection] to the parameters.
  Value at(int outcome, List<Value> with, Workspace workspace) {
    return probability.apply(arguments(outcome, with), workspace);
  }

  /// The probability of the outcomes from one to another, both included and both possible.
  Value sum(int from, int to, List<Value> with, Workspace workspace) {
    return switch (this) {
      case BINOMIAL -> BinomialProbability.sum(from, to, with, workspace);
      case HYPERGEOMETRIC ->
          IntStream.rangeClosed(from, to)
              .mapToObj(outcome -> at(outcome, with, workspace))
              .reduce(Value.ZERO, Value::plus);
    };
  }

  /// The same by an independent library, in double precision.
  double library(int from, int to, List<Value> with) {
    return switch (this) {
      case BINOMIAL ->
          BinomialDistribution.of(with.get(0).intValueExact(), with.get(1).asDouble())
              .probability(from - 1, to);
      case HYPERGEOMETRIC ->
          IntStream.rangeClosed(from, to)
              .mapToDouble(
                  outcome -> probability.secondOpinion(arguments(outcome, with)).orElse(Double.NaN))
              .sum();
    };
  }

  /// Whether there are too many outcomes to look at each.
  boolean hasManyOutcomes(List<Value> with) {
    return this == BINOMIAL && BinomialProbability.isMany(with);
  }

  /// The most probable outcome where there are many.
  int mode(List<Value> with, Workspace workspace) {
    return BinomialProbability.mode(with, workspace);
  }

  /// Why there are no probabilities with these parameters; empty where there are.
  Optional<Cause> objection(List<Value> with) {
    return probability.objection(arguments(0, with));
  }

  static List<Value> arguments(int outcome, List<Value> with) {
    List<Value> arguments = new ArrayList<>(List.of(Value.of(outcome)));
    arguments.addAll(with);
    return arguments;
  }

  /// The smallest possible outcome; without an [#objection] to the parameters.
  int first(List<Value> with) {
    return switch (this) {
      case BINOMIAL -> 0;
      case HYPERGEOMETRIC -> Math.max(0, with.get(2).intValueExact() - with.get(1).intValueExact());
    };
  }

  /// The largest possible outcome; without an [#objection] to the parameters.
  int last(List<Value> with) {
    return switch (this) {
      case BINOMIAL -> with.get(0).intValueExact();
      case HYPERGEOMETRIC -> Math.min(with.get(0).intValueExact(), with.get(2).intValueExact());
    };
  }
}
