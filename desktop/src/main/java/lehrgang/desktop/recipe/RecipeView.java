package lehrgang.desktop.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Spellings;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.ProvenanceSetter;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Counting;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Scrolled;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// How the table was counted from records: each step with what it did, to be changed in place.
public final class RecipeView extends VBox {
  private final OpenSolution solution;
  private final Counting counting;
  private final VBox form = new VBox();
  private final Label message = Labels.label("", Style.MESSAGE);
  private Origin shown;

  public RecipeView(OpenSolution solution, Counting counting) {
    this.solution = solution;
    this.counting = counting;
    getStyleClass().add(Style.RECIPE);
    message.setId("recipe-message");
    say("");
  }

  /// Shows how the table of the current solution came about, whether or not it can be worked out.
  public void update() {
    Optional<Origin> origin = solution.now().origin();
    if (origin.isEmpty() || origin.get().equals(shown)) {
      return;
    }
    PageBlock.Provenance provenance = ProvenanceSetter.of(origin.get(), Wording.english());
    shown = origin.get();
    say("");
    form.getChildren().clear();
    getChildren().setAll(Labels.label(provenance.intro(), Style.RECIPE_WHAT));
    if (!provenance.steps().isEmpty()) {
      getChildren().add(steps(provenance.steps()));
    }
    getChildren().addAll(form, tools(), account(provenance.account()));
    suggestions().ifPresent(getChildren()::add);
    getChildren().add(message);
  }

  private void say(String sentence) {
    message.setText(sentence);
    message.setManaged(!sentence.isEmpty());
    message.setVisible(!sentence.isEmpty());
  }

  private void recount(Recipe recipe) {
    say("");
    counting.recount(shown, recipe, this::say);
  }

  private Node steps(List<PageBlock.Stage> stages) {
    GridPane list = new GridPane();
    list.getStyleClass().add(Style.RECIPE_STEPS);
    ColumnConstraints words = new ColumnConstraints();
    words.setHgrow(Priority.ALWAYS);
    list.getColumnConstraints().addAll(new ColumnConstraints(), words, new ColumnConstraints());
    for (int k = 0; k < stages.size(); k++) {
      Label number = new Label(Integer.toString(k + 1));
      number.getStyleClass().add(Style.RECIPE_NUMBER);
      GridPane.setValignment(number, VPos.TOP);
      VBox said =
          new VBox(
              Labels.label(stages.get(k).what(), Style.RECIPE_WHAT),
              Labels.label(stages.get(k).effect(), Style.RECIPE_EFFECT));
      list.addRow(k, number, said, stepTools(k));
    }
    return list;
  }

  private Node stepTools(int place) {
    Recipe recipe = shown.recipe();
    Button edit =
        tool("fth-edit-2", "recipe.edit", place, () -> edit(place, recipe.steps().get(place)));
    Button earlier =
        tool("fth-arrow-up", "recipe.earlier", place, () -> recount(recipe.withStepEarlier(place)));
    earlier.setVisible(place > 0);
    Button remove = tool("fth-x", "recipe.remove", place, () -> recount(recipe.withoutStep(place)));
    HBox tools = new HBox(edit, earlier, remove);
    tools.getStyleClass().add(Style.RECIPE_STEP_TOOLS);
    tools.setMinWidth(USE_PREF_SIZE);
    return tools;
  }

  private static Button tool(String icon, String name, int place, Runnable action) {
    Button button = new Button("", new FontIcon(icon));
    button.getStyleClass().add(Style.QUIET);
    button.setId(name.replace('.', '-') + "-" + (place + 1));
    button.setAccessibleText(Words.of(name, place + 1));
    button.setTooltip(new Tooltip(Words.of(name, place + 1)));
    button.setOnAction(_ -> action.run());
    return button;
  }

  private void edit(int place, RecipeStep step) {
    open(place, StepSort.of(step), Optional.of(step), made -> shown.recipe().withStep(place, made));
  }

  private void add(StepSort sort) {
    open(
        shown.recipe().steps().size(),
        sort,
        Optional.empty(),
        made -> shown.recipe().withStep(made));
  }

  private void open(
      int place, StepSort sort, Optional<RecipeStep> given, Function<RecipeStep, Recipe> placing) {
    StepPreview preview = new StepPreview(shown, solution::session);
    StepCard card =
        new StepCard(shown, solution::session, place, sort, given, use(placing))
            .showing(preview, made -> preview.show(made, placing));
    form.getChildren().setAll(card);
    card.begin();
    Scrolled.revealSoon(card);
  }

  private StepCard.Use use(Function<RecipeStep, Recipe> placing) {
    return new StepCard.Use() {
      @Override
      public void take(RecipeStep step) {
        recount(placing.apply(step));
      }

      @Override
      public void leave() {
        form.getChildren().clear();
        RecipeView.this.say("");
      }

      @Override
      public void say(String sentence) {
        RecipeView.this.say(sentence);
      }
    };
  }

  private Node tools() {
    StepMenu add = new StepMenu(this::add);
    MenuItem typed = new MenuItem(Words.of("recipe.type"));
    typed.setId("recipe-type");
    typed.setOnAction(_ -> solution.edit("", now -> now.withTable(now.table())));
    add.getItems().addAll(new SeparatorMenuItem(), typed);
    FlowPane tools = new FlowPane();
    tools.getStyleClass().add(Style.RECIPE_TOOLS);
    Recipe recipe = shown.recipe();
    List<String> columns = recipe.columnsAfter(shown.records().columns(), recipe.steps().size());
    Recipe.Count count = recipe.count();
    tools
        .getChildren()
        .add(
            counted(
                "rows",
                Words.of("records.rows." + count.form().key()),
                columns,
                count.rows(),
                name -> count.withRows(name)));
    if (count.form() != Recipe.Form.ONE) {
      tools
          .getChildren()
          .add(
              counted(
                  "columns",
                  Words.of("records.columns." + count.form().key()),
                  columns,
                  count.columns(),
                  name -> count.withColumns(name)));
    }
    if (count.form() == Recipe.Form.TWO || count.form() == Recipe.Form.LAYERS) {
      List<String> without = new ArrayList<>(List.of(Words.of("records.layers.none")));
      without.addAll(columns);
      tools
          .getChildren()
          .add(
              counted(
                  "layers",
                  Words.of("records.layers"),
                  without,
                  count.form() == Recipe.Form.TWO ? without.getFirst() : count.layers(),
                  name ->
                      name.equals(without.getFirst())
                          ? count.withoutLayers()
                          : count.inLayersOf(name)));
    }
    tools.getChildren().add(add);
    return tools;
  }

  /// Which column is counted where.
  private Node counted(
      String place,
      String name,
      List<String> columns,
      String now,
      Function<String, Recipe.Count> change) {
    return new Picker<String>(
            name,
            column -> column,
            column -> recount(shown.recipe().withCount(change.apply(column))))
        .named("recipe-" + place)
        .show(columns, now);
  }

  private static Node account(List<String> account) {
    VBox lines = new VBox();
    lines.getStyleClass().add(Style.RECIPE_ACCOUNT);
    lines.getChildren().add(Labels.label(account.getFirst(), Style.RECIPE_WHAT));
    account.stream()
        .skip(1)
        .forEach(loss -> lines.getChildren().add(Labels.label(loss, Style.RECIPE_LOSS)));
    return lines;
  }

  /// Names that differ only in spelling are offered as one, never united unasked.
  private Optional<Node> suggestions() {
    Map<String, Map<String, String>> found = shown.spellings();
    if (found.isEmpty()) {
      return Optional.empty();
    }
    VBox all = new VBox();
    found.forEach(
        (column, names) -> {
          Button unite = new Button(Words.of("recipe.unite"));
          unite.setId("recipe-unite");
          unite.getStyleClass().add(Style.QUIET);
          unite.setMinWidth(USE_PREF_SIZE);
          unite.setOnAction(
              _ -> recount(shown.recipe().withStep(new RecipeStep.Rename(column, names))));
          Label said =
              Labels.label(
                  Words.of(
                      "recipe.spellings",
                      column,
                      names.keySet().stream()
                          .map(Spellings::visible)
                          .collect(Collectors.joining("”, “"))),
                  Style.RECIPE_SUGGESTION);
          HBox line = new HBox(said, unite);
          HBox.setHgrow(said, Priority.ALWAYS);
          said.setMinWidth(0);
          said.setPrefWidth(0);
          said.setMaxWidth(Double.MAX_VALUE);
          line.getStyleClass().add(Style.RECIPE_UNITE);
          all.getChildren().add(line);
        });
    return Optional.of(all);
  }
}
