package lehrgang.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ListView;
import javafx.stage.Stage;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.documents.solutionfile.DemoCourse;

/// A class of 500 in Check, in milliseconds: from its file to its marks on screen, and from one
/// place in the list to the next, set and laid out.
public final class ClassBenchmark {
  private static final int STUDENTS = 500;
  private static final int TURNS = 7;

  private ClassBenchmark() {}

  public static void main(String[] arguments) throws Exception {
    Headless.start();
    Path folder = Files.createTempDirectory("lehrgang-benchmark");
    Path answers = answers(folder);
    List<Double> shown = new ArrayList<>();
    List<Double> scrolled = new ArrayList<>();
    for (int turn = 0; turn < TURNS; turn++) {
      measure(answers, shown, turn < 2 ? new ArrayList<>() : scrolled);
    }
    System.out.printf(
        "%d students: on screen first %.0f ms, then median %.0f ms; scrolled median %.1f ms, one of"
            + " a hundred above %.1f ms, largest %.1f ms%n",
        STUDENTS,
        shown.getFirst(),
        at(shown.subList(1, shown.size()), 0.5),
        at(scrolled, 0.5),
        at(scrolled, 0.99),
        Collections.max(scrolled));
    Platform.exit();
  }

  /// The demo class over and over, each student by another name.
  private static Path answers(Path folder) throws Exception {
    List<String> lines = Files.readAllLines(DemoCourse.answers(folder));
    List<String> many = new ArrayList<>(List.of(lines.getFirst()));
    for (int k = 0; k < STUDENTS; k++) {
      String line = lines.get(1 + k % (lines.size() - 1));
      many.add(line.replaceFirst("^[^,;]*", "%03d".formatted(k)));
    }
    return Files.write(folder.resolve("class.csv"), many);
  }

  private static void measure(Path answers, List<Double> shown, List<Double> scrolled)
      throws Exception {
    Path user = Files.createTempDirectory("lehrgang-benchmark");
    Stage stage = FxTurn.call(Stage::new);
    MainWindow window =
        FxTurn.call(
            () -> {
              MainWindow.prepare();
              return MainWindow.show(
                  stage, DemoCourse.open("route-and-season"), Optional.empty(), user);
            });
    FxTurn.settle();
    AtomicLong start = new AtomicLong();
    CompletableFuture<Long> laidOut = new CompletableFuture<>();
    FxTurn.call(
        () -> {
          Scene scene = stage.getScene();
          start.set(System.nanoTime());
          scene.addPostLayoutPulseListener(
              () -> {
                if (list(scene.getRoot()).filter(some -> !some.getItems().isEmpty()).isPresent()) {
                  laidOut.complete(System.nanoTime());
                }
              });
          window.faces().files().open(answers);
          return true;
        });
    shown.add((laidOut.get() - start.get()) / 1e6);
    FxTurn.settle();
    for (int to = 0; to + 20 < STUDENTS; to += 3) {
      scrolled.add(scroll(stage.getScene(), to));
    }
    FxTurn.run(stage::close);
  }

  /// What one frame takes to set and lay out after the list was moved.
  private static double scroll(Scene scene, int to) throws Exception {
    AtomicLong begun = new AtomicLong();
    CompletableFuture<Long> laidOut = new CompletableFuture<>();
    Runnable begin = () -> begun.compareAndSet(0, System.nanoTime());
    Runnable end = () -> laidOut.complete(System.nanoTime());
    FxTurn.call(
        () -> {
          list(scene.getRoot()).orElseThrow().scrollTo(to);
          scene.addPreLayoutPulseListener(begin);
          scene.addPostLayoutPulseListener(end);
          return true;
        });
    double taken = (laidOut.get() - begun.get()) / 1e6;
    FxTurn.call(
        () -> {
          scene.removePreLayoutPulseListener(begin);
          scene.removePostLayoutPulseListener(end);
          return true;
        });
    return taken;
  }

  private static Optional<ListView<?>> list(Parent root) {
    return Optional.ofNullable((ListView<?>) root.lookup("#check-students"));
  }

  private static double at(List<Double> times, double share) {
    return times.stream()
        .sorted()
        .skip((long) (share * (times.size() - 1)))
        .findFirst()
        .orElseThrow();
  }
}
