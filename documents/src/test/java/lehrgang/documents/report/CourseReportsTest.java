package lehrgang.documents.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lehrgang.core.Sampled;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Text and data of the whole course, as a colleague's script or a reader of mails takes them.
@Sampled
class CourseReportsTest {
  static Stream<String> names() {
    return Demo.some().stream();
  }

  private static JsonNode json(Solution solution) {
    return JsonMapper.shared()
        .readTree(DerivationJson.of(solution, Demo.derivation(solution), List.of()));
  }

  @ParameterizedTest
  @MethodSource("names")
  void everyLineComesAfterItsInputsAndNoneIsNamedTwice(String name) {
    JsonNode lines = json(DemoCourse.open(name).solution()).get("lines");
    Set<String> before = new HashSet<>();
    for (JsonNode line : lines) {
      for (JsonNode input : line.get("inputs")) {
        assertThat(before).as("inputs of " + line.get("id")).contains(input.asString());
      }
      assertThat(before.add(line.get("id").asString())).as(line.get("id").asString()).isTrue();
      assertThat(line.get("step").asString()).isNotBlank();
      assertThat(line.get("label").asString()).isNotBlank();
    }
  }

  @ParameterizedTest
  @MethodSource("names")
  void aValueIsThatOfItsFractionAndWhatIsShownIsTheValueRounded(String name) {
    for (JsonNode line : json(DemoCourse.open(name).solution()).get("lines")) {
      if (line.get("value").isNull()) {
        continue;
      }
      BigDecimal value = new BigDecimal(line.get("value").asString());
      if (line.get("exact").isString()) {
        String[] parts = line.get("exact").asString().split("/");
        BigDecimal below = parts.length > 1 ? new BigDecimal(parts[1]) : BigDecimal.ONE;
        BigDecimal product = value.multiply(below);
        BigDecimal above = new BigDecimal(parts[0]);
        assertThat(product.subtract(above).abs())
            .as(line.toString())
            .isLessThanOrEqualTo(above.abs().multiply(new BigDecimal("1e-14")));
      }
      String shown = line.get("shown").asString().replace("−", "-").replace("\u2009", "");
      if (shown.matches("-?[0-9]+(\\.[0-9]+)?")) {
        BigDecimal printed = new BigDecimal(shown);
        BigDecimal half = new BigDecimal("0.5000001").movePointLeft(printed.scale());
        assertThat(value.subtract(printed).abs()).as(line.toString()).isLessThanOrEqualTo(half);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("names")
  void theDecisionIsThatOfItsLinesAndOfTheText(String name) {
    Solution solution = DemoCourse.open(name).solution();
    JsonNode json = json(solution);
    String decision = json.get("decision").asString();
    JsonNode line =
        json.get("lines")
            .valueStream()
            .filter(node -> node.get("id").asString().equals("decision"))
            .findFirst()
            .orElseThrow();
    assertThat(line.get("value").asString().startsWith("1")).isEqualTo(decision.equals("reject"));
    Derivation derivation = Demo.derivation(solution);
    String text = DerivationText.of(Page.of(solution, derivation, Audience.FULL));
    assertThat(text)
        .contains(decision.equals("reject") ? "H₀ is rejected" : "H₀ is not rejected")
        .doesNotContain(decision.equals("reject") ? "H₀ is not rejected" : "H₀ is rejected at");
    assertThat(json.get("conditions"))
        .allSatisfy(condition -> assertThat(condition.get("detail").asString()).isNotBlank());
  }
}
