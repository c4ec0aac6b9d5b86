package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Phrase;

/// Steps that every worked solution has.
///
/// @param say     the sentences of this solution
/// @param lines   its numbers
/// @param decided what they come to
record CommonSteps(Sentences say, Lines lines, Decided decided) {
  /// @param kind the ending of the summary's key; empty for two variables
  Step question(String kind) {
    return new Step(
        "question",
        say.summary(kind.isEmpty() ? "question" : "question." + kind),
        List.of(),
        List.of(),
        List.of(new Block.QuestionText()));
  }

  /// Both hypotheses and the level.
  ///
  /// @param story  the ending of the hypotheses' keys
  /// @param before what stands before them, such as the share that is claimed
  Step hypotheses(String story, List<Option> options, List<Block> before) {
    List<Block> blocks = new ArrayList<>(before);
    blocks.add(say.prose("hypotheses.null." + story));
    blocks.add(say.prose("hypotheses.alternative." + story));
    blocks.add(Block.TypedNumber.level(say.phrase("hypotheses.level")));
    List<LineId> typed = new ArrayList<>(lines.ofFamilies("alpha"));
    before.stream()
        .filter(Block.TypedNumber.class::isInstance)
        .map(Block.TypedNumber.class::cast)
        .forEach(number -> typed.add(number.line()));
    return new Step(
        "hypotheses",
        say.summary("hypotheses").with("alpha", new Phrase.Stated(LineId.of("alpha"))),
        typed,
        options,
        blocks);
  }

  /// Compares, decides, and says in words what follows.
  ///
  /// @param sentence  the key of the conclusion, without its ending
  /// @param p         the p-value that decides
  /// @param remarks   what else must be said
  Step conclusion(
      List<Block> comparisons, String sentence, LineId p, List<Block> remarks, Phrase report) {
    List<Block> blocks = new ArrayList<>(comparisons);
    blocks.add(
        new Block.Prose(
            say.phrase(sentence + "." + decided.key()).with("alpha", LineId.of("alpha"))));
    blocks.add(new Block.Prose(Phrase.of("conclusion.smallest-level").with("p", p)));
    blocks.addAll(remarks);
    blocks.add(new Block.ReportLine(report));
    return new Step(
        "conclusion",
        Phrase.of("summary.conclusion." + decided.key()),
        lines.ofFamilies("decision", "decision.p"),
        List.of(),
        blocks);
  }
}
