package lehrgang.desktop.show;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import lehrgang.core.lesson.Lesson;
import lehrgang.core.lesson.Phase;
import lehrgang.core.lesson.Told;
import lehrgang.core.page.Page;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Where the lesson is: its steps as dots, the lines of what is told now, and the keys.
final class Foot extends HBox {
  private final HBox dots = new HBox();
  private final HBox lines = new HBox();
  private final Label keys = new Label();
  private String said = "";

  Foot() {
    getStyleClass().add(Style.SHOW_FOOT);
    dots.getStyleClass().add(Style.SHOW_DOTS);
    lines.setId("show-lines");
    lines.getStyleClass().add(Style.SHOW_LINES);
    keys.getStyleClass().add(Style.SHOW_KEYS);
    keys.setMinWidth(0);
    lines.setMinWidth(Region.USE_PREF_SIZE);
    dots.setMinWidth(Region.USE_PREF_SIZE);
    Region space = new Region();
    setHgrow(space, Priority.ALWAYS);
    getChildren().addAll(dots, lines, space, keys);
  }

  void show(Lesson lesson, Told at, Page page) {
    dots.getChildren().clear();
    for (int k = 0; k < lesson.chapters().size(); k++) {
      Region dot = new Region();
      dot.getStyleClass()
          .add(
              k < at.chapter()
                  ? Style.SHOW_DOT_PAST
                  : k == at.chapter() ? Style.SHOW_DOT_NOW : Style.SHOW_DOT);
      dots.getChildren().add(dot);
    }
    List<Told> ofChapter =
        lesson.lines().stream().filter(line -> line.chapter() == at.chapter()).toList();
    lines
        .getChildren()
        .setAll(
            words(
                Words.of("show.line", ofChapter.indexOf(at) + 1, ofChapter.size()),
                Style.SHOW_LINE));
    List<Phase> phases = lesson.item(at).phases();
    for (int k = 0; k < phases.size() && phases.size() > 1; k++) {
      lines.getChildren().add(words(" · ", Style.SHOW_LINE));
      lines
          .getChildren()
          .add(
              words(
                  page.wording().text("show.phase." + phases.get(k).key()),
                  k == at.phase() ? Style.SHOW_LINE_NOW : Style.SHOW_LINE));
    }
  }

  /// Says something in place of the keys; empty for the keys.
  void say(String words) {
    said = words;
    requestLayout();
  }

  /// The keys, as many as there is room for.
  @Override
  protected void layoutChildren() {
    double room =
        getWidth()
            - snappedLeftInset()
            - snappedRightInset()
            - dots.prefWidth(-1)
            - lines.prefWidth(-1)
            - 3 * getSpacing();
    String text =
        said.isEmpty()
            ? Stream.of(Words.of("show.keys"), Words.of("show.keys.short"))
                .filter(these -> width(these) <= room)
                .findFirst()
                .orElse("")
            : said;
    if (!text.equals(keys.getText())) {
      keys.setText(text);
    }
    super.layoutChildren();
  }

  private double width(String text) {
    Text measured = new Text(text);
    measured.setFont(keys.getFont());
    return measured.getLayoutBounds().getWidth();
  }

  private static Text words(String said, String style) {
    Text text = new Text(said);
    text.getStyleClass().add(style);
    return text;
  }
}
