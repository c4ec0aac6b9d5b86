package lehrgang.desktop.desk;

import java.nio.file.Path;
import java.util.Optional;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// Notices when another program changes the file of the open solution, and offers to take that;
/// whatever is chosen, neither is lost.
public final class DiskWatch {
  private final OpenSolution solution;
  private final Notices notices;
  private final BackgroundWork work;

  /// What was told of last, so that it is told once; what is not there has an empty stamp.
  private Optional<Optional<DiskStamp>> said = Optional.empty();

  public DiskWatch(Desk desk) {
    this.solution = desk.solution();
    this.notices = desk.notices();
    this.work = new BackgroundWork(Demand.DISK, solution::session);
  }

  /// Looks at the file, beside the interface: a folder in a network may take its time.
  public void look() {
    Optional<Path> path = solution.path();
    if (work.isUnderWay() || path.isEmpty()) {
      return;
    }
    work.begin(
        _ -> DiskStamp.of(path.get()),
        BackgroundWork.Outcome.of(found -> looked(path.get(), found), notices::say));
  }

  /// Whether nothing is being looked at.
  public boolean isIdle() {
    return !work.isUnderWay();
  }

  private void looked(Path path, Optional<DiskStamp> found) {
    boolean isOpen = solution.path().filter(path::equals).isPresent();
    if (!isOpen || found.equals(solution.stamp()) || said.filter(found::equals).isPresent()) {
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
