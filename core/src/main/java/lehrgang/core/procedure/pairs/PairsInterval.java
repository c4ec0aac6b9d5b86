package lehrgang.core.procedure.pairs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.IntervalsAndTests;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.ShareLines;
import lehrgang.core.wording.Phrase;

/// The step that says how large the change is: both shares, their difference and its interval.
final class PairsInterval {
  private static final LineId DIFFERENCE = LineId.of("diff");
  private static final LineId LOW = LineId.of("ci.low");
  private static final LineId HIGH = LineId.of("ci.high");

  private PairsInterval() {}

  static Step step(Decided decided, Sentences say) {
    Evaluation values = decided.values();
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("interval.pairs"));
    for (LineId share : List.of(LineId.of("p.before"), LineId.of("p.after"), DIFFERENCE)) {
      blocks.add(Block.Working.of(share));
    }
    blocks.add(say.prose("interval.pairs.error"));
    blocks.addAll(ShareLines.workings(LOW, HIGH));
    blocks.add(
        new Block.Prose(
                ShareLines.inWords(
                    say.phrase("interval.words.pairs." + side(values)),
                    new Phrase.Size(LOW),
                    new Phrase.Size(HIGH)))
            .because(LOW, HIGH));
    blocks.addAll(
        IntervalsAndTests.disagreement(
            decided, LOW, HIGH, IntervalsAndTests.Stated.of(0), ".pairs"));
    blocks.add(
        new Block.Intervals(
            List.of(new Block.Interval(Phrase.of("interval.name.change"), DIFFERENCE, LOW, HIGH)),
            Optional.empty()));
    blocks.add(say.prose("interval.pairs.why-not-independence"));
    return new Step(
        "interval", say.summary("interval").with("low", LOW).with("high", HIGH), blocks);
  }

  /// Whether the interval lies above 0, below, or on both sides.
  private static String side(Evaluation values) {
    return values.sign(LOW) > 0 ? "rise" : values.sign(HIGH) < 0 ? "fall" : "either";
  }
}
