package lehrgang.core.procedure.shares;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.SharesTable;
import lehrgang.core.data.SharesTable.Group;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.ExactOutcomes;
import lehrgang.core.procedure.parts.IntervalsAndTests;
import lehrgang.core.procedure.parts.LargeSampleConditions;
import lehrgang.core.procedure.parts.NormalDecision;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.ShareLines;
import lehrgang.core.procedure.parts.StoryWords;
import lehrgang.core.procedure.parts.StudySentences;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of a test of one claimed share.
final class OneProportionPage implements WorkedPage {
  private static final LineId X = LineId.of("x");
  private static final LineId N = LineId.of("n");
  private static final LineId CLAIMED = LineId.of("p0");
  private static final LineId SHARE = LineId.of("phat");
  private static final LineId Z = LineId.of("z");
  private static final LineId P = LineId.of("p");
  private static final LineId EXACT = LineId.of("p.exact");

  private final Group group;
  private final OneProportionLines lines;
  private final NormalDecision deciding;
  private final Decided decided;
  private final String side;
  private final Evaluation values;
  private final Sentences say;
  private final CommonSteps common;
  private final LargeSampleConditions conditions;

  OneProportionPage(
      SharesTable table,
      Choices choices,
      Story story,
      OneProportionLines lines,
      NormalDecision deciding,
      Evaluation values) {
    this.group = table.groups().getFirst();
    this.lines = lines;
    this.deciding = deciding;
    this.decided = Decided.of(values);
    this.side = deciding.alternative().key();
    this.values = values;
    StoryWords told = new StoryWords(story);
    this.say =
        told.sentences(
            Map.of(
                "group", new Phrase.Words(group.label()),
                "outcome", new Phrase.Words(table.outcome()),
                "successes", told.successes(table.outcome()),
                "n", new Phrase.Number(N),
                "x", new Phrase.Number(X),
                "p0", new Phrase.Number(CLAIMED),
                "phat", new Phrase.Number(SHARE)));
    this.common = new CommonSteps(say, decided);
    this.conditions =
        new LargeSampleConditions(OneProportionLines.EXPECTED, lines.all(), values, choices, say);
  }

  @Override
  public Verdict verdict() {
    Verdict.Item share = new Verdict.Item(Phrase.of("verdict.share"), SHARE);
    Phrase sentence = decided.verdict(say, "verdict.one-proportion." + side);
    return lines.exact()
        ? new Verdict(
            List.of(
                new Verdict.Item(Phrase.of("verdict.successes"), X),
                new Verdict.Item(Phrase.of("verdict.p.exact"), EXACT),
                share),
            decided.decision(),
            sentence)
        : deciding.verdict(decided, share, sentence);
  }

  @Override
  public List<Step> steps() {
    List<Step> steps = new ArrayList<>();
    steps.add(
        common.question(
            "one-proportion", "one-proportion." + (lines.exact() ? "exact." : "") + side));
    steps.add(data());
    steps.add(hypotheses());
    steps.add(
        conditions.step(
            lines.exact() ? "one-proportion.exact" : "one-proportion",
            List.of(Phrase.label(group.label())),
            List.of(),
            otherWay()));
    steps.add(statistic());
    if (!lines.exact()) {
      steps.add(deciding.criticalStep(say));
    }
    steps.add(pValue());
    steps.add(conclusion());
    steps.add(interval());
    steps.add(closerLook());
    return steps;
  }

  /// Where the condition fails, the other p-value can decide.
  private List<Block> otherWay() {
    String other = lines.exact() ? "approximate" : "exact";
    return lines.outcomes().isEmpty()
        ? List.of()
        : List.of(Ways.choose(OneProportion.DECIDES.id(), other, other));
  }

  private LineId p() {
    return lines.exact() ? EXACT : P;
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data.one-proportion"),
        List.of(
            say.prose("data.intro.one-proportion"),
            new Block.DataEntry(ShareLines.table(List.of(group), List.of(List.of(X, N))))));
  }

  private Step hypotheses() {
    return common.hypotheses(
        "one-proportion." + side,
        new Block.TypedNumber(
            say.phrase("hypotheses.claimed"), TypedNumbers.CLAIMED.id(), CLAIMED));
  }

  private Step statistic() {
    return new Step(
        "statistic",
        say.summary("statistic.z").with("statistic", new Phrase.Stated(Z)),
        List.of(
            say.prose("statistic.share"),
            Block.Working.of(SHARE),
            say.prose("statistic.error.one-proportion"),
            Block.Working.of(LineId.of("SE0")),
            say.prose("statistic.how.one-proportion"),
            Block.Working.of(Z)));
  }

  private Step pValue() {
    if (lines.exact()) {
      return exactStep();
    }
    List<Block> more = new ArrayList<>();
    more.add(meaning());
    deciding.pointingAway(values, say).ifPresent(more::add);
    lines
        .outcomes()
        .ifPresentOrElse(
            outcomes -> more.add(exact(outcomes)),
            () ->
                more.add(
                    new Block.Remark(
                        Tone.NOTE,
                        say.phrase("p.exact.too-many").with("most", ExactOutcomes.MOST_TRIALS))));
    return deciding.pStep(say, more);
  }

  /// The exact p-value decides, and the approximation is given for comparison.
  private Step exactStep() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("p.exact.one-proportion." + side));
    blocks.add(Block.Working.of(EXACT));
    blocks.add(
        lines.outcomes().orElseThrow().block(say.phrase("outcomes.successes"), X, EXACT).upTo(N));
    blocks.add(meaning());
    deciding.pointingAway(values, say).ifPresent(blocks::add);
    blocks.add(Block.Beside.of(say.prose("p.by-approximation." + side), Block.Working.of(P)));
    return new Step("p", say.summary("p").with("p", new Phrase.Stated(EXACT)), blocks);
  }

  /// Where the exact p-value is on the page, the sentence quotes it.
  private Block.Prose meaning() {
    return lines.outcomes().isPresent()
        ? new Block.Prose(
            say.phrase("p.meaning.one-proportion." + side + ".both")
                .with("samples", new Phrase.InSamples(EXACT))
                .with("approximate", new Phrase.Stated(deciding.p())))
        : say.meaning("p.meaning.one-proportion." + side, deciding.p());
  }

  private Block exact(ExactOutcomes outcomes) {
    return Block.Beside.of(
        say.prose("p.exact.one-proportion." + side),
        Block.Working.of(EXACT),
        outcomes.block(say.phrase("outcomes.successes"), X, EXACT).upTo(N),
        new Block.Remark(
            Tone.NOTE, say.phrase("p.exact.beside").with("exact", new Phrase.Stated(EXACT))));
  }

  private Step conclusion() {
    List<Block> remarks =
        new ArrayList<>(
            IntervalsAndTests.possible(
                decided, LineId.of("wilson.low"), LineId.of("wilson.high"), say, "one-proportion"));
    if (conditions.fail() && !lines.exact()) {
      remarks.add(conditions.doubt("conclusion.normal.condition-fails"));
    }
    remarks.addAll(new StudySentences(say).remarks(decided, Optional.empty()));
    Phrase report =
        lines.exact()
            ? say.phrase("conclusion.report.one-proportion.exact." + side)
            : say.phrase("conclusion.report.one-proportion." + side)
                .with("z", new Phrase.Reported(Z, 2, Phrase.LeadingZero.KEPT));
    return common.conclusion(
        lines.exact()
            ? List.of(decided.comparisonOfP("conclusion.exact", EXACT))
            : deciding.comparisons(decided),
        List.of(
            say.phrase("conclusion.one-proportion." + side),
            say.phrase("conclusion.shares.one-proportion")),
        List.of(),
        p(),
        remarks,
        report
            .with("p", new Phrase.Reported(p(), 3, Phrase.LeadingZero.LEFT_OUT))
            .with("share", new Phrase.Reported(SHARE, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  private Step interval() {
    LineId low = LineId.of("wilson.low");
    LineId high = LineId.of("wilson.high");
    LineId waldLow = LineId.of("wald.low");
    LineId waldHigh = LineId.of("wald.high");
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("interval.wald"));
    blocks.addAll(ShareLines.workings(waldLow, waldHigh));
    if (values.find(LineId.of("SE")).filter(error -> error.signum() == 0).isPresent()) {
      blocks.add(say.remark(Tone.WARNING, "interval.wald.point").because(LineId.of("SE")));
    }
    blocks.addAll(
        List.of(
            say.prose("interval.wilson"),
            Block.Working.of(low),
            Block.Working.of(high),
            new Block.Intervals(
                List.of(
                    new Block.Interval(Phrase.of("interval.name.wald"), SHARE, waldLow, waldHigh),
                    new Block.Interval(Phrase.of("interval.name.wilson"), SHARE, low, high)),
                Optional.of(CLAIMED)),
            new Block.Prose(
                ShareLines.inWords(
                    say.phrase("interval.words.one-proportion"),
                    new Phrase.Number(low),
                    new Phrase.Number(high)))));
    IntervalsAndTests.Stated claimed = IntervalsAndTests.Stated.of(CLAIMED, values);
    if (deciding.alternative() == Alternative.TWO_SIDED) {
      blocks.addAll(IntervalsAndTests.disagreement(decided, waldLow, waldHigh, claimed, ".wald"));
      blocks.addAll(IntervalsAndTests.disagreement(decided, low, high, claimed, ".wilson"));
    }
    blocks.addAll(deciding.besideOneSidedTest(say, "one-proportion", decided, claimed));
    return new Step(
        "interval", say.summary("interval").with("low", low).with("high", high), blocks);
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.difference.one-proportion"));
    blocks.addAll(ShareLines.effect(decided, say));
    blocks.add(say.prose("closer-look.sample-size.z"));
    blocks.add(SampleSizeLines.table(lines.all(), "n", "z", Symbol.of("z")));
    return new Step("closer-look", say.summary("closer-look.share"), blocks);
  }
}
