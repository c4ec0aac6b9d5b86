package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.CellLines.Cell;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// The page of a two-way table's worked solution: which sentences, tables, workings and figures
/// stand
/// in
/// which step.
final class TwoWayPage implements WorkedPage {
  private static final LineId X2 = LineId.of("X2");
  private static final LineId DF = ChiSquaredDecision.DF;
  private static final LineId N = LineId.of("n");
  private static final LineId V = LineId.of("V");

  private final TwoWayTable table;
  private final Choices choices;
  private final Lines lines;
  private final Decided decided;
  private final String story;
  private final ChiSquaredDecision deciding;
  private final Sentences say;
  private final CommonSteps common;
  private final CellTables tables;
  private final ExpectedConditions conditions;
  private final Contributions contributions;

  TwoWayPage(TwoWayTable table, Choices choices, Lines lines, ChiSquaredDecision deciding) {
    this.table = table;
    this.choices = choices;
    this.lines = lines;
    this.deciding = deciding;
    this.decided = Decided.of(lines, choices);
    this.story = choices.option(Independence.STORY);
    this.say =
        new Sentences(
            Map.of(
                "row", new Phrase.Words(table.rowVariable()),
                "column", new Phrase.Words(table.columnVariable()),
                "rows", new Phrase.Words(Integer.toString(table.rows().size())),
                "columns", new Phrase.Words(Integer.toString(table.columns().size())),
                "n", new Phrase.Number(N),
                "df", new Phrase.Number(DF)));
    this.common = new CommonSteps(say, lines, decided);
    this.tables = new CellTables(table, lines);
    this.conditions = new ExpectedConditions(lines, decided.exact(), choices, say);
    this.contributions = new Contributions(lines, decided.exact());
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
    return deciding.verdict(
        decided.decision(),
        Optional.of(new Verdict.Item(Phrase.of("verdict.effect.V"), V)),
        say.phrase("verdict." + story + "." + decided.key()));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        common.question(""),
        data(),
        common.hypotheses(story, List.of(Independence.STORY), List.of()),
        expected(),
        conditions.step(this::waysOn, "conditions.design." + story),
        contributionsStep(),
        statistic(),
        deciding.criticalStep(say, decided.exact().of(ChiSquaredDecision.DF).intValueExact()),
        pValue(),
        conclusion(),
        closerLook());
  }

  /// The steps before the statistic, which a simulation shares; the conditions of the curve are not
  /// among them.
  List<Step> front() {
    Step expected = expected();
    List<LineId> established = new ArrayList<>(expected.lines());
    established.addAll(lines.ofFamilies("E.min", "E.below5", "E.below1"));
    return List.of(
        common.question(""),
        data(),
        common.hypotheses(story, List.of(Independence.STORY), List.of()),
        new Step(expected.id(), expected.summary(), established, List.of(), expected.blocks()),
        contributionsStep());
  }

  Sentences sentences() {
    return say;
  }

  /// Mergers of neighbours, and what does not need the curve.
  private List<Block> waysOn() {
    double[][] expected = new double[table.rows().size()][table.columns().size()];
    for (int i = 0; i < expected.length; i++) {
      for (int j = 0; j < expected[i].length; j++) {
        expected[i][j] = decided.exact().of(LineId.of("E", i + 1, j + 1)).asDouble();
      }
    }
    return Ways.whenConditionsFail(
        new Mergers(expected, table.rows(), table.columns()),
        conditions::holdFor,
        table.isTwoByTwo() ? List.of("fisher", "simulation") : List.of("simulation"),
        say);
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data"),
        lines.ofFamilies("O", "R", "C", "n", "r", "c"),
        List.of(),
        List.of(say.prose("data.intro"), new Block.DataEntry(tables.observed())));
  }

  private Step expected() {
    String route = choices.option(Independence.ROUTE);
    List<LineId> members = lines.ofFamilies("E");
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("expected.why." + story));
    blocks.add(say.prose("expected.how." + route));
    if (route.equals("share")) {
      blocks.add(new Block.Working(lines.ofFamilies("s"), LineId.of("s", example().row())));
    }
    blocks.add(new Block.Tables(List.of(tables.observed(), tables.expected())));
    blocks.add(new Block.Working(members, example().of("E")));
    blocks.add(say.remark(Tone.CHECKED, "expected.totals-agree"));
    return new Step(
        "expected",
        say.summary("expected").with("cells", members.size()),
        lines.ofFamilies("s", "E", "E.R", "E.C", "E.n"),
        List.of(Independence.ROUTE),
        blocks);
  }

  /// The first cell whose expected count is not whole: there the rounding shows.
  private Cell example() {
    return lines.ofFamilies("E").stream()
        .filter(id -> !decided.exact().of(id).isWhole())
        .findFirst()
        .map(
            id ->
                new Cell(Integer.parseInt(id.index().get(0)), Integer.parseInt(id.index().get(1))))
        .orElse(new Cell(1, 1));
  }

  private Step contributionsStep() {
    return new Step(
        "contributions",
        say.summary("contributions").with("place", contributions.placeOfLargest()),
        lines.ofFamilies("D", "K", "K.max"),
        List.of(),
        List.of(
            say.prose("contributions.how"),
            new Block.Tables(
                List.of(
                    tables.grid("D", "table.difference", Optional.of("D")),
                    tables.grid("K", "table.contributions", Optional.of("D")))),
            new Block.Working(lines.ofFamilies("K"), example().of("K")),
            contributions.largestInWords()));
  }

  private Step statistic() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("statistic.how"));
    blocks.add(Block.Working.of(X2));
    blocks.add(say.remark(Tone.CHECKED, "statistic.second-route"));
    if (table.isTwoByTwo()) {
      blocks.addAll(otherForms());
    }
    blocks.add(say.prose("statistic.df"));
    blocks.add(Block.Working.of(DF));
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(deciding.statistic())),
        lines.ofFamilies(
            "X2", "K.cc", "X2.cc", "p1", "p2", "pooled", "SE0", "z", "z.squared", "df"),
        table.isTwoByTwo() ? List.of(Independence.CORRECTION) : List.of(),
        blocks);
  }

  private List<Block> otherForms() {
    boolean corrected = deciding.equals(ChiSquaredDecision.corrected());
    return List.of(
        say.prose("statistic.yates"),
        new Block.Working(lines.ofFamilies("K.cc"), LineId.of("K.cc", 1, 1)),
        Block.Working.of(LineId.of("X2.cc")),
        say.prose(corrected ? "statistic.decides.yates" : "statistic.decides.plain"),
        say.prose("statistic.two-shares"),
        Block.Working.of(LineId.of("z")),
        new Block.Remark(
            Tone.CHECKED,
            Phrase.of("statistic.z-squared")
                .with("z", new Phrase.Stated(LineId.of("z")))
                .with("square", new Phrase.Stated(LineId.of("z.squared")))));
  }

  private Step pValue() {
    List<Block> blocks =
        new ArrayList<>(ChiSquaredDecision.workings(say, decided.exact().of(DF).intValueExact()));
    if (table.isTwoByTwo()) {
      ChiSquaredDecision corrected = ChiSquaredDecision.corrected();
      blocks.add(
          new Block.Prose(
              Phrase.of("p.yates")
                  .with("statistic", new Phrase.Stated(corrected.statistic()))
                  .with("p", new Phrase.Stated(corrected.p()))));
    }
    blocks.add(say.prose("p.meaning." + story));
    return new Step(
        "p",
        say.summary("p").with("p", new Phrase.Stated(deciding.p())),
        lines.ofFamilies("p", "p.cc"),
        List.of(),
        blocks);
  }

  private Step conclusion() {
    List<Block> remarks = new ArrayList<>();
    if (!conditions.hold()) {
      remarks.add(say.remark(Tone.WARNING, "conclusion.condition-fails"));
    }
    remarks.add(say.remark(Tone.NOTE, "conclusion.not-cause"));
    return common.conclusion(
        deciding.comparisons(decided.decision()),
        "conclusion." + story,
        deciding.p(),
        remarks,
        deciding
            .reported(say.phrase("conclusion.report"))
            .with("effect", new Phrase.Reported(V, 2, Phrase.LeadingZero.LEFT_OUT)));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.drives"));
    blocks.add(contributions.bars(say));
    blocks.add(Block.PairedBars.counts(tables.observed(), tables.expected()));
    blocks.add(say.prose("closer-look.residuals"));
    blocks.add(
        new Block.Tables(
            List.of(
                tables.grid("resid", "table.standardised", Optional.of("D")),
                tables.grid("adj", "table.adjusted", Optional.of("D")))));
    blocks.add(new Block.Working(lines.ofFamilies("adj"), example().of("adj")));
    blocks.add(say.prose("closer-look.effect"));
    blocks.add(Block.Working.of(V));
    blocks.add(Block.Working.of(LineId.of("w")));
    if (!lines.ofFamilies("OR").isEmpty()) {
      blocks.add(say.prose("closer-look.odds-ratio"));
      blocks.add(Block.Working.of(LineId.of("OR")));
      blocks.add(Block.Working.of(LineId.of("OR.low")));
      blocks.add(Block.Working.of(LineId.of("OR.high")));
    }
    blocks.addAll(EffectInWords.W.of(lines, decided, say));
    blocks.add(say.prose("closer-look.sample-size"));
    blocks.add(SampleSizeLines.table());
    blocks.addAll(Ways.otherProcedures(Independence.ID, table, say));
    return new Step(
        "closer-look",
        say.summary("closer-look"),
        lines.ofFamilies(
            "resid",
            "adj",
            "V",
            "w",
            "OR",
            "OR.SE",
            "z.ci",
            "OR.low",
            "OR.high",
            "n.half",
            "X2.half",
            "p.half",
            "n.double",
            "X2.double",
            "p.double"),
        List.of(),
        blocks);
  }
}
