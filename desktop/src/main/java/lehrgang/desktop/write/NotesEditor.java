package lehrgang.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StepNotes;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.TextEditing;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.kit.Writing;
import lehrgang.desktop.page.SentenceView;

/// Note, hint and source at a step, typed below it.
final class NotesEditor extends VBox {
  private final OpenSolution solution;
  private final String step;
  private final List<Consumer<Solution>> showing = new ArrayList<>();
  private Subscription following = Subscription.EMPTY;

  NotesEditor(OpenSolution solution, String step) {
    this.solution = solution;
    this.step = step;
    getStyleClass().add(Style.NOTES_EDITOR);
    add("note", StepNotes::note, StepNotes::withNote);
    add("hint", StepNotes::hint, StepNotes::withHint);
    add("source", StepNotes::source, StepNotes::withSource);
    add("to-say", StepNotes::toSay, StepNotes::withToSay);
    sceneProperty().subscribe(scene -> follow(scene != null));
  }

  /// The solution is followed while this is in a window, so that a step that is gone is let go.
  private void follow(boolean inSight) {
    following.unsubscribe();
    following =
        inSight
            ? solution.current().subscribe(now -> showing.forEach(field -> field.accept(now)))
            : Subscription.EMPTY;
  }

  private void add(
      String name,
      Function<StepNotes, String> said,
      BiFunction<StepNotes, String, StepNotes> change) {
    Writing field = Writing.text(SentenceView.TEXT_SIZE);
    field.setId("notes-" + step + "-" + name);
    field.setPromptText(Words.of("notes." + name + ".prompt"));
    field.setAccessibleText(Words.of("notes." + name));
    TextEditing editing =
        TextEditing.of(
            field,
            solution,
            field.getId(),
            (now, typed) -> now.withNotes(step, change.apply(now.notes(step), typed)));
    showing.add(now -> editing.show(said.apply(now.notes(step))));
    Label label = new Label(Words.of("notes." + name));
    label.setLabelFor(field);
    getChildren().addAll(label, field);
  }

  /// Puts the caret into the first field.
  void begin() {
    Platform.runLater(() -> getChildren().get(1).requestFocus());
  }
}
