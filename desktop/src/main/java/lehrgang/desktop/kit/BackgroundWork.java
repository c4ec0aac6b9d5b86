package lehrgang.desktop.kit;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.LockSupport;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;

/// Work of one kind beside the interface, such as counting records. At most one piece of it is
/// under way: a piece that begins stops the one before. Files are written one after the other.
///
/// A piece belongs to the session in which it began. Its outcome is told on the interface thread,
/// and only if the session goes on and the piece was not stopped; otherwise it is dropped. To be
/// used by the interface thread only.
public final class BackgroundWork {
  /// A page that was there sooner than this is waited for, in nanoseconds: it is on the screen in
  /// the same frame as what was typed.
  private static final long WITHIN_A_FRAME = 8_000_000;

  /// How often progress is shown, in nanoseconds.
  private static final long PAUSE = 120_000_000;

  /// How often a piece that waits for its turn looks whether it was stopped, in milliseconds.
  private static final long LOOK = 20;

  private static final Semaphore CORES =
      new Semaphore(Runtime.getRuntime().availableProcessors(), true);

  /// How long other work gives way after a page was begun or has ended, in nanoseconds: the window
  /// lays it out in that time.
  private static final long RIGHT_OF_WAY = 60_000_000;

  private static final long PAUSE_OF_A_PIECE = 2_000_000;

  /// The longest that a piece of work pauses at once for pages, in nanoseconds.
  private static final long LONGEST_PAUSE = 500_000_000;

  private static final AtomicInteger PAGES = new AtomicInteger();
  private static final AtomicLong LAST_PAGE = new AtomicLong(System.nanoTime() - RIGHT_OF_WAY);
  private static final AtomicInteger WRITERS = new AtomicInteger();

  private final Demand demand;
  private final Supplier<Session> session;
  private final Lock turn = new ReentrantLock(true);
  private final Set<Piece<?>> underWay = new HashSet<>();
  private long lastTook = Long.MAX_VALUE;

  /// @param session in which a piece of work begins
  public BackgroundWork(Demand demand, Supplier<Session> session) {
    this.demand = demand;
    this.session = session;
  }

  /// Work that is of use whatever is open in the window, until it is stopped.
  public BackgroundWork(Demand demand) {
    this(demand, Session::new);
  }

  /// What work needs of the machine.
  public enum Demand {
    /// Works out the page that is being edited: waits for nothing.
    PAGE,
    /// Computes all the time: as many pieces run at once as there are cores, and give way to pages.
    PROCESSOR,
    /// Waits most of the time, for a disk, a network or a printer.
    DISK,
    /// Writes files: the program does not end before it has.
    WRITING
  }

  /// What is to be done, by another thread.
  public interface Job<T> {
    /// @param progress told how far it is; ends the work if that was stopped
    /// @throws FileProblem if it cannot be done; its sentence is told
    T run(Progress progress) throws FileProblem;
  }

  /// What is told of a piece of work, on the interface thread. Nothing is told of one that was
  /// stopped.
  ///
  /// @param progress the part that is done, from 0 to 1
  /// @param done     the result
  /// @param failed   why there is none, in one sentence
  public record Outcome<T>(DoubleConsumer progress, Consumer<T> done, Consumer<String> failed) {
    /// Progress is not shown.
    public static <T> Outcome<T> of(Consumer<T> done, Consumer<String> failed) {
      return new Outcome<>(_ -> {}, done, failed);
    }
  }

  /// Begins a piece of work and returns at once. The one before is stopped, unless it writes files.
  ///
  /// @return stops the piece
  public <T> Runnable begin(Job<T> job, Outcome<T> outcome) {
    if (demand != Demand.WRITING) {
      stop();
    }
    Piece<T> piece = new Piece<>(session.get(), job, outcome);
    underWay.add(piece);
    if (demand == Demand.PAGE) {
      PAGES.incrementAndGet();
      LAST_PAGE.set(System.nanoTime());
    } else if (demand == Demand.WRITING) {
      WRITERS.incrementAndGet();
    }
    Thread.ofPlatform().daemon().name("beside the window").start(piece);
    if (demand == Demand.PAGE && lastTook < WITHIN_A_FRAME) {
      piece.await(WITHIN_A_FRAME);
    }
    return piece::stop;
  }

  /// Whether files are written, one after the other.
  public boolean writes() {
    return demand == Demand.WRITING;
  }

  /// Stops what is under way. Nothing more is told of it.
  public void stop() {
    List.copyOf(underWay).forEach(Piece::stop);
  }

  /// Whether a piece of work has begun and its outcome is not told yet.
  public boolean isUnderWay() {
    return !underWay.isEmpty();
  }

  /// Whether a page is being worked out in any window; may be asked by any thread.
  static boolean isPageUnderWay() {
    return PAGES.get() > 0;
  }

  /// Waits until no files are being written, before the program ends.
  ///
  /// @param patience how long at most
  public static void awaitWriting(Duration patience) {
    long end = System.nanoTime() + patience.toNanos();
    while (WRITERS.get() > 0 && System.nanoTime() < end) {
      LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(LOOK));
    }
  }

  /// Waits a little for what a piece of work needs.
  private interface Turn {
    boolean comes() throws InterruptedException;
  }

  private final class Piece<T> implements Runnable {
    private final Session session;
    private final Job<T> job;
    private final Outcome<T> outcome;
    private final AtomicLong shown = new AtomicLong();
    private final long began = System.nanoTime();
    private final CountDownLatch ended = new CountDownLatch(1);
    private volatile long took = Long.MAX_VALUE;
    private volatile boolean stopped;
    private volatile Runnable told = () -> {};
    private boolean over;

    Piece(Session session, Job<T> job, Outcome<T> outcome) {
      this.session = session;
      this.job = job;
      this.outcome = outcome;
    }

    void stop() {
      stopped = true;
      underWay.remove(this);
    }

    boolean isStopped() {
      return stopped || !session.isOpen();
    }

    /// Asked in every loop of the work: a good place to give way to who types.
    private boolean goesNotOn() {
      if (demand == Demand.PROCESSOR || demand == Demand.WRITING) {
        giveWay();
      }
      return isStopped();
    }

    private void giveWay() {
      long now = System.nanoTime();
      long end = now + LONGEST_PAUSE;
      while (now - LAST_PAGE.get() < RIGHT_OF_WAY && now < end && !isStopped()) {
        LockSupport.parkNanos(PAUSE_OF_A_PIECE);
        now = System.nanoTime();
      }
    }

    @Override
    public void run() {
      try {
        T result = inTurn();
        told = () -> outcome.done().accept(result);
      } catch (CancellationException e) {
        // Who stopped it knows.
      } catch (FileProblem e) {
        told = () -> outcome.failed().accept(e.getMessage());
      } catch (RuntimeException | Error e) {
        String sentence = Unexpected.sentence(e);
        told = () -> outcome.failed().accept(sentence);
      }
      if (demand == Demand.WRITING) {
        WRITERS.decrementAndGet();
      }
      took = System.nanoTime() - began;
      ended.countDown();
      Platform.runLater(this::end);
    }

    /// Waits for the end, if it comes soon.
    void await(long nanoseconds) {
      try {
        if (ended.await(nanoseconds, TimeUnit.NANOSECONDS)) {
          end();
        }
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }

    private T inTurn() throws FileProblem {
      Runnable leave = takeTurn();
      try {
        return watched();
      } finally {
        leave.run();
      }
    }

    /// Waits until the piece may go on.
    ///
    /// @return lets the next one go on
    private Runnable takeTurn() {
      return switch (demand) {
        case PAGE, DISK -> () -> {};
        case PROCESSOR -> {
          awaitTurn(() -> CORES.tryAcquire(LOOK, TimeUnit.MILLISECONDS));
          yield CORES::release;
        }
        case WRITING -> {
          awaitTurn(() -> turn.tryLock(LOOK, TimeUnit.MILLISECONDS));
          yield turn::unlock;
        }
      };
    }

    private void awaitTurn(Turn turn) {
      try {
        while (!turn.comes()) {
          checkStopped();
        }
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new CancellationException();
      }
    }

    private T watched() throws FileProblem {
      checkStopped();
      Progress progress = Progress.of(this::show, this::goesNotOn);
      return progress.watch(() -> job.run(progress));
    }

    private void checkStopped() {
      if (isStopped()) {
        throw new CancellationException();
      }
    }

    private void show(double part) {
      long now = System.nanoTime();
      long before = shown.get();
      if (now - before > PAUSE && shown.compareAndSet(before, now)) {
        Platform.runLater(
            () -> {
              if (!isStopped()) {
                outcome.progress().accept(part);
              }
            });
      }
    }

    private void end() {
      if (over) {
        return;
      }
      over = true;
      lastTook = took;
      if (demand == Demand.PAGE) {
        PAGES.decrementAndGet();
        LAST_PAGE.set(System.nanoTime());
      }
      if (underWay.remove(this) && !isStopped()) {
        told.run();
      }
    }
  }
}
