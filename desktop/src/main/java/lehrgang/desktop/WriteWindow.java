package lehrgang.desktop;

import atlantafx.base.theme.PrimerLight;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.stage.Stage;
import lehrgang.documents.solutionfile.SolutionFile;

/// The window in which a solution is written.
public final class WriteWindow {
  static final double WIDTH = 1280;
  static final double HEIGHT = 800;
  private static final double LEAST_WIDTH = 1100;
  private static final double LEAST_HEIGHT = 700;

  private final Workbench workbench;
  private final WriteView view;
  private final Scene scene;
  private final Recovery recovery;

  private WriteWindow(SolutionFile opened, Path userFolder) {
    workbench = new Workbench(opened);
    view = new WriteView(workbench, new RecentFiles(userFolder));
    scene = new Scene(view.zoomable(), WIDTH, HEIGHT);
    scene.getStylesheets().add(WriteWindow.class.getResource("tokens.css").toExternalForm());
    recovery = new Recovery(workbench, userFolder);
  }

  /// Loads fonts and the base theme; once, before the first window.
  static void prepare() {
    Fonts.load();
    Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
  }

  /// Shows a solution in a window.
  ///
  /// @param file       where it came from; empty for one that was never saved
  /// @param userFolder where unsaved changes are kept
  static WriteWindow show(Stage stage, SolutionFile opened, Optional<Path> file, Path userFolder) {
    return show(stage, opened, file, userFolder, First.SOLUTION);
  }

  /// What the window shows first.
  public enum First {
    SOLUTION,
    START
  }

  /// Shows a solution in a window, or first where solutions begin; changes that were brought back
  /// go before both.
  static WriteWindow show(
      Stage stage, SolutionFile opened, Optional<Path> file, Path userFolder, First first) {
    WriteWindow window = new WriteWindow(opened, userFolder);
    file.ifPresent(window.view.files()::open);
    stage.setScene(window.scene);
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    window.workbench.solution().subscribe(_ -> window.title(stage));
    window.workbench.unsaved().subscribe(_ -> window.title(stage));
    window.recovery.start();
    stage.setOnHidden(_ -> window.recovery.stop());
    if (first == First.START && !window.workbench.unsaved().get()) {
      window.view.showStart();
    }
    stage.show();
    return window;
  }

  private void title(Stage stage) {
    String name = workbench.solution().get().question().title().strip();
    String shown = name.isEmpty() ? Words.of("untitled") : name;
    stage.setTitle(
        (workbench.unsaved().get() ? "• " : "") + shown + " – " + Words.of("window.name"));
  }

  Workbench workbench() {
    return workbench;
  }

  WriteView view() {
    return view;
  }

  Scene scene() {
    return scene;
  }
}
