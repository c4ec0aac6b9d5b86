package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.scene.input.KeyCode;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import lehrgang.desktop.Turn;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/// A lesson on a machine with two screens. `.ci/run` starts it with `-Dlehrgang.screens=2`.
@EnabledIfSystemProperty(named = "lehrgang.screens", matches = "2")
class TwoScreensTest {
  @TempDir private Path folder;

  @Test
  void theLecturersWindowStandsOnTheOtherScreen() {
    WindowDriver driver = WindowDriver.open(DemoCourse.open("route-and-season"), folder);
    assertThat(Turn.call(() -> Screen.getScreens().size())).isEqualTo(2);
    driver.press("show");
    Window wall = driver.window().scene().getWindow();
    driver.await(() -> lecturers(wall).size() == 1);
    Stage ahead = (Stage) lecturers(wall).getFirst();
    driver.await(() -> screenOf(ahead).size() == 1);
    assertThat(screenOf(ahead)).doesNotContainAnyElementsOf(screenOf(wall));
    Rectangle2D other = screenOf(ahead).getFirst().getVisualBounds();
    assertThat(ahead.getWidth()).isGreaterThan(other.getWidth() * 0.9);

    driver.type(KeyCode.RIGHT, KeyCode.RIGHT);
    assertThat(Turn.call(() -> driver.window().faces().showing().at())).isEqualTo(2);
    driver.type(KeyCode.F);
    driver.await(() -> ((Stage) wall).isFullScreen());
    driver.type(KeyCode.ESCAPE);
    driver.await(() -> lecturers(wall).isEmpty());
    assertThat(Turn.call(((Stage) wall)::isFullScreen)).isFalse();
    driver.close();
  }

  private static List<Window> lecturers(Window wall) {
    return Window.getWindows().stream().filter(window -> window != wall).toList();
  }

  private static List<Screen> screenOf(Window window) {
    return Screen.getScreensForRectangle(
        window.getX() + window.getWidth() / 2, window.getY() + window.getHeight() / 2, 1, 1);
  }
}
