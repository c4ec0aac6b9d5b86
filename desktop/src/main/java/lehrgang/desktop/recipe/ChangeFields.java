package lehrgang.desktop.recipe;

import java.util.Optional;
import javafx.scene.control.TextField;
import lehrgang.core.cases.RecipeStep;

/// What the column of changes from one record to the next is called.
final class ChangeFields extends StepFields {
  private final TextField name;

  ChangeFields(StepColumn column) {
    super(column);
    this.name = nameField(RecipeStep.Change.usualName(column.name()));
    getChildren().add(line("recipe.form.name", name));
  }

  @Override
  void recall(RecipeStep step) {
    if (step instanceof RecipeStep.Change(_, var made)) {
      name.setText(made);
    }
  }

  @Override
  Optional<RecipeStep> made() {
    return Optional.of(new RecipeStep.Change(column().name(), named(name)));
  }
}
