package lehrgang.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.stage.Stage;
import lehrgang.benchmarks.Tables;
import lehrgang.core.data.TableEntry;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.desktop.write.PageView;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;

/// From a keystroke in a count to the digit in its cell and to the page in sight, and from a pasted
/// table to the page, each laid out, in milliseconds.
public final class KeystrokeBenchmark {
  private static final int WARM_UP = 60;
  private static final int KEYSTROKES = 100;

  /// A fast hand.
  private static final long BETWEEN_KEYS = 120_000_000;

  /// A row of the pasted table that the window shows without scrolling.
  private static final int IN_SIGHT = 12;

  private KeystrokeBenchmark() {}

  /// @param arguments `idle` for keys without other work only
  public static void main(String[] arguments) throws Exception {
    Headless.start();
    for (int size : new int[] {3, 5, 12, 20, 30}) {
      measure(size + " × " + size, table(size));
    }
    measure("exact test, margins of 5 000", exact(2490));
    measure("matched pairs, 998 changed", pairs());
    if (arguments.length == 0) {
      OtherWork other = OtherWork.begin();
      measure("5 × 5 beside " + other.kinds() + " kinds of work", table(5));
      measure("30 × 30 beside them", table(30));
      measure("exact test beside them", exact(2490));
      other.stop();
    }
    pasting(20);
    Platform.exit();
  }

  private static SolutionFile table(int size) {
    return SolutionFile.fresh(SolutionFile.demo().solution().withTable(Tables.square(size)));
  }

  private static SolutionFile exact(int count) {
    return filled("nest-boxes", count, count, count, count);
  }

  private static SolutionFile pairs() {
    return filled("repainted-waymarks", 600, 470, 528, 700);
  }

  private static SolutionFile filled(String demo, int... counts) {
    TableEntry table = DemoCourse.open(demo).solution().table();
    for (int k = 0; k < counts.length; k++) {
      table = table.withCell(k / 2, k % 2, Integer.toString(counts[k]));
    }
    return SolutionFile.fresh(DemoCourse.open(demo).solution().withTable(table));
  }

  /// Types at the pace of a fast hand, whether or not the page has followed.
  private static void measure(String name, SolutionFile file) throws Exception {
    Path folder = Files.createTempDirectory("lehrgang-benchmark");
    AtomicReference<MainWindow> window = new AtomicReference<>();
    Stage stage = open(file, folder, window);
    Desk desk = window.get().desk();
    PageView view = window.get().faces().write().page();
    List<Double> digits = new ArrayList<>();
    List<Double> pages = new ArrayList<>();
    String before = desk.solution().now().table().cells().getFirst().getFirst();
    for (int k = 0; k < WARM_UP + KEYSTROKES; k++) {
      String typed = Integer.toString(Integer.parseInt(before) + 1 + k % 7);
      long due = System.nanoTime();
      CompletableFuture<Long> inCell = new CompletableFuture<>();
      CompletableFuture<Long> onPage = new CompletableFuture<>();
      Runnable[] laidOut = new Runnable[1];
      FxTurn.call(
          () -> {
            Scene scene = stage.getScene();
            laidOut[0] =
                () -> {
                  inCell.complete(System.nanoTime());
                  if (view.isSetInSight()) {
                    onPage.complete(System.nanoTime());
                  }
                };
            scene.addPostLayoutPulseListener(laidOut[0]);
            ((TextField) scene.getRoot().lookup("#count-1-1")).setText(typed);
            return true;
          });
      double digit = (inCell.get() - due) / 1e6;
      LockSupport.parkNanos(due + BETWEEN_KEYS - System.nanoTime());
      FxTurn.call(
          () -> {
            stage.getScene().removePostLayoutPulseListener(laidOut[0]);
            return true;
          });
      if (k >= WARM_UP) {
        digits.add(digit);
        pages.add(onPage.isDone() ? (onPage.get() - due) / 1e6 : Double.NaN);
      }
    }
    long last = System.nanoTime();
    FxTurn.settle();
    double rest = (System.nanoTime() - last) / 1e6;
    FxTurn.run(stage::close);
    long late = pages.stream().filter(page -> page.isNaN()).count();
    List<Double> there = pages.stream().filter(page -> !page.isNaN()).toList();
    System.out.printf(
        "%s: digit in its cell median %.1f ms, 95 of 100 in %.1f ms, longest %.1f ms; page %s%n",
        name,
        median(digits),
        part(digits, 0.95),
        Collections.max(digits),
        there.isEmpty()
            ? "%.0f ms after the last key".formatted(rest)
            : "median %.1f ms, 95 of 100 in %.1f ms, %d of %d not before the next key"
                .formatted(median(there), part(there, 0.95), late, KEYSTROKES));
  }

  /// The table comes from the clipboard, the page is another's before.
  private static void pasting(int size) throws Exception {
    TableEntry table = Tables.square(size);
    String text =
        "\t"
            + String.join("\t", table.columns())
            + IntStream.range(0, size)
                .mapToObj(
                    i ->
                        "\n" + table.rows().get(i) + "\t" + String.join("\t", table.cells().get(i)))
                .collect(Collectors.joining());
    List<Double> times = new ArrayList<>();
    for (int k = 0; k < 7; k++) {
      Path folder = Files.createTempDirectory("lehrgang-benchmark");
      Stage stage = open(SolutionFile.demo(), folder, new AtomicReference<>());
      AtomicLong start = new AtomicLong();
      CompletableFuture<Long> laidOut = new CompletableFuture<>();
      FxTurn.call(
          () -> {
            Scene scene = stage.getScene();
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            Clipboard.getSystemClipboard().setContent(content);
            Button paste = (Button) scene.getRoot().lookup("#table-paste");
            start.set(System.nanoTime());
            scene.addPostLayoutPulseListener(
                () -> {
                  if (scene.getRoot().lookup("#count-" + IN_SIGHT + "-" + size) != null) {
                    laidOut.complete(System.nanoTime());
                  }
                });
            paste.fire();
            return true;
          });
      times.add((laidOut.get() - start.get()) / 1e6);
      FxTurn.settle();
      FxTurn.run(stage::close);
    }
    System.out.printf(
        "%d × %d pasted: on screen first %.0f ms, then median %.0f ms%n",
        size, size, times.getFirst(), median(times.subList(1, times.size())));
  }

  private static Stage open(SolutionFile file, Path folder, AtomicReference<MainWindow> window)
      throws Exception {
    Stage stage =
        FxTurn.call(
            () -> {
              MainWindow.prepare();
              Stage fresh = new Stage();
              window.set(MainWindow.show(fresh, file, Optional.empty(), folder));
              return fresh;
            });
    FxTurn.settle();
    return stage;
  }

  private static double median(List<Double> times) {
    return part(times, 0.5);
  }

  /// The time within which a part of all lie.
  private static double part(List<Double> times, double part) {
    return times.stream()
        .sorted()
        .skip((long) Math.floor(part * (times.size() - 1)))
        .findFirst()
        .orElseThrow();
  }
}
