package lehrgang.core.procedure.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.Mergers;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.StudySentences;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of one question asked in layers of more than two rows or columns.
final class LargerLayersPage implements WorkedPage {
  private static final ChiSquaredDecision DECIDING = ChiSquaredDecision.plain();

  private final LayeredTable table;
  private final Evaluation values;
  private final Decided decided;
  private final LayerSteps front;
  private final Sentences say;
  private final ExpectedConditions conditions;

  LargerLayersPage(
      LayeredTable table, Choices choices, Story story, Lines lines, Evaluation values) {
    this.table = table;
    this.values = values;
    this.decided = Decided.of(values);
    this.front = new LayerSteps(table, story, lines, values);
    this.say = front.sentences();
    this.conditions = new ExpectedConditions(lines, values, choices, say);
  }

  @Override
  public Verdict verdict() {
    return DECIDING.verdict(decided, Optional.empty(), decided.verdict(say, "verdict.layers"));
  }

  @Override
  public List<Step> steps() {
    List<Step> steps = new ArrayList<>(front.front("larger"));
    steps.add(conditions.step(this::waysOn, "layers"));
    steps.add(statistic());
    steps.add(DECIDING.criticalStep(say, values, reach()));
    steps.add(pValue());
    steps.add(conclusion());
    steps.add(closerLook());
    return steps;
  }

  private int reach() {
    int rows = table.first().rows().size();
    int columns = table.first().columns().size();
    return table.layers().size() * (rows - 1) * (columns - 1);
  }

  /// Mergers of neighbours, the same in every layer.
  private List<Block> waysOn() {
    return Ways.whenConditionsFail(
        Optional.of(Mergers.of(table)), conditions::holdFor, List.of(), say);
  }

  private Step statistic() {
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(DECIDING.statistic())),
        List.of(
            say.prose("statistic.how.layers.larger"),
            Block.Working.of(DECIDING.statistic()),
            Block.Beforehand.of(
                say.prose("statistic.df.layers.larger"), Block.Working.of(ChiSquaredDecision.DF))));
  }

  private Step pValue() {
    List<Block> blocks = new ArrayList<>(DECIDING.workings(say, values, reach()));
    blocks.add(say.meaning("p.meaning.layers", DECIDING.p()));
    return new Step("p", say.summary("p").with("p", new Phrase.Stated(DECIDING.p())), blocks);
  }

  private Step conclusion() {
    List<Block> remarks = new ArrayList<>();
    if (conditions.fail()) {
      remarks.add(conditions.doubt("conclusion.layers.condition-fails"));
    }
    front.directions().misled(say, decided, LayerSteps.POOLED_P).ifPresent(remarks::add);
    remarks.addAll(new StudySentences(say).remarks(decided, Optional.of(".layers")));
    return front
        .common()
        .conclusion(
            DECIDING.comparisons(decided),
            "conclusion.layers.larger",
            DECIDING.p(),
            remarks,
            DECIDING.reported(
                say.phrase("conclusion.report.layers.plain")
                    .with("compared", LineId.of("n.compared"))));
  }

  private Step closerLook() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.layers.larger"));
    blocks.addAll(Ways.toPooled(say));
    return new Step("closer-look", say.summary("closer-look.layers"), blocks);
  }
}
