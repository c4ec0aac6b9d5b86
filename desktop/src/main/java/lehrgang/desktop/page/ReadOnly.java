package lehrgang.desktop.page;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.solution.Question;
import lehrgang.core.wording.OwnText;
import lehrgang.core.wording.Span;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.kit.Style;

/// What is typed in on the page of the Write view, to be read only.
final class ReadOnly implements BlockViews.Editors {
  private final BlockViews views;

  ReadOnly(BlockViews views) {
    this.views = views;
  }

  @Override
  public Node question(Question question) {
    VBox box = new VBox();
    box.getStyleClass().add(Style.OWN_TEXT);
    for (OwnText.Part part : OwnText.parts(question.text())) {
      switch (part) {
        case OwnText.Paragraph(var spans) -> box.getChildren().add(views.sentence(spans));
        case OwnText.Items(_, var items) ->
            items.forEach(item -> box.getChildren().add(views.sentence(item)));
      }
    }
    return box;
  }

  @Override
  public Node table(List<Grid> layers) {
    return views.of(new PageBlock.Grids(layers));
  }

  @Override
  public Node provenance(PageBlock.Provenance block) {
    VBox box = new VBox(plain(block.intro()));
    block.account().forEach(line -> box.getChildren().add(plain(line)));
    return box;
  }

  private Node plain(String words) {
    return views.sentence(List.of(new Span.Words(words, Span.Weight.PLAIN)));
  }

  @Override
  public Node number(PageBlock.TypedNumber block) {
    return views.sentence(block.spans());
  }

  @Override
  public Node ways(PageBlock.Ways ways) {
    return new Region();
  }

  @Override
  public Optional<Rewording> rewording() {
    return Optional.empty();
  }
}
