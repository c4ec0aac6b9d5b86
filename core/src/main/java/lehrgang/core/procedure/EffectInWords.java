package lehrgang.core.procedure;

import java.util.List;
import java.util.Locale;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;

/// What an effect size means beside the decision, by Cohen's (1988) conventions.
enum EffectInWords {
  /// Of a chi-squared statistic: 0.1 small, 0.3 medium, 0.5 large.
  W("0.1", "0.3", "0.5"),
  /// Of a difference of shares: 0.2 small, 0.5 medium, 0.8 large.
  H("0.2", "0.5", "0.8");

  private final Value small;
  private final Value medium;
  private final Value large;

  EffectInWords(String small, String medium, String large) {
    this.small = Value.exactly(small);
    this.medium = Value.exactly(medium);
    this.large = Value.exactly(large);
  }

  List<Block> of(Lines lines, Decided decided, Sentences say) {
    LineId effect = LineId.of(name().toLowerCase(Locale.ROOT));
    Value size = decided.exact().of(effect).magnitude();
    String word =
        size.compareTo(small) < 0
            ? "tiny"
            : size.compareTo(medium) < 0 ? "small" : size.compareTo(large) < 0 ? "medium" : "large";
    boolean telling = decided.rejects() ? size.compareTo(medium) < 0 : size.compareTo(medium) >= 0;
    return List.of(
        new Block.Remark(
            telling ? Tone.WARNING : Tone.NOTE,
            say.phrase("effect." + word + "." + decided.key())
                .with("symbol", lines.inOrder().get(effect).symbol())
                .with("effect", effect)));
  }
}
