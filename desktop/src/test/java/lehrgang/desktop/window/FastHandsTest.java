package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.Seed;
import lehrgang.core.data.TableEntry;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Unexpected;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;

/// Keys that come faster than the window, and work that fails beside it.
class FastHandsTest extends WithTheDemo {
  private final List<Throwable> uncaught = Collections.synchronizedList(new ArrayList<>());

  @BeforeEach
  void heed() {
    Turn.run(() -> Thread.currentThread().setUncaughtExceptionHandler((_, e) -> uncaught.add(e)));
  }

  @AfterEach
  void heedNoMore() {
    Turn.run(() -> Thread.currentThread().setUncaughtExceptionHandler(null));
  }

  private static void letter(Node field, String sign) {
    field.fireEvent(
        new KeyEvent(KeyEvent.KEY_TYPED, sign, "", KeyCode.UNDEFINED, false, false, false, false));
  }

  private static void key(Node field, KeyCode code) {
    for (var kind : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
      field.fireEvent(new KeyEvent(kind, "", "", code, false, false, false, false));
    }
  }

  /// All keys in one turn of the interface thread: nothing that was put off gets its turn between.
  private void inOneTurn(Node field, String text) {
    Turn.run(
        () -> {
          field.requestFocus();
          text.chars()
              .forEach(
                  sign -> {
                    if (sign == '\n') {
                      letter(field, "\r");
                      key(field, KeyCode.ENTER);
                    } else {
                      letter(field, Character.toString(sign));
                    }
                  });
        });
  }

  @Test
  void aTableIsKeyedInByRowsInOneGo() {
    Node line = driver.find("key-in");
    inOneTurn(line, "Lake loop 11 12 13\n");
    driver.await(() -> driver.solution().table().cells().getFirst().getFirst().equals("11"));
    inOneTurn(line, "Gorge path 21 22 23\n");
    driver.await(() -> driver.solution().table().cells().get(1).getFirst().equals("21"));
    TableEntry table = driver.solution().table();
    assertThat(table.cells().subList(0, 2))
        .containsExactly(List.of("11", "12", "13"), List.of("21", "22", "23"));
    assertThat(Turn.call(() -> ((TextInputControl) line).getText())).isEmpty();
    assertThat(uncaught).isEmpty();
  }

  @Test
  void linesThatEndBeforeTheFirstIsTakenAreTakenOneByOne() {
    Node line = driver.find("key-in");
    inOneTurn(line, "Lake loop 11 12 13\nGorge path 21 22 23\nSummit way 31 32 33\n");
    driver.await(() -> driver.solution().table().cells().get(2).getFirst().equals("31"));
    assertThat(driver.solution().table().rows()).hasSize(3);
    assertThat(driver.solution().table().cells())
        .containsExactly(
            List.of("11", "12", "13"), List.of("21", "22", "23"), List.of("31", "32", "33"));
    assertThat(Turn.call(() -> ((TextInputControl) line).getText())).isEmpty();
    assertThat(uncaught).isEmpty();
  }

  @Test
  void whatIsTypedWhileALineIsTakenStays() {
    Node line = driver.find("key-in");
    inOneTurn(line, "Lake loop 11 12 13\nGorge");
    driver.await(() -> driver.solution().table().cells().getFirst().getFirst().equals("11"));
    assertThat(Turn.call(() -> ((TextInputControl) line).getText())).isEqualTo("Gorge");
    assertThat(uncaught).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"count-1-1", "level"})
  void aFieldThatIsTypedInAtOnceHoldsWhatWasTyped(String id) {
    Node field = driver.find(id);
    Turn.run(() -> ((TextInputControl) field).clear());
    inOneTurn(field, "0.0123");
    driver.await(() -> ((TextInputControl) field).getText().length() > 5);
    assertThat(Turn.call(() -> ((TextInputControl) field).getText())).isEqualTo("0.0123");
    Turn.run(
        () -> {
          for (int k = 0; k < 12; k++) {
            key(field, KeyCode.BACK_SPACE);
          }
        });
    Turn.settle();
    assertThat(Turn.call(() -> ((TextInputControl) field).getText())).isEmpty();
    assertThat(uncaught).isEmpty();
  }

  @Test
  void undoAfterEveryLetterNeverMeetsATextThatIsGone() {
    Node field = driver.find("count-2-2");
    for (String digit : List.of("1", "2", "3", "4")) {
      Turn.run(
          () -> {
            field.requestFocus();
            letter(field, digit);
            driver.desk().solution().undo();
            letter(field, digit);
          });
      Turn.settle();
    }
    while (driver.desk().solution().canUndo().get()) {
      Turn.run(() -> driver.desk().solution().undo());
    }
    assertThat(driver.solution()).isEqualTo(SolutionFile.demo().solution());
    assertThat(uncaught).isEmpty();
  }

  @Test
  void workThatFailsIsToldOnceAndGivesNoResult() throws Exception {
    // It is expected here.
    Logger log = (Logger) LoggerFactory.getLogger(Unexpected.class);
    log.setLevel(Level.OFF);
    CompletableFuture<String> end = new CompletableFuture<>();
    Turn.run(
        () ->
            new BackgroundWork(Demand.DISK)
                .begin(
                    progress -> {
                      progress.report(0.4);
                      throw new IllegalStateException("the disk is gone");
                    },
                    BackgroundWork.Outcome.of(_ -> end.complete("done"), end::complete)));
    assertThat(end.get(10, TimeUnit.SECONDS))
        .isEqualTo(
            "This could not be finished because of an error in the program. Nothing was changed.");
    log.setLevel(null);
  }

  @Test
  void workThatWasStoppedSaysNothingMore() throws Exception {
    AtomicInteger told = new AtomicInteger();
    CompletableFuture<Boolean> begun = new CompletableFuture<>();
    CompletableFuture<Boolean> goOn = new CompletableFuture<>();
    CompletableFuture<Boolean> ended = new CompletableFuture<>();
    Turn.run(
        () -> {
          BackgroundWork work = new BackgroundWork(Demand.DISK);
          work.begin(
              progress -> {
                begun.complete(true);
                goOn.join();
                try {
                  progress.report(0.9);
                  ended.complete(false);
                } catch (CancellationException e) {
                  ended.complete(true);
                }
                return "result";
              },
              new BackgroundWork.Outcome<>(
                  _ -> told.incrementAndGet(),
                  _ -> told.incrementAndGet(),
                  _ -> told.incrementAndGet()));
          begun.join();
          work.stop();
        });
    goOn.complete(true);
    assertThat(ended.get(10, TimeUnit.SECONDS)).isTrue();
    Turn.settle();
    Turn.settle();
    assertThat(told).hasValue(0);
  }

  @Sampled
  @Test
  void theCourseIsLeafedThroughWithoutAnError() {
    for (String name : Extent.of("leaves", 6, DemoCourse.names())) {
      Turn.run(() -> driver.desk().solution().begin(DemoCourse.open(name)));
      assertThat(driver.isShown(DemoCourse.heading(name).title())).as(name).isTrue();
    }
    CompletableFuture<Void> later = new CompletableFuture<>();
    Platform.runLater(() -> later.complete(null));
    later.join();
    assertThat(uncaught.stream().map(Throwable::toString).collect(Collectors.joining("\n")))
        .isEmpty();
  }

  /// However fast one solution follows another, of whatever procedure, and whether or not it can be
  /// worked out, the page in the end is that of the last.
  @RepeatedTest(3)
  void thePageIsThatOfTheLastSolution(RepetitionInfo run) {
    Random random = new Random(Seed.of("fast solutions " + run.getCurrentRepetition()));
    OpenSolution solution = driver.desk().solution();
    for (int k = 0; k < 30; k++) {
      Turn.call(
          () -> {
            IntStream.range(0, 1 + random.nextInt(6)).forEach(_ -> change(solution, random));
            return true;
          });
      LockSupport.parkNanos(random.nextInt(3) * random.nextInt(20_000_000));
    }
    Solution last = anyDemo(random).solution();
    Turn.run(() -> solution.edit("", _ -> last));
    Turn.run(() -> {});
    assertThat(uncaught).isEmpty();
    Page page = Turn.call(() -> driver.desk().worked().now().page().orElseThrow());
    assertThat(driver.stepTitles())
        .isEqualTo(page.steps().stream().map(step -> step.title()).toList());
  }

  private static void change(OpenSolution solution, Random random) {
    switch (random.nextInt(5)) {
      case 0 -> solution.undo();
      case 1 -> solution.redo();
      case 2 -> solution.edit("", now -> now.withTable(now.table().withCell(0, 0, "x")));
      case 3 -> solution.begin(anyDemo(random));
      default -> solution.edit("", _ -> anyDemo(random).solution());
    }
  }

  private static SolutionFile anyDemo(Random random) {
    List<String> names =
        DemoCourse.names().stream().filter(name -> !name.equals("orchid-meadows")).toList();
    return DemoCourse.open(names.get(random.nextInt(names.size())));
  }
}
