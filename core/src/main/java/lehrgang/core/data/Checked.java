package lehrgang.core.data;

import java.util.List;
import java.util.function.Supplier;

/// What checking typed data gives: the data, or what is wrong with it.
public sealed interface Checked<T> {
  record Good<T>(T data) implements Checked<T> {}

  /// @param problems never empty
  record Bad<T>(List<Problem> problems) implements Checked<T> {}

  /// @param data only good if there are no problems
  static <T> Checked<T> of(List<Problem> problems, Supplier<T> data) {
    return problems.isEmpty() ? new Good<>(data.get()) : new Bad<>(List.copyOf(problems));
  }
}
