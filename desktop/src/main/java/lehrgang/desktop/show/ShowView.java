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
import lehrgang.core.lesson.Lesson;
import lehrgang.core.lesson.LineInWords;
import lehrgang.core.lesson.Phase;
import lehrgang.core.lesson.Told;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The solution on the wall, line by line.
public final class ShowView extends Region {
  private static final double FOOT = 30;
  private static final double CARD = 0.62;

  private final Desk desk;
  private final Runnable toggleTheme;
  private final Placed sheet = new Placed();
  private final Scale unit = new Scale(1, 1);
  private final Foot foot = new Foot();
  private final Region blank = new Region();
  private final SourceCard card = new SourceCard();
  private final Guess guess;
  private final Ahead ahead;
  private Optional<Telling> telling = Optional.empty();
  private Optional<Board> board = Optional.empty();
  private Optional<Pointer> pointer = Optional.empty();
  private String jump = "";

  /// The board of the next step, made while nobody waits for it.
  private Optional<Board> prepared = Optional.empty();

  private int at;
  private boolean asksFirst;
  private boolean isInSight;
  private boolean isLighting;

  /// What is told, from one page.
  ///
  /// @param room how wide the board is that it is made for
  private record Telling(Page page, double room, Lesson lesson, LineInWords words) {
    static Telling of(Page page, double room) {
      Lesson lesson = Lesson.of(page, room);
      return new Telling(page, room, lesson, new LineInWords(lesson, page));
    }
  }

  /// @param toggleTheme changes between the dark and the light set
  public ShowView(Desk desk, Runnable toggleTheme) {
    this.desk = desk;
    this.toggleTheme = toggleTheme;
    this.guess =
        new Guess(
            said -> desk.checking().judge(asked().orElseThrow().line(), said).orElseThrow(),
            desk.checking()::saidOf,
            this::reveal);
    this.ahead = new Ahead(this::key);
    getStyleClass().add(Style.SHOW);
    setId("show-view");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.TEXT);
    blank.getStyleClass().add(Style.SHOW_BLANK);
    blank.setVisible(false);
    sheet.getTransforms().add(unit);
    sheet.getChildren().addAll(foot, guess, card);
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
      telling.map(Telling::page).ifPresent(page -> Platform.runLater(() -> tell(page)));
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
      desk.worked().now().whole().ifPresent(this::tell);
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
    double room = Board.room(width());
    if (telling.filter(now -> now.page() == page && now.room() == room).isEmpty()) {
      Optional<Integer> chapter = telling.map(_ -> line().chapter());
      boolean resized = telling.filter(now -> now.page() == page).isPresent();
      telling = Optional.of(Telling.of(page, room));
      forgetBoards();
      if (resized) {
        at = telling.get().lesson().firstOf(chapter.orElse(0));
      }
    }
    at = Math.clamp(at, 0, telling.orElseThrow().lesson().lines().size() - 1);
    show();
  }

  /// Shows the lines from the first on.
  public void begin() {
    at = 0;
  }

  private Told line() {
    return telling.orElseThrow().lesson().lines().get(at);
  }

  private void show() {
    Telling now = telling.orElseThrow();
    Told line = line();
    if (board.filter(shown -> shown.chapter() == line.chapter()).isEmpty()) {
      board.ifPresent(sheet.getChildren()::remove);
      Board next =
          prepared
              .filter(made -> made.chapter() == line.chapter())
              .orElseGet(() -> board(line.chapter()));
      prepared.filter(made -> made != next).ifPresent(sheet.getChildren()::remove);
      prepared = Optional.empty();
      next.setVisible(true);
      board = Optional.of(next);
      next.selection().subscribe(this::selected);
      Platform.runLater(this::prepare);
    }
    isLighting = true;
    board.orElseThrow().show(line);
    isLighting = false;
    foot.show(now.lesson(), line, now.page());
    setAccessibleText(now.words().of(line));
    ahead.pane().show(now.lesson(), at, now.words(), desk.solution().now());
    requestLayout();
  }

  private Board board(int chapter) {
    Board made =
        new Board(
            telling.orElseThrow().lesson(),
            chapter,
            desk.worked(),
            desk.solution().now().question());
    sheet.getChildren().addFirst(made);
    made.resizeRelocate(0, 0, width(), Board.HEIGHT - FOOT);
    return made;
  }

  private void prepare() {
    int next = telling.map(_ -> line().chapter() + 1).orElse(Integer.MAX_VALUE);
    boolean wanted =
        isInSight
            && prepared.isEmpty()
            && next < telling.map(now -> now.lesson().chapters().size()).orElse(0);
    if (wanted) {
      Board made = board(next);
      made.applyCss();
      made.layout();
      made.setVisible(false);
      prepared = Optional.of(made);
    }
  }

  private void forgetBoards() {
    board.ifPresent(sheet.getChildren()::remove);
    prepared.ifPresent(sheet.getChildren()::remove);
    board = Optional.empty();
    prepared = Optional.empty();
  }

  /// Goes to a line, by its place among all.
  public void go(int line) {
    leaveAll();
    int last = telling.map(now -> now.lesson().lines().size() - 1).orElse(-1);
    if (last < 0 || line < 0 || line > last) {
      return;
    }
    at = line;
    show();
  }

  /// Goes on by a line; a value that is asked for first waits for the guesses.
  private void next() {
    if (board.filter(Board::moveOn).isPresent()) {
      return;
    }
    boolean asks = asksFirst && !guess.isVisible() && asked().isPresent();
    if (asks) {
      leaveAll();
      guess.ask(PlainText.of(asked().orElseThrow().chain().left()));
      requestLayout();
    } else {
      reveal();
    }
  }

  private void reveal() {
    go(at + 1);
    requestFocus();
  }

  /// The working whose value comes next.
  private Optional<PageBlock.Worked> asked() {
    return telling
        .map(Telling::lesson)
        .filter(lesson -> at + 1 < lesson.lines().size())
        .filter(lesson -> lesson.phase(lesson.lines().get(at + 1)) == Phase.VALUE)
        .flatMap(lesson -> lesson.item(lesson.lines().get(at + 1)).worked());
  }

  private void step(int by) {
    telling.ifPresent(
        now -> {
          int chapter = line().chapter();
          int first = now.lesson().firstOf(chapter);
          int wanted = by < 0 && at > first ? chapter : chapter + by;
          if (wanted >= 0 && wanted < now.lesson().chapters().size()) {
            go(now.lesson().firstOf(wanted));
          }
        });
  }

  private void jump() {
    String wanted = jump;
    jump = "";
    foot.say("");
    telling.ifPresent(
        now -> {
          for (int k = 0; k < now.lesson().chapters().size(); k++) {
            if (Integer.toString(now.lesson().chapters().get(k).number()).equals(wanted)) {
              go(now.lesson().firstOf(k));
              return;
            }
          }
          foot.say(Words.of("show.no-step", wanted));
        });
  }

  private void pressed(KeyEvent event) {
    if (!guess.isTypedIn() && key(event)) {
      event.consume();
    }
  }

  /// What a key does, from either window.
  private boolean key(KeyEvent event) {
    if (event.isShortcutDown() || event.isAltDown() || telling.isEmpty()) {
      return false;
    }
    KeyCode code = event.getCode();
    if (blank.isVisible()) {
      blank.setVisible(false);
      if (code == KeyCode.B) {
        return true;
      }
    }
    if (code.isDigitKey()) {
      jump += event.getText();
      foot.say(Words.of("show.jump", jump));
      return true;
    }
    if (!jump.isEmpty()) {
      if (code == KeyCode.ENTER) {
        jump();
        return true;
      }
      jump = "";
      foot.say("");
    }
    if (pointer.isPresent() && code.isArrowKey()) {
      pointer.get().go(code);
      mark();
      return true;
    }
    if (pointer.isPresent() && code == KeyCode.ENTER) {
      mark();
      return true;
    }
    return act(code);
  }

  private boolean act(KeyCode code) {
    switch (code) {
      case RIGHT, SPACE, ENTER, DOWN -> next();
      case LEFT, UP, BACK_SPACE -> go(at - 1);
      case PAGE_DOWN -> step(1);
      case PAGE_UP -> step(-1);
      case HOME -> go(0);
      case END -> go(telling.orElseThrow().lesson().lines().size() - 1);
      case B -> blank.setVisible(true);
      case P -> point();
      case A -> askFirst();
      case L -> toggleTheme.run();
      case N -> stage().ifPresent(ahead::toggle);
      case F -> stage().ifPresent(ShowView::toggleFullScreen);
      default -> {
        return false;
      }
    }
    return true;
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
    if (pointer.isPresent()) {
      leaveAll();
      return;
    }
    leaveAll();
    Pointer begun = new Pointer(board.orElseThrow().numbers());
    pointer = Optional.of(begun);
    begun.begin();
    foot.say(Words.of("show.pointing"));
    mark();
  }

  private void mark() {
    Board now = board.orElseThrow();
    pointer.flatMap(Pointer::at).flatMap(now.numbers()::lineAt).ifPresent(now.selection()::select);
  }

  /// A number that somebody pointed at says where it comes from, unless it is still to be found.
  private void selected(Optional<LineId> line) {
    if (isLighting || board.isEmpty() || line.isEmpty()) {
      return;
    }
    Telling now = telling.orElseThrow();
    boolean told = !now.lesson().concealed(line()).contains(line.get());
    if (told && now.page().has(line.get())) {
      card.show(line.get(), now.page(), board.get().views(), width() * CARD);
      requestLayout();
    } else {
      card.leave();
    }
  }

  /// Leaves what lies over the board.
  ///
  /// @return whether there was anything
  public boolean back() {
    boolean open =
        blank.isVisible() || card.isVisible() || guess.isVisible() || pointer.isPresent();
    blank.setVisible(false);
    leaveAll();
    if (open && board.isPresent()) {
      isLighting = true;
      board.get().light();
      isLighting = false;
      requestFocus();
    }
    return open;
  }

  private void leaveAll() {
    card.leave();
    guess.leave();
    pointer = Optional.empty();
    jump = "";
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
    board.ifPresent(now -> now.resizeRelocate(0, 0, width(), Board.HEIGHT - FOOT));
    foot.resizeRelocate(0, Board.HEIGHT - FOOT, width(), FOOT);
    above(guess, width());
    board.ifPresent(now -> now.keepClearOf(guess.isVisible() ? guess.getHeight() : 0));
    above(card, Math.min(width(), card.prefWidth(-1)));
  }

  /// Stands on the foot, at the right edge.
  private void above(Region over, double wide) {
    double high = over.prefHeight(wide);
    over.resizeRelocate(width() - wide, Board.HEIGHT - FOOT - high, wide, high);
  }

  /// The line that is told now, by its place among all.
  public int at() {
    return at;
  }

  /// The step of that line, by its place among all.
  public int chapter() {
    return line().chapter();
  }

  /// How many lines there are.
  public int lines() {
    return telling.map(now -> now.lesson().lines().size()).orElse(0);
  }

  /// The lecturer's own window.
  Ahead ahead() {
    return ahead;
  }

  /// What is on the wall.
  public Node wall() {
    return board.orElseThrow();
  }

  /// What is told now.
  public Node told() {
    return board.orElseThrow().current();
  }
}
