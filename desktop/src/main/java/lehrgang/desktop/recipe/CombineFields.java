package lehrgang.desktop.recipe;

import java.util.Optional;
import javafx.scene.control.TextField;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Words;

/// With which other column this one is combined.
final class CombineFields extends StepFields {
  private final Picker<String> other;
  private final TextField name;

  CombineFields(StepColumn column) {
    super(column);
    this.name = nameField(column.name() + ", combined");
    this.other =
        new Picker<String>(
                Words.of("recipe.form.other"), value -> value, _ -> column.changed().run())
            .named("recipe-other")
            .show(
                column.columns().stream().filter(value -> !value.equals(column.name())).toList(),
                null);
    getChildren().addAll(other, line("recipe.form.name", name));
  }

  @Override
  void recall(RecipeStep step) {
    if (step instanceof RecipeStep.Combine(_, var second, var made)) {
      other.choose(second);
      name.setText(made);
    }
  }

  @Override
  Optional<RecipeStep> made() {
    return Optional.ofNullable(other.value())
        .map(second -> new RecipeStep.Combine(column().name(), second, named(name)));
  }
}
