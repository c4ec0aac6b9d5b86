package lehrgang.desktop.records;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Groupings;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeInWords;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.cases.Tallier;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.recipe.StepCard;
import lehrgang.desktop.recipe.StepMenu;
import org.kordamp.ikonli.javafx.FontIcon;

/// What of the records is counted, and into what: the columns, what is made of a column with too
/// many values, steps before the count, and the table that comes of it.
final class WhatToCount extends VBox {
  private final CaseTable records;
  private final DecimalSign sign;
  private final List<RecipeStep> steps = new ArrayList<>();
  private final FlowPane choice = new FlowPane();
  private final VBox proposals = new VBox();
  private final VBox done = new VBox();
  private final VBox card = new VBox();
  private final CountedTable table;
  private Recipe.Form form;
  private String layers = "";
  private String rows;
  private String across;

  /// Where there is only one way to count the columns, that is proposed.
  WhatToCount(CaseTable records, DecimalSign sign) {
    this.records = records;
    this.sign = sign;
    this.table = new CountedTable(records, sign);
    List<String> columns = records.columns();
    this.form = columns.size() == 1 ? Recipe.Form.ONE : Recipe.Form.TWO;
    this.rows = columns.size() <= 2 ? columns.getFirst() : "";
    this.across = columns.size() == 2 ? columns.getLast() : "";
    Label head = new Label(Words.of("records.count"));
    head.getStyleClass().add(Style.START_HEAD);
    choice.getStyleClass().add(Style.RECORDS_FORMAT);
    proposals.getStyleClass().add(Style.RECORDS_PROPOSALS);
    done.getStyleClass().add(Style.RECORDS_PROPOSALS);
    getStyleClass().add(Style.RECORDS_COUNT);
    StepMenu more = StepMenu.before(this::origin, card.getChildren()::setAll, use());
    getChildren().addAll(head, choice, proposals, done, card, more);
    fill();
  }

  /// The table that comes of it.
  Node table() {
    return table;
  }

  private List<String> columns() {
    return new Recipe(steps, Recipe.Count.one("")).columnsAfter(records.columns(), steps.size());
  }

  private void fill() {
    choice
        .getChildren()
        .setAll(
            forms(), column("count-rows", "records.rows." + form.key(), rows, name -> rows = name));
    if (form != Recipe.Form.ONE) {
      choice
          .getChildren()
          .add(
              column(
                  "count-columns", "records.columns." + form.key(), across, name -> across = name));
    }
    if (form == Recipe.Form.LAYERS) {
      choice
          .getChildren()
          .add(column("count-layers", "records.layers", layers, name -> layers = name));
    }
    fillSteps();
    lookAt();
  }

  /// Shows what can be made of the columns that are counted, and the table.
  private void lookAt() {
    proposals.getChildren().clear();
    recipe().count().named().stream()
        .filter(column -> !column.isBlank())
        .distinct()
        .forEach(column -> propose(column).ifPresent(proposals.getChildren()::add));
    show(proposals, !proposals.getChildren().isEmpty());
    table.show(recipe());
  }

  private static void show(Node node, boolean shown) {
    node.setManaged(shown);
    node.setVisible(shown);
  }

  private Optional<Node> propose(String column) {
    List<RecipeStep> ways =
        Groupings.of(records, sign, steps, column, Words.of("records.gathered"));
    if (ways.isEmpty()) {
      return Optional.empty();
    }
    int values = Tallier.values(records, sign, steps, column).size();
    String sentence =
        values > TableEntry.MOST_CATEGORIES
            ? Words.of("records.many-values", column, values, TableEntry.MOST_CATEGORIES)
            : Words.of("records.values", column, values);
    FlowPane buttons = new FlowPane();
    buttons.getStyleClass().add(Style.RECORDS_WAYS);
    ways.forEach(way -> buttons.getChildren().add(button(column, way)));
    return Optional.of(new VBox(Labels.label(sentence, Style.RECORDS_NOTE), buttons));
  }

  private Button button(String column, RecipeStep way) {
    Button button = Labels.literal(new Button(named(way)));
    button.getStyleClass().add(Style.RECORDS_WAY);
    button.setId("group-" + key(way));
    button.setTooltip(new Tooltip(inWords(way)));
    button.setOnAction(_ -> take(column, way));
    return button;
  }

  private static String key(RecipeStep way) {
    return switch (way) {
      case RecipeStep.TakePart(_, _, var part, _) -> part.key();
      case RecipeStep.Cut _ -> "classes";
      case RecipeStep.Change _ -> "change";
      case RecipeStep.Rename(_, var names) when isMissing(names) -> "missing";
      default -> "rare";
    };
  }

  private static boolean isMissing(Map<String, String> names) {
    return names.values().stream().allMatch(String::isEmpty);
  }

  private static String named(RecipeStep way) {
    return switch (way) {
      case RecipeStep.Cut(_, var classing, _) ->
          Words.of("records.group.classes", String.join(", ", classing.names()));
      case RecipeStep.Rename(_, var names) when isMissing(names) ->
          Words.of("records.group.missing", String.join(", ", names.keySet()));
      default -> Words.of("records.group." + key(way));
    };
  }

  private static String inWords(RecipeStep step) {
    return Wording.english().text(RecipeInWords.of(step));
  }

  /// Takes a step and counts the column that it makes in place of the one it reads.
  private void take(String column, RecipeStep step) {
    steps.add(step);
    String made = step.result();
    rows = rows.equals(column) ? made : rows;
    across = across.equals(column) ? made : across;
    layers = layers.equals(column) ? made : layers;
    fill();
  }

  private StepCard.Use use() {
    return new StepCard.Use() {
      @Override
      public void take(RecipeStep step) {
        card.getChildren().clear();
        steps.add(step);
        fill();
      }

      @Override
      public void leave() {
        card.getChildren().clear();
      }

      @Override
      public void say(String sentence) {
        leave();
        card.getChildren().setAll(Labels.label(sentence, Style.RECORDS_PROBLEM));
      }
    };
  }

  private void fillSteps() {
    done.getChildren().clear();
    for (int k = 0; k < steps.size(); k++) {
      done.getChildren().add(taken(k));
    }
    show(done, !steps.isEmpty());
  }

  private Node taken(int place) {
    Label said =
        Labels.label(
            Words.of("records.step", place + 1, inWords(steps.get(place))), Style.RECIPE_WHAT);
    Button remove = new Button("", new FontIcon("fth-x"));
    remove.getStyleClass().add(Style.QUIET);
    remove.setId("records-step-remove-" + (place + 1));
    remove.setAccessibleText(Words.of("recipe.remove", place + 1));
    remove.setTooltip(new Tooltip(Words.of("recipe.remove", place + 1)));
    remove.setOnAction(_ -> leaveOut(place));
    HBox line = new HBox(said, remove);
    line.setAlignment(Pos.CENTER_LEFT);
    line.getStyleClass().add(Style.RECORDS_LINE);
    return line;
  }

  /// Without a step, and without those that build on it; what was counted of theirs is what they
  /// read.
  private void leaveOut(int place) {
    RecipeStep left = steps.remove(place);
    left.into().ifPresent(made -> backTo(made, left.column()));
    for (int k = place; k < steps.size(); ) {
      boolean stands =
          new Recipe(steps.subList(0, k), Recipe.Count.one(""))
              .columnsAfter(records.columns(), k)
              .contains(steps.get(k).column());
      if (stands) {
        k++;
      } else {
        RecipeStep lost = steps.remove(k);
        lost.into().ifPresent(made -> backTo(made, lost.column()));
      }
    }
    List<String> there = columns();
    rows = there.contains(rows) ? rows : "";
    across = there.contains(across) ? across : "";
    layers = there.contains(layers) ? layers : "";
    fill();
  }

  private void backTo(String made, String column) {
    rows = rows.equals(made) ? column : rows;
    across = across.equals(made) ? column : across;
    layers = layers.equals(made) ? column : layers;
  }

  private Segments forms() {
    return new Segments(
        Words.of("records.count"),
        Arrays.stream(Recipe.Form.values())
            .map(
                value ->
                    new Segments.Segment(
                        value.key(),
                        Words.of("records.count." + value.key()),
                        Words.of("records.count." + value.key() + ".hint")))
            .toList(),
        form.key(),
        chosen -> {
          form = Recipe.Form.ofKey(chosen).orElseThrow();
          fill();
        });
  }

  private Picker<String> column(String id, String key, String now, Consumer<String> choose) {
    return new Picker<String>(
            Words.of(key),
            name -> name,
            name -> {
              choose.accept(name);
              lookAt();
            })
        .named(id)
        .show(columns(), now);
  }

  /// The first records as far as they are got ready; nothing of them is counted yet.
  private Origin origin() {
    TableEntry empty =
        new TableEntry(TableForm.FREQUENCIES, "", "", List.of(), List.of(), List.of());
    Tally nothing = new Tally(empty, 0, 0, List.of(), List.of(), Optional.empty());
    return new Origin(new Records.Kept("", sign, records), recipe(), nothing);
  }

  Recipe recipe() {
    return new Recipe(
        List.copyOf(steps),
        new Recipe.Count(
            form,
            rows,
            form == Recipe.Form.ONE ? "" : across,
            form == Recipe.Form.LAYERS ? layers : ""));
  }
}
