package lehrgang.desktop.recipe;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextField;
import lehrgang.core.cases.RecipeStep;

/// The order in which the values stand in the table.
final class OrderFields extends StepFields {
  private final TextField categories = field("recipe-text");

  OrderFields(StepColumn column) {
    super(column);
    categories.setText(String.join(", ", column.some()));
    getChildren().add(line("recipe.form.categories", categories));
  }

  @Override
  void recall(RecipeStep step) {
    if (step instanceof RecipeStep.Order(_, var ordered)) {
      categories.setText(String.join(", ", ordered));
    }
  }

  @Override
  Optional<RecipeStep> made() {
    List<String> ordered = listed(categories.getText());
    return ordered.isEmpty()
        ? Optional.empty()
        : Optional.of(new RecipeStep.Order(column().name(), ordered));
  }
}
