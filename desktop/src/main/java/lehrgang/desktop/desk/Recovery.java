package lehrgang.desktop.desk;

import java.util.Optional;

/// Keeps what is done to the open solution beside the user's data, so that a kill of the program
/// does not cost it, and brings back what was left.
public final class Recovery {
  private final OpenSolution solution;
  private final Notices notices;
  private final LeftBehind left;
  private Optional<Recording> recording = Optional.empty();

  public Recovery(Desk desk, LeftBehind left) {
    this.solution = desk.solution();
    this.notices = desk.notices();
    this.left = left;
  }

  /// Brings back what was left of the solution that is open, if anything was, and writes down what
  /// happens from now on.
  public void start() {
    if (!bringBack()) {
      record(new Recording(left.folder(), notices, Optional.empty()));
    }
    solution.afterOpening(this::bringBack);
  }

  /// Brings back what was left of the solution that is open.
  ///
  /// @return whether there was anything
  public boolean bringBack() {
    Optional<LeftBehind.One> one = left.take(solution.path());
    one.ifPresent(this::resume);
    return one.isPresent();
  }

  /// Goes on with what a window left.
  public void resume(LeftBehind.One one) {
    recording.ifPresent(before -> before.end(false));
    Recording next = new Recording(left.folder(), notices, Optional.of(one.journal()));
    recording = Optional.of(next);
    solution.resume(one.replayed(), next);
  }

  private void record(Recording next) {
    recording = Optional.of(next);
    solution.record(next);
  }

  /// What was not saved when the window was closed comes back with its solution.
  public void stop() {
    recording.ifPresent(open -> open.end(solution.unsaved().get()));
  }
}
