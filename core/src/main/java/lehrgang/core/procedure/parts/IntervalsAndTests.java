package lehrgang.core.procedure.parts;

import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// Whether an interval leads to the same decision as the test: where it does not, the page says so.
public final class IntervalsAndTests {
  private IntervalsAndTests() {}

  /// A value that H₀ states.
  ///
  /// @param said  how it is said
  /// @param value empty where the reading leaves it without one
  public record Stated(Phrase.Filling said, Optional<Value> value) {
    /// The value of a line.
    public static Stated of(LineId line, Evaluation values) {
      return new Stated(new Phrase.Number(line), values.find(line));
    }

    /// A whole number.
    public static Stated of(int number) {
      return new Stated(new Phrase.Words(Integer.toString(number)), Optional.of(Value.of(number)));
    }
  }

  /// After a decision not to reject, what the data leave possible: the interval; nothing after a
  /// rejection, or where it has no ends.
  ///
  /// @param kind the ending of the sentence's key
  public static List<Block> possible(
      Decided decided, LineId low, LineId high, Sentences say, String kind) {
    Evaluation values = decided.values();
    boolean known =
        values.results().containsKey(low)
            && values.find(low).isPresent()
            && values.find(high).isPresent();
    if (decided.isUndecided() || decided.rejects() || !known) {
      return List.of();
    }
    return List.of(
        new Block.Prose(
                ShareLines.inWords(
                    say.phrase("conclusion.possible." + kind),
                    new Phrase.Number(low),
                    new Phrase.Number(high)))
            .because(Decided.DECISION, low, high));
  }

  /// A warning where a two-sided interval contradicts a two-sided test.
  ///
  /// @param name of the interval, as the ending of a key, such as `.wald`
  public static List<Block> disagreement(
      Decided decided, LineId low, LineId high, Stated stated, String name) {
    Evaluation values = decided.values();
    if (values.find(low).isEmpty() || values.find(high).isEmpty()) {
      return List.of();
    }
    return stated
        .value()
        .filter(_ -> !decided.isUndecided())
        .filter(
            value ->
                decided.rejects()
                    == (values.find(low).orElseThrow().compareTo(value) <= 0
                        && value.compareTo(values.find(high).orElseThrow()) <= 0))
        .map(_ -> warning(decided, stated, List.of(low, high), name))
        .map(List::of)
        .orElse(List.of());
  }

  /// A warning where a one-sided bound contradicts a one-sided test.
  ///
  /// @param side on which H₁ looks, which is not two-sided
  public static List<Block> disagreement(
      Decided decided, LineId bound, Stated stated, Alternative side) {
    int beyond = side == Alternative.LESS ? -1 : 1;
    return decided
        .values()
        .find(bound)
        .flatMap(end -> stated.value().map(value -> end.compareTo(value) * beyond > 0))
        .filter(_ -> !decided.isUndecided())
        .filter(excludes -> decided.rejects() != excludes)
        .map(_ -> warning(decided, stated, List.of(bound), ".bound"))
        .map(List::of)
        .orElse(List.of());
  }

  private static Block warning(Decided decided, Stated stated, List<LineId> ends, String name) {
    return new Block.Remark(
            Tone.WARNING,
            Phrase.of("interval.other-decision" + name + "." + decided.key())
                .with("stated", stated.said()))
        .because(ends.toArray(LineId[]::new));
  }
}
