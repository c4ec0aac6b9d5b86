package lehrgang.core.distribution;

import java.util.List;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Value;

/// The height of the standard normal curve, φ(z) = e^(−z²/2) / √(2π).
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
  public Value apply(List<Value> arguments) {
    Value z = arguments.getFirst().inDecimals();
    return Evaluator.evaluateClosed(written(List.of(new Expr.Constant(z)), List.of(z)));
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    Expr z = arguments.getFirst();
    // The square of a root is what stands under it.
    Expr square = z instanceof Expr.Root(var inner) ? inner : z.squared();
    return new Expr.Exponential(new Expr.Negative(square.over(Expr.number(2))))
        .over(Expr.product(Expr.number(2), new Expr.Pi()).root());
  }
}
