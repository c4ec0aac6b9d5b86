package lehrgang.desktop.window;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import javafx.stage.Window;
import lehrgang.benchmarks.Tables;
import lehrgang.core.data.TableEntry;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;

/// A hand that does what may be done with the windows of the program, in no order: types what is
/// right and what is not, pastes, turns to another procedure, goes back and on, presses whatever
/// can be pressed, looks at every view, saves and opens. The same seed does the same again, as far
/// as what runs beside the interface lets it.
final class RestlessHand {
  private static final int WINDOWS = 3;
  private static final int LARGEST = 12;
  private static final List<KeyCode> KEYS =
      List.of(
          KeyCode.TAB,
          KeyCode.ENTER,
          KeyCode.ESCAPE,
          KeyCode.RIGHT,
          KeyCode.LEFT,
          KeyCode.UP,
          KeyCode.DOWN,
          KeyCode.SPACE,
          KeyCode.BACK_SPACE,
          KeyCode.HOME,
          KeyCode.END,
          KeyCode.PAGE_DOWN,
          KeyCode.PAGE_UP,
          KeyCode.DIGIT7,
          KeyCode.DIGIT0,
          KeyCode.F1,
          KeyCode.DELETE,
          KeyCode.D,
          KeyCode.H);
  private static final List<KeyCode> SHORTCUTS =
      List.of(
          KeyCode.PLUS,
          KeyCode.MINUS,
          KeyCode.DIGIT0,
          KeyCode.N,
          KeyCode.P,
          KeyCode.L,
          KeyCode.A,
          KeyCode.C,
          KeyCode.V,
          KeyCode.X);

  private final Windows windows;
  private final Path folder;
  private final Random random;
  private final Consumer<String> say;

  /// One for all: on the platform without a display each would hold on to the window it was made
  /// over.
  private Optional<Robot> robot = Optional.empty();

  /// @param folder where solutions are saved
  /// @param say    told what is going to be done
  RestlessHand(Windows windows, Path folder, long seed, Consumer<String> say) {
    this.windows = windows;
    this.folder = folder;
    this.say = say;
    this.random = new Random(seed);
  }

  /// Does one thing, on the interface thread, after it has said which.
  void move() {
    List<MainWindow> open = windows.all();
    MainWindow window = open.get(random.nextInt(open.size()));
    int what = random.nextInt(100);
    if (what < 30) {
      type(window);
    } else if (what < 50) {
      press(window);
    } else if (what < 58) {
      choose(window);
    } else if (what < 66) {
      keys();
    } else if (what < 74) {
      click(window);
    } else if (what < 84) {
      backAndOn(window);
    } else if (what < 90) {
      paste(window);
    } else if (what < 95) {
      begin(window);
    } else {
      aroundTheWindow(window);
    }
  }

  private void type(MainWindow window) {
    anyOf(window, TextInputControl.class)
        .ifPresent(
            field -> {
              String text =
                  random.nextInt(4) > 0
                      ? Integer.toString(random.nextInt(200))
                      : any(OddTexts.TYPED);
              say.accept("types “" + text + "” into " + InSight.called(field));
              field.requestFocus();
              field.selectAll();
              field.replaceSelection(text);
              if (random.nextBoolean()) {
                robot().keyType(random.nextBoolean() ? KeyCode.ENTER : KeyCode.TAB);
              }
            });
  }

  private void press(MainWindow window) {
    anyOf(window, ButtonBase.class)
        .ifPresent(
            button -> {
              say.accept("presses " + InSight.called(button));
              if (button instanceof MenuButton menu) {
                takeFrom(menu.getItems());
              } else {
                button.fire();
              }
            });
  }

  private void takeFrom(List<MenuItem> items) {
    List<MenuItem> open = items.stream().filter(item -> !item.isDisable()).toList();
    if (!open.isEmpty()) {
      MenuItem item = any(open);
      say.accept("and there " + item.getText());
      item.fire();
    }
  }

  @SuppressWarnings("unchecked")
  private void choose(MainWindow window) {
    anyOf(window, ComboBox.class)
        .filter(box -> !box.getItems().isEmpty())
        .ifPresentOrElse(
            box -> {
              Object entry = any(List.copyOf(box.getItems()));
              say.accept("takes " + entry + " in " + InSight.called(box));
              ((ComboBox<Object>) box).setValue(entry);
            },
            () -> press(window));
  }

  private void keys() {
    KeyCode key = any(KEYS);
    int times = 1 + random.nextInt(5);
    say.accept(times + " times the key " + key);
    Robot robot = robot();
    for (int i = 0; i < times; i++) {
      robot.keyType(key);
    }
  }

  /// Clicks somewhere, wherever that is.
  private void click(MainWindow window) {
    Bounds bounds = window.scene().getRoot().getLayoutBounds();
    Point2D at =
        window
            .scene()
            .getRoot()
            .localToScreen(
                random.nextDouble() * bounds.getWidth(), random.nextDouble() * bounds.getHeight());
    if (at == null) {
      return;
    }
    say.accept("clicks at " + Math.round(at.getX()) + ", " + Math.round(at.getY()));
    Robot robot = robot();
    robot.mouseMove(at);
    robot.mouseClick(random.nextInt(5) > 0 ? MouseButton.PRIMARY : MouseButton.SECONDARY);
    if (random.nextInt(5) == 0) {
      robot.mouseWheel(random.nextInt(11) - 5);
    }
  }

  private void backAndOn(MainWindow window) {
    int back = 1 + random.nextInt(12);
    int on = random.nextInt(back + 2);
    say.accept(back + " steps back and " + on + " on");
    for (int i = 0; i < back; i++) {
      window.desk().solution().undo();
    }
    for (int i = 0; i < on; i++) {
      window.desk().solution().redo();
    }
  }

  private void paste(MainWindow window) {
    String text = random.nextInt(3) > 0 ? table() : any(OddTexts.PASTED);
    say.accept("pastes “" + text + "”");
    ClipboardContent content = new ClipboardContent();
    content.putString(text);
    Clipboard.getSystemClipboard().setContent(content);
    if (random.nextBoolean()) {
      shortcut(KeyCode.V);
    } else {
      window.faces().paste(text);
    }
  }

  private String table() {
    TableEntry table = Tables.square(2 + random.nextInt(LARGEST));
    int rows = 1 + random.nextInt(table.rows().size());
    StringBuilder text = new StringBuilder("route");
    table.columns().forEach(column -> text.append('\t').append(column));
    for (int i = 0; i < rows; i++) {
      text.append('\n').append(table.rows().get(i));
      table.cells().get(i).forEach(cell -> text.append('\t').append(cell));
    }
    return text.toString();
  }

  private void begin(MainWindow window) {
    String name = any(DemoCourse.names());
    Path file = folder.resolve(name + ".lehrgang");
    int how = random.nextInt(3);
    if (how == 0) {
      say.accept("begins with " + name);
      window.desk().solution().begin(DemoCourse.open(name));
      window.faces().showWrite();
    } else if (how == 1) {
      say.accept("goes where a solution begins");
      window.faces().showStart();
    } else if (Files.exists(file)) {
      say.accept("opens " + file.getFileName());
      window.faces().files().openSolution(file);
    } else {
      say.accept("saves " + file.getFileName());
      window.faces().files().save(file);
    }
  }

  private void aroundTheWindow(MainWindow window) {
    int open = windows.all().size();
    switch (random.nextInt(8)) {
      case 0 -> {
        if (open < WINDOWS) {
          say.accept("opens a window");
          window.another();
        }
      }
      case 1 -> {
        if (open > 1) {
          say.accept("closes a window");
          window.close();
        }
      }
      case 2 -> {
        say.accept("changes light and dark");
        window.toggleTheme();
      }
      case 3 -> {
        say.accept("looks at a class");
        window.faces().showCheck();
        window.faces().files().checks().exampleAtHand(() -> {});
      }
      case 4 -> {
        say.accept("varies");
        window.faces().showVary();
      }
      case 5 -> {
        say.accept("composes");
        window.faces().showCompose();
      }
      case 6 -> window.desk().solution().path().ifPresent(file -> change(window, file));
      default -> {
        KeyCode key = any(SHORTCUTS);
        say.accept("presses Ctrl and " + key);
        shortcut(key);
      }
    }
  }

  /// Another program writes the file of the window.
  private void change(MainWindow window, Path file) {
    say.accept("finds " + file.getFileName() + " changed");
    try {
      Files.writeString(file, DemoCourse.open(any(DemoCourse.names())).text());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    window.watch().look();
  }

  /// Ends with one window, a new one with the demo on its page and nothing behind it: the same each
  /// time, so that what is kept in memory can be compared.
  void rest() {
    tidy();
    List<MainWindow> before = windows.all();
    MainWindow window =
        MainWindow.show(
            new Stage(), windows, SolutionFile.demo(), Optional.empty(), MainWindow.First.SOLUTION);
    before.forEach(MainWindow::close);
    // What was left of a solution without a file may have come back.
    window.desk().solution().begin(SolutionFile.demo());
    window.desk().solution().begin(SolutionFile.demo());
    window.desk().notices().clear();
    window.faces().showWrite();
  }

  /// Closes whatever stands beside the windows.
  void tidy() {
    List<Stage> mine =
        windows.all().stream().map(window -> (Stage) window.scene().getWindow()).toList();
    List.copyOf(Window.getWindows()).stream()
        .filter(other -> !mine.contains(other))
        .forEach(Window::hide);
  }

  private void shortcut(KeyCode key) {
    Robot robot = robot();
    robot.keyPress(KeyCode.CONTROL);
    robot.keyType(key);
    robot.keyRelease(KeyCode.CONTROL);
  }

  private Robot robot() {
    if (robot.isEmpty()) {
      robot = Optional.of(new Robot());
    }
    return robot.get();
  }

  private <T> T any(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  private <T extends Node> Optional<T> anyOf(MainWindow window, Class<T> kind) {
    List<T> all = InSight.all(window.scene().getRoot(), kind);
    return all.isEmpty() ? Optional.empty() : Optional.of(any(all));
  }
}
