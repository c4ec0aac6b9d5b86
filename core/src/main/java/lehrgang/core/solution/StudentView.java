package lehrgang.core.solution;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// What students see of a step.
public enum StudentView {
  GIVEN,
  /// The first working is shown, the other numbers are to be filled in.
  ONE_WORKED,
  BLANK,
  LEFT_OUT;

  /// The name in files, such as `one-worked`.
  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /// The view that a key stands for; empty for an unknown one.
  public static Optional<StudentView> ofKey(String key) {
    return Arrays.stream(values()).filter(view -> view.key().equals(key)).findFirst();
  }
}
