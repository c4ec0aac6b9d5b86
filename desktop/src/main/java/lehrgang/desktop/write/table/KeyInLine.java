package lehrgang.desktop.write.table;

import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lehrgang.core.data.Checked;
import lehrgang.core.data.KeyedLine;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A line into which a table is keyed row by row: a label, its counts, Enter.
final class KeyInLine extends VBox {
  private final OpenSolution solution;
  private final TextField field = new TextField();
  private final Label answer = Labels.label("", Style.HINT);

  /// So much of the text belongs to lines that were ended and are still to be taken.
  private int ended;

  KeyInLine(OpenSolution solution) {
    this.solution = solution;
    Label name = Labels.label(Words.of("keyed.name"), Style.PICKER_NAME);
    name.setLabelFor(field);
    field.setId("key-in");
    field.getStyleClass().add(Style.RECIPE_FIELD);
    field.setAccessibleText(Words.of("keyed.name"));
    field.setPrefColumnCount(30);
    field.setOnAction(
        _ -> {
          String text = field.getText();
          String line = text.substring(Math.min(ended, text.length()));
          ended = text.length();
          Platform.runLater(() -> take(line));
        });
    HBox row = new HBox(name, field);
    row.setAlignment(Pos.BASELINE_LEFT);
    row.getStyleClass().add(Style.KEY_IN_LINE);
    answer.setId("key-in-answer");
    answer.managedProperty().bind(answer.visibleProperty());
    answer.setVisible(false);
    getChildren().addAll(row, answer);
    managedProperty().bind(visibleProperty());
  }

  void show(TableEntry table) {
    field.setPromptText(Words.of("keyed.prompt." + table.form().key()));
  }

  /// Takes the line after the key that ended it is done with: the toolkit goes on with the old text
  /// of a field while one of its own key events is under way. What was typed since then stays.
  private void take(String line) {
    ended = Math.max(0, ended - line.length());
    switch (KeyedLine.into(solution.now().table(), line)) {
      case Checked.Good<KeyedLine.Taken>(var taken) -> {
        int at = field.getText().indexOf(line);
        if (at >= 0) {
          field.deleteText(at, at + line.length());
        }
        solution.edit("", now -> now.withTable(taken.table()));
        say(taken.note());
      }
      case Checked.Bad<KeyedLine.Taken>(var problems) ->
          say(Optional.of(problems.getFirst().sentence()));
    }
  }

  private void say(Optional<Phrase> sentence) {
    answer.setText(sentence.map(Wording.english()::text).orElse(""));
    answer.setVisible(sentence.isPresent());
  }
}
