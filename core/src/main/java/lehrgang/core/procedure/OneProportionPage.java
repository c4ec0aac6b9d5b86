package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.SharesTable;
import lehrgang.core.data.SharesTable.Group;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Choices;
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
  private final Choices choices;
  private final Lines lines;
  private final NormalDecision deciding;
  private final Decided decided;
  private final String side;
  private final Sentences say;
  private final CommonSteps common;
  private final LargeSampleConditions conditions;

  OneProportionPage(SharesTable table, Choices choices, Lines lines, NormalDecision deciding) {
    this.group = table.groups().getFirst();
    this.choices = choices;
    this.lines = lines;
    this.deciding = deciding;
    this.decided = Decided.of(lines, choices);
    this.side = deciding.alternative().key();
    this.say =
        new Sentences(
            Map.of(
                "group", new Phrase.Words(group.label()),
                "outcome", new Phrase.Words(table.outcome()),
                "n", new Phrase.Number(N),
                "x", new Phrase.Number(X),
                "p0", new Phrase.Number(CLAIMED),
                "phat", new Phrase.Number(SHARE)));
    this.common = new CommonSteps(say, lines, decided);
    this.conditions =
        new LargeSampleConditions(
            List.of(LineId.of("E.yes"), LineId.of("E.no")), lines, decided.exact(), choices, say);
  }

  @Override
  public Decided decided() {
    return decided;
  }

  @Override
  public List<Condition> conditions() {
    return conditions.conditions();
  }

  @Override
  public Verdict verdict() {
    return NormalDecision.verdict(
        decided.decision(),
        Z,
        P,
        Optional.of(new Verdict.Item(Phrase.of("verdict.share"), SHARE)),
        say.phrase("verdict.one-proportion." + side + "." + decided.key()));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        common.question("one-proportion"),
        data(),
        hypotheses(),
        conditions.step("one-proportion", lines.ofFamilies("E.yes", "E.no"), List.of()),
        statistic(),
        deciding.criticalStep(say, Z, P),
        pValue(),
        conclusion(),
        interval(),
        closerLook());
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data.one-proportion"),
        List.of(X, N),
        List.of(),
        List.of(
            say.prose("data.intro.one-proportion"),
            new Block.DataEntry(ShareLines.table(List.of(group), List.of(List.of(X, N))))));
  }

  private Step hypotheses() {
    return common.hypotheses(
        "one-proportion." + side,
        List.of(NormalDecision.ALTERNATIVE),
        List.of(
            new Block.TypedNumber(
                say.phrase("hypotheses.claimed"), TypedNumbers.CLAIMED, CLAIMED)));
  }

  private Step statistic() {
    return new Step(
        "statistic",
        say.summary("statistic.z").with("statistic", new Phrase.Stated(Z)),
        lines.ofFamilies("phat", "SE0", "z"),
        List.of(),
        List.of(
            say.prose("statistic.share"),
            Block.Working.of(SHARE),
            say.prose("statistic.error.one-proportion"),
            Block.Working.of(LineId.of("SE0")),
            say.prose("statistic.how.one-proportion"),
            Block.Working.of(Z)));
  }

  private Step pValue() {
    List<Block> more = new ArrayList<>();
    more.add(say.prose("p.meaning.one-proportion"));
    if (hasExact()) {
      more.add(say.prose("p.exact.one-proportion." + side));
      more.add(Block.Working.of(EXACT));
      more.add(outcomes().block(say.phrase("outcomes.successes")));
      more.add(
          new Block.Remark(
              Tone.NOTE, say.phrase("p.exact.beside").with("exact", new Phrase.Stated(EXACT))));
    } else {
      more.add(say.remark(Tone.NOTE, "p.exact.too-many"));
    }
    return deciding.pStep(say, P, lines.ofFamilies("p", "P", "p.exact"), more);
  }

  private boolean hasExact() {
    return !lines.ofFamilies("p.exact").isEmpty();
  }

  private ExactOutcomes outcomes() {
    return ExactOutcomes.binomial(
        (int) group.trials(),
        TypedNumber.read(choices.typed(TypedNumbers.CLAIMED, TypedNumbers.USUAL_CLAIM))
            .orElseThrow(),
        deciding.alternative(),
        (int) group.successes());
  }

  private Step conclusion() {
    List<Block> remarks = new ArrayList<>();
    if (!conditions.hold()) {
      remarks.add(say.remark(Tone.WARNING, "conclusion.normal.condition-fails"));
    }
    return common.conclusion(
        deciding.comparisons(decided.decision(), Z, P),
        "conclusion.one-proportion." + side,
        P,
        remarks,
        say.phrase("conclusion.report.one-proportion")
            .with("z", new Phrase.Reported(Z, 2, Phrase.LeadingZero.KEPT))
            .with("p", new Phrase.Reported(P, 3, Phrase.LeadingZero.LEFT_OUT))
            .with("share", new Phrase.Reported(SHARE, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  private Step interval() {
    LineId low = LineId.of("wilson.low");
    LineId high = LineId.of("wilson.high");
    return new Step(
        "interval",
        say.summary("interval").with("low", low).with("high", high),
        lines.ofFamilies("SE", "z.ci", "wald.low", "wald.high", "wilson.low", "wilson.high"),
        List.of(),
        List.of(
            say.prose("interval.wald"),
            Block.Working.of(LineId.of("SE")),
            Block.Working.of(LineId.of("z.ci")),
            Block.Working.of(LineId.of("wald.low")),
            Block.Working.of(LineId.of("wald.high")),
            say.prose("interval.wilson"),
            Block.Working.of(low),
            Block.Working.of(high),
            new Block.Intervals(
                List.of(
                    new Block.Interval(
                        Phrase.of("interval.name.wald"),
                        SHARE,
                        LineId.of("wald.low"),
                        LineId.of("wald.high")),
                    new Block.Interval(Phrase.of("interval.name.wilson"), SHARE, low, high)),
                Optional.of(CLAIMED)),
            new Block.Prose(
                say.phrase("interval.words.one-proportion").with("low", low).with("high", high))));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.difference.one-proportion"));
    blocks.addAll(ShareLines.effect(lines, decided, say));
    blocks.add(say.prose("closer-look.sample-size.z"));
    blocks.add(SampleSizeLines.table("n", "z", "z"));
    return new Step(
        "closer-look",
        say.summary("closer-look.share"),
        lines.ofFamilies(ShareLines.CLOSER_LOOK),
        List.of(),
        blocks);
  }
}
