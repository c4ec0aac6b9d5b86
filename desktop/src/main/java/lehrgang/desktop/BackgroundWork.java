package lehrgang.desktop;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;

/// Long work beside the interface, with progress and a stop that works.
final class BackgroundWork {
  /// How often progress is shown, in nanoseconds.
  private static final long PAUSE = 120_000_000;

  private final AtomicBoolean stopped = new AtomicBoolean();

  private BackgroundWork() {}

  /// What is to be done; it looks now and then whether it was stopped.
  interface Job<T> {
    T run(DoubleConsumer progress, BooleanSupplier stopped);
  }

  /// Begins, and returns at once.
  ///
  /// @param progress told the part that is done, on the interface thread
  /// @param done     told the result on the interface thread, unless it was stopped
  static <T> BackgroundWork begin(Job<T> job, DoubleConsumer progress, Consumer<T> done) {
    BackgroundWork work = new BackgroundWork();
    AtomicLong last = new AtomicLong();
    CompletableFuture.runAsync(
        () -> {
          T result =
              job.run(
                  part -> {
                    long now = System.nanoTime();
                    if (now - last.get() > PAUSE) {
                      last.set(now);
                      Platform.runLater(() -> work.unlessStopped(() -> progress.accept(part)));
                    }
                  },
                  work.stopped::get);
          Platform.runLater(() -> work.unlessStopped(() -> done.accept(result)));
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
