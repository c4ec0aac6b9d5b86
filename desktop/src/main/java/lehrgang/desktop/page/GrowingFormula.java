package lehrgang.desktop.page;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.StackPane;
import lehrgang.core.notation.Chain;
import lehrgang.desktop.kit.Style;

/// A working that is shown link by link, as large as its room allows.
public final class GrowingFormula extends StackPane {
  private static final List<Double> SIZES = List.of(32.0, 28.0, 24.5, 21.5, 19.0, 17.0);

  /// A formula this large stays on one line rather than being set larger on two.
  private static final double AT_EASE = 21.5;
  private static final int MOST_ROWS = 2;

  private final Chain chain;
  private final FormulaPainter painter;
  private FormulaView view;
  private double size;
  private int links;

  GrowingFormula(Chain chain, FormulaPainter painter) {
    this.chain = chain;
    this.painter = painter;
    getStyleClass().add(Style.WORKING);
    set(SIZES.getFirst());
  }

  private void set(double wanted) {
    size = wanted;
    view = FormulaView.of(chain, size, painter);
    getChildren().setAll(view);
    show(links);
  }

  /// Takes the largest size at which it fits.
  ///
  /// @param room how wide it may be
  public void fit(double room) {
    double fitting =
        largest(room, 1)
            .filter(whole -> whole >= AT_EASE)
            .or(() -> largest(room, MOST_ROWS))
            .orElse(SIZES.getLast());
    if (fitting != size) {
      set(fitting);
    }
  }

  private Optional<Double> largest(double room, int rows) {
    return SIZES.stream()
        .filter(
            candidate -> {
              FormulaView.Extent extent = FormulaView.extent(chain, candidate, room);
              return extent.rows() <= rows && extent.widest() <= room;
            })
        .findFirst();
  }

  /// Shows the left side and so many links.
  public void show(int shown) {
    links = shown;
    view.reveal(links);
    Chain told = new Chain(chain.left(), chain.links().subList(0, links));
    view.setAccessibleText(painter.speech().of(told.box()));
  }
}
