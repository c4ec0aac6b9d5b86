package lehrgang.core.procedure.fit;

import java.util.List;
import java.util.Optional;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.FrequencySteps;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of a goodness-of-fit test.
final class FitPage implements WorkedPage {
  private static final LineId W = LineId.of("w");
  private static final LineId ESTIMATED = LineId.of("m");
  private static final ChiSquaredDecision DECIDING = ChiSquaredDecision.plain();

  private final int reach;
  private final Evaluation values;
  private final Decided decided;
  private final FrequencySteps front;
  private final Sentences say;
  private final ExpectedConditions conditions;

  FitPage(FrequencyTable table, Choices choices, Story told, Lines lines, Evaluation values) {
    this.reach = table.labels().size() - 1;
    this.values = values;
    this.decided = Decided.of(values);
    this.front = new FrequencySteps(table, choices, told, lines, values);
    this.say = front.sentences();
    this.conditions = new ExpectedConditions(lines, values, choices, say);
  }

  @Override
  public Verdict verdict() {
    return DECIDING.verdict(
        decided,
        Optional.of(new Verdict.Item(Phrase.of("verdict.effect.w"), W)),
        decided.verdict(say, "verdict." + front.story()));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        front.question(""),
        front.data(),
        front.hypotheses(),
        front.expected(),
        conditions.step(this::waysOn, "fit"),
        front.steps().contributionsStep(),
        statistic(),
        DECIDING.criticalStep(say, values, reach),
        front.steps().pValue(reach, "p.meaning." + front.story()),
        front
            .steps()
            .conclusion(
                decided, conditions, "conclusion." + front.story(), "conclusion.report.fit"),
        front.steps().closerLook(decided, List.of("resid", "adj"), "closer-look.residuals.fit"));
  }

  /// Mergers of neighbours, and what does not need the curve.
  private List<Block> waysOn() {
    return Ways.whenConditionsFail(
        front.steps().mergers(), conditions::holdFor, List.of("simulation"), say);
  }

  private Step statistic() {
    boolean estimates = values.sign(ESTIMATED) > 0;
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(DECIDING.statistic())),
        List.of(
            say.prose("statistic.how.fit"),
            Block.Working.of(DECIDING.statistic()),
            say.remark(Tone.CHECKED, "statistic.second-route"),
            Block.Beforehand.of(
                say.prose(estimates ? "statistic.df.fit.estimated" : "statistic.df.fit"),
                new Block.TypedNumber(
                    say.phrase("statistic.estimated").with("m", ESTIMATED),
                    TypedNumbers.ESTIMATED.id(),
                    ESTIMATED),
                Block.Working.of(ChiSquaredDecision.DF))));
  }
}
