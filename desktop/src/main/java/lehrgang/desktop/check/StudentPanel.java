package lehrgang.desktop.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Points;
import lehrgang.core.marking.SheetMarks;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.TextEditing;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.kit.Writing;
import org.kordamp.ikonli.javafx.FontIcon;

/// One student's answers beside the solution, with what went wrong in a sentence each.
final class StudentPanel extends ScrollPane {
  /// Steps whose words no program can judge.
  private static final List<String> BY_HAND = List.of("hypotheses", "conclusion");

  private static final int FEW = 3;
  private static final double REMARK_SIZE = 15;

  private final OpenSolution solution;
  private final VBox box = new VBox();
  private final Label title = new Label();
  private final Label summary = Labels.label("", Style.CHECK_SUMMARY);
  private final VBox lines = new VBox();
  private final Writing remark = Writing.text(REMARK_SIZE);
  private Optional<TextEditing> remarking = Optional.empty();
  private final List<ByHandLine> byHand = new ArrayList<>();
  private String student = "";

  StudentPanel(OpenSolution solution) {
    this.solution = solution;
    getStyleClass().addAll(Style.RAIL_SCROLL, Style.STUDENT_PANEL);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    title.getStyleClass().add(Style.CHECK_TITLE);
    title.setId("check-student-title");
    remark.setId("check-remark");
    remark.setPromptText(Words.of("check.remark.prompt"));
    remark.setAccessibleText(Words.of("check.remark"));
    VBox.setMargin(remark, new Insets(14, 0, 0, 0));
    VBox hands = new VBox(Labels.label(Words.of("check.by-hand"), Style.CHECK_NOTE));
    for (String step : BY_HAND) {
      byHand.add(new ByHandLine(solution, step, Words.of("check.by-hand." + step)));
    }
    hands.getChildren().addAll(byHand);
    VBox.setMargin(hands, new Insets(14, 0, 0, 0));
    box.getChildren().addAll(title, summary, heads(), lines, hands, remark);
    box.getStyleClass().add(Style.STUDENT_BOX);
    setContent(box);
    solution.subscribe(
        now ->
            remarking.ifPresent(
                editing -> editing.show(now.marking().remarks().getOrDefault(student, ""))));
  }

  private static Node heads() {
    HBox heads =
        new HBox(
            AnswerLine.space(),
            AnswerLine.right(Words.of("check.wrote.head"), AnswerLine.WROTE),
            AnswerLine.right(Words.of("check.solution"), AnswerLine.SOLUTION),
            AnswerLine.besideRuling());
    heads.getStyleClass().add(Style.CHECK_HEADS);
    return heads;
  }

  void show(Checked checked, SheetMarks sheet) {
    if (!student.equals(sheet.student())) {
      student = sheet.student();
      remarking =
          Optional.of(
              remarking.orElseGet(
                  () ->
                      TextEditing.of(
                          remark,
                          solution,
                          "remark",
                          (now, typed) ->
                              now.withMarking(now.marking().withRemark(student, typed)))));
      setVvalue(0);
    }
    remarking.ifPresent(
        editing -> editing.show(solution.now().marking().remarks().getOrDefault(student, "")));
    byHand.forEach(line -> line.show(student));
    title.setText(Words.of("check.student.title", sheet.student()));
    summary.setText(summary(sheet));
    lines.getChildren().clear();
    sheet.families().forEach(family -> add(checked, sheet, family));
    List<String> followed =
        sheet.marks().stream()
            .filter(mark -> mark.verdict() == Judgement.FOLLOW_THROUGH)
            .map(mark -> MarksTable.symbol(checked, mark.line()))
            .toList();
    if (!followed.isEmpty()) {
      lines
          .getChildren()
          .add(
              Labels.label(
                  Words.of("check.followed", String.join(", ", followed)), Style.CHECK_FOLLOWED));
    }
  }

  /// Many that are all right are one line, until somebody wants to see them.
  private void add(Checked checked, SheetMarks sheet, List<Mark> family) {
    boolean allRight =
        family.stream()
            .allMatch(
                mark ->
                    !mark.ruled()
                        && (mark.verdict() == Judgement.RIGHT
                            || mark.verdict() == Judgement.RIGHT_ROUNDED));
    if (!allRight || family.size() < FEW) {
      family.forEach(mark -> add(checked, sheet, mark, lines.getChildren().size()));
      return;
    }
    String name = checked.page().family(family.getFirst().line());
    Button together =
        new Button(
            Words.of("check.all-right", name, family.size()), new FontIcon("fth-chevron-right"));
    together.getStyleClass().addAll(Style.FOLD, Style.CHECK_TOGETHER);
    together.setMaxWidth(Double.MAX_VALUE);
    together.setAlignment(Pos.CENTER_LEFT);
    together.setOnAction(
        _ -> {
          int at = lines.getChildren().indexOf(together);
          lines.getChildren().remove(at);
          for (int k = 0; k < family.size(); k++) {
            add(checked, sheet, family.get(k), at + k);
          }
        });
    lines.getChildren().add(together);
  }

  private void add(Checked checked, SheetMarks sheet, Mark mark, int at) {
    lines.getChildren().add(at, new AnswerLine(solution, student, checked, mark));
    if (!mark.slips().isEmpty() && isFirst(sheet, mark)) {
      String said =
          mark.slips().stream()
              .map(slip -> checked.texts(sheet.student()).sentence(slip, mark))
              .distinct()
              .collect(Collectors.joining("\n"));
      lines.getChildren().add(at + 1, Labels.label(said, Style.CHECK_SLIP));
    }
  }

  /// A slip made in a whole family is said once.
  private static boolean isFirst(SheetMarks sheet, Mark mark) {
    return sheet.marks().stream()
        .filter(other -> other.slips().equals(mark.slips()))
        .filter(other -> other.line().name().equals(mark.line().name()))
        .findFirst()
        .filter(mark::equals)
        .isPresent();
  }

  private static String summary(SheetMarks sheet) {
    long slips = sheet.marks().stream().flatMap(mark -> mark.slips().stream()).distinct().count();
    long wrong = sheet.marks().stream().filter(mark -> mark.verdict() == Judgement.WRONG).count();
    boolean whole = sheet.credit().compareTo(sheet.of()) == 0;
    String key =
        whole
            ? "check.summary.whole"
            : slips == 1 && wrong == 0
                ? "check.summary.one"
                : slips > 0 ? "check.summary.several" : "check.summary.lost";
    return Words.of(key, Points.text(sheet.credit()), Points.text(sheet.of()));
  }
}
