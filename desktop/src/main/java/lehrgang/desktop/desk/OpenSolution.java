package lehrgang.desktop.desk;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.kit.Session;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.solutionfile.SolutionFile;

/// The solution that is open, with what was before and after, and its file.
public final class OpenSolution {
  private final ReadOnlyObjectWrapper<Solution> current = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
  private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
  private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper();
  private final History<Solution> history = new History<>();
  private final List<Listener> listeners = new ArrayList<>();
  private final Notices notices;
  private Session session = new Session();
  private Optional<Recorder> recorder = Optional.empty();
  private Runnable afterOpening = () -> {};
  private SolutionFile file;
  private Optional<Path> path = Optional.empty();
  private Optional<DiskStamp> stamp = Optional.empty();
  private Solution saved;
  private Solution now;

  OpenSolution(SolutionFile opened, Notices notices) {
    this.notices = notices;
    show(opened, Optional.empty());
  }

  /// What is told of a change, before anything that is in sight is.
  interface Listener {
    /// Another solution lies on the desk now.
    void replaced();

    /// The solution is another one, or the same one edited.
    void changed(Solution solution);
  }

  /// Has everything written down from now on, beginning with the solution as it is.
  void record(Recorder by) {
    by.opened(file.with(saved), path);
    if (unsaved.get()) {
      by.edited("", file());
    }
    recorder = Optional.of(by);
  }

  /// Goes on from where a window ended. What another program has put in its file since is not lost:
  /// it is what one undo leads to.
  void resume(Replayed left, Recording by) {
    Optional<Path> kept = left.path().map(Path::toAbsolutePath);
    boolean isOpen = kept.isPresent() && kept.equals(path.map(Path::toAbsolutePath));
    if (!isOpen) {
      file = left.saved();
      path = left.path();
      saved = file.solution();
    }
    Solution there = saved;
    boolean changed = !there.equals(left.saved().solution()) && !there.equals(left.now());
    history.become(left.history());
    SolutionFile now = file.with(left.now());
    by.resumed(file.with(there), path, now);
    if (changed) {
      history.edited(left.now(), "");
      history.edited(there, "");
      by.edited("", file.with(there));
      by.edited("", now);
    }
    recorder = Optional.of(by);
    beginSession();
    listeners.forEach(Listener::replaced);
    become(left.now());
    if (unsaved.get()) {
      notices.say(Words.of(changed ? "status.recovered.changed" : "status.recovered"));
    }
  }

  /// What is done when a file was opened.
  void afterOpening(Runnable action) {
    afterOpening = action;
  }

  /// Tells a listener from now on, beginning with the solution as it is.
  void listen(Listener listener) {
    listeners.add(listener);
    listener.replaced();
    listener.changed(now());
  }

  /// The session of the solution that is open, which ends when another one takes its place or the
  /// window is closed.
  public Session session() {
    return session;
  }

  /// Ends the session: the window is closed.
  void close() {
    session.end();
  }

  private void beginSession() {
    session.end();
    session = new Session();
  }

  public Solution now() {
    return now;
  }

  public ReadOnlyObjectProperty<Solution> current() {
    return current.getReadOnlyProperty();
  }

  /// @param listener told at once and whenever the solution changes
  public void subscribe(Consumer<Solution> listener) {
    current.subscribe(listener);
  }

  public ReadOnlyBooleanProperty canUndo() {
    return canUndo.getReadOnlyProperty();
  }

  public ReadOnlyBooleanProperty canRedo() {
    return canRedo.getReadOnlyProperty();
  }

  public ReadOnlyBooleanProperty unsaved() {
    return unsaved.getReadOnlyProperty();
  }

  /// Where it is kept; empty for one that was never saved.
  public Optional<Path> path() {
    return path;
  }

  /// Whether it is kept in a file.
  public boolean isKeptIn(Path other) {
    Path whole = other.toAbsolutePath().normalize();
    return path.map(mine -> mine.toAbsolutePath().normalize()).filter(whole::equals).isPresent();
  }

  /// The file as it was read or written last; empty for one that was never saved.
  Optional<DiskStamp> stamp() {
    return stamp;
  }

  /// Whether a file holds what was saved last.
  boolean isAsSaved(SolutionFile other) {
    return other.solution().equals(saved);
  }

  /// The file on the disk is the one that is known.
  void confirm() {
    stamp = path.flatMap(DiskStamp::of);
  }

  /// Takes what another program has put into the file; one undo leads back.
  void take(SolutionFile theirs) {
    file = theirs;
    saved = theirs.solution();
    confirm();
    edit("", _ -> theirs.solution());
    unsaved.set(false);
    path.ifPresent(there -> recorder.ifPresent(by -> by.saved(there)));
  }

  /// Makes an edit. Edits of the same thing in a row are undone together.
  ///
  /// @param thing what is edited; blank for an edit that always stands alone
  public void edit(String thing, UnaryOperator<Solution> change) {
    Solution now = now();
    Solution next = change.apply(now);
    if (!next.equals(now)) {
      history.edited(now, thing);
      recorder.ifPresent(by -> by.edited(thing, file.with(next)));
      become(next);
    }
  }

  /// Ends a run of edits of the same thing.
  public void pause() {
    history.pause();
    recorder.ifPresent(Recorder::paused);
  }

  public void undo() {
    history
        .undo(now())
        .ifPresent(
            before -> {
              recorder.ifPresent(by -> by.undone(file.with(before)));
              become(before);
            });
  }

  public void redo() {
    history
        .redo(now())
        .ifPresent(
            after -> {
              recorder.ifPresent(by -> by.redone(file.with(after)));
              become(after);
            });
  }

  private void become(Solution next) {
    now = next;
    canUndo.set(history.canUndo());
    canRedo.set(history.canRedo());
    unsaved.set(!next.equals(saved));
    notices.clear();
    listeners.forEach(listener -> listener.changed(next));
    current.set(now);
  }

  /// @throws FileProblem if it cannot be read; the solution that is open stays
  public void open(Path from) throws FileProblem {
    SolutionFile opened = SolutionFile.load(from);
    List<String> said = new ArrayList<>(List.of(Words.of("status.opened", from.getFileName())));
    said.addAll(opened.assumed());
    replace(opened, Optional.of(from), String.join(" ", said));
    afterOpening.run();
  }

  /// The open solution as it would be saved now.
  public SolutionFile file() {
    return file.with(now());
  }

  /// Goes on with another solution that was never saved.
  public void begin(SolutionFile other) {
    replace(other, Optional.empty(), "");
  }

  /// Shows another solution. What was not saved of the one before can be brought back.
  private void replace(SolutionFile other, Optional<Path> from, String said) {
    SolutionFile before = file.with(now());
    SolutionFile beforeSaved = file.with(saved);
    Optional<Path> beforePath = path;
    boolean lost = unsaved.get();
    show(other, from);
    if (lost) {
      Runnable back =
          () -> {
            recorder.ifPresent(Recorder::broughtBack);
            show(beforeSaved, beforePath);
            edit("", _ -> before.solution());
          };
      notices.say(
          Notice.of(said)
              .and(
                  Notice.of(
                      Words.of("status.left-unsaved"),
                      new Notice.Offer(Words.of("status.bring-back"), back))));
    } else if (!said.isEmpty()) {
      notices.say(said);
    }
  }

  private void show(SolutionFile opened, Optional<Path> from) {
    file = opened;
    path = from;
    confirm();
    saved = opened.solution();
    history.clear();
    recorder.ifPresent(by -> by.opened(opened, from));
    beginSession();
    listeners.forEach(Listener::replaced);
    become(opened.solution());
  }

  /// @throws FileProblem if it cannot be written
  public void save(Path to) throws FileProblem {
    Optional<Path> theirs = isKeptIn(to) ? keepTheirs(to) : Optional.empty();
    file = file.with(now()).save(to);
    path = Optional.of(to);
    confirm();
    saved = now();
    unsaved.set(false);
    history.pause();
    recorder.ifPresent(by -> by.saved(to));
    notices.say(
        theirs
            .map(other -> Words.of("disk.kept-both", to.getFileName(), other.getFileName()))
            .orElseGet(() -> Words.of("status.saved", to.getFileName())));
  }

  /// Keeps what another program has put into the file since it was read or written.
  private Optional<Path> keepTheirs(Path to) throws FileProblem {
    Optional<DiskStamp> there = DiskStamp.of(to);
    if (there.isEmpty() || there.equals(stamp)) {
      return Optional.empty();
    }
    Path aside = WholeFile.copyBeside(to);
    return Optional.of(aside);
  }

  /// The file's text as it would be saved now.
  public String text() {
    return file.with(now()).text();
  }
}
