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
import lehrgang.core.procedure.parts.DetectableEffect;
import lehrgang.core.procedure.parts.Deviations;
import lehrgang.core.procedure.parts.EffectInWords;
import lehrgang.core.procedure.parts.ExactOutcomes;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.FourfoldOutcomes;
import lehrgang.core.procedure.parts.IntervalsAndTests;
import lehrgang.core.procedure.parts.Mergers;
import lehrgang.core.procedure.parts.OddsRatioLines;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.ShareLines;
import lehrgang.core.procedure.parts.StudySentences;
import lehrgang.core.procedure.parts.TwoWaySteps;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of a two-way table's worked solution: which sentences, tables, workings and figures
/// stand in which step.
final class TwoWayPage implements WorkedPage {
  private static final LineId X2 = LineId.of("X2");
  private static final LineId DF = ChiSquaredDecision.DF;
  private static final LineId V = LineId.of("V");
  private static final LineId EXACT = LineId.of("p.exact");

  private final TwoWayTable table;
  private final Optional<ExactOutcomes> outcomes;
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
      Story told,
      TwoWayLines two,
      ChiSquaredDecision deciding,
      Evaluation values) {
    this.table = table;
    this.outcomes = two.outcomes();
    this.lines = two.all();
    this.values = values;
    this.deciding = deciding;
    this.decided = Decided.of(values);
    this.front = new TwoWaySteps(table, choices, told, lines, values);
    this.story = front.story();
    this.say = front.sentences();
    this.common = new CommonSteps(say, decided);
    this.conditions = new ExpectedConditions(lines, values, choices, say);
  }

  @Override
  public Verdict verdict() {
    Verdict.Item effect = new Verdict.Item(Phrase.of("verdict.effect.V"), V);
    Phrase sentence = decided.verdict(say, "verdict." + story);
    return isExact()
        ? new Verdict(
            List.of(
                new Verdict.Item(
                    Phrase.of("verdict.statistic"), deciding.statistic(), Verdict.Form.WITH_SYMBOL),
                new Verdict.Item(Phrase.of("verdict.p.exact"), EXACT),
                effect),
            decided.decision(),
            sentence)
        : deciding.verdict(decided, Optional.of(effect), sentence);
  }

  @Override
  public List<Step> steps() {
    List<Step> steps = new ArrayList<>();
    steps.add(front.question(isExact() ? ".exact" : deciding.isCorrected() ? ".corrected" : ""));
    steps.add(front.data());
    steps.add(front.hypotheses());
    steps.add(front.expected());
    steps.add(conditions.step(this::waysOn, story));
    steps.add(front.contributionsStep());
    steps.add(statistic());
    if (!isExact()) {
      steps.add(deciding.criticalStep(say, values, reach()));
    }
    steps.add(isExact() ? exactP() : pValue());
    steps.add(conclusion());
    steps.add(closerLook());
    return steps;
  }

  private boolean isExact() {
    return outcomes.isPresent();
  }

  private LineId p() {
    return isExact() ? EXACT : deciding.p();
  }

  /// Fisher's exact p-value, which decides, and the approximation beside it.
  private Step exactP() {
    LineId corner = LineId.of("O", 1, 1);
    ExactOutcomes exact = outcomes.orElseThrow();
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("p.exact.two-by-two"));
    blocks.add(Block.Working.of(FourfoldOutcomes.SMALLEST));
    blocks.add(Block.Working.of(FourfoldOutcomes.LARGEST));
    blocks.add(say.prose("outcomes.probability"));
    blocks.add(new Block.Working(lines.family("P"), exact.example(values, corner)));
    blocks.add(
        exact
            .block(say.phrase("outcomes.corner"), corner, EXACT)
            .between(FourfoldOutcomes.SMALLEST, FourfoldOutcomes.LARGEST));
    blocks.add(new Block.Prose(say.phrase("p.fisher.two-sided"), lines.family("summed")));
    blocks.add(Block.Working.of(EXACT));
    blocks.add(say.meaning("p.meaning.fisher.two-sided", EXACT));
    blocks.add(
        new Block.Prose(
            Phrase.of("p.by-curve")
                .with("p", new Phrase.Stated(ChiSquaredDecision.plain().p()))
                .with("corrected", new Phrase.Stated(ChiSquaredDecision.corrected().p()))));
    return new Step("p", say.summary("p").with("p", new Phrase.Stated(EXACT)), blocks);
  }

  private int reach() {
    return (table.rows().size() - 1) * (table.columns().size() - 1);
  }

  /// Mergers of neighbours, and what does not need the curve.
  private List<Block> waysOn() {
    if (isExact()) {
      return List.of(say.prose("conditions.exact-decides"), switchTo("plain", "approximate"));
    }
    List<List<Value>> expected = front.expectedCounts();
    List<Block> ways = new ArrayList<>();
    if (table.isTwoByTwo() && !FourfoldOutcomes.areTooMany(table)) {
      ways.add(switchTo("exact", "exact"));
    }
    ways.addAll(otherWays(expected));
    return ways;
  }

  private static Block switchTo(String decides, String way) {
    return Ways.choose(Independence.DECIDES.id(), decides, way);
  }

  private List<Block> otherWays(List<List<Value>> expected) {
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
    blocks.add(
        say.prose(
            "statistic.decides."
                + (isExact() ? "exact" : deciding.isCorrected() ? "corrected" : "plain")));
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
    List<Block> remarks = new ArrayList<>(new Deviations(lines, values, say).inConclusion(decided));
    remarks.addAll(
        IntervalsAndTests.possible(
            decided, LineId.of("OR.low"), LineId.of("OR.high"), say, "odds-ratio"));
    if (!table.isTwoByTwo()) {
      remarks.addAll(DetectableEffect.V.inConclusion(decided, say));
    }
    if (conditions.fail() && !isExact()) {
      remarks.add(conditions.doubt("conclusion.condition-fails"));
    }
    remarks.addAll(new StudySentences(say).remarks(decided, Optional.of("")));
    List<Phrase> sentences = new ArrayList<>(List.of(say.phrase("conclusion." + story)));
    if (table.isTwoByTwo()) {
      sentences.add(
          ShareLines.compared(
              say.phrase("conclusion.shares.two-by-two"),
              values,
              LineId.of("p1"),
              LineId.of("p2")));
    }
    Phrase report =
        isExact()
            ? say.phrase("conclusion.report.exact")
                .with("p", new Phrase.Reported(EXACT, 3, Phrase.LeadingZero.LEFT_OUT))
            : deciding.reported(
                say.phrase(
                    "conclusion.report." + story + (deciding.isCorrected() ? ".corrected" : "")));
    return common.conclusion(
        isExact()
            ? List.of(decided.comparisonOfP("conclusion.exact", EXACT))
            : deciding.comparisons(decided),
        sentences,
        List.of(),
        p(),
        remarks,
        report.with("effect", new Phrase.Reported(V, 2, Phrase.LeadingZero.LEFT_OUT)));
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
    blocks.addAll(new Deviations(lines, values, say).bounds());
    blocks.add(say.prose("closer-look.effect"));
    blocks.add(Block.Working.of(V));
    blocks.add(Block.Working.of(LineId.of("w")));
    if (deciding.isCorrected()) {
      blocks.add(say.prose("closer-look.effect.plain"));
    }
    blocks.addAll(OddsRatioLines.blocks(lines, decided, true, say));
    blocks.addAll(EffectInWords.W.of(decided, say));
    if (!table.isTwoByTwo()) {
      blocks.addAll(DetectableEffect.V.blocks(say));
    }
    blocks.add(
        say.prose("closer-look.sample-size" + (isExact() ? ".by-curve" : deciding.sizeKey())));
    blocks.add(SampleSizeLines.table(lines, "n", deciding));
    blocks.addAll(
        Ways.otherProcedures("independence", table, !deciding.isCorrected() && !isExact(), say));
    return new Step("closer-look", say.summary("closer-look"), blocks);
  }
}
