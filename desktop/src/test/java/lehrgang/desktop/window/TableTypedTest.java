package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import lehrgang.core.data.TableEntry;
import lehrgang.desktop.Turn;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;

/// Counts typed, keyed in and pasted, and their undo.
class TableTypedTest extends WithTheDemo {
  private static final String PASTED =
      """
      hut\tclear\tfog\tsum
      Almhütte\t30\t12\t42
      Gipfelhaus\t18\t25\t43
      Seehütte\t22\t14\t36
      sum\t70\t51\t121
      """;

  private TableEntry table() {
    return driver.solution().table();
  }

  @Test
  void aTypedCountFlowsThroughEveryStepAtOnce() {
    driver.retype("count-3-2", KeyCode.DIGIT6, KeyCode.DIGIT0);
    assertThat(table().cells().get(2).get(1)).isEqualTo("60");
    assertThat(driver.isShown("439 entries")).isTrue();
    assertThat(driver.spoken()).anyMatch(s -> s.contains("439"));
    assertThat(driver.isShown("N = 439")).isTrue();
    driver.retype("count-1-1", KeyCode.DIGIT2, KeyCode.DIGIT6);
    driver.retype("count-2-3", KeyCode.DIGIT4, KeyCode.DIGIT0);
    assertThat(driver.verdict()).isEqualTo("H₀ is not rejected");
  }

  @Test
  void typingIsUndoneFieldByFieldAndRedone() {
    TableEntry before = table();
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT9);
    driver.retype("count-1-2", KeyCode.DIGIT7);
    assertThat(table().cells().getFirst()).containsExactly("99", "7", "24");
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table().cells().getFirst()).containsExactly("99", "55", "24");
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table()).isEqualTo(before);
    assertThat(((TextField) driver.find("count-1-1")).getText()).isEqualTo("41");
    driver.shortcut(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    assertThat(table().cells().getFirst()).containsExactly("99", "55", "24");
  }

  @Test
  void aWrongCountIsMarkedWhereItStandsAndTheLastSolutionWaitsDimmed() {
    driver.retype("count-2-2", KeyCode.DIGIT6, KeyCode.PERIOD, KeyCode.DIGIT4);
    assertThat(driver.isShown("Gorge path, Summer holds 6.4: a count is a whole number")).isTrue();
    assertThat(driver.has(driver.find("count-2-2"), "invalid")).isTrue();
    assertThat(driver.isShown("Showing the last valid solution")).isTrue();
    assertThat(driver.verdict()).isEmpty();
    assertThat(driver.isShown("From the table alone:")).isTrue();
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(driver.has(driver.find("count-2-2"), "invalid")).isFalse();
    assertThat(driver.verdict()).startsWith("Reject H₀");
  }

  @Test
  void aPastedTableIsTakenWithoutItsTotalsWhichCanBeKept() {
    driver.putOnClipboard(PASTED);
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(table().rows()).containsExactly("Almhütte", "Gipfelhaus", "Seehütte");
    assertThat(table().columns()).containsExactly("clear", "fog");
    assertThat(driver.isShown("are totals and were left out")).isTrue();
    assertThat(driver.isShown("121 entries")).isTrue();
    driver.press("notice-offer");
    assertThat(table().rows()).hasSize(4);
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table().rows()).containsExactly("Lake loop", "Gorge path", "Summit way");
  }

  @Test
  void aSingleValueOnTheClipboardStaysText() {
    driver.putOnClipboard("77");
    driver.click("count-1-1");
    driver.shortcut(KeyCode.CONTROL, KeyCode.A);
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(table().cells().getFirst().getFirst()).isEqualTo("77");
    assertThat(table().rows()).hasSize(3);
  }

  @Test
  void rowsAndColumnsComeAndGo() {
    driver.press("table-add-row");
    assertThat(driver.isShown("row 4, Spring is empty")).isTrue();
    for (int j = 1; j <= 3; j++) {
      driver.retype("count-4-" + j, KeyCode.DIGIT2, KeyCode.DIGIT0);
    }
    assertThat(driver.verdict()).startsWith("Reject H₀");
    assertThat(driver.isShown("χ²(6, N = 540)")).isTrue();
    driver.press("table-turn");
    assertThat(table().rows()).containsExactly("Spring", "Summer", "Autumn");
    driver.press("undo");
    driver.press("undo");
    driver.press("undo");
    driver.press("undo");
    driver.press("undo");
    assertThat(table()).isEqualTo(SolutionFile.demo().solution().table());
  }

  @Test
  void aSolutionWithoutDataAsksForThemAndComesAliveWithTheLastCount() {
    WindowDriver blank = WindowDriver.open(SolutionFile.blank(), folder.resolve("other"));
    assertThat(blank.isShown("Type the counts here, or paste a table.")).isTrue();
    assertThat(blank.isShown("Untitled solution")).isTrue();
    assertThat(blank.verdict()).isEmpty();
    blank.click("count-1-1");
    blank.type(KeyCode.DIGIT3, KeyCode.DIGIT0, KeyCode.TAB, KeyCode.DIGIT1, KeyCode.DIGIT2);
    blank.click("count-2-1");
    blank.type(KeyCode.DIGIT9, KeyCode.TAB, KeyCode.DIGIT2, KeyCode.DIGIT5);
    assertThat(blank.verdict()).startsWith("Reject H₀");
    assertThat(blank.find("count-2-2").isFocused()).isTrue();
    blank.close();
  }

  @Test
  void theReportLineAndTheTableCanBeReachedByKeysAlone() {
    driver.click("count-1-1");
    driver.type(KeyCode.DOWN, KeyCode.DOWN);
    driver.shortcut(KeyCode.CONTROL, KeyCode.A);
    driver.type(KeyCode.DIGIT5, KeyCode.DIGIT0, KeyCode.TAB);
    driver.type(KeyCode.DIGIT1, KeyCode.DIGIT0, KeyCode.DIGIT0);
    assertThat(table().cells().get(2)).startsWith("50").contains("100");
    assertThat(List.of(driver.find("hand-out"), driver.find("decimals"), driver.find("view-p")))
        .allMatch(Node::isFocusTraversable);
  }

  @Test
  void aRowIsGoneFromThePageAlsoWhereTheSameIsWrongAsBefore() {
    driver.fill("count-1-1", "many");
    assertThat(driver.has(driver.find("count-1-1"), "invalid")).isTrue();
    driver.press("table-add-row");
    driver.press("table-add-row");
    List<String> rows = driver.solution().table().rows();
    for (int row = rows.size(); row > 2; row--) {
      driver.pressNamed("Remove row " + row);
      assertThat(driver.solution().table().rows()).hasSize(row - 1);
    }
    assertThat(driver.isThere("count-3-1")).isFalse();
  }

  @Test
  void aTableIsKeyedInRowByRowAndEveryRowIsOneUndo() {
    Turn.run(() -> driver.desk().solution().begin(SolutionFile.blank()));
    for (String line : List.of("Spring Summer", "Lake loop 41 55", "Gorge path 38 64")) {
      driver.fill("key-in", line);
      driver.click("key-in");
      driver.type(KeyCode.ENTER);
    }
    assertThat(table().cells()).containsExactly(List.of("41", "55"), List.of("38", "64"));
    assertThat(table().columns()).containsExactly("Spring", "Summer");
    assertThat(driver.verdict()).isNotBlank();
    driver.fill("key-in", "Summit way 7");
    driver.click("key-in");
    driver.type(KeyCode.ENTER);
    assertThat(driver.isShown("ends in 1 counts where 2 are needed")).isTrue();
    Turn.run(() -> driver.desk().solution().undo());
    assertThat(table().cells()).containsExactly(List.of("41", "55"), List.of("", ""));
  }
}
