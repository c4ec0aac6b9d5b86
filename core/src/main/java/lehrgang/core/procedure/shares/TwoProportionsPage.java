package lehrgang.core.procedure.shares;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.SharesTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
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

/// The page of a comparison of two shares.
final class TwoProportionsPage implements WorkedPage {
  private static final LineId DIFFERENCE = LineId.of("diff");
  private static final LineId STATED = LineId.of("d0");
  private static final LineId LOW = LineId.of("ci.low");
  private static final LineId HIGH = LineId.of("ci.high");
  private static final LineId NEWCOMBE_LOW = LineId.of("newcombe.low");
  private static final LineId NEWCOMBE_HIGH = LineId.of("newcombe.high");
  private static final LineId SE = LineId.of("SE");
  private static final LineId Z = LineId.of("z");

  private final SharesTable table;
  private final Lines lines;
  private final NormalDecision deciding;
  private final Evaluation values;
  private final Decided decided;
  private final String side;
  private final String null0;
  private final Sentences say;
  private final CommonSteps common;
  private final LargeSampleConditions conditions;

  TwoProportionsPage(
      SharesTable table,
      Choices choices,
      Story story,
      Lines lines,
      NormalDecision deciding,
      Evaluation values) {
    this.table = table;
    this.lines = lines;
    this.deciding = deciding;
    this.values = values;
    this.decided = Decided.of(values);
    this.side = deciding.alternative().key();
    this.null0 = values.sign(STATED) == 0 ? "same" : "stated";
    String first = table.groups().get(0).label();
    String second = table.groups().get(1).label();
    StoryWords told = new StoryWords(story);
    this.say =
        told.sentences(
            Map.ofEntries(
                Map.entry("group", told.row(table.groupVariable())),
                Map.entry("first", new Phrase.Words(first)),
                Map.entry("second", new Phrase.Words(second)),
                Map.entry("inFirst", told.in(first)),
                Map.entry("inSecond", told.in(second)),
                Map.entry("outcome", new Phrase.Words(table.outcome())),
                Map.entry("successes", told.successes(table.outcome())),
                Map.entry("p1", new Phrase.Number(LineId.of("p1"))),
                Map.entry("p2", new Phrase.Number(LineId.of("p2"))),
                Map.entry("n1", new Phrase.Number(LineId.of("n1"))),
                Map.entry("n2", new Phrase.Number(LineId.of("n2"))),
                Map.entry("diff", new Phrase.Number(DIFFERENCE)),
                Map.entry("d0", new Phrase.Number(STATED)),
                Map.entry("shortfall", new Phrase.Size(STATED))));
    this.common = new CommonSteps(say, decided);
    this.conditions =
        new LargeSampleConditions(TwoProportionsLines.EXPECTED, lines, values, choices, say);
  }

  @Override
  public Verdict verdict() {
    return deciding.verdict(
        decided,
        new Verdict.Item(Phrase.of("verdict.difference"), DIFFERENCE),
        decided.verdict(say, "verdict.two-proportions." + side));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        common.question("two-proportions", "two-proportions." + side),
        data(),
        hypotheses(),
        conditions.step(
            "two-proportions",
            table.groups().stream().map(group -> Phrase.label(group.label())).toList(),
            sharesUnderH0(),
            List.of(new Block.Ways(Optional.empty(), List.of(Ways.switchTo("fisher"))))),
        statistic(),
        deciding.criticalStep(say),
        pValue(),
        conclusion(),
        interval(),
        closerLook());
  }

  /// The shares from which successes and failures are to be expected.
  private List<Block> sharesUnderH0() {
    List<Block> blocks = new ArrayList<>();
    boolean same = !lines.hasFamily("p.null2");
    blocks.add(say.prose("conditions.shares." + (same ? "same" : "stated")));
    TwoProportionsLines.sharesUnderH0(same).forEach(id -> blocks.add(Block.Working.of(id)));
    return blocks;
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data.two-proportions"),
        List.of(
            say.prose("data.intro.two-proportions"),
            new Block.DataEntry(
                ShareLines.table(
                    table.groups(),
                    List.of(
                        List.of(LineId.of("x1"), LineId.of("n1")),
                        List.of(LineId.of("x2"), LineId.of("n2")))))));
  }

  private Step hypotheses() {
    String story = values.sign(STATED) < 0 ? "short" : null0;
    return common.hypotheses(
        "two-proportions." + story + "." + side,
        say.prose("hypotheses.first"),
        new Block.TypedNumber(
            say.phrase("hypotheses.difference"), TypedNumbers.DIFFERENCE.id(), STATED));
  }

  private Step statistic() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("statistic.shares"));
    blocks.add(Block.Working.of(LineId.of("p1")));
    blocks.add(Block.Working.of(LineId.of("p2")));
    blocks.add(Block.Working.of(DIFFERENCE));
    blocks.add(say.prose("statistic.error." + null0));
    blocks.add(Block.Working.of(LineId.of(null0.equals("same") ? "SE0" : "SE")));
    blocks.add(say.prose("statistic.how.two-proportions." + null0));
    blocks.add(Block.Working.of(Z));
    blocks.add(say.prose(sign()).because(Z));
    if (deciding.isCorrected()) {
      blocks.add(say.prose("statistic.continuity." + side));
      blocks.add(Block.Working.of(LineId.of("cc")));
      blocks.add(Block.Working.of(deciding.statistic()));
    }
    return new Step(
        "statistic",
        say.summary("statistic.z").with("statistic", new Phrase.Stated(deciding.statistic())),
        blocks);
  }

  private boolean isPlainAndTwoSided() {
    return deciding.alternative() == Alternative.TWO_SIDED
        && !deciding.isCorrected()
        && null0.equals("same");
  }

  private String sign() {
    return switch (values.sign(Z)) {
      case 1 -> "statistic.sign.positive";
      case -1 -> "statistic.sign.negative";
      default -> "statistic.sign.none";
    };
  }

  private Step pValue() {
    List<Block> more = new ArrayList<>();
    if (deciding.isCorrected()) {
      more.add(
          new Block.Prose(
              Phrase.of("p.without-correction")
                  .with("statistic", new Phrase.Stated(NormalDecision.Z))
                  .with("p", new Phrase.Stated(NormalDecision.PLAIN_P))));
    }
    more.add(say.meaning("p.meaning.two-proportions." + null0 + "." + side, deciding.p()));
    deciding.pointingAway(values, say).ifPresent(more::add);
    if (null0.equals("same")) {
      more.add(
          Block.Beside.of(
              say.prose("p.tie"),
              Block.Working.of(LineId.of("X2")),
              new Block.Remark(
                  Tone.CHECKED,
                  say.phrase("p.tie." + side)
                      .with("z", new Phrase.Stated(LineId.of("z.squared")))
                      .with("statistic", new Phrase.Stated(LineId.of("X2")))
                      .with("p", new Phrase.Stated(LineId.of("p.X2"))))));
    }
    return deciding.pStep(say, more);
  }

  private Step conclusion() {
    List<Block> remarks =
        new ArrayList<>(IntervalsAndTests.possible(decided, LOW, HIGH, say, "difference"));
    if (conditions.fail()) {
      remarks.add(conditions.doubt("conclusion.normal.condition-fails"));
    }
    remarks.addAll(new StudySentences(say).remarks(decided, Optional.of(".groups")));
    return common.conclusion(
        deciding.comparisons(decided),
        List.of(
            say.phrase("conclusion.two-proportions." + null0 + "." + side),
            ShareLines.compared(
                say.phrase("conclusion.shares.two-proportions"),
                values,
                LineId.of("p1"),
                LineId.of("p2"))),
        List.of(),
        deciding.p(),
        remarks,
        say.phrase("conclusion.report.two-proportions." + side)
            .with("z", new Phrase.Reported(deciding.statistic(), 2, Phrase.LeadingZero.KEPT))
            .with("p", new Phrase.Reported(deciding.p(), 3, Phrase.LeadingZero.LEFT_OUT))
            .with("diff", new Phrase.Reported(DIFFERENCE, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  private Step interval() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("interval.difference"));
    blocks.addAll(ShareLines.workings(LOW, HIGH));
    blocks.add(
        new Block.Prose(
                ShareLines.inWords(
                    say.phrase("interval.words.two-proportions." + intervalSide()),
                    end(LOW),
                    end(HIGH)))
            .because(LOW, HIGH));
    if (values.find(SE).filter(error -> error.signum() == 0).isPresent()) {
      blocks.add(say.remark(Tone.WARNING, "interval.difference.point").because(SE));
    }
    blocks.add(newcombe());
    IntervalsAndTests.Stated stated = IntervalsAndTests.Stated.of(STATED, values);
    if (deciding.alternative() == Alternative.TWO_SIDED) {
      blocks.addAll(IntervalsAndTests.disagreement(decided, LOW, HIGH, stated, ".difference"));
      blocks.addAll(
          IntervalsAndTests.disagreement(
              decided, NEWCOMBE_LOW, NEWCOMBE_HIGH, stated, ".newcombe"));
    }
    blocks.addAll(deciding.besideOneSidedTest(say, "two-proportions", decided, stated));
    blocks.add(say.prose("interval.why-two-errors." + null0));
    blocks.add(
        new Block.Intervals(
            List.of(
                new Block.Interval(Phrase.of("interval.name.wald"), DIFFERENCE, LOW, HIGH),
                new Block.Interval(
                    Phrase.of("interval.name.newcombe"), DIFFERENCE, NEWCOMBE_LOW, NEWCOMBE_HIGH)),
            Optional.of(STATED)));
    return new Step(
        "interval", say.summary("interval").with("low", LOW).with("high", HIGH), blocks);
  }

  /// Newcombe's interval, beside the one that is asked for.
  private Block newcombe() {
    return Block.Beside.of(
        say.prose("interval.newcombe"),
        Block.Working.of(LineId.of("wilson.low1")),
        Block.Working.of(LineId.of("wilson.high1")),
        Block.Working.of(LineId.of("wilson.low2")),
        Block.Working.of(LineId.of("wilson.high2")),
        say.prose("interval.newcombe.ends"),
        Block.Working.of(NEWCOMBE_LOW),
        Block.Working.of(NEWCOMBE_HIGH));
  }

  /// An end of the interval, by its size where the whole of it is a shortfall.
  private Phrase.Filling end(LineId line) {
    return values.sign(HIGH) < 0 ? new Phrase.Size(line) : new Phrase.Number(line);
  }

  /// Whether 0 lies below, in or above the interval.
  private String intervalSide() {
    return values.sign(LOW) > 0 ? "above" : values.sign(HIGH) < 0 ? "below" : "around";
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.difference.two-proportions"));
    blocks.addAll(ShareLines.effect(decided, say));
    blocks.add(
        say.prose("closer-look.sample-size." + (deciding.isCorrected() ? "corrected" : "z")));
    blocks.add(SampleSizeLines.table(lines, "N", deciding));
    blocks.addAll(Ways.otherProcedures("two-proportions", isPlainAndTwoSided(), say));
    return new Step("closer-look", say.summary("closer-look.share"), blocks);
  }
}
