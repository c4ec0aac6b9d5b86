package lehrgang.desktop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import lehrgang.core.solution.Solution;
import lehrgang.documents.solutionfile.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Keeps unsaved changes beside the user's data, so that a kill of the program does not cost them.
final class Recovery {
  private static final Logger LOG = LoggerFactory.getLogger(Recovery.class);
  private static final Duration PAUSE = Duration.millis(700);

  private final Workbench workbench;
  private final Path folder;
  private final PauseTransition pause = new PauseTransition(PAUSE);

  /// @param folder the user's data folder
  Recovery(Workbench workbench, Path folder) {
    this.workbench = workbench;
    this.folder = folder;
    pause.setOnFinished(_ -> keep());
  }

  /// Brings back what the last run left unsaved, then watches.
  void start() {
    unsavedBefore().ifPresent(workbench::recover);
    workbench.solution().subscribe(_ -> pause.playFromStart());
    workbench.unsaved().subscribe(_ -> pause.playFromStart());
  }

  /// Each file has its own; what was never saved shares one.
  private Path kept() {
    String name =
        workbench
            .path()
            .map(path -> Integer.toHexString(path.toAbsolutePath().toString().hashCode()))
            .orElse("new");
    return folder.resolve("unsaved-" + name + ".lehrgang");
  }

  private Optional<Solution> unsavedBefore() {
    Path kept = kept();
    if (!java.nio.file.Files.exists(kept)) {
      return Optional.empty();
    }
    try {
      return Optional.of(SolutionFile.load(kept).solution())
          .filter(solution -> !solution.equals(workbench.solution().get()));
    } catch (FileProblem e) {
      LOG.warn("unsaved changes could not be read", e);
      return Optional.empty();
    }
  }

  private void keep() {
    Path kept = kept();
    try {
      if (workbench.unsaved().get()) {
        java.nio.file.Files.createDirectories(kept.getParent());
        java.nio.file.Files.writeString(kept, workbench.text(), StandardCharsets.UTF_8);
      } else {
        java.nio.file.Files.deleteIfExists(kept);
      }
    } catch (IOException e) {
      LOG.warn("unsaved changes could not be kept", e);
    }
  }

  /// Nothing is left to bring back after the user closed the window knowingly.
  void stop() {
    pause.stop();
    keep();
  }
}
