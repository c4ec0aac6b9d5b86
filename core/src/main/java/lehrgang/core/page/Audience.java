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

  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  public static Optional<Audience> ofKey(String key) {
    return Arrays.stream(values()).filter(audience -> audience.key().equals(key)).findFirst();
  }
}
