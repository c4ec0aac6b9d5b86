package lehrgang.desktop.page;

import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import lehrgang.core.page.PageBlock;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;

/// The trials that lead to a number, one below the other.
final class IterationsView extends VBox {
  IterationsView(PageBlock.Iterations iterations) {
    GridPane pane = new GridPane();
    pane.getStyleClass().add(Style.LIST);
    for (int j = 0; j < iterations.head().size(); j++) {
      pane.add(Labels.head(iterations.head().get(j)), j, 0);
      for (int i = 0; i < iterations.rows().size(); i++) {
        pane.add(Labels.entry(iterations.rows().get(i).get(j)), j, i + 1);
      }
    }
    getStyleClass().add(Style.TABLE);
    getChildren().addAll(Labels.label(iterations.caption(), Style.CAPTION), pane);
  }
}
