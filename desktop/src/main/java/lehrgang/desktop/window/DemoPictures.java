package lehrgang.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextInputControl;
import javafx.stage.Stage;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.desktop.kit.Pictures;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.Rewritable;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;

/// Pictures of the main view with the demo, for a machine without a display and for the guide.
public final class DemoPictures {
  private static final long MOMENT = 600;
  private static final long PAUSE = 30;
  private static final int TURNS = 400;

  /// How far down the class the student stands who is shown.
  private static final int STUDENTS_ON = 7;

  /// The line of the demo's lesson at which an expected count has its numbers, but not its value.
  private static final int NUMBERS_PUT_IN = 12;

  private final Path folder;
  private final MainWindow window;
  private final List<Path> written = new ArrayList<>();

  private DemoPictures(Path folder, MainWindow window) {
    this.folder = folder;
    this.window = window;
  }

  /// Draws the pictures with JavaFX's platform for machines without a display.
  ///
  /// @return the files written
  public static List<Path> write(Path folder) throws IOException {
    return write(folder, SolutionFile.demo(), "write");
  }

  /// @param name the beginning of the files' names
  static List<Path> write(Path folder, SolutionFile solution, String name) throws IOException {
    return inWindow(solution, window -> new DemoPictures(folder, window).all(name));
  }

  /// Windows are made and drawn, and shown on no display; before the toolkit starts.
  static void hideWindows() {
    System.setProperty("glass.platform", "Headless");
    System.setProperty("prism.order", "sw");
  }

  /// What is done in a window that nobody sees.
  private interface Job<T> {
    T in(MainWindow window) throws IOException;
  }

  private static <T> T inWindow(SolutionFile solution, Job<T> job) throws IOException {
    hideWindows();
    Path userFolder = Files.createTempDirectory("lehrgang-pictures");
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    try {
      started.await();
      MainWindow window =
          FxTurn.call(
              () -> {
                MainWindow.prepare();
                return MainWindow.show(new Stage(), solution, Optional.empty(), userFolder);
              });
      FxTurn.settle();
      return job.in(window);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    } finally {
      Platform.exit();
    }
  }

  private List<Path> all(String name) throws IOException {
    picture(name + "-question", "", "question");
    picture(name + "-expected", "E[2,3]", "expected");
    picture(name + "-contributions", "K[2,3]", "contributions");
    picture(name + "-critical", "crit", "critical");
    picture(name + "-p-value", "p", "p");
    picture(name + "-conclusion", "decision", "conclusion");
    picture(name + "-closer-look", "K[1,1]", "closer-look");
    FxTurn.run(() -> window.desk().worked().audience().set(Audience.STUDENT));
    picture(name + "-worksheet", "E[1,1]", "expected");
    FxTurn.run(() -> window.desk().worked().audience().set(Audience.FULL));
    FxTurn.run(() -> window.toggleTheme());
    picture(name + "-dark", "E[2,3]", "expected");
    show();
    FxTurn.run(() -> window.toggleTheme());
    edit(DemoPictures::withSlip);
    picture(name + "-problem", "", "data");
    FxTurn.run(() -> window.desk().solution().undo());
    courseStyle();
    course();
    return List.copyOf(written);
  }

  /// One picture for each of the other procedures, and where a solution begins.
  private void course() throws IOException {
    example("bunk-rooms", "fit", "E[3]", "expected");
    example("worn-waymarks", "named-distribution", "P[2]", "parameter");
    example("deer-gate", "one-proportion", "z", "p");
    example("map-and-dark", "two-proportions", "ci.low", "interval");
    example("repainted-waymarks", "matched-pairs", "X2", "statistic");
    example("nest-boxes", "exact-test", "P[7]", "outcomes");
    example("orchid-meadows", "simulation", "hits", "simulation");
    example("register-map-by-season", "layers", "X2.layer[2]", "layers");
    example("register-age-and-route", "recipe", "", "data");
    Path register = DemoCourse.register(Files.createTempDirectory("lehrgang-demo"));
    FxTurn.run(() -> window.faces().files().open(register));
    FxTurn.run(() -> pick("count-rows", "age"));
    FxTurn.run(() -> pick("count-columns", "gate"));
    FxTurn.run(() -> ((ButtonBase) lookup("group-classes")).fire());
    save("records");
    check();
    FxTurn.run(() -> window.faces().showStart());
    save("start");
    FxTurn.run(() -> window.desk().solution().begin(DemoCourse.open("route-and-season")));
    edit(
        now ->
            now.withSheet(
                now.sheet().withHead("Statistics 1, group 17", "Sheet 6", "12 December")));
    FxTurn.run(() -> window.faces().showHandOut());
    until(() -> window.faces().handing().paintedPages() > 0);
    save("hand-out");
    composed();
    varied();
  }

  /// Tables for what they are to show.
  private void composed() throws IOException {
    FxTurn.run(window.faces()::showCompose);
    until(() -> !window.scene().getRoot().lookupAll("." + Style.PROPOSAL).isEmpty());
    save("compose");
  }

  /// Other counts for each student.
  private void varied() throws IOException {
    FxTurn.run(window.faces()::showVary);
    String students =
        IntStream.rangeClosed(301, 318).mapToObj(k -> "17-" + k).collect(Collectors.joining("\n"));
    FxTurn.run(
        () -> {
          ((TextInputControl) lookup("vary-list")).setText(students);
          ((TextInputControl) lookup("vary-seed")).setText("4711");
          ((ButtonBase) lookup("vary-draw")).fire();
        });
    until(() -> window.faces().varying().paintedPages() > 0);
    save("vary");
    FxTurn.run(window.faces()::showWrite);
  }

  /// Waits for what comes by itself.
  private static void until(BooleanSupplier arrived) {
    for (int turn = 0; turn < TURNS && !FxTurn.call(arrived::getAsBoolean); turn++) {
      LockSupport.parkNanos(PAUSE * 1_000_000);
    }
    FxTurn.settle();
  }

  /// A class, and one student who made a slip; then what all of them wrote for a step.
  private void check() throws IOException {
    Path answers = DemoCourse.answers(Files.createTempDirectory("lehrgang-demo"));
    FxTurn.run(() -> window.desk().solution().begin(DemoCourse.open("route-and-season")));
    FxTurn.run(() -> window.faces().showWrite());
    FxTurn.run(() -> window.faces().files().open(answers));
    for (int next = 0; next < STUDENTS_ON; next++) {
      FxTurn.run(() -> ((ButtonBase) lookup("check-next")).fire());
    }
    save("check");
    FxTurn.run(() -> ((ButtonBase) lookup("step-X2")).fire());
    save("check-step");
  }

  /// The decision rule first, and one of its sentences being rewritten. In front of a class: the
  /// numbers are put in, the value is still to come.
  private void show() throws IOException {
    FxTurn.run(window.faces()::showLesson);
    FxTurn.run(() -> window.faces().showing().go(NUMBERS_PUT_IN));
    save("show");
    FxTurn.run(window.faces()::showWrite);
  }

  private void courseStyle() throws IOException {
    edit(now -> now.withCourse(now.course().withOrder(new StepOrder.RuleFirst())));
    FxTurn.run(() -> window.faces().write().page().goTo("critical"));
    FxTurn.run(
        () ->
            window.scene().getRoot().lookupAll("." + Style.REWRITABLE).stream()
                .map(Rewritable.class::cast)
                .filter(sentence -> sentence.getAccessibleText().startsWith("Decision rule"))
                .findFirst()
                .ifPresent(Rewritable::edit));
    picture("course-style", "", "critical");
    FxTurn.run(() -> window.desk().solution().undo());
  }

  private void edit(UnaryOperator<Solution> change) {
    FxTurn.run(() -> window.desk().solution().edit("", change));
  }

  private Node lookup(String id) {
    return window.scene().getRoot().lookup("#" + id);
  }

  /// Takes an entry of a list.
  @SuppressWarnings("unchecked")
  private void pick(String id, String entry) {
    ((ComboBox<String>) lookup(id)).setValue(entry);
  }

  private void example(String demo, String name, String selected, String step) throws IOException {
    FxTurn.run(() -> window.desk().solution().begin(DemoCourse.open(demo)));
    picture(name, selected, step);
  }

  private static Solution withSlip(Solution solution) {
    return solution.withTable(solution.table().withCell(1, 1, "6.4"));
  }

  private void picture(String name, String selected, String step) throws IOException {
    FxTurn.run(() -> select(selected));
    FxTurn.run(() -> window.faces().write().page().goTo(step));
    FxTurn.run(() -> window.faces().write().page().goTo(step));
    // Some things come when nothing has changed for a moment.
    LockSupport.parkNanos(MOMENT * 1_000_000);
    FxTurn.settle();
    save(name);
  }

  private void select(String line) {
    LineId.parse(line)
        .ifPresentOrElse(window.desk().selection()::select, window.desk().selection()::clear);
  }

  private void save(String name) throws IOException {
    Path file = folder.resolve(name + ".png");
    Pictures.write(FxTurn.call(() -> Pictures.of(window.scene())), file);
    written.add(file);
  }
}
