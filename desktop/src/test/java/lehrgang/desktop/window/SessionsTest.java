package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.compose.Proposal;
import lehrgang.core.data.Checked;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.core.work.Progress;
import lehrgang.desktop.Turn;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Work that ends late lands in the solution for which it was begun, or nowhere.
class SessionsTest {
  private static final Path REGISTER = Path.of("../demo/register.csv");
  private static final Recipe GATE_BY_MAP = new Recipe(List.of(), Recipe.Count.two("gate", "map"));

  @TempDir private Path folder;
  private WindowDriver driver;

  @BeforeEach
  void open() {
    driver = WindowDriver.open(SolutionFile.demo(), folder.resolve("user"));
  }

  @AfterEach
  void close() {
    driver.close();
  }

  /// Waits until nothing is under way beside the window, and what it told has been heard.
  private static void untilAllHasEnded() {
    while (Thread.getAllStackTraces().keySet().stream()
        .anyMatch(thread -> thread.getName().startsWith("beside the window"))) {
      LockSupport.parkNanos(1_000_000);
    }
    Turn.settle();
  }

  private static Origin inFile(Path csv, Recipe recipe) throws Exception {
    return ((Checked.Good<Origin>) CaseFile.detect(csv).countInFile(recipe, Progress.NONE)).data();
  }

  @Test
  void aCountLandsInNoOtherSolution() throws Exception {
    Solution other = DemoCourse.open("nest-boxes").solution();
    CaseFile file = CaseFile.detect(REGISTER);
    AtomicInteger told = new AtomicInteger();
    Turn.run(
        () -> {
          driver
              .desk()
              .counting()
              .count(file, GATE_BY_MAP, _ -> told.incrementAndGet(), told::incrementAndGet);
          driver.desk().solution().begin(DemoCourse.open("nest-boxes"));
        });
    untilAllHasEnded();
    assertThat(driver.solution()).isEqualTo(other);
    assertThat(Turn.call(() -> driver.desk().solution().canUndo().get())).isFalse();
    assertThat(told).hasValue(0);
    assertThat(Turn.call(() -> driver.desk().notices().now().sentence()))
        .doesNotContain("Counting");
  }

  @Test
  void aCountKeepsWhatWasTypedMeanwhile() throws Exception {
    CaseFile file = CaseFile.detect(REGISTER);
    Turn.run(
        () -> {
          driver.desk().counting().count(file, GATE_BY_MAP, _ -> {}, () -> {});
          driver
              .desk()
              .solution()
              .edit("title", now -> now.withQuestion(new Question("Gates and maps", "", "")));
        });
    untilAllHasEnded();
    assertThat(driver.solution().question().title()).isEqualTo("Gates and maps");
    assertThat(driver.origin().recipe()).isEqualTo(GATE_BY_MAP);
  }

  @Test
  void aRecountDropsNoStepThatWasMadeMeanwhile() throws Exception {
    Path csv = Files.copy(REGISTER, folder.resolve("register.csv"));
    Origin before = inFile(csv, GATE_BY_MAP);
    RecipeStep maps = new RecipeStep.Keep("map", RecipeStep.Test.IS, List.of("yes"));
    RecipeStep dark = new RecipeStep.Keep("before dark", RecipeStep.Test.IS, List.of("yes"));
    Origin meanwhile = inFile(csv, GATE_BY_MAP.withStep(dark));
    driver.edit(now -> now.withOrigin(before));
    Turn.run(
        () -> {
          driver.desk().counting().recount(before, GATE_BY_MAP.withStep(maps), _ -> {});
          driver.desk().solution().edit("", now -> now.withOrigin(meanwhile));
        });
    untilAllHasEnded();
    assertThat(driver.origin()).isEqualTo(meanwhile);
    assertThat(driver.isShown("so that count was discarded")).isTrue();
  }

  @Test
  void aClassIsNotMarkedByTheKeysOfAnotherSolution() throws Exception {
    SolutionFile model = SolutionFile.demo();
    PersonalClass drawn =
        PersonalClass.draw(
            Proposal.of(model.solution()).orElseThrow(),
            new ClassList("list", List.of("a", "b")),
            4711,
            Progress.NONE);
    Path keys = folder.resolve("class");
    new PersonalFolder(keys).write(model, drawn, List.of(), Progress.NONE);
    Turn.run(
        () -> {
          driver.files().open(keys);
          driver.desk().solution().begin(DemoCourse.open("hut-and-stay"));
        });
    untilAllHasEnded();
    assertThat(Turn.call(() -> driver.desk().checking().keys())).isEmpty();
  }

  @Test
  void whatEndsAfterTheWindowWasClosedIsDropped() throws Exception {
    CaseFile file = CaseFile.detect(REGISTER);
    AtomicInteger told = new AtomicInteger();
    Turn.run(
        () -> {
          driver
              .desk()
              .counting()
              .count(file, GATE_BY_MAP, _ -> told.incrementAndGet(), told::incrementAndGet);
          driver.window().close();
        });
    untilAllHasEnded();
    assertThat(told).hasValue(0);
  }

  /// However few cores there are, what is short does not wait for what takes long.
  @Test
  void threeJobsAreUnderWayAtOnce() throws Exception {
    CyclicBarrier together = new CyclicBarrier(3);
    AtomicInteger ended = new AtomicInteger();
    for (int k = 0; k < 3; k++) {
      Turn.run(
          () ->
              new BackgroundWork(Demand.DISK)
                  .begin(
                      _ -> met(together),
                      BackgroundWork.Outcome.of(
                          met -> ended.addAndGet(met ? 1 : 0), _ -> ended.decrementAndGet())));
    }
    untilAllHasEnded();
    assertThat(ended).hasValue(3);
  }

  private static boolean met(CyclicBarrier together) {
    try {
      together.await(10, TimeUnit.SECONDS);
      return true;
    } catch (Exception e) {
      return false;
    }
  }
}
