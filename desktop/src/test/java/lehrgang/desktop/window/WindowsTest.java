package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.PickResult;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ScrollEvent.HorizontalTextScrollUnits;
import javafx.scene.input.ScrollEvent.VerticalTextScrollUnits;
import javafx.stage.Stage;
import javafx.stage.Window;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.InTheSample;
import lehrgang.desktop.Turn;
import lehrgang.documents.file.Program;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Several windows, their files, and what is remembered of them.
@InTheSample
class WindowsTest {
  @TempDir private Path folder;
  private Path file;
  private WindowDriver driver;
  private Windows windows;

  @BeforeEach
  void open() throws Exception {
    file = folder.resolve("routes.lehrgang");
    SolutionFile.demo().save(file);
    driver = WindowDriver.open(SolutionFile.demo(), Optional.of(file), folder.resolve("user"));
    windows = driver.window().windows();
  }

  @AfterEach
  void close() {
    Turn.run(windows::quit);
  }

  private MainWindow last() {
    return Turn.call(() -> windows.all().getLast());
  }

  private String said(MainWindow window) {
    return Turn.call(() -> window.desk().notices().now().sentence());
  }

  @Test
  void aFileThatIsOpenComesToTheFrontWhereItIs() {
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    Turn.run(windows::another);
    MainWindow second = last();
    Turn.run(() -> second.faces().files().open(file));
    assertThat(Turn.call(second::isAtStart)).isTrue();
    assertThat(said(driver.window())).isEqualTo("routes.lehrgang is already open in this window.");
    assertThat(driver.solution().table().cells().getFirst().getFirst()).isEqualTo("93");
  }

  /// Also where the wheel was turned over a bar: the toolkit keeps the way of that.
  @Test
  void aWindowThatWasClosedIsLetGo() throws Exception {
    Turn.run(windows::another);
    WeakReference<Scene> closed =
        Turn.call(() -> new WeakReference<>(goFar(windows.all().getLast())));
    Turn.run(() -> windows.all().getLast().close());
    for (int k = 0; k < 20 && closed.get() != null; k++) {
      Turn.settle();
      System.gc();
      Thread.sleep(50);
    }
    assertThat(closed.get()).isNull();
  }

  /// A bar that is not to be turned by the wheel puts more on the way while an event is on it.
  private static Scene goFar(MainWindow window) {
    Scene scene = window.scene();
    scene.getRoot().applyCss();
    scene.getRoot().lookupAll(".scroll-bar").forEach(bar -> Event.fireEvent(bar, turn(bar)));
    return scene;
  }

  private static ScrollEvent turn(Node over) {
    return new ScrollEvent(
        ScrollEvent.SCROLL,
        0,
        0,
        0,
        0,
        false,
        false,
        false,
        false,
        false,
        false,
        0,
        40,
        0,
        40,
        HorizontalTextScrollUnits.NONE,
        0,
        VerticalTextScrollUnits.NONE,
        0,
        0,
        new PickResult(over, 0, 0));
  }

  /// What a later start is asked for goes where nothing lies yet, or gets a window of its own.
  @Test
  void aLaterStartOpensAWindow() throws Exception {
    Path other = folder.resolve("nest.lehrgang");
    DemoCourse.open("nest-boxes").save(other);
    Turn.run(() -> windows.open(other));
    assertThat(Turn.call(() -> windows.all().size())).isEqualTo(2);
    MainWindow second = last();
    assertThat(Turn.call(() -> second.desk().solution().path())).contains(other);
    assertThat(driver.solution()).isEqualTo(SolutionFile.demo().solution());
    Turn.run(() -> windows.open(other));
    assertThat(Turn.call(() -> windows.all().size())).isEqualTo(2);
    Turn.run(windows::another);
    Turn.run(() -> windows.open(Path.of("../demo/deer-gate.lehrgang")));
    assertThat(Turn.call(() -> windows.all().size())).isEqualTo(3);
  }

  @Test
  void laterStartsHandOverToTheOneThatRuns() throws Exception {
    Path user = Files.createTempDirectory("lg");
    assertThat(OneInstance.handOver(user, Optional.of(file))).isFalse();
    List<Optional<Path>> taken = new CopyOnWriteArrayList<>();
    OneInstance.listen(user, taken::add);
    OneInstance.listen(user, _ -> taken.clear());
    assertThat(OneInstance.handOver(user, Optional.of(file))).isTrue();
    assertThat(OneInstance.handOver(user, Optional.empty())).isTrue();
    assertThat(taken).containsExactly(Optional.of(file.toAbsolutePath()), Optional.empty());
  }

  /// The socket of a program that was killed stands in nobody's way.
  @Test
  void aDeadProgramIsNoProgram() throws Exception {
    Path user = Files.createTempDirectory("lg");
    Files.writeString(user.resolve("program"), "");
    assertThat(OneInstance.handOver(user, Optional.empty())).isFalse();
    List<Optional<Path>> taken = new CopyOnWriteArrayList<>();
    OneInstance.listen(user, taken::add);
    assertThat(OneInstance.handOver(user, Optional.empty())).isTrue();
    assertThat(taken).hasSize(1);
  }

  @Test
  void keysOpenAndCloseWindows() {
    driver.press("start");
    driver.shortcut(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.N);
    assertThat(Turn.call(() -> windows.all().size())).isEqualTo(2);
    driver.shortcut(KeyCode.CONTROL, KeyCode.W);
    assertThat(Turn.call(() -> windows.all().size())).isEqualTo(1);
    Turn.run(() -> windows.all().getFirst().quit());
    assertThat(Turn.call(() -> windows.all())).isEmpty();
  }

  @Test
  void placeSizeAndColoursAreRemembered() {
    Stage stage = (Stage) Turn.call(() -> driver.window().scene().getWindow());
    Turn.run(
        () -> {
          stage.setX(37);
          stage.setY(23);
          stage.setWidth(1111);
          stage.setHeight(777);
          driver.window().toggleTheme();
        });
    driver.close();
    WindowDriver next =
        WindowDriver.open(SolutionFile.demo(), Optional.empty(), folder.resolve("user"));
    Window there = Turn.call(() -> next.window().scene().getWindow());
    assertThat(List.of(there.getX(), there.getY(), there.getWidth(), there.getHeight()))
        .containsExactly(37.0, 23.0, 1111.0, 777.0);
    assertThat(Turn.call(() -> next.window().theme().isDark())).isTrue();
    next.close();
  }

  @Test
  void anotherWindowStandsBesideTheOneBeforeAndDoesNotWander() {
    Stage first = (Stage) Turn.call(() -> driver.window().scene().getWindow());
    Turn.run(
        () -> {
          first.setX(30);
          first.setY(40);
        });
    List<Double> places = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      Turn.run(driver.window()::another);
      MainWindow second = Turn.call(() -> driver.window().windows().all().getLast());
      places.add(Turn.call(() -> second.scene().getWindow().getX()));
      Turn.run(second::close);
    }
    assertThat(places).containsExactly(58.0, 58.0, 58.0);
  }

  @Test
  void aPlaceThatNoScreenShowsIsForgotten() throws Exception {
    Path user = Files.createDirectories(folder.resolve("far"));
    Files.writeString(
        user.resolve("windows.properties"), "x=90000\ny=90000\nwidth=1200\nheight=nothing\n");
    WindowDriver next = WindowDriver.open(SolutionFile.demo(), Optional.empty(), user);
    assertThat(Turn.call(() -> next.window().scene().getWindow().getX())).isLessThan(5000);
    next.close();
  }

  private void changedElsewhere() throws Exception {
    DemoCourse.open("hut-and-stay").save(file);
    look(driver.window());
  }

  private void look(MainWindow window) {
    Turn.run(() -> window.watch().look());
    driver.await(() -> window.watch().isIdle());
  }

  @Test
  void aFileThatAnotherProgramChangedCanBeTakenAndUndone() throws Exception {
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    Solution mine = driver.solution();
    changedElsewhere();
    assertThat(driver.isShown("Another program has changed routes.lehrgang.")).isTrue();
    driver.pressLabelled("Load that version");
    assertThat(driver.solution()).isEqualTo(DemoCourse.open("hut-and-stay").solution());
    assertThat(Turn.call(() -> driver.desk().solution().unsaved().get())).isFalse();
    Turn.run(() -> driver.desk().solution().undo());
    assertThat(driver.solution()).isEqualTo(mine);
  }

  @Test
  void savingOverWhatAnotherProgramWroteKeepsBoth() throws Exception {
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    changedElsewhere();
    driver.pressLabelled("Keep my version");
    driver.shortcut(KeyCode.CONTROL, KeyCode.S);
    assertThat(SolutionFile.load(file).solution()).isEqualTo(driver.solution());
    assertThat(SolutionFile.load(folder.resolve("routes-2.lehrgang")).solution())
        .isEqualTo(DemoCourse.open("hut-and-stay").solution());
    assertThat(said(driver.window())).contains("is kept as routes-2.lehrgang");
    look(driver.window());
    assertThat(said(driver.window())).doesNotContain("Another program has changed");
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT4);
    driver.shortcut(KeyCode.CONTROL, KeyCode.S);
    assertThat(folder.resolve("routes-3.lehrgang")).doesNotExist();
  }

  @Test
  void aFileThatIsGoneIsSavedAgain() throws Exception {
    Files.delete(file);
    look(driver.window());
    assertThat(said(driver.window())).startsWith("routes.lehrgang no longer exists");
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    driver.shortcut(KeyCode.CONTROL, KeyCode.S);
    assertThat(SolutionFile.load(file).solution()).isEqualTo(driver.solution());
  }

  @Test
  void theProgramSaysWhichVersionItIsAndUnderWhichTerms() {
    driver.press("start");
    driver.press("start-about");
    Window about =
        Turn.call(
            () ->
                Window.getWindows().stream()
                    .filter(window -> ((Stage) window).getTitle().equals("About Lehrgang"))
                    .findFirst()
                    .orElseThrow());
    TextArea terms = Turn.call(() -> (TextArea) about.getScene().getRoot().lookup("#about-terms"));
    String said = Turn.call(terms::getText);
    assertThat(said).contains("Apache License");
    assertThat(driver.isShown("About Lehrgang " + Program.version())).isTrue();
    Turn.run(about::hide);
  }
}
