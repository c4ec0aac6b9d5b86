package lehrgang.desktop.recipe;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextField;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Words;

/// Which records are kept: those with some values, or with numbers on one side of a bound.
final class KeepFields extends StepFields {
  private final Picker<RecipeStep.Test> test;
  private final TextField text = field("recipe-text");
  private List<String> kept = List.of();
  private Optional<ValueBoxes> boxes = Optional.empty();

  KeepFields(StepColumn column) {
    super(column);
    this.test =
        new Picker<RecipeStep.Test>(
                Words.of("recipe.form.test"),
                value -> Words.of("recipe.form.test." + value.key()),
                _ -> {
                  fill();
                  column.changed().run();
                })
            .named("recipe-test")
            .show(List.of(RecipeStep.Test.values()), RecipeStep.Test.IS);
    fill();
  }

  private void fill() {
    boolean typed = test.value().comparesNumbers() || column().counts().size() > ColumnValues.MOST;
    boxes = typed ? Optional.empty() : Optional.of(new ValueBoxes(column()));
    getChildren().setAll(test, boxes.isPresent() ? boxes.get() : line("recipe.form.value", text));
    boxes.ifPresent(values -> values.choose(kept));
    text.setText(String.join("; ", kept));
  }

  @Override
  void recall(RecipeStep step) {
    if (step instanceof RecipeStep.Keep(_, var wanted, var values)) {
      kept = values;
      test.show(List.of(RecipeStep.Test.values()), wanted);
      fill();
    }
  }

  @Override
  Optional<RecipeStep> made() {
    return values()
        .filter(values -> !values.isEmpty())
        .map(values -> new RecipeStep.Keep(column().name(), test.value(), values));
  }

  private Optional<List<String>> values() {
    return test.value().comparesNumbers()
        ? column().sign().read(text.getText()).map(bound -> List.of(bound.toPlainString()))
        : Optional.of(boxes.map(ValueBoxes::chosen).orElseGet(() -> listed(text.getText())));
  }
}
