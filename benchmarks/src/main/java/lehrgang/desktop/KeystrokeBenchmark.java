package lehrgang.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import lehrgang.benchmarks.Tables;
import lehrgang.documents.solutionfile.SolutionFile;

/// From a keystroke in a count to the page in sight set and laid out, in milliseconds.
public final class KeystrokeBenchmark {
  private static final int WARM_UP = 20;
  private static final int KEYSTROKES = 25;

  private KeystrokeBenchmark() {}

  public static void main(String[] arguments) throws Exception {
    System.setProperty("glass.platform", "Headless");
    System.setProperty("prism.order", "sw");
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Platform.setImplicitExit(false);
    for (int size : new int[] {3, 5, 12}) {
      measure(size);
    }
    Platform.exit();
  }

  private static void measure(int size) throws Exception {
    Path folder = Files.createTempDirectory("lehrgang-benchmark");
    SolutionFile file =
        SolutionFile.fresh(SolutionFile.demo().solution().withTable(Tables.square(size)));
    Stage stage =
        FxTurn.call(
            () -> {
              WriteWindow.prepare();
              Stage fresh = new Stage();
              WriteWindow.show(fresh, file, Optional.empty(), folder);
              return fresh;
            });
    FxTurn.settle();
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

  private static double median(List<Double> times) {
    return times.stream().sorted().skip(times.size() / 2).findFirst().orElseThrow();
  }
}
