package lehrgang.documents.solutionfile;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionText.DataText;
import lehrgang.documents.solutionfile.SolutionText.LossText;
import lehrgang.documents.solutionfile.SolutionText.RecordsText;
import lehrgang.documents.solutionfile.SolutionText.TableText;
import lehrgang.documents.solutionfile.SolutionText.TallyText;

/// Where a counted table comes from: the records or their file, and the recipe.
///
/// Records that are kept are counted anew when a solution is opened; for those in a file of their
/// own the account of the last count is kept.
final class OriginForms {
  private static final int LONGEST = 100;

  private final String name;

  /// @param name the file's name, for sentences
  OriginForms(String name) {
    this.name = name;
  }

  /// @param table as it stands in the file
  /// @throws FileProblem if the records and the recipe do not fit each other
  Optional<Origin> read(DataText data, TableEntry table) throws FileProblem {
    if (data.records().isEmpty()) {
      return Optional.empty();
    }
    RecordsText records = data.records().get();
    Recipe recipe =
        data.recipe()
            .orElseThrow(() -> new FileProblem(Phrase.of("origin.no-recipe").with("file", name)));
    checkBounds(recipe);
    DecimalSign sign = records.decimals().orElse(DecimalSign.POINT);
    if (!records.file().isEmpty()) {
      Tally tally =
          tally(
              data.counted().orElse(new TallyText(0, 0, List.of(), Optional.empty(), List.of())),
              table,
              recipe);
      return Optional.of(
          new Origin(
              new Records.InFile(
                  records.name(),
                  sign,
                  records.columns(),
                  records.file(),
                  records.checksum(),
                  records.format()),
              recipe,
              tally));
    }
    CaseTable.Collector collector = new CaseTable.Collector(records.columns());
    records.rows().forEach(collector::add);
    Records.Kept kept = new Records.Kept(records.name(), sign, collector.finish());
    return switch (Origin.count(kept, recipe)) {
      case Checked.Good<Origin>(var origin) -> Optional.of(origin);
      case Checked.Bad<Origin>(var problems) ->
          throw new FileProblem(
              Phrase.of("origin.not-fitting")
                  .with("file", name)
                  .with("reason", Wording.english().text(problems.getFirst().sentence())));
    };
  }

  /// A test that compares numbers has one number to compare with, and edges can be written out.
  private void checkBounds(Recipe recipe) throws FileProblem {
    for (RecipeStep step : recipe.steps()) {
      if (step instanceof RecipeStep.Keep(var column, var test, var values)
          && test.comparesNumbers()
          && values.stream().flatMap(v -> DecimalSign.POINT.read(v).stream()).count() != 1) {
        throw new FileProblem(
            Phrase.of("origin.one-number")
                .with("file", name)
                .with("column", column)
                .with("values", String.join(", ", values)));
      }
      if (step instanceof RecipeStep.Cut(_, var classing, _)
          && classing.edges().stream().anyMatch(edge -> Math.abs((long) edge.scale()) > LONGEST)) {
        throw new FileProblem(
            Phrase.of("origin.edges")
                .with("file", name)
                .with("edges", classing.edges().toString()));
      }
    }
  }

  private Tally tally(TallyText text, TableEntry table, Recipe recipe) throws FileProblem {
    List<Tally.Loss> losses = new ArrayList<>();
    for (LossText loss : text.losses()) {
      losses.add(new Tally.Loss(cause(loss, recipe), loss.records(), loss.examples()));
    }
    Tally.Effect none = new Tally.Effect(0, 0, Map.of(), 0, 0);
    List<Tally.Effect> effects =
        IntStream.range(0, recipe.steps().size())
            .mapToObj(k -> k < text.effects().size() ? text.effects().get(k) : none)
            .toList();
    return new Tally(table, text.read(), text.counted(), losses, effects, text.spread());
  }

  private Tally.Cause cause(LossText loss, Recipe recipe) throws FileProblem {
    if (loss.step().isPresent()) {
      int step = loss.step().get();
      if (step < 1 || step > recipe.steps().size()) {
        throw new FileProblem(
            Phrase.of("origin.loss-step")
                .with("file", name)
                .with("step", step)
                .with("steps", recipe.steps().size()));
      }
      return new Tally.SetAside(step - 1);
    }
    return new Tally.NoCategory(
        loss.column(),
        loss.why()
            .orElseThrow(() -> new FileProblem(Phrase.of("origin.loss-why").with("file", name))));
  }

  static DataText of(TableText table, Optional<Origin> origin) {
    return new DataText(
        Optional.of(table),
        origin.map(counted -> of(counted.records())),
        origin.map(Origin::recipe),
        origin
            .filter(counted -> counted.records() instanceof Records.InFile)
            .map(counted -> of(counted.tally())));
  }

  private static RecordsText of(Records records) {
    return switch (records) {
      case Records.Kept(var name, var sign, var cases) ->
          new RecordsText(
              name,
              Optional.of(sign),
              cases.columns(),
              IntStream.range(0, cases.size())
                  .mapToObj(
                      i ->
                          IntStream.range(0, cases.columns().size())
                              .mapToObj(j -> cases.field(i, j))
                              .toList())
                  .toList(),
              "",
              "",
              Map.of());
      case Records.InFile(var name, var sign, var columns, var path, var checksum, var format) ->
          new RecordsText(
              name, Optional.of(sign), columns, List.of(), path, checksum, new TreeMap<>(format));
    };
  }

  private static TallyText of(Tally tally) {
    return new TallyText(
        tally.read(),
        tally.counted(),
        tally.losses().stream().map(OriginForms::of).toList(),
        tally.spread(),
        tally.effects());
  }

  private static LossText of(Tally.Loss loss) {
    return switch (loss.cause()) {
      case Tally.SetAside(var step) ->
          new LossText(
              loss.records(), Optional.of(step + 1), "", Optional.empty(), loss.examples());
      case Tally.NoCategory(var column, var why) ->
          new LossText(loss.records(), Optional.empty(), column, Optional.of(why), loss.examples());
    };
  }
}
