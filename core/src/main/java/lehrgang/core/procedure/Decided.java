package lehrgang.core.procedure;

import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Verdict.Decision;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Choices;

/// What the lines come to: their exact values, and the decision as the page shows it.
record Decided(Evaluation exact, Decision decision) {
  static Decided of(Lines lines, Choices choices) {
    Evaluation exact = lines.evaluate(new Reading.Exact());
    Evaluation shown = choices.onTheWay().isEmpty() ? exact : lines.evaluate(choices.reading());
    boolean rejects = shown.of(LineId.of("decision")).signum() > 0;
    return new Decided(exact, rejects ? Decision.REJECT : Decision.DO_NOT_REJECT);
  }

  boolean rejects() {
    return decision == Decision.REJECT;
  }

  /// The ending of the keys of sentences about the decision.
  String key() {
    return rejects() ? "reject" : "keep";
  }
}
