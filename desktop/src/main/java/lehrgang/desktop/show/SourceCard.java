package lehrgang.desktop.show;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Page;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.BlockViews;
import lehrgang.desktop.page.GrowingFormula;

/// Where a number that was pointed at comes from.
final class SourceCard extends VBox {
  SourceCard() {
    getStyleClass().add(Style.SHOW_CARD);
    setId("show-card");
    setVisible(false);
  }

  void show(LineId line, Page page, BlockViews views, double width) {
    Label name = Labels.label(page.name(line), Style.SHOW_CARD_NAME);
    GrowingFormula formula = views.growing(page.chain(line));
    formula.fit(width);
    formula.show(page.chain(line).links().size());
    getChildren().setAll(name, formula);
    setAccessibleText(page.name(line));
    setVisible(true);
  }

  void leave() {
    setVisible(false);
    getChildren().clear();
  }
}
