package lehrgang.core.procedure.exact;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.CellTables;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.ExactOutcomes;
import lehrgang.core.procedure.parts.IntervalsAndTests;
import lehrgang.core.procedure.parts.OddsRatioLines;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.StoryWords;
import lehrgang.core.procedure.parts.StudySentences;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of the exact test.
final class FisherPage implements WorkedPage {
  private static final LineId P = LineId.of("p");
  private static final LineId SMALLEST = LineId.of("a.min");
  private static final LineId LARGEST = LineId.of("a.max");
  private static final LineId CORNER = LineId.of("O", 1, 1);

  private final TwoWayTable table;
  private final Lines lines;
  private final ExactOutcomes outcomes;
  private final Alternative alternative;
  private final Evaluation values;
  private final Decided decided;
  private final Sentences say;
  private final CommonSteps common;

  FisherPage(
      TwoWayTable table,
      Story story,
      FisherLines fisher,
      Alternative alternative,
      Evaluation values) {
    this.table = table;
    this.lines = fisher.all();
    this.outcomes = fisher.outcomes();
    this.alternative = alternative;
    this.values = values;
    this.decided = Decided.of(values);
    StoryWords told = new StoryWords(story);
    this.say =
        told.sentences(
            Map.ofEntries(
                Map.entry("row", told.row(table.rowVariable())),
                Map.entry("column", told.column(table.columnVariable())),
                Map.entry("first", new Phrase.Words(table.columns().getFirst())),
                Map.entry("second", new Phrase.Words(table.columns().getLast())),
                Map.entry("inFirst", told.in(table.columns().getFirst())),
                Map.entry("inSecond", told.in(table.columns().getLast())),
                Map.entry("successes", told.successes(table.rows().getFirst())),
                Map.entry("yes", new Phrase.Words(table.rows().getFirst())),
                Map.entry("rows", new Phrase.Words("2")),
                Map.entry("columns", new Phrase.Words("2")),
                Map.entry("n", new Phrase.Number(LineId.of("n"))),
                Map.entry("a", new Phrase.Number(CORNER)),
                Map.entry("min", new Phrase.Number(SMALLEST)),
                Map.entry("max", new Phrase.Number(LARGEST)),
                Map.entry("tables", new Phrase.Words(Integer.toString(outcomes.size()))),
                Map.entry("summed", new Phrase.Words(Long.toString(outcomes.summed(values))))));
    this.common = new CommonSteps(say, decided);
  }

  @Override
  public Verdict verdict() {
    return new Verdict(
        List.of(
            new Verdict.Item(Phrase.of("verdict.corner"), CORNER),
            new Verdict.Item(Phrase.of("verdict.p.exact"), P)),
        decided.decision(),
        decided.verdict(say, "verdict.fisher"));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        common.question("", "fisher." + alternative.key()),
        data(),
        common.hypotheses("fisher." + alternative.key()),
        common.conditions("fisher", "exact"),
        outcomesStep(),
        pValue(),
        conclusion(),
        closerLook());
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data"),
        List.of(
            say.prose("data.intro"),
            new Block.DataEntry(new CellTables(table, lines).observed()),
            say.prose("data.margins-fixed")));
  }

  private Step outcomesStep() {
    return new Step(
        "outcomes",
        say.summary("outcomes"),
        List.of(
            say.prose("outcomes.range"),
            Block.Working.of(SMALLEST),
            Block.Working.of(LARGEST),
            say.prose("outcomes.probability"),
            new Block.Working(lines.family("P"), outcomes.example(values, CORNER)),
            outcomes.block(say.phrase("outcomes.corner"), CORNER, P).between(SMALLEST, LARGEST)));
  }

  private Step pValue() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(
        new Block.Prose(say.phrase("p.fisher." + alternative.key()), lines.family("summed")));
    blocks.add(Block.Working.of(P));
    for (Alternative other : Alternative.values()) {
      if (other != alternative) {
        LineId id = LineId.of("p." + other.key());
        blocks.add(
            new Block.Prose(
                say.phrase("p.fisher.other." + other.key()).with("p", new Phrase.Stated(id))));
      }
    }
    blocks.add(
        new Block.Prose(
            say.meaning("p.meaning.fisher." + alternative.key(), P)
                .phrase()
                .with("corner", CORNER)));
    return new Step("p", say.summary("p").with("p", new Phrase.Stated(P)), blocks);
  }

  private Step conclusion() {
    return common.conclusion(
        List.of(decided.comparisonOfP("conclusion.exact", P)),
        List.of(say.phrase("conclusion.fisher." + alternative.key()), compared()),
        List.of(),
        P,
        remarks(),
        say.phrase("conclusion.report.fisher." + alternative.key())
            .with("p", new Phrase.Reported(P, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  private List<Block> remarks() {
    List<Block> remarks =
        new ArrayList<>(
            IntervalsAndTests.possible(
                decided, LineId.of("OR.low"), LineId.of("OR.high"), say, "odds-ratio"));
    remarks.addAll(new StudySentences(say).remarks(decided, Optional.of("")));
    return remarks;
  }

  /// Which of the two proportions is greater in these data.
  private Phrase compared() {
    long order =
        Long.signum(
            Math.subtractExact(
                Math.multiplyExact(table.count(0, 0), table.columnTotal(1)),
                Math.multiplyExact(table.count(0, 1), table.columnTotal(0))));
    return say.phrase("conclusion.shares.fisher")
        .ending(order > 0 ? ".greater" : order < 0 ? ".less" : ".equal")
        .with("a1", CORNER)
        .with("c1", LineId.of("C", 1))
        .with("a2", LineId.of("O", 1, 2))
        .with("c2", LineId.of("C", 2));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.addAll(OddsRatioLines.blocks(lines, decided, alternative == Alternative.TWO_SIDED, say));
    blocks.addAll(sampleSizes());
    blocks.add(say.prose("closer-look.smallest-possible"));
    blocks.addAll(Ways.otherProcedures("fisher", table, false, say));
    return new Step("closer-look", say.summary("closer-look.share"), blocks);
  }

  /// The test with every count doubled and, where there is such a table, halved.
  private List<Block> sampleSizes() {
    boolean halved = lines.hasFamily("p.half");
    List<Phrase> heads = new ArrayList<>();
    List<List<LineId>> rows = new ArrayList<>();
    if (halved) {
      heads.add(Phrase.of("sample-size.half"));
      rows.add(List.of(LineId.of("n.half"), LineId.of("a.half"), LineId.of("p.half")));
    }
    heads.add(Phrase.of("sample-size.own"));
    rows.add(List.of(LineId.of("n"), CORNER, P));
    heads.add(Phrase.of("sample-size.double"));
    rows.add(List.of(LineId.of("n.double"), LineId.of("a.double"), LineId.of("p.double")));
    return List.of(
        say.prose("closer-look.sample-size.fisher" + (halved ? ".both" : "")),
        SampleSizeLines.table(
            heads, List.of(Phrase.label("n"), Phrase.label("a"), Phrase.label("p")), rows));
  }
}
