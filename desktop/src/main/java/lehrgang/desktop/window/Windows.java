package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.stage.Stage;
import lehrgang.desktop.desk.LeftBehind;
import lehrgang.desktop.desk.Remembered;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.solutionfile.SolutionFile;

/// All windows of the program, one solution each.
final class Windows {
  private final Path userFolder;
  private final Remembered remembered;
  private final LeftBehind left;
  private final List<MainWindow> open = new ArrayList<>();

  /// @param userFolder the user's data folder
  Windows(Path userFolder) {
    this.userFolder = userFolder;
    this.remembered = new Remembered(userFolder);
    this.left = new LeftBehind(userFolder);
  }

  Path userFolder() {
    return userFolder;
  }

  Remembered remembered() {
    return remembered;
  }

  LeftBehind left() {
    return left;
  }

  List<MainWindow> all() {
    return List.copyOf(open);
  }

  void add(MainWindow window) {
    open.add(window);
  }

  void remove(MainWindow window) {
    open.remove(window);
  }

  /// Opens a window for everything that was left in windows that nobody closed.
  void openLeft() {
    for (LeftBehind.One one : left.takeOpen()) {
      MainWindow.show(this, one);
    }
  }

  /// Another window, where a solution begins.
  void another() {
    MainWindow.show(
        new Stage(), this, SolutionFile.blank(), Optional.empty(), MainWindow.First.START);
  }

  /// Opens what another start of the program was asked for: in the window that has it, in one where
  /// nothing lies yet, or in one of its own.
  void open(Path file) {
    if (bringToFront(file, Optional.empty())) {
      return;
    }
    Optional<MainWindow> empty = open.stream().filter(MainWindow::isAtStart).findFirst();
    if (empty.isEmpty()) {
      another();
    }
    MainWindow window = empty.orElseGet(open::getLast);
    window.faces().files().open(file);
    window.toFront();
  }

  /// Whether another window has a file; then it comes to the front and says so.
  ///
  /// @param asking the window in which it was to be opened, where there is one
  boolean bringToFront(Path file, Optional<MainWindow> asking) {
    Optional<MainWindow> having =
        open.stream()
            .filter(window -> asking.filter(window::equals).isEmpty())
            .filter(window -> window.desk().solution().isKeptIn(file))
            .findFirst();
    having.ifPresent(
        window -> {
          window.toFront();
          window.desk().notices().say(Words.of("windows.has-it", file.getFileName()));
        });
    return having.isPresent();
  }

  /// Says something in the window that is in use.
  void say(String sentence) {
    open.stream()
        .filter(MainWindow::isInUse)
        .findFirst()
        .or(() -> open.stream().findFirst())
        .ifPresent(window -> window.desk().notices().say(sentence));
  }

  /// Closes all; what was not saved comes back.
  void quit() {
    all().forEach(MainWindow::close);
  }
}
