package lehrgang.desktop.desk;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import lehrgang.core.solution.Solution;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Keeps unsaved changes beside the user's data, so that a kill of the program does not cost them.
public final class Recovery {
  private static final Logger LOG = LoggerFactory.getLogger(Recovery.class);
  private static final Duration PAUSE = Duration.millis(700);

  private final OpenSolution solution;
  private final Path folder;
  private final PauseTransition pause = new PauseTransition(PAUSE);

  /// @param folder the user's data folder
  public Recovery(OpenSolution solution, Path folder) {
    this.solution = solution;
    this.folder = folder;
    pause.setOnFinished(_ -> keep());
  }

  /// Brings back what the last run left unsaved, then watches.
  public void start() {
    unsavedBefore().ifPresent(solution::recover);
    solution.subscribe(_ -> pause.playFromStart());
    solution.unsaved().subscribe(_ -> pause.playFromStart());
  }

  /// Each file has its own; what was never saved shares one.
  private Path kept() {
    String name =
        solution
            .path()
            .map(path -> Integer.toHexString(path.toAbsolutePath().toString().hashCode()))
            .orElse("new");
    return folder.resolve("unsaved-" + name + ".lehrgang");
  }

  private Optional<Solution> unsavedBefore() {
    Path kept = kept();
    if (!Files.exists(kept)) {
      return Optional.empty();
    }
    try {
      return Optional.of(SolutionFile.load(kept).solution())
          .filter(before -> !before.equals(solution.now()));
    } catch (FileProblem e) {
      LOG.warn("unsaved changes could not be read", e);
      return Optional.empty();
    }
  }

  private void keep() {
    Path kept = kept();
    try {
      if (solution.unsaved().get()) {
        Files.createDirectories(kept.getParent());
        Files.writeString(kept, solution.text(), StandardCharsets.UTF_8);
      } else {
        Files.deleteIfExists(kept);
      }
    } catch (IOException e) {
      LOG.warn("unsaved changes could not be kept", e);
    }
  }

  /// Nothing is left to bring back after the user closed the window knowingly.
  public void stop() {
    pause.stop();
    keep();
  }
}
