package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Phrase;

/// Steps that every worked solution has.
///
/// @param say     the sentences of this solution
/// @param decided what its lines come to
public record CommonSteps(Sentences say, Decided decided) {
  public static final LineId LEVEL = LineId.of("alpha");

  /// The question as it was asked, and the name of the test that answers it.
  ///
  /// @param kind the ending of the summary's key; empty for two variables
  /// @param test the ending of the key of the test's name
  public Step question(String kind, String test) {
    return new Step(
        "question",
        say.summary(kind.isEmpty() ? "question" : "question." + kind),
        List.of(new Block.QuestionText(), say.prose("test." + test)));
  }

  /// What is required of the data where no approximation is used.
  ///
  /// @param test   the ending of the key of the sentence about the test
  /// @param design the ending of the key where no design of the study is told
  public Step conditions(String test, String design) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("conditions.none." + test));
    blocks.addAll(new StudySentences(say).required(design));
    return new Step("conditions", say.summary("conditions.none"), blocks);
  }

  /// Both hypotheses and the level.
  ///
  /// @param story  the ending of the hypotheses' keys
  /// @param before what stands before them, such as the share that is claimed
  public Step hypotheses(String story, Block... before) {
    List<Block> blocks = new ArrayList<>(List.of(before));
    blocks.add(say.prose("hypotheses.null." + story));
    blocks.add(say.prose("hypotheses.alternative." + story));
    blocks.add(
        new Block.TypedNumber(
            say.phrase("hypotheses.level").with("alpha", LEVEL), TypedNumbers.LEVEL.id(), LEVEL));
    return new Step(
        "hypotheses", say.summary("hypotheses").with("alpha", new Phrase.Stated(LEVEL)), blocks);
  }

  /// Compares, decides, and says in words what follows.
  public Step conclusion(
      List<Block> comparisons, String sentence, LineId p, List<Block> remarks, Phrase report) {
    return conclusion(comparisons, List.of(say.phrase(sentence)), List.of(), p, remarks, report);
  }

  /// Compares, decides, and says in words what follows.
  ///
  /// @param sentences the conclusion, to whose key the decision is added, and what the data show of
  ///     it
  /// @param grounds  what it rests on besides the decision
  /// @param p        the p-value that decides
  /// @param remarks  what else must be said
  public Step conclusion(
      List<Block> comparisons,
      List<Phrase> sentences,
      List<LineId> grounds,
      LineId p,
      List<Block> remarks,
      Phrase report) {
    if (decided.isUndecided()) {
      return new Step(
          "conclusion",
          Phrase.of("summary.conclusion.undecided"),
          List.of(new Block.Missing(Decided.DECISION)));
    }
    List<LineId> reasons = new ArrayList<>(grounds);
    reasons.add(Decided.DECISION);
    List<Block> blocks = new ArrayList<>(comparisons);
    blocks.add(
        new Block.Prose(
            sentences
                .getFirst()
                .ending("." + decided.key())
                .with("alpha", new Phrase.LevelInPercent(LEVEL)),
            reasons));
    sentences.stream().skip(1).map(Block.Prose::new).forEach(blocks::add);
    blocks.addAll(OtherMethods.disagreeing(decided, p));
    blocks.addAll(remarks);
    blocks.add(
        new Block.Prose(Phrase.of("conclusion.smallest-level").with("p", new Phrase.Stated(p))));
    blocks.add(new Block.ReportLine(report));
    return new Step("conclusion", Phrase.of("summary.conclusion." + decided.key()), blocks);
  }
}
