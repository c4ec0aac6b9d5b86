package lehrgang.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import lehrgang.core.expr.LineId;
import lehrgang.documents.solutionfile.SolutionFile;

/// Pictures of the main view with the demo, for a machine without a display and for the guide.
public final class DemoPictures {
  private static final int LAYOUT_PASSES = 3;

  private final Path folder;
  private final List<Path> written = new ArrayList<>();

  private DemoPictures(Path folder) {
    this.folder = folder;
  }

  /// Draws the pictures with JavaFX's platform for machines without a display.
  ///
  /// @return the files written
  public static List<Path> write(Path folder) throws IOException {
    System.setProperty("glass.platform", "Headless");
    System.setProperty("prism.order", "sw");
    CompletableFuture<List<Path>> done = new CompletableFuture<>();
    Platform.startup(
        () -> {
          try {
            done.complete(new DemoPictures(folder).all());
          } catch (IOException | RuntimeException e) {
            done.completeExceptionally(e);
          }
        });
    try {
      return done.get();
    } catch (ExecutionException e) {
      throw e.getCause() instanceof IOException io ? io : new IOException(e.getCause());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    } finally {
      Platform.exit();
    }
  }

  private List<Path> all() throws IOException {
    WriteWindow.prepare();
    Stage stage = new Stage();
    WriteWindow window =
        WriteWindow.show(stage, SolutionFile.demo(), Optional.empty(), folder.resolve("unsaved"));
    picture(window, "write-question", Optional.empty(), "question");
    picture(window, "write-expected", LineId.parse("E[2,3]"), "expected");
    picture(window, "write-contributions", LineId.parse("K[2,3]"), "contributions");
    picture(window, "write-critical", LineId.parse("crit"), "critical");
    picture(window, "write-p-value", LineId.parse("p"), "p");
    picture(window, "write-closer-look", LineId.parse("K[1,1]"), "closer-look");
    window.view().toggleTheme();
    picture(window, "write-dark", LineId.parse("E[2,3]"), "expected");
    stage.close();
    return List.copyOf(written);
  }

  private void picture(WriteWindow window, String name, Optional<LineId> selected, String step) {
    window.workbench().selection().set(selected);
    Scene scene = window.scene();
    settle(scene);
    window.view().page().goTo(step);
    settle(scene);
    Path file = folder.resolve(name + ".png");
    try {
      Pictures.write(scene, file);
      written.add(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static void settle(Scene scene) {
    for (int i = 0; i < LAYOUT_PASSES; i++) {
      scene.getRoot().applyCss();
      scene.getRoot().layout();
    }
  }
}
