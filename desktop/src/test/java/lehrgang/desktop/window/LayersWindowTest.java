package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.InTheSample;
import lehrgang.desktop.Turn;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A third variable held fixed, in the window.
@InTheSample
class LayersWindowTest {
  @TempDir private Path folder;

  private WindowDriver driver;

  private void open(SolutionFile file) {
    driver = WindowDriver.open(file, folder);
  }

  @AfterEach
  void close() {
    driver.close();
  }

  private Solution solution() {
    return Turn.call(() -> driver.solution());
  }

  private List<String> steps() {
    return Turn.call(
        () ->
            driver.desk().worked().now().page().orElseThrow().steps().stream()
                .map(step -> step.id())
                .toList());
  }

  @Test
  void layersAreTypedAddedNamedAndWorkedOut() {
    open(SolutionFile.blank(Procedures.of("layers")));
    String[] counts = {"30", "10", "12", "28", "25", "12", "14", "24"};
    for (int k = 0; k < counts.length; k++) {
      driver.fill("count-" + (k / 2 + 1) + "-" + (k % 2 + 1), counts[k]);
    }
    assertThat(steps()).contains("pooled", "layers", "sums", "conclusion");
    driver.press("table-add-layer");
    assertThat(solution().table().layers()).containsExactly("stratum 1", "stratum 2", "stratum 3");
    assertThat(Turn.call(() -> driver.desk().worked().now().isCurrent())).isFalse();
    driver.fill("layer-3", "night hikes");
    for (int k = 0; k < 4; k++) {
      driver.fill("count-" + (k / 2 + 5) + "-" + (k % 2 + 1), Integer.toString(9 + k));
    }
    assertThat(Turn.call(() -> driver.desk().worked().now().isCurrent())).isTrue();
    assertThat(solution().table().layer(2).cells())
        .containsExactly(List.of("9", "10"), List.of("11", "12"));
    Turn.run(() -> driver.desk().solution().undo());
    Turn.settle();
    assertThat(solution().table().layer(2).cells().get(1)).containsExactly("11", "");
  }

  private static final String TITLED =
      """
      Summer
      arrived / map,map,no map
      before dark,90,110
      after dark,60,50
      Winter
      arrived / map,map,no map
      before dark,30,14
      after dark,70,41
      """;

  @Test
  void tablesInLayersArePastedAndCanBeTakenForSomethingElse() {
    open(SolutionFile.demo());
    driver.putOnClipboard(
        "half\tarrived\tmap\tno map\n"
            + "Summer\tbefore dark\t90\t110\n\tafter dark\t60\t50\n"
            + "Winter\tbefore dark\t30\t14\n\tafter dark\t70\t41\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(solution().procedure()).isEqualTo("layers");
    assertThat(solution().table().layers()).containsExactly("Summer", "Winter");
    assertThat(solution().table().layerVariable()).isEqualTo("half");
    assertThat(driver.isShown("Read as 2 tables of 2 × 2, one for each stratum.")).isTrue();
    driver.press("notice-offer");
    assertThat(solution().procedure()).isEqualTo("independence");
    assertThat(driver.isShown("stratified tables")).isTrue();
    driver.pressLabelled(Words.of("records.leave"));
    driver.putOnClipboard(TITLED);
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(solution().table().layer(1).cells())
        .containsExactly(List.of("30", "14"), List.of("70", "41"));
  }

  @Test
  void aFileOfTablesUnderTheirTitlesIsTakenAndOneThatIsNoneIsRefusedInItsPlace() throws Exception {
    open(SolutionFile.demo());
    Path titled = Files.writeString(folder.resolve("titled.csv"), TITLED);
    Turn.run(() -> driver.files().open(titled));
    Turn.settle();
    assertThat(solution().table().layers()).containsExactly("Summer", "Winter");
    Path register = Path.of("../demo/register.csv");
    Turn.run(() -> driver.files().open(register));
    Turn.settle();
    driver.pressLabelled(Words.of("records.kind.layers"));
    driver.press("records-go");
    assertThat(driver.isShown("No stratified tables were found")).isTrue();
    assertThat(solution().table().layers()).containsExactly("Summer", "Winter");
  }

  @Test
  void aThirdColumnIsChosenAndLetGoOnTheRecipe() {
    open(DemoCourse.open("register-map-by-season"));
    assertThat(steps()).contains("layers");
    driver.pick("recipe-layers", Words.of("records.layers.none"));
    assertThat(solution().procedure()).isEqualTo("independence");
    assertThat(solution().table().cells())
        .containsExactly(List.of("213", "304"), List.of("47", "45"));
    driver.pick("recipe-layers", "gate");
    assertThat(solution().procedure()).isEqualTo("layers");
    assertThat(solution().table().layerVariable()).isEqualTo("gate");
    assertThat(solution().origin()).isPresent();
    Turn.run(
        () -> {
          driver.desk().solution().undo();
          driver.desk().solution().undo();
        });
    Turn.settle();
    assertThat(solution()).isEqualTo(DemoCourse.open("register-map-by-season").solution());
  }
}
