package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.FrequencyTable.Stated;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.ProcedureOption.Scope;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The steps of counts against equal or stated shares up to the statistic, however that is judged.
public final class FrequencySteps {
  /// Whether shares that do not add up may be rescaled.
  public static final ProcedureOption.OneOf SHARES =
      new ProcedureOption.OneOf("shares", "expected", "", "as-stated", "rescaled")
          .within(Scope.STATED_SHARES)
          .setBy("rescale", "rescaled");

  /// What the stated numbers are, where that is not for the program to find out.
  public static final ProcedureOption.OneOf STATED =
      new ProcedureOption.OneOf(
              "stated",
              "data",
              "shares",
              "recognised",
              "probabilities",
              "percentages",
              "ratio",
              "counts")
          .within(Scope.STATED_SHARES);

  private static final LineId N = LineId.of("n");

  private final FrequencyTable table;
  private final Choices choices;
  private final Lines lines;
  private final String story;
  private final Sentences say;
  private final CommonSteps common;
  private final CategorySteps steps;

  /// The steps of a table of frequencies.
  ///
  /// @param values what the lines come to
  public FrequencySteps(
      FrequencyTable table, Choices choices, Story told, Lines lines, Evaluation values) {
    this.table = table;
    this.choices = choices;
    this.lines = lines;
    this.story = isStated() ? "fit-stated" : "fit-equal";
    StoryWords words = new StoryWords(told);
    this.say =
        words.sentences(
            Map.of(
                "row", words.row(table.variable()),
                "categories", words.categories(table.variable()),
                "many", StoryWords.count(table.labels().size()),
                "rows", new Phrase.Words(Integer.toString(table.labels().size())),
                "n", new Phrase.Number(N),
                "df", new Phrase.Number(ChiSquaredDecision.DF),
                "stated", new Phrase.Nested(Phrase.of("stated." + table.stated().key()))));
    this.common = new CommonSteps(say, Decided.of(values));
    this.steps = new CategorySteps(table.labels(), lines, values, say);
  }

  /// What becomes of shares that do not add up.
  public static Rescaling rescaling(Choices choices) {
    return choices.option(SHARES).equals("rescaled") ? Rescaling.ALLOWED : Rescaling.REFUSED;
  }

  /// How the shares are stated, where that is chosen.
  public static Optional<Stated> stated(Choices choices) {
    return switch (choices.option(STATED)) {
      case "probabilities" -> Optional.of(Stated.PROBABILITIES);
      case "percentages" -> Optional.of(Stated.PERCENTAGES);
      case "ratio" -> Optional.of(Stated.RATIO);
      case "counts" -> Optional.of(Stated.EXPECTED_COUNTS);
      default -> Optional.empty();
    };
  }

  private boolean isStated() {
    return table.stated() != Stated.EQUAL;
  }

  /// The sentences of this table.
  public Sentences sentences() {
    return say;
  }

  /// `fit-equal` or `fit-stated`.
  public String story() {
    return story;
  }

  /// The steps that any test on categories has.
  public CategorySteps steps() {
    return steps;
  }

  /// The question as it was asked, and the name of the test.
  ///
  /// @param how the ending of the test's name, such as `.simulated`; may be empty
  public Step question(String how) {
    return common.question("fit", "fit" + how);
  }

  /// Both hypotheses and the level.
  public Step hypotheses() {
    return common.hypotheses(story);
  }

  /// The counts, with the stated shares where there are any.
  public Step data() {
    List<String> families = isStated() ? List.of("O", "stated") : List.of("O");
    List<LineId> totals = isStated() ? List.of(N, LineId.of("stated.sum")) : List.of(N);
    return new Step(
        "data",
        say.summary("data.fit"),
        List.of(
            say.prose("data.intro.fit"),
            new Block.DataEntry(steps.columns("table.observed.plain", families, totals)),
            say.prose(isStated() ? "data.shares.stated" : "data.shares.equal")));
  }

  /// Shares and expected counts with their working.
  public Step expected() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("expected.why." + story));
    if (isStated()) {
      blocks.add(say.prose("expected.shares." + sharesKey()));
    }
    blocks.add(new Block.Working(lines.family("s"), steps.example("s")));
    blocks.addAll(steps.expectedCounts());
    return new Step(
        "expected", say.summary("expected").with("cells", table.labels().size()), blocks);
  }

  private String sharesKey() {
    return rescaling(choices) == Rescaling.ALLOWED ? "rescaled" : table.stated().key();
  }
}
