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
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.cases.Classing;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DatePart;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.ProcedureOption.OneOf;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.work.Progress;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.util.RawValue;

/// Saving and loading: nothing is lost.
class SolutionFileTest {
  @TempDir private Path folder;

  private final SolutionFile demo = SolutionFile.demo();

  private Solution changed() {
    Solution solution = demo.solution();
    return changed(
        solution.withTable(
            solution.table().withCell(1, 1, "6.4").withRowLabel(0, "Łąka “+” −\u202e🥾")));
  }

  private static Solution changed(Solution solution) {
    return solution
        .withChoices(
            solution
                .choices()
                .withOption("sampling", "homogeneity")
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
    Schema schema = schema();
    for (SolutionFile file : new SolutionFile[] {demo, demo.with(changed())}) {
      assertThat(schema.validate(file.text(), InputFormat.JSON)).isEmpty();
    }
    assertThat(schema.validate(demo.text().replace("\"0.05\"", "5"), InputFormat.JSON))
        .isNotEmpty();
  }

  static Stream<Arguments> everyValueOfEveryOption() {
    return Procedures.all().stream()
        .flatMap(
            procedure ->
                procedure.options().stream()
                    .filter(OneOf.class::isInstance)
                    .map(OneOf.class::cast)
                    .flatMap(
                        option ->
                            option.values().stream()
                                .map(value -> Arguments.of(procedure, option.id(), value))));
  }

  @ParameterizedTest
  @MethodSource("everyValueOfEveryOption")
  void theSchemaKnowsEveryProcedureAndEveryValueOfItsOptions(
      Procedure procedure, String option, String value) throws IOException {
    Solution blank = SolutionFile.blank(procedure).solution();
    SolutionFile file =
        SolutionFile.fresh(blank.withChoices(blank.choices().withOption(option, value)));
    assertThat(schema().validate(file.text(), InputFormat.JSON)).isEmpty();
    SolutionFile other =
        SolutionFile.fresh(blank.withChoices(blank.choices().withOption(option, "other")));
    assertThat(schema().validate(other.text(), InputFormat.JSON)).isNotEmpty();
  }

  private static Schema schema() throws IOException {
    return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
        .getSchema(Files.readString(Path.of("..", "docs", "solution.schema.json")));
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
    Schema schema = schema();
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
        "\"rows\": \"route\"~\"rows\": \"path\"~There is no column “path”",
        "\"into\": \"trend\"~\"unto\": \"trend\"~ends without \"into\"",
        "[17.5, 40]~[17.5, null]~\"edges\" contains a null",
        "[17.5, 40]~[17.5, 1e999999999]~give numbers of reasonable length",
        "[17.5, 40]~17.5~\"edges\" should be a list",
        "\"test\": \"is-not\"~\"test\": \"at-least\"~give one number"
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

  /// A field of another version, with numbers that no arithmetic would write so, in every object.
  private static void addEverywhere(JsonNode node, List<ObjectNode> objects) {
    node.values().forEach(inner -> addEverywhere(inner, objects));
    if (node instanceof ObjectNode object) {
      objects.add(object);
    }
  }

  /// Which version changed a solution last stands in its file, once, and nobody signs what they
  /// only opened.
  @Test
  void aChangedSolutionSaysWhichVersionWroteIt() throws Exception {
    String opened = demo.text().replaceFirst(",", ", \"writtenBy\": \"Lehrgang 0.9\",");
    SolutionFile file = SolutionFile.parse(opened, "x");
    assertThat(Binding.JSON.readTree(file.text()).path("writtenBy").asString())
        .isEqualTo("Lehrgang 0.9");
    String changed =
        file.with(file.solution().withQuestion(file.solution().question().withTitle("Other")))
            .text();
    assertThat(Binding.JSON.readTree(changed).path("writtenBy").asString())
        .matches("Lehrgang \\d+\\.\\d+\\.\\d+.*");
    assertThat(changed.split("writtenBy")).hasSize(2);
    assertThat(schema().validate(changed, InputFormat.JSON)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"typed", "kept", "in-file"})
  void fieldsOfAnotherVersionSurviveInEveryObjectDigitByDigit(String sort) throws Exception {
    String text = ofSort(sort).with(changed(ofSort(sort).solution())).text();
    ObjectNode document = (ObjectNode) Binding.JSON.readTree(text);
    List<ObjectNode> objects = new ArrayList<>();
    addEverywhere(document, objects);
    List<String> plainMaps = List.of("names", "format", "values");
    for (int i = 0; i < objects.size(); i++) {
      ObjectNode object = objects.get(i);
      boolean plain =
          plainMaps.stream()
              .anyMatch(
                  map -> document.findParents(map).stream().anyMatch(p -> p.get(map) == object));
      if (!plain) {
        object.set(
            "pen" + i, Binding.JSON.getNodeFactory().pojoNode(new RawValue("[1.50e+3, -0]")));
      }
    }
    String foreign = JsonLayout.of(document);
    SolutionFile file = SolutionFile.parse(foreign, "x");
    assertThat(file.text()).isEqualTo(foreign);
    String again =
        file.with(
                file.solution()
                    .withQuestion(file.solution().question().withTitle("Other"))
                    .withChoices(file.solution().choices().withLevel("0.01")))
            .text();
    assertThat(again)
        .contains("\"title\": \"Other\"", "\"alpha\": \"0.01\"")
        .doesNotContain(demo.solution().question().title());
    assertThat(again.split("1.50e\\+3, -0")).hasSameSizeAs(foreign.split("1.50e\\+3, -0"));
  }

  private SolutionFile ofSort(String sort) throws Exception {
    if (sort.equals("typed")) {
      return demo;
    }
    CaseFile register = CaseFile.detect(Path.of("../demo/register.csv"));
    Checked<Origin> counted =
        sort.equals("kept")
            ? register.count(everyStep(), Progress.NONE)
            : register.countInFile(everyStep(), Progress.NONE);
    return demo.with(demo.solution().withOrigin(((Checked.Good<Origin>) counted).data()));
  }

  @Test
  void aForeignFieldStaysWithItsStepWhenAnotherStepGoes() throws Exception {
    SolutionFile kept = ofSort("kept");
    String foreign =
        kept.text()
            .replace("\"does\": \"order\"", "\"does\": \"order\", \"note\": \"north first\"");
    SolutionFile file = SolutionFile.parse(foreign, "x");
    Origin origin = file.solution().origin().orElseThrow();
    Recipe fewer = origin.recipe().withoutStep(0);
    Origin changed =
        ((Checked.Good<Origin>) Origin.count((Records.Kept) origin.records(), fewer)).data();
    JsonNode steps =
        Binding.JSON
            .readTree(file.with(file.solution().withOrigin(changed)).text())
            .at("/data/recipe/steps");
    assertThat(steps).hasSize(6);
    assertThat(steps.valueStream().filter(step -> step.has("note")))
        .singleElement()
        .satisfies(step -> assertThat(step.path("does").asString()).isEqualTo("order"));
  }

  @Test
  void anOptionUnderAnOldNameIsSavedUnderItsNewOne() throws Exception {
    SolutionFile old =
        SolutionFile.parse(
            demo.text()
                .replace("\"alpha\": \"0.05\"", "\"alpha\": \"0.05\", \"enough\": \"at-least-5\""),
            "x");
    assertThat(old.solution().choices().options()).containsEntry("conditions", "every-5");
    assertThat(old.text()).contains("\"conditions\": \"every-5\"").doesNotContain("\"enough\"");
  }

  @Test
  void aByteOrderMarkAtTheHeadIsPassedOver() throws Exception {
    Path file = folder.resolve("marked.lehrgang");
    Files.writeString(file, "\uFEFF" + demo.text());
    assertThat(SolutionFile.load(file).solution()).isEqualTo(demo.solution());
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
            + " where \"columns\" names 2",
        "{\"format\": \"lehrgang-solution/1\", \"data\": {}, \"data\": {}}|line 1: \"data\" occurs"
            + " twice",
        "{\"format\": \"lehrgang-solution/1\", \"question\": {\"title\": [1]}}|line 1: \"title\""
            + " should be a text",
        "{\"format\": \"lehrgang-solution/1\", \"data\": {\"table\": {\"rows\": [\"a\"],"
            + " \"columns\": [\"b\"], \"counts\": [[[]]]}}}|has [], which is not a count",
        "{\"format\": \"lehrgang-solution/1\", \"data\": {\"table\": {\"form\": \"three-way\"}}}|"
            + "\"form\" is \"three-way\"; use two-way, frequencies, shares or layers"
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

  @Test
  void whatIsFarTooDeepOrFarTooLargeIsSaidAtOnce() {
    String text = SolutionFile.demo().text();
    String deep = text.replaceFirst("\\{", "{ \"pen\": " + "[".repeat(480) + "]".repeat(480) + ",");
    assertThatThrownBy(() -> SolutionFile.parse(deep, "deep.lehrgang"))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("nested more than 200 deep");
    List<List<String>> counts = Collections.nCopies(300, Collections.nCopies(300, "7"));
    List<String> labels = IntStream.range(0, 300).mapToObj(k -> "class " + k).toList();
    Solution large =
        SolutionFile.demo()
            .solution()
            .withTable(new TableEntry("route", "season", labels, labels, counts));
    String huge = SolutionFile.fresh(large).text();
    assertThatThrownBy(() -> SolutionFile.parse(huge, "huge.lehrgang"))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("has a table of 300 rows and 300 columns");
  }

  /// What the schema asks for and a file lacks is said, with what stands in its place.
  @Test
  void whatAFileLacksIsSaid() throws Exception {
    String text = SolutionFile.demo().text();
    assertThat(SolutionFile.parse(text, "a").assumed()).isEmpty();
    String without = text.replace("\"alpha\"", "\"beta\"").replace("\"language\"", "\"tongue\"");
    assertThat(SolutionFile.parse(without, "a").assumed())
        .containsExactly(
            "The file has no readable \"alpha\"; used instead: 0.05.",
            "The file has no readable \"language\"; used instead: en.");
  }

  /// Whatever stands where a text or a number belongs, it is named and never left out in silence.
  @ParameterizedTest
  @ValueSource(strings = {"null", "[null]", "true", "{}", "[\"a\"]", "{\"a\": 1}"})
  void whatIsNoTextIsRefusedInASentence(String value) {
    String text = SolutionFile.demo().text();
    for (String[] change :
        new String[][] {
          {"\"alpha\": \"0.05\"", "\"alpha\": \"0.05\", \"sampling\": " + value, "sampling"},
          {
            "\"wording\": {}",
            "\"wording\": {\"closer-look.pairs\": " + value + "}",
            "closer-look.pairs"
          },
          {
            "\"choices\": {",
            "\"course\": {\"symbols\": {\"sample-size\": " + value + "}}, \"choices\": {",
            "sample-size"
          },
          {"\"students\": {", "\"students\": {\"data\": " + value + ", ", "data"}
        }) {
      String changed = text.replace(change[0], change[1]);
      assertThat(changed).isNotEqualTo(text);
      assertThatThrownBy(() -> SolutionFile.parse(changed, "a"))
          .as(change[1])
          .isInstanceOf(FileProblem.class)
          .hasMessageStartingWith("a")
          .hasMessageContaining(change[2]);
    }
  }
}
