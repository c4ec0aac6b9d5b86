package lehrgang.core.distribution;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// The height of the standard normal curve, φ(z) = e^(−z²/2) / √(2π), for any z.
public enum NormalDensity implements NamedFunction {
  INSTANCE;

  static Expr at(Expr z) {
    return new Expr.Named(INSTANCE, List.of(z));
  }

  @Override
  public String key() {
    return "normal-density";
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return Optional.empty();
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    Value z = arguments.getFirst().inDecimals();
    return Evaluator.closed(written(List.of(new Expr.Constant(z)), List.of(z)));
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    Expr z = arguments.getFirst();
    // The square of a root is what stands under it.
    Expr square = z instanceof Expr.Root(var inner) ? inner : z.squared();
    return new Expr.Exponential(new Expr.Negative(square.over(Expr.number(2))))
        .over(Expr.product(Expr.number(2), new Expr.Pi()).root());
  }

  @Override
  public Interval image() {
    return Interval.FROM_0_TO_1;
  }
}
