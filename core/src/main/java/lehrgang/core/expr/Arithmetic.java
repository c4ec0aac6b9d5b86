package lehrgang.core.expr;

import java.util.List;
import java.util.function.Supplier;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.number.Value;

/// The operations that formulas are made of, for one sort of number: exact values, ranges of
/// values, or doubles. What has no value ends in [Impossible].
///
/// @param <T> the sort of number
interface Arithmetic<T> {
  /// An operation that has no value for its arguments.
  final class Impossible extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final Cause cause;

    Impossible(Cause cause) {
      super(cause.name(), null, false, false);
      this.cause = cause;
    }

    Cause cause() {
      return cause;
    }
  }

  T of(Value number);

  T plus(T left, T right);

  T minus(T left, T right);

  T times(T left, T right);

  T over(T above, T below);

  T power(T base, int exponent);

  T root(T radicand);

  T magnitude(T number);

  T negated(T number);

  T exponential(T exponent);

  T logarithm(T number);

  T arcsine(T sine);

  T choose(T from, T chosen);

  T smaller(T one, T other);

  T larger(T one, T other);

  /// 1 where `left` is at least `right`, else 0.
  T atLeast(T left, T right);

  T named(NamedFunction function, List<T> arguments, Workspace workspace);

  /// The first of two numbers where a condition is 1, the second where it is 0.
  T either(T condition, Supplier<T> then, Supplier<T> otherwise);
}
