package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Span;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Tests of shares: bounds that belong to a test, conditions of a stated difference, and what is
/// reported.
class SharesInWordsTest {
  private static Solution one(long successes, long trials, String claimed, String side) {
    Solution solution =
        ReferenceCases.solution(
            "one-proportion", ReferenceCases.shares(List.of(List.of(successes, trials))));
    return solution.withChoices(
        solution.choices().withTyped("claimed", claimed).withOption("alternative", side));
  }

  private static Solution two(long x1, long n1, long x2, long n2, String difference) {
    Solution solution =
        ReferenceCases.solution(
            "two-proportions", ReferenceCases.shares(List.of(List.of(x1, n1), List.of(x2, n2))));
    return solution.withChoices(solution.choices().withTyped("difference", difference));
  }

  private static Value value(Derivation derivation, String line) {
    return derivation.exact().find(LineId.of(line)).orElseThrow();
  }

  private static String text(Solution solution, String step) {
    return ReferenceCases.page(solution, Audience.FULL).steps().stream()
        .filter(one -> one.id().equals(step))
        .flatMap(one -> one.blocks().stream())
        .map(
            block ->
                switch (block) {
                  case PageBlock.Paragraph(_, var spans) -> Span.plain(spans);
                  case PageBlock.Remark(_, _, var spans) -> Span.plain(spans);
                  case PageBlock.Report(_, var report) -> report;
                  default -> "";
                })
        .collect(Collectors.joining("\n"));
  }

  /// A one-sided test rejects just those shares that lie beyond the bound beside it.
  private static Solution byApproximation(Solution solution) {
    return solution.withChoices(solution.choices().withOption("decides-binomial", "approximate"));
  }

  @Property(tries = 150)
  void theBoundAndTheTestNeverDisagree(
      @ForAll @IntRange(min = 0, max = 60) int successes,
      @ForAll @IntRange(min = 1, max = 60) int trials,
      @ForAll @IntRange(min = 1, max = 99) int percent,
      @ForAll boolean greater) {
    Assume.that(successes <= trials);
    Derivation derivation =
        ReferenceCases.derive(
            byApproximation(one(successes, trials, percent + " %", greater ? "greater" : "less")));
    double bound = value(derivation, "bound").asDouble();
    double claimed = percent / 100.0;
    Assume.that(Math.abs(bound - claimed) > 1e-9);
    boolean beyond = greater ? claimed < bound : claimed > bound;
    assertThat(value(derivation, "decision").signum() > 0).isEqualTo(beyond);
  }

  @Test
  void aTwoSidedTestHasNoBound() {
    Derivation derivation = ReferenceCases.derive(one(61, 100, "0.52", "two-sided"));
    assertThat(derivation.find(LineId.of("bound"))).isEmpty();
    assertThat(text(one(61, 100, "0.52", "greater"), "interval"))
        .contains("this interval is two-sided", "is at least 0.528");
  }

  /// The shares that H₀ states differ as it says and give as many successes as were seen.
  @Property(tries = 60)
  void theConditionsOfAStatedDifferenceComeFromSharesThatDifferSo(
      @ForAll @IntRange(min = 5, max = 80) int x1,
      @ForAll @IntRange(min = 5, max = 80) int x2,
      @ForAll @IntRange(min = 1, max = 30) int percent) {
    Derivation derivation = ReferenceCases.derive(two(x1, 100, x2, 150, percent + " %"));
    double first = value(derivation, "p.null1").asDouble();
    double second = value(derivation, "p.null2").asDouble();
    assertThat(first - second).isCloseTo(percent / 100.0, within(1e-12));
    assertThat(100 * first + 150 * second).isCloseTo(x1 + x2, within(1e-9));
    assertThat(value(derivation, "E.yes1").asDouble()).isCloseTo(100 * first, within(1e-9));
    assertThat(value(derivation, "E.no2").asDouble()).isCloseTo(150 * (1 - second), within(1e-9));
  }

  @Test
  void nothingIsPooledWhereADifferenceIsStated() {
    Solution stated = two(61, 100, 40, 100, "0.1");
    assertThat(text(stated, "conditions")).contains("the difference is 0.1");
    assertThat(text(stated, "interval")).doesNotContain("may pool");
    assertThat(text(two(61, 100, 40, 100, "0"), "conditions")).contains("pools the two samples");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0 | 40 | 25 | 44 | difference = −.568",
        "40 | 40 | 25 | 44 | difference = .432",
        "30 | 40 | 10 | 40 | p < .001"
      })
  void aReportLeavesTheZeroBeforeThePointOut(long x1, long n1, long x2, long n2, String reported) {
    assertThat(text(two(x1, n1, x2, n2, "0"), "conclusion")).contains(reported);
  }

  @Test
  void belowAThousandthIsSaidOfPAlone() {
    assertThat(text(one(0, 40, "0.3", "two-sided"), "conclusion"))
        .contains("p̂ = .000")
        .doesNotContain("share <");
  }

  @Test
  void walsIntervalOfSharesThatAllAgreeSaysNothing() {
    assertThat(text(one(20, 20, "0.8", "two-sided"), "interval")).contains("shrinks to a point");
    assertThat(text(one(19, 20, "0.8", "two-sided"), "interval"))
        .doesNotContain("shrinks to a point");
    assertThat(text(two(20, 20, 0, 30, "0"), "interval")).contains("shrinks to a point");
  }

  @Test
  void theAnswerNamesTheShares() {
    assertThat(text(two(61, 100, 40, 100, "0"), "conclusion"))
        .contains("greater for “gate 1” (0.610) than for “gate 2” (0.400)");
    Solution fourfold =
        ReferenceCases.solution(
            "independence", ReferenceCases.table(List.of(List.of(30L, 10L), List.of(20L, 40L))));
    assertThat(text(fourfold, "conclusion"))
        .containsPattern("is greater for .* \\(0.600\\) than for .* \\(0.200\\)");
  }

  @Test
  void anEmptyCellHasNoOddsRatioAndIsToldWhy() {
    Solution fourfold =
        ReferenceCases.solution(
            "independence", ReferenceCases.table(List.of(List.of(0L, 9L), List.of(5L, 9L))));
    Page page = ReferenceCases.page(fourfold, Audience.FULL);
    assertThat(text(fourfold, "closer-look")).contains("Adding ½ to every count");
    assertThat(page.has(LineId.of("OR"))).isFalse();
    assertThat(page.value(LineId.of("OR.half")).orElseThrow().asDouble())
        .isCloseTo(0.5 * 9.5 / (9.5 * 5.5), within(1e-12));
  }

  /// There are no half observations.
  @Property(tries = 40)
  void halfOfAnOddSampleIsRoundedDown(
      @ForAll @IntRange(min = 1, max = 40) int a, @ForAll @IntRange(min = 1, max = 40) int b) {
    Derivation derivation =
        ReferenceCases.derive(
            ReferenceCases.solution(
                "independence",
                ReferenceCases.table(List.of(List.of((long) a, 7L), List.of(9L, (long) b)))));
    long n = a + b + 16L;
    assertThat(value(derivation, "n.half").asDouble()).isEqualTo(n / 2);
    double statistic = value(derivation, "X2").asDouble();
    assertThat(value(derivation, "X2.half").asDouble())
        .isCloseTo(statistic * (n / 2) / n, within(1e-9));
  }
}
