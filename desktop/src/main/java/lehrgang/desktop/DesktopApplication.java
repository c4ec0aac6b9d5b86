package lehrgang.desktop;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.solution.Solution;
import lehrgang.documents.solutionfile.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;
import org.slf4j.LoggerFactory;

/// The desktop program.
public final class DesktopApplication extends Application {
  private record Start(Optional<Path> file, Path userFolder, Consumer<WriteWindow> shown) {}

  private static Start start;

  /// Opens the window and returns when it is closed.
  ///
  /// @param file       the solution to open; empty for the demo
  /// @param userFolder where unsaved changes are kept
  public static void open(Optional<Path> file, Path userFolder) {
    open(file, userFolder, _ -> {});
  }

  static void open(Optional<Path> file, Path userFolder, Consumer<WriteWindow> shown) {
    start = new Start(file, userFolder, shown);
    CompletableFuture.runAsync(DesktopApplication::workAhead);
    launch(DesktopApplication.class);
  }

  @Override
  public void start(Stage stage) {
    Thread.currentThread()
        .setUncaughtExceptionHandler(
            (_, e) -> LoggerFactory.getLogger(DesktopApplication.class).error("unexpected", e));
    WriteWindow.prepare();
    WriteWindow window = WriteWindow.show(stage, file(), start.file(), start.userFolder());
    Platform.runLater(() -> start.shown().accept(window));
  }

  /// Works the solution out while the toolkit starts, so that all it needs is loaded by then.
  private static void workAhead() {
    Solution solution = file().solution();
    if (Procedure.of(solution.procedure()).derive(solution)
        instanceof Procedure.Derived(var derivation)) {
      Page.of(solution, derivation, Audience.FULL);
    }
  }

  private static SolutionFile file() {
    return start
        .file()
        .flatMap(
            path -> {
              try {
                return Optional.of(SolutionFile.load(path));
              } catch (FileProblem e) {
                return Optional.empty();
              }
            })
        .orElseGet(SolutionFile::demo);
  }
}
