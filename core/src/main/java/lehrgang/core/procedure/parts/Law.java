package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.distribution.BinomialProbability;
import lehrgang.core.distribution.HypergeometricProbability;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.number.Value;

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

  NamedFunction probability() {
    return probability;
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
