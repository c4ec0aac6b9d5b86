package lehrgang.core.procedure.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.StoryWords;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The steps that fourfold layers and larger ones share.
final class LayerSteps {
  /// The p-value of all layers together.
  static final LineId POOLED_P = LineId.general("p.all", LayerLines.ALL);

  private static final LineId POOLED_STATISTIC = LineId.general("X2.all", LayerLines.ALL);

  private final LayeredTable table;
  private final Lines lines;
  private final Sentences say;
  private final CommonSteps common;
  private final LayerTables tables;
  private final LayerDirections directions;

  LayerSteps(LayeredTable table, Story story, Lines lines, Evaluation values) {
    TwoWayTable shape = table.first();
    this.table = table;
    this.lines = lines;
    StoryWords told = new StoryWords(story);
    this.say =
        told.sentences(
            Map.ofEntries(
                Map.entry("row", told.row(shape.rowVariable())),
                Map.entry("column", told.column(shape.columnVariable())),
                Map.entry("layer", told.stratum(table.layerVariable())),
                Map.entry("strata", told.strata()),
                Map.entry("successes", successes(told, shape)),
                Map.entry("inFirst", in(told, shape, shape.columns().getFirst())),
                Map.entry("inSecond", in(told, shape, shape.columns().getLast())),
                Map.entry("yes", named(shape.rowVariable(), shape.rows().getFirst())),
                Map.entry("one", named(shape.columnVariable(), shape.columns().getFirst())),
                Map.entry("other", named(shape.columnVariable(), shape.columns().getLast())),
                Map.entry("rows", words(shape.rows().size())),
                Map.entry("columns", words(shape.columns().size())),
                Map.entry("layers", words(table.layers().size())),
                Map.entry("n", new Phrase.Number(LineId.of("n"))),
                Map.entry("df", new Phrase.Number(ChiSquaredDecision.DF)),
                Map.entry("each", new Phrase.Number(LineId.of("df.each")))));
    this.common = new CommonSteps(say, Decided.of(values));
    this.tables = new LayerTables(table, lines, say);
    this.directions = new LayerDirections(table, values);
  }

  /// The units of the first row; many categories are just called yes and no, so the variable is
  /// named too where no clause is told.
  private static Phrase.Filling successes(StoryWords told, TwoWayTable shape) {
    return told.successes(named(shape.rowVariable(), shape.rows().getFirst()).text());
  }

  private static Phrase.Filling in(StoryWords told, TwoWayTable shape, String column) {
    return told.story().group(column).isPresent()
        ? told.in(column)
        : told.in(named(shape.columnVariable(), column).text());
  }

  private static Phrase.Words words(int number) {
    return new Phrase.Words(Integer.toString(number));
  }

  /// A category with its variable: many are just called yes and no.
  private static Phrase.Words named(String variable, String label) {
    return new Phrase.Words(variable + ": " + label);
  }

  Sentences sentences() {
    return say;
  }

  CommonSteps common() {
    return common;
  }

  LayerDirections directions() {
    return directions;
  }

  /// The steps up to the sums.
  ///
  /// @param size the ending of keys that differ between fourfold layers and larger ones
  List<Step> front(String size) {
    return List.of(
        common.question("layers", "layers." + size),
        data(),
        common.hypotheses("layers." + size),
        pooled(),
        layers());
  }

  private Step data() {
    return new Step(
        "data",
        say.summary("data.layers"),
        List.of(
            say.prose("data.intro.layers"),
            new Block.DataEntry(
                IntStream.rangeClosed(1, table.layers().size())
                    .mapToObj(
                        k ->
                            tables.counts(
                                Integer.toString(k), Phrase.label(table.layers().get(k - 1))))
                    .toList())));
  }

  /// What anyone sees who does not ask for the third variable.
  private Step pooled() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("pooled.intro"));
    blocks.add(new Block.Tables(List.of(tables.counts(LayerLines.ALL, Phrase.of("table.pooled")))));
    blocks.add(Block.Working.of(POOLED_STATISTIC));
    if (table.isTwoByTwo()) {
      for (String family : List.of("p1.all", "p2.all", "diff.all")) {
        blocks.add(Block.Working.of(LineId.general(family, LayerLines.ALL)));
      }
    }
    blocks.add(
        new Block.Prose(
            say.phrase("pooled.result")
                .with("statistic", new Phrase.Stated(POOLED_STATISTIC))
                .with("p", new Phrase.Stated(POOLED_P))));
    return new Step("pooled", say.summary("pooled").with("p", new Phrase.Stated(POOLED_P)), blocks);
  }

  /// The same question within each layer, beside all together.
  private Step layers() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("layers.intro"));
    List<LineId> expected = lines.family("E");
    blocks.add(new Block.Working(expected, expected.getFirst()));
    List<LineId> statistics = lines.family("X2.layer");
    blocks.add(new Block.Working(statistics, statistics.getFirst()));
    blocks.add(new Block.Tables(List.of(tables.sideBySide())));
    notComparing().ifPresent(blocks::add);
    if (table.isTwoByTwo()) {
      blocks.add(directions.bars(say));
    }
    blocks.add(directions.inWords(say));
    return new Step("layers", say.summary(directions.key()), blocks);
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
}
