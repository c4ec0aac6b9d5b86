package lehrgang.desktop;

import java.util.function.BiFunction;
import javafx.scene.control.TextInputControl;
import lehrgang.core.solution.Solution;

/// Ties a field to a part of the solution: typing edits it at once, and leaving the field ends the
/// edit.
final class TextEditing {
  private boolean updating;

  private TextEditing() {}

  /// @param thing  the name under which the edits of this field are undone together
  /// @param change the solution with the field's new text
  static TextEditing of(
      TextInputControl field,
      Workbench workbench,
      String thing,
      BiFunction<Solution, String, Solution> change) {
    TextEditing editing = new TextEditing();
    field
        .textProperty()
        .subscribe(
            (_, text) -> {
              if (!editing.updating) {
                workbench.edit(thing, solution -> change.apply(solution, text));
              }
            });
    field.focusedProperty().subscribe(_ -> workbench.pause());
    return editing;
  }

  /// Shows what the solution holds, without making an edit of it.
  void show(TextInputControl field, String text) {
    if (!field.getText().equals(text)) {
      updating = true;
      int caret = Math.min(field.getCaretPosition(), text.length());
      field.setText(text);
      field.positionCaret(caret);
      updating = false;
    }
  }
}
