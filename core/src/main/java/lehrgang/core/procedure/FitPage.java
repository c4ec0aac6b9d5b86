package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Stated;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// The page of a goodness-of-fit test.
final class FitPage implements WorkedPage {
  private static final LineId N = LineId.of("n");
  private static final LineId W = LineId.of("w");
  private static final ChiSquaredDecision DECIDING = ChiSquaredDecision.plain();

  private final FrequencyTable table;
  private final Choices choices;
  private final Lines lines;
  private final Decided decided;
  private final String story;
  private final Sentences say;
  private final CommonSteps common;
  private final ExpectedConditions conditions;
  private final Contributions contributions;

  FitPage(FrequencyTable table, Choices choices, Lines lines) {
    this.table = table;
    this.choices = choices;
    this.lines = lines;
    this.decided = Decided.of(lines, choices);
    this.story = table.stated() == Stated.EQUAL ? "fit-equal" : "fit-stated";
    this.say =
        new Sentences(
            Map.of(
                "row", new Phrase.Words(table.variable()),
                "rows", new Phrase.Words(Integer.toString(table.labels().size())),
                "n", new Phrase.Number(N),
                "df", new Phrase.Number(ChiSquaredDecision.DF),
                "stated", new Phrase.Nested(Phrase.of("stated." + table.stated().key()))));
    this.common = new CommonSteps(say, lines, decided);
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
    return DECIDING.verdict(
        decided.decision(),
        Optional.of(new Verdict.Item(Phrase.of("verdict.effect.w"), W)),
        say.phrase("verdict." + story + "." + decided.key()));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        common.question("fit"),
        data(),
        common.hypotheses(story, List.of(), List.of()),
        expected(),
        conditions.step(this::waysOn, "conditions.design.fit"),
        contributionsStep(),
        statistic(),
        DECIDING.criticalStep(say, decided.exact().of(ChiSquaredDecision.DF).intValueExact()),
        pValue(),
        conclusion(),
        closerLook());
  }

  private boolean isStated() {
    return table.stated() != Stated.EQUAL;
  }

  /// The steps before the statistic, which a simulation shares; the conditions of the curve are not
  /// among them.
  List<Step> front() {
    Step expected = expected();
    List<LineId> established = new ArrayList<>(expected.lines());
    established.addAll(lines.ofFamilies("E.min", "E.below5", "E.below1"));
    return List.of(
        common.question("fit"),
        data(),
        common.hypotheses(story, List.of(), List.of()),
        new Step(expected.id(), expected.summary(), established, List.of(), expected.blocks()),
        contributionsStep());
  }

  Sentences sentences() {
    return say;
  }

  String story() {
    return story;
  }

  /// Mergers of neighbours, and what does not need the curve.
  private List<Block> waysOn() {
    double[][] expected =
        lines.ofFamilies("E").stream()
            .map(id -> new double[] {decided.exact().of(id).asDouble()})
            .toArray(double[][]::new);
    return Ways.whenConditionsFail(
        new Mergers(expected, table.labels(), List.of("")),
        conditions::holdFor,
        List.of("simulation"),
        say);
  }

  private Step data() {
    List<String> families = isStated() ? List.of("O", "stated") : List.of("O");
    List<LineId> totals = isStated() ? List.of(N, LineId.of("stated.sum")) : List.of(N);
    return new Step(
        "data",
        say.summary("data.fit"),
        lines.ofFamilies("O", "n", "k", "stated", "stated.sum"),
        List.of(),
        List.of(
            say.prose("data.intro.fit"),
            new Block.DataEntry(
                columns("table.observed.plain", families, totals, Optional.empty())),
            say.prose(isStated() ? "data.shares.stated" : "data.shares.equal")));
  }

  /// A table with a row a category and a column a family.
  private CellTable columns(
      String title, List<String> families, List<LineId> totals, Optional<String> shade) {
    return new CellTable(
        Phrase.of(title),
        table.labels().stream().map(Phrase::label).toList(),
        families.stream().map(family -> Phrase.of("head." + family)).toList(),
        ids(families),
        shade.map(family -> ids(families.stream().map(_ -> family).toList())),
        List.of(),
        totals,
        Optional.empty());
  }

  private List<List<LineId>> ids(List<String> families) {
    return IntStream.rangeClosed(1, table.labels().size())
        .mapToObj(i -> families.stream().map(family -> LineId.of(family, i)).toList())
        .toList();
  }

  private LineId example(String family) {
    int i =
        1
            + IntStream.range(0, table.labels().size())
                .filter(k -> !decided.exact().of(LineId.of("E", k + 1)).isWhole())
                .findFirst()
                .orElse(0);
    return LineId.of(family, i);
  }

  private Step expected() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("expected.why." + story));
    if (isStated()) {
      blocks.add(say.prose("expected.shares." + sharesKey()));
    }
    blocks.add(new Block.Working(lines.ofFamilies("s"), example("s")));
    blocks.add(say.prose("expected.how.fit"));
    blocks.add(
        new Block.Tables(
            List.of(
                columns(
                    "table.expected.fit",
                    List.of("O", "s", "E"),
                    List.of(N, LineId.of("s.sum"), LineId.of("E.n")),
                    Optional.empty()))));
    blocks.add(new Block.Working(lines.ofFamilies("E"), example("E")));
    blocks.add(say.remark(Tone.CHECKED, "expected.totals-agree.fit"));
    return new Step(
        "expected",
        say.summary("expected").with("cells", table.labels().size()),
        lines.ofFamilies("s", "s.sum", "E", "E.n"),
        isStated() ? List.of(GoodnessOfFit.SHARES) : List.of(),
        blocks);
  }

  private String sharesKey() {
    return choices.option(GoodnessOfFit.SHARES).equals("rescaled")
        ? "rescaled"
        : table.stated().key();
  }

  private Step contributionsStep() {
    return new Step(
        "contributions",
        say.summary("contributions").with("place", contributions.placeOfLargest()),
        lines.ofFamilies("D", "K", "K.max"),
        List.of(),
        List.of(
            say.prose("contributions.how.fit"),
            new Block.Tables(
                List.of(
                    columns("table.difference", List.of("D"), List.of(), Optional.of("D")),
                    columns(
                        "table.contributions.fit",
                        List.of("K"),
                        List.of(LineId.of("X2")),
                        Optional.of("D")))),
            new Block.Working(lines.ofFamilies("K"), example("K")),
            contributions.largestInWords()));
  }

  private Step statistic() {
    boolean estimates = decided.exact().of("m").signum() > 0;
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(DECIDING.statistic())),
        lines.ofFamilies("X2", "m", "df"),
        List.of(),
        List.of(
            say.prose("statistic.how.fit"),
            Block.Working.of(DECIDING.statistic()),
            say.remark(Tone.CHECKED, "statistic.second-route"),
            say.prose(estimates ? "statistic.df.fit.estimated" : "statistic.df.fit"),
            new Block.TypedNumber(
                say.phrase("statistic.estimated"), TypedNumbers.ESTIMATED, LineId.of("m")),
            Block.Working.of(ChiSquaredDecision.DF)));
  }

  private Step pValue() {
    List<Block> blocks =
        new ArrayList<>(
            ChiSquaredDecision.workings(
                say, decided.exact().of(ChiSquaredDecision.DF).intValueExact()));
    blocks.add(say.prose("p.meaning." + story));
    return new Step(
        "p",
        say.summary("p").with("p", new Phrase.Stated(DECIDING.p())),
        lines.ofFamilies("p"),
        List.of(),
        blocks);
  }

  private Step conclusion() {
    List<Block> remarks = new ArrayList<>();
    if (!conditions.hold()) {
      remarks.add(say.remark(Tone.WARNING, "conclusion.condition-fails"));
    }
    return common.conclusion(
        DECIDING.comparisons(decided.decision()),
        "conclusion." + story,
        DECIDING.p(),
        remarks,
        DECIDING
            .reported(say.phrase("conclusion.report.fit"))
            .with("effect", new Phrase.Reported(W, 2, Phrase.LeadingZero.KEPT)));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.drives"));
    blocks.add(contributions.bars(say));
    blocks.add(
        Block.PairedBars.counts(
            columns("table.observed.plain", List.of("O"), List.of(N), Optional.empty()),
            columns("table.expected.fit", List.of("E"), List.of(N), Optional.empty())));
    blocks.add(say.prose("closer-look.residuals.fit"));
    blocks.add(
        new Block.Tables(
            List.of(
                columns("table.residuals", List.of("resid", "adj"), List.of(), Optional.of("D")))));
    blocks.add(new Block.Working(lines.ofFamilies("adj"), example("adj")));
    blocks.add(say.prose("closer-look.effect.fit"));
    blocks.add(Block.Working.of(W));
    blocks.addAll(EffectInWords.W.of(lines, decided, say));
    blocks.add(say.prose("closer-look.sample-size"));
    blocks.add(SampleSizeLines.table());
    return new Step(
        "closer-look",
        say.summary("closer-look"),
        lines.ofFamilies(
            "resid",
            "adj",
            "w",
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
