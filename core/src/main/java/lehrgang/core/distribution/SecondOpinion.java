package lehrgang.core.distribution;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Value;

/// The value that the numerics library gives for a function whose working we write out ourselves.
///
/// @param of the function asked about
public record SecondOpinion(NamedFunction of) implements NamedFunction {
  @Override
  public String key() {
    return "library";
  }

  /// Whatever `of` objects to, and what the library has no number for.
  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return of.objection(arguments)
        .or(
            () ->
                Double.isFinite(of.secondOpinion(arguments).orElse(Double.NaN))
                    ? Optional.empty()
                    : Optional.of(Cause.TOO_LARGE));
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    return Value.real(of.secondOpinion(arguments).orElseThrow());
  }
}
