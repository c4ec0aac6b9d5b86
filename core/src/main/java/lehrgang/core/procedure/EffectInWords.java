package lehrgang.core.procedure;

import java.math.BigDecimal;
import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;

/// What an effect size means beside the decision, by Cohen's (1988) conventions: 0.1 small, 0.3
/// medium,
/// 0.5 large.
final class EffectInWords {
  private static final Value SMALL = Value.exactly(new BigDecimal("0.1"));
  private static final Value MEDIUM = Value.exactly(new BigDecimal("0.3"));
  private static final Value LARGE = Value.exactly(new BigDecimal("0.5"));

  private EffectInWords() {}

  static List<Block> of(LineId effect, Decided decided, Sentences say) {
    Value size = decided.exact().of(effect).magnitude();
    String word =
        size.compareTo(SMALL) < 0
            ? "tiny"
            : size.compareTo(MEDIUM) < 0 ? "small" : size.compareTo(LARGE) < 0 ? "medium" : "large";
    boolean telling = decided.rejects() ? size.compareTo(MEDIUM) < 0 : size.compareTo(MEDIUM) >= 0;
    return List.of(
        new Block.Remark(
            telling ? Tone.WARNING : Tone.NOTE,
            say.phrase("effect." + word + "." + decided.key()).with("effect", effect)));
  }
}
