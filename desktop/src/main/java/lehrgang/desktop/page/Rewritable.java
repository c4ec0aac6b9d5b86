package lehrgang.desktop.page;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Template;
import lehrgang.core.wording.Span;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Words that are rewritten where they stand: by a click on them, or Enter where they have the
/// focus.
public final class Rewritable extends VBox implements Renewable {
  private static final PseudoClass OWN = PseudoClass.getPseudoClass("own");

  private final Node shown;
  private final Optional<Rewording> rewording;
  private Template template;

  /// @param shown what the words stand in
  /// @param words     as they are read
  /// @param rewording empty where they are only read
  public Rewritable(Template template, Node shown, String words, Optional<Rewording> rewording) {
    this.shown = shown;
    this.rewording = rewording;
    this.template = template;
    setMinHeight(0);
    getChildren().add(shown);
    describe(template, words);
    if (rewording.isEmpty()) {
      return;
    }
    getStyleClass().add(Style.REWRITABLE);
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.BUTTON);
    setOnMouseClicked(
        click -> {
          if (isOnWords(click)) {
            edit();
          }
        });
    setOnKeyPressed(
        key -> {
          if (key.getTarget() == this && key.getCode() == KeyCode.ENTER) {
            edit();
            key.consume();
          }
        });
  }

  /// Numbers in a sentence have a life of their own.
  private static boolean isOnWords(MouseEvent click) {
    Node target = click.getPickResult().getIntersectedNode();
    return click.getButton() == MouseButton.PRIMARY
        && click.isStillSincePress()
        && target instanceof Text words
        && (words.getStyleClass().contains(Style.WORDS) || words.getParent() instanceof Label);
  }

  /// Says what stands here now.
  ///
  /// @param words as they are read
  public void describe(Template changed, String words) {
    template = changed;
    setAccessibleText(words);
    rewording.ifPresent(
        there -> {
          boolean own = there.isOwn(template.key());
          pseudoClassStateChanged(OWN, own);
          setAccessibleHelp(Words.of(own ? "rewrite.help.own" : "rewrite.help"));
        });
  }

  @Override
  public boolean renew(PageBlock block) {
    return block instanceof PageBlock.Paragraph(var changed, var spans)
        && changed.key().equals(template.key())
        && show(changed, spans);
  }

  /// Shows other words and numbers, where it is a sentence.
  boolean show(Template changed, List<Span> spans) {
    boolean renewed = shown instanceof SentenceView sentence && sentence.show(spans);
    if (renewed) {
      describe(changed, Span.plain(spans));
    }
    return renewed;
  }

  /// Opens the words to be rewritten.
  public void edit() {
    rewording.ifPresent(
        there -> {
          getStyleClass().remove(Style.REWRITABLE);
          getChildren().setAll(new SentenceEditor(template, there, this::putBack));
        });
  }

  private void putBack() {
    if (!getChildren().contains(shown)) {
      getStyleClass().add(Style.REWRITABLE);
      getChildren().setAll(shown);
      requestFocus();
    }
  }
}
