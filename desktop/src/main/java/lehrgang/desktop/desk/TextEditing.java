package lehrgang.desktop.desk;

import java.util.function.BiFunction;
import javafx.application.Platform;
import javafx.scene.control.TextInputControl;
import lehrgang.core.solution.Solution;

/// Ties a field to a part of the solution: typing edits it at once, and leaving the field ends the
/// edit.
public final class TextEditing {
  private final TextInputControl field;
  private String wanted;
  private boolean updating;

  private TextEditing(TextInputControl field) {
    this.field = field;
    this.wanted = field.getText();
  }

  /// @param thing  the name under which the edits of this field are undone together
  /// @param change the solution with the field's new text
  public static TextEditing of(
      TextInputControl field,
      OpenSolution solution,
      String thing,
      BiFunction<Solution, String, Solution> change) {
    TextEditing editing = new TextEditing(field);
    field
        .textProperty()
        .subscribe(
            (_, text) -> {
              if (!editing.updating) {
                solution.edit(thing, now -> change.apply(now, text));
              }
            });
    field.focusedProperty().subscribe(_ -> solution.pause());
    return editing;
  }

  /// Shows what the solution holds, without making an edit of it.
  ///
  /// The toolkit goes on with the old text of a field while one of its own key events is under way,
  /// and so a field that is being typed in gets another text only after that.
  public void show(String text) {
    wanted = text;
    if (!field.isFocused()) {
      put();
    } else if (!field.getText().equals(wanted)) {
      Platform.runLater(this::put);
    }
  }

  private void put() {
    if (!field.getText().equals(wanted)) {
      updating = true;
      int caret = Math.min(field.getCaretPosition(), wanted.length());
      field.setText(wanted);
      field.positionCaret(caret);
      updating = false;
    }
  }
}
