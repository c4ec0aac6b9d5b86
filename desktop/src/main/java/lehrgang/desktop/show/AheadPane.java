package lehrgang.desktop.show;

import java.time.Duration;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.stream.Stream;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.lesson.Lesson;
import lehrgang.core.lesson.LineInWords;
import lehrgang.core.lesson.Told;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StepNotes;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What is told now, what comes next, the lecturer's notes to this step, and the time.
final class AheadPane extends VBox {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

  private final Label where = Labels.label("", Style.AHEAD_SMALL);
  private final Label clock = new Label();
  private final Label now = Labels.label("", Style.AHEAD_NOW);
  private final Label next = Labels.label("", Style.AHEAD_NEXT);
  private final Label notes = Labels.label("", Style.AHEAD_NOTES);
  private final Timeline ticking =
      new Timeline(new KeyFrame(javafx.util.Duration.seconds(1), _ -> tick()));
  private LocalTime begun = LocalTime.now();

  AheadPane() {
    getStyleClass().addAll(Style.SHOW, Style.AHEAD);
    now.setId("ahead-now");
    next.setId("ahead-next");
    notes.setId("ahead-notes");
    clock.setId("ahead-clock");
    clock.getStyleClass().add(Style.AHEAD_CLOCK);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    getChildren()
        .addAll(
            new HBox(where, space, clock),
            now,
            Labels.label(Words.of("show.ahead.next"), Style.AHEAD_SMALL),
            next,
            Labels.label(Words.of("show.ahead.notes"), Style.AHEAD_SMALL),
            notes);
    ticking.setCycleCount(Animation.INDEFINITE);
  }

  void start() {
    begun = LocalTime.now();
    tick();
    ticking.play();
  }

  void stop() {
    ticking.stop();
  }

  private void tick() {
    LocalTime time = LocalTime.now();
    long minutes = Duration.between(begun, time).toMinutes();
    clock.setText(Words.of("show.ahead.clock", CLOCK.format(time), minutes));
  }

  void show(Lesson lesson, int at, LineInWords words, Solution solution) {
    Told line = lesson.lines().get(at);
    where.setText(
        Words.of(
            "show.ahead.where",
            lesson.chapters().get(line.chapter()).title(),
            at + 1,
            lesson.lines().size()));
    now.setText(words.of(line));
    next.setText(
        at + 1 < lesson.lines().size()
            ? words.of(lesson.lines().get(at + 1))
            : Words.of("show.ahead.end"));
    StepNotes said = solution.notes(lesson.chapters().get(line.chapter()).step());
    String all =
        String.join("\n", Stream.of(said.toSay(), said.hint()).filter(s -> !s.isBlank()).toList());
    notes.setText(all.isEmpty() ? Words.of("show.ahead.none") : all);
  }
}
