package lehrgang.core.procedure;

import static lehrgang.core.ReferenceCases.close;
import static lehrgang.core.ReferenceCases.number;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/// Fit, proportions, pairs and the exact test against results computed with exact fractions
/// elsewhere.
class ProcedureReferenceTest {
  static Stream<JsonNode> fits() {
    return ReferenceCases.of("goodness-of-fit.json").stream();
  }

  static Stream<JsonNode> shares() {
    return ReferenceCases.of("one-proportion.json").stream();
  }

  static Stream<JsonNode> pairsOfShares() {
    return ReferenceCases.of("two-proportions.json").stream();
  }

  static Stream<JsonNode> pairs() {
    return ReferenceCases.of("matched-pairs.json").stream();
  }

  static Stream<JsonNode> smallTables() {
    return ReferenceCases.of("fisher.json").stream();
  }

  private static void assertIs(Value value, JsonNode reference) {
    if (reference.has("exact")) {
      assertThat(value).hasToString(reference.get("exact").asString());
    } else {
      assertThat(value).matches(v -> close(v, number(reference)), "close to " + reference);
    }
  }

  private static Evaluation with(Solution solution, String alternative) {
    return ReferenceCases.derive(
            solution.withChoices(solution.choices().withOption("alternative", alternative)))
        .exact();
  }

  private static List<Long> longs(JsonNode list) {
    return list.values().stream().map(JsonNode::asLong).toList();
  }

  @ParameterizedTest
  @MethodSource("fits")
  void everyNumberOfAFit(JsonNode reference) {
    List<String> weights =
        reference.get("weights").values().stream().map(JsonNode::asString).toList();
    List<Long> counts = longs(reference.get("observed"));
    Solution solution =
        ReferenceCases.solution("goodness-of-fit", ReferenceCases.frequencies(counts, weights));
    Evaluation values =
        ReferenceCases.derive(
                solution.withChoices(solution.choices().withOption("shares", "rescaled")))
            .exact();
    for (int i = 1; i <= counts.size(); i++) {
      assertIs(values.of(LineId.of("s", i)), reference.get("share").get(i - 1));
      assertIs(values.of(LineId.of("E", i)), reference.get("expected").get(i - 1));
      assertIs(values.of(LineId.of("K", i)), reference.get("contributions").get(i - 1));
    }
    assertIs(values.of("X2"), reference.get("statistic"));
    assertThat(values.of("df")).hasToString(reference.get("df").asString());
    assertIs(values.of("p"), reference.get("p"));
  }

  @ParameterizedTest
  @MethodSource("shares")
  void everyNumberOfOneShare(JsonNode reference) {
    Solution solution =
        ReferenceCases.solution(
            "one-proportion",
            ReferenceCases.shares(
                List.of(List.of(reference.get("x").asLong(), reference.get("n").asLong()))));
    Solution claimed =
        solution.withChoices(
            solution.choices().withTyped("claimed", reference.get("p0").asString()));
    Evaluation values = with(claimed, reference.get("alternative").asString());
    assertIs(values.of("phat"), reference.get("phat"));
    assertIs(values.of("SE0"), reference.get("SE0"));
    assertIs(values.of("z"), reference.get("z"));
    assertIs(values.of("p"), reference.get("p"));
    assertIs(values.of("p.exact"), reference.get("exact"));
  }

  @ParameterizedTest
  @MethodSource("pairsOfShares")
  void everyNumberOfTwoShares(JsonNode reference) {
    Solution solution =
        ReferenceCases.solution(
            "two-proportions",
            ReferenceCases.shares(
                List.of(
                    List.of(reference.get("x1").asLong(), reference.get("n1").asLong()),
                    List.of(reference.get("x2").asLong(), reference.get("n2").asLong()))));
    Evaluation values = with(solution, reference.get("alternative").asString());
    Map.of(
            "p1", "p1", "p2", "p2", "pooled", "pooled", "SE0", "SE0", "z", "z", "p", "p", "diff",
            "diff", "SE", "SE", "ci.low", "lower", "ci.high", "upper")
        .forEach((id, name) -> assertIs(values.of(id), reference.get(name)));
  }

  @ParameterizedTest
  @MethodSource("pairs")
  void everyNumberOfMatchedPairs(JsonNode reference) {
    Evaluation values =
        ReferenceCases.derive(
                ReferenceCases.solution(
                    "matched-pairs",
                    ReferenceCases.pairs(
                        10, reference.get("b").asLong(), reference.get("c").asLong(), 12)))
            .exact();
    Map.of("X2", "X2", "X2.cc", "X2cc", "p", "p", "p.cc", "pcc", "p.exact", "exact")
        .forEach((id, name) -> assertIs(values.of(id), reference.get(name)));
  }

  @ParameterizedTest
  @MethodSource("smallTables")
  void everyNumberOfTheExactTest(JsonNode reference) {
    Solution solution =
        ReferenceCases.solution(
            "fisher",
            ReferenceCases.table(
                reference.get("table").values().stream()
                    .map(ProcedureReferenceTest::longs)
                    .toList()));
    Map.of("two-sided", "two", "less", "less", "greater", "greater")
        .forEach(
            (alternative, name) ->
                assertIs(with(solution, alternative).of("p"), reference.get(name)));
    Evaluation values = with(solution, "two-sided");
    assertThat(values.of("a.min")).hasToString(reference.get("smallest").asString());
    assertThat(values.of("a.max")).hasToString(reference.get("largest").asString());
    for (Map.Entry<String, JsonNode> entry : reference.get("probabilities").properties()) {
      assertIs(values.of(LineId.of("P", Integer.parseInt(entry.getKey()))), entry.getValue());
    }
  }
}
