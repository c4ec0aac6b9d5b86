package lehrgang.desktop;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import lehrgang.core.simulation.Experiment;
import lehrgang.core.simulation.Simulator;

/// An experiment carried out beside the interface, with progress and a stop that works.
final class BackgroundWork {
  /// How often progress is shown, in nanoseconds.
  private static final long PAUSE = 120_000_000;

  private final AtomicBoolean stopped = new AtomicBoolean();

  private BackgroundWork() {}

  /// Begins, and returns at once.
  ///
  /// @param progress told the part that is done, on the interface thread
  /// @param done     called on the interface thread, unless it was stopped
  static BackgroundWork begin(Experiment experiment, DoubleConsumer progress, Runnable done) {
    BackgroundWork work = new BackgroundWork();
    AtomicLong last = new AtomicLong();
    CompletableFuture.runAsync(
        () -> {
          boolean whole =
              Simulator.run(
                      experiment,
                      part -> {
                        long now = System.nanoTime();
                        if (now - last.get() > PAUSE) {
                          last.set(now);
                          Platform.runLater(() -> work.unlessStopped(() -> progress.accept(part)));
                        }
                      },
                      work.stopped::get)
                  .isPresent();
          if (whole) {
            Platform.runLater(() -> work.unlessStopped(done));
          }
        });
    return work;
  }

  private void unlessStopped(Runnable action) {
    if (!stopped.get()) {
      action.run();
    }
  }

  void stop() {
    stopped.set(true);
  }
}
