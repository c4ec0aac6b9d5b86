package lehrgang.desktop.page;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Template;
import lehrgang.core.wording.Span;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A sentence that is rewritten where it stands: by a click on its words, or Enter where it has the
/// focus.
final class RewritableSentence extends VBox implements Renewable {
  private static final PseudoClass OWN = PseudoClass.getPseudoClass("own");

  private final SentenceView sentence;
  private final Rewording rewording;
  private Template template;

  RewritableSentence(Template template, SentenceView sentence, Rewording rewording) {
    this.sentence = sentence;
    this.rewording = rewording;
    this.template = template;
    getStyleClass().add(Style.REWRITABLE);
    setMinHeight(0);
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.BUTTON);
    getChildren().add(sentence);
    describe();
    setOnMouseClicked(
        click -> {
          Node target = click.getPickResult().getIntersectedNode();
          if (click.getButton() == MouseButton.PRIMARY
              && click.isStillSincePress()
              && target instanceof Text words
              && words.getStyleClass().contains(Style.WORDS)) {
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

  private void describe() {
    boolean own = rewording.isOwn(template.key());
    pseudoClassStateChanged(OWN, own);
    setAccessibleText(sentence.getAccessibleText());
    setAccessibleHelp(Words.of(own ? "rewrite.help.own" : "rewrite.help"));
  }

  private void edit() {
    SentenceEditor editor = new SentenceEditor(template, rewording, this::putBack);
    getStyleClass().remove(Style.REWRITABLE);
    getChildren().setAll(editor);
  }

  private void putBack() {
    if (!getChildren().contains(sentence)) {
      getStyleClass().add(Style.REWRITABLE);
      getChildren().setAll(sentence);
      requestFocus();
    }
  }

  @Override
  public boolean renew(PageBlock block) {
    return block instanceof PageBlock.Paragraph(var its, var spans)
        && its.key().equals(template.key())
        && show(its, spans);
  }

  boolean show(Template its, List<Span> spans) {
    template = its;
    boolean shown = sentence.show(spans);
    describe();
    return shown;
  }
}
