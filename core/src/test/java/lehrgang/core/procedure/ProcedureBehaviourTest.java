package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Change;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The choices that each procedure offers, and what they change.
class ProcedureBehaviourTest {
  private static final Solution FIT =
      ReferenceCases.solution(
          "goodness-of-fit", ReferenceCases.frequencies(List.of(18L, 22L, 31L, 17L), List.of()));
  private static final Solution SHARES =
      ReferenceCases.solution(
          "two-proportions", ReferenceCases.shares(List.of(List.of(67L, 90L), List.of(51L, 88L))));
  private static final Solution ONE =
      ReferenceCases.solution("one-proportion", ReferenceCases.shares(List.of(List.of(76L, 170L))));

  private static Solution pairs(long b, long c) {
    return ReferenceCases.solution("matched-pairs", ReferenceCases.pairs(40, b, c, 28));
  }

  private static Solution typed(Solution solution, String field, String text) {
    return solution.withChoices(solution.choices().withTyped(field, text));
  }

  private static Solution option(Solution solution, String option, String value) {
    return solution.withChoices(solution.choices().withOption(option, value));
  }

  private static String text(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    StringBuilder all = new StringBuilder();
    page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .forEach(
            block -> {
              switch (block) {
                case PageBlock.Paragraph(_, var spans) -> all.append(Span.plain(spans));
                case PageBlock.Remark(_, _, var spans) -> all.append(Span.plain(spans));
                case PageBlock.Ways(var intro, var ways) -> all.append(intro).append(ways);
                default -> {
                  // Only sentences are asked for here.
                }
              }
              all.append('\n');
            });
    return all.toString();
  }

  private static String problem(Solution solution) {
    return Wording.english()
        .text(
            ((Procedure.Refused) Procedures.workAtOnce(solution)).problems().getFirst().sentence());
  }

  @Test
  void parametersEstimatedFromTheDataLowerTheDegreesOfFreedom() {
    assertThat(ReferenceCases.derive(FIT).exact().of("df")).isEqualTo(Value.of(3));
    Solution estimated = typed(FIT, "estimated", "1");
    assertThat(ReferenceCases.derive(estimated).exact().of("df")).isEqualTo(Value.of(2));
    assertThat(text(estimated)).contains("k − 1 − m");
    assertThat(problem(typed(FIT, "estimated", "3")))
        .isEqualTo("The number of estimated parameters is “3”: type a whole number from 0 to 2.");
  }

  @Test
  void aStatedDifferenceIsTestedWithTheErrorThatDoesNotPool() {
    Derivation same = ReferenceCases.derive(SHARES);
    assertThat(same.sources(LineId.of("z"))).contains(LineId.of("SE0"));
    Derivation stated = ReferenceCases.derive(typed(SHARES, "difference", "0.1"));
    assertThat(stated.sources(LineId.of("z")))
        .contains(LineId.of("SE"), LineId.of("d0"))
        .doesNotContain(LineId.of("SE0"));
    assertThat(text(typed(SHARES, "difference", "0.1")))
        .contains("is greater for “gate 1” than for “gate 2” by 0.1");
    assertThat(text(typed(SHARES, "difference", "−0.1")))
        .contains("is smaller for “gate 1” than for “gate 2” by 0.1");
    assertThat(problem(typed(SHARES, "difference", "1")))
        .startsWith("The stated difference is “1”: type a number between −1 and 1");
  }

  @Test
  void thePageSaysWhyThereAreTwoStandardErrorsAndWhichGroupIsFirst() {
    assertThat(text(SHARES))
        .contains("Why two standard errors?")
        .contains("The first group is “gate 1”")
        .contains("is the two-sided p-value above");
    assertThat(text(option(SHARES, "alternative", "greater")))
        .contains("does not distinguish directions");
  }

  @ParameterizedTest
  @CsvSource({
    "0, claimed, The claimed proportion is “0”",
    "1, claimed, The claimed proportion is “1”",
    "half, claimed, The claimed proportion is “half”"
  })
  void aClaimMustLieBetweenZeroAndOne(String typed, String field, String sentence) {
    assertThat(problem(typed(ONE, field, typed))).startsWith(sentence);
  }

  @Test
  void aClaimMayBeTypedAsAFractionOrAPercentage() {
    for (String typed : List.of("1/4", "25 %", "0.25", "0,25")) {
      assertThat(ReferenceCases.derive(typed(ONE, "claimed", typed)).exact().of("p0"))
          .isEqualTo(Value.ratio(1, 4));
    }
  }

  @Test
  void fewExpectedSuccessesAreSaidAndTheStricterRuleIsHeld() {
    Solution small =
        typed(
            ReferenceCases.solution(
                "one-proportion", ReferenceCases.shares(List.of(List.of(3L, 40L)))),
            "claimed",
            "0.2");
    assertThat(text(small)).contains("The smallest is 8.00, which is sufficient.");
    Solution strict = option(small, "conditions", "every-10");
    assertThat(text(strict))
        .contains("for the approximation")
        .contains("The decision is therefore based on the exact p-value")
        .doesNotContain("this decision are unreliable");
    assertThat(text(option(strict, "decides-binomial", "approximate")))
        .contains("this decision are unreliable");
  }

  @ParameterizedTest
  @CsvSource({"plain, p", "corrected, p.cc", "exact, p.exact"})
  void oneOfThreePValuesDecidesForMatchedPairs(String decides, String line) {
    Solution solution = option(pairs(9, 23), "decides", decides);
    for (String level : List.of("0.01", "0.015", "0.02", "0.05")) {
      Derivation derivation =
          ReferenceCases.derive(solution.withChoices(solution.choices().withLevel(level)));
      boolean small = derivation.exact().of(line).compareTo(derivation.exact().of("alpha")) <= 0;
      assertThat(derivation.exact().of("decision").signum() > 0).isEqualTo(small);
    }
  }

  /// Of very many outcomes the ends are listed, and the sum is still exact.
  @Test
  void theExactPValueDecidesHoweverManyChanged() {
    for (long n : new long[] {600, 60_000, 600_000_000}) {
      Solution solution = option(pairs(n, n + 1), "decides", "exact");
      Derivation derivation = ReferenceCases.derive(solution);
      assertThat(derivation.exact().of("p.exact")).isEqualTo(Value.ONE);
      assertThat(text(solution)).contains("H₀ is not rejected");
    }
    Derivation far = ReferenceCases.derive(option(pairs(0, 1_200), "decides", "exact"));
    assertThat(
            far.exact().of("p.exact").over(Value.of(2).power(-1_199)).minus(Value.ONE).asDouble())
        .isCloseTo(0, within(1e-36));
  }

  @Test
  void whoDidNotChangeSaysNothingAndNobodyChangingIsRefused() {
    Derivation few = ReferenceCases.derive(pairs(9, 23));
    assertThat(few.sources(LineId.of("X2"))).doesNotContain(LineId.of("a"), LineId.of("d"));
    assertThat(problem(pairs(0, 0))).startsWith("Nobody changed");
    assertThat(text(pairs(12, 12)))
        .contains("the continuity correction is not applied")
        .doesNotContain("p_corr");
    assertThat(text(pairs(2, 3)))
        .contains("for the approximation")
        .contains("The decision is therefore based on the exact p-value");
  }

  @Test
  void theExactTestNeedsFourCountsAndMarginsThatCanBeListed() {
    assertThat(problem(ReferenceCases.solution("fisher", ReferenceCases.trailRegister())))
        .startsWith("The table has 3 × 3 categories: this test needs 2 × 2");
    assertThat(
            problem(
                ReferenceCases.solution(
                    "fisher",
                    ReferenceCases.table(List.of(List.of(4000L, 2000L), List.of(1L, 1L))))))
        .startsWith("The largest margin is 6000");
  }

  @Test
  void theWorksheetOfTheExactTestWorksOneProbabilityAndLeavesTheOthers() {
    Solution solution =
        ReferenceCases.solution(
            "fisher", ReferenceCases.table(List.of(List.of(8L, 3L), List.of(4L, 6L))));
    Page sheet = ReferenceCases.page(solution, Audience.STUDENT);
    assertThat(sheet.appearance(LineId.of("P", 8))).isEqualTo(Appearance.SHOWN);
    assertThat(sheet.appearance(LineId.of("P", 7))).isEqualTo(Appearance.BLANK);
    assertThat(sheet.appearance(LineId.of("p"))).isEqualTo(Appearance.BLANK);
    Page key = ReferenceCases.page(solution, Audience.KEY);
    assertThat(key.appearance(LineId.of("P", 7))).isEqualTo(Appearance.ANSWER);
  }

  @Test
  void tooFewForTwoSharesOffersTheExactTest() {
    Solution few =
        ReferenceCases.solution(
            "two-proportions", ReferenceCases.shares(List.of(List.of(2L, 9L), List.of(3L, 8L))));
    assertThat(text(few))
        .contains("Fisher’s exact test for the same four counts")
        .contains("exact test");
    assertThat(Changes.apply(new Change.SwitchTo("fisher"), few).table().cells())
        .containsExactly(List.of("2", "3"), List.of("7", "5"));
  }

  @Test
  void mergingAddsCountsAndSharesInTheMannerInWhichTheyWereStated() {
    TableEntry stated =
        ReferenceCases.frequencies(List.of(4L, 3L, 40L), List.of("12.5 %", "7.5 %", "80 %"));
    Solution merged =
        Changes.apply(new Change.MergeRows(0), ReferenceCases.solution("goodness-of-fit", stated));
    assertThat(merged.table().rows()).containsExactly("hut 1 / hut 2", "hut 3");
    assertThat(merged.table().cells()).containsExactly(List.of("7", "20 %"), List.of("40", "80 %"));
    TableEntry thirds =
        ReferenceCases.frequencies(List.of(4L, 3L, 40L), List.of("1/6", "1/6", "2/3"));
    assertThat(
            Changes.apply(
                    new Change.MergeRows(0), ReferenceCases.solution("goodness-of-fit", thirds))
                .table()
                .cells()
                .getFirst())
        .containsExactly("7", "1/3");
    Solution columns =
        Changes.apply(
            new Change.MergeColumns(1), ReferenceCases.solution(ReferenceCases.trailRegister()));
    assertThat(columns.table().columns()).containsExactly("Spring", "Summer / Autumn");
    assertThat(columns.table().cells().getFirst()).containsExactly("41", "79");
  }

  @Test
  void aSignificantResultWithATinyEffectIsSaidToBeJustThat() {
    Solution large =
        ReferenceCases.solution(
            ReferenceCases.table(List.of(List.of(18420L, 14115L), List.of(13280L, 10895L))));
    assertThat(text(large))
        .contains(
            "Statistically significant, but the effect is smaller than what Cohen calls small");
    Solution few =
        ReferenceCases.solution(ReferenceCases.table(List.of(List.of(4L, 1L), List.of(2L, 4L))));
    assertThat(text(few)).contains("in a sample this small such a value often arises by chance");
  }

  @Test
  void theSameSharesInHalfAndTwiceTheSampleHalveAndDoubleTheStatistic() {
    var values = ReferenceCases.derive(FIT).exact();
    assertThat(values.of("X2.double")).isEqualTo(values.of("X2").times(Value.of(2)));
    assertThat(values.of("p.double").compareTo(values.of("p"))).isNegative();
    assertThat(values.of("p.half").compareTo(values.of("p"))).isPositive();
    var z = ReferenceCases.derive(SHARES).exact();
    assertThat(z.of("z.double").over(z.of("z")).power(2).asDouble())
        .isCloseTo(2, org.assertj.core.api.Assertions.within(1e-12));
  }
}
