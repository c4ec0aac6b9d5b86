package lehrgang.core.page;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/// Whom a page is for.
public enum Audience {
  /// Everything, worked out.
  FULL,
  /// What the instructor lets students see.
  STUDENT,
  /// The students' page with its blanks filled in.
  KEY;

  /// As it stands in files and options.
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /// The audience that a key stands for; empty for an unknown one.
  public static Optional<Audience> ofKey(String key) {
    return Arrays.stream(values()).filter(audience -> audience.key().equals(key)).findFirst();
  }
}
