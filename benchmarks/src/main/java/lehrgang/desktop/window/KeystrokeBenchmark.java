package lehrgang.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicLong;
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
import lehrgang.desktop.kit.FxTurn;
import lehrgang.documents.solutionfile.SolutionFile;

/// From a keystroke in a count, or from a pasted table, to the page in sight set and laid out, in
/// milliseconds.
public final class KeystrokeBenchmark {
  private static final int WARM_UP = 20;
  private static final int KEYSTROKES = 25;

  /// A row of the pasted table that the window shows without scrolling.
  private static final int IN_SIGHT = 12;

  private KeystrokeBenchmark() {}

  public static void main(String[] arguments) throws Exception {
    Headless.start();
    for (int size : new int[] {3, 5, 12, 20}) {
      measure(size);
    }
    pasting(20);
    Platform.exit();
  }

  private static void measure(int size) throws Exception {
    Path folder = Files.createTempDirectory("lehrgang-benchmark");
    SolutionFile file =
        SolutionFile.fresh(SolutionFile.demo().solution().withTable(Tables.square(size)));
    Stage stage = open(file, folder);
    List<Double> inSight = new ArrayList<>();
    List<Double> whole = new ArrayList<>();
    for (int k = 0; k < WARM_UP + KEYSTROKES; k++) {
      String typed = Integer.toString(20 + k);
      AtomicLong start = new AtomicLong();
      CompletableFuture<Long> laidOut = new CompletableFuture<>();
      FxTurn.call(
          () -> {
            Scene scene = stage.getScene();
            TextField count = (TextField) scene.getRoot().lookup("#count-1-1");
            scene.addPostLayoutPulseListener(() -> laidOut.complete(System.nanoTime()));
            start.set(System.nanoTime());
            count.setText(typed);
            return true;
          });
      double seen = (laidOut.get() - start.get()) / 1e6;
      FxTurn.settle();
      if (k >= WARM_UP) {
        inSight.add(seen);
        whole.add((System.nanoTime() - start.get()) / 1e6);
      }
    }
    FxTurn.run(stage::close);
    System.out.printf(
        "%d × %d: in sight median %.1f ms, largest %.1f ms; every step and four frames later median"
            + " %.1f ms%n",
        size, size, median(inSight), Collections.max(inSight), median(whole));
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
      Stage stage = open(SolutionFile.demo(), folder);
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

  private static Stage open(SolutionFile file, Path folder) throws Exception {
    Stage stage =
        FxTurn.call(
            () -> {
              MainWindow.prepare();
              Stage fresh = new Stage();
              MainWindow.show(fresh, file, Optional.empty(), folder);
              return fresh;
            });
    FxTurn.settle();
    return stage;
  }

  private static double median(List<Double> times) {
    return times.stream().sorted().skip(times.size() / 2).findFirst().orElseThrow();
  }
}
