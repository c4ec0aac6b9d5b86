package lehrgang.desktop.recipe;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeInWords;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Calm;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Session;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;

/// What a step of a recipe would do, before it is taken.
///
/// Records at hand are counted at once. Of records in a file the first are, and all of them beside
/// the interface as soon as nothing was changed for a moment.
final class StepPreview extends VBox {
  private static final int FIRST = 5000;
  private static final Duration MOMENT = Duration.millis(400);

  private final Origin origin;
  private final Label effect = Labels.label("", Style.RECIPE_EFFECT);
  private final Label progress = Labels.label("", Style.RECORDS_NOTE);
  private final Calm moment = new Calm(MOMENT);
  private Optional<CaseTable> first = Optional.empty();
  private final BackgroundWork work;

  StepPreview(Origin origin, Supplier<Session> session) {
    this.origin = origin;
    this.work = new BackgroundWork(Demand.PROCESSOR, session);
    effect.setId("recipe-preview");
    progress.setId("recipe-preview-progress");
    getChildren().addAll(effect, progress);
    counting("");
    sceneProperty()
        .subscribe(
            scene -> {
              if (scene == null) {
                stop();
              }
            });
  }

  /// Shows what a step would do, or nothing while it is not filled in.
  ///
  /// @param placing gives the recipe that has the step in its place
  void show(Optional<RecipeStep> step, Function<RecipeStep, Recipe> placing) {
    stop();
    counting("");
    if (step.isEmpty()) {
      effect.setText("");
      return;
    }
    RecipeStep made = step.get();
    Recipe recipe = placing.apply(made);
    switch (origin.records()) {
      case Records.Kept kept -> effect.setText(said(Origin.count(kept, recipe), made));
      case Records.InFile there -> {
        effect.setText(ofFirst(there, recipe, made));
        counting(Words.of("recipe.preview.waits"));
        moment.restart(() -> countAll(there, recipe, made));
      }
    }
  }

  private void stop() {
    moment.stop();
    work.stop();
  }

  /// The line keeps its place where there is something to wait for.
  private void counting(String sentence) {
    progress.setText(sentence);
    progress.setManaged(origin.records() instanceof Records.InFile);
  }

  private String ofFirst(Records.InFile there, Recipe recipe, RecipeStep made) {
    try {
      if (first.isEmpty()) {
        first = Optional.of(CaseFile.of(there).first(FIRST));
      }
      Records.Kept some = new Records.Kept(there.name(), there.sign(), first.get());
      return Words.of("recipe.preview.first", NumberStyle.whole(first.get().size()))
          + " "
          + said(Origin.count(some, recipe), made);
    } catch (FileProblem e) {
      return e.getMessage();
    }
  }

  private void countAll(Records.InFile there, Recipe recipe, RecipeStep made) {
    work.begin(
        progress -> said(CaseFile.of(there).countInFile(recipe, progress), made),
        new BackgroundWork.Outcome<>(
            part -> counting(Words.of("recipe.preview.counts", Math.round(part * 100) + "\u00a0%")),
            said -> {
              effect.setText(said);
              counting("");
            },
            this::counting));
  }

  private static String said(Checked<Origin> counted, RecipeStep made) {
    Wording wording = Wording.english();
    return switch (counted) {
      case Checked.Bad<Origin>(var problems) -> wording.text(problems.getFirst().sentence());
      case Checked.Good<Origin>(var origin) -> {
        TableEntry table = origin.tally().table();
        Tally.Effect effect = origin.tally().effects().get(origin.recipe().steps().indexOf(made));
        yield wording.text(RecipeInWords.effect(made, effect))
            + " "
            + Words.of(
                "recipe.preview",
                table.rows().size(),
                table.columns().size(),
                NumberStyle.whole(origin.tally().counted()));
      }
    };
  }
}
