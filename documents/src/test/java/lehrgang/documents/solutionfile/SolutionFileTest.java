package lehrgang.documents.solutionfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.cases.Classing;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DatePart;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.data.Checked;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.Progress;
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

  private static Recipe everyStep() {
    return new Recipe(
        List.of(
            new RecipeStep.Keep("map", RecipeStep.Test.IS_NOT, List.of("no", "unknown")),
            new RecipeStep.Rename("route", Map.of("lake loop", "Lake loop", "SUMMIT WAY", "")),
            new RecipeStep.Order("route", List.of("Summit way", "Lake loop")),
            new RecipeStep.Cut(
                "age",
                new Classing(
                    List.of(new BigDecimal("17.5"), new BigDecimal("40")),
                    Classing.Closed.RIGHT,
                    Classing.Ends.OPEN),
                "age class"),
            new RecipeStep.TakePart("date", DateOrder.YEAR_MONTH_DAY, DatePart.MONTH, "month"),
            new RecipeStep.Change("party size", "trend"),
            new RecipeStep.Combine("gate", "arrived by", "way in")),
        Recipe.Count.two("route", "age class"));
  }

  @Test
  void aCountedTableIsSavedWithItsRecordsAndItsRecipe() throws Exception {
    CaseFile register = CaseFile.detect(Path.of("../demo/register.csv"));
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Files.readString(Path.of("..", "docs", "solution.schema.json")));
    for (Checked<Origin> counted :
        List.of(
            register.count(everyStep(), Progress.NONE),
            register.countInFile(everyStep(), Progress.NONE))) {
      Origin origin = ((Checked.Good<Origin>) counted).data();
      SolutionFile file = demo.with(demo.solution().withOrigin(origin));
      assertThat(schema.validate(file.text(), InputFormat.JSON)).isEmpty();
      SolutionFile again = SolutionFile.parse(file.text(), "x");
      assertThat(again.solution()).isEqualTo(file.solution());
      SolutionFile typed = again.with(again.solution().withTable(again.solution().table()));
      assertThat(typed.text()).doesNotContain("\"records\"", "\"recipe\"", "\"counted\"");
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "\"does\": \"keep\"~\"does\": \"forget\"~forget",
        "\"test\": \"is-not\"~\"test\": \"sounds-like\"~sounds-like",
        "[17.5, 40]~[40, 17.5]~edges",
        "\"rows\": \"route\"~\"rows\": \"path\"~There is no column “path”"
      })
  void aRecipeThatCannotBeFollowedIsRefusedWithWhatIsWrong(String right, String wrong, String said)
      throws Exception {
    CaseFile register = CaseFile.detect(Path.of("../demo/register.csv"));
    Origin origin = ((Checked.Good<Origin>) register.count(everyStep(), Progress.NONE)).data();
    String text = demo.with(demo.solution().withOrigin(origin)).text();
    assertThat(text).contains(right);
    assertThatThrownBy(() -> SolutionFile.parse(text.replace(right, wrong), "x.lehrgang"))
        .isInstanceOf(FileProblem.class)
        .hasMessageStartingWith("x.lehrgang")
        .hasMessageContaining(said);
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
