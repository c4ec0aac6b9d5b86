package lehrgang.core.procedure.pairs;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.IntervalsAndTests;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.StoryWords;
import lehrgang.core.procedure.parts.StudySentences;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of a test of change in matched pairs.
final class PairsPage implements WorkedPage {
  private static final LineId EXACT = LineId.of("p.exact");
  private static final LineId EXPECTED = LineId.of("E.m");
  private static final LineId DIFFERENCE = LineId.of("diff");
  private static final LineId CHANGED_TO_SECOND = LineId.of("b");
  private static final LineId CHANGED_TO_FIRST = LineId.of("c");
  private static final LineId ENOUGH = LineId.of("E.every5");
  private static final LineId N = LineId.of("n");

  private final TwoWayTable table;
  private final PairsLines pairs;
  private final Evaluation values;
  private final Decided decided;
  private final String decides;
  private final ChiSquaredDecision curve;
  private final Sentences say;
  private final CommonSteps common;

  PairsPage(TwoWayTable table, String decides, Story story, PairsLines pairs, Evaluation values) {
    this.table = table;
    this.pairs = pairs;
    this.values = values;
    this.decided = Decided.of(values);
    this.decides = decides;
    this.curve = ChiSquaredDecision.of(decides.equals("corrected"));
    StoryWords told = new StoryWords(story, ".pairs");
    this.say =
        told.sentences(
            Map.ofEntries(
                Map.entry("before", new Phrase.Words(table.rowVariable())),
                Map.entry("after", new Phrase.Words(table.columnVariable())),
                Map.entry("inFirst", told.in(table.rowVariable())),
                Map.entry("inSecond", told.in(table.columnVariable())),
                Map.entry("successes", told.successes(table.rows().getFirst())),
                Map.entry("yes", new Phrase.Words(table.rows().getFirst())),
                Map.entry("no", new Phrase.Words(table.rows().getLast())),
                Map.entry("a", new Phrase.Number(LineId.of("a"))),
                Map.entry("b", new Phrase.Number(CHANGED_TO_SECOND)),
                Map.entry("c", new Phrase.Number(CHANGED_TO_FIRST)),
                Map.entry("d", new Phrase.Number(LineId.of("d"))),
                Map.entry("m", new Phrase.Number(LineId.of("changed"))),
                Map.entry("n", new Phrase.Number(N)),
                Map.entry("df", new Phrase.Number(ChiSquaredDecision.DF))));
    this.common = new CommonSteps(say, decided);
  }

  private Lines lines() {
    return pairs.all();
  }

  private boolean isExact() {
    return decides.equals("exact");
  }

  private LineId p() {
    return isExact() ? EXACT : curve.p();
  }

  private boolean enoughChanged() {
    return values.holds(ENOUGH);
  }

  static List<Condition> conditions() {
    return List.of(
        new Condition(
            "expected-at-least-5", ENOUGH, Phrase.of("condition.smallest").with("min", EXPECTED)));
  }

  @Override
  public Verdict verdict() {
    Verdict.Item effect = new Verdict.Item(Phrase.of("verdict.difference"), DIFFERENCE);
    Phrase sentence = decided.verdict(say, "verdict.matched-pairs");
    return isExact()
        ? new Verdict(
            List.of(
                new Verdict.Item(Phrase.of("verdict.changed"), LineId.of("changed")),
                new Verdict.Item(Phrase.of("verdict.p.exact"), EXACT),
                effect),
            decided.decision(),
            sentence)
        : curve.verdict(decided, Optional.of(effect), sentence);
  }

  @Override
  public List<Step> steps() {
    List<Step> steps = new ArrayList<>();
    steps.add(common.question("matched-pairs", "matched-pairs." + decides));
    steps.add(data());
    steps.add(common.hypotheses("matched-pairs"));
    steps.add(conditionsStep());
    steps.add(isExact() ? exactStatistic() : statistic());
    if (!isExact()) {
      steps.add(curve.criticalStep(say, values, 1));
    }
    steps.add(pValue());
    steps.add(conclusion());
    steps.add(PairsInterval.step(decided, say));
    steps.add(closerLook());
    return steps;
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data.matched-pairs"),
        List.of(
            say.prose("data.intro.matched-pairs"),
            new Block.DataEntry(
                new CellTable(
                    Phrase.of("table.observed.plain"),
                    table.rows().stream().map(Phrase::label).toList(),
                    table.columns().stream().map(Phrase::label).toList(),
                    List.of(
                        List.of(LineId.of("a"), CHANGED_TO_SECOND),
                        List.of(CHANGED_TO_FIRST, LineId.of("d"))),
                    Optional.empty(),
                    lines().family("R"),
                    lines().family("C"),
                    Optional.of(N))),
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
                .with("min", EXPECTED),
            List.of(ENOUGH)));
    if (values.fails(ENOUGH) && isExact()) {
      blocks.add(say.prose("conditions.exact-decides"));
      blocks.add(Ways.choose(MatchedPairs.DECIDES.id(), "plain", "approximate"));
    }
    if (values.fails(ENOUGH) && !isExact() && pairs.outcomes().isPresent()) {
      blocks.add(Ways.choose(MatchedPairs.DECIDES.id(), "exact", "exact"));
    }
    blocks.addAll(new StudySentences(say).required("pairs"));
    return new Step(
        "conditions",
        (enoughChanged() ? say.summary("conditions") : Phrase.of("summary.conditions.fails"))
            .with("min", EXPECTED),
        blocks);
  }

  private Step statistic() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("statistic.how.pairs"));
    blocks.add(Block.Working.of(ChiSquaredDecision.plain().statistic()));
    blocks.add(say.remark(Tone.CHECKED, "statistic.second-route.pairs"));
    blocks.addAll(curve.asksFor(corrected()));
    blocks.add(say.prose("statistic.decides.pairs." + decides));
    blocks.add(Block.Beforehand.of(say.prose("statistic.df.pairs")));
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(curve.statistic())),
        blocks);
  }

  private List<Block> corrected() {
    return isEven()
        ? List.of(say.prose("statistic.corrected.pairs.even"))
        : List.of(
            say.prose("statistic.corrected.pairs"),
            Block.Working.of(ChiSquaredDecision.corrected().statistic()));
  }

  /// Whether as many changed in one direction as in the other: then no correction is applied.
  private boolean isEven() {
    return PairsLines.areEven(table);
  }

  /// What is looked at where no curve is asked: one of the two counts of changes.
  private Step exactStatistic() {
    List<Block> beside = new ArrayList<>();
    beside.add(say.prose("statistic.beside.pairs"));
    beside.add(Block.Working.of(ChiSquaredDecision.plain().statistic()));
    beside.addAll(corrected());
    return new Step(
        "statistic",
        say.summary("statistic.pairs.exact"),
        List.of(say.prose("statistic.how.pairs.exact"), new Block.Beside(beside)));
  }

  private Step pValue() {
    List<Block> exact = new ArrayList<>();
    pairs
        .outcomes()
        .ifPresent(
            outcomes -> {
              exact.add(say.prose(isExact() ? "p.exact.pairs.decides" : "p.exact.pairs"));
              exact.add(Block.Working.of(EXACT));
              exact.add(
                  outcomes
                      .block(say.phrase("outcomes.pairs"), CHANGED_TO_SECOND, EXACT)
                      .upTo(LineId.of("changed")));
            });
    List<Block> blocks = new ArrayList<>();
    if (isExact()) {
      blocks.addAll(exact);
      blocks.add(
          new Block.Prose(
              Phrase.of("p.by-curve" + (isEven() ? ".uncorrected" : ""))
                  .with("p", new Phrase.Stated(ChiSquaredDecision.plain().p()))
                  .with("corrected", new Phrase.Stated(ChiSquaredDecision.corrected().p()))));
    } else {
      blocks.addAll(curve.workings(say, values, 1));
      if (!isEven()) {
        blocks.add(curve.beside());
      }
      blocks.add(new Block.Beside(exact));
    }
    blocks.add(meaning());
    return new Step("p", say.summary("p").with("p", new Phrase.Stated(p())), blocks);
  }

  /// Where the exact p-value is on the page, the sentence quotes it.
  private Block.Prose meaning() {
    boolean both = !isExact() && pairs.outcomes().isPresent();
    return both
        ? new Block.Prose(
            say.phrase("p.meaning.pairs.both")
                .with("samples", new Phrase.InSamples(EXACT))
                .with("approximate", new Phrase.Stated(p())))
        : say.meaning("p.meaning.pairs", p());
  }

  private Step conclusion() {
    List<Block> comparisons =
        isExact()
            ? List.of(decided.comparisonOfP("conclusion.exact", EXACT))
            : curve.comparisons(decided);
    List<Block> remarks =
        new ArrayList<>(
            IntervalsAndTests.possible(
                decided, LineId.of("ci.low"), LineId.of("ci.high"), say, "change"));
    if (values.fails(ENOUGH) && !isExact()) {
      remarks.add(say.remark(Tone.WARNING, "conclusion.condition-fails").because(ENOUGH));
    }
    if (decided.rejects()) {
      remarks.add(say.remark(Tone.NOTE, "conclusion.not-cause.pairs"));
    }
    new StudySentences(say).scope().ifPresent(remarks::add);
    Phrase report =
        isExact()
            ? say.phrase("conclusion.report.pairs-exact")
                .with("p", new Phrase.Reported(EXACT, 3, Phrase.LeadingZero.LEFT_OUT))
            : curve.reported(
                say.phrase("conclusion.report.pairs" + (curve.isCorrected() ? ".corrected" : "")));
    return common.conclusion(
        comparisons,
        List.of(
            say.phrase("conclusion.matched-pairs." + direction()),
            say.phrase("conclusion.shares.pairs")
                .with("first", LineId.of("p.before"))
                .with("second", LineId.of("p.after"))),
        List.of(DIFFERENCE),
        p(),
        remarks,
        report.with("diff", new Phrase.Reported(DIFFERENCE, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  private String direction() {
    return values.sign(DIFFERENCE) < 0 ? "fewer" : "more";
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.pairs"));
    blocks.add(new Block.Tables(List.of(sideBySide())));
    blocks.add(say.prose("closer-look.sample-size" + (isExact() ? ".by-curve" : curve.sizeKey())));
    blocks.add(SampleSizeLines.table(lines(), "n", curve));
    return new Step("closer-look", say.summary("closer-look.share"), blocks);
  }

  /// The p-values of the plain, the corrected and, where it is worked out, the exact way.
  private CellTable sideBySide() {
    List<Phrase> ways = new ArrayList<>(List.of(Phrase.of("head.plain")));
    List<List<LineId>> values = new ArrayList<>(List.of(List.of(LineId.of("p"))));
    if (!isEven()) {
      ways.add(Phrase.of("head.corrected"));
      values.add(List.of(LineId.of("p.cc")));
    }
    if (pairs.outcomes().isPresent()) {
      ways.add(Phrase.of("head.exact"));
      values.add(List.of(EXACT));
    }
    return CellTable.plain(Phrase.of("table.three-ways"), ways, List.of(Phrase.label("p")), values);
  }
}
