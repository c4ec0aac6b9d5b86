package lehrgang.core.procedure;

import static lehrgang.core.ReferenceCases.close;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import org.apache.commons.statistics.distribution.PoissonDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/// Fit to a Poisson or a binomial distribution, against results computed elsewhere with 160 digits:
/// tail areas by the series of the lower incomplete gamma function.
class NamedDistributionTest {
  private static Solution solution(List<Long> frequencies, String... settings) {
    Solution solution =
        ReferenceCases.solution("named-distribution", ReferenceCases.numbers(frequencies));
    Choices choices = solution.choices();
    for (String setting : settings) {
      String[] parts = setting.split("=", 2);
      choices =
          List.of("distribution", "classes", "conditions").contains(parts[0])
              ? choices.withOption(parts[0], parts[1])
              : choices.withTyped(parts[0], parts[1]);
    }
    return solution.withChoices(choices);
  }

  static Stream<JsonNode> cases() {
    return ReferenceCases.of("named-distribution.json").stream();
  }

  @ParameterizedTest
  @MethodSource("cases")
  void everyNumberIsThatOfTheReference(JsonNode reference) {
    boolean poisson = reference.get("law").asString().equals("poisson");
    List<Long> frequencies =
        reference.get("frequencies").values().stream().map(JsonNode::asLong).toList();
    Evaluation values =
        ReferenceCases.derive(
                solution(
                    frequencies,
                    "distribution=" + reference.get("law").asString(),
                    "classes=" + reference.get("classes").asString(),
                    (poisson ? "mean=" : "chance=") + reference.get("stated").asString(),
                    "each=" + reference.get("each").asString()))
            .exact();
    assertThat(reference.get("expect").properties())
        .hasSizeGreaterThan(8)
        .allSatisfy(
            expected -> {
              Value value = values.of(LineId.parse(expected.getKey()).orElseThrow());
              assertThat(value)
                  .matches(
                      v -> close(v, new BigDecimal(expected.getValue().asString())),
                      expected.toString());
            });
  }

  /// Numbers of deer, in an hour each, as many hours as the first frequency is odd.
  @Property(tries = 150)
  void whateverIsCountedTheProbabilitiesAddUpAndTheEndsAreLargeEnough(
      @ForAll @Size(min = 2, max = 12) List<@LongRange(max = 400) Long> frequencies,
      @ForAll boolean poisson,
      @ForAll @IntRange(max = 5) int further) {
    String law = poisson ? "poisson" : "binomial";
    Solution solution =
        solution(frequencies, "distribution=" + law, "each=" + (frequencies.size() - 1 + further));
    switch (Procedures.workAtOnce(solution)) {
      case Procedure.Refused(var problems) ->
          assertThat(problems)
              .isNotEmpty()
              .allSatisfy(
                  problem ->
                      assertThat(Wording.english().text(problem.sentence()))
                          .endsWith(".")
                          .doesNotContain("{"));
      case Procedure.Derived(var derivation) -> assertAddsUp(derivation, frequencies);
    }
  }

  private static void assertAddsUp(Derivation derivation, List<Long> frequencies) {
    Evaluation values = derivation.exact();
    BigDecimal one = values.of("P.sum").decimal();
    assertThat(one.subtract(BigDecimal.ONE).abs()).isLessThan(new BigDecimal("1e-25"));
    long n = frequencies.stream().mapToLong(Long::longValue).sum();
    assertThat(close(values.of("E.n"), BigDecimal.valueOf(n))).isTrue();
    List<Value> observed = new ArrayList<>();
    int classes = values.of("k").intValueExact();
    for (int j = 1; j <= classes; j++) {
      observed.add(values.of(LineId.of("O", j)));
    }
    assertThat(observed.stream().reduce(Value.ZERO, Value::plus)).isEqualTo(Value.of(n));
    assertThat(values.of(LineId.of("E", 1)).asDouble()).isGreaterThanOrEqualTo(5);
    assertThat(values.of(LineId.of("E", classes)).asDouble()).isGreaterThanOrEqualTo(5);
    assertThat(values.of("df").intValueExact()).isEqualTo(classes - 2);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "deer  | Row 2 is called “deer”: the classes are 0, 1, 2, … in order, so call it 1.",
        "2     | Row 2 is called “2”: the classes are 0, 1, 2, … in order, so call it 1.",
        "1+    | Row 2 is called “1+”: the classes are 0, 1, 2, … in order, so call it 1."
      })
  void aClassOutOfOrderIsNamed(String label, String sentence) {
    TableEntry table = ReferenceCases.numbers(List.of(20L, 30L, 15L, 5L)).withRowLabel(1, label);
    Procedure.Refused refused =
        (Procedure.Refused)
            Procedures.workAtOnce(ReferenceCases.solution("named-distribution", table));
    assertThat(refused.problems())
        .filteredOn(problem -> problem.place().equals(new Problem.RowLabel(1)))
        .extracting(problem -> Wording.english().text(problem.sentence()))
        .containsExactly(sentence);
  }

  @ParameterizedTest
  @CsvSource({"3", "3+", "3 or more", "≥ 3", ">=3", "at least 3", "3 and more"})
  void theLastClassMaySayThatItIsOpen(String label) {
    TableEntry table = ReferenceCases.numbers(List.of(40L, 30L, 15L, 9L)).withRowLabel(3, label);
    Derivation derivation =
        ReferenceCases.derive(ReferenceCases.solution("named-distribution", table));
    assertThat(derivation.exact().of("lambda")).isEqualTo(Value.ratio(87, 94));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "mean=0|λ is “0”",
        "mean=-2|λ is “-2”",
        "mean=x|λ is “x”",
        "distribution=binomial;chance=1|θ is “1”",
        "distribution=binomial;each=3|Trials are “3”: type a whole number from 4",
        "distribution=binomial;each=4.5|Trials are “4.5”"
      })
  void aParameterOutOfRangeIsSaid(String settings, String said) {
    Solution solution = solution(List.of(8L, 31L, 46L, 27L, 8L), settings.split(";"));
    Procedure.Refused refused = (Procedure.Refused) Procedures.workAtOnce(solution);
    assertThat(Wording.english().text(refused.problems().getFirst().sentence())).startsWith(said);
  }

  @Test
  void whereNothingButZeroWasSeenThereIsNothingToEstimate() {
    Procedure.Refused refused =
        (Procedure.Refused) Procedures.workAtOnce(solution(List.of(50L, 0L, 0L)));
    assertThat(Wording.english().text(refused.problems().getFirst().sentence()))
        .startsWith("Nothing but 0 was counted");
    assertThat(Procedures.workAtOnce(solution(List.of(50L, 0L, 0L), "mean=1")))
        .isInstanceOf(Procedure.Derived.class);
  }

  @Test
  void smallClassesCanBeTestedAsTheyWereRecordedAndThenMergingIsOffered() {
    Solution recorded = solution(List.of(109L, 65L, 22L, 3L, 1L), "classes=recorded");
    Page page = ReferenceCases.page(recorded, Audience.FULL);
    assertThat(page.shown(LineId.of("k")).text()).isEqualTo("5");
    assertThat(page.steps().toString()).contains("merge classes at the ends");
  }

  @Test
  void aStatedParameterCostsNoDegreeOfFreedom() {
    List<Long> deer = List.of(36L, 58L, 54L, 34L, 12L, 4L, 2L);
    Evaluation estimated = ReferenceCases.derive(solution(deer)).exact();
    Evaluation stated = ReferenceCases.derive(solution(deer, "mean=1.74")).exact();
    assertThat(stated.of("X2")).isEqualTo(estimated.of("X2"));
    assertThat(stated.of("df").minus(estimated.of("df"))).isEqualTo(Value.ONE);
  }

  /// The probability beyond the last class has all its digits, however small it is: 1 less the
  /// others would leave none.
  @ParameterizedTest
  @ValueSource(ints = {8, 12, 20, 27})
  void theOpenClassIsSummedFarOut(int classes) {
    List<Long> frequencies = new ArrayList<>(Collections.nCopies(classes, 0L));
    frequencies.set(0, 300L);
    frequencies.set(1, 99L);
    frequencies.set(classes - 1, 1L);
    Solution solution = solution(frequencies, "mean=0.25");
    Solution recorded = solution.withChoices(solution.choices().withOption("classes", "recorded"));
    double p = ReferenceCases.derive(recorded).exact().of(LineId.of("P", classes - 1)).asDouble();
    double library = PoissonDistribution.of(0.25).survivalProbability(classes - 2);
    assertThat(p / library).isCloseTo(1, within(1e-9));
  }
}
