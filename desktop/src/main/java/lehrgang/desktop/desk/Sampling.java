package lehrgang.desktop.desk;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Experiment;
import lehrgang.core.simulation.Simulator;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.Words;

/// Draws tables by chance: little at once, and more beside the interface.
final class Sampling {
  /// So many counts are drawn before anyone notices.
  private static final long AT_ONCE = 100_000;

  private final Notices notices;
  private final Runnable again;
  private Optional<Drawn> drawn = Optional.empty();
  private Optional<BackgroundWork> work = Optional.empty();

  /// What was drawn last: an edit of the question need not draw it again.
  private record Drawn(Experiment experiment, Draws draws) {}

  /// @param again begins anew what was stopped
  Sampling(Notices notices, Runnable again) {
    this.notices = notices;
    this.again = again;
  }

  /// What was drawn before for the same experiment, or can be without anyone waiting.
  Optional<Draws> atOnce(Experiment experiment) {
    Optional<Draws> known =
        drawn.filter(last -> last.experiment().equals(experiment)).map(Drawn::draws);
    return known.isPresent() || experiment.size() > AT_ONCE
        ? known
        : Optional.of(
            keep(experiment, Simulator.run(experiment, _ -> {}, () -> false).orElseThrow()));
  }

  private Draws keep(Experiment experiment, Draws draws) {
    drawn = Optional.of(new Drawn(experiment, draws));
    return draws;
  }

  /// Draws beside the interface.
  ///
  /// @param done    told the draws
  /// @param stopped called if there will be none
  void begin(Experiment experiment, Consumer<Draws> done, Runnable stopped) {
    showProgress(0, stopped);
    work =
        Optional.of(
            BackgroundWork.begin(
                (progress, whether) -> Simulator.run(experiment, progress, whether),
                new BackgroundWork.Listener<>(
                    part -> showProgress(part, stopped),
                    result ->
                        result.ifPresent(
                            draws -> {
                              notices.clear();
                              done.accept(keep(experiment, draws));
                            }),
                    () -> {
                      stopped.run();
                      notices.say(Notice.of(Words.of("status.failed"), drawAgain()));
                    })));
  }

  private Notice.Offer drawAgain() {
    return new Notice.Offer(Words.of("status.draw-again"), again);
  }

  private void showProgress(double part, Runnable stopped) {
    Runnable stop =
        () -> {
          stop();
          stopped.run();
          Platform.runLater(() -> notices.say(Notice.of(Words.of("status.stopped"), drawAgain())));
        };
    notices.say(
        Notice.of(
            Words.of("status.drawing", Math.round(part * 100) + "\u00a0%"),
            new Notice.Offer(Words.of("status.stop"), stop)));
  }

  /// Lets go of what is under way.
  void stop() {
    work.ifPresent(BackgroundWork::stop);
    work = Optional.empty();
  }
}
