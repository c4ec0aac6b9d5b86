package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The steps of a two-way table up to its statistic, however that is judged.
public final class TwoWaySteps {
  /// One sample with two variables, or several groups with one.
  public static final ProcedureOption.OneOf SAMPLING =
      new ProcedureOption.OneOf("sampling", "hypotheses", "story", "independence", "homogeneity");

  private static final LineId N = LineId.of("n");

  private final TwoWayTable table;
  private final Lines lines;
  private final Evaluation values;
  private final String story;
  private final Sentences say;
  private final CommonSteps common;
  private final CellTables tables;
  private final Contributions contributions;

  /// The steps of a two-way table.
  ///
  /// @param values what the lines come to
  public TwoWaySteps(
      TwoWayTable table, Choices choices, Story told, Lines lines, Evaluation values) {
    this.table = table;
    this.lines = lines;
    this.values = values;
    this.story = choices.option(SAMPLING);
    StoryWords words = new StoryWords(told);
    this.say =
        words.sentences(
            Map.of(
                "row", words.row(table.rowVariable()),
                "column", words.column(table.columnVariable()),
                "rows", new Phrase.Words(Integer.toString(table.rows().size())),
                "columns", new Phrase.Words(Integer.toString(table.columns().size())),
                "groups", words.groups(),
                "successes", words.successes(table.rows().getFirst()),
                "inFirst", words.in(table.columns().getFirst()),
                "inSecond", words.in(table.columns().getLast()),
                "n", new Phrase.Number(N),
                "df", new Phrase.Number(ChiSquaredDecision.DF)));
    this.common = new CommonSteps(say, Decided.of(values));
    this.tables = new CellTables(table, lines);
    this.contributions = new Contributions(lines, values);
  }

  /// The sentences of this table.
  public Sentences sentences() {
    return say;
  }

  /// `independence` or `homogeneity`.
  public String story() {
    return story;
  }

  /// The tables of its cells.
  public CellTables tables() {
    return tables;
  }

  /// The contributions by their size.
  public Contributions contributions() {
    return contributions;
  }

  /// The question as it was asked, and the name of the test.
  ///
  /// @param how the ending of the test's name, such as `.simulated`; may be empty
  public Step question(String how) {
    return common.question("", story + how);
  }

  /// The counts with their totals.
  public Step data() {
    return new Step(
        "data",
        say.summary("data"),
        List.of(say.prose("data.intro"), new Block.DataEntry(tables.observed())));
  }

  /// Both hypotheses and the level.
  public Step hypotheses() {
    return common.hypotheses(story);
  }

  /// The expected counts by the chosen route, with their working.
  public Step expected() {
    boolean byShare = lines.hasFamily("s");
    List<LineId> members = lines.family("E");
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("expected.why." + story));
    blocks.add(say.prose("expected.how." + (byShare ? "share" : "margins")));
    if (byShare) {
      LineId share = new LineId("s", example("E").index().subList(0, 1));
      blocks.add(new Block.Working(lines.family("s"), share));
    }
    blocks.add(new Block.Tables(List.of(tables.observed(), tables.expected())));
    blocks.add(new Block.Working(members, example("E")));
    blocks.add(say.remark(Tone.CHECKED, "expected.totals-agree"));
    return new Step("expected", say.summary("expected").with("cells", members.size()), blocks);
  }

  /// The member of a family in the first cell whose expected count is not whole: there the rounding
  /// shows.
  public LineId example(String family) {
    return lines.family("E").stream()
        .filter(id -> values.find(id).filter(count -> !count.isWhole()).isPresent())
        .findFirst()
        .map(id -> new LineId(family, id.index()))
        .orElse(LineId.of(family, 1, 1));
  }

  /// How far each cell is from what was expected.
  public Step contributionsStep() {
    return new Step(
        "contributions",
        say.summary("contributions").with("place", contributions.placeOfLargest()),
        List.of(
            say.prose("contributions.how"),
            new Block.Tables(
                List.of(
                    tables.shaded("D", "table.difference", "D"),
                    tables.shaded("K", "table.contributions", "D"))),
            new Block.Working(lines.family("K"), example("K")),
            contributions.largestInWords()));
  }

  /// The expected counts by row, then column; empty where one of them has no value.
  public List<List<Value>> expectedCounts() {
    List<List<Value>> rows = new ArrayList<>();
    for (int i = 1; i <= table.rows().size(); i++) {
      List<Value> row = new ArrayList<>();
      for (int j = 1; j <= table.columns().size(); j++) {
        values.find(LineId.of("E", i, j)).ifPresent(row::add);
      }
      if (row.size() < table.columns().size()) {
        return List.of();
      }
      rows.add(row);
    }
    return rows;
  }
}
