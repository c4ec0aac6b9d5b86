package lehrgang.desktop;

import java.util.ArrayList;
import java.util.List;

/// A sentence about what just happened, with ways back where some are offered.
///
/// @param sentence empty for none
/// @param offers   what the user may want instead
record Notice(String sentence, List<Offer> offers) {
  static final Notice NONE = Notice.of("");

  record Offer(String label, Runnable action) {}

  Notice {
    offers = List.copyOf(offers);
  }

  static Notice of(String sentence, Offer... offers) {
    return new Notice(sentence, List.of(offers));
  }

  /// Both sentences, with the offers of both.
  Notice and(Notice other) {
    List<Offer> all = new ArrayList<>(offers);
    all.addAll(other.offers);
    return new Notice((sentence + " " + other.sentence).strip(), all);
  }
}
