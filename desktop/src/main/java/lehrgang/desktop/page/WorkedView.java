package lehrgang.desktop.page;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.PageBlock;
import lehrgang.desktop.kit.Style;

/// A line worked out. When another member of its family is selected, that one takes its place.
public final class WorkedView extends StackPane implements Renewable {
  private final List<LineId> family;
  private final BlockViews views;
  private String asked;
  private Chain example;
  private Optional<Chain> shown = Optional.empty();

  WorkedView(PageBlock.Worked worked, BlockViews views) {
    this.family = worked.family();
    this.asked = worked.asked();
    this.example = worked.chain();
    this.views = views;
    getStyleClass().add(Style.WORKING);
    setMinHeight(0);
    show(example);
  }

  @Override
  public boolean renew(PageBlock block) {
    if (!(block instanceof PageBlock.Worked worked) || !worked.family().equals(family)) {
      return false;
    }
    example = worked.chain();
    asked = worked.asked();
    showExample();
    return true;
  }

  /// Whether a line is of its family.
  public boolean canShow(LineId line) {
    return family.contains(line);
  }

  /// Shows another line of the family.
  public void show(Chain chain) {
    if (shown.filter(chain::equals).isPresent()) {
      return;
    }
    shown = Optional.of(chain);
    FormulaView formula = views.formula(chain);
    formula.setFocusTraversable(true);
    getChildren().setAll(asked.isEmpty() ? formula : asking(formula));
  }

  /// A formula to be filled in, under what it is.
  private VBox asking(FormulaView formula) {
    Label label = new Label(asked);
    label.getStyleClass().add(Style.ASKED);
    label.setWrapText(true);
    return new VBox(label, formula);
  }

  public void showExample() {
    show(example);
  }
}
