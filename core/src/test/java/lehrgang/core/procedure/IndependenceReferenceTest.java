package lehrgang.core.procedure;

import static lehrgang.core.ReferenceCases.close;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/// Every number of a two-way table against results computed with exact fractions elsewhere.
class IndependenceReferenceTest {
  static Stream<Arguments> cases() {
    return ReferenceCases.of("independence.json").stream()
        .map(node -> Arguments.of(node.get("name").asString(), node));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void everyNumberIsThatOfTheReference(String name, JsonNode reference) {
    List<List<Long>> counts = new ArrayList<>();
    reference
        .get("observed")
        .values()
        .forEach(row -> counts.add(row.values().stream().map(JsonNode::asLong).toList()));
    Derivation derivation = ReferenceCases.derive(ReferenceCases.table(counts));
    Evaluation values = derivation.exact();

    assertThat(values.of("n")).hasToString(reference.get("n").asString());
    assertThat(values.of("df")).hasToString(reference.get("df").asString());
    assertExact(values.of("X2"), reference.get("statistic"));
    for (int i = 1; i <= counts.size(); i++) {
      assertThat(values.of(LineId.of("R", i)))
          .hasToString(reference.get("rowTotals").get(i - 1).asString());
      for (int j = 1; j <= counts.getFirst().size(); j++) {
        assertExact(
            values.of(LineId.of("E", i, j)), reference.get("expected").get(i - 1).get(j - 1));
        assertExact(
            values.of(LineId.of("K", i, j)), reference.get("contributions").get(i - 1).get(j - 1));
      }
    }
    assertThat(values.of("p")).matches(p -> close(p, number(reference.get("p"))), "p");
    for (Map.Entry<String, JsonNode> critical : reference.get("critical").properties()) {
      Solution solution = ReferenceCases.solution(ReferenceCases.table(counts));
      Value found =
          ReferenceCases.derive(
                  solution.withChoices(solution.choices().withLevel(critical.getKey())))
              .exact()
              .of("crit");
      assertThat(found).matches(c -> close(c, number(critical.getValue())), critical.getKey());
    }
  }

  private static BigDecimal number(JsonNode node) {
    return new BigDecimal(node.get("value").asString());
  }

  private static void assertExact(Value value, JsonNode reference) {
    assertThat(value).hasToString(reference.get("exact").asString());
  }
}
