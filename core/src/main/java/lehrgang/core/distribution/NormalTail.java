package lehrgang.core.distribution;

import java.util.List;
import java.util.OptionalDouble;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Value;

/// The area under the standard normal curve on one side of any point z. On the smaller side it is a
/// tail, worked out by [NormalUpperTail]; on the larger side it is 1 less the tail beyond.
public enum NormalTail implements NamedFunction {
  /// To the right of z.
  UPPER,
  /// To the left of z.
  LOWER;

  @Override
  public String key() {
    return this == UPPER ? "normal-right" : "normal-left";
  }

  @Override
  public Value apply(List<Value> arguments) {
    Value z = arguments.getFirst().inDecimals();
    return Evaluator.evaluateClosed(written(List.of(new Expr.Constant(z)), List.of(z)));
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    int side = values.getFirst().signum();
    boolean smaller = this == UPPER ? side >= 0 : side <= 0;
    Expr z = arguments.getFirst();
    Expr size = z instanceof Expr.Magnitude ? z : side < 0 ? new Expr.Magnitude(z) : z;
    Expr tail = NormalUpperTail.at(size);
    return smaller ? tail : Expr.number(1).minus(tail);
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    Value z = this == UPPER ? values.getFirst() : values.getFirst().negated();
    return NormalUpperTail.INSTANCE.secondOpinion(List.of(z));
  }
}
