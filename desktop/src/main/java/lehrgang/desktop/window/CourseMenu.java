package lehrgang.desktop.window;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.notation.Symbols;
import lehrgang.core.procedure.StyleDifferences;
import lehrgang.core.procedure.StyleDifferences.Difference;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Segments.Segment;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// What the course does in its own way: order of the steps, symbols, and a list of all that is not
/// as usual, each with the way back; and its file.
final class CourseMenu extends MenuButton {
  private static final String AS_WORKED = "as-worked";
  private static final String RULE_FIRST = "rule-first";
  private static final double TALLEST = 260;

  private final OpenSolution solution;
  private final List<Shown> choices = new ArrayList<>();
  private final VBox differences = new VBox();

  private interface Shown {
    void show(Course course);
  }

  /// @param save keeps the style in a file
  /// @param open takes a style from a file
  CourseMenu(OpenSolution solution, Runnable save, Runnable open) {
    super(Words.of("course"), new FontIcon("fth-feather"));
    this.solution = solution;
    setId("course");
    setMinWidth(USE_PREF_SIZE);
    getStyleClass().add(Style.HEADER_MENU);
    CustomMenuItem item = new CustomMenuItem(panel(save, open), false);
    item.getStyleClass().add(Style.DECIMALS_ITEM);
    getItems().add(item);
    solution.subscribe(this::show);
  }

  private VBox panel(Runnable save, Runnable open) {
    GridPane grid = new GridPane();
    grid.getStyleClass().add(Style.COURSE_CHOICES);
    grid.addRow(0, new Label(Wording.english().text("style.order")), order());
    int row = 1;
    for (Symbols.Meaning meaning : Symbols.Meaning.values()) {
      grid.addRow(
          row++,
          new Label(Wording.english().text("style.symbol." + meaning.key())),
          symbol(meaning));
    }
    differences.getStyleClass().add(Style.DIFFERENCES);
    ScrollPane scroll = new ScrollPane(differences);
    scroll.setFitToWidth(true);
    scroll.setMaxHeight(TALLEST);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add(Style.RAIL_SCROLL);
    HBox files =
        new HBox(
            button("course-open", Words.of("course.open"), open),
            button("course-save", Words.of("course.save"), save));
    files.getStyleClass().add(Style.REWRITE_CHOICES);
    VBox panel =
        new VBox(
            head(Words.of("course.ways")), grid, head(Words.of("course.differs")), scroll, files);
    panel.getStyleClass().add(Style.COURSE_PANEL);
    return panel;
  }

  private Segments order() {
    Segments order =
        new Segments(
            Words.of("course.order"),
            List.of(
                new Segment(AS_WORKED, Wording.english().text("style.order.as-worked"), ""),
                new Segment(
                    RULE_FIRST,
                    Wording.english().text("style.order.rule-first"),
                    Words.of("course.order.rule-first.hint"))),
            AS_WORKED,
            chosen ->
                change(
                    course ->
                        course.withOrder(
                            chosen.equals(RULE_FIRST)
                                ? new StepOrder.RuleFirst()
                                : new StepOrder.AsWorked())));
    order.setId("course-order");
    choices.add(course -> order.show(key(course.order())));
    return order;
  }

  private static String key(StepOrder order) {
    return switch (order) {
      case StepOrder.AsWorked _ -> AS_WORKED;
      case StepOrder.RuleFirst _ -> RULE_FIRST;
      case StepOrder.Own _ -> "";
    };
  }

  private Segments symbol(Symbols.Meaning meaning) {
    Segments ways =
        new Segments(
            Wording.english().text("style.symbol." + meaning.key()),
            meaning.ways().stream().map(way -> new Segment(way.name(), way.plain(), "")).toList(),
            meaning.ways().getFirst().name(),
            chosen ->
                change(
                    course ->
                        course.withSymbols(
                            course.symbols().with(meaning, Symbols.Written.valueOf(chosen)))));
    ways.setId("course-" + meaning.key());
    choices.add(course -> ways.show(course.symbols().of(meaning).name()));
    return ways;
  }

  private interface Change {
    Course of(Course course);
  }

  private void change(Change change) {
    solution.edit("", now -> now.withCourse(change.of(now.course())));
  }

  private static Label head(String text) {
    Label head = new Label(text);
    head.getStyleClass().add(Style.TRACE_HEAD);
    return head;
  }

  private static Button button(String id, String text, Runnable action) {
    Button button = new Button(text);
    button.setId(id);
    button.getStyleClass().add(Style.QUIET);
    button.setOnAction(_ -> action.run());
    return button;
  }

  private void show(Solution now) {
    choices.forEach(choice -> choice.show(now.course()));
    List<Difference> all = StyleDifferences.of(now);
    differences
        .getChildren()
        .setAll(
            all.isEmpty()
                ? List.of(new Label(Words.of("course.differs.nothing")))
                : all.stream().map(this::row).toList());
  }

  private Node row(Difference difference) {
    Label what = new Label(difference.what());
    what.getStyleClass().add(Style.DIFFERENCE_NAME);
    VBox words = new VBox(what);
    Stream.of(difference.now())
        .map(Label::new)
        .forEach(
            label -> {
              label.setWrapText(true);
              words.getChildren().add(label);
            });
    if (!difference.usual().isEmpty()) {
      Label usual = new Label(Words.of("course.usually", difference.usual()));
      usual.setWrapText(true);
      usual.getStyleClass().add(Style.DIFFERENCE_USUAL);
      words.getChildren().add(usual);
    }
    HBox.setHgrow(words, Priority.ALWAYS);
    words.setMinWidth(0);
    Button back =
        button("", Words.of("course.set-back"), () -> solution.edit("", _ -> difference.back()));
    back.setAccessibleText(Words.of("course.set-back") + ": " + difference.what());
    back.setMinWidth(USE_PREF_SIZE);
    HBox row = new HBox(words, back);
    row.getStyleClass().add(Style.DIFFERENCE);
    return row;
  }
}
