package lehrgang.desktop.recipe;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.TextField;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Words;

/// Which values become one, and what it is called.
final class MergeFields extends StepFields {
  private final ValueBoxes values;
  private final TextField name = field("recipe-name");

  MergeFields(StepColumn column) {
    super(column);
    this.values = new ValueBoxes(column);
    name.setPromptText(Words.of("recipe.form.as.prompt"));
    getChildren().addAll(values, line("recipe.form.as", name));
  }

  @Override
  void recall(RecipeStep step) {
    if (step instanceof RecipeStep.Rename(_, var names)) {
      values.choose(names.keySet());
      name.setText(names.values().stream().findFirst().orElse(""));
    }
  }

  @Override
  Optional<RecipeStep> made() {
    Map<String, String> names = new LinkedHashMap<>();
    values.chosen().forEach(value -> names.put(value, name.getText().strip()));
    return names.isEmpty()
        ? Optional.empty()
        : Optional.of(new RecipeStep.Rename(column().name(), names));
  }
}
