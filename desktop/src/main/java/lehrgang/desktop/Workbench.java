package lehrgang.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Experiment;
import lehrgang.core.simulation.Simulator;
import lehrgang.core.solution.Solution;
import lehrgang.documents.solutionfile.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// The one mutable thing of the window: which solution is current, and what is selected in it.
final class Workbench {
  private final ReadOnlyObjectWrapper<Solution> solution = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyObjectWrapper<Sight> sight = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
  private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
  private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper();
  private final ObjectProperty<Optional<LineId>> selection =
      new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<Audience> audience = new SimpleObjectProperty<>(Audience.FULL);
  private final ObjectProperty<Notice> notice = new SimpleObjectProperty<>(Notice.NONE);
  private final History<Solution> history = new History<>();
  private Optional<BackgroundWork> work = Optional.empty();
  private Optional<Drawn> drawn = Optional.empty();
  private SolutionFile file;
  private Optional<Path> path = Optional.empty();
  private Solution saved;

  /// What was drawn last: an edit of the question need not draw it again.
  private record Drawn(Experiment experiment, Draws draws) {}

  /// So many counts are drawn before anyone notices.
  private static final long AT_ONCE = 100_000;

  Workbench(SolutionFile opened) {
    audience.subscribe(_ -> Optional.ofNullable(solution.get()).ifPresent(this::derive));
    show(opened, Optional.empty());
  }

  ReadOnlyObjectProperty<Solution> solution() {
    return solution.getReadOnlyProperty();
  }

  ReadOnlyObjectProperty<Sight> sight() {
    return sight.getReadOnlyProperty();
  }

  ReadOnlyBooleanProperty canUndo() {
    return canUndo.getReadOnlyProperty();
  }

  ReadOnlyBooleanProperty canRedo() {
    return canRedo.getReadOnlyProperty();
  }

  ReadOnlyBooleanProperty unsaved() {
    return unsaved.getReadOnlyProperty();
  }

  ObjectProperty<Optional<LineId>> selection() {
    return selection;
  }

  ObjectProperty<Audience> audience() {
    return audience;
  }

  ObjectProperty<Notice> notice() {
    return notice;
  }

  Optional<Path> path() {
    return path;
  }

  /// Makes an edit. Edits of the same thing in a row are undone together.
  ///
  /// @param thing  what is edited; blank for an edit that always stands alone
  void edit(String thing, UnaryOperator<Solution> change) {
    Solution now = solution.get();
    Solution next = change.apply(now);
    if (!next.equals(now)) {
      history.edited(now, thing);
      become(next);
    }
  }

  /// Ends a run of edits of the same thing.
  void pause() {
    history.pause();
  }

  void undo() {
    history.undo(solution.get()).ifPresent(this::become);
  }

  void redo() {
    history.redo(solution.get()).ifPresent(this::become);
  }

  private void become(Solution next) {
    solution.set(next);
    canUndo.set(history.canUndo());
    canRedo.set(history.canRedo());
    unsaved.set(!next.equals(saved));
    notice.set(Notice.NONE);
    derive(next);
  }

  private void derive(Solution next) {
    work.ifPresent(BackgroundWork::stop);
    switch (Procedures.work(next)) {
      case Procedure.Derived(var derivation) -> {
        show(next, derivation);
      }
      case Procedure.Refused(var problems) -> sight.set(new Sight(lastResult(), problems));
      case Procedure.Waiting waiting -> draw(waiting);
    }
  }

  private void show(Solution current, Derivation derivation) {
    Page whole = Page.of(current, derivation, Audience.FULL);
    Page page =
        audience.get() == Audience.FULL ? whole : Page.of(current, derivation, audience.get());
    if (selection.get().filter(id -> derivation.find(id).isEmpty()).isPresent()) {
      selection.set(Optional.empty());
    }
    sight.set(new Sight(Optional.of(new Sight.Result(derivation, page, whole)), List.of()));
  }

  private void settle(Procedure.Settled settled) {
    switch (settled) {
      case Procedure.Derived(var derivation) -> show(solution.get(), derivation);
      case Procedure.Refused(var problems) -> sight.set(new Sight(lastResult(), problems));
    }
  }

  private Optional<Sight.Result> lastResult() {
    return Optional.ofNullable(sight.get()).flatMap(Sight::result);
  }

  /// Goes on with what was drawn before for the same experiment, draws little at once, and more
  /// beside the interface.
  private void draw(Procedure.Waiting waiting) {
    Experiment experiment = waiting.experiment();
    Optional<Draws> known =
        drawn.filter(last -> last.experiment().equals(experiment)).map(Drawn::draws);
    if (known.isPresent()) {
      settle(waiting.then().apply(known.get()));
    } else if (experiment.size() <= AT_ONCE) {
      keep(waiting, Simulator.run(experiment, _ -> {}, () -> false).orElseThrow());
    } else {
      simulate(waiting);
    }
  }

  private void keep(Procedure.Waiting waiting, Draws draws) {
    drawn = Optional.of(new Drawn(waiting.experiment(), draws));
    settle(waiting.then().apply(draws));
  }

  /// Draws beside the interface; the last page stays dimmed until then.
  private void simulate(Procedure.Waiting waiting) {
    sight.set(new Sight(lastResult(), List.of(), Sight.Work.UNDER_WAY));
    showProgress(0);
    work =
        Optional.of(
            BackgroundWork.begin(
                (progress, stopped) -> Simulator.run(waiting.experiment(), progress, stopped),
                this::showProgress,
                result ->
                    result.ifPresent(
                        draws -> {
                          notice.set(Notice.NONE);
                          keep(waiting, draws);
                        })));
  }

  private void showProgress(double part) {
    String percent = Math.round(part * 100) + "\u00a0%";
    notice.set(
        Notice.of(
            Words.of("status.drawing", percent),
            new Notice.Offer(Words.of("status.stop"), this::stopWork)));
  }

  /// Leaves the solution as it is, without its result.
  private void stopWork() {
    work.ifPresent(BackgroundWork::stop);
    sight.set(new Sight(lastResult(), List.of(), Sight.Work.STOPPED));
    Platform.runLater(
        () ->
            notice.set(
                Notice.of(
                    Words.of("status.stopped"),
                    new Notice.Offer(
                        Words.of("status.draw-again"), () -> derive(solution.get())))));
  }

  void open(Path from) throws FileProblem {
    SolutionFile opened = SolutionFile.load(from);
    replace(opened, Optional.of(from), Words.of("status.opened", from.getFileName()));
  }

  /// Goes on with another solution that was never saved.
  void begin(SolutionFile other) {
    replace(other, Optional.empty(), "");
  }

  /// Shows another solution. What was not saved of the one before can be brought back.
  private void replace(SolutionFile other, Optional<Path> from, String said) {
    SolutionFile before = file.with(solution.get());
    SolutionFile beforeSaved = file.with(saved);
    Optional<Path> beforePath = path;
    boolean lost = unsaved.get();
    show(other, from);
    if (lost) {
      Runnable back =
          () -> {
            show(beforeSaved, beforePath);
            edit("", _ -> before.solution());
          };
      notice.set(
          Notice.of(said)
              .and(
                  Notice.of(
                      Words.of("status.left-unsaved"),
                      new Notice.Offer(Words.of("status.bring-back"), back))));
    } else if (!said.isEmpty()) {
      notice.set(Notice.of(said));
    }
  }

  private void show(SolutionFile opened, Optional<Path> from) {
    file = opened;
    path = from;
    saved = opened.solution();
    history.clear();
    selection.set(Optional.empty());
    sight.set(new Sight(Optional.empty(), List.of()));
    become(opened.solution());
  }

  /// Brings back changes that were not saved when the program ended.
  void recover(Solution unsavedBefore) {
    edit("", _ -> unsavedBefore);
    notice.set(Notice.of(Words.of("status.recovered")));
  }

  void save(Path to) throws FileProblem {
    file = file.with(solution.get()).save(to);
    path = Optional.of(to);
    saved = solution.get();
    unsaved.set(false);
    history.pause();
    notice.set(Notice.of(Words.of("status.saved", to.getFileName())));
  }

  /// The file's text as it would be saved now.
  String text() {
    return file.with(solution.get()).text();
  }
}
