package lehrgang.desktop.check;

import java.math.BigDecimal;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lehrgang.core.marking.Mark;
import lehrgang.core.solution.MarkingRules.Ruling;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// One answer beside the right one, and the way to decide about it by hand.
final class AnswerLine extends HBox {
  static final double WROTE = 92;
  static final double SOLUTION = 76;
  private static final double RULING = 26;

  private final OpenSolution solution;
  private final String student;

  /// @param student whose answer it is
  AnswerLine(OpenSolution solution, String student, Checked checked, Mark mark) {
    this.solution = solution;
    this.student = student;
    Label name = new Label(name(checked, mark));
    name.setMinWidth(0);
    name.setWrapText(true);
    Label wrote = right(wrote(mark), WROTE);
    wrote.getStyleClass().add(Signs.style(mark.verdict()));
    Label right = right(checked.page(student).shown(mark.line()).text(), SOLUTION);
    getChildren().addAll(name, space(), wrote, right, ruling(mark));
    setAlignment(Pos.CENTER_LEFT);
    getStyleClass().add(Style.CHECK_LINE);
    setAccessibleText(checked.page().name(mark.line()) + ", " + Signs.spoken(mark));
  }

  /// Takes what room there is.
  static Region space() {
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    return space;
  }

  /// As wide as the button at the end of a line.
  static Region besideRuling() {
    Region room = new Region();
    room.setMinWidth(RULING);
    return room;
  }

  /// Where a few figures are typed, as wide beside a long name as beside a short one.
  static TextField figures(String id, int most, String spoken) {
    TextField field = new TextField();
    field.setId(id);
    field.setPrefColumnCount(most);
    field.setMinWidth(Region.USE_PREF_SIZE);
    field.setAlignment(Pos.CENTER_RIGHT);
    field.setAccessibleText(spoken);
    return field;
  }

  static Label right(String words, double width) {
    Label label = new Label(words);
    label.setMinWidth(width);
    label.setAlignment(Pos.CENTER_RIGHT);
    return label;
  }

  /// A member of a family by its symbol and place, any other line by its name.
  private static String name(Checked checked, Mark mark) {
    if (mark.line().name().startsWith("decision")) {
      return Words.of("check.decision.name");
    }
    String place = checked.page().place(mark.line());
    return mark.line().index().isEmpty() || place.isBlank()
        ? checked.page().family(mark.line())
        : MarksTable.symbol(checked, mark.line()) + "\u2002" + place;
  }

  private static String wrote(Mark mark) {
    return (mark.answer().written() + " " + Signs.sign(mark.verdict())).strip();
  }

  /// What the instructor decides about an answer.
  private MenuButton ruling(Mark mark) {
    MenuButton menu = new MenuButton("", new FontIcon("fth-edit-2"));
    menu.setId("ruling-" + mark.line());
    menu.getStyleClass().add(Style.CHECK_RULING);
    menu.setAccessibleText(Words.of("check.ruling"));
    BigDecimal half = mark.of().divide(BigDecimal.TWO);
    menu.getItems()
        .addAll(
            decided(
                "check.ruling.right",
                mark,
                Optional.of(new Ruling(Optional.of("right"), Optional.empty()))),
            decided(
                "check.ruling.half",
                mark,
                Optional.of(new Ruling(Optional.empty(), Optional.of(half)))),
            decided(
                "check.ruling.wrong",
                mark,
                Optional.of(new Ruling(Optional.of("wrong"), Optional.empty()))),
            decided("check.ruling.none", mark, Optional.empty()));
    return menu;
  }

  private MenuItem decided(String key, Mark mark, Optional<Ruling> ruling) {
    MenuItem item = new MenuItem(Words.of(key));
    item.setOnAction(
        _ ->
            solution.edit(
                "",
                now ->
                    now.withMarking(
                        now.marking().withRuling(student, mark.line().toString(), ruling))));
    return item;
  }
}
