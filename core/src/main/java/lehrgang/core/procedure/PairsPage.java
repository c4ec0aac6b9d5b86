package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// The page of a test of change in matched pairs.
final class PairsPage implements WorkedPage {
  private static final LineId EXACT = LineId.of("p.exact");
  private static final LineId EXPECTED = LineId.of("E.m");
  private static final LineId DIFFERENCE = LineId.of("diff");
  private static final LineId LOW = LineId.of("ci.low");
  private static final LineId HIGH = LineId.of("ci.high");
  private static final LineId LEVEL = LineId.of("alpha");

  private final TwoWayTable table;
  private final Lines lines;
  private final Decided decided;
  private final String decides;
  private final ChiSquaredDecision curve;
  private final Sentences say;
  private final CommonSteps common;

  PairsPage(TwoWayTable table, Choices choices, Lines lines) {
    this.table = table;
    this.lines = lines;
    this.decided = Decided.of(lines, choices);
    String chosen = choices.option(MatchedPairs.DECIDES);
    this.decides = chosen.equals("exact") && !PairsLines.isExact(table) ? "plain" : chosen;
    this.curve =
        decides.equals("corrected") ? ChiSquaredDecision.corrected() : ChiSquaredDecision.plain();
    this.say =
        new Sentences(
            Map.ofEntries(
                Map.entry("before", new Phrase.Words(table.rowVariable())),
                Map.entry("after", new Phrase.Words(table.columnVariable())),
                Map.entry("yes", new Phrase.Words(table.rows().getFirst())),
                Map.entry("no", new Phrase.Words(table.rows().getLast())),
                Map.entry("a", new Phrase.Number(LineId.of("a"))),
                Map.entry("b", new Phrase.Number(LineId.of("b"))),
                Map.entry("c", new Phrase.Number(LineId.of("c"))),
                Map.entry("d", new Phrase.Number(LineId.of("d"))),
                Map.entry("m", new Phrase.Number(LineId.of("changed"))),
                Map.entry("n", new Phrase.Number(LineId.of("n"))),
                Map.entry("df", new Phrase.Number(ChiSquaredDecision.DF))));
    this.common = new CommonSteps(say, lines, decided);
  }

  @Override
  public Decided decided() {
    return decided;
  }

  private boolean isExact() {
    return decides.equals("exact");
  }

  private LineId p() {
    return isExact() ? EXACT : curve.p();
  }

  private boolean enoughChanged() {
    return decided.exact().of(EXPECTED).compareTo(Value.of(5)) >= 0;
  }

  @Override
  public List<Condition> conditions() {
    return List.of(
        new Condition(
            "expected-at-least-5",
            enoughChanged() ? Condition.Verdict.HOLDS : Condition.Verdict.FAILS,
            Phrase.of("condition.smallest").with("min", EXPECTED)));
  }

  @Override
  public Verdict verdict() {
    Verdict.Item effect = new Verdict.Item(Phrase.of("verdict.difference"), DIFFERENCE);
    Phrase sentence = say.phrase("verdict.matched-pairs." + decided.key());
    return isExact()
        ? new Verdict(
            List.of(
                new Verdict.Item(Phrase.of("verdict.changed"), LineId.of("changed")),
                new Verdict.Item(Phrase.of("verdict.p.exact"), EXACT),
                effect),
            decided.decision(),
            sentence)
        : curve.verdict(decided.decision(), Optional.of(effect), sentence);
  }

  @Override
  public List<Step> steps() {
    return List.of(
        common.question("matched-pairs"),
        data(),
        common.hypotheses("matched-pairs", List.of(), List.of()),
        conditionsStep(),
        statistic(),
        curve.criticalStep(say, 1),
        pValue(),
        conclusion(),
        interval(),
        closerLook());
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data.matched-pairs"),
        lines.ofFamilies("a", "b", "c", "d", "R", "C", "n", "changed"),
        List.of(),
        List.of(
            say.prose("data.intro.matched-pairs"),
            new Block.DataEntry(
                new CellTable(
                    Phrase.of("table.observed.plain"),
                    table.rows().stream().map(Phrase::label).toList(),
                    table.columns().stream().map(Phrase::label).toList(),
                    List.of(
                        List.of(LineId.of("a"), LineId.of("b")),
                        List.of(LineId.of("c"), LineId.of("d"))),
                    Optional.empty(),
                    List.of(LineId.of("R", 1), LineId.of("R", 2)),
                    List.of(LineId.of("C", 1), LineId.of("C", 2)),
                    Optional.of(LineId.of("n")))),
            say.prose("data.changed"),
            Block.Working.of(LineId.of("changed"))));
  }

  private Step conditionsStep() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("conditions.pairs.rule"));
    blocks.add(Block.Working.of(EXPECTED));
    blocks.add(
        new Block.Remark(
            enoughChanged() ? Tone.CHECKED : Tone.WARNING,
            say.phrase(enoughChanged() ? "conditions.pairs.holds" : "conditions.pairs.fails")
                .with("min", EXPECTED)));
    if (!enoughChanged() && !isExact() && PairsLines.isExact(table)) {
      blocks.add(
          new Block.Ways(
              Optional.empty(),
              List.of(
                  new Block.Way(
                      new lehrgang.core.derivation.Change.Choose("decides", "exact"),
                      Phrase.of("way.exact"),
                      Phrase.of("way.exact.effect")))));
    }
    blocks.add(say.prose("conditions.design.pairs"));
    return new Step(
        "conditions",
        (enoughChanged() ? say.summary("conditions") : Phrase.of("summary.conditions.fails"))
            .with("min", EXPECTED),
        List.of(EXPECTED),
        List.of(),
        blocks);
  }

  private Step statistic() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("statistic.how.pairs"));
    blocks.add(Block.Working.of(ChiSquaredDecision.plain().statistic()));
    blocks.add(say.remark(Tone.CHECKED, "statistic.second-route.pairs"));
    blocks.add(say.prose("statistic.corrected.pairs"));
    blocks.add(Block.Working.of(ChiSquaredDecision.corrected().statistic()));
    if (table.count(0, 1) == table.count(1, 0)) {
      blocks.add(say.remark(Tone.NOTE, "statistic.corrected.pairs.even"));
    }
    blocks.add(say.prose("statistic.decides.pairs." + decides));
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(curve.statistic())),
        lines.ofFamilies("X2", "X2.cc", "df"),
        List.of(MatchedPairs.DECIDES),
        blocks);
  }

  private Step pValue() {
    List<Block> blocks = new ArrayList<>(ChiSquaredDecision.workings(say, 1));
    ChiSquaredDecision corrected = ChiSquaredDecision.corrected();
    blocks.add(
        new Block.Prose(
            say.phrase("p.corrected.pairs")
                .with("statistic", new Phrase.Stated(corrected.statistic()))
                .with("p", new Phrase.Stated(corrected.p()))));
    if (PairsLines.isExact(table)) {
      blocks.add(say.prose("p.exact.pairs"));
      blocks.add(Block.Working.of(EXACT));
      blocks.add(PairsLines.outcomes(table).block(say.phrase("outcomes.pairs")));
    }
    blocks.add(say.prose("p.meaning.pairs"));
    return new Step(
        "p",
        say.summary("p").with("p", new Phrase.Stated(p())),
        lines.ofFamilies("p", "p.cc", "P", "p.exact"),
        List.of(),
        blocks);
  }

  private Step conclusion() {
    List<Block> comparisons =
        isExact()
            ? List.of(
                new Block.Prose(
                    Phrase.of("conclusion.exact." + decided.key())
                        .with("p", new Phrase.Stated(EXACT))
                        .with("alpha", LEVEL)))
            : curve.comparisons(decided.decision());
    List<Block> remarks = new ArrayList<>();
    if (!enoughChanged() && !isExact()) {
      remarks.add(say.remark(Tone.WARNING, "conclusion.condition-fails"));
    }
    remarks.add(say.remark(Tone.NOTE, "conclusion.not-cause.pairs"));
    Phrase report =
        isExact()
            ? say.phrase("conclusion.report.pairs-exact")
                .with("p", new Phrase.Reported(EXACT, 3, Phrase.LeadingZero.LEFT_OUT))
            : curve.reported(say.phrase("conclusion.report.pairs"));
    return common.conclusion(
        comparisons,
        "conclusion.matched-pairs." + direction(),
        p(),
        remarks,
        report.with("diff", new Phrase.Reported(DIFFERENCE, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  private String direction() {
    return decided.exact().of(DIFFERENCE).signum() < 0 ? "fewer" : "more";
  }

  private Step interval() {
    return new Step(
        "interval",
        say.summary("interval").with("low", LOW).with("high", HIGH),
        lines.ofFamilies("p.before", "p.after", "diff", "SE", "z.ci", "ci.low", "ci.high"),
        List.of(),
        List.of(
            say.prose("interval.pairs"),
            Block.Working.of(LineId.of("p.before")),
            Block.Working.of(LineId.of("p.after")),
            Block.Working.of(DIFFERENCE),
            say.prose("interval.pairs.error"),
            Block.Working.of(LineId.of("SE")),
            Block.Working.of(LOW),
            Block.Working.of(HIGH),
            new Block.Prose(say.phrase("interval.words.pairs").with("low", LOW).with("high", HIGH)),
            say.prose("interval.pairs.why-not-independence")));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.pairs"));
    blocks.add(new Block.Tables(List.of(sideBySide())));
    blocks.add(say.prose("closer-look.sample-size"));
    blocks.add(SampleSizeLines.table());
    blocks.addAll(Ways.otherProcedures(MatchedPairs.ID, table, say));
    return new Step(
        "closer-look",
        say.summary("closer-look.share"),
        lines.ofFamilies("n.half", "X2.half", "p.half", "n.double", "X2.double", "p.double"),
        List.of(),
        blocks);
  }

  /// The p-values of the plain, the corrected and, where it is worked out, the exact way.
  private CellTable sideBySide() {
    List<Phrase> ways =
        new ArrayList<>(List.of(Phrase.of("head.plain"), Phrase.of("head.corrected")));
    List<List<LineId>> values =
        new ArrayList<>(List.of(List.of(LineId.of("p")), List.of(LineId.of("p.cc"))));
    if (PairsLines.isExact(table)) {
      ways.add(Phrase.of("head.exact"));
      values.add(List.of(EXACT));
    }
    return CellTable.plain(Phrase.of("table.three-ways"), ways, List.of(Phrase.label("p")), values);
  }
}
