package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import lehrgang.desktop.Turn;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.Test;

/// The worksheet itself, filled in as a student would.
class CheckTryTest extends WithAClass {
  private boolean saysInTrying(String words) {
    return Turn.call(
        () ->
            driver.window().faces().lookupAll("#try-said .label").stream()
                .anyMatch(label -> ((Label) label).getText().contains(words)));
  }

  /// The instructor fills in the worksheet as a student would, wrong turns included.
  @Test
  void theSheetItselfIsTried() {
    drop(GROUP);
    driver.press("check-try");
    assertThat(driver.isShown("0 of 32 right")).isTrue();
    type("try-1", "30");
    assertThat(driver.isShown("1 of 32 right")).isTrue();
    assertThat(driver.find("try-1").getStyleClass()).contains("mark-right");
    type("try-2", "53.33");
    assertThat(driver.find("try-2").getStyleClass()).contains("mark-lost");
    assertThat(saysInTrying("53.33: the same for every cell.")).isTrue();
    type("try-11", "1.67");
    assertThat(driver.find("try-11").getStyleClass()).contains("mark-follows");
    driver.press("try-hint");
    assertThat(saysInTrying("The formula:")).isTrue();
    driver.press("try-hint");
    assertThat(saysInTrying("with the known numbers inserted")).isTrue();
    driver.press("try-reject");
    assertThat(driver.isShown("2 of 32 right")).isTrue();
    driver.press("try-again");
    assertThat(driver.isShown("0 of 32 right")).isTrue();
    assertThat(((TextField) driver.find("try-1")).getText()).isEmpty();
    driver.press("try-done");
    assertThat(names()).hasSize(62);
  }

  /// Whoever tries a sheet and takes an edit of the table back has the sheet of the older table.
  @Test
  void theSheetThatIsTriedFollowsTheSolution() {
    driver.edit(solution -> solution.withTable(solution.table().withoutRow(1)));
    Turn.settle();
    driver.press("check");
    driver.press("check-try");
    int fewer = Turn.call(() -> driver.desk().checking().asked().size());
    assertThat(driver.isShown("0 of %d right".formatted(fewer))).isTrue();
    type("try-1", "55");
    driver.press("try-reject");
    Turn.run(() -> driver.desk().solution().undo());
    driver.await(() -> driver.desk().checking().asked().size() == 32);
    assertThat(fewer).isLessThan(32);
    assertThat(((Label) driver.find("try-counts")).getText()).isEqualTo("2 of 32 right");
    assertThat(((TextField) driver.find("try-2")).getText()).isEqualTo("55");
    assertThat(((ToggleButton) driver.find("try-reject")).isSelected()).isTrue();
    type("try-30", "4");
    Turn.run(() -> driver.desk().solution().redo());
    driver.await(() -> driver.desk().checking().asked().size() == fewer);
    assertThat(driver.isThere("try-30")).isFalse();
    type("try-2", "53.33");
    driver.press("try-done");
    assertThat(driver.isShown("No answers yet")).isTrue();
  }

  /// Without a class, and with the numbers that stand in sentences and workings.
  @Test
  void everyBlankOfASheetCanBeTried() {
    for (String demo : List.of("deer-gate", "bunk-rooms", "register-map-by-season")) {
      Turn.run(() -> driver.desk().solution().begin(DemoCourse.open(demo)));
      driver.press("check");
      driver.press("check-try");
      int asked = driver.desk().checking().asked().size();
      assertThat(driver.isShown("0 of %d right".formatted(asked))).as(demo).isTrue();
      long fields =
          Turn.call(
              () ->
                  driver.window().faces().lookupAll(".try-field").stream()
                      .filter(node -> node.getId() != null && node.getId().startsWith("try-"))
                      .count());
      boolean decides = Turn.call(() -> driver.window().faces().lookup("#try-reject") != null);
      assertThat(fields + (decides ? 1 : 0)).as(demo).isEqualTo(asked);
      driver.type(KeyCode.ESCAPE);
    }
  }
}
