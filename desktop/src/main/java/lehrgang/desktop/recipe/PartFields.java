package lehrgang.desktop.recipe;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextField;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DatePart;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Words;

/// Which part of a date is taken, and how the dates are written.
final class PartFields extends StepFields {
  private final Picker<DatePart> part;
  private final Picker<DateOrder> order;
  private final TextField name;

  PartFields(StepColumn column) {
    super(column);
    this.name = nameField(proposed(DatePart.WEEKDAY));
    this.part =
        new Picker<DatePart>(
                Words.of("recipe.form.part"),
                value -> Words.of("recipe.form.part." + value.key()),
                value -> name.setText(column.free(proposed(value))))
            .named("recipe-part")
            .show(List.of(DatePart.values()), DatePart.WEEKDAY);
    List<DateOrder> fitting = DateOrder.fitting(column.some());
    this.order =
        new Picker<DateOrder>(
                Words.of("recipe.form.order"),
                value -> Words.of("recipe.form.order." + value.key()),
                _ -> column.changed().run())
            .named("recipe-order")
            .show(
                List.of(DateOrder.values()),
                fitting.isEmpty() ? DateOrder.YEAR_MONTH_DAY : fitting.getFirst());
    getChildren().addAll(part, order, line("recipe.form.name", name));
  }

  private String proposed(DatePart taken) {
    return RecipeStep.TakePart.usualName(taken, column().name());
  }

  @Override
  void recall(RecipeStep step) {
    if (step instanceof RecipeStep.TakePart(_, var written, var taken, var made)) {
      part.choose(taken);
      order.choose(written);
      name.setText(made);
    }
  }

  @Override
  Optional<RecipeStep> made() {
    return Optional.of(
        new RecipeStep.TakePart(column().name(), order.value(), part.value(), named(name)));
  }
}
