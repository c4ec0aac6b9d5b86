package lehrgang.core.marking;

import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// What is said at once of an answer to whoever gave it: whether it is right, or the question that
/// leads away from a slip; never the answer.
public final class AtOnce {
  private AtOnce() {}

  /// A sentence, or two; empty where nothing was written.
  ///
  /// @param texts what is said of slips
  public static String of(Mark mark, Wording wording, SlipTexts texts) {
    return switch (mark.verdict()) {
      case RIGHT -> wording.text("working.say.yes");
      case RIGHT_ROUNDED -> wording.text("working.say.rounded");
      case TOO_COARSE -> wording.text("working.say.coarse");
      case FOLLOW_THROUGH -> wording.text("working.say.follows");
      case SLIP -> slip(mark, wording, texts);
      case WRONG -> wording.text("working.say.wrong");
      case UNREADABLE -> wording.text("working.say.unreadable");
      case BLANK -> "";
    };
  }

  private static String slip(Mark mark, Wording wording, SlipTexts texts) {
    String slip = mark.slips().getFirst();
    return wording.text(
            Phrase.of("working.say.slip")
                .with("written", mark.answer().written())
                .with("name", texts.name(slip)))
        + " "
        + texts.question(slip, mark);
  }
}
