package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The steps that tests on a single variable's categories share.
public final class CategorySteps {
  private static final LineId N = LineId.of("n");
  private static final LineId W = LineId.of("w");

  private final List<String> labels;
  private final Lines lines;
  private final Evaluation values;
  private final Sentences say;
  private final Contributions contributions;

  /// The steps for a derivation's lines.
  ///
  /// @param labels the categories, in order
  /// @param values what the lines come to
  public CategorySteps(List<String> labels, Lines lines, Evaluation values, Sentences say) {
    this.labels = List.copyOf(labels);
    this.lines = lines;
    this.values = values;
    this.say = say;
    this.contributions = new Contributions(lines, values);
  }

  /// The contributions by their size.
  public Contributions contributions() {
    return contributions;
  }

  /// A table with a row a category and a column a family.
  public CellTable columns(String title, List<String> families, List<LineId> totals) {
    return columns(title, families, totals, Optional.empty());
  }

  /// The same, shaded by the sign of the differences.
  public CellTable shaded(String title, List<String> families, List<LineId> totals) {
    return columns(
        title, families, totals, Optional.of(ids(families.stream().map(_ -> "D").toList())));
  }

  private CellTable columns(
      String title,
      List<String> families,
      List<LineId> totals,
      Optional<List<List<LineId>>> shade) {
    return new CellTable(
        Phrase.of(title),
        labels.stream().map(Phrase::label).toList(),
        families.stream().map(family -> Phrase.of("head." + family)).toList(),
        ids(families),
        shade,
        List.of(),
        totals,
        Optional.empty());
  }

  private List<List<LineId>> ids(List<String> families) {
    return IntStream.rangeClosed(1, labels.size())
        .mapToObj(i -> families.stream().map(family -> LineId.of(family, i)).toList())
        .toList();
  }

  /// The member of a family in the first category whose expected count is not whole: there the
  /// rounding shows.
  public LineId example(String family) {
    int place =
        IntStream.rangeClosed(1, labels.size())
            .filter(
                i ->
                    values
                        .find(LineId.of("E", i))
                        .filter(expected -> !expected.isWhole())
                        .isPresent())
            .findFirst()
            .orElse(1);
    return LineId.of(family, place);
  }

  /// The shares, the expected counts, and that they add up.
  public List<Block> expectedCounts() {
    return List.of(
        say.prose("expected.how.fit"),
        new Block.Tables(
            List.of(
                columns(
                    "table.expected.fit",
                    List.of("O", "s", "E"),
                    List.of(N, LineId.of("s.sum"), LineId.of("E.n"))))),
        new Block.Working(lines.family("E"), example("E")),
        say.remark(Tone.CHECKED, "expected.totals-agree.fit"));
  }

  /// How far each category is from what was expected.
  public Step contributionsStep() {
    return new Step(
        "contributions",
        say.summary("contributions").with("place", contributions.placeOfLargest()),
        List.of(
            say.prose("contributions.how.fit"),
            new Block.Tables(
                List.of(
                    shaded("table.difference", List.of("D"), List.of()),
                    shaded("table.contributions.fit", List.of("K"), List.of(LineId.of("X2"))))),
            new Block.Working(lines.family("K"), example("K")),
            contributions.largestInWords()));
  }

  /// The expected counts as a table of one column; empty where one of them has no value.
  public Optional<Mergers> mergers() {
    List<List<Value>> rows =
        lines.family("E").stream().flatMap(id -> values.find(id).stream()).map(List::of).toList();
    return rows.size() < labels.size()
        ? Optional.empty()
        : Optional.of(new Mergers(rows, labels, List.of("")));
  }

  /// The p-value with its working, and what it means.
  ///
  /// @param reach   the most degrees of freedom that the shape of the data allows
  /// @param meaning the key of the sentence
  public Step pValue(int reach, String meaning) {
    List<Block> blocks = new ArrayList<>(ChiSquaredDecision.plain().workings(say, values, reach));
    blocks.add(say.meaning(meaning, ChiSquaredDecision.plain().p()));
    return new Step(
        "p", say.summary("p").with("p", new Phrase.Stated(ChiSquaredDecision.plain().p())), blocks);
  }

  /// Both comparisons, the decision in words, and the report.
  ///
  /// @param sentence the key of the conclusion, without its ending
  /// @param report   the key of the report line
  public Step conclusion(
      Decided decided, ExpectedConditions conditions, String sentence, String report) {
    ChiSquaredDecision deciding = ChiSquaredDecision.plain();
    List<Block> remarks = new ArrayList<>(new Deviations(lines, values, say).inConclusion(decided));
    remarks.addAll(DetectableEffect.W.inConclusion(decided, say));
    if (conditions.fail()) {
      remarks.add(conditions.doubt("conclusion.condition-fails"));
    }
    remarks.addAll(new StudySentences(say).remarks(decided, Optional.empty()));
    return new CommonSteps(say, decided)
        .conclusion(
            deciding.comparisons(decided),
            sentence,
            deciding.p(),
            remarks,
            deciding
                .reported(say.phrase(report))
                .with("effect", new Phrase.Reported(W, 2, Phrase.LeadingZero.KEPT)));
  }

  /// @param residuals the families of residuals; the last one is worked out
  /// @param about     the key of the sentence about them
  public Step closerLook(Decided decided, List<String> residuals, String about) {
    List<Block> blocks = new ArrayList<>();
    blocks.addAll(contributions.ranking(say));
    blocks.add(
        Block.PairedBars.counts(
            columns("table.observed.plain", List.of("O"), List.of(N)),
            columns("table.expected.fit", List.of("E"), List.of(N))));
    blocks.add(say.prose(about));
    blocks.add(new Block.Tables(List.of(shaded("table.residuals", residuals, List.of()))));
    blocks.add(new Block.Working(lines.family(residuals.getLast()), example(residuals.getLast())));
    blocks.addAll(new Deviations(lines, values, say).bounds());
    blocks.add(say.prose("closer-look.effect.fit"));
    blocks.add(Block.Working.of(W));
    blocks.addAll(EffectInWords.W.of(decided, say));
    blocks.addAll(DetectableEffect.W.blocks(say));
    blocks.add(say.prose("closer-look.sample-size"));
    blocks.add(SampleSizeLines.table(lines));
    return new Step("closer-look", say.summary("closer-look"), blocks);
  }
}
