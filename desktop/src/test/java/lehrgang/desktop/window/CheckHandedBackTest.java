package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;
import lehrgang.core.data.TableEntry;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.page.FigureSpec;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.Desk;
import lehrgang.documents.marks.ClassFigure;
import org.junit.jupiter.api.Test;

/// Answers in, marks and feedback out, and only those of the solution in sight.
class CheckHandedBackTest extends WithAClass {
  @Test
  void feedbackGoesToOneOrToEveryone() throws Exception {
    drop(GROUP);
    choose("17-226");
    CheckActions actions = driver.files().checks();
    Path one = folder.resolve("one.pdf");
    Turn.run(() -> actions.feedback(one, List.of(marksNow("17-226"))));
    assertThat(Files.readAllBytes(one)).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
    Path all = folder.resolve("all.html");
    Turn.run(
        () -> actions.feedback(all, driver.desk().checking().now().orElseThrow().marks().sheets()));
    assertThat(Files.readString(all)).contains("17-204", "17-226", "17-297");
    Path each = Files.createDirectory(folder.resolve("each"));
    Turn.run(() -> actions.feedbackEach(each, List.of(marksNow("17-204"), marksNow("17-226"))));
    driver.await(() -> Files.exists(each.resolve("everyone.html")));
    assertThat(each.resolve("17-226.pdf")).exists();
  }

  private SheetMarks marksNow(String student) {
    return driver.desk().checking().now().orElseThrow().marks().sheet(student).orElseThrow();
  }

  @Test
  void answersArePastedAndMarksWritten() throws Exception {
    driver.press("check");
    assertThat(driver.isShown("No answers yet")).isTrue();
    driver.putOnClipboard("student\tX2\tdf\tshoe\nAda\t14.10\t4\t38\nBo\t14.10\t9\t44\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(driver.isShown("2 students")).isTrue();
    assertThat(driver.isShown("no such number: shoe")).isTrue();
    Path marks = folder.resolve("marks.csv");
    Turn.run(
        () ->
            driver
                .files()
                .checks()
                .save(marks, driver.desk().checking().now().orElseThrow().marks()));
    assertThat(marks)
        .hasContent(
            "student,credit,of,X2,X2 verdict,X2 slip,df,df verdict,df slip\n"
                + "Ada,2,2,14.10,right,,4,right,\nBo,1,2,14.10,right,,9,slip,df-cells\n");
    assertThat(driver.isShown("The marks of 2 students were written to marks.csv")).isTrue();
  }

  /// The empty table asks for what the worksheet asks for.
  @Test
  void anEmptyTableComesBackFilledIn() throws Exception {
    Path table = folder.resolve("answers.csv");
    Turn.run(() -> driver.files().checks().template(table));
    String head = Files.readString(table);
    assertThat(head).startsWith("student;E[").contains(";X2;df;").endsWith(";decision\n");
    Files.writeString(table, head + "Ada" + ";".repeat(head.split(";").length - 1) + "\n");
    drop(table);
    assertThat(driver.isShown("1 student")).isTrue();
    assertThat(marks("Ada").credit()).isZero();
  }

  @Test
  void whatIsWrongWithAnswersIsSaidAndTheClassStays() throws Exception {
    drop(GROUP);
    Path twice = Files.writeString(folder.resolve("twice.csv"), "student;df\na;4\na;4\n");
    drop(twice);
    assertThat(driver.isShown("twice.csv has the student “a” twice, in line 2 and in line 3"))
        .isTrue();
    assertThat(driver.isShown("62 students")).isTrue();
    Path table = Files.writeString(folder.resolve("t.csv"), "route,sunny\nLake,4\nGorge,3\n");
    drop(table);
    assertThat(driver.isShown("62 students")).isFalse();
  }

  /// What leaves the view is a figure of everyone, drawn as others are.
  @Test
  void howTheClassFaredGoesOutAsAFigure() throws Exception {
    drop(GROUP);
    assertThat(driver.find("check-summary").isDisabled()).isFalse();
    Checked checked = Turn.call(() -> driver.desk().checking().now().orElseThrow());
    FigureSpec.Fared fared = (FigureSpec.Fared) ClassFigure.of(checked.marks(), checked.page());
    assertThat(fared.bars()).hasSize(7);
    assertThat(fared.bars())
        .allSatisfy(
            bar ->
                assertThat(bar.counts().stream().mapToInt(Integer::intValue).sum())
                    .isIn(62, 9 * 62));
    Path file = folder.resolve("class.pdf");
    Turn.run(() -> driver.files().parts().saveFigure(file, fared));
    assertThat(Files.readAllBytes(file)).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
  }

  /// A large table takes a while to be marked by: one can go on meanwhile, and what counts in the
  /// end is the solution as it has become.
  @Test
  void aClassIsMarkedByALargeTableBesideTheWindow() {
    drop(GROUP);
    AtomicBoolean handedBack = new AtomicBoolean();
    driver.onNotice(
        "Marking: ",
        () -> driver.desk().solution().edit("", solution -> solution.withTable(square(12))),
        _ -> handedBack.set(!driver.window().scene().getRoot().lookup("#check-save").isDisabled()));
    assertThat(handedBack).as("marks of what was there before are handed back").isFalse();
    driver.edit(solution -> solution.withTable(square(11)));
    driver.await(() -> driver.desk().checking().current().get());
    Checked checked = Turn.call(() -> driver.desk().checking().now().orElseThrow());
    assertThat(checked.page().shown(LineId.of("df")).text()).isEqualTo("100");
    assertThat(checked.marks().sheets()).hasSize(62);
    assertThat(marks("17-204").credit()).isLessThan(marks("17-204").of());
    assertThat(driver.find("check-save").isDisabled()).isFalse();
  }

  /// Who stops it sees the marks from before, does not hand them back, and can begin again.
  @Test
  void markingThatWasStoppedIsBegunAgain() {
    drop(GROUP);
    Desk desk = driver.desk();
    driver.onNotice(
        "Marking: ",
        () -> desk.solution().edit("", solution -> solution.withTable(square(12))),
        notice -> notice.offers().getFirst().action().run());
    assertThat(driver.isShown("Stopped; the earlier marks are shown.")).isTrue();
    assertThat(driver.isShown("20.2 of 23")).isTrue();
    assertThat(driver.find("check-save").isDisabled()).isTrue();
    driver.pressLabelled("Mark again");
    driver.await(() -> desk.checking().current().get());
    assertThat(driver.isShown("20.2 of 23")).isFalse();
    assertThat(driver.find("check-save").isDisabled()).isFalse();
  }

  private static TableEntry square(int size) {
    List<String> labels = IntStream.rangeClosed(1, size).mapToObj(i -> "gate " + i).toList();
    List<List<String>> cells =
        IntStream.range(0, size)
            .mapToObj(
                i ->
                    IntStream.range(0, size)
                        .mapToObj(j -> Integer.toString(20 + i * j % 37))
                        .toList())
            .toList();
    return new TableEntry("gate", "gate passed next", labels, labels, cells);
  }
}
