package lehrgang.desktop.window;

import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.desktop.kit.Unexpected;
import lehrgang.documents.solutionfile.SolutionFile;

/// The desktop program.
public final class DesktopApplication extends Application {
  private record Start(
      SolutionFile solution, Optional<Path> file, Path userFolder, MainWindow.First first) {}

  private static final Duration PATIENCE = Duration.ofSeconds(10);
  private static final CompletableFuture<Boolean> SHOWN = new CompletableFuture<>();

  private static Start start;

  /// Opens the window and returns when it is closed.
  ///
  /// @param first      what it shows
  /// @param file       where that came from; empty for what was never saved
  /// @param userFolder where unsaved changes are kept
  /// @param log        the file into which the program logs
  /// @param shown      whether that solution or where solutions begin
  public static void open(
      SolutionFile first, Optional<Path> file, Path userFolder, Path log, MainWindow.First shown) {
    Unexpected.loggedIn(log);
    start = new Start(first, file, userFolder, shown);
    CompletableFuture.runAsync(DesktopApplication::workAhead);
    launch(DesktopApplication.class);
  }

  /// Opens the window where nobody sees it, and closes it once it stands there: what a start needs
  /// has been loaded then.
  ///
  /// @param userFolder one that nobody uses
  public static void rehearse(SolutionFile first, Path userFolder) {
    DemoPictures.hideWindows();
    CompletableFuture<Void> ended =
        CompletableFuture.runAsync(
            () -> {
              SHOWN.join();
              FxTurn.settle();
              Platform.exit();
            });
    open(first, Optional.empty(), userFolder, userFolder.resolve("log"), MainWindow.First.DEMO);
    ended.join();
  }

  @Override
  public void start(Stage stage) {
    Windows windows = new Windows(start.userFolder());
    Thread.currentThread()
        .setUncaughtExceptionHandler((_, e) -> windows.say(Unexpected.sentence(e)));
    MainWindow.prepare();
    MainWindow asked =
        MainWindow.show(stage, windows, start.solution(), start.file(), start.first());
    windows.openLeft();
    // What was asked for is in front of what comes back by itself.
    asked.toFront();
    OneInstance.listen(
        start.userFolder(),
        file -> Platform.runLater(() -> file.ifPresentOrElse(windows::open, windows::another)));
    SHOWN.complete(true);
  }

  /// What is being written is written to its end.
  @Override
  public void stop() {
    BackgroundWork.awaitWriting(PATIENCE);
  }

  /// Works the solution out while the toolkit starts, so that all it needs is loaded by then.
  private static void workAhead() {
    Solution solution = start.solution().solution();
    if (Procedures.work(solution) instanceof Procedure.Derived(var derivation)) {
      Page.of(solution, derivation, Audience.FULL);
    }
  }
}
