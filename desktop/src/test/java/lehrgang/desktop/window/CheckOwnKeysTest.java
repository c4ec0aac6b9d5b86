package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.core.compose.Proposal;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.work.Progress;
import lehrgang.desktop.InTheSample;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.ClassKeys;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A class in which each student has data of their own, marked in the window.
@InTheSample
class CheckOwnKeysTest {
  private static final LineId STATISTIC = LineId.of("X2");

  @TempDir private Path folder;

  private final Map<String, String> statistics = new TreeMap<>();
  private WindowDriver driver;

  @BeforeEach
  void open() throws Exception {
    SolutionFile model = DemoCourse.open("route-and-season");
    PersonalClass drawn =
        PersonalClass.draw(
            Proposal.of(model.solution()).orElseThrow(),
            new ClassList("list", List.of("a", "b", "c")),
            4711,
            Progress.NONE);
    for (PersonalClass.Member member : drawn.members()) {
      statistics.put(
          member.student(),
          "%.2f"
              .formatted(
                  member.found().derivation().exact().find(STATISTIC).orElseThrow().asDouble()));
    }
    new PersonalFolder(folder.resolve("class")).write(model, drawn, List.of(), Progress.NONE);
    driver = WindowDriver.open(model, folder.resolve("user"));
    Turn.run(() -> driver.files().open(folder.resolve("class")));
    driver.await(() -> driver.desk().checking().keys().isPresent());
  }

  @AfterEach
  void close() {
    driver.close();
  }

  private void answers(String text) throws Exception {
    Path file = Files.writeString(folder.resolve("answers.csv"), text);
    Turn.run(() -> driver.files().open(file));
  }

  private Checked checked() {
    return Turn.call(() -> driver.desk().checking().now().orElseThrow());
  }

  @Test
  void eachIsMarkedByTheirOwnKey() throws Exception {
    assertThat(driver.isShown("3 students have individual data")).isTrue();
    answers(
        "student,X2,df\nb,%s,4\na,%s,8\nc,14.10,4\n"
            .formatted(statistics.get("b"), statistics.get("a")));
    List<SheetMarks> sheets = checked().marks().sheets();
    assertThat(sheets.stream().map(SheetMarks::student)).containsExactly("b", "a", "c");
    assertThat(sheets.get(0).marks()).allMatch(mark -> mark.verdict() == Judgement.RIGHT);
    assertThat(sheets.get(1).marks().get(0).verdict()).isEqualTo(Judgement.RIGHT);
    assertThat(sheets.get(1).marks().get(1).slips()).contains("df-cells-less-one");
    assertThat(sheets.get(2).marks().get(0).verdict()).isNotEqualTo(Judgement.RIGHT);
  }

  /// A class too large to be marked at once: what was there before stays until all is marked.
  @Test
  void aLargeClassIsMarkedBesideTheWindow() throws Exception {
    List<String> names = IntStream.range(0, 60).mapToObj(k -> "s" + k).toList();
    Turn.run(
        () ->
            driver
                .desk()
                .checking()
                .take(
                    new ClassKeys(
                        names.stream().collect(Collectors.toMap(name -> name, _ -> any())))));
    answers("student,X2,df\n" + String.join(",14.10,4\n", names) + ",14.10,8\n");
    driver.await(() -> driver.desk().checking().now().isPresent());
    assertThat(checked().marks().sheets()).hasSize(60);
    assertThat(checked().marks().sheets().getLast().marks().get(1).slips())
        .contains("df-cells-less-one");
    assertThat(Turn.call(() -> driver.desk().notices().now().sentence())).isEmpty();
  }

  private Solved any() {
    return driver.desk().checking().keys().orElseThrow().of("a").orElseThrow();
  }

  @Test
  void whatIsRightIsThatOfTheStudent() throws Exception {
    answers("student,X2,df\na,1,4\nb,2,4\nc,3,4\n");
    for (String student : List.of("a", "b", "c")) {
      assertThat(checked().page(student).shown(STATISTIC).text())
          .isEqualTo(statistics.get(student));
    }
    assertThat(statistics.values()).doesNotHaveDuplicates();
    assertThat(driver.isShown(statistics.get("a"))).isTrue();
  }

  @Test
  void whoHasNoDataIsNamed() throws Exception {
    answers("student,X2\na,1\nz,2\n");
    assertThat(driver.isShown("“z” is not in the class folder")).isTrue();
  }

  /// Another solution has no class yet.
  @Test
  void anotherSolutionForgetsTheKeys() {
    Turn.run(() -> driver.desk().solution().begin(DemoCourse.open("bunk-rooms")));
    assertThat(Turn.call(() -> driver.desk().checking().keys())).isEmpty();
  }

  @Test
  void aDamagedClassIsSaid() throws Exception {
    Files.writeString(folder.resolve("class/b.lehrgang"), "{");
    Turn.run(() -> driver.files().open(folder.resolve("class")));
    driver.await(() -> driver.desk().notices().now().sentence().contains("b.lehrgang"));
    assertThat(driver.isShown("b.lehrgang")).isTrue();
  }
}
