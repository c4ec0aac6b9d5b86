package lehrgang.desktop;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lehrgang.core.data.Checked;
import lehrgang.core.data.KeyedLine;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// A line into which a table is keyed row by row: a label, its counts, Enter.
final class KeyInLine extends VBox {
  private final Workbench workbench;
  private final TextField field = new TextField();
  private final Label answer = BlockViews.label("", "hint");

  KeyInLine(Workbench workbench) {
    this.workbench = workbench;
    Label name = BlockViews.label(Words.of("keyed.name"), "picker-name");
    name.setLabelFor(field);
    field.setId("key-in");
    field.getStyleClass().add("recipe-field");
    field.setAccessibleText(Words.of("keyed.name"));
    field.setPrefColumnCount(30);
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    HBox line = new HBox(name, field);
    line.setAlignment(Pos.BASELINE_LEFT);
    line.getStyleClass().add("key-in-line");
    answer.setId("key-in-answer");
    answer.managedProperty().bind(answer.visibleProperty());
    answer.setVisible(false);
    getChildren().addAll(line, answer);
    managedProperty().bind(visibleProperty());
  }

  void show(TableEntry table) {
    field.setPromptText(Words.of("keyed.prompt." + table.form().key()));
  }

  private void pressed(KeyEvent key) {
    if (key.getCode() != KeyCode.ENTER) {
      return;
    }
    key.consume();
    switch (KeyedLine.into(workbench.solution().get().table(), field.getText())) {
      case Checked.Good<KeyedLine.Taken>(var taken) -> {
        workbench.edit("", solution -> solution.withTable(taken.table()));
        field.clear();
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
