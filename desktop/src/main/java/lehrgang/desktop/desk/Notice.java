package lehrgang.desktop.desk;

import java.util.ArrayList;
import java.util.List;

/// A sentence about what just happened, with ways back where some are offered.
///
/// @param sentence empty for none
/// @param offers   what the user may want instead
public record Notice(String sentence, List<Offer> offers) {
  public static final Notice NONE = Notice.of("");

  public record Offer(String label, Runnable action) {}

  public Notice {
    offers = List.copyOf(offers);
  }

  public static Notice of(String sentence, Offer... offers) {
    return new Notice(sentence, List.of(offers));
  }

  /// Both sentences, with the offers of both.
  public Notice and(Notice other) {
    List<Offer> all = new ArrayList<>(offers);
    all.addAll(other.offers);
    return new Notice((sentence + " " + other.sentence).strip(), all);
  }
}
