package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.Seed;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.compose.Proposal;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.slf4j.LoggerFactory;

/// Another solution is opened, work is stopped, or the window is closed at any moment of any kind
/// of work: nothing lands where it does not belong, nothing goes on, nothing goes wrong.
class EveryKindOfWorkTest {
  private static final Recipe GATE_BY_MAP = new Recipe(List.of(), Recipe.Count.two("gate", "map"));

  /// The longest wait before something happens, in milliseconds; most work takes longer.
  private static final int LATEST = 120;

  private static final Path REGISTER = Path.of("../demo/register.csv");
  private static final List<String> STUDENTS =
      IntStream.range(0, 24).mapToObj(k -> "student " + k).toList();

  @TempDir private Path folder;
  private final List<Throwable> uncaught = Collections.synchronizedList(new ArrayList<>());
  private final ListAppender<ILoggingEvent> logged = new ListAppender<>();
  private WindowDriver driver;

  /// What happens meanwhile.
  private enum Meanwhile {
    ANOTHER_SOLUTION,
    STOP,
    CLOSE
  }

  /// Kinds of work, each begun without waiting for anything.
  private enum Kind {
    WORKING_A_PAGE_OUT {
      @Override
      void begin(EveryKindOfWorkTest test) {
        test.driver.desk().solution().edit("", now -> now.withTable(large()));
      }
    },
    DRAWING_TABLES {
      @Override
      void begin(EveryKindOfWorkTest test) {
        test.driver
            .desk()
            .solution()
            .edit(
                "",
                _ -> {
                  Solution drawn = DemoCourse.open("orchid-meadows").solution();
                  return drawn.withChoices(drawn.choices().withTyped("repetitions", "100000"));
                });
      }
    },
    COUNTING {
      @Override
      void begin(EveryKindOfWorkTest test) throws Exception {
        CaseFile file = CaseFile.detect(test.longRegister());
        test.driver.desk().counting().count(file, GATE_BY_MAP, _ -> {}, () -> {});
      }
    },
    COUNTING_AGAIN {
      @Override
      void begin(EveryKindOfWorkTest test) throws Exception {
        Origin before = test.longOrigin();
        RecipeStep keep = new RecipeStep.Keep("map", RecipeStep.Test.IS, List.of("yes"));
        test.driver.desk().counting().recount(before, GATE_BY_MAP.withStep(keep), _ -> {});
      }
    },
    COMPARING_A_CHECKSUM {
      @Override
      void begin(EveryKindOfWorkTest test) throws Exception {
        test.longOrigin();
        test.driver.desk().counting().verify();
      }
    },
    COMPOSING {
      @Override
      void begin(EveryKindOfWorkTest test) {
        test.driver.window().faces().showCompose();
      }
    },
    VARYING {
      @Override
      void begin(EveryKindOfWorkTest test) {
        test.driver.window().faces().showVary();
        ((TextArea) test.there("#vary-list")).setText(String.join("\n", STUDENTS));
        TextField seed = (TextField) test.there("#vary-seed");
        seed.setText("4711");
        seed.getOnAction().handle(null);
      }
    },
    SETTING_SHEETS {
      @Override
      void begin(EveryKindOfWorkTest test) {
        test.driver.window().faces().showHandOut();
      }
    },
    MARKING {
      @Override
      void begin(EveryKindOfWorkTest test) throws Exception {
        test.driver.desk().checking().setInSight(true);
        test.driver.files().checks().open(test.answers(400));
      }
    },
    READING_KEYS {
      @Override
      void begin(EveryKindOfWorkTest test) throws Exception {
        Path keys = test.folder.resolve("keys");
        new PersonalFolder(keys).write(SolutionFile.demo(), CLASS, List.of(), Progress.NONE);
        test.driver.files().checks().openKeys(keys);
      }
    },
    WRITING_A_CLASS {
      @Override
      void begin(EveryKindOfWorkTest test) {
        test.driver.files().write(CLASS, List.of(Form.PDF), test.folder.resolve("class"));
      }
    },
    WRITING_FEEDBACK {
      @Override
      void begin(EveryKindOfWorkTest test) throws Exception {
        Solution demo = SolutionFile.demo().solution();
        Proposal model = Proposal.of(demo).orElseThrow();
        AnswersFile answers =
            AnswersFile.read(
                CaseFile.detect(test.answers(20)), model.derivation(), Wording.english());
        List<SheetMarks> marks =
            answers.marks(Marker.of(demo, model.derivation(), answers.lines()), Progress.NONE);
        test.driver
            .files()
            .checks()
            .feedbackEach(Files.createDirectory(test.folder.resolve("feedback")), marks);
      }
    },
    WRITING_A_SHEET {
      @Override
      void begin(EveryKindOfWorkTest test) {
        Solution demo = SolutionFile.demo().solution();
        Solved solved = new Solved(demo, Proposal.of(demo).orElseThrow().derivation());
        test.driver
            .files()
            .handOut(test.folder.resolve("sheet.pdf"), Order.of(solved, Audience.FULL), Form.PDF);
      }
    },
    LOOKING_AT_THE_DISK {
      @Override
      void begin(EveryKindOfWorkTest test) throws Exception {
        test.driver.desk().solution().save(test.folder.resolve("saved.lehrgang"));
        test.driver.window().watch().look();
      }
    };

    abstract void begin(EveryKindOfWorkTest test) throws Exception;
  }

  private static final PersonalClass CLASS = drawn();

  private static PersonalClass drawn() {
    try {
      return PersonalClass.draw(
          Proposal.of(SolutionFile.demo().solution()).orElseThrow(),
          new ClassList("list", STUDENTS),
          4711,
          Progress.NONE);
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  private static TableEntry large() {
    Random random = new Random(Seed.of("a large table"));
    List<String> labels = IntStream.range(0, 16).mapToObj(k -> "gate " + k).toList();
    return new TableEntry(
        "gate",
        "week",
        labels,
        labels,
        labels.stream()
            .map(_ -> labels.stream().map(_ -> Integer.toString(5 + random.nextInt(90))).toList())
            .toList());
  }

  private Path longRegister() throws Exception {
    List<String> lines = Files.readAllLines(REGISTER);
    String body = String.join("\n", lines.subList(1, lines.size())) + "\n";
    return Files.writeString(folder.resolve("long.csv"), lines.getFirst() + "\n" + body.repeat(60));
  }

  private Origin longOrigin() throws Exception {
    Origin counted =
        ((Checked.Good<Origin>)
                CaseFile.detect(longRegister()).countInFile(GATE_BY_MAP, Progress.NONE))
            .data();
    assertThat(counted.records()).isInstanceOf(Records.InFile.class);
    driver.desk().solution().edit("", now -> now.withOrigin(counted));
    return counted;
  }

  private Path answers(int many) throws Exception {
    String answers =
        IntStream.range(0, many)
            .mapToObj(k -> "s" + k + ";14.1" + k % 7 + ";4;0.00" + k % 9)
            .collect(Collectors.joining("\n", "student;x2;df;p\n", "\n"));
    return Files.writeString(folder.resolve("answers.csv"), answers);
  }

  private Node there(String selector) {
    return driver.window().scene().getRoot().lookup(selector);
  }

  @BeforeEach
  void open() {
    driver = WindowDriver.open(SolutionFile.demo(), folder.resolve("user"));
    Turn.run(() -> Thread.currentThread().setUncaughtExceptionHandler((_, e) -> uncaught.add(e)));
    logged.start();
    root().addAppender(logged);
  }

  @AfterEach
  void close() {
    root().detachAppender(logged);
    Turn.run(() -> Thread.currentThread().setUncaughtExceptionHandler(null));
    driver.close();
  }

  private static Logger root() {
    return (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
  }

  private static Stream<Kind> kinds() {
    return Extent.of("kinds of work", 6, List.of(Kind.values())).stream();
  }

  @Sampled
  @ParameterizedTest
  @MethodSource("kinds")
  void whateverHappensMeanwhileNothingIsLostAndNothingGoesOn(Kind kind) throws Exception {
    Random random = new Random(Seed.of("meanwhile " + kind));
    List<Meanwhile> all = new ArrayList<>(List.of(Meanwhile.values()));
    Collections.shuffle(all, random);
    for (Meanwhile meanwhile : all.subList(0, Extent.of(1, all.size()))) {
      during(kind, meanwhile, random.nextInt(LATEST));
      if (meanwhile != all.getLast()) {
        close();
        Files.createDirectories(folder);
        folder = Files.createTempDirectory(folder, "again");
        open();
      }
    }
  }

  private void during(Kind kind, Meanwhile meanwhile, int moment) throws Exception {
    SolutionFile other = DemoCourse.open("hut-and-stay");
    Turn.call(
        () -> {
          kind.begin(this);
          return true;
        });
    LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(moment));
    Solution then =
        Turn.call(
            () -> {
              switch (meanwhile) {
                case ANOTHER_SOLUTION -> driver.desk().solution().begin(other);
                case STOP -> stop();
                case CLOSE -> driver.window().close();
              }
              return driver.solution();
            });
    Turn.settle();
    untilAllHasEnded();
    String when = "%s after %d ms of %s".formatted(meanwhile, moment, kind);
    assertThat(uncaught).as(when).isEmpty();
    assertThat(logged.list).filteredOn(event -> event.getLevel() == Level.ERROR).as(when).isEmpty();
    Notice left = Turn.call(() -> driver.desk().notices().now());
    assertThat(left.offers())
        .as(when)
        .noneMatch(offer -> offer.label().equals(Words.of("status.stop")));
    assertThat(driver.solution()).as(when).isEqualTo(then);
    if (meanwhile == Meanwhile.ANOTHER_SOLUTION) {
      assertThat(driver.solution()).as(when).isEqualTo(other.solution());
      assertThat(Turn.call(() -> driver.desk().solution().canUndo().get())).as(when).isFalse();
      assertThat(Turn.call(() -> driver.desk().checking().now())).as(when).isEmpty();
      assertThat(Turn.call(() -> driver.desk().checking().keys())).as(when).isEmpty();
    }
    filesAreWholeOrNotThere(when);
  }

  /// Presses the button that stops what is under way; where there is none, goes back to the page.
  private void stop() {
    List<Notice.Offer> offers = driver.desk().notices().now().offers();
    offers.stream()
        .filter(offer -> offer.label().equals(Words.of("status.stop")))
        .findFirst()
        .ifPresentOrElse(
            offer -> {
              driver.desk().notices().clear();
              offer.action().run();
            },
            driver.window().faces()::showWrite);
  }

  /// One piece of work may begin another.
  private static void untilAllHasEnded() {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
    while (isUnderWay() && System.nanoTime() < end) {
      LockSupport.parkNanos(1_000_000);
      if (!isUnderWay()) {
        Turn.settle();
      }
    }
    assertThat(isUnderWay()).isFalse();
  }

  private static boolean isUnderWay() {
    return Thread.getAllStackTraces().keySet().stream()
        .anyMatch(thread -> thread.getName().equals("beside the window"));
  }

  private void filesAreWholeOrNotThere(String when) throws Exception {
    Path ofClass = folder.resolve("class");
    if (Files.exists(ofClass)) {
      assertThat(new PersonalFolder(ofClass).files()).as(when).hasSize(STUDENTS.size());
    }
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        String name = file.getFileName().toString();
        assertThat(name).as(when).doesNotContain(".tmp").doesNotStartWith(".class");
        if (name.endsWith(".pdf")) {
          String text = new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1);
          assertThat(text.startsWith("%PDF") && text.strip().endsWith("%%EOF")).as(when).isTrue();
        }
      }
    }
  }
}
