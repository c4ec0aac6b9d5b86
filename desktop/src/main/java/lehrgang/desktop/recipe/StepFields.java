package lehrgang.desktop.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What is filled in for a step of one sort, below the choice of its column.
abstract class StepFields extends VBox {
  private final StepColumn column;

  StepFields(StepColumn column) {
    this.column = column;
    getStyleClass().add(Style.STEP_FORM);
  }

  final StepColumn column() {
    return column;
  }

  /// Shows a step that is to be changed.
  abstract void recall(RecipeStep step);

  /// The step as it is filled in; empty while something is missing.
  abstract Optional<RecipeStep> made();

  /// A field whose typing counts.
  final TextField field(String id) {
    TextField field = new TextField();
    field.setId(id);
    field.getStyleClass().add(Style.RECIPE_FIELD);
    field.textProperty().subscribe((_, _) -> column.changed().run());
    return field;
  }

  /// The field for the name of the new column.
  final TextField nameField(String proposed) {
    TextField field = field("recipe-name");
    field.setText(column.free(proposed));
    return field;
  }

  /// What the new column is called; a name of its own where none was typed.
  final String named(TextField field) {
    return field.getText().isBlank() ? column.free(column.name() + " 2") : field.getText().strip();
  }

  /// A field with its name before it.
  static Node line(String key, TextField field) {
    Label label = new Label(Words.of(key));
    label.getStyleClass().add(Style.PICKER_NAME);
    label.setLabelFor(field);
    label.setMinWidth(USE_PREF_SIZE);
    field.setAccessibleText(Words.of(key));
    HBox.setHgrow(field, Priority.ALWAYS);
    HBox line = new HBox(label, field);
    line.getStyleClass().add(Style.PICKER);
    return line;
  }

  /// What was typed between commas or semicolons.
  static List<String> listed(String text) {
    return split(text, "[;,]");
  }

  static List<String> split(String text, String separators) {
    return Arrays.stream(text.split(separators))
        .map(String::strip)
        .filter(part -> !part.isEmpty())
        .toList();
  }
}
