package lehrgang.desktop;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.StackPane;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Chain;

/// A line worked out. When another member of its family is selected, that one takes its place.
final class WorkedView extends StackPane {
  private final List<LineId> family;
  private final Chain example;
  private final BlockViews views;
  private Optional<Chain> shown = Optional.empty();

  WorkedView(List<LineId> family, Chain example, BlockViews views) {
    this.family = family;
    this.example = example;
    this.views = views;
    getStyleClass().add("working");
    show(example);
  }

  boolean canShow(LineId line) {
    return family.contains(line);
  }

  void show(Chain chain) {
    if (shown.filter(chain::equals).isPresent()) {
      return;
    }
    shown = Optional.of(chain);
    FormulaView formula = views.formula(chain);
    formula.setFocusTraversable(true);
    getChildren().setAll(formula);
  }

  void showExample() {
    show(example);
  }
}
