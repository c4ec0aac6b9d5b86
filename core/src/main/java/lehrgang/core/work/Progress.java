package lehrgang.core.work;

import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.IntConsumer;

/// Watches a piece of work that takes long, and can stop it. Work that was stopped ends with a
/// [CancellationException] and has no result.
///
/// A loop whose length is known [reports][#report(double)] how far it is. One that is deep inside
/// the work, where nobody knows of the whole, calls [#checkStopped()]: the progress of the work to
/// which it belongs is bound to the thread ([#watch]).
public final class Progress {
  /// Nobody watches, and nothing is ever stopped.
  public static final Progress NONE = new Progress(_ -> {}, () -> false);

  private static final ScopedValue<Progress> OF_THIS_THREAD = ScopedValue.newInstance();

  private final DoubleConsumer part;
  private final BooleanSupplier stopped;

  private Progress(DoubleConsumer part, BooleanSupplier stopped) {
    this.part = part;
    this.stopped = stopped;
  }

  /// @param part    told which part of the work is done, from 0 to 1, by any thread
  /// @param stopped asked by any thread whether the work is to be stopped
  public static Progress of(DoubleConsumer part, BooleanSupplier stopped) {
    return new Progress(part, stopped);
  }

  /// Told how many of several equal parts are done; the work is never stopped.
  ///
  /// @param all 1 or more
  public static Progress counting(int all, IntConsumer done) {
    return new Progress(part -> done.accept((int) Math.round(part * all)), () -> false);
  }

  /// Reports the part of the work that is done, from 0 to 1.
  ///
  /// @throws CancellationException if the work was stopped
  public void report(double done) {
    check();
    part.accept(done);
  }

  /// Reports how many of several equal parts are done.
  ///
  /// @param all 1 or more
  /// @throws CancellationException if the work was stopped
  public void report(int done, int all) {
    report((double) done / all);
  }

  /// @throws CancellationException if the work was stopped
  public void check() {
    if (stopped.getAsBoolean()) {
      throw new CancellationException();
    }
  }

  /// The progress of the work that this thread does; [#NONE] if it is not watched. A part of the
  /// work that is handed to other threads is to take it along.
  public static Progress ofThisThread() {
    return OF_THIS_THREAD.orElse(NONE);
  }

  /// Called in every loop that may take more than a moment.
  ///
  /// @throws CancellationException if the work that this thread does was stopped
  public static void checkStopped() {
    if (OF_THIS_THREAD.isBound()) {
      OF_THIS_THREAD.get().check();
    }
  }

  /// Does a piece of work, watched by this progress.
  ///
  /// @throws X if the work does
  public <T, X extends Throwable> T watch(ScopedValue.CallableOp<? extends T, X> work) throws X {
    return ScopedValue.where(OF_THIS_THREAD, this).call(work);
  }
}
