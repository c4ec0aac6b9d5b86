package lehrgang.desktop.recipe;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Session;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What one step of a recipe is to do, to be filled in: its column, and what its sort asks for.
final class StepForm extends VBox {
  private final Origin origin;
  private final ColumnValues values;
  private final StepSort sort;
  private final List<String> columns;
  private final VBox body = new VBox();
  private String column;
  private Optional<RecipeStep> given;
  private StepFields fields;
  private Runnable changed = () -> {};

  /// @param session in which columns are looked through
  /// @param place   where the step stands in the recipe
  /// @param given   the step that is to be changed; empty for a new one
  StepForm(
      Origin origin,
      Supplier<Session> session,
      int place,
      StepSort sort,
      Optional<RecipeStep> given) {
    this.origin = origin;
    this.values = new ColumnValues(origin, session, place);
    this.sort = sort;
    this.given = given;
    this.columns = origin.recipe().columnsAfter(origin.records().columns(), place);
    this.column = given.map(RecipeStep::column).orElseGet(this::likely);
    getStyleClass().add(Style.STEP_FORM);
    Label title = new Label(Words.of("recipe.add." + sort.key()));
    title.getStyleClass().add(Style.START_HEAD);
    Picker<String> which =
        new Picker<String>(Words.of("recipe.form.column"), value -> value, this::choose)
            .named("recipe-column")
            .show(columns, column);
    getChildren().addAll(title, which, body);
    fill();
  }

  /// A column that such a step is likely for.
  private String likely() {
    String counted = origin.recipe().count().named().getFirst();
    return switch (sort) {
      case CUT, CHANGE -> values.firstWhere(columns, values::isNumeric);
      case PART ->
          values.firstWhere(columns, name -> !DateOrder.fitting(values.someOf(name)).isEmpty());
      default -> columns.contains(counted) ? counted : columns.getFirst();
    };
  }

  private void choose(String chosen) {
    column = chosen;
    given = Optional.empty();
    fill();
    askAll();
  }

  private void fill() {
    fields = sort.fields(new StepColumn(column, columns, values, origin, () -> changed.run()));
    given.ifPresent(fields::recall);
    body.getChildren().setAll(fields);
    changed.run();
  }

  /// Asks a file of records for all its values, and shows them when they are there.
  void askAll() {
    values.askAll(
        column,
        () -> {
          if (made().isEmpty()) {
            fill();
          }
        });
  }

  /// @param listener called at once and whenever something is filled in
  void onChange(Runnable listener) {
    changed = listener;
    listener.run();
  }

  /// The step as it is filled in; empty while something is missing.
  Optional<RecipeStep> made() {
    return fields.made();
  }

  /// What is missing.
  String whatIsWrong() {
    return Words.of("recipe.wrong." + sort.key());
  }
}
