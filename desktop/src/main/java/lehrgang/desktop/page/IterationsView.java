package lehrgang.desktop.page;

import java.util.List;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import lehrgang.core.page.PageBlock;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;

/// The trials that lead to a number, one below the other.
final class IterationsView extends VBox {
  IterationsView(PageBlock.Iterations iterations, BlockViews views) {
    getStyleClass().add(Style.TABLE);
    getChildren()
        .addAll(
            views.rewritable(
                iterations.template(),
                Labels.label(iterations.caption(), Style.CAPTION),
                iterations.caption()),
            table(iterations, iterations.first()));
    if (!iterations.rest().isEmpty()) {
      getChildren().add(new Folded(iterations.heading(), table(iterations, iterations.rest())));
    }
  }

  private static GridPane table(PageBlock.Iterations iterations, List<List<String>> rows) {
    GridPane pane = new GridPane();
    pane.getStyleClass().add(Style.LIST);
    for (int j = 0; j < iterations.head().size(); j++) {
      pane.add(Labels.head(iterations.head().get(j)), j, 0);
      for (int i = 0; i < rows.size(); i++) {
        pane.add(Labels.entry(rows.get(i).get(j)), j, i + 1);
      }
    }
    return pane;
  }
}
