package lehrgang.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.simulation.Draws;
import lehrgang.core.solution.Solution;

/// The open solution worked out after every change, whole, and for the audience that is chosen.
public final class WorkedOut {
  private final List<Consumer<Sight>> listeners = new ArrayList<>();
  private Sight sight = new Sight(Optional.empty(), List.of());
  private final ObjectProperty<Audience> audience = new SimpleObjectProperty<>(Audience.FULL);
  private final OpenSolution solution;
  private final Selection selection;
  private final Sampling sampling;

  WorkedOut(OpenSolution solution, Selection selection, Notices notices) {
    this.solution = solution;
    this.selection = selection;
    this.sampling = new Sampling(notices, this::work);
    solution.listen(
        new OpenSolution.Listener() {
          @Override
          public void replaced() {
            selection.clear();
            see(new Sight(Optional.empty(), List.of()));
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
  ///     the solution is another one
  public void subscribe(Consumer<Sight> listener) {
    listeners.add(listener);
    listener.accept(sight);
  }

  private void see(Sight now) {
    sight = now;
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

  /// Lets go of what is drawn by chance beside the window.
  void stop() {
    sampling.stop();
  }

  private void work() {
    stop();
    switch (Procedures.work(solution.now())) {
      case Procedure.Settled settled -> settle(settled);
      case Procedure.Waiting waiting -> draw(waiting);
    }
  }

  private void settle(Procedure.Settled settled) {
    switch (settled) {
      case Procedure.Derived(var derivation) -> show(derivation);
      case Procedure.Refused(var problems) -> see(new Sight(now().result(), problems));
    }
  }

  private void show(Derivation derivation) {
    Page whole = Page.of(solution.now(), derivation, Audience.FULL);
    Page page =
        audience.get() == Audience.FULL
            ? whole
            : Page.of(solution.now(), derivation, audience.get());
    if (selection.line().filter(id -> derivation.find(id).isEmpty()).isPresent()) {
      selection.clear();
    }
    see(new Sight(Optional.of(new Sight.Result(derivation, page, whole)), List.of()));
  }

  /// The last page stays, dimmed, until what it waits for is drawn.
  private void draw(Procedure.Waiting waiting) {
    Consumer<Draws> go = draws -> settle(waiting.then().apply(draws));
    sampling
        .atOnce(waiting.experiment())
        .ifPresentOrElse(
            go,
            () -> {
              see(new Sight(now().result(), List.of(), Sight.Work.UNDER_WAY));
              sampling.begin(
                  waiting.experiment(),
                  go,
                  () -> see(new Sight(now().result(), List.of(), Sight.Work.STOPPED)));
            });
  }
}
