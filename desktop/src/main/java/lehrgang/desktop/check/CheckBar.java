package lehrgang.desktop.check;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.marks.ClassFigure;

/// The bar above a class: from student to student, answers in, feedback and marks out.
final class CheckBar extends HBox {
  private final MarksTable table;
  private final Supplier<Optional<Checked>> shown;
  private final Label title = new Label();
  private final MenuButton feedback = new MenuButton(Words.of("check.feedback"));
  private final Button summary =
      icon("fth-bar-chart-2", "check.summary", "check-summary", this::saveSummary);
  private final Button save = new Button(Words.of("check.save"));

  /// @param shown the class in sight
  /// @param type  begins to type a student's answers
  /// @param tryIt begins to fill in the worksheet itself
  /// @param rule  shows the rules of marking
  CheckBar(
      MarksTable table,
      Supplier<Optional<Checked>> shown,
      Runnable type,
      Runnable tryIt,
      Runnable rule) {
    this.table = table;
    this.shown = shown;
    Label name = Labels.view(Words.of("check.view"));
    title.getStyleClass().add(Style.HEADER_SUBTITLE);
    title.setMinWidth(0);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    feedback();
    save.setId("check-save");
    save.getStyleClass().add(Style.HAND_OUT);
    save.setMinWidth(Region.USE_PREF_SIZE);
    save.setOnAction(
        _ -> shown.get().ifPresent(checked -> new Request.SaveMarks(checked.marks()).from(this)));
    getChildren()
        .addAll(
            icon(
                "fth-arrow-left",
                "handout.back",
                "check-back",
                () -> new Request.Show(Request.View.WRITE).from(this)),
            name,
            title,
            space,
            icon("fth-chevron-up", "check.before", "check-before", () -> table.go(-1)),
            icon("fth-chevron-down", "check.next", "check-next", () -> table.go(1)),
            icon("fth-user-plus", "check.type", "check-type-more", type),
            icon("fth-edit", "check.try", "check-try", tryIt),
            icon(
                "fth-folder",
                "check.open",
                "check-open",
                () -> new Request.ChooseAnswers().from(this)),
            icon("fth-sliders", "check.rules", "check-rules", rule),
            summary,
            feedback,
            save);
    getStyleClass().add(Style.HEADER);
  }

  private static Button icon(String symbol, String key, String id, Runnable does) {
    Button button = Icons.button(symbol, Words.of(key), Style.ICON_BUTTON, does);
    button.setId(id);
    return button;
  }

  private void feedback() {
    feedback.setId("check-feedback");
    feedback.getStyleClass().addAll(Style.ICON_BUTTON, Style.HEADER_VIEW);
    feedback.setMinWidth(Region.USE_PREF_SIZE);
    feedback
        .getItems()
        .addAll(
            item(
                "check.feedback.student",
                _ ->
                    table
                        .chosen()
                        .ifPresent(sheet -> new Request.SaveFeedback(List.of(sheet)).from(this))),
            item(
                "check.feedback.everyone",
                checked -> new Request.SaveFeedback(checked.marks().sheets()).from(this)),
            item(
                "check.feedback.each",
                checked -> new Request.SaveFeedbackEach(checked.marks().sheets()).from(this)));
  }

  /// How the class fared, as a figure of its own.
  private void saveSummary() {
    shown
        .get()
        .ifPresent(
            checked ->
                new Request.SaveFigure(ClassFigure.of(checked.marks(), checked.page())).from(this));
  }

  private MenuItem item(String key, Consumer<Checked> does) {
    MenuItem item = new MenuItem(Words.of(key));
    item.setId(key.replace('.', '-'));
    item.setOnAction(_ -> shown.get().ifPresent(does));
    return item;
  }

  void show(String question) {
    title.setText(question);
  }

  /// Whether there are marks to hand back, by the solution as it is.
  void setMarked(boolean marked) {
    save.setDisable(!marked);
    feedback.setDisable(!marked);
    summary.setDisable(!marked);
  }
}
