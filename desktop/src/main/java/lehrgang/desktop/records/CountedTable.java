package lehrgang.desktop.records;

import javafx.geometry.HPos;
import javafx.scene.Node;
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
    Preview preview = new Preview();
    for (int j = 0; j < counted.columns().size(); j++) {
      preview.head(counted.columns().get(j), HPos.RIGHT, j + 1, 0);
    }
    int rows = counted.rows().size();
    int shown = Math.min(MOST_ROWS, counted.cells().size());
    for (int i = 0; i < shown; i++) {
      String layer = counted.layers().isEmpty() ? "" : counted.layers().get(i / rows) + ": ";
      preview.head(layer + counted.rows().get(i % rows), HPos.LEFT, 0, i + 1);
      for (int j = 0; j < counted.columns().size(); j++) {
        preview.entry(counted.cells().get(i).get(j), HPos.RIGHT, j + 1, i + 1);
      }
    }
    VBox all = new VBox(preview.node());
    if (counted.cells().size() > shown) {
      all.getChildren()
          .add(
              Labels.label(
                  Words.of("records.table.more", counted.cells().size() - shown),
                  Style.RECORDS_NOTE));
    }
    return all;
  }
}
