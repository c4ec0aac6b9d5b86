package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.Turn;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;

/// From a file of records to a worked solution, in the window.
class RecordsTest extends WithTheDemo {
  private static final Path REGISTER = Path.of("../demo/register.csv");

  /// Only on the interface thread.
  private Node find(String id) {
    return driver.window().scene().getRoot().lookup("#" + id);
  }

  private void drop(Path file) {
    Turn.run(() -> driver.files().open(file));
    Turn.settle();
  }

  private void countRegister(String rows, String columns) {
    drop(REGISTER);
    driver.pick("count-rows", rows);
    driver.pick("count-columns", columns);
    driver.press("records-go");
    driver.await(() -> driver.solution().origin().isPresent());
  }

  @Test
  void aDroppedRegisterIsShownFirstAndThenCounted() {
    drop(REGISTER);
    assertThat(driver.isShown("arrived by")).isTrue();
    assertThat(driver.isShown("2025-03-01")).isTrue();
    countRegister("route", "season");
    assertThat(driver.isShown("The counts come from the 612 records of register.csv")).isTrue();
    assertThat(driver.isShown("Of 612 records 595 are counted and 17 are not:")).isTrue();
    assertThat(driver.isShown("season is missing in 12 records")).isTrue();
    assertThat(Turn.call(() -> ((TextField) find("count-1-1")).isEditable())).isFalse();
    Turn.run(driver.desk().solution()::undo);
    assertThat(driver.solution()).isEqualTo(SolutionFile.demo().solution());
  }

  private Path file(String name, List<String> lines) throws IOException {
    return Files.write(folder.resolve(name), lines);
  }

  /// Only the working days on which the lake rose, by weekday, against equal shares.
  @Test
  void aColumnWithTooManyValuesIsNoDeadEnd() throws IOException {
    List<String> lines = new ArrayList<>(List.of("day,level"));
    for (int k = 0; k < 180; k++) {
      LocalDate day = LocalDate.of(2026, 1, 5).plusDays(k / 5 * 7 + k % 5);
      lines.add(day + "," + (2100 + k * 37 % 23));
    }
    drop(file("gauge.csv", lines));
    driver.pick("count-rows", "level");
    assertThat(driver.isShown("“day” has 180 different values")).isFalse();
    driver.press("group-change");
    assertThat(driver.isShown("rose, fell or stayed the same")).isTrue();
    driver.addStep("keep");
    driver.pick("recipe-column", "change of level");
    driver.tick("rise");
    driver.press("recipe-apply");
    driver.pressLabelled("one column");
    driver.pick("count-rows", "day");
    assertThat(driver.isShown("“day” has")).isTrue();
    driver.press("group-weekday");
    assertThat(driver.isShown("Table:")).isTrue();
    assertThat(driver.isShown("Wednesday")).isTrue();
    driver.press("records-go");
    driver.await(() -> driver.solution().origin().isPresent());
    assertThat(driver.solution().procedure()).isEqualTo("goodness-of-fit");
    assertThat(driver.origin().tally().table().rows())
        .containsExactly("Monday", "Tuesday", "Wednesday", "Thursday", "Friday");
    assertThat(driver.isShown("Keep only")).isTrue();
  }

  @Test
  void aStepTakenBeforeCountingCanBeLeftOutAgain() throws IOException {
    List<String> lines = new ArrayList<>(List.of("route,age"));
    for (int k = 0; k < 300; k++) {
      lines.add((k % 3 == 0 ? "Lake loop" : "Gorge path") + "," + (16 + k % 60));
    }
    drop(file("ages.csv", lines));
    assertThat(driver.isShown("“age” has 60 different values")).isTrue();
    driver.press("group-classes");
    assertThat(driver.isShown("different values")).isFalse();
    driver.press("records-step-remove-1");
    assertThat(driver.isShown("“age” has 60 different values")).isTrue();
    driver.press("group-classes");
    driver.press("records-go");
    driver.await(() -> driver.solution().origin().isPresent());
    assertThat(driver.origin().recipe().count().columns()).isEqualTo("age class");
  }

  @Test
  void spellingsAreUnitedOnlyWhenThatIsTaken() {
    countRegister("route", "season");
    assertThat(driver.origin().tally().table().rows()).hasSize(7);
    driver.press("recipe-unite");
    assertThat(driver.origin().tally().table().rows())
        .containsExactly("Gorge path", "Lake loop", "Summit way");
    assertThat(driver.isShown("11 records renamed.")).isTrue();
    assertThat(Turn.call(() -> find("recipe-unite") == null)).isTrue();
  }

  @Test
  void severalNewNamesAtOnceCanBeChangedAgain() {
    countRegister("route", "season");
    driver.press("recipe-unite");
    driver.press("recipe-edit-1");
    Map<String, String> before =
        ((RecipeStep.Rename) driver.origin().recipe().steps().getFirst()).names();
    String old = before.keySet().iterator().next();
    int field =
        IntStream.rangeClosed(1, 7)
            .filter(
                k ->
                    Words.of("recipe.form.new-name", old)
                        .equals(driver.find("recipe-name-" + k).getAccessibleText()))
            .findFirst()
            .orElseThrow();
    driver.fill("recipe-name-" + field, "Rim trail");
    driver.press("recipe-apply");
    assertThat(driver.origin().tally().table().rows()).hasSize(4).contains("Rim trail");
    assertThat(((RecipeStep.Rename) driver.origin().recipe().steps().getFirst()).names())
        .hasSameSizeAs(before)
        .containsEntry(old, "Rim trail");
  }

  @Test
  void aNumberIsCutIntoClassesWithItsEffectSeenBefore() {
    countRegister("route", "season");
    driver.press("recipe-unite");
    driver.addStep("cut");
    driver.pick("recipe-column", "age");
    driver.fill("recipe-text", "14; 30; 60; 90");
    assertThat(driver.isShown("14 to under 30: ")).isTrue();
    driver.press("recipe-apply");
    driver.pick("recipe-rows", "age class");
    assertThat(driver.origin().tally().table().rows())
        .containsExactly("14 to under 30", "30 to under 60", "60 to under 90");
    assertThat(driver.isShown("age class is outside all classes in")).isTrue();
    driver.press("recipe-edit-2");
    driver.fill("recipe-text", "90; 14");
    driver.press("recipe-apply");
    assertThat(driver.isShown("Type rising boundaries")).isTrue();
    Turn.run(() -> ((CheckBox) find("recipe-open")).setSelected(true));
    driver.fill("recipe-text", "30; 60");
    driver.press("recipe-apply");
    assertThat(driver.origin().tally().table().rows())
        .containsExactly("under 30", "30 to under 60", "60 and over");
  }

  @Test
  void stepsAreMovedAndLeftOutAndUndone() {
    countRegister("gate", "map");
    driver.addStep("keep");
    driver.pick("recipe-column", "map");
    Turn.run(
        () ->
            driver.window().scene().getRoot().lookupAll(".check-box").stream()
                .map(CheckBox.class::cast)
                .filter(box -> "yes".equals(box.getUserData()))
                .forEach(box -> box.setSelected(true)));
    driver.press("recipe-apply");
    assertThat(driver.isShown("“map” has")).isFalse();
    assertThat(driver.origin().recipe().steps())
        .containsExactly(new RecipeStep.Keep("map", RecipeStep.Test.IS, List.of("yes")));
    assertThat(driver.isShown("are left out by step 1 (map)")).isTrue();
    driver.press("recipe-remove-1");
    assertThat(driver.origin().recipe().steps()).isEmpty();
    Turn.run(driver.desk().solution()::undo);
    assertThat(driver.origin().recipe().steps()).hasSize(1);
  }

  @Test
  void whatMakesNoTableIsSaidAndTheLastTableStays() {
    countRegister("route", "season");
    driver.pick("recipe-rows", "age");
    assertThat(driver.isShown("“age” has 6")).isTrue();
    assertThat(driver.origin().recipe().count().rows()).isEqualTo("route");
    Turn.run(() -> ((MenuButton) find("recipe-add")).getItems().getLast().fire());
    Turn.settle();
    assertThat(driver.solution().origin()).isEmpty();
    assertThat(Turn.call(() -> ((TextField) find("count-1-1")).isEditable())).isTrue();
  }

  @Test
  void beforeAndAfterBringTheirOwnProcedure() {
    drop(REGISTER);
    Turn.run(
        () ->
            driver.window().scene().getRoot().lookupAll(".toggle-button").stream()
                .map(ButtonBase.class::cast)
                .filter(button -> button.getText().equals("before and after"))
                .forEach(ButtonBase::fire));
    Turn.settle();
    driver.pick("count-rows", "waymark before");
    driver.pick("count-columns", "waymark after");
    driver.press("records-go");
    driver.await(() -> driver.solution().origin().isPresent());
    assertThat(driver.solution().procedure()).isEqualTo("matched-pairs");
    assertThat(driver.isShown("608 entries, each observed twice")).isTrue();
  }

  @Test
  void anotherReadingOfTheFileIsShownAtOnce() throws Exception {
    Path odd = Files.writeString(folder.resolve("odd.csv"), "a;b,c\n1;2,3\n4;5,6\n");
    drop(odd);
    driver.pick("separator", ',');
    assertThat(driver.isShown("a;b")).isTrue();
    driver.pick("separator", ';');
    assertThat(driver.isShown("a;b")).isFalse();
    assertThat(driver.isShown("b,c")).isTrue();
  }

  @Test
  void aFileThatIsATableIsTakenAsOne() throws Exception {
    Path table =
        Files.writeString(
            folder.resolve("table.csv"),
            "route,Spring,Summer,Total\nLake loop,3,9,12\nGorge path,8,4,12\nTotal,11,13,24\n");
    drop(table);
    driver.press("records-go");
    assertThat(driver.solution().table().rows()).containsExactly("Lake loop", "Gorge path");
    assertThat(driver.isShown("totals and were left out")).isTrue();
  }

  @Test
  void whatWasPastedIsSaidAndCanBeTakenForSomethingElse() {
    driver.putOnClipboard("route\tSpring\tSummer\nLake loop\t7\t9\nGorge path\t6\t8\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(driver.isShown("Read as a two-way table of 2 × 2.")).isTrue();
    assertThat(driver.solution().table().cells())
        .containsExactly(List.of("7", "9"), List.of("6", "8"));
    driver.press("notice-offer");
    assertThat(driver.isShown("pasted text")).isTrue();
    assertThat(driver.solution()).isEqualTo(SolutionFile.demo().solution());
    driver.pressLabelled(Words.of("records.kind.records"));
    driver.pick("count-rows", "route");
    driver.pick("count-columns", "Spring");
    driver.press("records-go");
    driver.await(() -> driver.solution().origin().isPresent());
    assertThat(driver.origin().tally().read()).isEqualTo(2);
  }

  @Test
  void pastedRecordsAreCountedToo() {
    driver.putOnClipboard(
        "route\tmap\n"
            + "Lake loop\tyes\n"
            + "Gorge path\tno\n"
            + "Lake loop\tno\n"
            + "Gorge path\tyes\n"
            + "Lake loop\tyes\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    driver.pick("count-rows", "route");
    driver.pick("count-columns", "map");
    driver.press("records-go");
    driver.await(() -> driver.solution().origin().isPresent());
    assertThat(driver.isShown("The counts come from the 5 records of pasted text")).isTrue();
    assertThat(driver.origin().tally().table().cells())
        .containsExactly(List.of("1", "1"), List.of("2", "1"));
  }

  @Test
  void aRefusedFileIsSaidWhateverIsInFrontAndEscapeLeadsBack() throws Exception {
    Path broken = Files.writeString(folder.resolve("nul.csv"), "route,map\nLake\0loop,yes\n");
    Turn.run(() -> driver.window().faces().showStart());
    drop(broken);
    assertThat(driver.isShown("nul.csv is not text: it holds NUL characters")).isTrue();
    Turn.run(() -> driver.desk().notices().clear());
    drop(REGISTER);
    drop(broken);
    assertThat(driver.isShown("nul.csv is not text: it holds NUL characters")).isTrue();
    assertThat(driver.isShown("arrived by")).isTrue();
    driver.type(KeyCode.ESCAPE);
    assertThat(driver.isShown("arrived by")).isFalse();
  }

  @Test
  void aTablePastedOverAFileInFrontIsShown() {
    drop(REGISTER);
    driver.putOnClipboard("route\tSpring\tSummer\nLake loop\t41\t55\nGorge path\t38\t64\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(Turn.call(() -> find("records-view").isVisible())).isFalse();
    assertThat(driver.isShown("Read as a two-way table of 2 × 2.")).isTrue();
  }

  @Test
  void whatWasNotSavedCanBeBroughtBackAfterRecordsBeganAnotherSolution() {
    driver.edit(now -> now.withTable(now.table().withCell(0, 0, "93")));
    Solution unsaved = Turn.call(() -> driver.solution());
    Turn.run(() -> driver.window().faces().showStart());
    countRegister("gate", "map");
    assertThat(driver.isShown("The previous solution was not saved.")).isTrue();
    driver.press("notice-offer");
    assertThat(Turn.call(() -> driver.solution())).isEqualTo(unsaved);
  }

  @Test
  void aColumnOfAnswersIsPastedAndCounted() {
    driver.putOnClipboard("map\nyes\nno\nno\nyes\nno\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    driver.press("records-go");
    driver.await(() -> driver.solution().origin().isPresent());
    assertThat(driver.solution().procedure()).isEqualTo("goodness-of-fit");
    assertThat(driver.origin().tally().table().cells())
        .containsExactlyInAnyOrder(List.of("3"), List.of("2"));
  }

  @Test
  void nothingToPasteIsSaid() {
    Turn.run(() -> driver.window().faces().showStart());
    driver.putOnClipboard("route,season\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(driver.isShown(Words.of("status.no-table"))).isTrue();
  }

  @Test
  void whatIsNoTableBeginsNothing() {
    Solution before = Turn.call(() -> driver.solution());
    Turn.run(() -> driver.window().faces().showStart());
    driver.putOnClipboard("route\tSpring\nLake loop\t4\t5\t6\t7\nGorge path\t3\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(
            driver.isShown("Line 2 and the first line differ in their number of cells (5 and 2)"))
        .isTrue();
    assertThat(Turn.call(() -> driver.window().faces().isAtStart())).isTrue();
    assertThat(Turn.call(() -> driver.solution())).isEqualTo(before);
    drop(REGISTER);
    assertThat(driver.isShown("cells where")).isFalse();
  }

  @Test
  void aCountedDemoOpensWithItsRecipe() {
    Turn.run(() -> driver.desk().solution().begin(DemoCourse.open("register-age-and-route")));
    Turn.settle();
    assertThat(driver.isShown("New column “age class”: age in the classes")).isTrue();
    assertThat(driver.isShown("age class is outside all classes in one record")).isTrue();
  }
}
