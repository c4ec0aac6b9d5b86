package lehrgang.core.procedure.chance;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Contributions;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.DetectableEffect;
import lehrgang.core.procedure.parts.EffectInWords;
import lehrgang.core.procedure.parts.FrequencySteps;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.StudySentences;
import lehrgang.core.procedure.parts.TwoWaySteps;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.simulation.Draws;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of a simulation: the same statistic as with the curve, and then what chance alone did.
final class SimulationPage implements WorkedPage {
  private static final LineId X2 = LineId.of("X2");
  private static final LineId P = LineId.of("p");
  private static final LineId CURVE = LineId.of("p.curve");
  private static final LineId DRAWN = LineId.of("B");
  private static final LineId SEED = LineId.of("seed");
  private static final LineId HITS = LineId.of("hits");
  private static final int CLASSES = 36;

  private final List<Step> front;
  private final Contributions contributions;
  private final String story;
  private final String drawn;
  private final Draws draws;
  private final Evaluation values;
  private final Decided decided;
  private final Sentences say;
  private final CommonSteps common;

  /// @param drawn the ending of the key that says how tables are drawn
  private SimulationPage(
      List<Step> front,
      Contributions contributions,
      String story,
      String drawn,
      Sentences say,
      Draws draws,
      Evaluation values) {
    this.front = front;
    this.contributions = contributions;
    this.story = story;
    this.drawn = drawn;
    this.draws = draws;
    this.values = values;
    this.decided = Decided.of(values);
    this.say = say.and(Map.of("B", new Phrase.Number(DRAWN)));
    this.common = new CommonSteps(this.say, decided);
  }

  static SimulationPage of(
      TwoWayTable table, Choices choices, Story told, Lines lines, Draws draws, Evaluation values) {
    TwoWaySteps steps = new TwoWaySteps(table, choices, told, lines, values);
    CommonSteps common = new CommonSteps(steps.sentences(), Decided.of(values));
    return new SimulationPage(
        List.of(
            steps.question(".simulated"),
            steps.data(),
            steps.hypotheses(),
            steps.expected(),
            common.conditions("simulation", steps.story()),
            steps.contributionsStep()),
        steps.contributions(),
        steps.story(),
        "margins",
        steps.sentences(),
        draws,
        values);
  }

  static SimulationPage of(
      FrequencyTable table,
      Choices choices,
      Story told,
      Lines lines,
      Draws draws,
      Evaluation values) {
    FrequencySteps steps = new FrequencySteps(table, choices, told, lines, values);
    CommonSteps common = new CommonSteps(steps.sentences(), Decided.of(values));
    return new SimulationPage(
        List.of(
            steps.question(".simulated"),
            steps.data(),
            steps.hypotheses(),
            steps.expected(),
            common.conditions("simulation", "fit"),
            steps.steps().contributionsStep()),
        steps.steps().contributions(),
        steps.story(),
        "shares",
        steps.sentences(),
        draws,
        values);
  }

  @Override
  public Verdict verdict() {
    return new Verdict(
        List.of(
            new Verdict.Item(Phrase.of("verdict.statistic"), X2, Verdict.Form.WITH_SYMBOL),
            new Verdict.Item(Phrase.of("verdict.drawn"), DRAWN),
            new Verdict.Item(Phrase.of("verdict.p.simulated"), P)),
        decided.decision(),
        decided.verdict(say, "verdict." + story));
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
        List.of(
            say.prose("statistic.how"),
            Block.Working.of(X2),
            say.remark(Tone.CHECKED, "statistic.second-route"),
            say.prose("statistic.simulation")));
  }

  private Step simulation() {
    double observed = values.find(X2).map(Value::asDouble).orElse(0.0);
    return new Step(
        "simulation",
        say.summary("simulation").with("hits", HITS),
        List.of(
            say.prose("simulation." + drawn),
            new Block.TypedNumber(
                say.phrase("simulation.repetitions"), TypedNumbers.REPETITIONS.id(), DRAWN),
            new Block.TypedNumber(
                Phrase.of("simulation.seed").with("seed", SEED), TypedNumbers.SEED.id(), SEED),
            new Block.Histogram(
                draws.histogram(CLASSES, observed), X2, ChiSquaredDecision.DF, DRAWN, HITS),
            new Block.Prose(say.phrase("simulation.hits").with("hits", HITS))));
  }

  private Step pValue() {
    return new Step(
        "p",
        say.summary("p").with("p", new Phrase.Stated(P)),
        List.of(
            say.prose("p.simulated"),
            Block.Working.of(P),
            say.prose("p.simulated.error"),
            Block.Working.of(LineId.of("p.error")),
            say.meaning("p.meaning." + story, P)));
  }

  private Step conclusion() {
    List<Block> remarks = new ArrayList<>(DetectableEffect.W.inConclusion(decided, say));
    remarks.addAll(
        new StudySentences(say)
            .remarks(decided, isOfGroups() ? Optional.of("") : Optional.empty()));
    return common.conclusion(
        List.of(decided.comparisonOfP("conclusion.simulated", P)),
        "conclusion." + story,
        P,
        remarks,
        say.phrase("conclusion.report.simulated." + (isOfGroups() ? "two-way" : "fit"))
            .with("statistic", new Phrase.Reported(X2, 2, Phrase.LeadingZero.KEPT))
            .with("p", new Phrase.Reported(P, 3, Phrase.LeadingZero.LEFT_OUT)));
  }

  /// Whether two variables are related, and not the categories of one to proportions.
  private boolean isOfGroups() {
    return drawn.equals("margins");
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
    blocks.addAll(contributions.ranking(say));
    blocks.add(Block.Working.of(LineId.of("w")));
    blocks.addAll(EffectInWords.W.of(decided, say));
    blocks.add(say.prose("closer-look.power.critical"));
    blocks.add(Block.Working.of(LineId.of("crit.curve")));
    blocks.addAll(DetectableEffect.W.blocks(say));
    return new Step("closer-look", say.summary("closer-look.simulation"), blocks);
  }
}
