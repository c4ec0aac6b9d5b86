package lehrgang.desktop.window;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.ThrowableProxyUtil;
import ch.qos.logback.core.AppenderBase;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.application.Platform;
import javafx.stage.Stage;
import javax.management.JMException;
import javax.management.ObjectName;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.documents.solutionfile.SolutionFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// The program in the hands of someone who never tires, for as long as is asked: what goes wrong on
/// the way, how long the longest thing took, and how much memory is still held each time the
/// windows are closed again.
public final class Soak {
  private static final Duration BETWEEN_RESTS = Duration.ofSeconds(60);
  private static final int MOVES_BETWEEN_RESTS = 250;
  private static final Duration LONG = Duration.ofSeconds(5);
  private static final int LAST_MOVES = 12;
  private static final int COLLECTIONS = 4;
  private static final Pattern HELD = Pattern.compile("(?m)^ *\\d+: +\\d+ +(\\d+) +(\\S+)");
  private static final String MOVES = "moves";
  private static final String PIXELS = "[I";
  private static final String FILLING = "jdk.internal.vm.Filler";
  private static final double MEGABYTE = 1 << 20;
  private static final double MOST_GROWTH = 0.05;

  /// The first readings still see classes and texts that are used for the first time.
  private static final double SHARE_OF_WARM_UP = 0.2;

  private static final int LEAST_READINGS = 20;

  private final RestlessHand hand;
  private final Deque<String> last = new ArrayDeque<>();
  private final AtomicInteger complaints = new AtomicInteger();
  private final List<Double> heap = new ArrayList<>();
  private long moves;
  private long dialogs;
  private int slow;
  private Duration longest = Duration.ZERO;
  private String longestMove = "";

  private Soak(Windows windows, Path folder, long seed) {
    hand = new RestlessHand(windows, folder, seed, this::remember);
  }

  /// @param arguments minutes, or a number of moves such as `700moves`, and perhaps a seed
  public static void main(String[] arguments) throws Exception {
    long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
    Path folder = Files.createTempDirectory("lehrgang-soak");
    Headless.start();
    Windows windows = new Windows(folder.resolve("user"));
    Soak soak = new Soak(windows, folder, seed);
    soak.listen();
    FxTurn.run(
        () -> {
          MainWindow.prepare();
          MainWindow.show(
              new Stage(),
              windows,
              SolutionFile.demo(),
              Optional.empty(),
              MainWindow.First.SOLUTION);
        });
    String length = arguments[0];
    if (length.endsWith(MOVES)) {
      soak.go(Long.parseLong(length.substring(0, length.length() - MOVES.length())));
    } else {
      soak.go(Duration.ofMillis(Math.round(Double.parseDouble(length) * 60_000)));
    }
    System.exit(soak.sum() ? 0 : 1);
  }

  /// Hears of everything that is logged as an error and of what nobody caught.
  private void listen() {
    AppenderBase<ILoggingEvent> ears =
        new AppenderBase<>() {
          @Override
          protected void append(ILoggingEvent event) {
            if (event.getLevel().isGreaterOrEqual(Level.ERROR)) {
              complain(
                  event.getFormattedMessage()
                      + "\n"
                      + ThrowableProxyUtil.asString(event.getThrowableProxy()));
            }
          }
        };
    ears.start();
    ((ch.qos.logback.classic.Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME))
        .addAppender(ears);
    FxTurn.run(() -> Thread.currentThread().setUncaughtExceptionHandler((_, e) -> uncaught(e)));
    Thread.setDefaultUncaughtExceptionHandler((_, e) -> uncaught(e));
  }

  private void uncaught(Throwable e) {
    if (isMissingDialog(e)) {
      dialogs++;
      return;
    }
    if (isBeyondTheScreen(e)) {
      return;
    }
    StringBuilder text = new StringBuilder(String.valueOf(e));
    Arrays.stream(e.getStackTrace()).limit(30).forEach(at -> text.append("\n  at ").append(at));
    if (e.getCause() != null) {
      text.append("\ncaused by ").append(e.getCause());
    }
    complain(text.toString());
  }

  /// Without a display nobody can be asked for a file.
  private static boolean isMissingDialog(Throwable e) {
    return e instanceof UnsupportedOperationException
        && e.getStackTrace().length > 0
        && e.getStackTrace()[0].getMethodName().startsWith("staticCommonDialogs");
  }

  /// The platform without a display has a small screen and no room beyond it.
  private static boolean isBeyondTheScreen(Throwable e) {
    return e instanceof IndexOutOfBoundsException
        && Arrays.stream(e.getStackTrace()).anyMatch(at -> at.getMethodName().equals("blit"));
  }

  private void complain(String what) {
    complaints.incrementAndGet();
    synchronized (last) {
      System.out.println("complaint at move " + moves + ": " + what);
      last.forEach(move -> System.out.println("  up to it: " + move));
    }
  }

  private void go(Duration time) throws InterruptedException {
    Instant begun = Instant.now();
    Instant rest = begun.plus(BETWEEN_RESTS);
    while (Duration.between(begun, Instant.now()).compareTo(time) < 0) {
      move();
      if (Instant.now().isAfter(rest)) {
        read(begun);
        rest = Instant.now().plus(BETWEEN_RESTS);
      }
    }
    read(begun);
  }

  /// As many moves, however long they take: what passed once passes again.
  private void go(long most) throws InterruptedException {
    Instant begun = Instant.now();
    while (moves < most) {
      move();
      if (moves % MOVES_BETWEEN_RESTS == 0) {
        read(begun);
      }
    }
    read(begun);
  }

  private void move() {
    moves++;
    Instant before = Instant.now();
    try {
      FxTurn.run(hand::move);
      FxTurn.run(hand::tidy);
    } catch (RuntimeException | Error e) {
      uncaught(e);
    }
    Duration took = Duration.between(before, Instant.now());
    if (took.compareTo(longest) > 0) {
      longest = took;
      longestMove = latest();
    }
    if (took.compareTo(LONG) > 0) {
      slow++;
      System.out.println("move " + moves + " took " + took.toMillis() + " ms: " + latest());
    }
  }

  private void remember(String move) {
    synchronized (last) {
      last.add(move);
      if (last.size() > LAST_MOVES) {
        last.removeFirst();
      }
    }
  }

  private String latest() {
    synchronized (last) {
      return last.isEmpty() ? "" : last.getLast();
    }
  }

  /// What is held when nothing but the demo is open.
  private void read(Instant begun) throws InterruptedException {
    FxTurn.run(hand::rest);
    ForkJoinPool.commonPool().awaitQuiescence(1, TimeUnit.MINUTES);
    FxTurn.settle();
    for (int i = 0; i < COLLECTIONS; i++) {
      System.gc();
      FxTurn.settle();
    }
    Map<String, Double> held = held();
    double pixels = held.getOrDefault(PIXELS, 0.0);
    heap.add(held.values().stream().mapToDouble(Double::doubleValue).sum() - pixels);
    System.out.printf(
        "%5d s, %d moves: %.1f MB, and %.1f MB of pixels%n",
        Duration.between(begun, Instant.now()).toSeconds(), moves, heap.getLast(), pixels);
  }

  /// Megabytes by class after a full collection. What is drawn without a graphics card is drawn
  /// into arrays of numbers, which the toolkit keeps for later and lets go when memory is short:
  /// they stand apart. What the collector puts where nothing lies any more is not held at all.
  private static Map<String, Double> held() {
    try {
      String table =
          (String)
              ManagementFactory.getPlatformMBeanServer()
                  .invoke(
                      new ObjectName("com.sun.management:type=DiagnosticCommand"),
                      "gcClassHistogram",
                      new Object[] {new String[0]},
                      new String[] {String[].class.getName()});
      Map<String, Double> held = new HashMap<>();
      Matcher line = HELD.matcher(table);
      while (line.find()) {
        if (!line.group(2).contains(FILLING)) {
          held.merge(line.group(2), Double.parseDouble(line.group(1)) / MEGABYTE, Double::sum);
        }
      }
      return held;
    } catch (JMException e) {
      throw new IllegalStateException(e);
    }
  }

  /// Says how it was. How long things took is said too, and is for whoever reads it: other programs
  /// may have been in the way.
  ///
  /// @return whether nothing went wrong
  private boolean sum() {
    System.out.printf(
        "%d moves, %d complaints, %d longer than %d s; the longest took %d ms: %s;"
            + " %d times a file would have been asked for%n",
        moves, complaints.get(), slow, LONG.toSeconds(), longest.toMillis(), longestMove, dialogs);
    boolean flat = true;
    if (heap.size() >= LEAST_READINGS) {
      int from = (int) Math.round(heap.size() * SHARE_OF_WARM_UP);
      List<Double> settled = heap.subList(from, heap.size());
      int quarter = settled.size() / 4;
      double early = median(settled.subList(0, quarter));
      double late = median(settled.subList(settled.size() - quarter, settled.size()));
      double growth = late / early - 1;
      System.out.printf(
          "held after collecting: %.1f MB early, %.1f MB late: %+.1f %%%n",
          early, late, growth * 100);
      flat = growth < MOST_GROWTH;
    }
    Platform.exit();
    return flat && complaints.get() == 0;
  }

  private static double median(List<Double> values) {
    return values.stream().sorted().skip(values.size() / 2).findFirst().orElseThrow();
  }
}
