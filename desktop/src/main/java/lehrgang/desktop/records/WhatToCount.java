package lehrgang.desktop.records;

import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.Recipe;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Which columns of the records are counted, and into what.
final class WhatToCount extends VBox {
  private final List<String> columns;
  private final FlowPane choice = new FlowPane();
  private Recipe.Form form;
  private String layers = "";
  private String rows;
  private String across;

  /// Where there is only one way to count the columns, that is proposed.
  WhatToCount(List<String> columns) {
    this.columns = columns;
    this.form = columns.size() == 1 ? Recipe.Form.ONE : Recipe.Form.TWO;
    this.rows = columns.size() <= 2 ? columns.getFirst() : "";
    this.across = columns.size() == 2 ? columns.getLast() : "";
    Label head = new Label(Words.of("records.count"));
    head.getStyleClass().add(Style.START_HEAD);
    choice.getStyleClass().add(Style.RECORDS_FORMAT);
    getChildren().addAll(head, choice);
    fill();
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
    return new Picker<String>(Words.of(key), name -> name, choose).named(id).show(columns, now);
  }

  Recipe recipe() {
    return new Recipe(
        List.of(),
        new Recipe.Count(
            form,
            rows,
            form == Recipe.Form.ONE ? "" : across,
            form == Recipe.Form.LAYERS ? layers : ""));
  }
}
