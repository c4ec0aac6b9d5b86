package lehrgang.documents.solutionfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Saving and loading: nothing is lost.
class SolutionFileTest {
  @TempDir private Path folder;

  private final SolutionFile demo = SolutionFile.demo();

  private Solution changed() {
    Solution solution = demo.solution();
    return solution
        .withTable(solution.table().withCell(1, 1, "6.4").withRowLabel(0, "Łąka “+” −\u202e🥾"))
        .withChoices(
            solution
                .choices()
                .withOption("story", "homogeneity")
                .withLevel("1 %")
                .withOnTheWay(Optional.of(2))
                .withDecimals(solution.choices().decimals().with(Kind.EXPECTED, 4)))
        .withStudentView("p", StudentView.LEFT_OUT)
        .withWording("statistic.how", "Add up.");
  }

  @Test
  void whatIsSavedLoadsAsItWas() throws Exception {
    Path file = folder.resolve("a.lehrgang");
    demo.with(changed()).save(file);
    assertThat(SolutionFile.load(file).solution()).isEqualTo(changed());
    assertThat(SolutionFile.parse(demo.text(), "demo").solution()).isEqualTo(demo.solution());
  }

  @Test
  void everySavedFileFitsTheSchema() throws IOException {
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Files.readString(Path.of("..", "docs", "solution.schema.json")));
    for (SolutionFile file : new SolutionFile[] {demo, demo.with(changed())}) {
      assertThat(schema.validate(file.text(), InputFormat.JSON)).isEmpty();
    }
    assertThat(schema.validate(demo.text().replace("\"0.05\"", "5"), InputFormat.JSON))
        .isNotEmpty();
  }

  @Test
  void aTableRowIsALineOfTheFile() {
    assertThat(demo.text()).contains("        [41, 55, 24],\n", "      \"rows\": [\"Lake loop\", ");
    assertThat(demo.text()).endsWith("}\n");
  }

  @Test
  void fieldsOfAnotherVersionSurvive() throws Exception {
    String foreign =
        demo.text()
            .replaceFirst("\\{", "{\n  \"markers\": {\"pen\": \"red\"},")
            .replace("\"source\"", "\"photo\": 7, \"source\"");
    SolutionFile file = SolutionFile.parse(foreign, "x");
    String again = file.with(changed()).text();
    assertThat(again).contains("\"pen\": \"red\"", "\"photo\": 7", "homogeneity");
  }

  @Test
  void savingKeepsTheVersionBeforeAndLeavesNothingElse() throws Exception {
    Path file = folder.resolve("a.lehrgang");
    demo.save(file);
    String before = Files.readString(file);
    demo.with(changed()).save(file);
    assertThat(folder.resolve("a.lehrgang~")).hasContent(before);
    try (var files = Files.list(folder)) {
      assertThat(files).hasSize(2);
    }
  }

  @Test
  void whereSavingFailsTheSentenceSaysWhy() {
    assertThatThrownBy(() -> demo.save(folder.resolve("missing").resolve("a.lehrgang")))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("could not be written")
        .hasMessageContaining("the folder does not exist");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{\"format\": \"lehrgang-solution/2\"}|was written by a newer version",
        "{\"format\": \"something\"}|is not a solution",
        "[1, 2]|holds no JSON object",
        "{\"format\": \"lehrgang-solution/1\",|is damaged in line 1",
        "{\"format\": \"lehrgang-solution/1\", \"procedure\": \"independence\"}|has no \"table\"",
        "{\"format\": \"lehrgang-solution/1\", \"data\": {\"table\": {\"rows\": [\"a\"],"
            + " \"columns\": [\"b\",\"c\"], \"counts\": [[1]]}}}|row 1 of \"counts\" has 1 numbers"
            + " where \"columns\" names 2"
      })
  void aFileThatCannotBeReadSaysWhatAndWhere(String text, String sentence) {
    assertThatThrownBy(() -> SolutionFile.parse(text, "a.lehrgang"))
        .isInstanceOf(FileProblem.class)
        .hasMessageStartingWith("a.lehrgang")
        .hasMessageContaining(sentence);
  }

  @Test
  void valuesOutOfRangeAreNamed() {
    assertThatThrownBy(
            () ->
                SolutionFile.parse(
                    demo.text().replace("\"decimals\": {}", "\"decimals\": {\"expected\": 77}"),
                    "a"))
        .hasMessageContaining("\"expected\" is 77");
    assertThatThrownBy(
            () -> SolutionFile.parse(demo.text().replace("\"one-worked\"", "\"half\""), "a"))
        .hasMessageContaining("\"half\"")
        .hasMessageContaining("use given, one-worked, blank or left-out");
  }

  @Test
  void aMissingFileIsSaidToBeMissing() {
    assertThatThrownBy(() -> SolutionFile.load(folder.resolve("none.lehrgang")))
        .hasMessageStartingWith("There is no file");
  }
}
