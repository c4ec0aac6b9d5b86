package lehrgang.desktop;

import java.util.Optional;

/// A sentence about what just happened, with a way back where one is offered.
///
/// @param sentence empty for none
/// @param offer    something the user may want instead
record Notice(String sentence, Optional<Offer> offer) {
  static final Notice NONE = new Notice("", Optional.empty());

  record Offer(String label, Runnable action) {}

  static Notice of(String sentence) {
    return new Notice(sentence, Optional.empty());
  }
}
