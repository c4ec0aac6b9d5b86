package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.compose.Proposal;
import lehrgang.core.data.TableEntry;
import lehrgang.core.solution.Solution;
import lehrgang.core.work.Progress;
import lehrgang.desktop.InTheSample;
import lehrgang.desktop.Turn;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.handout.Form;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Tables made for what they are to show, and others like one for each student.
@InTheSample
class ComposeAndVaryTest {
  @TempDir private Path folder;

  private WindowDriver driver;

  @AfterEach
  void close() {
    driver.close();
  }

  private void compose(String demo) {
    driver = WindowDriver.open(DemoCourse.open(demo), folder);
    driver.pressLabelled("Compose…");
  }

  /// Looks at the window, also while it is waited for.
  private static <T> T there(Supplier<T> look) {
    return Platform.isFxApplicationThread() ? look.get() : Turn.call(look::get);
  }

  private int cards() {
    return there(() -> driver.window().scene().getRoot().lookupAll(".proposal").size());
  }

  private String said(String id) {
    return there(() -> ((Label) driver.window().scene().lookup("#" + id)).getText());
  }

  private void choose(String id, String label) {
    Node segments = driver.find(id);
    Turn.run(
        () ->
            ((Parent) segments)
                .getChildrenUnmodifiable().stream()
                    .map(ToggleButton.class::cast)
                    .filter(button -> button.getText().equals(label))
                    .findFirst()
                    .orElseThrow()
                    .fire());
  }

  private void enter(String id, String text) {
    TextField field = (TextField) driver.find(id);
    Turn.run(
        () -> {
          field.requestFocus();
          field.setText(text);
          field.fireEvent(new ActionEvent());
        });
  }

  private void found(int least) {
    driver.await(() -> said("compose-said").endsWith("can be undone.") && cards() >= least);
  }

  @Test
  void aTableThatShowsWhatIsWishedIsTakenWithAClickAndUndone() {
    compose("route-and-season");
    TableEntry before = driver.solution().table();
    found(5);
    choose("compose-decision", "not reject");
    choose("compose-expected", "whole");
    found(5);
    driver.press("compose-take-2");
    assertThat(driver.solution().table()).isNotEqualTo(before);
    assertThat(driver.verdict()).startsWith("H₀ is not rejected");
    Proposal taken = Proposal.of(driver.solution()).orElseThrow();
    assertThat(
            taken.derivation().lines().values().stream()
                .filter(line -> line.id().name().equals("E"))
                .map(line -> taken.derivation().exact().find(line.id()).orElseThrow()))
        .allMatch(value -> value.isWhole());
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(driver.solution().table()).isEqualTo(before);
  }

  @Test
  void aWishThatStandsInTheWayIsNamedAndOthersAreOffered() {
    compose("route-and-season");
    found(5);
    choose("compose-effect", "large");
    enter("compose-p-low", "0.2");
    enter("compose-p-high", "0.5");
    driver.await(() -> said("compose-said").startsWith("No table meets all criteria. Without"));
    assertThat(cards()).isZero();
    enter("compose-p-high", "0.1");
    driver.await(() -> said("compose-said").startsWith("Type the sample size"));
    driver.type(KeyCode.ESCAPE);
    assertThat(driver.isShown("Type a row")).isTrue();
  }

  @Test
  void otherTablesAreOthers() {
    compose("nest-boxes");
    found(5);
    List<String> first = entries();
    driver.press("compose-others");
    driver.await(() -> !entries().equals(first) && cards() >= 5);
  }

  private List<String> entries() {
    return there(
        () ->
            driver.window().scene().getRoot().lookupAll(".proposal .entry").stream()
                .map(entry -> ((Label) entry).getText())
                .toList());
  }

  static List<String> someEveryProcedureThatIsComposedHasItsWishes() {
    return Extent.of(
        "everyProcedureThatIsComposedHasItsWishes",
        2,
        List.of(
            "bunk-rooms",
            "deer-gate",
            "map-and-dark",
            "repainted-waymarks",
            "register-map-by-season"));
  }

  @Sampled
  @ParameterizedTest
  @MethodSource("someEveryProcedureThatIsComposedHasItsWishes")
  void everyProcedureThatIsComposedHasItsWishes(String demo) {
    driver = WindowDriver.open(DemoCourse.open(demo), folder);
    Turn.run(() -> driver.window().faces().showCompose());
    found(5);
    driver.press("compose-take-1");
    assertThat(Proposal.of(driver.solution())).isPresent();
  }

  @Test
  void aChoiceThatCannotBeReadDoesNotStandInTheWay() {
    driver = WindowDriver.open(DemoCourse.open("deer-gate"), folder);
    driver.fill("claimed", "134");
    assertThat(driver.isShown("The claimed proportion is “134”")).isTrue();
    driver.pressLabelled("Compose…");
    found(1);
  }

  @Test
  void whatIsNotComposedIsSaid() {
    driver = WindowDriver.open(DemoCourse.open("orchid-meadows"), folder);
    Turn.run(() -> driver.window().faces().showCompose());
    assertThat(said("compose-said")).startsWith("Tables for “simulation test” cannot be composed");
  }

  private void vary(String list, String seed) {
    driver = WindowDriver.open(DemoCourse.open("route-and-season"), folder);
    driver.press("hand-out");
    driver.press("handout-vary");
    TextArea field = (TextArea) driver.find("vary-list");
    Turn.run(() -> field.setText(list));
    driver.fill("vary-seed", seed);
    driver.press("vary-draw");
  }

  private ListView<?> students() {
    return (ListView<?>) driver.find("vary-students");
  }

  @Test
  void everyStudentOfAListGetsCountsAndTheSheetIsInSight() {
    vary("17-301\n17-302\n17-303", "4711");
    driver.await(() -> said("vary-said").startsWith("3 students have individual counts"));
    ListView<?> students = students();
    assertThat(Turn.call(() -> students.getItems().size())).isEqualTo(3);
    driver.await(() -> driver.window().scene().lookup("#vary-students") != null);
    Button save = (Button) driver.find("vary-save");
    assertThat(Turn.call(save::isDisabled)).isFalse();
    Turn.run(() -> students.getSelectionModel().select(2));
    assertThat(driver.isShown("17-303")).isTrue();
    driver.type(KeyCode.ESCAPE);
    assertThat(Turn.call(() -> driver.window().faces().handing().isVisible())).isTrue();
  }

  @Test
  void whatIsWrongWithListOrSeedIsSaid() {
    vary("a\nb\na", "1");
    assertThat(said("vary-said")).contains("has the student “a” twice");
    driver.fill("vary-seed", "soon");
    driver.press("vary-draw");
    assertThat(said("vary-said")).isEqualTo("Type a seed: a whole number.");
    Button save = (Button) driver.find("vary-save");
    assertThat(Turn.call(save::isDisabled)).isTrue();
  }

  /// Nothing is drawn from a table that cannot be worked out, and what was drawn before is past.
  @Test
  void aTableWithAGapIsSaidBeforeAnythingIsDrawn() {
    vary("a\nb\nc", "4711");
    driver.await(() -> said("vary-said").startsWith("3 students have individual counts"));
    driver.edit(now -> now.withTable(now.table().withCell(0, 0, "")));
    driver.press("vary-draw");
    driver.await(() -> said("vary-said").startsWith("Showing the last valid solution"));
    assertThat(((Button) driver.find("vary-save")).isDisabled()).isTrue();
    Turn.run(() -> driver.desk().solution().undo());
    driver.press("vary-draw");
    driver.await(() -> said("vary-said").startsWith("3 students have individual counts"));
    assertThat(((Button) driver.find("vary-save")).isDisabled()).isFalse();
  }

  @Test
  void theClassIsWrittenBesideTheWindow() throws Exception {
    driver = WindowDriver.open(DemoCourse.open("route-and-season"), folder);
    Solution model = driver.solution();
    PersonalClass drawn =
        PersonalClass.draw(
            Proposal.of(model).orElseThrow(),
            ClassList.read(CaseFile.pasted("a\nb\n", "list")),
            7,
            Progress.NONE);
    Path into = Files.createDirectory(folder.resolve("class"));
    Turn.run(() -> driver.files().write(drawn, List.of(Form.WEB_PAGE), into));
    driver.await(
        () ->
            driver
                .desk()
                .notices()
                .now()
                .sentence()
                .startsWith("The solutions, sheets and keys of"));
    assertThat(new PersonalFolder(into).read().keySet()).containsExactly("a", "b");
    assertThat(into.resolve("keys")).isDirectoryContaining("glob:**/b.html");
  }
}
