package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;
import lehrgang.core.data.TableEntry;
import lehrgang.desktop.InTheSample;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A table that a window does not show without scrolling: its fields come in two goes.
@InTheSample
class LongTableTest {
  private static final int SIZE = 20;

  @TempDir private Path folder;
  private WindowDriver driver;

  @BeforeEach
  void paste() {
    driver = WindowDriver.open(SolutionFile.demo(), folder.resolve("user"));
    String head =
        IntStream.rangeClosed(1, SIZE).mapToObj(j -> "gate " + j).collect(Collectors.joining("\t"));
    String rows =
        IntStream.rangeClosed(1, SIZE)
            .mapToObj(
                i ->
                    "\nday %d\t".formatted(i)
                        + IntStream.rangeClosed(1, SIZE)
                            .mapToObj(j -> Integer.toString(20 + i * j % 37))
                            .collect(Collectors.joining("\t")))
            .collect(Collectors.joining());
    driver.putOnClipboard("\t" + head + rows);
    driver.press("table-paste");
  }

  @AfterEach
  void close() {
    driver.close();
  }

  private TableEntry table() {
    return driver.solution().table();
  }

  @Test
  void theLastCountIsThereAndTakesTyping() {
    driver.fill("count-20-20", "77");
    assertThat(table().cells().getLast().getLast()).isEqualTo("77");
  }

  @Test
  void typingGoesOnInARowThatWasAdded() {
    addAndType("table-add-row");
    assertThat(table().rows()).hasSize(SIZE + 1).endsWith("fog");
  }

  @Test
  void typingGoesOnInAColumnThatWasAdded() {
    addAndType("table-add-column");
    assertThat(table().columns()).hasSize(SIZE + 1).endsWith("fog");
  }

  private void addAndType(String tool) {
    driver.press(tool);
    driver.shortcut(KeyCode.CONTROL, KeyCode.A);
    driver.type(KeyCode.F, KeyCode.O, KeyCode.G);
  }

  @Test
  void goingBackLeavesTheShortTableWhole() {
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table().rows()).containsExactly("Lake loop", "Gorge path", "Summit way");
    driver.retype("count-3-3", KeyCode.DIGIT9);
    assertThat(table().cells().getLast().getLast()).isEqualTo("9");
  }

  @Test
  void ofManyContributionsTheLargestAreShown() {
    assertThat(driver.isShown("The largest 30 of 400 contributions")).isTrue();
  }
}
