package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javafx.scene.robot.Robot;
import lehrgang.desktop.Turn;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/// One run of the program in a real window on a real display: open, change, read the verdict off
/// the screen, save, quit. `.ci/run` starts it with `-Dlehrgang.window=true`.
@EnabledIfSystemProperty(named = "lehrgang.window", matches = "true")
class RealWindowTest {
  private static final Color REJECTION = Color.web("#B83A28");

  @TempDir private Path folder;

  @Test
  void theDemoIsOpenedChangedReadSavedAndLeft() throws Exception {
    Path file = folder.resolve("demo.lehrgang");
    SolutionFile.demo().save(file);
    WindowDriver driver =
        WindowDriver.open(SolutionFile.demo(), Optional.of(file), folder.resolve("user"));

    assertThat(driver.verdict()).isEqualTo("Reject H₀: route and season are associated");
    assertThat(rejectionOnScreen(driver)).isTrue();

    driver.retype("count-1-1", KeyCode.DIGIT3, KeyCode.DIGIT1);
    driver.retype("count-2-3", KeyCode.DIGIT4, KeyCode.DIGIT4);
    assertThat(driver.verdict()).isEqualTo("H₀ is not rejected");
    assertThat(rejectionOnScreen(driver)).isFalse();

    driver.shortcut(KeyCode.CONTROL, KeyCode.S);
    assertThat(Files.readString(file)).contains("[31, 55, 24]", "[38, 64, 44]");
    driver.close();
    assertThat(folder.resolve("user").resolve("journal")).isEmptyDirectory();
  }

  /// Whether the verdict is written in the colour of rejection, as the screen has it.
  private static boolean rejectionOnScreen(WindowDriver driver) {
    Node sentence = driver.find("verdict-sentence");
    WritableImage picture =
        Turn.call(
            () -> {
              Bounds bounds = sentence.localToScreen(sentence.getBoundsInLocal());
              return new Robot()
                  .getScreenCapture(
                      null,
                      bounds.getMinX(),
                      bounds.getMinY(),
                      bounds.getWidth(),
                      bounds.getHeight());
            });
    for (int y = 0; y < picture.getHeight(); y++) {
      for (int x = 0; x < picture.getWidth(); x++) {
        if (near(picture.getPixelReader().getColor(x, y))) {
          return true;
        }
      }
    }
    return false;
  }

  private static boolean near(Color color) {
    return Math.abs(color.getRed() - REJECTION.getRed()) < 0.08
        && Math.abs(color.getGreen() - REJECTION.getGreen()) < 0.08
        && Math.abs(color.getBlue() - REJECTION.getBlue()) < 0.08;
  }
}
