package lehrgang.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.desktop.show.ShowView;
import lehrgang.documents.solutionfile.DemoCourse;

/// Every line of the demo solutions in front of a class, in milliseconds: from the key to the board
/// with the next line, set and laid out.
public final class ShowBenchmark {
  private static final int TURNS = 3;

  private ShowBenchmark() {}

  public static void main(String[] arguments) throws Exception {
    Headless.start();
    Path user = Files.createTempDirectory("lehrgang-benchmark");
    Stage stage = FxTurn.call(Stage::new);
    MainWindow window =
        FxTurn.call(
            () -> {
              MainWindow.prepare();
              return MainWindow.show(
                  stage, DemoCourse.open("route-and-season"), Optional.empty(), user);
            });
    for (int turn = 0; turn < TURNS; turn++) {
      List<Double> lines = new ArrayList<>();
      List<Double> steps = new ArrayList<>();
      for (String name : DemoCourse.names()) {
        FxTurn.run(() -> window.desk().solution().begin(DemoCourse.open(name)));
        FxTurn.run(window.faces()::showLesson);
        FxTurn.run(() -> window.faces().showing().go(0));
        told(window.faces().showing(), lines, steps);
        FxTurn.run(window.faces()::showWrite);
      }
      System.out.printf(
          "turn %d: %d lines, median %.1f ms, one of a hundred above %.1f ms, largest %.1f ms;"
              + " of these %d begin a step: median %.1f ms, largest %.1f ms%n",
          turn + 1,
          lines.size(),
          at(lines, 0.5),
          at(lines, 0.99),
          Collections.max(lines),
          steps.size(),
          at(steps, 0.5),
          Collections.max(steps));
    }
    Platform.exit();
  }

  private static void told(ShowView show, List<Double> lines, List<Double> steps) {
    int many = FxTurn.call(show::lines);
    for (int line = 1; line < many; line++) {
      int chapter = FxTurn.call(show::chapter);
      double taken = FxTurn.call(() -> next(show));
      lines.add(taken);
      if (FxTurn.call(show::chapter) != chapter) {
        steps.add(taken);
      }
    }
  }

  private static double next(ShowView show) {
    int before = show.at();
    long start = System.nanoTime();
    while (show.at() == before) {
      show.fireEvent(
          new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.RIGHT, false, false, false, false));
    }
    show.applyCss();
    show.layout();
    return (System.nanoTime() - start) / 1e6;
  }

  private static double at(List<Double> times, double share) {
    return times.stream()
        .sorted()
        .skip((long) (share * (times.size() - 1)))
        .findFirst()
        .orElseThrow();
  }
}
