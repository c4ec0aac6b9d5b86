package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.data.LayeredTable;
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

/// The page of one question asked in every layer of a third variable.
final class LayersPage implements WorkedPage {
  private static final LineId N = LineId.of("n");
  private static final LineId EACH = LineId.of("df.each");
  private static final LineId REACH = LineId.of("reach");
  private static final LineId RATIO = LineId.of("OR");
  private static final LineId LOW = LineId.of("OR.low");
  private static final LineId HIGH = LineId.of("OR.high");
  private static final LineId POOLED_P = LineId.general("p.all", LayerLines.ALL);

  private final LayeredTable table;
  private final TwoWayTable shape;
  private final Lines lines;
  private final Decided decided;
  private final ChiSquaredDecision deciding;
  private final Sentences say;
  private final CommonSteps common;
  private final ExpectedConditions everyExpected;
  private final LayerDirections directions;
  private final LayerTables tables;

  LayersPage(LayeredTable table, Choices choices, Lines lines, ChiSquaredDecision deciding) {
    this.table = table;
    this.shape = table.first();
    this.lines = lines;
    this.deciding = deciding;
    this.decided = Decided.of(lines, choices);
    this.say =
        new Sentences(
            Map.ofEntries(
                Map.entry("row", new Phrase.Words(shape.rowVariable())),
                Map.entry("column", new Phrase.Words(shape.columnVariable())),
                Map.entry("layer", new Phrase.Words(table.layerVariable())),
                Map.entry("yes", named(shape.rowVariable(), shape.rows().getFirst())),
                Map.entry("one", named(shape.columnVariable(), shape.columns().getFirst())),
                Map.entry("other", named(shape.columnVariable(), shape.columns().getLast())),
                Map.entry("rows", new Phrase.Words("" + shape.rows().size())),
                Map.entry("columns", new Phrase.Words("" + shape.columns().size())),
                Map.entry("layers", new Phrase.Words("" + table.layers().size())),
                Map.entry("n", new Phrase.Number(N)),
                Map.entry("df", new Phrase.Number(ChiSquaredDecision.DF)),
                Map.entry("each", new Phrase.Number(EACH))));
    this.common = new CommonSteps(say, lines, decided);
    this.everyExpected = new ExpectedConditions(lines, decided.exact(), choices, say);
    this.tables = new LayerTables(table, lines, say);
    this.directions = new LayerDirections(table, lines, decided.exact());
  }

  /// A category with its variable: many are just called yes and no.
  private static Phrase.Filling named(String variable, String label) {
    return new Phrase.Words(variable + ": " + label);
  }

  @Override
  public Decided decided() {
    return decided;
  }

  private boolean isTwoByTwo() {
    return table.isTwoByTwo();
  }

  /// The ending of keys that differ between fourfold layers and larger ones.
  private String size() {
    return isTwoByTwo() ? "fourfold" : "larger";
  }

  private boolean hasRatio() {
    return !lines.ofFamilies("OR").isEmpty();
  }

  private boolean reachesFarEnough() {
    return decided.exact().of(REACH).compareTo(Value.of(5)) > 0;
  }

  private boolean conditionHolds() {
    return isTwoByTwo() ? reachesFarEnough() : everyExpected.hold();
  }

  @Override
  public List<Condition> conditions() {
    return isTwoByTwo()
        ? List.of(
            new Condition(
                "sum-can-move-5",
                reachesFarEnough() ? Condition.Verdict.HOLDS : Condition.Verdict.FAILS,
                Phrase.of("condition.reach").with("reach", REACH)))
        : everyExpected.conditions();
  }

  @Override
  public Verdict verdict() {
    Optional<Verdict.Item> effect =
        hasRatio()
            ? Optional.of(new Verdict.Item(Phrase.of("verdict.common-ratio"), RATIO))
            : Optional.empty();
    return deciding.verdict(
        decided.decision(), effect, say.phrase("verdict.layers." + decided.key()));
  }

  @Override
  public List<Step> steps() {
    Stream<Step> steps =
        Stream.of(
            common.question("layers"),
            data(),
            common.hypotheses("layers." + size(), List.of(), List.of()),
            pooled(),
            layers());
    if (isTwoByTwo()) {
      steps = Stream.concat(steps, Stream.of(sums()));
    }
    return Stream.concat(
            steps,
            Stream.of(
                isTwoByTwo()
                    ? reachConditions()
                    : everyExpected.step(this::waysOn, "conditions.design.independence"),
                statistic(),
                deciding.criticalStep(
                    say, decided.exact().of(ChiSquaredDecision.DF).intValueExact()),
                pValue(),
                conclusion(),
                closerLook()))
        .toList();
  }

  private Step data() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("data.intro.layers"));
    blocks.add(
        new Block.DataEntry(
            IntStream.rangeClosed(1, table.layers().size())
                .mapToObj(
                    k ->
                        tables.counts(Integer.toString(k), Phrase.label(table.layers().get(k - 1))))
                .toList()));
    return new Step(
        "data",
        say.summary("data.layers"),
        lines.ofFamilies("O", "R", "C", "n", "r", "c", "df.each"),
        List.of(),
        blocks);
  }

  /// What anyone sees who does not ask for the third variable.
  private Step pooled() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("pooled.intro"));
    blocks.add(new Block.Tables(List.of(tables.counts(LayerLines.ALL, Phrase.of("table.pooled")))));
    blocks.add(Block.Working.of(LineId.general("X2.all", LayerLines.ALL)));
    if (isTwoByTwo()) {
      for (String family : List.of("p1.all", "p2.all", "diff.all")) {
        blocks.add(Block.Working.of(LineId.general(family, LayerLines.ALL)));
      }
    }
    blocks.add(
        new Block.Prose(
            say.phrase("pooled.result")
                .with("statistic", new Phrase.Stated(LineId.general("X2.all", LayerLines.ALL)))
                .with("p", new Phrase.Stated(POOLED_P))));
    return new Step(
        "pooled",
        say.summary("pooled").with("p", new Phrase.Stated(POOLED_P)),
        lines.ofFamilies(
            "O.all",
            "R.all",
            "C.all",
            "E.all",
            "D.all",
            "X2.all",
            "p.all",
            "p1.all",
            "p2.all",
            "diff.all",
            "OR.all",
            "V.all"),
        List.of(),
        blocks);
  }

  /// The same question within each layer, beside all together.
  private Step layers() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("layers.intro"));
    List<LineId> expected = lines.ofFamilies("E");
    blocks.add(new Block.Working(expected, expected.getFirst()));
    List<LineId> statistics = lines.ofFamilies("X2.layer");
    blocks.add(new Block.Working(statistics, statistics.getFirst()));
    blocks.add(new Block.Tables(List.of(tables.sideBySide())));
    notComparing().ifPresent(blocks::add);
    if (isTwoByTwo()) {
      blocks.add(directions.bars(say));
    }
    blocks.add(directions.inWords(say));
    return new Step(
        "layers",
        say.summary(directions.key()),
        lines.ofFamilies(
            "E",
            "D",
            "X2.layer",
            "p.layer",
            "p1.layer",
            "p2.layer",
            "diff.layer",
            "OR.layer",
            "V.layer"),
        List.of(),
        blocks);
  }

  private Optional<Block> notComparing() {
    List<String> silent =
        IntStream.range(0, table.layers().size())
            .filter(k -> !table.compares(k))
            .mapToObj(k -> "“" + table.layers().get(k) + "”")
            .toList();
    return silent.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Block.Remark(
                Tone.NOTE, Phrase.of("layers.silent").with("names", String.join(", ", silent))));
  }

  /// What each layer gives to the common statistic.
  private Step sums() {
    List<LineId> variances = lines.ofFamilies("var");
    List<List<LineId>> rows =
        table.comparing().stream()
            .map(
                k ->
                    List.of(
                        LineId.of("O", k + 1, 1, 1),
                        LineId.of("E", k + 1, 1, 1),
                        LineId.of("var", k + 1)))
            .toList();
    List<Phrase> names =
        new ArrayList<>(
            table.comparing().stream().map(k -> Phrase.label(table.layers().get(k))).toList());
    List<List<LineId>> all = new ArrayList<>(rows);
    names.add(Phrase.of("table.sum"));
    all.add(List.of(LineId.of("sum.O"), LineId.of("sum.E"), LineId.of("sum.var")));
    return new Step(
        "sums",
        say.summary("sums")
            .with("observed", LineId.of("sum.O"))
            .with("expected", LineId.of("sum.E")),
        lines.ofFamilies("var", "sum.O", "sum.E", "sum.var"),
        List.of(),
        List.of(
            say.prose("sums.how"),
            new Block.Working(variances, variances.getFirst()),
            new Block.Tables(
                List.of(
                    CellTable.plain(
                        say.phrase("table.sums"),
                        names,
                        List.of(
                            Phrase.of("column.sums.observed"),
                            Phrase.of("column.sums.expected"),
                            Phrase.of("column.sums.variance")),
                        all))),
            Block.Working.of(LineId.of("sum.E")),
            Block.Working.of(LineId.of("sum.var"))));
  }

  /// Mantel and Fleiss' (1980) condition.
  private Step reachConditions() {
    List<LineId> least = lines.ofFamilies("least");
    List<LineId> most = lines.ofFamilies("most");
    boolean holds = reachesFarEnough();
    return new Step(
        "conditions",
        (holds ? say.summary("conditions.reach") : Phrase.of("summary.conditions.reach.fails"))
            .with("reach", REACH),
        lines.ofFamilies("least", "most", "sum.least", "sum.most", "reach"),
        List.of(),
        List.of(
            say.prose("conditions.reach.rule"),
            new Block.Working(least, least.getFirst()),
            new Block.Working(most, most.getFirst()),
            Block.Working.of(REACH),
            new Block.Remark(
                holds ? Tone.CHECKED : Tone.WARNING,
                say.phrase(holds ? "conditions.reach.holds" : "conditions.reach.fails")
                    .with("reach", REACH)),
            say.prose("conditions.reach.common"),
            say.prose("conditions.design.independence")));
  }

  /// Mergers of neighbours, the same in every layer.
  private List<Block> waysOn() {
    return Ways.whenConditionsFail(Mergers.of(table), everyExpected::holdFor, List.of(), say);
  }

  private Step statistic() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("statistic.how.layers." + size()));
    blocks.add(Block.Working.of(LineId.of("X2")));
    if (isTwoByTwo()) {
      List<LineId> products = lines.ofFamilies("u");
      blocks.add(say.remark(Tone.CHECKED, "statistic.second-route.layers"));
      blocks.add(new Block.Working(products, products.getFirst()));
      List<LineId> others = lines.ofFamilies("v");
      blocks.add(new Block.Working(others, others.getFirst()));
      blocks.add(say.prose("statistic.corrected.layers"));
      blocks.add(Block.Working.of(LineId.of("X2.cc")));
      boolean corrected = deciding.equals(ChiSquaredDecision.corrected());
      blocks.add(say.prose(corrected ? "statistic.decides.yates" : "statistic.decides.plain"));
    }
    blocks.add(say.prose("statistic.df.layers." + size()));
    if (!isTwoByTwo()) {
      blocks.add(Block.Working.of(ChiSquaredDecision.DF));
    }
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(deciding.statistic())),
        lines.ofFamilies("u", "v", "sum.u", "sum.v", "X2", "X2.cc", "layers", "df"),
        isTwoByTwo() ? List.of(Layers.CORRECTION) : List.of(),
        blocks);
  }

  private Step pValue() {
    List<Block> blocks =
        new ArrayList<>(
            ChiSquaredDecision.workings(
                say, decided.exact().of(ChiSquaredDecision.DF).intValueExact()));
    if (isTwoByTwo()) {
      ChiSquaredDecision corrected = ChiSquaredDecision.corrected();
      blocks.add(
          new Block.Prose(
              Phrase.of("p.corrected.layers")
                  .with("statistic", new Phrase.Stated(corrected.statistic()))
                  .with("p", new Phrase.Stated(corrected.p()))));
    }
    blocks.add(say.prose("p.meaning.layers"));
    return new Step(
        "p",
        say.summary("p").with("p", new Phrase.Stated(deciding.p())),
        lines.ofFamilies("p", "p.cc"),
        List.of(),
        blocks);
  }

  private Step conclusion() {
    List<Block> remarks = new ArrayList<>();
    if (!conditionHolds()) {
      remarks.add(say.remark(Tone.WARNING, "conclusion.layers.condition-fails"));
    }
    directions.misled(say, decided, POOLED_P).ifPresent(remarks::add);
    remarks.add(say.remark(Tone.NOTE, "conclusion.layers.not-cause"));
    Phrase report = say.phrase("conclusion.report.layers." + (hasRatio() ? "ratio" : "plain"));
    if (hasRatio()) {
      report =
          report
              .with("ratio", new Phrase.Reported(RATIO, 2, Phrase.LeadingZero.KEPT))
              .with("low", LOW)
              .with("high", HIGH);
    }
    String direction = isTwoByTwo() ? "." + directions.ofSums() : "";
    return common.conclusion(
        deciding.comparisons(decided.decision()),
        "conclusion.layers." + size() + (decided.rejects() ? direction : ""),
        deciding.p(),
        remarks,
        deciding.reported(report));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    if (hasRatio()) {
      blocks.add(say.prose("closer-look.common-ratio"));
      blocks.add(Block.Working.of(RATIO));
      blocks.add(say.prose("closer-look.common-ratio.error"));
      for (String family : List.of("along", "across")) {
        List<LineId> members = lines.ofFamilies(family);
        blocks.add(new Block.Working(members, members.getFirst()));
      }
      for (String part : List.of("mix.u", "mix", "mix.v", "OR.SE", "OR.low", "OR.high")) {
        blocks.add(Block.Working.of(LineId.of(part)));
      }
      blocks.add(
          new Block.Prose(
              say.phrase("closer-look.common-ratio.words")
                  .with("ratio", RATIO)
                  .with("low", LOW)
                  .with("high", HIGH)));
    } else {
      blocks.add(say.prose("closer-look.layers." + size()));
    }
    blocks.addAll(Ways.toPooled(say));
    return new Step(
        "closer-look",
        say.summary(hasRatio() ? "closer-look.common-ratio" : "closer-look.layers"),
        lines.ofFamilies(
            "OR", "along", "across", "mix.u", "mix", "mix.v", "OR.SE", "z.ci", "OR.low", "OR.high"),
        List.of(),
        blocks);
  }
}
