package lehrgang.desktop.show;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;
import javafx.stage.Stage;
import lehrgang.core.expr.LineId;
import lehrgang.core.lesson.Told;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.Page;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Guesses;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The solution on the wall, line by line.
public final class ShowView extends Region {
  private static final double CARD = 0.62;

  private final Desk desk;
  private final Runnable toggleTheme;
  private final Placed sheet = new Placed();
  private final Scale unit = new Scale(1, 1);
  private final Foot foot = new Foot();
  private final Region blank = new Region();
  private final Pointing pointing = new Pointing();
  private final Guess guess;
  private final Ahead ahead;
  private final Boards boards;
  private final Keys keys;
  private final Progress progress = new Progress();
  private boolean asksFirst;
  private boolean isInSight;

  /// @param toggleTheme changes between the dark and the light set
  public ShowView(Desk desk, Runnable toggleTheme) {
    this.desk = desk;
    this.toggleTheme = toggleTheme;
    Guesses guesses = new Guesses(desk.solution(), desk.worked());
    this.guess =
        new Guess(
            said -> progress.asked().flatMap(worked -> guesses.judge(worked.line(), said)),
            this::reveal);
    this.ahead = new Ahead(this::key);
    this.keys = keys();
    this.boards = new Boards(sheet, desk, this::width, this::selected);
    getStyleClass().add(Style.SHOW);
    setId("show-view");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.TEXT);
    blank.getStyleClass().add(Style.SHOW_BLANK);
    blank.setVisible(false);
    sheet.getTransforms().add(unit);
    sheet.getChildren().addAll(foot, guess, pointing.card());
    getChildren().addAll(sheet, blank);
    addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
    widthProperty().subscribe(this::resized);
    heightProperty().subscribe(this::resized);
    addEventHandler(MouseEvent.MOUSE_CLICKED, _ -> requestFocus());
    desk.worked().subscribe(this::changed);
  }

  /// A board of another shape may hold other tables beside each other.
  private void resized() {
    if (isInSight && getHeight() > 0) {
      unit.setX(getHeight() / Board.HEIGHT);
      unit.setY(getHeight() / Board.HEIGHT);
      progress.page().ifPresent(page -> Platform.runLater(() -> tell(page)));
    }
  }

  private void changed(Sight sight) {
    if (isInSight && sight.isCurrent()) {
      sight.whole().ifPresent(this::tell);
    }
  }

  /// Whether it is looked at; what was told of the same solution goes on from there.
  public void setInSight(boolean looks) {
    boolean begins = looks && !isInSight;
    isInSight = looks;
    if (begins) {
      unit.setX(getHeight() / Board.HEIGHT);
      desk.worked()
          .now()
          .whole()
          .ifPresentOrElse(this::tell, () -> foot.say(Words.of("show.nothing")));
      requestFocus();
      stage().ifPresent(ahead::openWhereThereIsRoom);
    }
    if (!looks) {
      leaveAll();
      ahead.close();
      stage().ifPresent(stage -> stage.setFullScreen(false));
    }
  }

  private void tell(Page page) {
    if (progress.tell(page, Board.room(width()))) {
      boards.forget();
    }
    show();
  }

  private void show() {
    Telling now = progress.telling();
    Told line = progress.line();
    boards.turnTo(now.lesson(), line.chapter());
    pointing.lighting(() -> boards.now().orElseThrow().show(line));
    foot.show(now.lesson(), line, now.page());
    setAccessibleText(now.words().of(line));
    ahead.pane().show(now.lesson(), progress.at(), now.words(), desk.solution().now());
    requestLayout();
  }

  /// Goes to a line, by its place among all.
  public void go(int line) {
    leaveAll();
    if (progress.go(line)) {
      show();
    }
  }

  /// Goes on by a line; a value that is asked for first waits for the guesses.
  private void next() {
    if (boards.now().filter(Board::moveOn).isPresent()) {
      return;
    }
    boolean asks = asksFirst && !guess.isVisible() && progress.asked().isPresent();
    if (asks) {
      leaveAll();
      guess.ask(PlainText.of(progress.asked().orElseThrow().chain().left()));
      requestLayout();
    } else {
      reveal();
    }
  }

  private void reveal() {
    go(progress.at() + 1);
    requestFocus();
  }

  private void step(int by) {
    progress.firstOfStep(by).ifPresent(this::go);
  }

  private void jump(String number) {
    progress
        .firstOfStep(number)
        .ifPresentOrElse(this::go, () -> foot.say(Words.of("show.no-step", number)));
  }

  private void pressed(KeyEvent event) {
    if (!guess.isTypedIn() && key(event)) {
      event.consume();
    }
  }

  /// What a key does, from either window.
  private boolean key(KeyEvent event) {
    if (event.isShortcutDown() || event.isAltDown() || progress.page().isEmpty()) {
      return false;
    }
    KeyCode code = event.getCode();
    if (blank.isVisible()) {
      blank.setVisible(false);
      if (code == KeyCode.B) {
        return true;
      }
    }
    if (boards.now().filter(board -> pointing.press(code, board)).isPresent()) {
      return true;
    }
    return keys.press(event);
  }

  private Keys keys() {
    return new Keys(foot, this::jump)
        .on(this::next, KeyCode.RIGHT, KeyCode.SPACE, KeyCode.ENTER, KeyCode.DOWN)
        .on(() -> go(progress.at() - 1), KeyCode.LEFT, KeyCode.UP, KeyCode.BACK_SPACE)
        .on(() -> step(1), KeyCode.PAGE_DOWN)
        .on(() -> step(-1), KeyCode.PAGE_UP)
        .on(() -> go(0), KeyCode.HOME)
        .on(() -> go(lines() - 1), KeyCode.END)
        .on(() -> blank.setVisible(true), KeyCode.B)
        .on(this::point, KeyCode.P)
        .on(this::askFirst, KeyCode.A)
        .on(toggleTheme, KeyCode.L)
        .on(() -> stage().ifPresent(ahead::toggle), KeyCode.N)
        .on(() -> stage().ifPresent(ShowView::toggleFullScreen), KeyCode.F);
  }

  private Optional<Stage> stage() {
    return Optional.ofNullable(getScene())
        .map(scene -> scene.getWindow())
        .filter(Stage.class::isInstance)
        .map(Stage.class::cast);
  }

  /// Escape closes what lies over the board before it leaves, so it does not end full screen
  /// itself.
  private static void toggleFullScreen(Stage stage) {
    stage.setFullScreenExitHint("");
    stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
    stage.setFullScreen(!stage.isFullScreen());
  }

  private void askFirst() {
    asksFirst = !asksFirst;
    foot.say(Words.of(asksFirst ? "show.asks" : "show.tells"));
  }

  private void point() {
    boolean ends = pointing.isOn();
    leaveAll();
    if (!ends) {
      foot.say(Words.of("show.pointing"));
      boards.now().ifPresent(pointing::begin);
    }
  }

  private void selected(Optional<LineId> line) {
    if (line.isPresent() && boards.now().isPresent()) {
      pointing.selected(
          line.get(), progress.telling(), progress.line(), boards.now().get(), width() * CARD);
      requestLayout();
    }
  }

  /// Leaves what lies over the board.
  ///
  /// @return whether there was anything
  public boolean back() {
    boolean open = blank.isVisible() || guess.isVisible() || pointing.isOpen();
    blank.setVisible(false);
    leaveAll();
    if (open) {
      boards.now().ifPresent(board -> pointing.lighting(board::light));
      requestFocus();
    }
    return open;
  }

  private void leaveAll() {
    pointing.leave();
    guess.leave();
    keys.leave();
    foot.say("");
  }

  private double width() {
    return getWidth() / unit.getX();
  }

  @Override
  protected void layoutChildren() {
    double factor = getHeight() / Board.HEIGHT;
    unit.setX(factor);
    unit.setY(factor);
    sheet.resizeRelocate(0, 0, width(), Board.HEIGHT);
    blank.resizeRelocate(0, 0, getWidth(), getHeight());
    boards.layOut();
    foot.resizeRelocate(0, Board.HEIGHT - Boards.FOOT, width(), Boards.FOOT);
    above(guess, width());
    boards.now().ifPresent(now -> now.keepClearOf(guess.isVisible() ? guess.getHeight() : 0));
    above(pointing.card(), Math.min(width(), pointing.card().prefWidth(-1)));
  }

  /// Stands on the foot, at the right edge.
  private void above(Region over, double wide) {
    double high = over.prefHeight(wide);
    over.resizeRelocate(width() - wide, Board.HEIGHT - Boards.FOOT - high, wide, high);
  }

  /// The line that is told now, by its place among all.
  public int at() {
    return progress.at();
  }

  /// The step of that line, by its place among all.
  public int chapter() {
    return progress.line().chapter();
  }

  /// How many lines there are.
  public int lines() {
    return progress.lines();
  }

  /// What is on the wall.
  public Node wall() {
    return boards.now().orElseThrow();
  }

  /// What is told now.
  public Node told() {
    return boards.now().orElseThrow().current();
  }
}
