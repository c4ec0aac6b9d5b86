package lehrgang.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.page.Page;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.Words;

/// Moves steps on the rail, by dragging or with Alt and the arrow keys, wherever their numbers
/// allow it.
final class StepMoves {
  private static final double LEAST = 8;

  private final OpenSolution solution;
  private final WorkedOut worked;
  private final Notices notices;

  StepMoves(OpenSolution solution, WorkedOut worked, Notices notices) {
    this.solution = solution;
    this.worked = worked;
    this.notices = notices;
  }

  /// Lets an item of the rail be moved.
  ///
  /// @param click what a click without a move does
  void attach(Region item, String step, Runnable click) {
    double[] start = new double[1];
    item.setOnMousePressed(press -> start[0] = press.getSceneY());
    item.setOnMouseDragged(
        drag -> {
          double by = drag.getSceneY() - start[0];
          if (Math.abs(by) >= LEAST) {
            item.setTranslateY(by);
            item.setViewOrder(-1);
          }
        });
    item.setOnMouseReleased(
        release -> {
          double by = item.getTranslateY();
          item.setTranslateY(0);
          item.setViewOrder(0);
          if (by == 0) {
            click.run();
          } else {
            move(step, (int) Math.round(by / item.getHeight()));
          }
        });
    item.addEventHandler(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (key.isAltDown() && (key.getCode() == KeyCode.UP || key.getCode() == KeyCode.DOWN)) {
            move(step, key.getCode() == KeyCode.UP ? -1 : 1);
            key.consume();
          }
        });
  }

  private void move(String step, int by) {
    worked.now().whole().ifPresent(page -> move(page, step, by));
  }

  private void move(Page page, String step, int by) {
    List<String> order = new ArrayList<>(page.headings().stream().map(Page.Heading::step).toList());
    int from = order.indexOf(step);
    int to = Math.clamp((long) from + by, 0, order.size() - 1);
    if (to == from) {
      return;
    }
    order.remove(from);
    order.add(to, step);
    if (!page.stepsIn(new StepOrder.Own(order)).equals(order)) {
      String title = page.headings().get(from).title();
      notices.say(Words.of("rail.cannot-move", title));
      return;
    }
    StepOrder named =
        Stream.<StepOrder>of(new StepOrder.AsWorked(), new StepOrder.RuleFirst())
            .filter(known -> page.stepsIn(known).equals(order))
            .findFirst()
            .orElseGet(() -> new StepOrder.Own(order));
    solution.edit("", now -> now.withCourse(now.course().withOrder(named)));
  }
}
