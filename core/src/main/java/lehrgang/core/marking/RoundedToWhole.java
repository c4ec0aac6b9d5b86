package lehrgang.core.marking;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Value;

/// A number rounded to a whole one, halves up: what a slip makes of an expected count.
enum RoundedToWhole implements NamedFunction {
  INSTANCE;

  @Override
  public String key() {
    return "rounded-to-whole";
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return Optional.empty();
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    return Value.exactly(arguments.getFirst().rounded(0));
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    return new Expr.Constant(apply(values));
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.of(Math.floor(values.getFirst().asDouble() + 0.5));
  }

  @Override
  public Slope slope(int argument) {
    return Slope.RISING;
  }
}
