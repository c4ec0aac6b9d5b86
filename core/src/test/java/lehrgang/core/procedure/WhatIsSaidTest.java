package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.PlainText;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Span;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Sentences that a lecturer signs: a direction is said as one, and what decides is what is shown.
class WhatIsSaidTest {
  private static Solution twoShares(long x1, long n1, long x2, long n2, String alternative) {
    Solution solution =
        ReferenceCases.solution(
            "two-proportions", ReferenceCases.shares(List.of(List.of(x1, n1), List.of(x2, n2))));
    return solution.withChoices(
        solution
            .choices()
            .withOption("alternative", alternative)
            .withOption("correction", "corrected"));
  }

  private static String step(Solution solution, String id) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    PageStep step =
        page.steps().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    return step.blocks().stream()
        .map(WhatIsSaidTest::text)
        .collect(Collectors.joining("\n"))
        .replace('\u00a0', ' ');
  }

  private static String text(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) -> Span.plain(spans);
      case PageBlock.Remark(_, _, var spans) -> Span.plain(spans);
      case PageBlock.Worked worked -> PlainText.of(worked.chain().box());
      case PageBlock.Excerpt excerpt -> excerpt.sentence();
      default -> "";
    };
  }

  /// No page states a decision while another p-value for the same hypotheses implies the other one
  /// unsaid.
  @ForSomeSolutions
  void aMethodThatLeadsToTheOtherDecisionIsNamed(Solution solution) {
    assertThat(disagrees(solution))
        .as("%s %s", solution.table(), solution.choices())
        .isEqualTo(step(solution, "conclusion").contains("leads to the other decision"));
  }

  private static boolean disagrees(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    Optional<Value> decision = page.value(LineId.of("decision"));
    Value level = page.value(LineId.of("alpha")).orElseThrow();
    return decision.isPresent()
        && Stream.of("p", "p.cc", "p.exact", "p.curve")
            .map(LineId::of)
            .filter(page::has)
            .flatMap(id -> page.value(id).stream())
            .anyMatch(p -> p.compareTo(level) <= 0 != decision.get().signum() > 0);
  }

  /// A chi-squared test that does not reject says which effect it would have detected.
  @ForSomeSolutions
  void notRejectedTheConclusionSaysWhatWouldHaveBeenDetected(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    boolean known =
        Stream.of("w.detectable", "V.detectable")
            .map(LineId::of)
            .anyMatch(id -> page.has(id) && page.value(id).isPresent());
    boolean kept = page.value(LineId.of("decision")).filter(made -> made.signum() == 0).isPresent();
    assertThat(step(solution, "conclusion").contains("power of 80 %")).isEqualTo(known && kept);
  }

  /// Newcombe (1998), example (a): 56 of 70 and 48 of 80.
  @Test
  void newcombesIntervalIsThatOfHisExample() {
    Page page = ReferenceCases.page(twoShares(56, 70, 48, 80, "two-sided"), Audience.FULL);
    assertThat(page.value(LineId.of("newcombe.low")).orElseThrow().asDouble())
        .isCloseTo(0.0524, within(0.00005));
    assertThat(page.value(LineId.of("newcombe.high")).orElseThrow().asDouble())
        .isCloseTo(0.3339, within(0.00005));
  }

  @Test
  void whereTwoMethodsDisagreeTheOneToPreferIsNamed() {
    Solution share =
        ReferenceCases.solution("one-proportion", ReferenceCases.shares(List.of(List.of(3L, 12L))));
    assertThat(
            step(
                share.withChoices(share.choices().withOption("alternative", "less")), "conclusion"))
        .contains("The exact p-value (p_exact ≈ 0.0730) leads to the other decision. Prefer it");
    Solution table =
        ReferenceCases.solution(ReferenceCases.table(List.of(List.of(3L, 9L), List.of(12L, 6L))));
    assertThat(step(table, "conclusion"))
        .contains("The continuity-corrected p-value (p_corr ≈ 0.0624) leads to the other decision");
    assertThat(
            step(ReferenceCases.solution("matched-pairs", ReferenceCases.pairs(40, 1, 9, 28)), "p"))
        .contains("(exact)");
  }

  /// Nothing is said of cause where no association was found.
  @ForSomeSolutions
  void noCauseIsDiscussedWhereNothingWasFound(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    if (page.value(LineId.of("decision")).filter(made -> made.signum() > 0).isEmpty()) {
      assertThat(step(solution, "conclusion")).doesNotContainPattern("\\bcaus");
    }
  }

  /// The observed outcome belongs to the tail that is summed, on whichever side of H₀ it lies.
  @Property(tries = 200)
  void aOneSidedCorrectionNeverMakesTheTailSmaller(
      @ForAll @IntRange(min = 1, max = 40) int x1, @ForAll @IntRange(min = 1, max = 40) int x2) {
    for (String alternative : List.of("less", "greater")) {
      Evaluation values = ReferenceCases.derive(twoShares(x1, 41, x2, 45, alternative)).exact();
      assertThat(values.compare(LineId.of("p.cc"), LineId.of("p"))).isNotNegative();
    }
  }

  @Test
  void theCorrectedAreaOfTheWrongDirectionIsThatOfTheExactTailToThreeDecimals() {
    String p = step(twoShares(30, 50, 20, 50, "less"), "p");
    assertThat(p)
        .contains("p_corr = Φ(z_corr) = Φ(2.20) ≈ 1 − 0.01390 = 0.9861")
        .contains("Without the correction: z = 2.00, p ≈ 0.9772.")
        .contains("a difference of 0.200 or less would occur in about 99 % of samples")
        .contains("The data deviate from H₀ in the direction opposite to H₁");
  }

  @ParameterizedTest
  @CsvSource({"less,or fewer", "greater,or more"})
  void aOneSidedPSpeaksOfOneSide(String alternative, String words) {
    Solution solution =
        ReferenceCases.solution(
            "one-proportion", ReferenceCases.shares(List.of(List.of(61L, 100L))));
    Solution sided =
        solution.withChoices(
            solution.choices().withOption("alternative", alternative).withTyped("claimed", "0.52"));
    assertThat(step(sided, "p")).contains("61 " + words).doesNotContain("at least this far");
    assertThat(step(sided, "interval")).contains("this interval is two-sided");
  }

  @Test
  void whatDecidesIsWorkedOutAndBracketed() {
    Solution table =
        ReferenceCases.solution(ReferenceCases.table(List.of(List.of(18L, 7L), List.of(9L, 14L))));
    Solution corrected = table.withChoices(table.choices().withOption("decides", "corrected"));
    assertThat(step(table, "p")).contains("p = 2·", "With the correction: χ²_corr");
    assertThat(step(corrected, "p"))
        .contains("p_corr = 2·", "Without the correction: χ² ≈")
        .contains("From the table alone: 3.841 < 4.01 < 5.024");
  }

  @Test
  void aStatisticCloseToTheCriticalValueIsToldFromIt() {
    Solution close =
        ReferenceCases.solution(
            "one-proportion", ReferenceCases.shares(List.of(List.of(5098L, 10000L))));
    Solution half = close.withChoices(close.choices().withTyped("claimed", "0.5"));
    assertThat(step(half, "conclusion")).contains("1.96 is at least 1.95996 away from 0");
  }
}
