package lehrgang.desktop.desk;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// Notices when another program changes the file of the open solution, and offers to take that;
/// whatever is chosen, neither is lost.
public final class DiskWatch {
  private final OpenSolution solution;
  private final Notices notices;
  private boolean looking;

  /// What was told of last, so that it is told once; what is not there has an empty stamp.
  private Optional<Optional<DiskStamp>> said = Optional.empty();

  public DiskWatch(Desk desk) {
    this.solution = desk.solution();
    this.notices = desk.notices();
  }

  /// Looks at the file, beside the interface: a folder in a network may take its time.
  public void look() {
    Optional<Path> path = solution.path();
    if (looking || path.isEmpty()) {
      return;
    }
    looking = true;
    CompletableFuture.supplyAsync(() -> DiskStamp.of(path.get()))
        .whenComplete((found, _) -> Platform.runLater(() -> looked(path.get(), found)));
  }

  /// Whether nothing is being looked at.
  public boolean isIdle() {
    return !looking;
  }

  private void looked(Path path, Optional<DiskStamp> found) {
    looking = false;
    boolean isOpen = solution.path().filter(path::equals).isPresent();
    if (!isOpen
        || found == null
        || found.equals(solution.stamp())
        || said.filter(found::equals).isPresent()) {
      return;
    }
    said = Optional.of(found);
    if (found.isEmpty()) {
      notices.say(Words.of("disk.gone", path.getFileName()));
      return;
    }
    try {
      offer(path, SolutionFile.load(path));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  private void offer(Path path, SolutionFile theirs) {
    if (solution.isAsSaved(theirs)) {
      solution.confirm();
      return;
    }
    notices.say(
        Notice.of(
            Words.of("disk.changed", path.getFileName()),
            new Notice.Offer(Words.of("disk.take"), () -> solution.take(theirs)),
            new Notice.Offer(Words.of("disk.keep"), notices::clear)));
  }
}
