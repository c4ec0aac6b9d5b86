package lehrgang.core.procedure.parts;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// The probability of an outcome or one further out, P(X ≤ k) or P(X ≥ k). Arguments: the outcome k
/// and the parameters of the law.
record TailOfOutcomes(Law law, End end) implements NamedFunction {
  enum End {
    AT_MOST,
    AT_LEAST
  }

  private static List<Value> parameters(List<Value> arguments) {
    return arguments.subList(1, arguments.size());
  }

  @Override
  public String key() {
    return end == End.AT_MOST ? "probability-at-most" : "probability-at-least";
  }

  @Override
  public List<Object> traits() {
    return List.of(law.name().toLowerCase(Locale.ROOT));
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    List<Value> with = parameters(arguments);
    return law.objection(with)
        .or(
            () -> {
              Value k = arguments.getFirst();
              return k.isWhole()
                      && k.compareTo(Value.of(law.first(with))) >= 0
                      && k.compareTo(Value.of(law.last(with))) <= 0
                  ? Optional.empty()
                  : Optional.of(Cause.OUTSIDE);
            });
  }

  private int from(List<Value> arguments) {
    return end == End.AT_MOST
        ? law.first(parameters(arguments))
        : arguments.getFirst().intValueExact();
  }

  private int to(List<Value> arguments) {
    return end == End.AT_MOST
        ? arguments.getFirst().intValueExact()
        : law.last(parameters(arguments));
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    return law.sum(from(arguments), to(arguments), parameters(arguments), workspace);
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(law.library(from(values), to(values), parameters(values)));
  }

  @Override
  public Interval image() {
    return Interval.FROM_0_TO_1;
  }
}
