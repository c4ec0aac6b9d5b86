package lehrgang.desktop.show;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;
import lehrgang.core.lesson.Chapter;
import lehrgang.core.lesson.Item;
import lehrgang.core.lesson.Lesson;
import lehrgang.core.lesson.Phase;
import lehrgang.core.lesson.Told;
import lehrgang.desktop.desk.Selection;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.BlockViews;
import lehrgang.desktop.page.LiveNumbers;

/// A step on the wall: its title, and below it what was told last, as much as there is room for.
/// Whatever its size, it is laid out [#HEIGHT] high with text 16 high, so that text is a thirtieth
/// of the height or more.
final class Board extends Region {
  /// How high a board is, in units of its own.
  static final double HEIGHT = 480;

  private static final double SIDE = 38;
  private static final double WIDE = 700;
  private static final double NARROW = 580;
  private static final double TOP = 20;
  private static final double GAP = 9;
  private static final double LINE = 33;

  /// How much larger the things of a step are set where there is room.
  private static final double[] WHOLE = {1.6, 1.45, 1.3, 1.15};

  private static final double[] IN_PARTS = {1.15, 1};

  private final Lesson lesson;
  private final Chapter chapter;
  private final Selection selection = new Selection();
  private final LiveNumbers numbers;
  private final BlockViews views;
  private final Placed content = new Placed();
  private final Scale scale = new Scale(1, 1);
  private final HBox heading;

  /// What is moved up goes below the title.
  private final Region cover = new Region();

  private final List<ItemView> items = new ArrayList<>();
  private Told at;
  private double covered;

  /// How far what is higher than the board was moved up, and how far it can be.
  private double moved;

  private double movable;
  private double laidFor = -1;
  private double laidHigh = -1;

  Board(Lesson lesson, int chapter, WorkedOut worked) {
    this.lesson = lesson;
    this.chapter = lesson.chapters().get(chapter);
    this.numbers = new LiveNumbers(worked, selection);
    this.views = BlockViews.toRead(numbers);
    this.at = new Told(chapter, 0, 0);
    getStyleClass().add(Style.SHOW_BOARD);
    Label number = Labels.label(Integer.toString(this.chapter.number()), Style.SHOW_NUMBER);
    Label title = Labels.label(this.chapter.title(), Style.SHOW_TITLE);
    heading = new HBox(number, title);
    heading.getStyleClass().add(Style.STEP_HEADING);
    for (Item item : this.chapter.items()) {
      items.add(new ItemView(item, views));
    }
    content.getTransforms().add(scale);
    content.getChildren().addAll(items);
    cover.getStyleClass().add(Style.SHOW_BOARD);
    content.getChildren().addAll(cover, heading);
    getChildren().add(content);
  }

  /// Which step it shows, by its place among all.
  int chapter() {
    return at.chapter();
  }

  LiveNumbers numbers() {
    return numbers;
  }

  Selection selection() {
    return selection;
  }

  BlockViews views() {
    return views;
  }

  /// The item that is told now.
  ItemView current() {
    return items.get(at.item());
  }

  /// Shows a line of the chapter and what was told before it.
  void show(Told line) {
    at = line;
    moved = 0;
    for (int k = 0; k < items.size(); k++) {
      items.get(k).show(reached(k));
    }
    numbers.conceal(lesson.concealed(at));
    light();
    requestLayout();
  }

  private int reached(int item) {
    return item < at.item()
        ? chapter.items().get(item).phases().size() - 1
        : item == at.item() ? at.phase() : -1;
  }

  /// Moves what is higher than the board on by as much as can be seen at once, less a line.
  ///
  /// @return whether there was anything more to see
  boolean moveOn() {
    if (moved >= movable) {
      return false;
    }
    double seen = items.get(at.item()).getHeight() - movable;
    moved = Math.min(movable, moved + seen - LINE);
    requestLayout();
    return true;
  }

  /// Keeps clear of what lies over the foot of the board.
  ///
  /// @param height how much of it is covered
  void keepClearOf(double height) {
    covered = height;
    requestLayout();
  }

  /// Lights what is being worked out and what it takes, from the moment that it is looked for.
  void light() {
    Item item = lesson.item(at);
    if (item.worked().isPresent() && lesson.phase(at) != Phase.ASKED) {
      selection.select(item.worked().get().line());
    } else {
      selection.clear();
    }
  }

  @Override
  protected void layoutChildren() {
    if (getWidth() != laidFor || getHeight() != laidHigh) {
      laidFor = getWidth();
      laidHigh = getHeight();
      scale();
    }
    double width = getWidth() / scale.getX();
    double height = getHeight() / scale.getY();
    content.resizeRelocate(0, 0, width, height);
    double room = width - 2 * side();
    double y = TOP / scale.getY();
    heading.resizeRelocate(side(), y, room, heading.prefHeight(room));
    cover.resizeRelocate(0, 0, width, y + heading.prefHeight(room) + GAP / 2);
    y += heading.prefHeight(room) + GAP;
    double free = height - y - GAP - covered / scale.getY();
    TreeSet<Integer> shown = inSight(room, free);
    movable = Math.max(0, items.get(at.item()).prefHeight(room) - free);
    y -= Math.min(moved, movable);
    for (int k = 0; k < items.size(); k++) {
      Node item = items.get(k);
      item.setVisible(shown.contains(k));
      if (shown.contains(k)) {
        double high = items.get(k).prefHeight(room);
        item.resizeRelocate(side(), y, room, high);
        y += high + GAP;
      }
    }
  }

  private double side() {
    return side(getWidth()) / scale.getX();
  }

  private static double side(double width) {
    return Math.min(SIDE, width / 24);
  }

  /// The room that a lesson is made for: that of a wide board or of a narrow one, so that it need
  /// not be made anew for every size.
  static double room(double width) {
    return width - 2 * side(width) >= WIDE ? WIDE : NARROW;
  }

  /// The line told now with the tables that it needs, and as many before it as there is room for.
  private TreeSet<Integer> inSight(double width, double height) {
    TreeSet<Integer> shown = new TreeSet<>(List.of(at.item()));
    double left = height - items.get(at.item()).prefHeight(width);
    for (int table : lesson.item(at).beside(at.phase())) {
      double needed = items.get(table).prefHeight(width) + GAP;
      if (!shown.contains(table) && needed <= left) {
        shown.add(table);
        left -= needed;
      }
    }
    for (int before = at.item() - 1; before >= 0; before--) {
      double needed = items.get(before).prefHeight(width) + GAP;
      if (shown.contains(before)) {
        continue;
      }
      if (needed > left) {
        break;
      }
      shown.add(before);
      left -= needed;
    }
    return shown;
  }

  /// As large as the whole step fits, or else each line with what it needs beside it.
  private void scale() {
    for (double factor : WHOLE) {
      if (fits(factor, true)) {
        set(factor);
        return;
      }
    }
    for (double factor : IN_PARTS) {
      if (factor == 1 || fits(factor, false)) {
        set(factor);
        return;
      }
    }
  }

  private void set(double factor) {
    scale.setX(factor);
    scale.setY(factor);
    double room = getWidth() / factor - 2 * side();
    items.forEach(item -> item.fit(room));
  }

  private boolean fits(double factor, boolean whole) {
    set(factor);
    double room = getWidth() / factor - 2 * side();
    double height = getHeight() / factor - TOP / factor - heading.prefHeight(room) - 2 * GAP;
    boolean narrow = items.stream().anyMatch(item -> item.minWidth(-1) > room);
    if (narrow) {
      return false;
    }
    return whole
        ? items.stream().mapToDouble(item -> item.prefHeight(room) + GAP).sum() <= height
        : IntStream.range(0, items.size()).allMatch(k -> group(k, room) <= height);
  }

  /// How high an item is with the table that it needs most.
  private double group(int place, double room) {
    Item item = chapter.items().get(place);
    return items.get(place).prefHeight(room)
        + item.tables().stream()
            .limit(1)
            .mapToDouble(table -> items.get(table).prefHeight(room) + GAP)
            .sum();
  }
}
