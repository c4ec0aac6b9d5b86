package lehrgang.desktop.check;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Mark;
import lehrgang.core.page.Page;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.Checking;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// One student's answers, typed from a sheet of paper; each is judged as it is typed.
final class TypingPanel extends ScrollPane {
  private static final int FIGURES = 7;
  private static final double SIGN = 22;
  private static final double ROOM = 14;

  private final Checking checking;
  private final TextField student = new TextField();
  private final VBox lines = new VBox();
  private final Map<LineId, TextField> fields = new LinkedHashMap<>();
  private final Map<LineId, Label> signs = new LinkedHashMap<>();
  private Optional<String> written = Optional.empty();
  private boolean filling;

  /// @param done leaves the typing
  TypingPanel(Checking checking, Runnable done) {
    this.checking = checking;
    getStyleClass().addAll(Style.RAIL_SCROLL, Style.STUDENT_PANEL);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    student.setId("type-student");
    student.setPromptText(Words.of("check.type.student"));
    student.setAccessibleText(Words.of("check.type.student"));
    student.textProperty().subscribe(_ -> typed());
    Button next = new Button(Words.of("check.type.next"));
    next.setId("type-next");
    next.getStyleClass().add(Style.HAND_OUT);
    next.setOnAction(_ -> begin());
    Button leave = new Button(Words.of("check.type.done"));
    leave.setId("type-done");
    leave.getStyleClass().add(Style.QUIET);
    leave.setOnAction(_ -> done.run());
    HBox ways = new HBox(next, leave);
    ways.getStyleClass().add(Style.CHECK_WAYS);
    VBox box =
        new VBox(Labels.label(Words.of("check.type"), Style.CHECK_TITLE), student, lines, ways);
    VBox.setMargin(student, new Insets(ROOM, 0, ROOM, 0));
    VBox.setMargin(ways, new Insets(ROOM, 0, 0, 0));
    box.getStyleClass().add(Style.STUDENT_BOX);
    setContent(box);
  }

  /// A field for each line that is asked.
  void ask(Page page, List<LineId> asked) {
    if (!asked.isEmpty() && List.copyOf(fields.keySet()).equals(asked)) {
      return;
    }
    fields.clear();
    signs.clear();
    lines.getChildren().clear();
    if (asked.isEmpty()) {
      lines.getChildren().add(Labels.label(Words.of("check.type.nothing"), Style.CHECK_NOTE));
    }
    for (LineId line : asked) {
      TextField field = AnswerLine.figures("type-" + fields.size(), FIGURES, page.name(line));
      field.textProperty().subscribe(_ -> typed());
      field.setOnAction(_ -> after(line));
      Label sign = new Label();
      sign.setMinWidth(SIGN);
      Label name = new Label(page.name(line));
      name.setMinWidth(0);
      name.setWrapText(true);
      HBox row = new HBox(name, AnswerLine.space(), field, sign);
      row.setAlignment(Pos.CENTER_LEFT);
      row.getStyleClass().addAll(Style.CHECK_LINE, Style.BY_HAND);
      fields.put(line, field);
      signs.put(line, sign);
      lines.getChildren().add(row);
    }
  }

  /// Enter goes on to the next line.
  private void after(LineId line) {
    List<LineId> order = List.copyOf(fields.keySet());
    int next = order.indexOf(line) + 1;
    if (next < order.size()) {
      fields.get(order.get(next)).requestFocus();
    }
  }

  /// Empty fields for another student.
  void begin() {
    filling = true;
    student.clear();
    fields.values().forEach(TextField::clear);
    signs.values().forEach(sign -> sign.setText(""));
    filling = false;
    written = Optional.empty();
    // What scrolls takes its content in when it is laid out; before, nothing in it can be focused.
    applyCss();
    layout();
    student.requestFocus();
  }

  private void typed() {
    String name = student.getText().strip();
    if (filling || name.isEmpty()) {
      return;
    }
    Map<LineId, String> answers = new LinkedHashMap<>();
    fields.forEach((line, field) -> answers.put(line, field.getText()));
    Optional<String> before = written.filter(old -> !old.equals(name));
    written = Optional.of(name);
    checking.type(before, name, answers);
  }

  /// Shows what became of the answers.
  void show(Checked checked) {
    written
        .flatMap(name -> checked.marks().sheet(name))
        .ifPresent(
            sheet -> {
              for (Mark mark : sheet.marks()) {
                Label sign = signs.get(mark.line());
                if (sign != null) {
                  sign.setText(Signs.sign(mark.verdict()));
                  sign.getStyleClass().setAll("label", Signs.style(mark.verdict()));
                  sign.setAccessibleText(Signs.name(mark.verdict()));
                }
              }
            });
  }
}
