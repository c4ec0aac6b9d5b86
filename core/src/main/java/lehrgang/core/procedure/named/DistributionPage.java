package lehrgang.core.procedure.named;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.named.DistributionLines.Model;
import lehrgang.core.procedure.parts.CategorySteps;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.StoryWords;
import lehrgang.core.procedure.parts.Ways;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The page of a fit to a named distribution.
final class DistributionPage implements WorkedPage {
  private static final LineId N = LineId.of("n");
  private static final LineId W = LineId.of("w");
  private static final LineId TRIALS = LineId.of("N");
  private static final ChiSquaredDecision DECIDING = ChiSquaredDecision.plain();

  private final OpenClasses classes;
  private final Model model;
  private final ClassGroups groups;
  private final Choices choices;
  private final Lines lines;
  private final Evaluation values;
  private final Decided decided;
  private final Sentences say;
  private final CommonSteps common;
  private final CategorySteps steps;
  private final ExpectedConditions conditions;
  private final String law;

  DistributionPage(
      OpenClasses classes,
      Model model,
      ClassGroups groups,
      Choices choices,
      Story story,
      Lines lines,
      Evaluation values) {
    this.classes = classes;
    this.model = model;
    this.groups = groups;
    this.choices = choices;
    this.lines = lines;
    this.values = values;
    this.law = model.law().key();
    this.decided = Decided.of(values);
    StoryWords told = new StoryWords(story);
    this.say =
        told.sentences(
            Map.of(
                "row", told.row(classes.variable()),
                "rows", new Phrase.Words(Integer.toString(classes.size())),
                "left", new Phrase.Words(Integer.toString(groups.size())),
                "last", new Phrase.Words(Integer.toString(classes.last())),
                "n", new Phrase.Number(N),
                "df", new Phrase.Number(ChiSquaredDecision.DF),
                "distribution", distribution()));
    this.common = new CommonSteps(say, decided);
    this.steps =
        new CategorySteps(
            lines.family("O").stream().map(id -> ((Phrase.Words) label(id)).text()).toList(),
            lines,
            values,
            say);
    this.conditions = new ExpectedConditions(lines, values, choices, say);
  }

  /// The distribution, with the parameter that H₀ states.
  private Phrase.Filling distribution() {
    Phrase plain = Phrase.of("distribution." + law + (isStated() ? ".stated" : ""));
    return new Phrase.Nested(isStated() ? plain.with("number", model.law().parameter()) : plain);
  }

  private Phrase.Filling label(LineId id) {
    return lines.line(id).place().fillings().values().iterator().next();
  }

  @Override
  public Verdict verdict() {
    return DECIDING.verdict(
        decided,
        Optional.of(new Verdict.Item(Phrase.of("verdict.effect.w"), W)),
        decided.verdict(say, "verdict.named"));
  }

  @Override
  public List<Step> steps() {
    return List.of(
        common.question("fit", "named"),
        data(),
        common.hypotheses("named"),
        parameter(),
        expected(),
        conditions.step(this::waysOn, "fit"),
        steps.contributionsStep(),
        statistic(),
        DECIDING.criticalStep(say, values, reach()),
        steps.pValue(reach(), "p.meaning.named"),
        steps.conclusion(decided, conditions, "conclusion.named", "conclusion.report.named"),
        steps.closerLook(decided, List.of("resid"), "closer-look.residuals.named"));
  }

  /// The most degrees of freedom that so many classes can have.
  private int reach() {
    return classes.size() - 1;
  }

  private boolean isStated() {
    return model.stated().isPresent();
  }

  private CellTable table(String title, List<String> families, List<LineId> totals) {
    return new CellTable(
        Phrase.of(title),
        classes.labels().stream().map(Phrase::label).toList(),
        families.stream().map(family -> Phrase.of("head." + family)).toList(),
        IntStream.range(0, classes.size())
            .mapToObj(x -> families.stream().map(family -> LineId.of(family, x)).toList())
            .toList(),
        Optional.empty(),
        List.of(),
        totals,
        Optional.empty());
  }

  private Step data() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("data.intro.named"));
    blocks.add(new Block.DataEntry(table("table.observed.plain", List.of("F"), List.of(N))));
    if (model.reachesBeyond(classes.last())) {
      blocks.add(say.prose("data.last-class-open"));
    }
    return new Step("data", say.summary("data.fit"), blocks);
  }

  private Step parameter() {
    LineId parameter = model.law().parameter();
    List<Block> blocks = new ArrayList<>();
    if (model.law() == DistributionLaw.BINOMIAL) {
      blocks.add(
          new Block.TypedNumber(
              say.phrase("parameter.trials").with("trials", TRIALS),
              NamedDistribution.TRIALS.id(),
              TRIALS));
    }
    String field =
        (model.law() == DistributionLaw.POISSON ? NamedDistribution.MEAN : NamedDistribution.CHANCE)
            .id();
    blocks.add(
        new Block.TypedNumber(
            say.phrase("parameter." + law + (isStated() ? ".stated" : ".estimated"))
                .with("number", parameter),
            field,
            parameter));
    if (!isStated()) {
      blocks.add(say.prose("parameter.how." + law));
      blocks.add(Block.Working.of(LineId.of("T")));
      blocks.add(Block.Working.of(parameter));
      if (model.reachesBeyond(classes.last())) {
        blocks.add(say.remark(Tone.NOTE, "parameter.last-class"));
      }
    }
    return new Step(
        "parameter",
        say.summary("parameter").with("parameter", new Phrase.Stated(parameter)),
        blocks);
  }

  private Step expected() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("expected.why.named"));
    blocks.add(say.prose("expected.formula." + law));
    if (model.reachesBeyond(classes.last())) {
      blocks.add(say.prose("expected.rest"));
    }
    blocks.add(
        new Block.Tables(
            List.of(
                table(
                    "table.expected.named",
                    List.of("F", "P", "e"),
                    List.of(N, LineId.of("P.sum"), LineId.of("e.sum"))))));
    blocks.add(new Block.Working(lines.family("P"), LineId.of("P", Math.min(2, classes.last()))));
    blocks.add(new Block.Working(lines.family("e"), LineId.of("e", Math.min(2, classes.last()))));
    if (groups.merges()) {
      blocks.add(say.prose("expected.merged"));
    }
    blocks.add(
        new Block.Tables(
            List.of(
                steps.columns(
                    groups.merges() ? "table.tested.merged" : "table.tested",
                    List.of("O", "E"),
                    List.of(N, LineId.of("E.n"))))));
    if (groups.merges()) {
      blocks.add(new Block.Working(lines.family("E"), firstMerged()));
    }
    blocks.add(say.remark(Tone.CHECKED, "expected.totals-agree.named"));
    return new Step("expected", say.summary("expected").with("cells", groups.size()), blocks);
  }

  /// The expected count of the first class that was merged.
  private LineId firstMerged() {
    return LineId.of(
        "E",
        IntStream.rangeClosed(1, groups.size())
            .filter(j -> groups.at(j).first() < groups.at(j).last())
            .findFirst()
            .orElse(1));
  }

  /// Where classes are tested as they were recorded, they can be merged.
  private List<Block> waysOn() {
    return ClassGroups.areMerged(choices)
        ? List.of()
        : List.of(
            say.prose("conditions.ways-on"),
            Ways.choose(ClassGroups.OPTION.id(), "merged", "classes"));
  }

  private Step statistic() {
    return new Step(
        "statistic",
        say.summary("statistic").with("statistic", new Phrase.Stated(DECIDING.statistic())),
        List.of(
            say.prose("statistic.how.fit"),
            Block.Working.of(DECIDING.statistic()),
            say.remark(Tone.CHECKED, "statistic.second-route"),
            Block.Beforehand.of(
                say.prose(isStated() ? "statistic.df.fit" : "statistic.df.named.estimated"),
                Block.Working.of(ChiSquaredDecision.DF))));
  }
}
