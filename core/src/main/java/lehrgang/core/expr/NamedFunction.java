package lehrgang.core.expr;

import java.util.List;
import java.util.OptionalDouble;
import lehrgang.core.number.Value;

/// A function that formulas call by name and that can write out how its value comes about.
public interface NamedFunction {
  /// Its key in notation and wording, such as `chi-squared-tail`.
  String key();

  /// The value, always that of the written-out working.
  Value apply(List<Value> arguments);

  /// The working as a formula in the arguments as they stand.
  ///
  /// @param arguments the arguments as formulas, to be shown
  /// @param values    their values, which decide the form of the working
  Expr written(List<Expr> arguments, List<Value> values);

  /// The same number by an independent library, in double precision; empty where there is none.
  default OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.empty();
  }
}
