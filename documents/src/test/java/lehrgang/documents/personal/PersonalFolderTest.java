package lehrgang.documents.personal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.compose.Proposal;
import lehrgang.core.data.TableEntry;
import lehrgang.core.expr.LineId;
import lehrgang.core.work.Progress;
import lehrgang.documents.Demo;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/// A class in its folder, as it is written and read.
@Sampled
class PersonalFolderTest {
  @TempDir private Path folder;

  private static ClassList students(int many) {
    return new ClassList(
        "list", IntStream.rangeClosed(1, many).mapToObj(k -> "walker " + k).toList());
  }

  private static PersonalClass drawn(SolutionFile model, int many) throws FileProblem {
    return PersonalClass.draw(
        Proposal.of(model.solution()).orElseThrow(), students(many), 4711, Progress.NONE);
  }

  static Stream<String> demos() {
    return Demo.some().stream()
        .filter(name -> !name.equals("orchid-meadows") && !name.equals("register-and-weekend"));
  }

  /// What is written for a student of any demo is read again as it was drawn.
  @ParameterizedTest
  @MethodSource("demos")
  void everyDemoCanBeVariedAndReadAgain(String demo) throws Exception {
    SolutionFile model = DemoCourse.open(demo);
    PersonalClass drawn = drawn(model, 4);
    PersonalFolder into = new PersonalFolder(folder.resolve("class"));
    into.write(model, drawn, List.of(), Progress.NONE);
    Map<String, SolutionFile> read = into.read();
    assertThat(read.keySet()).containsExactly("walker 1", "walker 2", "walker 3", "walker 4");
    Set<TableEntry> tables = new HashSet<>();
    for (PersonalClass.Member member : drawn.members()) {
      SolutionFile own = read.get(member.student());
      assertThat(own.solution().table()).isEqualTo(member.found().solution().table());
      assertThat(own.solution().question()).isEqualTo(model.solution().question());
      assertThat(own.solution().sheet().sheet()).endsWith(member.student());
      assertThat(tables.add(own.solution().table())).isTrue();
    }
    assertThat(tables).doesNotContain(model.solution().table());
  }

  @ParameterizedTest
  @EnumSource(Form.class)
  void everyFormIsWritten(Form form) throws Exception {
    SolutionFile model = SolutionFile.demo();
    new PersonalFolder(folder).write(model, drawn(model, 2), List.of(form), Progress.NONE);
    String ending = form == Form.WORKING_SHEET ? "-working-sheet" + form.ending() : form.ending();
    assertThat(folder.resolve("sheets/walker-1" + ending)).isNotEmptyFile();
    assertThat(folder.resolve("sheets/walker-2" + ending)).isNotEmptyFile();
    assertThat(Files.exists(folder.resolve("keys/walker-1" + ending)))
        .isEqualTo(!form.isForStudents());
    assertThat(Files.exists(folder.resolve("sheets/everyone.pdf"))).isEqualTo(form == Form.PDF);
  }

  /// A sheet holds the counts of its student, its key their answers, and no sheet another's.
  @Test
  void everyoneHasTheirOwnCountsAndAnswers() throws Exception {
    SolutionFile model = SolutionFile.demo();
    PersonalClass drawn = drawn(model, 3);
    new PersonalFolder(folder).write(model, drawn, List.of(Form.WEB_PAGE), Progress.NONE);
    List<String> statistics = new ArrayList<>();
    for (PersonalClass.Member member : drawn.members()) {
      double statistic =
          member.found().derivation().exact().find(LineId.of("X2")).orElseThrow().asDouble();
      statistics.add("%.2f".formatted(statistic));
    }
    for (int k = 0; k < 3; k++) {
      String name = drawn.members().get(k).file() + ".html";
      String key = Files.readString(folder.resolve("keys").resolve(name));
      String sheet = Files.readString(folder.resolve("sheets").resolve(name));
      assertThat(key).contains(statistics.get(k));
      assertThat(sheet).doesNotContain(">" + statistics.get(k) + "<");
      assertThat(sheet).contains(drawn.members().get(k).student());
    }
  }

  @Test
  void workCanBeStopped() throws Exception {
    SolutionFile model = SolutionFile.demo();
    Proposal proposal = Proposal.of(model.solution()).orElseThrow();
    List<Double> parts = Collections.synchronizedList(new ArrayList<>());
    Progress stopsSoon = Progress.of(parts::add, () -> !parts.isEmpty());
    assertThatThrownBy(() -> PersonalClass.draw(proposal, students(40), 1, stopsSoon))
        .isInstanceOf(CancellationException.class);
    PersonalClass some = PersonalClass.draw(proposal, students(12), 1, Progress.NONE);
    parts.clear();
    assertThatThrownBy(() -> new PersonalFolder(folder).write(model, some, List.of(), stopsSoon))
        .isInstanceOf(CancellationException.class);
    assertThat(folder).isEmptyDirectory();
  }

  /// The sheets and keys of one class never lie among those of another.
  @Test
  void anEarlierClassIsNeitherMixedNorReplaced() throws Exception {
    SolutionFile model = SolutionFile.demo();
    PersonalFolder into = new PersonalFolder(folder.resolve("class"));
    into.write(model, drawn(model, 2), List.of(Form.WEB_PAGE), Progress.NONE);
    Map<String, SolutionFile> before = into.read();
    assertThatThrownBy(() -> into.write(model, drawn(model, 1), List.of(Form.PDF), Progress.NONE))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("contains an earlier class (class.csv)");
    assertThat(into.read().keySet()).isEqualTo(before.keySet());
    assertThat(folder.resolve("class/sheets/everyone.pdf")).doesNotExist();
    Files.delete(folder.resolve("class/class.csv"));
    assertThatThrownBy(into::checkEmpty).hasMessageContaining("contains an earlier class (keys)");
  }

  @Test
  void whatCannotAllBeWrittenLeavesNothing() throws Exception {
    SolutionFile model = SolutionFile.demo();
    Path into = folder.resolve("new");
    PersonalClass drawn = drawn(model, 3);
    PersonalClass.Member last = drawn.members().getLast();
    PersonalClass broken =
        new PersonalClass(
            drawn.seed(),
            List.of(
                drawn.members().getFirst(),
                new PersonalClass.Member(last.student(), "x".repeat(300), last.found())));
    assertThatThrownBy(
            () -> new PersonalFolder(into).write(model, broken, List.of(Form.PDF), Progress.NONE))
        .isInstanceOf(FileProblem.class);
    assertThat(into).doesNotExist();
  }

  @Test
  void aFolderThatIsNoneIsSaid() throws Exception {
    assertThat(PersonalFolder.isOne(folder)).isFalse();
    assertThatThrownBy(() -> new PersonalFolder(folder).read())
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("class.csv");
    Files.writeString(folder.resolve("class.csv"), "student,file\n");
    assertThatThrownBy(() -> new PersonalFolder(folder).read())
        .hasMessageContaining("has no students");
    Files.writeString(folder.resolve("class.csv"), "student,file\na,gone.lehrgang\n");
    assertThatThrownBy(() -> new PersonalFolder(folder).read())
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("gone.lehrgang");
  }

  /// A list that points out of its folder leads nowhere else.
  @Test
  void filesAreThoseOfTheFolder() throws Exception {
    SolutionFile.demo().save(folder.resolve("secret.lehrgang"));
    Path inside = Files.createDirectory(folder.resolve("class"));
    Files.writeString(inside.resolve("class.csv"), "student,file\na,../secret.lehrgang\n");
    assertThatThrownBy(() -> new PersonalFolder(inside).read()).isInstanceOf(FileProblem.class);
  }

  @Tag(Extent.EXHAUSTIVE)
  @Test
  void whoHasNoMoreCountsIsNamed() throws Exception {
    SolutionFile small =
        SolutionFile.fresh(
            DemoCourse.open("nest-boxes")
                .solution()
                .withTable(
                    new TableEntry(
                        "use",
                        "entrance",
                        List.of("used", "not used"),
                        List.of("round", "slit"),
                        List.of(List.of("3", "0"), List.of("0", "3")))));
    assertThatThrownBy(() -> drawn(small, 200))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("no further counts of equal difficulty were found");
  }
}
