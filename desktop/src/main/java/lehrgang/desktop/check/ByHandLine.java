package lehrgang.desktop.check;

import java.math.BigDecimal;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.MarkingRules.Ruling;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A step that no program can judge: what this student got for it, and what it is worth.
final class ByHandLine extends HBox {
  private static final int FIGURES = 3;

  /// More than any step is worth.
  private static final BigDecimal MOST = new BigDecimal("1000");

  private final OpenSolution solution;
  private final String step;
  private final TextField got;
  private final TextField worth;
  private String student = "";

  /// @param step  its id
  /// @param title of the step
  ByHandLine(OpenSolution solution, String step, String title) {
    this.solution = solution;
    this.step = step;
    this.got = field("got-" + step, Words.of("check.by-hand.got", title));
    this.worth = field("worth-" + step, Words.of("check.by-hand.worth", title));
    got.textProperty().subscribe(typed -> gets(typed));
    worth.textProperty().subscribe(typed -> isWorth(typed));
    getChildren()
        .addAll(
            new Label(title),
            AnswerLine.space(),
            got,
            new Label(Words.of("check.by-hand.of")),
            worth);
    setAlignment(Pos.CENTER_LEFT);
    getStyleClass().addAll(Style.CHECK_LINE, Style.BY_HAND);
  }

  private static TextField field(String id, String spoken) {
    TextField field = AnswerLine.figures(id, FIGURES, spoken);
    field.setPromptText("–");
    return field;
  }

  void show(String whose) {
    student = whose;
    MarkingRules rules = solution.now().marking();
    show(got, rules.ruling(student, step).flatMap(Ruling::points));
    show(worth, Optional.ofNullable(rules.byHand().get(step)));
    got.setDisable(!rules.byHand().containsKey(step));
  }

  /// What is being typed stays as it is while it says the same.
  private static void show(TextField field, Optional<BigDecimal> points) {
    if (!read(field.getText()).equals(points)) {
      field.setText(points.map(BigDecimal::toPlainString).orElse(""));
    }
  }

  private void gets(String typed) {
    Optional<BigDecimal> points = read(typed);
    MarkingRules rules = solution.now().marking();
    if (!student.isEmpty() && !points.equals(rules.ruling(student, step).flatMap(Ruling::points))) {
      String whose = student;
      Optional<Ruling> ruling = points.map(some -> new Ruling(Optional.empty(), Optional.of(some)));
      solution.edit(
          "by-hand " + step + whose,
          now -> now.withMarking(now.marking().withRuling(whose, step, ruling)));
    }
  }

  private void isWorth(String typed) {
    Optional<BigDecimal> points = read(typed);
    if (!student.isEmpty()
        && !points.equals(Optional.ofNullable(solution.now().marking().byHand().get(step)))) {
      solution.edit(
          "worth " + step, now -> now.withMarking(now.marking().withByHand(step, points)));
    }
  }

  /// Points as they are typed, with a point or a comma; empty for what is none.
  static Optional<BigDecimal> read(String typed) {
    return Optional.of(typed.strip().replace(',', '.'))
        .filter(text -> text.matches("[0-9]{1,4}([.][0-9]{0,2})?"))
        .map(text -> new BigDecimal(text.replaceAll("[.]$", "")))
        .filter(points -> points.compareTo(MOST) <= 0);
  }
}
