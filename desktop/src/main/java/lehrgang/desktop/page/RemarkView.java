package lehrgang.desktop.page;

import java.util.Locale;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.page.PageBlock;
import lehrgang.desktop.kit.Style;
import org.kordamp.ikonli.javafx.FontIcon;

/// A sentence set off from the text, with a mark for its tone.
final class RemarkView extends HBox implements Renewable {
  private final Tone tone;
  private final Rewritable words;

  RemarkView(PageBlock.Remark remark, Rewritable words) {
    this.tone = remark.tone();
    this.words = words;
    FontIcon icon =
        new FontIcon(
            switch (tone) {
              case CHECKED -> "fth-check";
              case NOTE -> "fth-info";
              case WARNING -> "fth-alert-triangle";
            });
    HBox.setHgrow(words, Priority.ALWAYS);
    setMinHeight(0);
    getChildren().addAll(icon, words);
    getStyleClass().addAll(Style.REMARK, tone.name().toLowerCase(Locale.ROOT));
  }

  @Override
  public boolean renew(PageBlock block) {
    return block instanceof PageBlock.Remark(var itsTone, var template, var spans)
        && itsTone == tone
        && words.show(template, spans);
  }
}
