package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.data.Checked;
import lehrgang.core.derivation.Change;
import lehrgang.core.work.Progress;
import lehrgang.desktop.Turn;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;

/// Records that are too many to stay with the solution: they stay in their file.
class RecordsInFileTest extends WithTheDemo {
  private static final Path REGISTER = Path.of("../demo/register.csv");

  private void open(Path file) {
    Turn.run(() -> driver.files().open(file));
    Turn.settle();
  }

  private void show(Path csv, Recipe recipe) throws Exception {
    Origin counted =
        ((Checked.Good<Origin>) CaseFile.detect(csv).countInFile(recipe, Progress.NONE)).data();
    SolutionFile blank = SolutionFile.blank();
    Turn.run(
        () -> driver.desk().solution().begin(blank.with(blank.solution().withOrigin(counted))));
    Turn.settle();
  }

  /// Only on the interface thread.
  private String preview() {
    return ((Label) driver.window().scene().getRoot().lookup("#recipe-preview")).getText();
  }

  private String shownPreview() {
    return Turn.call(this::preview);
  }

  /// Only on the interface thread.
  private boolean isOffered(String value) {
    return driver.window().scene().getRoot().lookupAll(".check-box").stream()
        .anyMatch(box -> value.equals(box.getUserData()));
  }

  /// 6 000 records, and the last of them on a route that none of the first 5 000 has.
  private Path longFile() throws Exception {
    String lines =
        IntStream.range(0, 6000)
            .mapToObj(
                i ->
                    (i >= 5990 ? "Rim trail" : i % 3 == 0 ? "Lake loop" : "Gorge path")
                        + (i % 2 == 0 ? ",yes" : ",no"))
            .collect(Collectors.joining("\n", "route,map\n", "\n"));
    return Files.writeString(folder.resolve("long.csv"), lines);
  }

  @Test
  void aStepIsPreviewedOnTheFirstRecordsAndThenOnTheWholeFile() throws Exception {
    show(longFile(), new Recipe(List.of(), Recipe.Count.two("route", "map")));
    driver.addStep("merge");
    driver.await(() -> isOffered("Rim trail"));
    driver.tick("Lake loop");
    driver.tick("Gorge path");
    TextInputControl name = (TextInputControl) driver.find("recipe-name");
    String first =
        Turn.call(
            () -> {
              name.setText("on the valley floor");
              return preview();
            });
    assertThat(first)
        .contains("Of the first 5000 records:")
        .contains("5000 records")
        .contains("The table will have 1 × 2");
    driver.await(() -> !preview().contains("first"));
    assertThat(shownPreview())
        .contains("5990 records")
        .contains("2 × 2 cells, with 6000 records counted");
    assertThat(driver.origin().recipe().steps()).isEmpty();
    driver.press("recipe-apply");
    driver.await(() -> driver.solution().origin().orElseThrow().recipe().steps().size() == 1);
    assertThat(driver.origin().tally().table().rows())
        .containsExactlyInAnyOrder("on the valley floor", "Rim trail");
  }

  @Test
  void whatAFormIsFilledInWithLastIsWhatThePreviewSays() throws Exception {
    show(longFile(), new Recipe(List.of(), Recipe.Count.two("route", "map")));
    driver.addStep("keep");
    driver.await(() -> isOffered("Rim trail"));
    driver.tick("Lake loop");
    driver.tick("Rim trail");
    driver.await(() -> !preview().isEmpty() && !preview().contains("first"));
    assertThat(shownPreview()).contains("with 2007 records counted");
  }

  @Test
  void aFileOfRecordsThatChangedIsSaidWhenItsSolutionIsOpened() throws Exception {
    Path csv = Files.copy(REGISTER, folder.resolve("register.csv"));
    Recipe recipe = new Recipe(List.of(), Recipe.Count.two("gate", "map"));
    Origin counted =
        ((Checked.Good<Origin>) CaseFile.detect(csv).countInFile(recipe, Progress.NONE)).data();
    Path saved = folder.resolve("far.lehrgang");
    SolutionFile demo = SolutionFile.demo();
    demo.with(demo.solution().withOrigin(counted)).save(saved);
    Files.writeString(csv, Files.readString(csv).replace(",Mill Gate,", ",Lake Gate,"));
    open(saved);
    driver.await(() -> !driver.desk().notices().now().offers().isEmpty());
    assertThat(driver.isShown("register.csv has changed since its records were counted")).isTrue();
    assertThat(driver.origin()).isEqualTo(counted);
    driver.press("notice-offer");
    driver.await(() -> !driver.solution().origin().orElseThrow().equals(counted));
    assertThat(driver.origin().tally().table().rows()).doesNotContain("Mill Gate");
    Files.delete(csv);
    open(saved);
    driver.await(() -> driver.desk().notices().now().sentence().contains("no longer"));
    assertThat(driver.isShown("is no longer at")).isTrue();
  }

  @Test
  void recordsInAFileStayWithTheSolutionWhateverThePageOffers() throws Exception {
    Path csv = Files.copy(REGISTER, folder.resolve("register.csv"));
    Recipe recipe = new Recipe(List.of(), Recipe.Count.two("before dark", "map"));
    Origin counted =
        ((Checked.Good<Origin>) CaseFile.detect(csv).countInFile(recipe, Progress.NONE)).data();
    SolutionFile blank = SolutionFile.blank();
    Turn.run(
        () -> driver.desk().solution().begin(blank.with(blank.solution().withOrigin(counted))));
    driver.pressLabelled("test for two proportions");
    driver.await(() -> driver.solution().procedure().equals("two-proportions"));
    assertThat(driver.origin().recipe().count().form()).isEqualTo(Recipe.Form.SHARES);
    assertThat(driver.origin().records()).isEqualTo(counted.records());
    assertThat(driver.solution().table().cells())
        .containsExactly(List.of("213", "260"), List.of("304", "349"));
    Turn.run(driver.desk().solution()::undo);
    assertThat(driver.origin()).isEqualTo(counted);
    Turn.run(() -> driver.desk().counting().make(new Change.MergeRows(0)));
    driver.await(() -> driver.solution().origin().orElseThrow().recipe().steps().size() == 1);
    assertThat(driver.origin().tally().table().rows()).hasSize(1);
    assertThat(driver.isShown("The counts come from the 612 records of register.csv")).isTrue();
  }
}
