package lehrgang.desktop.records;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.Tallier;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The table that counting would give, from the first records: kept in sight while it is decided
/// what is counted.
final class CountedTable extends VBox {
  /// A file with fewer records is seen whole.
  private static final int SEEN = 200;

  /// Said where the column is chosen, with what can be made of it.
  private static final String TOO_MANY = "problem.no-categories";

  private static final int MOST_ROWS = 12;
  private static final double WIDEST = 220;

  private final CaseTable records;
  private final DecimalSign sign;

  CountedTable(CaseTable records, DecimalSign sign) {
    this.records = records;
    this.sign = sign;
    setId("counted-table");
  }

  void show(Recipe recipe) {
    if (recipe.count().named().stream().anyMatch(String::isBlank)) {
      getChildren().setAll(Labels.label(Words.of("records.table.waits"), Style.RECORDS_NOTE));
      return;
    }
    switch (Tallier.count(records, sign, recipe)) {
      case Checked.Bad<Tally>(var problems)
          when problems.getFirst().sentence().key().equals(TOO_MANY) ->
          getChildren().setAll(Labels.label(Words.of("records.table.waits"), Style.RECORDS_NOTE));
      case Checked.Bad<Tally>(var problems) ->
          getChildren()
              .setAll(
                  Labels.label(
                      Wording.english().text(problems.getFirst().sentence()), Style.RECORDS_NOTE));
      case Checked.Good<Tally>(var tally) -> getChildren().setAll(heading(), table(tally.table()));
    }
  }

  private Node heading() {
    String words =
        records.size() < SEEN
            ? Words.of("records.table")
            : Words.of("records.table.first", records.size());
    return Labels.label(words, Style.RECORDS_NOTE);
  }

  private static Node table(TableEntry counted) {
    GridPane grid = new GridPane();
    grid.getStyleClass().add(Style.RECORDS_PREVIEW);
    List<String> columns = new ArrayList<>(counted.columns());
    for (int j = 0; j < columns.size(); j++) {
      grid.add(field(columns.get(j), HPos.RIGHT, Style.RECORDS_HEAD), j + 1, 0);
    }
    int rows = counted.rows().size();
    int shown = Math.min(MOST_ROWS, counted.cells().size());
    for (int i = 0; i < shown; i++) {
      String layer = counted.layers().isEmpty() ? "" : counted.layers().get(i / rows) + ": ";
      String name = layer + counted.rows().get(i % rows);
      grid.add(field(name, HPos.LEFT, Style.RECORDS_HEAD), 0, i + 1);
      for (int j = 0; j < columns.size(); j++) {
        String count = counted.cells().get(i).get(j);
        grid.add(field(count, HPos.RIGHT, Style.RECORDS_FIELD), j + 1, i + 1);
      }
    }
    ScrollPane wide = new ScrollPane(grid);
    wide.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    wide.getStyleClass().add(Style.SIDEWAYS);
    wide.setMinHeight(Region.USE_PREF_SIZE);
    VBox all = new VBox(wide);
    if (counted.cells().size() > shown) {
      all.getChildren()
          .add(
              Labels.label(
                  Words.of("records.table.more", counted.cells().size() - shown),
                  Style.RECORDS_NOTE));
    }
    return all;
  }

  private static Label field(String text, HPos side, String style) {
    Label label = new Label(text);
    label.getStyleClass().add(style);
    label.setMaxWidth(WIDEST);
    label.setAlignment(side == HPos.RIGHT ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
    GridPane.setHalignment(label, side);
    return label;
  }
}
