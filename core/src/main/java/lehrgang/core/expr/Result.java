package lehrgang.core.expr;

import java.util.Optional;

/// What evaluating gives: a value, or the reason why there is none.
///
/// @param <T> the sort of number
public sealed interface Result<T> {
  record Defined<T>(T value) implements Result<T> {}

  record Undefined<T>(Reason reason) implements Result<T> {}

  /// The value, where there is one.
  default Optional<T> found() {
    return this instanceof Defined<T>(var value) ? Optional.of(value) : Optional.empty();
  }
}
