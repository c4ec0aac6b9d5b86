package lehrgang.core.procedure.pairs;

import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.wording.Phrase;

/// The step that says how large the change is: both shares, their difference and its interval.
final class PairsInterval {
  private static final LineId LOW = LineId.of("ci.low");
  private static final LineId HIGH = LineId.of("ci.high");

  private PairsInterval() {}

  static Step step(Evaluation values, Sentences say) {
    return new Step(
        "interval",
        say.summary("interval").with("low", LOW).with("high", HIGH),
        List.of(
            say.prose("interval.pairs"),
            Block.Working.of(LineId.of("p.before")),
            Block.Working.of(LineId.of("p.after")),
            Block.Working.of(LineId.of("diff")),
            say.prose("interval.pairs.error"),
            Block.Working.of(LineId.of("SE")),
            Block.Working.of(LineId.of("z.ci")),
            Block.Working.of(LOW),
            Block.Working.of(HIGH),
            new Block.Prose(
                    say.phrase("interval.words.pairs." + side(values))
                        .with("confidence", new Phrase.Confidence(CommonSteps.LEVEL))
                        .with("low", new Phrase.Size(LOW))
                        .with("high", new Phrase.Size(HIGH)))
                .because(LOW, HIGH),
            new Block.Intervals(
                List.of(
                    new Block.Interval(
                        Phrase.of("interval.name.change"), LineId.of("diff"), LOW, HIGH)),
                Optional.empty()),
            say.prose("interval.pairs.why-not-independence")));
  }

  /// Whether the interval lies above 0, below, or on both sides.
  private static String side(Evaluation values) {
    return values.sign(LOW) > 0 ? "rise" : values.sign(HIGH) < 0 ? "fall" : "either";
  }
}
