package lehrgang.desktop.window;

import java.nio.file.Path;
import lehrgang.desktop.InTheSample;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/// A window with the demo on its page.
@InTheSample
abstract class WithTheDemo {
  @TempDir Path folder;

  WindowDriver driver;

  @BeforeEach
  void open() {
    driver = WindowDriver.open(SolutionFile.demo(), folder.resolve("user"));
  }

  @AfterEach
  void close() {
    driver.close();
  }
}
