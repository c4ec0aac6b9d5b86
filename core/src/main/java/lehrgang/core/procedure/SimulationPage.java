package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.simulation.Draws;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// The page of a simulation: the same statistic as with the curve, and then what chance alone did.
final class SimulationPage implements WorkedPage {
  private static final LineId X2 = LineId.of("X2");
  private static final LineId P = LineId.of("p");
  private static final LineId CURVE = LineId.of("p.curve");
  private static final int CLASSES = 36;

  private final List<Step> front;
  private final String story;
  private final String drawn;
  private final Lines lines;
  private final Draws draws;
  private final Decided decided;
  private final Sentences say;
  private final CommonSteps common;

  private SimulationPage(
      List<Step> front,
      String story,
      String drawn,
      Sentences say,
      Choices choices,
      Lines lines,
      Draws draws) {
    this.front = front;
    this.story = story;
    this.drawn = drawn;
    this.lines = lines;
    this.draws = draws;
    this.decided = Decided.of(lines, choices);
    this.say = say.and(Map.of("B", new Phrase.Number(LineId.of("B"))));
    this.common = new CommonSteps(this.say, lines, decided);
  }

  static SimulationPage of(TwoWayTable table, Choices choices, Lines lines, Draws draws) {
    TwoWayPage page = new TwoWayPage(table, choices, lines, ChiSquaredDecision.plain());
    return new SimulationPage(
        page.front(),
        choices.option(Independence.STORY),
        "margins",
        page.sentences(),
        choices,
        lines,
        draws);
  }

  static SimulationPage of(FrequencyTable table, Choices choices, Lines lines, Draws draws) {
    FitPage page = new FitPage(table, choices, lines);
    return new SimulationPage(
        page.front(), page.story(), "shares", page.sentences(), choices, lines, draws);
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
            new Verdict.Item(Phrase.of("verdict.statistic"), X2, Verdict.Form.WITH_SYMBOL),
            new Verdict.Item(Phrase.of("verdict.drawn"), LineId.of("B")),
            new Verdict.Item(Phrase.of("verdict.p.simulated"), P)),
        decided.decision(),
        say.phrase("verdict." + story + "." + decided.key()));
  }

  @Override
  public List<Step> steps() {
    List<Step> steps = new ArrayList<>(front);
    steps.add(statistic());
    steps.add(simulation());
    steps.add(pValue());
    steps.add(conclusion());
    steps.add(closerLook());
    return steps;
  }

  private Step statistic() {
    return new Step(
        "statistic",
        say.summary("statistic.z").with("statistic", new Phrase.Stated(X2)),
        lines.ofFamilies("X2", "m", "df"),
        List.of(),
        List.of(
            say.prose("statistic.how"),
            Block.Working.of(X2),
            say.remark(Tone.CHECKED, "statistic.second-route"),
            say.prose("statistic.simulation")));
  }

  private Step simulation() {
    double observed = decided.exact().of(X2).asDouble();
    return new Step(
        "simulation",
        say.summary("simulation").with("hits", LineId.of("hits")),
        lines.ofFamilies("B", "seed", "hits"),
        List.of(),
        List.of(
            say.prose("simulation." + drawn),
            new Block.TypedNumber(
                Phrase.of("simulation.repetitions"), TypedNumbers.REPETITIONS, LineId.of("B")),
            new Block.TypedNumber(
                Phrase.of("simulation.seed"), TypedNumbers.SEED, LineId.of("seed")),
            new Block.Histogram(
                draws.histogram(CLASSES, observed), X2, ChiSquaredDecision.DF, LineId.of("B")),
            new Block.Prose(say.phrase("simulation.hits").with("hits", LineId.of("hits")))));
  }

  private Step pValue() {
    return new Step(
        "p",
        say.summary("p").with("p", new Phrase.Stated(P)),
        lines.ofFamilies("p", "p.error"),
        List.of(),
        List.of(
            say.prose("p.simulated"),
            Block.Working.of(P),
            say.prose("p.simulated.error"),
            Block.Working.of(LineId.of("p.error")),
            say.prose("p.meaning." + story)));
  }

  private Step conclusion() {
    return common.conclusion(
        List.of(
            new Block.Prose(
                Phrase.of("conclusion.simulated." + decided.key())
                    .with("p", new Phrase.Stated(P))
                    .with("alpha", LineId.of("alpha")))),
        "conclusion." + story,
        P,
        List.of(),
        say.phrase("conclusion.report.simulated")
            .with("statistic", new Phrase.Reported(X2, 2, Phrase.LeadingZero.KEPT))
            .with("p", new Phrase.Reported(P, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.curve"));
    blocks.add(Block.Working.of(CURVE));
    blocks.add(
        new Block.Prose(
            say.phrase("closer-look.curve.beside")
                .with("curve", new Phrase.Stated(CURVE))
                .with("p", new Phrase.Stated(P))));
    blocks.add(say.prose("closer-look.drives"));
    blocks.add(new Contributions(lines, decided.exact()).bars(say));
    blocks.add(Block.Working.of(LineId.of("w")));
    blocks.addAll(EffectInWords.W.of(lines, decided, say));
    return new Step(
        "closer-look",
        say.summary("closer-look.simulation"),
        lines.ofFamilies("p.curve", "w"),
        List.of(),
        blocks);
  }
}
