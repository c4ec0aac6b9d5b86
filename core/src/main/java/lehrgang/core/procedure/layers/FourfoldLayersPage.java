package lehrgang.core.procedure.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.IntervalsAndTests;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.StudySentences;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of one question asked in fourfold layers of a third variable.
final class FourfoldLayersPage implements WorkedPage {
  private static final LineId RATIO = LineId.of("OR");
  private static final LineId LOW = LineId.of("OR.low");
  private static final LineId HIGH = LineId.of("OR.high");

  private final LayeredTable table;
  private final Lines lines;
  private final ChiSquaredDecision deciding;
  private final Evaluation values;
  private final Decided decided;
  private final LayerSteps front;
  private final Sentences say;

  FourfoldLayersPage(
      LayeredTable table,
      Story story,
      Lines lines,
      ChiSquaredDecision deciding,
      Evaluation values) {
    this.table = table;
    this.lines = lines;
    this.deciding = deciding;
    this.values = values;
    this.decided = Decided.of(values);
    this.front = new LayerSteps(table, story, lines, values);
    this.say = front.sentences();
  }

  /// Whether there is a common odds ratio that describes the layers.
  private boolean hasRatio() {
    return lines.hasFamily("OR") && !front.directions().areOpposed();
  }

  @Override
  public Verdict verdict() {
    Optional<Verdict.Item> effect =
        hasRatio()
            ? Optional.of(new Verdict.Item(Phrase.of("verdict.common-ratio"), RATIO))
            : Optional.empty();
    return deciding.verdict(decided, effect, decided.verdict(say, "verdict.layers"));
  }

  @Override
  public List<Step> steps() {
    List<Step> steps = new ArrayList<>(front.front("fourfold"));
    steps.add(sums());
    steps.add(LayerConditions.step(lines, values, say));
    steps.add(statistic());
    steps.add(deciding.criticalStep(say, values, 1));
    steps.add(pValue());
    steps.add(conclusion());
    steps.add(closerLook());
    return steps;
  }

  /// What each layer gives to the common statistic.
  private Step sums() {
    List<LineId> variances = lines.family("var");
    List<Phrase> names = new ArrayList<>();
    List<List<LineId>> rows = new ArrayList<>();
    for (int k : table.comparing()) {
      names.add(Phrase.label(table.layers().get(k)));
      rows.add(
          List.of(
              LineId.of("O", k + 1, 1, 1), LineId.of("E", k + 1, 1, 1), LineId.of("var", k + 1)));
    }
    names.add(Phrase.of("table.sum"));
    rows.add(List.of(LineId.of("sum.O"), LineId.of("sum.E"), LineId.of("sum.var")));
    return new Step(
        "sums",
        say.summary("sums")
            .with("observed", LineId.of("sum.O"))
            .with("expected", LineId.of("sum.E")),
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
                        rows))),
            Block.Working.of(LineId.of("sum.E")),
            Block.Working.of(LineId.of("sum.var"))));
  }

  private Step statistic() {
    List<LineId> products = lines.family("u");
    List<LineId> others = lines.family("v");
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("statistic.how.layers.fourfold"));
    blocks.add(Block.Working.of(ChiSquaredDecision.plain().statistic()));
    blocks.add(
        Block.Beside.of(
            say.remark(Tone.CHECKED, "statistic.second-route.layers"),
            new Block.Working(products, products.getFirst()),
            new Block.Working(others, others.getFirst())));
    blocks.addAll(
        deciding.asksFor(
            List.of(
                say.prose("statistic.corrected.layers"),
                Block.Working.of(ChiSquaredDecision.corrected().statistic()))));
    blocks.add(say.prose("statistic.decides." + (deciding.isCorrected() ? "corrected" : "plain")));
    blocks.add(Block.Beforehand.of(say.prose("statistic.df.layers.fourfold")));
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(deciding.statistic())),
        blocks);
  }

  private Step pValue() {
    List<Block> blocks = new ArrayList<>(deciding.workings(say, values, 1));
    blocks.add(deciding.beside());
    blocks.add(say.meaning("p.meaning.layers", deciding.p()));
    return new Step("p", say.summary("p").with("p", new Phrase.Stated(deciding.p())), blocks);
  }

  private Step conclusion() {
    List<Block> remarks = new ArrayList<>();
    if (hasRatio()) {
      remarks.addAll(IntervalsAndTests.possible(decided, LOW, HIGH, say, "common-ratio"));
    }
    if (LayerConditions.fail(values)) {
      remarks.add(say.remark(Tone.WARNING, "conclusion.layers.condition-fails"));
    }
    front.directions().misled(say, decided, LayerSteps.POOLED_P).ifPresent(remarks::add);
    remarks.addAll(new StudySentences(say).remarks(decided, Optional.of(".layers")));
    Phrase report =
        say.phrase("conclusion.report.layers." + (hasRatio() ? "ratio" : "plain"))
            .with("compared", LineId.of("n.compared"));
    if (hasRatio()) {
      report =
          report
              .with("confidence", new Phrase.Confidence(CommonSteps.LEVEL))
              .with("ratio", new Phrase.Reported(RATIO, 2, Phrase.LeadingZero.KEPT))
              .with("low", LOW)
              .with("high", HIGH);
    }
    return front
        .common()
        .conclusion(
            deciding.comparisons(decided),
            List.of(sentence()),
            grounds(),
            deciding.p(),
            remarks,
            deciding.reported(report));
  }

  /// What is concluded: of layers that point in opposite ways nothing is said in common.
  private Phrase sentence() {
    if (front.directions().areOpposed()) {
      return front.directions().naming(say.phrase("conclusion.layers.opposed"));
    }
    String direction = decided.rejects() ? "." + front.directions().ofSums() : "";
    return say.phrase("conclusion.layers.fourfold" + direction);
  }

  private List<LineId> grounds() {
    List<LineId> grounds = new ArrayList<>(List.of(LineId.of("sum.O"), LineId.of("sum.E")));
    if (lines.hasFamily(HomogeneityLines.P.name())) {
      grounds.add(HomogeneityLines.P);
    }
    return grounds;
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    if (hasRatio()) {
      blocks.addAll(ratio());
    } else {
      String opposed = front.directions().areOpposed() ? ".opposed" : "";
      blocks.add(say.prose("closer-look.layers.fourfold" + opposed));
    }
    if (lines.hasFamily(HomogeneityLines.P.name())) {
      blocks.addAll(HomogeneityLines.blocks(table, lines, front.directions().ratiosDiffer(), say));
    }
    blocks.addAll(Ways.toPooled(say));
    return new Step(
        "closer-look",
        say.summary(hasRatio() ? "closer-look.common-ratio" : "closer-look.layers"),
        blocks);
  }

  private List<Block> ratio() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.common-ratio"));
    blocks.add(Block.Working.of(RATIO));
    blocks.add(say.prose("closer-look.common-ratio.error"));
    for (String family : List.of("along", "across")) {
      List<LineId> members = lines.family(family);
      blocks.add(new Block.Working(members, members.getFirst()));
    }
    for (String part : List.of("mix.u", "mix", "mix.v", "OR.SE", "z.ci")) {
      blocks.add(Block.Working.of(LineId.of(part)));
    }
    blocks.add(Block.Working.of(LOW));
    blocks.add(Block.Working.of(HIGH));
    blocks.add(
        new Block.Prose(
            say.phrase("closer-look.common-ratio.words")
                .with("confidence", new Phrase.Confidence(CommonSteps.LEVEL))
                .with("ratio", RATIO)
                .with("low", LOW)
                .with("high", HIGH)));
    blocks.addAll(
        IntervalsAndTests.disagreement(
            decided, LOW, HIGH, IntervalsAndTests.Stated.of(1), ".odds-ratio"));
    return blocks;
  }
}
