package lehrgang.desktop.window;

import atlantafx.base.theme.PrimerLight;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.stage.Stage;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.LeftBehind;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.desktop.desk.Recovery;
import lehrgang.desktop.kit.Fonts;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.kit.Zoom;
import lehrgang.documents.solutionfile.SolutionFile;

/// The window: a desk with a solution on it, and the faces that show it.
public final class MainWindow {
  static final double WIDTH = 1280;
  static final double HEIGHT = 800;
  private static final double LEAST_WIDTH = 1024;
  private static final double LEAST_HEIGHT = 700;

  private final Desk desk;
  private final Faces faces;
  private final Zoom zoom;
  private final Scene scene;
  private final Theme theme;
  private final Recovery recovery;

  private MainWindow(SolutionFile opened, Path userFolder) {
    desk = Desk.with(opened);
    faces = new Faces(desk, new RecentFiles(userFolder), this::toggleTheme);
    zoom = new Zoom(faces);
    Hands.on(zoom, desk, faces);
    scene = new Scene(zoom, WIDTH, HEIGHT);
    theme = new Theme(scene);
    recovery = new Recovery(desk, new LeftBehind(userFolder));
  }

  /// Loads fonts and the base theme; once, before the first window.
  static void prepare() {
    Fonts.load();
    Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
  }

  /// Shows a solution in a window.
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

  /// Shows a solution in a window, or first where solutions begin; changes that were brought back
  /// go before both.
  static MainWindow show(
      Stage stage, SolutionFile opened, Optional<Path> file, Path userFolder, First first) {
    MainWindow window = new MainWindow(opened, userFolder);
    if (first != First.DATA) {
      file.ifPresent(window.faces.files()::openSolution);
    }
    stage.setScene(window.scene);
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    window.desk.solution().subscribe(_ -> window.title(stage));
    window.desk.solution().unsaved().subscribe(_ -> window.title(stage));
    window.recovery.start();
    stage.setOnHidden(_ -> window.recovery.stop());
    if (first == First.DEMO) {
      window.faces.files().checks().exampleAtHand();
    } else if (first != First.SOLUTION && !window.desk.solution().unsaved().get()) {
      window.faces.showStart();
    }
    if (first == First.DATA) {
      file.ifPresent(window.faces.files()::open);
    }
    stage.show();
    return window;
  }

  private void title(Stage stage) {
    String name = desk.solution().now().question().title().strip();
    String shown = name.isEmpty() ? Words.of("untitled") : name;
    stage.setTitle(
        (desk.solution().unsaved().get() ? "• " : "") + shown + " – " + Words.of("window.name"));
  }

  void toggleTheme() {
    theme.toggle();
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
