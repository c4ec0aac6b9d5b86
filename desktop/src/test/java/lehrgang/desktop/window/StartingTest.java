package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import lehrgang.desktop.InTheSample;
import lehrgang.desktop.Turn;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Where a solution begins: files used last, the keyboard, what is dropped.
@InTheSample
class StartingTest {
  @TempDir private Path folder;
  private WindowDriver driver;

  @BeforeEach
  void open() {
    driver = WindowDriver.open(DemoCourse.open("route-and-season"), folder);
  }

  @AfterEach
  void close() {
    driver.close();
  }

  private boolean isAtStart() {
    return Turn.call(() -> driver.window().faces().isAtStart());
  }

  @Test
  void controlNLeadsToTheStartAndEscapeBack() {
    driver.click("count-1-1");
    driver.shortcut(KeyCode.CONTROL, KeyCode.N);
    assertThat(isAtStart()).isTrue();
    assertThat(driver.isShown("What do you want to know?")).isTrue();
    assertThat(driver.isShown("Nothing saved yet.")).isTrue();
    driver.type(KeyCode.ESCAPE);
    assertThat(isAtStart()).isFalse();
    assertThat(driver.solution()).isEqualTo(SolutionFile.demo().solution());
  }

  @Test
  void whatWasSavedStandsAmongTheFilesUsedLastWithTheLatestFirst() throws Exception {
    Path first = folder.resolve("huts.lehrgang");
    Path second = folder.resolve("gates.lehrgang");
    Turn.run(() -> driver.files().save(first));
    Turn.run(() -> driver.files().save(second));
    assertThat(new RecentFiles(folder).all()).containsExactly(second, first);
    Turn.run(() -> driver.files().open(first));
    assertThat(new RecentFiles(folder).all()).containsExactly(first, second);
    driver.press("start");
    assertThat(driver.isShown("huts.lehrgang")).isTrue();
    Files.delete(second);
    assertThat(new RecentFiles(folder).all()).containsExactly(first);
  }

  @Test
  void aDamagedListOfFilesCostsNothing() throws IOException {
    Files.writeString(folder.resolve("recent.txt"), "\u0000\nnot there\n");
    RecentFiles recent = new RecentFiles(folder);
    assertThat(recent.all()).isEmpty();
    recent.add(folder.resolve("recent.txt"));
    assertThat(recent.all()).isNotEmpty();
  }

  @Test
  void aDroppedTableBeginsASolutionAndADroppedSolutionOpens() throws Exception {
    Path table =
        Files.writeString(folder.resolve("t.csv"), "route,sunny,wet\nLake,40,12\nGorge,30,25\n");
    driver.press("start");
    Turn.run(() -> driver.files().open(table));
    driver.press("records-go");
    assertThat(isAtStart()).isFalse();
    assertThat(driver.solution().procedure()).isEqualTo("independence");
    assertThat(driver.solution().table().columns()).containsExactly("sunny", "wet");
    Path saved = folder.resolve("nest.lehrgang");
    DemoCourse.open("nest-boxes").save(saved);
    Turn.run(() -> driver.files().open(saved));
    assertThat(driver.verdict()).isEqualTo("Reject H₀: use and entrance are associated");
  }

  /// A picture goes below the question, with words for those who do not see it, and out again.
  @Test
  void aDroppedPictureGoesBelowTheQuestion() throws Exception {
    Path picture = folder.resolve("hut.png");
    ImageIO.write(new BufferedImage(90, 60, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
    Turn.run(() -> driver.files().open(picture));
    assertThat(driver.solution().question().picture()).isPresent();
    driver.retype("question-picture-said", KeyCode.H, KeyCode.U, KeyCode.T);
    assertThat(driver.solution().question().picture().orElseThrow().description()).isEqualTo("hut");
    driver.press("question-remove-picture");
    assertThat(driver.solution().question().picture()).isEmpty();
    assertThat(driver.find("question-add-picture").isVisible()).isTrue();
    Turn.run(driver.desk().solution()::undo);
    assertThat(driver.solution().question().picture()).isPresent();
    Path text = Files.writeString(folder.resolve("notes.png"), "no picture");
    Turn.run(() -> driver.files().open(text));
    assertThat(driver.isShown("notes.png is not a picture in PNG or JPEG")).isTrue();
  }

  @Test
  void everyExampleOpensAndShowsItsVerdict() {
    for (String name : DemoCourse.names()) {
      driver.press("start");
      driver.press("example-" + name);
      assertThat(driver.verdict()).as(name).containsPattern("Reject H₀|H₀ is not rejected");
      assertThat(driver.isShown(DemoCourse.open(name).solution().question().title())).isTrue();
    }
  }
}
