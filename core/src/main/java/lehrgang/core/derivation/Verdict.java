package lehrgang.core.derivation;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Phrase;

/// The result of a solution at a glance.
///
/// @param items    the numbers that carry it
/// @param decision whether H₀ is rejected; empty where the reading leaves that open
/// @param sentence the decision in words
public record Verdict(List<Item> items, Optional<Decision> decision, Phrase sentence) {
  /// What becomes of H₀; it is never accepted.
  public enum Decision {
    REJECT("reject"),
    DO_NOT_REJECT("do-not-reject");

    private final String key;

    Decision(String key) {
      this.key = key;
    }

    /// The ending of the keys of sentences about it.
    public String key() {
      return key;
    }
  }

  /// @param form whether the line's symbol stands before its number
  public record Item(Phrase label, LineId line, Form form) {
    /// A line whose number is shown.
    public Item(Phrase label, LineId line) {
      this(label, line, Form.NUMBER);
    }
  }

  /// How an item is written.
  public enum Form {
    NUMBER,
    WITH_SYMBOL
  }

  public Verdict {
    items = List.copyOf(items);
  }
}
