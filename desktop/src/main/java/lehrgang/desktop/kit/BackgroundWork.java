package lehrgang.desktop.kit;

import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Long work beside the interface, with progress and a stop that works. What fails ends too: it is
/// logged and told.
public final class BackgroundWork {
  private static final Logger LOG = LoggerFactory.getLogger(BackgroundWork.class);

  /// How often progress is shown, in nanoseconds.
  private static final long PAUSE = 120_000_000;

  /// A thread for each: what takes long does not keep what is short waiting, however few cores
  /// there are.
  private static final Executor THREADS =
      Executors.newThreadPerTaskExecutor(
          Thread.ofPlatform().daemon().name("beside the window ", 1).factory());

  private final AtomicBoolean stopped = new AtomicBoolean();
  private final Session session;

  private BackgroundWork(Session session) {
    this.session = session;
  }

  /// What is to be done; it looks now and then whether it was stopped.
  public interface Job<T> {
    T run(DoubleConsumer progress, BooleanSupplier stopped);
  }

  /// What is told while it is under way, always on the interface thread, and nothing once it was
  /// stopped.
  ///
  /// @param progress the part that is done, from 0 to 1
  /// @param done     the result
  /// @param failed   that there will be no result
  public record Listener<T>(DoubleConsumer progress, Consumer<T> done, Runnable failed) {
    /// One that is told nothing on the way.
    public static <T> Listener<T> of(Consumer<T> done, Runnable failed) {
      return new Listener<>(_ -> {}, done, failed);
    }
  }

  /// Begins, and returns at once.
  public static <T> BackgroundWork begin(Job<T> job, Listener<T> listener) {
    return begin(new Session(), job, listener);
  }

  /// Begins what is of use only while a session lasts, and returns at once. When the session ends,
  /// the work is stopped, and nothing more is told.
  public static <T> BackgroundWork begin(Session session, Job<T> job, Listener<T> listener) {
    BackgroundWork work = new BackgroundWork(session);
    THREADS.execute(() -> work.run(job, listener));
    return work;
  }

  private <T> void run(Job<T> job, Listener<T> listener) {
    AtomicLong last = new AtomicLong();
    try {
      T result =
          job.run(
              part -> {
                long now = System.nanoTime();
                if (now - last.get() > PAUSE) {
                  last.set(now);
                  tell(() -> listener.progress().accept(part));
                }
              },
              this::isStopped);
      tell(() -> listener.done().accept(result));
    } catch (CancellationException e) {
      tell(listener.failed());
    } catch (RuntimeException | Error e) {
      LOG.error("work beside the interface failed", e);
      tell(listener.failed());
    }
  }

  private void tell(Runnable action) {
    Platform.runLater(
        () -> {
          if (!isStopped()) {
            action.run();
          }
        });
  }

  private boolean isStopped() {
    return stopped.get() || !session.isOpen();
  }

  public void stop() {
    stopped.set(true);
  }
}
