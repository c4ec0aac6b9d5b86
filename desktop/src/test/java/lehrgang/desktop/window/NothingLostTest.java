package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.Seed;
import lehrgang.core.data.TableEntry;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.InTheSample;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What was typed is there again, with its undo, whatever became of the window.
@InTheSample
class NothingLostTest {
  private static final String BROUGHT_BACK = "Unsaved changes from the last session were restored";

  @TempDir private Path folder;
  private Path file;
  private WindowDriver driver;

  @BeforeEach
  void open() throws Exception {
    file = folder.resolve("routes.lehrgang");
    SolutionFile.demo().save(file);
    driver = WindowDriver.open(SolutionFile.demo(), Optional.of(file), folder.resolve("user"));
  }

  @AfterEach
  void close() {
    driver.close();
  }

  /// What a kill at this moment would leave of the user's data.
  private Path killed() throws IOException {
    return killed(folder.resolve("user"));
  }

  private Path killed(Path user) throws IOException {
    Path left = Files.createTempDirectory(folder, "killed");
    Files.createDirectories(left.resolve("journal"));
    try (Stream<Path> files = Files.list(user.resolve("journal"))) {
      for (Path journal : files.toList()) {
        Files.copy(journal, left.resolve("journal").resolve(journal.getFileName()));
      }
    }
    return left;
  }

  /// The journal is written beside the interface.
  private static void pause() throws InterruptedException {
    Thread.sleep(250);
  }

  private static List<String> undone(WindowDriver window) {
    return Turn.call(
        () -> {
          OpenSolution solution = window.desk().solution();
          List<String> states = new ArrayList<>();
          int steps = 0;
          while (solution.canUndo().get()) {
            solution.undo();
            states.add(said(solution.now()));
            steps++;
          }
          for (int k = 0; k < steps; k++) {
            solution.redo();
          }
          while (solution.canRedo().get()) {
            solution.redo();
            states.add(said(solution.now()));
            steps++;
          }
          return states;
        });
  }

  private static String said(Solution solution) {
    return solution.question().title() + solution.table().cells();
  }

  static LongStream seeds() {
    return new Random(Seed.of("kill")).longs(Extent.of(1, 5));
  }

  @Sampled
  @ParameterizedTest
  @MethodSource("seeds")
  void aKillCostsNeitherWhatWasTypedNorItsUndo(long seed) throws Exception {
    Random random = new Random(seed);
    for (int k = 0; k < Extent.of(25, 60); k++) {
      Turn.run(() -> anything(driver.desk().solution(), random));
    }
    Solution now = driver.solution();
    pause();
    WindowDriver next = WindowDriver.open(SolutionFile.load(file), Optional.of(file), killed());
    assertThat(next.solution()).isEqualTo(now);
    assertThat(undone(next)).isEqualTo(undone(driver));
    next.close();
  }

  private static void anything(OpenSolution solution, Random random) {
    switch (random.nextInt(8)) {
      case 0 -> solution.undo();
      case 1 -> solution.redo();
      case 2 -> solution.pause();
      case 3 -> {
        String title = "Title 🥾 " + random.nextInt(100);
        solution.edit("title", now -> now.withQuestion(new Question(title, "Text", "")));
      }
      default -> {
        int row = random.nextInt(3);
        String count = Integer.toString(random.nextInt(120));
        solution.edit("count " + row, now -> now.withTable(withCount(now.table(), row, count)));
      }
    }
  }

  private static TableEntry withCount(TableEntry table, int row, String count) {
    return table.withCell(row, 1, count);
  }

  /// A kill, another one after what was brought back was edited and saved, and so on, while another
  /// program puts fields of its own into the file: its text is another one each time.
  @Test
  void oneKillAfterTheOtherCostsNothing() throws Exception {
    Path user = folder.resolve("user");
    List<String> states = List.of();
    WindowDriver now = driver;
    for (int kill = 1; kill <= 4; kill++) {
      String title = "Title " + kill;
      now.retype("count-1-1", KeyCode.DIGIT9, KeyCode.valueOf("DIGIT" + kill));
      if (kill % 2 == 0) {
        now.shortcut(KeyCode.CONTROL, KeyCode.S);
      }
      OpenSolution solution = now.desk().solution();
      Turn.run(() -> solution.edit("", was -> was.withQuestion(new Question(title, title, title))));
      pause();
      user = killed(user);
      Files.writeString(
          file,
          Files.readString(file).replaceFirst("\\{", "{ \"pen" + kill + "\": \"" + title + "\","));
      states = undone(now);
      Solution last = now.solution();
      now = WindowDriver.open(SolutionFile.load(file), Optional.of(file), user);
      assertThat(now.solution()).isEqualTo(last);
      assertThat(undone(now)).isEqualTo(states);
    }
    assertThat(states).hasSizeGreaterThanOrEqualTo(8);
    now.close();
  }

  @Test
  void whatWasSavedIsNotBroughtBack() throws Exception {
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    driver.shortcut(KeyCode.CONTROL, KeyCode.S);
    pause();
    WindowDriver next = WindowDriver.open(SolutionFile.load(file), Optional.of(file), killed());
    assertThat(next.isShown(BROUGHT_BACK)).isFalse();
    assertThat(Turn.call(() -> next.desk().solution().unsaved().get())).isFalse();
    next.close();
  }

  /// A window that is closed keeps what was typed for the next time its file is opened, and asks
  /// nothing.
  @Test
  void aClosedWindowComesBackWithItsFile() {
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    driver.close();
    WindowDriver other =
        WindowDriver.open(DemoCourse.open("deer-gate"), Optional.empty(), folder.resolve("user"));
    assertThat(other.isShown(BROUGHT_BACK)).isFalse();
    Turn.run(() -> other.window().faces().files().open(file));
    assertThat(other.solution().table().cells().getFirst().getFirst()).isEqualTo("93");
    assertThat(other.isShown(BROUGHT_BACK)).isTrue();
    Turn.run(() -> other.desk().solution().undo());
    assertThat(other.solution()).isEqualTo(SolutionFile.demo().solution());
    other.close();
    assertThat(folder.resolve("user").resolve("journal")).isEmptyDirectory();
  }

  /// Another program wrote the file meanwhile: what it wrote is one undo away.
  @Test
  void aFileThatWasChangedSinceIsKeptToo() throws Exception {
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    Solution mine = driver.solution();
    driver.close();
    DemoCourse.open("hut-and-stay").save(file);
    WindowDriver next =
        WindowDriver.open(SolutionFile.load(file), Optional.of(file), folder.resolve("user"));
    assertThat(next.solution()).isEqualTo(mine);
    assertThat(next.isShown("undo once to see it")).isTrue();
    Turn.run(() -> next.desk().solution().undo());
    assertThat(next.solution()).isEqualTo(DemoCourse.open("hut-and-stay").solution());
    Turn.run(() -> next.desk().solution().undo());
    assertThat(next.solution()).isEqualTo(mine);
    next.close();
  }

  /// A solution that was never saved comes back at the next start, before where solutions begin.
  @Test
  void whatWasNeverSavedComesBackAtTheNextStart() {
    Turn.run(() -> driver.desk().solution().begin(DemoCourse.open("nest-boxes")));
    driver.edit(now -> now.withQuestion(new Question("Bats", "How many?", "")));
    driver.close();
    MainWindow begun =
        Turn.call(
            () ->
                MainWindow.show(
                    new Stage(),
                    SolutionFile.blank(),
                    Optional.empty(),
                    folder.resolve("user"),
                    MainWindow.First.START));
    assertThat(Turn.call(() -> begun.faces().isAtStart())).isFalse();
    assertThat(Turn.call(() -> begun.desk().solution().now().question().title())).isEqualTo("Bats");
    Turn.run(() -> begun.scene().getWindow().hide());
  }

  /// What lay there unsaved before another solution came is not lost either.
  @Test
  void whatWasReplacedUnsavedIsThereWhenItsFileIsOpenedAgain() throws Exception {
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    Turn.run(() -> driver.desk().solution().begin(DemoCourse.open("nest-boxes")));
    pause();
    WindowDriver next = WindowDriver.open(SolutionFile.load(file), Optional.of(file), killed());
    assertThat(next.solution().table().cells().getFirst().getFirst()).isEqualTo("93");
    next.close();
  }

  /// What cannot be shown is not thrown away, and stands in nobody's way.
  @Test
  void aJournalThatLeadsNowhereIsSetAside() throws Exception {
    Path user = folder.resolve("other");
    Path journals = Files.createDirectories(user.resolve("journal"));
    Files.writeString(journals.resolve("a.journal"), "{\"did\":\"open\",\"text\":\"half a\"}\n");
    Files.writeString(journals.resolve("b.journal"), "");
    WindowDriver next = WindowDriver.open(SolutionFile.demo(), Optional.empty(), user);
    assertThat(next.isShown(BROUGHT_BACK)).isFalse();
    assertThat(journals.resolve("a.journal.unread")).exists();
    assertThat(journals.resolve("a.journal")).doesNotExist();
    assertThat(journals.resolve("b.journal")).doesNotExist();
    next.close();
  }

  @Test
  void whereNothingCanBeKeptItIsSaid() throws Exception {
    driver.close();
    Path blocked = Files.writeString(folder.resolve("blocked"), "a file, no folder");
    WindowDriver next = WindowDriver.open(SolutionFile.demo(), Optional.empty(), blocked);
    next.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT3);
    pause();
    Turn.settle();
    assertThat(Turn.call(() -> next.desk().notices().now().sentence()))
        .contains("cannot be backed up");
    assertThat(next.solution().table().cells().getFirst().getFirst()).isEqualTo("93");
    next.close();
  }
}
