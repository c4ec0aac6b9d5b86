package lehrgang.desktop.window;

import atlantafx.base.theme.PrimerLight;
import java.nio.file.Path;
import java.util.Optional;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.util.Duration;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.DiskWatch;
import lehrgang.desktop.desk.LeftBehind;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.desktop.desk.Recovery;
import lehrgang.desktop.kit.EventWay;
import lehrgang.desktop.kit.Fonts;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.kit.Zoom;
import lehrgang.documents.solutionfile.SolutionFile;

/// A window: a desk with a solution on it, and the faces that show it.
public final class MainWindow {
  static final double WIDTH = 1280;
  static final double HEIGHT = 800;
  private static final double LEAST_WIDTH = 1024;
  private static final double LEAST_HEIGHT = 700;

  /// How often a file is looked at while its window is in use.
  private static final Duration LOOK = Duration.seconds(2);

  private final Windows windows;
  private final Stage stage;
  private final Desk desk;
  private final Faces faces;
  private final Zoom zoom;
  private final Scene scene;
  private final Theme theme;
  private final Recovery recovery;
  private final DiskWatch watch;

  private MainWindow(Stage stage, Windows windows, SolutionFile opened) {
    this.windows = windows;
    this.stage = stage;
    desk = Desk.with(opened);
    faces =
        new Faces(
            desk,
            new RecentFiles(windows.userFolder()),
            this::toggleTheme,
            file -> windows.bringToFront(file, Optional.of(this)));
    zoom = new Zoom(faces);
    Hands.on(zoom, desk, faces, this);
    scene = new Scene(zoom, WIDTH, HEIGHT);
    theme = new Theme(scene);
    if (Theme.isWanted(windows.remembered())) {
      theme.toggle();
    }
    recovery = new Recovery(desk, windows.left());
    watch = new DiskWatch(desk);
  }

  /// Loads fonts and the base theme; once, before the first window.
  static void prepare() {
    Fonts.load();
    Zoom.followInPopups();
    Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
  }

  /// Shows a solution in the only window.
  ///
  /// @param file where it came from; empty for one that was never saved
  /// @param userFolder where unsaved changes are kept
  static MainWindow show(Stage stage, SolutionFile opened, Optional<Path> file, Path userFolder) {
    return show(stage, opened, file, userFolder, First.SOLUTION);
  }

  /// What the window shows first.
  public enum First {
    SOLUTION,
    /// The demo, with the answers of its class at hand.
    DEMO,
    START,
    /// Data as they arrive, to be counted or taken for a table.
    DATA
  }

  static MainWindow show(
      Stage stage, SolutionFile opened, Optional<Path> file, Path userFolder, First first) {
    return show(stage, new Windows(userFolder), opened, file, first);
  }

  /// Shows a solution in a window, or first where solutions begin; changes that were brought back
  /// go before both.
  static MainWindow show(
      Stage stage, Windows windows, SolutionFile opened, Optional<Path> file, First first) {
    MainWindow window = new MainWindow(stage, windows, opened);
    if (first != First.DATA) {
      file.ifPresent(window.faces.files()::openSolution);
    }
    window.recovery.start();
    window.place();
    if (first == First.DEMO) {
      window.faces.files().checks().exampleAtHand(() -> {});
    } else if (first != First.SOLUTION && !window.desk.solution().unsaved().get()) {
      window.faces.showStart();
    }
    if (first == First.DATA) {
      file.ifPresent(window.faces.files()::open);
    }
    stage.show();
    return window;
  }

  /// Goes on in a window with what another one left.
  static void show(Windows windows, LeftBehind.One one) {
    MainWindow window = new MainWindow(new Stage(), windows, SolutionFile.blank());
    window.recovery.resume(one);
    window.place();
    window.stage.show();
  }

  private void place() {
    stage.setScene(scene);
    stage.getIcons().setAll(Icons.program());
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    Place.give(
        stage, windows.remembered(), windows.all().stream().map(window -> window.stage).toList());
    desk.solution().subscribe(_ -> title());
    desk.solution().unsaved().subscribe(_ -> title());
    Timeline looking = new Timeline(new KeyFrame(LOOK, _ -> watch.look()));
    looking.setCycleCount(Timeline.INDEFINITE);
    stage
        .focusedProperty()
        .subscribe(
            focused -> {
              if (focused) {
                watch.look();
                looking.play();
              } else {
                looking.stop();
              }
            });
    windows.add(this);
    stage.setOnHiding(_ -> Place.keep(stage, windows.remembered()));
    stage.setOnHidden(
        _ -> {
          looking.stop();
          recovery.stop();
          windows.remove(this);
          desk.stop();
          faces.stop();
          desk.notices().clear();
          EventWay.forget();
        });
  }

  private void title() {
    String name = desk.solution().now().question().title().strip();
    String shown = name.isEmpty() ? Words.of("untitled") : name;
    stage.setTitle(
        (desk.solution().unsaved().get() ? "• " : "") + shown + " – " + Words.of("window.name"));
  }

  /// Whether nothing lies there yet that another solution would push aside.
  boolean isAtStart() {
    return faces.isAtStart() && !desk.solution().unsaved().get();
  }

  /// Whether what is typed goes to it.
  boolean isInUse() {
    return stage.isFocused();
  }

  void toFront() {
    stage.setIconified(false);
    stage.toFront();
    stage.requestFocus();
  }

  /// Another window, where a solution begins.
  void another() {
    windows.another();
  }

  void close() {
    stage.close();
  }

  /// Closes all windows.
  void quit() {
    windows.quit();
  }

  void toggleTheme() {
    theme.toggle();
    windows.remembered().put(Theme.DARK_NAME, theme.isDark());
  }

  Windows windows() {
    return windows;
  }

  DiskWatch watch() {
    return watch;
  }

  Theme theme() {
    return theme;
  }

  Desk desk() {
    return desk;
  }

  Faces faces() {
    return faces;
  }

  Zoom zoom() {
    return zoom;
  }

  Scene scene() {
    return scene;
  }
}
