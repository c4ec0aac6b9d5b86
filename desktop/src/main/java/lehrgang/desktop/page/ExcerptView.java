package lehrgang.desktop.page;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Excerpt;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Some rows of a printed table, with the number that was looked up.
final class ExcerptView extends VBox {
  private static final double HEADS = 34;

  /// An excerpt with more columns is set closer.
  private static final int MOST_AREAS_AT_EASE = 8;

  ExcerptView(Excerpt excerpt, BlockViews views) {
    getStyleClass().add(Style.TABLE);
    getChildren().add(table(excerpt));
    String said = excerpt.sentence();
    excerpt
        .template()
        .map(template -> views.rewritable(template, sentence(said), said))
        .ifPresent(getChildren()::add);
  }

  private static GridPane table(Excerpt excerpt) {
    GridPane pane = new GridPane();
    pane.getStyleClass().add(Style.EXCERPT);
    if (excerpt.areas().size() > MOST_AREAS_AT_EASE) {
      pane.getStyleClass().add(Style.DENSE);
    }
    pane.setAccessibleText(Words.of("excerpt.name"));
    pane.getColumnConstraints().add(new ColumnConstraints(HEADS));
    pane.add(Labels.head(excerpt.corner()), 0, 0);
    for (int j = 0; j < excerpt.areas().size(); j++) {
      pane.add(Labels.head(excerpt.areas().get(j)), j + 1, 0);
    }
    for (int i = 0; i < excerpt.rows().size(); i++) {
      addRow(pane, excerpt, i);
    }
    return pane;
  }

  private static void addRow(GridPane pane, Excerpt excerpt, int i) {
    PageBlock.Row row = excerpt.rows().get(i);
    boolean own = row.own() == PageBlock.Use.OWN;
    pane.add(entry(row.head(), own), 0, i + 1);
    for (int j = 0; j < row.entries().size(); j++) {
      Label entry = entry(row.entries().get(j), own);
      entry.setMaxWidth(Double.MAX_VALUE);
      if (own && excerpt.picked().equals(Optional.of(j))) {
        entry.getStyleClass().add(Style.PICKED);
      }
      if (own && excerpt.brackets().contains(j)) {
        entry.getStyleClass().add(Style.BRACKET);
      }
      pane.add(entry, j + 1, i + 1);
    }
  }

  private static Label entry(String text, boolean own) {
    Label entry = Labels.entry(text);
    entry.getStyleClass().add(own ? Style.OWN : Style.NEIGHBOUR);
    return entry;
  }

  private static TextFlow sentence(String text) {
    Text words = new Text(text);
    words.getStyleClass().add(Style.WORDS);
    TextFlow flow = new TextFlow(words);
    flow.getStyleClass().add(Style.SENTENCE);
    flow.setAccessibleText(text);
    return flow;
  }
}
