package lehrgang.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.util.Duration;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Words;

/// The open solution worked out after every change, beside the interface: whole, and for the
/// audience that is chosen.
public final class WorkedOut {
  /// Work that ends sooner is not shown as being under way.
  private static final Duration MOMENT = Duration.millis(150);

  private final List<Consumer<Sight>> listeners = new ArrayList<>();
  private final List<Runnable> afterWork = new ArrayList<>();
  private Sight sight = new Sight(Optional.empty(), List.of(), Sight.Work.UNDER_WAY);
  private final ObjectProperty<Audience> audience = new SimpleObjectProperty<>(Audience.FULL);
  private final OpenSolution solution;
  private final Selection selection;
  private final Notices notices;
  private final BackgroundWork work;
  private final Sampling sampling;
  private final PauseTransition moment = new PauseTransition(MOMENT);

  WorkedOut(OpenSolution solution, Selection selection, Notices notices) {
    this.solution = solution;
    this.selection = selection;
    this.notices = notices;
    this.work = new BackgroundWork(Demand.PAGE, solution::session);
    this.sampling = new Sampling(notices, solution::session);
    moment.setOnFinished(_ -> tell());
    solution.listen(
        new OpenSolution.Listener() {
          @Override
          public void replaced() {
            selection.clear();
            afterWork.clear();
            see(new Sight(Optional.empty(), List.of(), Sight.Work.UNDER_WAY));
          }

          @Override
          public void changed(Solution changed) {
            work();
          }
        });
    audience.subscribe((_, _) -> work());
  }

  /// What there is to see now.
  public Sight now() {
    return sight;
  }

  /// @param listener told at once and after every change, also where the same is wrong as before:
  ///     the solution is another one. That work is under way is told when it takes more than a
  ///     moment.
  public void subscribe(Consumer<Sight> listener) {
    listeners.add(listener);
    listener.accept(sight);
  }

  /// Does something for which the page must be that of the solution: at once, or as soon as that is
  /// worked out or cannot be. Another solution that is opened meanwhile has no part in it.
  public void whenWorkedOut(Runnable action) {
    if (sight.work() == Sight.Work.UNDER_WAY) {
      afterWork.add(action);
    } else {
      action.run();
    }
  }

  private void see(Sight now) {
    moment.stop();
    sight = now;
    tell();
    if (sight == now && now.work() != Sight.Work.UNDER_WAY) {
      List<Runnable> actions = List.copyOf(afterWork);
      afterWork.clear();
      actions.forEach(Runnable::run);
    }
  }

  private void tell() {
    Sight now = sight;
    for (Consumer<Sight> listener : List.copyOf(listeners)) {
      if (sight == now) {
        listener.accept(now);
      }
    }
  }

  /// For whom the page is shown.
  public ObjectProperty<Audience> audience() {
    return audience;
  }

  /// Lets go of what is under way beside the window.
  void stop() {
    moment.stop();
    work.stop();
    sampling.stop();
  }

  private void work() {
    stop();
    sight = new Sight(sight.result(), List.of(), Sight.Work.UNDER_WAY);
    moment.playFromStart();
    Solution now = solution.now();
    Audience whom = audience.get();
    Optional<Sampling.Drawn> drawn = sampling.last();
    work.begin(
        _ -> workedOut(now, whom, drawn),
        BackgroundWork.Outcome.of(
            worked -> {
              switch (worked) {
                case Worked.Seen(var result, var known) -> {
                  known.ifPresent(sampling::keep);
                  show(result);
                }
                case Worked.Refused(var refused) ->
                    see(new Sight(sight.result(), refused.problems()));
                case Worked.Waiting(var waiting) -> draw(now, whom, waiting);
              }
            },
            this::failed));
  }

  /// How far a solution was worked out.
  private sealed interface Worked {
    /// @param known the tables that were drawn for it
    record Seen(Sight.Result result, Optional<Sampling.Drawn> known) implements Worked {}

    record Refused(Procedure.Refused refused) implements Worked {}

    /// It takes a while until enough tables are drawn.
    record Waiting(Procedure.Waiting waiting) implements Worked {}
  }

  private static Worked workedOut(
      Solution solution, Audience whom, Optional<Sampling.Drawn> drawn) {
    return switch (Procedures.work(solution)) {
      case Procedure.Settled settled -> settled(solution, whom, settled, Optional.empty());
      case Procedure.Waiting waiting ->
          Sampling.atOnce(waiting.experiment(), drawn)
              .map(
                  known ->
                      settled(
                          solution, whom, waiting.then().apply(known.draws()), Optional.of(known)))
              .orElseGet(() -> new Worked.Waiting(waiting));
    };
  }

  private static Worked settled(
      Solution solution, Audience whom, Procedure.Settled settled, Optional<Sampling.Drawn> drawn) {
    return switch (settled) {
      case Procedure.Derived(var derivation) ->
          new Worked.Seen(result(solution, whom, derivation), drawn);
      case Procedure.Refused refused -> new Worked.Refused(refused);
    };
  }

  private static Sight.Result result(Solution solution, Audience whom, Derivation derivation) {
    Page whole = Page.of(solution, derivation, Audience.FULL);
    Page page = whom == Audience.FULL ? whole : Page.of(solution, derivation, whom);
    return new Sight.Result(derivation, page, whole);
  }

  private void show(Sight.Result result) {
    if (selection.line().filter(id -> result.derivation().find(id).isEmpty()).isPresent()) {
      selection.clear();
    }
    see(new Sight(Optional.of(result), List.of()));
  }

  /// The last page stays, dimmed, until what it waits for is drawn.
  private void draw(Solution now, Audience whom, Procedure.Waiting waiting) {
    see(new Sight(sight.result(), List.of(), Sight.Work.UNDER_WAY));
    sampling.begin(
        waiting.experiment(),
        drawn -> settled(now, whom, waiting.then().apply(drawn.draws()), Optional.of(drawn)),
        worked -> {
          switch (worked) {
            case Worked.Seen(var result, _) -> show(result);
            case Worked.Refused(var refused) -> see(new Sight(sight.result(), refused.problems()));
            case Worked.Waiting _ -> throw new IllegalStateException("all tables are drawn");
          }
        },
        new Sampling.Without(this::stopped, this::work));
  }

  private void stopped() {
    see(new Sight(sight.result(), List.of(), Sight.Work.STOPPED));
  }

  private void failed(String sentence) {
    stopped();
    notices.say(Notice.of(sentence, new Notice.Offer(Words.of("status.try-again"), this::work)));
  }
}
