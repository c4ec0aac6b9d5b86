package lehrgang.desktop.recipe;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A field for the new name of each value; those that keep theirs are left as they are.
final class RenameFields extends StepFields {
  private final Map<String, TextField> fields = new LinkedHashMap<>();

  RenameFields(StepColumn column) {
    super(column);
    GridPane list = new GridPane();
    list.getStyleClass().add(Style.RECIPE_NAMES);
    column.counts().entrySet().stream()
        .limit(ColumnValues.MOST)
        .forEach(
            entry -> {
              TextField field = field("recipe-name-" + (fields.size() + 1));
              field.setText(entry.getKey());
              field.setAccessibleText(Words.of("recipe.form.new-name", entry.getKey()));
              Label old = new Label(ValueBoxes.withCount(entry));
              old.getStyleClass().add(Style.PICKER_NAME);
              list.addRow(fields.size(), old, field);
              fields.put(entry.getKey(), field);
            });
    getChildren().add(list);
  }

  @Override
  void recall(RecipeStep step) {
    if (step instanceof RecipeStep.Rename(_, var names)) {
      fields.forEach((old, field) -> field.setText(names.getOrDefault(old, old)));
    }
  }

  @Override
  Optional<RecipeStep> made() {
    Map<String, String> names = new LinkedHashMap<>();
    fields.forEach(
        (old, field) -> {
          String wanted = field.getText().strip();
          if (!wanted.equals(old)) {
            names.put(old, wanted);
          }
        });
    return names.isEmpty()
        ? Optional.empty()
        : Optional.of(new RecipeStep.Rename(column().name(), names));
  }
}
