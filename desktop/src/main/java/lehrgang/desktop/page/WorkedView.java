package lehrgang.desktop.page;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.StackPane;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.PageBlock;
import lehrgang.desktop.kit.Style;

/// A line worked out. When another member of its family is selected, that one takes its place.
public final class WorkedView extends StackPane implements Renewable {
  private final List<LineId> family;
  private final BlockViews views;
  private Chain example;
  private Optional<Chain> shown = Optional.empty();

  WorkedView(List<LineId> family, Chain example, BlockViews views) {
    this.family = family;
    this.example = example;
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
    getChildren().setAll(formula);
  }

  public void showExample() {
    show(example);
  }
}
