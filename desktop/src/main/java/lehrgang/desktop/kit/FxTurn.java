package lehrgang.desktop.kit;

import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.locks.LockSupport;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/// Runs work on the interface thread from another thread, and waits for the window to catch up.
public final class FxTurn {
  private static final int PULSES = 3;
  private static final long PATIENCE_SECONDS = 120;
  private static final long LOOK_NANOS = 200_000;

  private FxTurn() {}

  /// Does something on the interface thread and waits until it is laid out.
  public static void run(Runnable work) {
    call(
        () -> {
          work.run();
          return true;
        });
    settle();
  }

  public static <T> T call(Callable<T> work) {
    CompletableFuture<T> done = new CompletableFuture<>();
    Platform.runLater(
        () -> {
          try {
            done.complete(work.call());
          } catch (Exception | AssertionError e) {
            done.completeExceptionally(e);
          }
        });
    return await(done);
  }

  /// Waits until all pages are worked out and set. What waits for a calm moment is done at once.
  public static void awaitPages() {
    do {
      while (BackgroundWork.isPageUnderWay()) {
        LockSupport.parkNanos(LOOK_NANOS);
      }
    } while (call(Calm::endAll) || BackgroundWork.isPageUnderWay());
  }

  /// Waits for the page, and for a few pulses: layout, and what was put off until after it.
  public static void settle() {
    awaitPages();
    CompletableFuture<Boolean> done = new CompletableFuture<>();
    Platform.runLater(
        () ->
            new AnimationTimer() {
              private int seen;

              @Override
              public void handle(long now) {
                if (++seen > PULSES) {
                  stop();
                  done.complete(true);
                }
                Platform.requestNextPulse();
              }
            }.start());
    await(done);
  }

  private static <T> T await(CompletableFuture<T> done) {
    try {
      return done.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof RuntimeException cause) {
        throw cause;
      }
      if (e.getCause() instanceof Error cause) {
        throw cause;
      }
      throw new IllegalStateException(e.getCause());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    } catch (TimeoutException e) {
      throw new IllegalStateException("the window did not answer", e);
    }
  }
}
