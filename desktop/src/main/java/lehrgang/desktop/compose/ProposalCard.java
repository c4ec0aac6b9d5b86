package lehrgang.desktop.compose;

import java.util.List;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.compose.Proposal;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A table that is proposed, with its key numbers.
final class ProposalCard extends VBox {
  /// @param number from 1
  /// @param take   takes the table into the solution
  ProposalCard(int number, Proposal proposal, Runnable take) {
    Page page = Page.of(proposal.solution(), proposal.derivation(), Audience.FULL);
    getStyleClass().add(Style.PROPOSAL);
    TableEntry table = proposal.solution().table();
    for (int layer = 0; layer < Math.max(1, table.layers().size()); layer++) {
      if (!table.layers().isEmpty()) {
        getChildren().add(Labels.label(table.layers().get(layer), Style.CAPTION));
      }
      getChildren().add(table(table, layer));
    }
    Region space = new Region();
    VBox.setVgrow(space, Priority.ALWAYS);
    boolean rejects = page.decision().filter(Verdict.Decision.REJECT::equals).isPresent();
    Label verdict = Labels.label(page.verdictSentence(), Style.VERDICT_SENTENCE);
    verdict.getStyleClass().add(rejects ? Style.REJECT : Style.KEEP);
    Button taking = new Button(Words.of("compose.take"));
    taking.setId("compose-take-" + number);
    taking.getStyleClass().add(Style.RECORDS_WAY);
    taking.setOnAction(_ -> take.run());
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    getChildren().addAll(space, numbers(page), verdict, new HBox(between, taking));
  }

  private static Label numbers(Page page) {
    List<String> numbers =
        page.verdictItems().stream()
            .map(item -> item.label() + " " + item.number().standalone())
            .toList();
    return Labels.label(String.join(" · ", numbers), Style.PROPOSAL_NUMBERS);
  }

  private static GridPane table(TableEntry table, int layer) {
    GridPane pane = new GridPane();
    pane.getStyleClass().add(Style.LIST);
    for (int j = 0; j < table.columns().size(); j++) {
      pane.add(Labels.head(table.columns().get(j)), j + 1, 0);
    }
    int first = layer * table.rows().size();
    for (int i = 0; i < table.rows().size(); i++) {
      pane.add(Labels.rowHead(table.rows().get(i)), 0, i + 1);
      for (int j = 0; j < table.columns().size(); j++) {
        Label entry = Labels.entry(table.cells().get(first + i).get(j));
        GridPane.setHalignment(entry, HPos.RIGHT);
        pane.add(entry, j + 1, i + 1);
      }
    }
    return pane;
  }
}
