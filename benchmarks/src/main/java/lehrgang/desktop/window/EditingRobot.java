package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import javafx.stage.Stage;
import lehrgang.core.data.TableEntry;
import lehrgang.core.solution.Question;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.documents.solutionfile.SolutionFile;

/// A hand that edits, undoes, redoes and saves without end, in the real program on the platform
/// without a display, and says what it did. [lehrgang.benchmarks.Kill] starts and kills it.
///
/// A line each, with the time in milliseconds and the solution by the hash of its text: `there`
/// after the start, `edits` or `goes` (back or on) before an edit and `did` after it, `saves` and
/// `saved` around saving.
public final class EditingRobot {
  private static final int COUNTS = 1_000_000;
  private static final int LAST_THAT_GOES = 5;

  private EditingRobot() {}

  /// @param arguments the user's folder, the file, a seed, and perhaps after how many edits it ends
  public static void main(String[] arguments) throws Exception {
    Headless.start();
    Path user = Path.of(arguments[0]);
    Path file = Path.of(arguments[1]);
    Random random = new Random(Long.parseLong(arguments[2]));
    long turns = arguments.length > 3 ? Long.parseLong(arguments[3]) : Long.MAX_VALUE;
    MainWindow window =
        FxTurn.call(
            () -> {
              MainWindow.prepare();
              return MainWindow.show(new Stage(), SolutionFile.load(file), Optional.of(file), user);
            });
    OpenSolution solution = window.desk().solution();
    say("there", solution);
    for (long turn = 0; turn < turns; turn++) {
      int what = random.nextInt(40);
      if (what == 0) {
        say("saves", solution);
        FxTurn.run(() -> window.faces().files().save(file));
        say("saved", solution);
      } else {
        say(what <= LAST_THAT_GOES ? "goes" : "edits", solution);
        FxTurn.run(() -> edit(solution, random, what));
        say("did", solution);
      }
      Thread.sleep(random.nextInt(30));
    }
    System.exit(0);
  }

  private static void edit(OpenSolution solution, Random random, int what) {
    switch (what) {
      case 1, 2, 3 -> solution.undo();
      case 4, 5 -> solution.redo();
      case 6 -> solution.pause();
      case 7, 8 -> {
        String title = "Walkers " + random.nextInt();
        solution.edit(
            "title",
            now ->
                now.withQuestion(
                    new Question(title, now.question().text(), now.question().source())));
      }
      default -> {
        TableEntry table = solution.now().table();
        int row = random.nextInt(table.rows().size());
        int column = random.nextInt(table.columns().size());
        String count = Integer.toString(random.nextInt(COUNTS));
        solution.edit(
            "count " + row + " " + column,
            now -> now.withTable(now.table().withCell(row, column, count)));
      }
    }
  }

  private static void say(String what, OpenSolution solution) {
    String text = SolutionFile.fresh(FxTurn.call(solution::now)).text();
    System.out.println(what + " " + System.currentTimeMillis() + " " + text.hashCode());
    System.out.flush();
  }
}
