package lehrgang.desktop.show;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lehrgang.core.marking.Judgement;
import lehrgang.desktop.desk.Guesses.Judged;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Asks the class for a value before it is shown, and says what becomes of a guess.
final class Guess extends HBox {
  private static final int FIGURES = 6;

  private final Label name = new Label();
  private final TextField field = new TextField();
  private final Label said = Labels.label("", Style.SHOW_SAID);

  /// @param judge what becomes of a guess; empty while the solution cannot be worked out
  /// @param reveal shows the value
  Guess(Function<String, Optional<Judged>> judge, Runnable reveal) {
    getStyleClass().add(Style.SHOW_GUESS);
    name.getStyleClass().add(Style.SHOW_ASKED);
    name.setMinWidth(Region.USE_PREF_SIZE);
    field.setId("show-guess");
    field.getStyleClass().add(Style.TRY_FIELD);
    field.setPrefColumnCount(FIGURES);
    field.setPromptText(Words.of("show.guess.prompt"));
    said.setId("show-said");
    HBox.setHgrow(said, Priority.ALWAYS);
    field.setOnAction(
        _ -> {
          if (field.getText().isBlank()) {
            reveal.run();
          } else {
            judge
                .apply(field.getText())
                .ifPresentOrElse(
                    judged -> {
                      said.setText(judged.words());
                      show(judged.verdict());
                    },
                    () -> said.setText(Words.of("stale")));
            field.end();
          }
        });
    getChildren().addAll(name, field, said);
    setVisible(false);
  }

  private void show(Judgement verdict) {
    field
        .getStyleClass()
        .removeAll(Style.MARK_RIGHT, Style.MARK_FOLLOWS, Style.MARK_LOST, Style.MARK_SILENT);
    field
        .getStyleClass()
        .add(
            switch (verdict) {
              case RIGHT, RIGHT_ROUNDED, TOO_COARSE -> Style.MARK_RIGHT;
              case FOLLOW_THROUGH -> Style.MARK_FOLLOWS;
              case SLIP, WRONG -> Style.MARK_LOST;
              case BLANK, UNREADABLE -> Style.MARK_SILENT;
            });
  }

  /// Asks for a number.
  ///
  /// @param what its symbol
  void ask(String what) {
    name.setText(what + " =");
    field.setAccessibleText(what);
    field.clear();
    said.setText("");
    show(Judgement.BLANK);
    setVisible(true);
    field.requestFocus();
  }

  void leave() {
    setVisible(false);
  }

  /// Whether keys belong to the field.
  boolean isTypedIn() {
    return isVisible() && field.isFocused();
  }
}
