package lehrgang.core.procedure.twoway;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.EffectInWords;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.Mergers;
import lehrgang.core.procedure.parts.OddsRatioLines;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.TwoWaySteps;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// The page of a two-way table's worked solution: which sentences, tables, workings and figures
/// stand in which step.
final class TwoWayPage implements WorkedPage {
  private static final LineId X2 = LineId.of("X2");
  private static final LineId DF = ChiSquaredDecision.DF;
  private static final LineId V = LineId.of("V");

  private final TwoWayTable table;
  private final Lines lines;
  private final Evaluation values;
  private final Decided decided;
  private final ChiSquaredDecision deciding;
  private final TwoWaySteps front;
  private final String story;
  private final Sentences say;
  private final CommonSteps common;
  private final ExpectedConditions conditions;

  TwoWayPage(
      TwoWayTable table,
      Choices choices,
      Lines lines,
      ChiSquaredDecision deciding,
      Evaluation values) {
    this.table = table;
    this.lines = lines;
    this.values = values;
    this.deciding = deciding;
    this.decided = Decided.of(values);
    this.front = new TwoWaySteps(table, choices, lines, values);
    this.story = front.story();
    this.say = front.sentences();
    this.common = new CommonSteps(say, decided);
    this.conditions = new ExpectedConditions(lines, values, choices, say);
  }

  @Override
  public Verdict verdict() {
    return deciding.verdict(
        decided,
        Optional.of(new Verdict.Item(Phrase.of("verdict.effect.V"), V)),
        decided.verdict(say, "verdict." + story));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        front.question(deciding.isCorrected() ? ".corrected" : ""),
        front.data(),
        front.hypotheses(),
        front.expected(),
        conditions.step(this::waysOn, "conditions.design." + story),
        front.contributionsStep(),
        statistic(),
        deciding.criticalStep(say, values, reach()),
        pValue(),
        conclusion(),
        closerLook());
  }

  private int reach() {
    return (table.rows().size() - 1) * (table.columns().size() - 1);
  }

  /// Mergers of neighbours, and what does not need the curve.
  private List<Block> waysOn() {
    List<List<Value>> expected = front.expectedCounts();
    return Ways.whenConditionsFail(
        expected.isEmpty()
            ? Optional.empty()
            : Optional.of(new Mergers(expected, table.rows(), table.columns())),
        conditions::holdFor,
        table.isTwoByTwo() ? List.of("fisher", "simulation") : List.of("simulation"),
        say);
  }

  private Step statistic() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("statistic.how"));
    blocks.add(Block.Working.of(X2));
    blocks.add(say.remark(Tone.CHECKED, "statistic.second-route"));
    if (table.isTwoByTwo()) {
      blocks.addAll(otherForms());
    }
    blocks.add(Block.Beforehand.of(say.prose("statistic.df"), Block.Working.of(DF)));
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(deciding.statistic())),
        blocks);
  }

  private List<Block> otherForms() {
    List<Block> corrected =
        List.of(
            say.prose("statistic.yates"),
            new Block.Working(lines.family("K.cc"), LineId.of("K.cc", 1, 1)),
            Block.Working.of(LineId.of("X2.cc")));
    List<Block> blocks = new ArrayList<>(deciding.asksFor(corrected));
    blocks.add(say.prose("statistic.decides." + (deciding.isCorrected() ? "corrected" : "plain")));
    blocks.add(
        Block.Beside.of(
            say.prose("statistic.two-shares"),
            Block.Working.of(LineId.of("p1")),
            Block.Working.of(LineId.of("p2")),
            Block.Working.of(LineId.of("pooled")),
            Block.Working.of(LineId.of("SE0")),
            Block.Working.of(LineId.of("z")),
            new Block.Remark(
                Tone.CHECKED,
                Phrase.of("statistic.z-squared")
                    .with("z", new Phrase.Stated(LineId.of("z")))
                    .with("square", new Phrase.Stated(LineId.of("z.squared"))))));
    return blocks;
  }

  private Step pValue() {
    List<Block> blocks = new ArrayList<>(deciding.workings(say, values, reach()));
    if (table.isTwoByTwo()) {
      blocks.add(deciding.beside());
    }
    blocks.add(say.meaning("p.meaning." + story, deciding.p()));
    return new Step("p", say.summary("p").with("p", new Phrase.Stated(deciding.p())), blocks);
  }

  private Step conclusion() {
    List<Block> remarks = new ArrayList<>();
    if (conditions.fail()) {
      remarks.add(conditions.doubt("conclusion.condition-fails"));
    }
    if (decided.rejects()) {
      remarks.add(say.remark(Tone.NOTE, "conclusion.not-cause"));
    }
    List<Phrase> sentences = new ArrayList<>(List.of(say.phrase("conclusion." + story)));
    if (table.isTwoByTwo()) {
      sentences.add(
          say.phrase("conclusion.shares.two-by-two")
              .with("outcome", table.rows().getFirst())
              .with("first", table.columns().getFirst())
              .with("second", table.columns().getLast())
              .with("p1", LineId.of("p1"))
              .with("p2", LineId.of("p2")));
    }
    return common.conclusion(
        deciding.comparisons(decided),
        sentences,
        List.of(),
        deciding.p(),
        remarks,
        deciding
            .reported(say.phrase("conclusion.report"))
            .with("effect", new Phrase.Reported(V, 2, Phrase.LeadingZero.LEFT_OUT)));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.addAll(front.contributions().ranking(say));
    if (!front.contributions().areMany()) {
      blocks.add(Block.PairedBars.counts(front.tables().observed(), front.tables().expected()));
    }
    blocks.add(say.prose("closer-look.residuals"));
    blocks.add(
        new Block.Tables(
            List.of(
                front.tables().shaded("resid", "table.standardised", "D"),
                front.tables().shaded("adj", "table.adjusted", "D"))));
    blocks.add(new Block.Working(lines.family("adj"), front.example("adj")));
    blocks.add(say.prose("closer-look.effect"));
    blocks.add(Block.Working.of(V));
    blocks.add(Block.Working.of(LineId.of("w")));
    if (deciding.isCorrected()) {
      blocks.add(say.prose("closer-look.effect.plain"));
    }
    blocks.addAll(OddsRatioLines.blocks(lines, say));
    blocks.addAll(EffectInWords.W.of(decided, say));
    blocks.add(say.prose("closer-look.sample-size"));
    blocks.add(SampleSizeLines.table(lines));
    blocks.addAll(Ways.otherProcedures("independence", table, !deciding.isCorrected(), say));
    return new Step("closer-look", say.summary("closer-look"), blocks);
  }
}
