package lehrgang.desktop.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.AccessibleAttribute;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Points;
import lehrgang.core.marking.SheetMarks;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A student's signs: one for each line that was asked, between name and credit.
final class MarksRow extends ListCell<SheetMarks> {
  private final Supplier<Optional<Checked>> shown;
  private final DoubleSupplier column;
  private final Label student = MarksTable.fixed(new Label(), MarksTable.STUDENT);
  private final Label credit = MarksTable.fixed(new Label(), MarksTable.CREDIT);
  private final List<Label> signs = new ArrayList<>();
  private final HBox line = new HBox();

  /// @param shown  the class
  /// @param column how wide a sign is
  MarksRow(Supplier<Optional<Checked>> shown, DoubleSupplier column) {
    this.shown = shown;
    this.column = column;
    getStyleClass().add(Style.MARKS_ROW);
    line.setAlignment(Pos.CENTER_LEFT);
    credit.setAlignment(Pos.CENTER_RIGHT);
    setGraphic(line);
  }

  @Override
  protected void updateItem(SheetMarks sheet, boolean empty) {
    super.updateItem(sheet, empty);
    line.setVisible(!empty);
    if (empty || sheet == null) {
      return;
    }
    shape(sheet.marks().size());
    student.setText(sheet.student());
    credit.setText(Points.text(sheet.credit()) + " / " + Points.text(sheet.of()));
    for (int k = 0; k < signs.size(); k++) {
      Mark mark = sheet.marks().get(k);
      Label sign = MarksTable.fixed(signs.get(k), column.getAsDouble());
      sign.setText(Signs.sign(mark.verdict()));
      List<String> styles = styles(mark);
      if (!sign.getStyleClass().equals(styles)) {
        sign.getStyleClass().setAll(styles);
      }
    }
  }

  private static List<String> styles(Mark mark) {
    String verdict = Signs.style(mark.verdict());
    return mark.ruled()
        ? List.of("label", "mark", verdict, Style.MARK_RULED)
        : List.of("label", "mark", verdict);
  }

  /// What is read out is made when it is asked for.
  @Override
  public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
    return attribute == AccessibleAttribute.TEXT && getItem() != null
        ? spoken(getItem())
        : super.queryAccessibleAttribute(attribute, parameters);
  }

  /// What was lost, and how.
  private String spoken(SheetMarks sheet) {
    String lost =
        sheet.marks().stream()
            .filter(mark -> mark.points().compareTo(mark.of()) < 0)
            .flatMap(mark -> shown.get().map(checked -> spoken(checked, mark)).stream())
            .collect(Collectors.joining("; "));
    return Words.of("check.spoken", sheet.student(), credit.getText(), lost);
  }

  private static String spoken(Checked checked, Mark mark) {
    return Stream.concat(
            Stream.of(checked.page().name(mark.line()), Signs.spoken(mark)),
            mark.slips().stream().map(checked.texts()::name))
        .collect(Collectors.joining(", "));
  }

  private void shape(int columns) {
    if (signs.size() != columns || line.getChildren().isEmpty()) {
      signs.clear();
      line.getChildren().setAll(student);
      for (int k = 0; k < columns; k++) {
        Label sign = new Label();
        sign.setAlignment(Pos.CENTER);
        signs.add(sign);
      }
      line.getChildren().addAll(signs);
      line.getChildren().add(credit);
    }
  }
}
