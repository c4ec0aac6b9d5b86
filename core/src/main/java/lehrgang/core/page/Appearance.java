package lehrgang.core.page;

/// How a number stands on a page.
public enum Appearance {
  SHOWN,
  /// Left for the student to fill in.
  BLANK,
  /// Filled in on the key.
  ANSWER
}
