package lehrgang.desktop.show;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleSupplier;
import javafx.application.Platform;
import lehrgang.core.expr.LineId;
import lehrgang.core.lesson.Lesson;
import lehrgang.desktop.desk.Desk;

/// The board that is seen, and the one of the next step, made while nobody waits for it.
final class Boards {
  /// How much of the height is left for the foot.
  static final double FOOT = 30;

  private final Placed sheet;
  private final Desk desk;
  private final DoubleSupplier width;
  private final Consumer<Optional<LineId>> selected;
  private Optional<Board> now = Optional.empty();
  private Optional<Board> prepared = Optional.empty();

  /// @param sheet    on which boards stand
  /// @param width    how wide they are
  /// @param selected told of the number that is selected on the board that is seen
  Boards(Placed sheet, Desk desk, DoubleSupplier width, Consumer<Optional<LineId>> selected) {
    this.sheet = sheet;
    this.desk = desk;
    this.width = width;
    this.selected = selected;
  }

  /// The board that is seen.
  Optional<Board> now() {
    return now;
  }

  /// Shows the board of a step.
  void turnTo(Lesson lesson, int chapter) {
    if (now.filter(shown -> shown.chapter() == chapter).isPresent()) {
      return;
    }
    now.ifPresent(sheet.getChildren()::remove);
    Board next =
        prepared.filter(made -> made.chapter() == chapter).orElseGet(() -> make(lesson, chapter));
    prepared.filter(made -> made != next).ifPresent(sheet.getChildren()::remove);
    prepared = Optional.empty();
    next.setVisible(true);
    now = Optional.of(next);
    next.selection().subscribe(selected);
    Platform.runLater(() -> prepare(lesson, next));
  }

  private Board make(Lesson lesson, int chapter) {
    Board made = new Board(lesson, chapter, desk.worked());
    sheet.getChildren().addFirst(made);
    place(made);
    return made;
  }

  private void place(Board board) {
    board.resizeRelocate(0, 0, width.getAsDouble(), Board.HEIGHT - FOOT);
  }

  private void prepare(Lesson lesson, Board after) {
    int next = after.chapter() + 1;
    boolean wanted =
        now.equals(Optional.of(after)) && prepared.isEmpty() && next < lesson.chapters().size();
    if (wanted) {
      Board made = make(lesson, next);
      made.applyCss();
      made.layout();
      made.setVisible(false);
      prepared = Optional.of(made);
    }
  }

  void layOut() {
    now.ifPresent(this::place);
  }

  /// Wipes both.
  void forget() {
    now.ifPresent(sheet.getChildren()::remove);
    prepared.ifPresent(sheet.getChildren()::remove);
    now = Optional.empty();
    prepared = Optional.empty();
  }
}
