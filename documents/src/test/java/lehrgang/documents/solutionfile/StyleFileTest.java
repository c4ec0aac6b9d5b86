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
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.notation.Symbols;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.CourseStyle;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StepNotes;
import lehrgang.core.solution.StudyDesign;
import lehrgang.documents.file.FileProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// A course's style in a file of its own, and in the file of a solution.
class StyleFileTest {
  @TempDir private Path folder;

  private static Course course(StepOrder order) {
    return new Course(
        Map.of("statistic.how", "Add up {n}.", "step.expected", "What we expect"),
        order,
        Symbols.usual().with(Symbols.Meaning.DEGREES_OF_FREEDOM, Symbols.Written.NU));
  }

  private static CourseStyle style(StepOrder order) {
    return new CourseStyle(
        course(order),
        "1 %",
        Map.of("conditions", "fifth-5"),
        Decimals.usual().with(Kind.EXPECTED, 1),
        Optional.of(3),
        SheetChoices.usual().withHead("Statistics 1", "", ""),
        MarkingRules.usual()
            .withDigits(Kind.P_VALUE, Optional.of(3))
            .withPart("df-cells", Optional.of(new BigDecimal("0.5"))),
        Optional.of(StudyDesign.NOT_RANDOM));
  }

  @Test
  void whatIsKeptIsThereAgain() throws Exception {
    Path file = folder.resolve("course.lehrgang-style");
    for (StepOrder order :
        List.of(
            new StepOrder.AsWorked(),
            new StepOrder.RuleFirst(),
            new StepOrder.Own(List.of("question", "data", "critical")))) {
      StyleFile.fresh(style(order)).save(file);
      assertThat(StyleFile.load(file).style()).isEqualTo(style(order));
      assertThat(schema("style").validate(Files.readString(file), InputFormat.JSON)).isEmpty();
    }
  }

  @Test
  void titlesStandWithTheOrderOfTheSteps() {
    assertThat(StyleFile.fresh(style(new StepOrder.RuleFirst())).text())
        .contains("\"order\": \"rule-first\"")
        .contains("\"expected\": \"What we expect\"")
        .doesNotContain("step.expected");
    assertThat(StyleFile.fresh(CourseStyle.usual()).text())
        .isEqualToIgnoringWhitespace("{\"format\": \"lehrgang-style/1\"}");
  }

  @Test
  void whatThisVersionDoesNotKnowSurvives() throws FileProblem {
    String text =
        """
        {"format": "lehrgang-style/1", "wording": {"p.even": "Short."},
         "marking": {"halfPoints": true}, "steps": {"order": "rule-first", "icons": "none"}}
        """;
    StyleFile read = StyleFile.parse(text, "other.lehrgang-style");
    assertThat(read.with(style(new StepOrder.AsWorked())).text())
        .contains("\"halfPoints\": true")
        .contains("\"icons\": \"none\"")
        .contains("\"What we expect\"")
        .doesNotContain("Short.");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          {"format": "lehrgang-solution/1"} | is not a course style
          {"format": "lehrgang-style/2"} | written by a newer version
          {"format": "lehrgang-style/1", "steps": {"order": "backwards"}} | "order" is backwards; use "as-worked", "rule-first" or a list
          {"format": "lehrgang-style/1", "symbols": {"counts": "X, Y"}} | "counts" is "X, Y"; use O, E or f_o, f_e
          {"format": "lehrgang-style/1", "decimals": {"expected": 99}} | decimals are a whole number from 0
          {"format": "lehrgang-style/1", "wording": 3} | "wording"
          {"format": | line 1
          """)
  void whatIsWrongIsSaidInASentence(String text, String said) {
    assertThatThrownBy(() -> StyleFile.parse(text, "my.lehrgang-style"))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("my.lehrgang-style")
        .hasMessageContaining(said);
  }

  @Test
  void aSolutionKeepsItsCourseAndItsNotes() throws Exception {
    Solution own =
        SolutionFile.demo()
            .solution()
            .withCourse(course(new StepOrder.RuleFirst()))
            .withNotes("expected", new StepNotes("Margins *first*.", "Row by row.", ""));
    String text = SolutionFile.demo().with(own).text();
    assertThat(SolutionFile.parse(text, "a.lehrgang").solution()).isEqualTo(own);
    assertThat(schema("solution").validate(text, InputFormat.JSON)).isEmpty();
    assertThat(
            schema("solution").validate(text.replace("rule-first", "backwards"), InputFormat.JSON))
        .isNotEmpty();
    assertThat(SolutionFile.demo().text()).doesNotContain("\"course\"", "\"notes\"");
  }

  private static Schema schema(String name) throws IOException {
    return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
        .getSchema(Files.readString(Path.of("..", "docs", name + ".schema.json")));
  }

  /// A sentence is said as it is written, and what would be left open on a sheet is refused.
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "hypotheses.null.independence|~|is blank",
        "hypotheses.null.independence|All is well {sometimes}|has {sometimes}, which has no value",
        "hypotheses.null.independence|{rows is open|has {, which has no value"
      })
  void aSentenceThatCannotBePrintedIsRefused(String key, String sentence, String said) {
    String text =
        "{\"format\": \"lehrgang-style/1\", \"wording\": {\"%s\": \"%s\"}}"
            .formatted(key, sentence.replace("~", ""));
    assertThatThrownBy(() -> StyleFile.parse(text, "course.lehrgang-style"))
        .isInstanceOf(FileProblem.class)
        .hasMessageStartingWith("course.lehrgang-style: the sentence")
        .hasMessageContaining(said);
  }
}
