package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import javafx.stage.Stage;
import lehrgang.core.cases.Origin;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Notice;
import lehrgang.documents.solutionfile.SolutionFile;

/// Drives a real window as a person would: with mouse and keys, seeing what is on it.
final class WindowDriver {
  private static final Duration PATIENCE = Duration.ofSeconds(60);

  /// What comes by itself may come with a pause.
  private static final Duration MOMENT = Duration.ofMillis(10);

  private static boolean started;

  private final Stage stage;
  private final MainWindow window;

  private WindowDriver(Stage stage, MainWindow window) {
    this.stage = stage;
    this.window = window;
  }

  static synchronized WindowDriver open(SolutionFile solution, Path userFolder) {
    return open(solution, Optional.empty(), userFolder);
  }

  static synchronized WindowDriver open(
      SolutionFile solution, Optional<Path> file, Path userFolder) {
    if (!started) {
      CountDownLatch ready = new CountDownLatch(1);
      Platform.startup(ready::countDown);
      Platform.setImplicitExit(false);
      try {
        ready.await(30, TimeUnit.SECONDS);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
      Turn.run(MainWindow::prepare);
      started = true;
    }
    WindowDriver driver =
        Turn.call(
            () -> {
              Stage stage = new Stage();
              return new WindowDriver(stage, MainWindow.show(stage, solution, file, userFolder));
            });
    Turn.settle();
    driver.settle();
    return driver;
  }

  void close() {
    Turn.run(stage::close);
  }

  MainWindow window() {
    return window;
  }

  /// What is done with files, without the dialogs that ask for them.
  FileActions files() {
    return window.faces().files();
  }

  /// Waits until every step of the page is set, however long the machine takes.
  private void settle() {
    until(() -> window.faces().write().page().isSettled(), Duration.ZERO);
  }

  /// Waits for something that comes by itself.
  void await(BooleanSupplier arrived) {
    assertThat(until(arrived, MOMENT)).as("it came").isTrue();
    Turn.settle();
  }

  /// Does something, and acts the moment a notice that begins so is said, however soon another one
  /// takes its place.
  void onNotice(String beginning, Runnable cause, Consumer<Notice> act) {
    AtomicBoolean acted = new AtomicBoolean();
    AtomicBoolean seen = new AtomicBoolean();
    Turn.call(
        () -> {
          desk()
              .notices()
              .subscribe(
                  notice -> {
                    if (notice.sentence().startsWith(beginning) && !seen.getAndSet(true)) {
                      Platform.runLater(
                          () -> {
                            act.accept(notice);
                            acted.set(true);
                          });
                    }
                  });
          cause.run();
          return true;
        });
    await(acted::get);
  }

  /// Lets the window go on until something is so, but not for ever.
  private static boolean until(BooleanSupplier arrived, Duration pause) {
    long end = System.nanoTime() + PATIENCE.toNanos();
    boolean there = Turn.call(arrived::getAsBoolean);
    while (!there && System.nanoTime() < end) {
      Turn.settle();
      LockSupport.parkNanos(pause.toNanos());
      there = Turn.call(arrived::getAsBoolean);
    }
    return there;
  }

  /// What the notice says; only on the interface thread.
  String notice() {
    return desk().notices().now().sentence();
  }

  Desk desk() {
    return window.desk();
  }

  Solution solution() {
    return desk().solution().now();
  }

  /// Makes another solution of the one that is open, as a step of its own.
  void edit(UnaryOperator<Solution> change) {
    Turn.run(() -> desk().solution().edit("", change));
  }

  private static void robot(Consumer<Robot> work) {
    Turn.run(() -> work.accept(new Robot()));
  }

  Node find(String id) {
    settle();
    return Turn.call(
        () -> {
          Node node = window.scene().getRoot().lookup("#" + id);
          if (node == null) {
            throw new AssertionError("nothing on the window is called " + id);
          }
          return node;
        });
  }

  boolean isThere(String id) {
    settle();
    return Turn.call(() -> window.scene().getRoot().lookup("#" + id) != null);
  }

  /// Presses the button that a screen reader calls by this name.
  void pressNamed(String name) {
    settle();
    Turn.run(
        () ->
            window.scene().getRoot().lookupAll(".button").stream()
                .filter(node -> name.equals(node.getAccessibleText()))
                .map(ButtonBase.class::cast)
                .findFirst()
                .orElseThrow()
                .fire());
    settle();
  }

  boolean isShown(String text) {
    settle();
    return Turn.call(
        () -> texts(window.scene().getRoot()).stream().anyMatch(t -> t.contains(text)));
  }

  /// All that can be read on the window.
  private static List<String> texts(Node shown) {
    if (!shown.isVisible()) {
      return List.of();
    }
    return switch (shown) {
      case Labeled labeled -> {
        List<String> all = new ArrayList<>(List.of(String.valueOf(labeled.getText())));
        Optional.ofNullable(labeled.getGraphic()).ifPresent(node -> all.addAll(texts(node)));
        yield all;
      }
      case TextInputControl input -> List.of(input.getText());
      case Text text -> List.of(text.getText());
      case TextFlow flow when flow.getAccessibleText() != null -> List.of(flow.getAccessibleText());
      case Parent parent ->
          parent.getChildrenUnmodifiable().stream()
              .flatMap(child -> texts(child).stream())
              .toList();
      default -> List.of();
    };
  }

  /// The formulas on the window, as they are spoken.
  List<String> spoken() {
    settle();
    return Turn.call(
        () ->
            window.scene().getRoot().lookupAll(".formula").stream()
                .map(Node::getAccessibleText)
                .toList());
  }

  private void reveal(Node node) {
    settle();
    Turn.run(() -> window.faces().write().page().reveal(node));
  }

  void click(Node node) {
    reveal(node);
    robot(
        robot -> {
          Bounds bounds = node.localToScreen(node.getBoundsInLocal());
          robot.mouseMove(bounds.getCenterX(), bounds.getCenterY());
          robot.mouseClick(MouseButton.PRIMARY);
        });
  }

  void click(String id) {
    click(find(id));
  }

  void pointAt(Node node) {
    reveal(node);
    robot(
        robot -> {
          Bounds bounds = node.localToScreen(node.getBoundsInLocal());
          robot.mouseMove(bounds.getCenterX() - 1, bounds.getCenterY());
          robot.mouseMove(bounds.getCenterX(), bounds.getCenterY());
        });
  }

  /// Presses a button without the mouse, as the space bar does.
  void press(String id) {
    Node node = find(id);
    Turn.run(() -> ((ButtonBase) node).fire());
  }

  /// Fills a field at once.
  void fill(String id, String text) {
    Node node = find(id);
    Turn.run(() -> ((TextInputControl) node).setText(text));
    settle();
  }

  /// Takes an entry of a list.
  @SuppressWarnings("unchecked")
  void pick(String id, Object entry) {
    Node node = find(id);
    Turn.run(() -> ((ComboBox<Object>) node).setValue(entry));
    settle();
  }

  /// Opens the form for another step of the recipe.
  void addStep(String sort) {
    MenuButton add = (MenuButton) find("recipe-add");
    Turn.run(
        () ->
            add.getItems().stream()
                .filter(item -> ("recipe-add-" + sort).equals(item.getId()))
                .findFirst()
                .orElseThrow()
                .fire());
    settle();
  }

  /// Ticks the box of a value.
  void tick(String value) {
    settle();
    Turn.run(
        () ->
            window.scene().getRoot().lookupAll(".check-box").stream()
                .map(CheckBox.class::cast)
                .filter(box -> value.equals(box.getUserData()))
                .findFirst()
                .orElseThrow()
                .setSelected(true));
    settle();
  }

  /// Where the counts of the solution come from.
  Origin origin() {
    return Turn.call(() -> solution().origin().orElseThrow());
  }

  /// Presses the button with this text.
  void pressLabelled(String label) {
    settle();
    Turn.run(() -> button(window.scene().getRoot(), label).orElseThrow().fire());
  }

  private static Optional<ButtonBase> button(Node node, String label) {
    return switch (node) {
      case ButtonBase button when button.getText().equals(label) -> Optional.of(button);
      case Parent parent ->
          parent.getChildrenUnmodifiable().stream()
              .map(child -> button(child, label))
              .flatMap(Optional::stream)
              .findFirst();
      default -> Optional.empty();
    };
  }

  void choose(String optionId, String label) {
    Parent segments = (Parent) find(optionId);
    Node wanted =
        Turn.call(
            () ->
                segments.getChildrenUnmodifiable().stream()
                    .filter(node -> ((Labeled) node).getText().equals(label))
                    .findFirst()
                    .orElseThrow());
    click(wanted);
  }

  void type(KeyCode... keys) {
    for (KeyCode key : keys) {
      robot(robot -> robot.keyType(key));
    }
  }

  void shortcut(KeyCode... keys) {
    robot(
        robot -> {
          for (KeyCode key : keys) {
            robot.keyPress(key);
          }
          for (int i = keys.length - 1; i >= 0; i--) {
            robot.keyRelease(keys[i]);
          }
        });
  }

  /// Replaces what a field holds by typing.
  void retype(String id, KeyCode... keys) {
    TextInputControl field = (TextInputControl) find(id);
    click(field);
    shortcut(KeyCode.CONTROL, KeyCode.A);
    type(keys);
  }

  void putOnClipboard(String text) {
    Turn.run(
        () -> {
          ClipboardContent content = new ClipboardContent();
          content.putString(text);
          Clipboard.getSystemClipboard().setContent(content);
        });
  }

  String verdict() {
    settle();
    return Turn.call(
        () -> {
          Node sentence = window.scene().getRoot().lookup("#verdict-sentence");
          return sentence == null ? "" : ((Labeled) sentence).getText();
        });
  }

  /// A place where a line stands on the page.
  Node number(String line) {
    settle();
    LineId id = LineId.parse(line).orElseThrow();
    return Turn.call(() -> window.faces().write().placeOf(id));
  }

  Optional<LineId> selected() {
    return Turn.call(() -> desk().selection().line());
  }

  boolean has(Node node, String pseudoClass) {
    return Turn.call(
        () ->
            node.getPseudoClassStates().stream()
                .anyMatch(state -> state.getPseudoClassName().equals(pseudoClass)));
  }

  /// The titles of the steps on the page, in their order.
  List<String> stepTitles() {
    settle();
    return Turn.call(
        () ->
            window.faces().write().page().lookupAll(".step-title").stream()
                .map(title -> ((Labeled) title).getText())
                .toList());
  }

  /// How many terms of workings on the page are in a state.
  long terms(String pseudoClass) {
    return Turn.call(
            () -> window.faces().write().page().lookupAll(".term").stream().filter(Node::isVisible))
        .filter(term -> has(term, pseudoClass))
        .count();
  }
}
