package lehrgang.core.procedure.parts;

import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Verdict.Decision;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Phrase;

/// What the lines come to under the reading in which a page is laid out, and the decision.
///
/// @param decision empty where the reading leaves a line without a value on which it rests
public record Decided(Evaluation values, Optional<Decision> decision) {
  /// The line of the decision.
  public static final LineId DECISION = LineId.of("decision");

  /// The decision as the values have it; undecided where its line has no value.
  public static Decided of(Evaluation values) {
    return new Decided(
        values,
        values
            .find(DECISION)
            .map(rejected -> rejected.signum() > 0 ? Decision.REJECT : Decision.DO_NOT_REJECT));
  }

  /// Whether H₀ is rejected.
  public boolean rejects() {
    return decision.filter(Decision.REJECT::equals).isPresent();
  }

  /// Whether the reading leaves no decision.
  public boolean isUndecided() {
    return decision.isEmpty();
  }

  /// The ending of the keys of sentences about the decision.
  public String key() {
    return rejects() ? "reject" : "keep";
  }

  /// The p-value compared with the level, in words.
  public Block.Prose comparisonOfP(LineId p) {
    return comparisonOfP("conclusion.p", p);
  }

  /// A p-value compared with the level, in words.
  ///
  /// @param key without its ending
  public Block.Prose comparisonOfP(String key, LineId p) {
    return new Block.Prose(
            Phrase.of(key + "." + key())
                .with("p", new Phrase.StatedBeside(p, CommonSteps.LEVEL))
                .with("alpha", CommonSteps.LEVEL))
        .because(DECISION);
  }

  /// The decision in the strip.
  ///
  /// @param key without its ending
  public Phrase verdict(Sentences say, String key) {
    return say.phrase(isUndecided() ? "verdict.undecided" : key + "." + key());
  }
}
