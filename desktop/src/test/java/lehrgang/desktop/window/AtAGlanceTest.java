package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import lehrgang.desktop.InTheSample;
import lehrgang.desktop.Turn;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What helps while no number is selected, what is folded away, and what passes.
@InTheSample
class AtAGlanceTest {
  @TempDir private Path folder;

  private WindowDriver driver;

  private void open(String example) {
    driver = WindowDriver.open(DemoCourse.open(example), folder);
  }

  @AfterEach
  void close() {
    driver.close();
  }

  private boolean showsTheGlance() {
    return driver.window().scene().getRoot().lookup("#glance") != null;
  }

  @Test
  void theChecksAndWhatRoundingDoesStandThereUntilANumberIsChosen() {
    open("bunk-rooms");
    driver.await(this::showsTheGlance);
    assertThat(driver.isShown("Checks")).isTrue();
    assertThat(driver.isShown("Every expected count is at least 5: the smallest is 40.00"))
        .isTrue();
    assertThat(driver.isShown("χ² = 12.92")).isTrue();
    driver.click(driver.number("X2"));
    assertThat(Turn.call(this::showsTheGlance)).isFalse();
  }

  /// What has an index is set as on the page, and the line leads to its step by mouse and key.
  @Test
  void aCheckIsSetLikeThePageAndLeadsToItsStep() {
    open("map-and-dark");
    driver.await(this::showsTheGlance);
    Node check = check("z²");
    assertThat(Turn.call(() -> check.lookupAll(".formula").size())).isGreaterThan(1);
    driver.click(check);
    driver.await(() -> driver.window().faces().write().page().stepInSight().equals("p"));
    Node effect = check("The smallest is");
    Turn.run(effect::requestFocus);
    driver.type(KeyCode.ENTER);
    driver.await(() -> !driver.window().faces().write().page().stepInSight().equals("p"));
  }

  private Node check(String begin) {
    return Turn.call(
        () ->
            driver.window().scene().getRoot().lookupAll(".glance-note").stream()
                .filter(note -> note.getAccessibleText().startsWith(begin))
                .findFirst()
                .orElseThrow());
  }

  @Test
  void whatIsUsuallyWrittenInPlaceOfANumberStandsInItsTrace() {
    open("route-and-season");
    driver.click(driver.number("df"));
    driver.await(() -> driver.window().scene().getRoot().lookup("#usual-errors") != null);
    assertThat(driver.isShown("Common wrong answers")).isTrue();
    assertThat(driver.isShown("number of cells minus 1")).isTrue();
    driver.click(driver.number("R[1]"));
    assertThat(driver.isShown("number of cells minus 1")).isFalse();
  }

  @Test
  void dataThatCannotBeWorkedOutHaveNotBeenChecked() {
    open("bunk-rooms");
    driver.await(this::showsTheGlance);
    driver.edit(now -> now.withTable(now.table().withCell(0, 0, "4.5")));
    assertThat(Turn.call(this::showsTheGlance)).isFalse();
    Turn.run(driver.desk().solution()::undo);
    driver.await(this::showsTheGlance);
    assertThat(driver.isShown("Checks")).isTrue();
  }

  @Test
  void aCheckThatFailsIsSeenAtOnceWithTheWaysOn() {
    open("bunk-rooms");
    for (int row = 0; row < 6; row++) {
      int place = row;
      driver.edit(now -> now.withTable(now.table().withCell(place, 0, "4")));
    }
    driver.await(
        () ->
            driver.window().scene().getRoot().lookupAll(".trace-head").stream()
                .anyMatch(
                    head ->
                        head instanceof Label words && words.getText().equals("Other procedures")));
    assertThat(driver.isShown("Other procedures")).isTrue();
    assertThat(driver.isShown("Not every expected count is at least 5")).isTrue();
  }

  /// An underscore in a label is part of it, on buttons too.
  @Test
  void aLabelWithAnUnderscoreIsReadWhole() {
    open("hut-and-stay");
    driver.edit(
        now ->
            now.withTable(
                now.table()
                    .withRowLabel(2, "three_or_more")
                    .withCell(2, 0, "1")
                    .withCell(2, 1, "2")));
    driver.await(this::showsTheGlance);
    assertThat(driver.isShown("three_or_more”")).isTrue();
    List<ButtonBase> buttons =
        Turn.call(
            () ->
                driver.window().scene().getRoot().lookupAll(".button").stream()
                    .map(ButtonBase.class::cast)
                    .filter(button -> button.getText() != null && button.getText().contains("_"))
                    .toList());
    assertThat(buttons).isNotEmpty().noneMatch(ButtonBase::isMnemonicParsing);
  }

  @Test
  void theSeriesBehindATailIsFoldedAwayUntilItIsAskedFor() {
    open("deer-gate");
    driver.press("undo");
    ToggleButton fold =
        Turn.call(
            () ->
                driver.window().scene().getRoot().lookupAll(".fold").stream()
                    .map(ToggleButton.class::cast)
                    .filter(button -> button.getText().startsWith("How this area"))
                    .findFirst()
                    .orElseThrow());
    List<String> before = driver.spoken();
    assertThat(fold.isSelected()).isFalse();
    Turn.run(fold::fire);
    Turn.settle();
    assertThat(fold.isSelected()).isTrue();
    assertThat(driver.spoken()).containsAll(before);
  }

  @Test
  void whatWasSaidOfASolutionDoesNotStandOverTheStart() {
    open("bunk-rooms");
    Turn.run(
        () -> driver.desk().notices().say("Changes that were not saved are creates it again."));
    assertThat(driver.isShown("creates it again")).isTrue();
    driver.press("start");
    assertThat(driver.isShown("creates it again")).isFalse();
  }

  @Test
  void twoLevelsAreTypedInOneField() {
    open("bunk-rooms");
    driver.edit(now -> now.withChoices(now.choices().withLevel("5 %; 1 %")));
    assertThat(driver.isShown("At each level")).isTrue();
    assertThat(driver.isShown("α = 0.01")).isTrue();
    assertThat(driver.verdict()).isEqualTo("Reject H₀: not all are equally likely");
  }

  /// A file of data given when the program starts is looked at before it is taken.
  @Test
  void dataGivenAtTheStartAreShownFirst() throws IOException {
    Path file = Files.write(folder.resolve("huts.csv"), List.of("hut,map", "Lake,yes", "Lake,no"));
    open("bunk-rooms");
    Turn.run(() -> driver.files().open(file));
    Turn.settle();
    assertThat(driver.isShown("huts.csv")).isTrue();
    assertThat(driver.isShown("What should be counted?")).isTrue();
    assertThat(Optional.ofNullable(driver.solution().origin())).hasValue(Optional.empty());
  }
}
