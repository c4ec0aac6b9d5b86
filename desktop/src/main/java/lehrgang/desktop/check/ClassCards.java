package lehrgang.desktop.check;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.Points;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// A class at a glance, and its slips: a slip that is pressed leaves those who made it.
final class ClassCards extends VBox {
  /// So many slips are named above the class.
  private static final int MOST_SLIPS = 8;

  private static final double ROOM_FOR_THREE = 560;

  private final MarksTable table;
  private final Label students = Labels.label("", Style.CHECK_FIGURE);
  private final Label from = Labels.label("", Style.CHECK_NOTE);
  private final Label mean = Labels.label("", Style.CHECK_FIGURE);
  private final Label frequent = Labels.label("", Style.CHECK_FIGURE);
  private final Label often = Labels.label("", Style.CHECK_NOTE);
  private final FlowPane slips = new FlowPane();
  private final ToggleGroup filter = new ToggleGroup();
  private Optional<String> pressed = Optional.empty();

  /// @param table in which those are shown
  ClassCards(MarksTable table) {
    this.table = table;
    slips.getStyleClass().setAll(Style.CHECK_SLIPS);
    VBox slip = card(frequent, often);
    HBox row =
        new HBox(
            card(students, from),
            card(mean, Labels.label(Words.of("check.mean"), Style.CHECK_NOTE)),
            slip);
    row.getStyleClass().add(Style.CHECK_CARDS);
    getChildren().addAll(row, slips);
    getStyleClass().add(Style.CHECK_CLASS);
    widthProperty().subscribe(width -> fit(row, slip, width.doubleValue()));
  }

  /// Where three do not fit side by side, the longest stands below.
  private void fit(HBox row, VBox slip, double width) {
    boolean beside = width <= 0 || width >= ROOM_FOR_THREE;
    if (beside != row.getChildren().contains(slip)) {
      getChildren().remove(slip);
      row.getChildren().remove(slip);
      if (beside) {
        row.getChildren().add(slip);
      } else {
        getChildren().add(1, slip);
      }
    }
  }

  private static VBox card(Label figure, Label note) {
    VBox card = new VBox(figure, note);
    card.getStyleClass().add(Style.CHECK_CARD);
    HBox.setHgrow(card, Priority.ALWAYS);
    card.setMaxWidth(Double.MAX_VALUE);
    return card;
  }

  /// Shows a class.
  void show(Checked checked) {
    ClassMarks marks = checked.marks();
    students.setText(
        marks.sheets().size() == 1
            ? Words.of("check.students.one")
            : Words.of("check.students", marks.sheets().size()));
    from.setText(Words.of("check.from", checked.name()));
    mean.setText(
        Words.of("check.credit.of", marks.meanCredit().toPlainString(), Points.text(marks.of())));
    slips.getChildren().clear();
    filter.getToggles().clear();
    List<ClassMarks.Made> made = marks.slips();
    frequent.setText(
        made.isEmpty() ? Words.of("check.no-slip") : checked.texts().name(made.getFirst().slip()));
    often.setText(made.isEmpty() ? "" : Words.of("check.often", made.getFirst().students().size()));
    made.stream()
        .limit(MOST_SLIPS)
        .map(one -> chip(checked, one))
        .forEach(slips.getChildren()::add);
    filter(made);
  }

  /// Those who made the slip that is pressed; everyone where nobody makes it any more.
  private void filter(List<ClassMarks.Made> made) {
    Optional<ClassMarks.Made> wanted =
        made.stream()
            .limit(MOST_SLIPS)
            .filter(one -> pressed.equals(Optional.of(one.slip())))
            .findFirst();
    pressed = wanted.map(ClassMarks.Made::slip);
    table.only(wanted.map(ClassMarks.Made::students));
  }

  /// A slip with how many made it; pressed, the class is those who did.
  private ToggleButton chip(Checked checked, ClassMarks.Made made) {
    String where =
        made.lines().stream().map(name -> symbol(checked, name)).collect(Collectors.joining(", "));
    ToggleButton chip =
        new ToggleButton(
            Words.of(
                "check.made", checked.texts().name(made.slip()), made.students().size(), where));
    chip.setId("slip-" + made.slip());
    chip.getStyleClass().add(Style.CHECK_CHIP);
    chip.setToggleGroup(filter);
    chip.setSelected(pressed.equals(Optional.of(made.slip())));
    chip.setOnAction(
        _ -> {
          pressed = chip.isSelected() ? Optional.of(made.slip()) : Optional.empty();
          filter(checked.marks().slips());
          table.first();
        });
    return chip;
  }

  /// The letter of a family, the symbol of a line that stands alone.
  private static String symbol(Checked checked, String name) {
    return checked.marks().lines().stream()
        .filter(line -> line.name().equals(name))
        .findFirst()
        .map(
            line -> {
              String symbol = MarksTable.symbol(checked, line);
              return line.index().isEmpty() ? symbol : symbol.replaceAll("[₀-₉,]+$", "");
            })
        .orElse(name);
  }
}
