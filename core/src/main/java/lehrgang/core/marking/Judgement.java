package lehrgang.core.marking;

import java.util.Arrays;
import java.util.Optional;

/// What becomes of an answer.
public enum Judgement {
  /// Nothing was written.
  BLANK("blank"),
  /// What was written is no answer to what was asked.
  UNREADABLE("unreadable"),
  /// It agrees with the exact value in all digits that are written.
  RIGHT("right"),
  /// It is right, in fewer digits than were asked.
  TOO_COARSE("too-coarse"),
  /// It comes of rounding lines before it.
  RIGHT_ROUNDED("right-rounded"),
  /// It follows from the student's own numbers.
  FOLLOW_THROUGH("follow-through"),
  /// It comes of one known slip.
  SLIP("slip"),
  /// None of these.
  WRONG("wrong");

  private final String key;

  Judgement(String key) {
    this.key = key;
  }

  /// As it stands in files.
  public String key() {
    return key;
  }

  /// The verdict that a key stands for; empty for an unknown one.
  public static Optional<Judgement> ofKey(String key) {
    return Arrays.stream(values()).filter(verdict -> verdict.key.equals(key)).findFirst();
  }
}
