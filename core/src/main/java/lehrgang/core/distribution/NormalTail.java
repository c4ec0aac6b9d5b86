package lehrgang.core.distribution;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
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
  public Optional<Cause> objection(List<Value> arguments) {
    return Optional.empty();
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    Value z = arguments.getFirst().inDecimals();
    Value tail = NormalUpperTail.INSTANCE.apply(List.of(z.magnitude()), workspace);
    return isSmallerSide(z) ? tail : Value.ONE.minus(tail);
  }

  private boolean isSmallerSide(Value z) {
    return this == UPPER ? z.signum() >= 0 : z.signum() <= 0;
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    Expr z = arguments.getFirst();
    Expr size =
        z instanceof Expr.Magnitude
            ? z
            : values.getFirst().signum() < 0 ? new Expr.Magnitude(z) : z;
    Expr tail = NormalUpperTail.at(size);
    return isSmallerSide(values.getFirst()) ? tail : Expr.number(1).minus(tail);
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    Value z = this == UPPER ? values.getFirst() : values.getFirst().negated();
    return NormalUpperTail.INSTANCE.secondOpinion(List.of(z));
  }

  @Override
  public Slope slope(int argument) {
    return this == UPPER ? Slope.FALLING : Slope.RISING;
  }

  @Override
  public Interval image() {
    return Interval.FROM_0_TO_1;
  }
}
