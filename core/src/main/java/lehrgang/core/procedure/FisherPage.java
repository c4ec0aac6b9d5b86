package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.NormalDecision.Alternative;
import lehrgang.core.solution.Choices;
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
  private final Decided decided;
  private final Sentences say;
  private final CommonSteps common;

  FisherPage(TwoWayTable table, Choices choices, FisherLines fisher, Alternative alternative) {
    this.table = table;
    this.lines = fisher.lines();
    this.outcomes = fisher.outcomes();
    this.alternative = alternative;
    this.decided = Decided.of(lines, choices);
    this.say =
        new Sentences(
            Map.ofEntries(
                Map.entry("row", new Phrase.Words(table.rowVariable())),
                Map.entry("column", new Phrase.Words(table.columnVariable())),
                Map.entry("first", new Phrase.Words(table.columns().getFirst())),
                Map.entry("second", new Phrase.Words(table.columns().getLast())),
                Map.entry("yes", new Phrase.Words(table.rows().getFirst())),
                Map.entry("rows", new Phrase.Words("2")),
                Map.entry("columns", new Phrase.Words("2")),
                Map.entry("n", new Phrase.Number(LineId.of("n"))),
                Map.entry("a", new Phrase.Number(CORNER)),
                Map.entry("min", new Phrase.Number(SMALLEST)),
                Map.entry("max", new Phrase.Number(LARGEST)),
                Map.entry("tables", new Phrase.Words(Integer.toString(outcomes.values().size()))),
                Map.entry("summed", new Phrase.Words(Integer.toString(outcomes.summed().size())))));
    this.common = new CommonSteps(say, lines, decided);
  }

  @Override
  public Decided decided() {
    return decided;
  }

  @Override
  public List<Condition> conditions() {
    return List.of();
  }

  @Override
  public Verdict verdict() {
    return new Verdict(
        List.of(
            new Verdict.Item(Phrase.of("verdict.corner"), CORNER),
            new Verdict.Item(Phrase.of("verdict.p.exact"), P)),
        decided.decision(),
        say.phrase("verdict.fisher." + decided.key()));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        common.question(""),
        data(),
        common.hypotheses(
            "fisher." + alternative.key(), List.of(NormalDecision.ALTERNATIVE), List.of()),
        outcomesStep(),
        pValue(),
        conclusion(),
        closerLook());
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data"),
        lines.ofFamilies("O", "R", "C", "n", "r", "c"),
        List.of(),
        List.of(
            say.prose("data.intro"),
            new Block.DataEntry(new CellTables(table, lines).observed()),
            say.prose("data.margins-fixed")));
  }

  private Step outcomesStep() {
    return new Step(
        "outcomes",
        say.summary("outcomes"),
        lines.ofFamilies("a.min", "a.max", "P"),
        List.of(),
        List.of(
            say.prose("outcomes.range"),
            Block.Working.of(SMALLEST),
            Block.Working.of(LARGEST),
            say.prose("outcomes.probability"),
            new Block.Working(lines.ofFamilies("P"), LineId.of("P", outcomes.own())),
            outcomes.block(say.phrase("outcomes.corner"))));
  }

  private Step pValue() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("p.fisher." + alternative.key()));
    blocks.add(Block.Working.of(P));
    List<LineId> established = new ArrayList<>(List.of(P));
    for (Alternative other : Alternative.values()) {
      if (other != alternative) {
        LineId id = LineId.of("p." + other.key());
        established.add(id);
        blocks.add(
            new Block.Prose(
                say.phrase("p.fisher.other." + other.key()).with("p", new Phrase.Stated(id))));
      }
    }
    blocks.add(say.prose("p.meaning.fisher"));
    return new Step(
        "p", say.summary("p").with("p", new Phrase.Stated(P)), established, List.of(), blocks);
  }

  private Step conclusion() {
    return common.conclusion(
        List.of(
            new Block.Prose(
                Phrase.of("conclusion.exact." + decided.key())
                    .with("p", new Phrase.Stated(P))
                    .with("alpha", LineId.of("alpha")))),
        "conclusion.fisher." + alternative.key(),
        P,
        List.of(say.remark(Tone.NOTE, "conclusion.not-cause")),
        say.phrase("conclusion.report.fisher")
            .with("p", new Phrase.Reported(P, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    if (!lines.ofFamilies("OR").isEmpty()) {
      blocks.add(say.prose("closer-look.odds-ratio"));
      blocks.add(Block.Working.of(LineId.of("OR")));
      blocks.add(Block.Working.of(LineId.of("OR.low")));
      blocks.add(Block.Working.of(LineId.of("OR.high")));
    }
    blocks.addAll(sampleSizes());
    blocks.add(say.prose("closer-look.smallest-possible"));
    blocks.addAll(Ways.otherProcedures(Fisher.ID, table, say));
    return new Step(
        "closer-look",
        say.summary("closer-look.share"),
        lines.ofFamilies(
            "OR",
            "OR.SE",
            "z.ci",
            "OR.low",
            "OR.high",
            "n.half",
            "a.half",
            "p.half",
            "n.double",
            "a.double",
            "p.double"),
        List.of(),
        blocks);
  }

  /// The test with every count doubled and, where there is such a table, halved.
  private List<Block> sampleSizes() {
    boolean halved = !lines.ofFamilies("p.half").isEmpty();
    List<Phrase> heads = new ArrayList<>();
    List<List<LineId>> rows = new ArrayList<>();
    if (halved) {
      heads.add(Phrase.of("sample-size.half"));
      rows.add(lines.ofFamilies("n.half", "a.half", "p.half"));
    }
    heads.add(Phrase.of("sample-size.own"));
    rows.add(List.of(LineId.of("n"), CORNER, P));
    heads.add(Phrase.of("sample-size.double"));
    rows.add(lines.ofFamilies("n.double", "a.double", "p.double"));
    return List.of(
        say.prose("closer-look.sample-size.fisher" + (halved ? ".both" : "")),
        new Block.Tables(
            List.of(
                CellTable.plain(
                    Phrase.of("table.sample-size"),
                    heads,
                    List.of(Phrase.label("n"), Phrase.label("a"), Phrase.label("p")),
                    rows))));
  }
}
