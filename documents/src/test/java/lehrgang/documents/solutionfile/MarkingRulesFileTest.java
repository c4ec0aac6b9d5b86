package lehrgang.documents.solutionfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.MarkingRules.OwnSlip;
import lehrgang.core.solution.MarkingRules.Ruling;
import lehrgang.core.solution.Solution;
import lehrgang.documents.file.FileProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Rules of marking are kept with the solution.
class MarkingRulesFileTest {
  private static final Solution DEMO = DemoCourse.open("route-and-season").solution();

  private static final MarkingRules RULES =
      new MarkingRules(
          Map.of("X2", new BigDecimal("2.5")),
          Map.of(Kind.EXPECTED, 2),
          Map.of(Kind.P_VALUE, 3),
          new BigDecimal("0.5"),
          Map.of("df-cells", new BigDecimal("0.25")),
          List.of(
              new OwnSlip(
                  "own-1", "K[1,1]", new BigDecimal("1.0"), new BigDecimal("1.1"), "Twice.")),
          Map.of(
              "17-226",
              Map.of(
                  "df", new Ruling(Optional.of("right"), Optional.empty()),
                  "p", new Ruling(Optional.empty(), Optional.of(new BigDecimal("0.5"))),
                  "conclusion", new Ruling(Optional.empty(), Optional.of(new BigDecimal("1.5"))))),
          Map.of("17-226", "Well done."),
          Map.of("conclusion", new BigDecimal("2")),
          Map.of("17-226", Map.of("df", "8", "X2", "14,1")));

  @Test
  void theyComeBackAsTheyWere() throws Exception {
    String text = SolutionFile.fresh(DEMO.withMarking(RULES)).text();
    assertThat(SolutionFile.parse(text, "x").solution().marking()).isEqualTo(RULES);
    var schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Files.readString(Path.of("../docs/solution.schema.json")));
    assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
    assertThat(schema.validate(text.replace("\"coarse\": 0.5", "\"coarse\": 2"), InputFormat.JSON))
        .isNotEmpty();
  }

  @Test
  void usualRulesNeedNoWords() {
    assertThat(SolutionFile.fresh(DEMO).text()).doesNotContain("marking");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"coarse\": 0.5 | \"coarse\": 1.5 | credit is a proportion of the points, from 0 to 1",
        "\"X2\": 2.5 | \"X2\": -1 | points are 0 or more",
        "\"X2\": 2.5 | \"X2\": \"much\" | write a number",
        "\"expected\": 2 | \"expected\": 20 | decimals are a whole number from 0 to 10",
        "\"verdict\": \"right\" | \"verdict\": \"fine\" | use right, wrong or another verdict"
      })
  void whatIsNoRuleIsSaid(String good, String bad, String said) {
    String text = SolutionFile.fresh(DEMO.withMarking(RULES)).text();
    assertThat(text).contains(good);
    assertThatThrownBy(() -> SolutionFile.parse(text.replace(good, bad), "marks.lehrgang"))
        .isInstanceOf(FileProblem.class)
        .hasMessageStartingWith("marks.lehrgang: ")
        .hasMessageContaining(said);
  }
}
