package lehrgang.core.derivation;

import lehrgang.core.wording.Phrase;

/// What must hold for the curve to be a fair model.
///
/// @param name   its stable name
/// @param holds  whether it does
/// @param detail the reason in words
public record Condition(String name, Verdict holds, Phrase detail) {
  /// Whether a condition holds.
  public enum Verdict {
    HOLDS,
    FAILS
  }
}
