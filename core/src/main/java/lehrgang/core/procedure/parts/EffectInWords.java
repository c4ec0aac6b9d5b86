package lehrgang.core.procedure.parts;

import java.util.List;
import java.util.Locale;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// What an effect size means beside the decision, by Cohen's (1988) conventions.
public enum EffectInWords {
  /// Of a chi-squared statistic, the line `w`: 0.1 small, 0.3 medium, 0.5 large.
  W("0.1", "0.3", "0.5"),
  /// Of a difference of shares, the line `h`: 0.2 small, 0.5 medium, 0.8 large.
  H("0.2", "0.5", "0.8");

  private final Value small;
  private final Value medium;
  private final Value large;

  EffectInWords(String small, String medium, String large) {
    this.small = Value.exactly(small);
    this.medium = Value.exactly(medium);
    this.large = Value.exactly(large);
  }

  /// The remark; none where the effect or the decision has no value.
  public List<Block> of(Decided decided, Sentences say) {
    String letter = name().toLowerCase(Locale.ROOT);
    LineId effect = LineId.of(letter);
    return decided
        .values()
        .find(effect)
        .filter(_ -> !decided.isUndecided())
        .map(Value::magnitude)
        .<Block>map(
            size ->
                new Block.Remark(
                    Tone.NOTE,
                    say.phrase("effect." + word(size) + "." + decided.key())
                        .with("symbol", Symbol.of(letter))
                        .with("effect", new Phrase.Stated(effect))
                        .with("rule", Phrase.of("effect.rule." + letter)),
                    List.of(effect, Decided.DECISION)))
        .map(List::of)
        .orElse(List.of());
  }

  private String word(Value size) {
    return size.compareTo(small) < 0
        ? "tiny"
        : size.compareTo(medium) < 0 ? "small" : size.compareTo(large) < 0 ? "medium" : "large";
  }
}
