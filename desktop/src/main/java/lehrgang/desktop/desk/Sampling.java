package lehrgang.desktop.desk;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Experiment;
import lehrgang.core.simulation.Simulator;
import lehrgang.core.work.Progress;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Session;
import lehrgang.desktop.kit.Words;

/// Draws tables at random where that takes so long that a notice says how far it is.
final class Sampling {
  /// So many counts are drawn in a moment.
  private static final long IN_A_MOMENT = 100_000;

  private final Notices notices;
  private final LongWork work;
  private Optional<Drawn> last = Optional.empty();

  /// The tables that were drawn for an experiment.
  record Drawn(Experiment experiment, Draws draws) {}

  /// What is done where there are no tables.
  ///
  /// @param told  told that there are none
  /// @param again begins anew, if the user wants it
  record Without(Runnable told, Runnable again) {}

  Sampling(Notices notices, Supplier<Session> session) {
    this.notices = notices;
    this.work = new LongWork(notices, Demand.PROCESSOR, session);
  }

  /// What was drawn last: an edit of the question need not draw it again.
  Optional<Drawn> last() {
    return last;
  }

  void keep(Drawn drawn) {
    last = Optional.of(drawn);
  }

  /// What was drawn before for the same experiment, or is drawn in a moment; empty where it takes
  /// longer. May be called by any thread.
  static Optional<Drawn> atOnce(Experiment experiment, Optional<Drawn> last) {
    Optional<Drawn> known = last.filter(drawn -> drawn.experiment().equals(experiment));
    return known.isPresent() || experiment.size() > IN_A_MOMENT
        ? known
        : Optional.of(drawn(experiment, Progress.ofThisThread()));
  }

  private static Drawn drawn(Experiment experiment, Progress progress) {
    return new Drawn(experiment, Simulator.run(experiment, progress));
  }

  /// Draws beside the interface.
  ///
  /// @param then what is made of the tables, also beside the interface
  /// @param done told what was made of them
  <T> void begin(
      Experiment experiment, Function<Drawn, T> then, Consumer<T> done, Without without) {
    work.begin(
        LongWork.percent("status.drawing"),
        progress -> {
          Drawn drawn = drawn(experiment, progress);
          return new Made<>(drawn, then.apply(drawn));
        },
        new LongWork.Outcome<>(
            made -> {
              keep(made.drawn());
              done.accept(made.made());
            },
            problem -> without(problem, without),
            () -> without(Words.of("status.stopped"), without)));
  }

  private record Made<T>(Drawn drawn, T made) {}

  private void without(String sentence, Without without) {
    without.told().run();
    notices.say(
        Notice.of(sentence, new Notice.Offer(Words.of("status.draw-again"), without.again())));
  }

  /// Lets go of what is under way.
  void stop() {
    work.stop();
  }
}
