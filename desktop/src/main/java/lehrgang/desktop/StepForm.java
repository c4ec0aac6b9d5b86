package lehrgang.desktop;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.Classing;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DatePart;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Spellings;
import lehrgang.core.number.NumberStyle;

/// What one step of a recipe is to do, to be filled in.
final class StepForm extends VBox {
  /// The sorts of steps.
  enum Sort {
    KEEP,
    MERGE,
    RENAME,
    ORDER,
    CUT,
    PART,
    CHANGE,
    COMBINE;

    String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    static Sort of(RecipeStep step) {
      return switch (step) {
        case RecipeStep.Keep _ -> KEEP;
        case RecipeStep.Rename(_, var names) ->
            names.values().stream().distinct().count() > 1 ? RENAME : MERGE;
        case RecipeStep.Order _ -> ORDER;
        case RecipeStep.Cut _ -> CUT;
        case RecipeStep.TakePart _ -> PART;
        case RecipeStep.Change _ -> CHANGE;
        case RecipeStep.Combine _ -> COMBINE;
      };
    }
  }

  private static final int MOST_VALUES = ColumnValues.MOST;
  private static final int CLASSES = 5;

  private final Origin origin;
  private final ColumnValues asked;
  private final Sort sort;
  private final List<String> columns;
  private final VBox more = new VBox();
  private final TextField text = field("recipe-text");
  private final TextField name = field("recipe-name");
  private final List<CheckBox> values = new ArrayList<>();
  private final Map<String, TextField> renamed = new LinkedHashMap<>();
  private final Picker<RecipeStep.Test> test;
  private final Picker<Classing.Closed> closed;
  private final CheckBox open = new CheckBox(Words.of("recipe.form.open"));
  private final Picker<DatePart> part;
  private final Picker<DateOrder> order;
  private final Picker<String> other;
  private String column;
  private Optional<RecipeStep> given;
  private Runnable changed = () -> {};

  StepForm(Origin origin, int place, Sort sort, Optional<RecipeStep> given) {
    this.origin = origin;
    this.asked = new ColumnValues(origin, place);
    this.sort = sort;
    this.given = given;
    this.columns = origin.recipe().columnsAfter(origin.records().columns(), place);
    this.column = given.map(RecipeStep::column).orElseGet(this::likely);
    this.test =
        new Picker<RecipeStep.Test>(
                Words.of("recipe.form.test"),
                value -> Words.of("recipe.form.test." + value.key()),
                _ -> fill())
            .named("recipe-test")
            .show(
                List.of(RecipeStep.Test.values()),
                given
                    .filter(RecipeStep.Keep.class::isInstance)
                    .map(step -> ((RecipeStep.Keep) step).test())
                    .orElse(RecipeStep.Test.IS));
    this.closed =
        new Picker<Classing.Closed>(
                Words.of("recipe.form.edge"),
                value -> Words.of("recipe.form.edge." + value.key()),
                _ -> changed.run())
            .named("recipe-closed")
            .show(List.of(Classing.Closed.values()), Classing.Closed.LEFT);
    this.part =
        new Picker<DatePart>(
                Words.of("recipe.form.part"),
                value -> Words.of("recipe.form.part." + value.key()),
                _ -> name.setText(free(part().key() + " of " + column)))
            .named("recipe-part")
            .show(List.of(DatePart.values()), DatePart.WEEKDAY);
    this.order =
        new Picker<DateOrder>(
                Words.of("recipe.form.order"),
                value -> Words.of("recipe.form.order." + value.key()),
                _ -> changed.run())
            .named("recipe-order");
    this.other =
        new Picker<String>(Words.of("recipe.form.other"), value -> value, _ -> changed.run())
            .named("recipe-other");
    getStyleClass().add("step-form");
    more.getStyleClass().add("step-form");
    Label title = new Label(Words.of("recipe.add." + sort.key()));
    title.getStyleClass().add("start-head");
    Picker<String> which =
        new Picker<String>(
                Words.of("recipe.form.column"),
                value -> value,
                value -> {
                  column = value;
                  this.given = Optional.empty();
                  fill();
                  askAll();
                })
            .named("recipe-column")
            .show(columns, column);
    getChildren().addAll(title, which, more);
    text.textProperty().subscribe(_ -> changed.run());
    name.textProperty().subscribe(_ -> changed.run());
    open.setId("recipe-open");
    open.selectedProperty().subscribe(_ -> changed.run());
    fill();
  }

  /// Asks a file of records for all its values, and shows them when they are there.
  void askAll() {
    asked.askAll(
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

  private static TextField field(String id) {
    TextField field = new TextField();
    field.setId(id);
    field.getStyleClass().add("recipe-field");
    return field;
  }

  private DatePart part() {
    return part.value() == null ? DatePart.WEEKDAY : part.value();
  }

  /// A column that such a step is likely for.
  private String likely() {
    List<String> counted = origin.recipe().count().named();
    return switch (sort) {
      case CUT, CHANGE -> asked.firstWhere(columns, asked::isNumeric);
      case PART ->
          asked.firstWhere(columns, name -> !DateOrder.fitting(asked.someOf(name)).isEmpty());
      default -> columns.contains(counted.getFirst()) ? counted.getFirst() : columns.getFirst();
    };
  }

  /// A name for a new column that is not taken.
  private String free(String wanted) {
    List<String> taken =
        origin.recipe().columnsAfter(origin.records().columns(), origin.recipe().steps().size());
    String own = wanted;
    for (int again = 2; taken.contains(own); again++) {
      own = wanted + " " + again;
    }
    return own;
  }

  private void fill() {
    values.clear();
    renamed.clear();
    more.getChildren().clear();
    switch (sort) {
      case KEEP -> keep();
      case MERGE -> {
        more.getChildren().addAll(checks(), line("recipe.form.as", name));
        name.setPromptText(Words.of("recipe.form.as.prompt"));
      }
      case RENAME -> more.getChildren().add(newNames());
      case ORDER -> {
        more.getChildren().add(line("recipe.form.categories", text));
        text.setText(String.join(", ", asked.someOf(column)));
      }
      case CUT -> cut();
      case PART -> {
        List<DateOrder> fitting = DateOrder.fitting(asked.someOf(column));
        order.show(
            List.of(DateOrder.values()),
            fitting.isEmpty() ? DateOrder.YEAR_MONTH_DAY : fitting.getFirst());
        more.getChildren().addAll(part, order, line("recipe.form.name", name));
        name.setText(free(part().key() + " of " + column));
      }
      case CHANGE -> {
        more.getChildren().add(line("recipe.form.name", name));
        name.setText(free("change of " + column));
      }
      case COMBINE -> {
        other.show(columns.stream().filter(value -> !value.equals(column)).toList(), null);
        more.getChildren().addAll(other, line("recipe.form.name", name));
        name.setText(free(column + ", combined"));
      }
    }
    given.ifPresent(this::recall);
    changed.run();
  }

  private void keep() {
    more.getChildren().add(test);
    boolean numbers =
        test.value() == RecipeStep.Test.AT_LEAST || test.value() == RecipeStep.Test.AT_MOST;
    if (numbers || asked.counts(column).size() > MOST_VALUES) {
      more.getChildren().add(line("recipe.form.value", text));
      text.setText("");
    } else {
      more.getChildren().add(checks());
    }
  }

  private void cut() {
    List<BigDecimal> numbers =
        asked.counts(column).entrySet().stream()
            .flatMap(
                entry ->
                    asked.sign().read(entry.getKey()).stream()
                        .flatMap(
                            number ->
                                IntStream.range(0, (int) Math.min(100, entry.getValue()))
                                    .mapToObj(_ -> number)))
            .toList();
    text.setText(numbers.isEmpty() ? "" : edges(Classing.proposed(numbers, CLASSES).edges()));
    more.getChildren()
        .addAll(line("recipe.form.edges", text), closed, open, line("recipe.form.name", name));
    name.setText(free(column + " class"));
  }

  private static String edges(List<BigDecimal> edges) {
    return edges.stream()
        .map(edge -> edge.stripTrailingZeros().toPlainString())
        .collect(Collectors.joining("; "));
  }

  /// Shows a step that is to be changed.
  private void recall(RecipeStep step) {
    switch (step) {
      case RecipeStep.Keep(_, _, var kept) -> {
        values.forEach(value -> value.setSelected(kept.contains(value.getUserData())));
        text.setText(String.join("; ", kept));
      }
      case RecipeStep.Rename(_, var names) -> {
        values.forEach(value -> value.setSelected(names.containsKey(value.getUserData())));
        name.setText(names.values().stream().findFirst().orElse(""));
        renamed.forEach((old, field) -> field.setText(names.getOrDefault(old, old)));
      }
      case RecipeStep.Order(_, var categories) -> text.setText(String.join(", ", categories));
      case RecipeStep.Cut(_, var classing, var made) -> {
        text.setText(edges(classing.edges()));
        closed.choose(classing.closed());
        open.setSelected(classing.ends() == Classing.Ends.OPEN);
        name.setText(made);
      }
      case RecipeStep.TakePart(_, var written, var taken, var made) -> {
        part.choose(taken);
        order.choose(written);
        name.setText(made);
      }
      case RecipeStep.Change(_, var made) -> name.setText(made);
      case RecipeStep.Combine(_, var second, var made) -> {
        other.choose(second);
        name.setText(made);
      }
    }
  }

  private Node checks() {
    FlowPane boxes = new FlowPane();
    boxes.getStyleClass().add("recipe-values");
    asked.counts(column).entrySet().stream()
        .limit(MOST_VALUES)
        .forEach(
            entry -> {
              CheckBox box = new CheckBox(withCount(entry));
              box.setUserData(entry.getKey());
              box.selectedProperty().subscribe(_ -> changed.run());
              values.add(box);
              boxes.getChildren().add(box);
            });
    return boxes;
  }

  private static String withCount(Map.Entry<String, Long> value) {
    return Spellings.visible(value.getKey()) + "  " + NumberStyle.whole(value.getValue());
  }

  /// A field for the new name of each value; those that keep theirs are left as they are.
  private Node newNames() {
    GridPane list = new GridPane();
    list.getStyleClass().add("recipe-names");
    asked.counts(column).entrySet().stream()
        .limit(MOST_VALUES)
        .forEach(
            entry -> {
              TextField field = field("recipe-name-" + (renamed.size() + 1));
              field.setText(entry.getKey());
              field.setAccessibleText(Words.of("recipe.form.new-name", entry.getKey()));
              field.textProperty().subscribe(_ -> changed.run());
              Label old = new Label(withCount(entry));
              old.getStyleClass().add("picker-name");
              list.addRow(renamed.size(), old, field);
              renamed.put(entry.getKey(), field);
            });
    return list;
  }

  private static Node line(String key, TextField field) {
    Label label = new Label(Words.of(key));
    label.getStyleClass().add("picker-name");
    label.setLabelFor(field);
    label.setMinWidth(USE_PREF_SIZE);
    field.setAccessibleText(Words.of(key));
    HBox.setHgrow(field, Priority.ALWAYS);
    HBox line = new HBox(label, field);
    line.getStyleClass().add("picker");
    return line;
  }

  private List<String> chosen() {
    return values.stream()
        .filter(CheckBox::isSelected)
        .map(box -> box.getUserData().toString())
        .toList();
  }

  private List<String> listed() {
    return Arrays.stream(text.getText().split("[;,]"))
        .map(String::strip)
        .filter(part -> !part.isEmpty())
        .toList();
  }

  /// The step as it is filled in; empty while something is missing.
  Optional<RecipeStep> made() {
    return switch (sort) {
      case KEEP -> kept();
      case MERGE -> merged();
      case RENAME -> renamed();
      case ORDER ->
          listed().isEmpty()
              ? Optional.empty()
              : Optional.of(new RecipeStep.Order(column, listed()));
      case CUT -> classing().map(classing -> new RecipeStep.Cut(column, classing, named()));
      case PART -> Optional.of(new RecipeStep.TakePart(column, order.value(), part(), named()));
      case CHANGE -> Optional.of(new RecipeStep.Change(column, named()));
      case COMBINE ->
          Optional.ofNullable(other.value())
              .map(second -> new RecipeStep.Combine(column, second, named()));
    };
  }

  private Optional<RecipeStep> kept() {
    RecipeStep.Test wanted = test.value();
    boolean numbers = wanted == RecipeStep.Test.AT_LEAST || wanted == RecipeStep.Test.AT_MOST;
    if (numbers) {
      return asked
          .sign()
          .read(text.getText())
          .map(bound -> new RecipeStep.Keep(column, wanted, List.of(bound.toPlainString())));
    }
    List<String> all = values.isEmpty() ? listed() : chosen();
    return all.isEmpty() ? Optional.empty() : Optional.of(new RecipeStep.Keep(column, wanted, all));
  }

  private Optional<RecipeStep> merged() {
    Map<String, String> names = new LinkedHashMap<>();
    chosen().forEach(value -> names.put(value, name.getText().strip()));
    return names.isEmpty() ? Optional.empty() : Optional.of(new RecipeStep.Rename(column, names));
  }

  private Optional<RecipeStep> renamed() {
    Map<String, String> names = new LinkedHashMap<>();
    renamed.forEach(
        (old, field) -> {
          String wanted = field.getText().strip();
          if (!wanted.equals(old)) {
            names.put(old, wanted);
          }
        });
    return names.isEmpty() ? Optional.empty() : Optional.of(new RecipeStep.Rename(column, names));
  }

  private Optional<Classing> classing() {
    List<String> typed =
        Arrays.stream(text.getText().split(asked.sign() == DecimalSign.COMMA ? "[;]" : "[;,]"))
            .map(String::strip)
            .filter(part -> !part.isEmpty())
            .toList();
    List<BigDecimal> edges =
        typed.stream().flatMap(part -> asked.sign().read(part).stream()).toList();
    if (edges.size() < typed.size()) {
      return Optional.empty();
    }
    try {
      return Optional.of(
          new Classing(
              edges,
              closed.value(),
              open.isSelected() ? Classing.Ends.OPEN : Classing.Ends.CLOSED));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  private String named() {
    return name.getText().isBlank() ? free(column + " 2") : name.getText().strip();
  }

  /// What is missing.
  String whatIsWrong() {
    return Words.of("recipe.wrong." + sort.key());
  }
}
