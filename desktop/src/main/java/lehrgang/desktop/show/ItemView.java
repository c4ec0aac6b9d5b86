package lehrgang.desktop.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lehrgang.core.lesson.Item;
import lehrgang.core.page.PageBlock;
import lehrgang.core.solution.Question;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.BlockViews;
import lehrgang.desktop.page.GrowingFormula;
import lehrgang.desktop.page.MagnifiedFigure;

/// One thing on the board, as far as it is told. It takes the room of the whole from the start, so
/// that nothing moves while it grows.
final class ItemView extends VBox {
  /// What is left for a figure below the title of a step.
  private static final double FIGURE_ROOM = 375;

  private final Item item;
  private final List<MagnifiedFigure> figures = new ArrayList<>();
  private Optional<GrowingFormula> formula = Optional.empty();

  ItemView(Item item, BlockViews views) {
    this.item = item;
    getStyleClass().add(Style.SHOW_ITEM);
    setMinHeight(0);
    switch (item.block()) {
      case PageBlock.Worked worked -> work(worked, views);
      case PageBlock.Figure _ -> draw(views);
      case PageBlock.QuestionText(var question) -> ask(question, views);
      case PageBlock.WrittenOut(_, var chains) -> {
        GrowingFormula chain = views.growing(chains.getFirst());
        chain.show(chains.getFirst().links().size());
        formula = Optional.of(chain);
        getChildren().add(chain);
      }
      default -> getChildren().add(views.of(item.block()));
    }
  }

  private void work(PageBlock.Worked worked, BlockViews views) {
    Label asked = Labels.label(item.question(), Style.SHOW_ASKED);
    GrowingFormula growing = views.growing(worked.chain());
    formula = Optional.of(growing);
    getChildren().addAll(asked, growing);
  }

  private void draw(BlockViews views) {
    for (int phase = 0; phase < item.phases().size(); phase++) {
      MagnifiedFigure figure = views.magnified(item.figure(phase).orElseThrow(), FIGURE_ROOM);
      figures.add(figure);
      getChildren().add(figure);
    }
  }

  private void ask(Question question, BlockViews views) {
    if (!question.title().isBlank()) {
      getChildren().add(Labels.label(question.title(), Style.SHOW_QUESTION));
    }
    getChildren().add(views.of(item.block()));
    question.picture().map(QuestionImage::new).ifPresent(getChildren()::add);
    if (!question.source().isBlank()) {
      getChildren().add(Labels.label(question.source(), Style.CAPTION));
    }
  }

  Item item() {
    return item;
  }

  /// Sizes what grows with the room.
  ///
  /// @param width how wide it may be
  void fit(double width) {
    formula.ifPresent(growing -> growing.fit(width));
    figures.forEach(figure -> figure.fit(width));
  }

  /// Shows it as far as it is told.
  ///
  /// @param phase the place of its line; −1 before the first
  void show(int phase) {
    item.worked().ifPresent(_ -> formula.orElseThrow().show(Math.max(0, item.links(phase))));
    for (int k = 0; k < figures.size(); k++) {
      Node figure = figures.get(k);
      boolean shown = k == Math.max(0, phase);
      figure.setVisible(shown);
      figure.setManaged(shown);
    }
    boolean asks = phase >= 0;
    formula
        .filter(_ -> item.worked().isPresent())
        .ifPresent(growing -> growing.setVisible(asks && isBegun(phase)));
  }

  /// The formula's left side stands there from the first link on.
  private boolean isBegun(int phase) {
    return item.links(phase) > 0;
  }

  @Override
  public Orientation getContentBias() {
    return Orientation.HORIZONTAL;
  }
}
