package lehrgang.desktop.page;

import java.util.List;
import java.util.Map;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.page.PageBlock.Template;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.desk.Rewording.Scope;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.SentenceField;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A sentence being rewritten where it stands: its words, the numbers and names that it can hold,
/// and for whom it is rewritten. Enter or leaving it takes the words, Esc leaves them as they were.
public final class SentenceEditor extends VBox {
  /// The words above a narrow table need more room while they are written.
  private static final double NARROWEST = 420;

  private final Template template;
  private final Rewording rewording;
  private final Runnable close;
  private final SentenceField field;
  private Scope scope;
  private boolean open = true;

  /// @param close puts the sentence back in place of this
  public SentenceEditor(Template template, Rewording rewording, Runnable close) {
    this.template = template;
    this.rewording = rewording;
    this.close = close;
    this.scope = rewording.scope(template.key());
    Map<String, String> marks = rewording.marks(template);
    this.field = new SentenceField(marks, SentenceView.TEXT_SIZE);
    field.setId("rewrite");
    field.setAccessibleText(Words.of("rewrite"));
    field.setTemplate(rewording.words(template.key()));
    field.getStyleClass().add(Style.REWRITE_FIELD);
    getStyleClass().add(Style.REWRITE);
    setMinWidth(NARROWEST);
    getChildren().add(field);
    if (!marks.isEmpty()) {
      getChildren().add(tokens(marks));
    }
    getChildren().add(choices());
    addEventFilter(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (key.getCode() == KeyCode.ESCAPE) {
            end();
            key.consume();
          } else if (key.getCode() == KeyCode.ENTER && key.getTarget() == field) {
            take();
            key.consume();
          }
        });
    sceneProperty()
        .subscribe(
            scene -> {
              if (scene != null) {
                Platform.runLater(
                    () -> {
                      field.requestFocus();
                      field.end();
                    });
              }
            });
    focusWithinProperty()
        .subscribe(
            (before, within) -> {
              if (before && !within) {
                Platform.runLater(
                    () -> {
                      if (!isFocusWithin()) {
                        take();
                      }
                    });
              }
            });
  }

  private Node tokens(Map<String, String> marks) {
    FlowPane chips = new FlowPane();
    chips.getStyleClass().add(Style.REWRITE_TOKENS);
    marks.forEach(
        (mark, shown) -> {
          Label gap = new Label(mark.replaceAll("[{:}]", ""));
          Button chip = new Button(shown, mark.startsWith("{:") ? null : gap);
          chip.getStyleClass().add(Style.TOKEN);
          chip.setFocusTraversable(false);
          chip.setAccessibleText(Words.of("rewrite.insert", shown));
          chip.setOnAction(_ -> field.insert(mark));
          chips.getChildren().add(chip);
        });
    return chips;
  }

  private Node choices() {
    Segments scopes =
        new Segments(
            Words.of("rewrite.for"),
            List.of(
                new Segments.Segment(Scope.SOLUTION.name(), Words.of("rewrite.for.solution"), ""),
                new Segments.Segment(
                    Scope.COURSE.name(),
                    Words.of("rewrite.for.course"),
                    Words.of("rewrite.for.course.hint"))),
            scope.name(),
            chosen -> scope = Scope.valueOf(chosen));
    Button usual = new Button(Words.of("rewrite.usual"));
    usual.setId("rewrite-usual");
    usual.getStyleClass().add(Style.QUIET);
    usual.setOnAction(
        _ -> {
          field.setTemplate(rewording.usual(template.key()));
          take();
        });
    usual.setDisable(!rewording.isOwn(template.key()));
    Button done = new Button(Words.of("rewrite.done"));
    done.setId("rewrite-done");
    done.getStyleClass().add(Style.QUIET);
    done.setOnAction(_ -> take());
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox row = new HBox(scopes, space, usual, done);
    row.getStyleClass().add(Style.REWRITE_CHOICES);
    return row;
  }

  private void take() {
    if (open) {
      end();
      rewording.reword(template.key(), field.template(), scope);
    }
  }

  private void end() {
    if (open) {
      open = false;
      close.run();
    }
  }
}
