package lehrgang.core.data;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// What the rows and columns of a typed table mean.
public enum TableForm {
  /// Counts by two variables.
  TWO_WAY,
  /// A category a row, with its count and perhaps its stated share; columns `observed` and `share`.
  FREQUENCIES,
  /// A group a row, with its successes and its trials; columns `successes` and `trials`.
  SHARES,
  /// Counts by two variables, once for each category of a third.
  LAYERS;

  /// The name in files, such as `two-way`.
  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /// The form that a key stands for; empty for an unknown one.
  public static Optional<TableForm> ofKey(String key) {
    return Arrays.stream(values()).filter(form -> form.key().equals(key)).findFirst();
  }

  /// Whether the columns are categories of the user's own.
  public boolean namesItsColumns() {
    return this == TWO_WAY || this == LAYERS;
  }
}
