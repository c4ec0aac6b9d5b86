package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.PlainText;
import lehrgang.core.number.Kind;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What stands on the page, for whom.
class PageTest {
  private final Solution register = ReferenceCases.solution(ReferenceCases.trailRegister());

  private static PageStep step(Page page, String id) {
    return page.steps().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
  }

  /// All sentences of a page.
  private static List<String> sentences(Page page) {
    return page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .flatMap(Sentences::of)
        .toList();
  }

  private static String text(Page page) {
    return String.join("\n", sentences(page));
  }

  private static List<GridCell> cells(Page page, String step) {
    return step(page, step).blocks().stream()
        .filter(PageBlock.Grids.class::isInstance)
        .flatMap(block -> ((PageBlock.Grids) block).grids().stream())
        .flatMap(grid -> grid.cells().stream().flatMap(List::stream))
        .toList();
  }

  @Test
  void thePageHasTheElevenStepsInTheOrderOfWork() {
    assertThat(ReferenceCases.page(register, Audience.FULL).steps())
        .extracting(PageStep::title)
        .containsExactly(
            "Question",
            "Data",
            "Hypotheses",
            "Expected counts",
            "Conditions",
            "Contributions",
            "Statistic",
            "Critical value",
            "p-value",
            "Conclusion",
            "A closer look");
  }

  @Test
  void theConclusionIsConsistentAndNamesTheVariables() {
    String text = text(ReferenceCases.page(register, Audience.FULL));
    assertThat(text)
        .contains(
            "14.10 ≥ 9.488",
            "p\u00a0≈\u00a00.0070",
            "H₀ is rejected at the 5\u00a0% level: route and season are associated.",
            "13.277 < 14.10 < 14.860, so 0.005 < p < 0.01",
            "Chi-squared test of independence: χ²(4, N = 480) = 14.10, p = .007, Cramér’s V = .12");
  }

  @ParameterizedTest
  @ValueSource(strings = {"independence", "homogeneity"})
  void noSentenceAcceptsOrProvesTheNullHypothesis(String story) {
    Solution told =
        register.withChoices(register.choices().withOption("sampling", story).withLevel("0.001"));
    String text = text(ReferenceCases.page(told, Audience.FULL));
    assertThat(text.toLowerCase())
        .doesNotContain("accept h₀", "accepted", "h₀ is proved")
        .contains("not rejected");
    assertThat(text).contains("That does not prove", "14.10 < 18.467");
    assertThat(step(ReferenceCases.page(told, Audience.FULL), "conclusion").summary())
        .isEqualTo("H₀ is not rejected");
  }

  @Test
  void theStoryChangesTheWordsAndNotTheNumbers() {
    Solution told = register.withChoices(register.choices().withOption("sampling", "homogeneity"));
    Page page = ReferenceCases.page(told, Audience.FULL);
    assertThat(text(page)).contains("the distribution of route is the same for each season");
    Page plain = ReferenceCases.page(register, Audience.FULL);
    assertThat(page.lines())
        .isEqualTo(plain.lines())
        .allSatisfy(id -> assertThat(page.value(id)).isPresent().isEqualTo(plain.value(id)));
  }

  @Test
  void theRouteToExpectedCountsGoesBySharesWhereTheInstructorSaysSo() {
    Solution byShare = register.withChoices(register.choices().withOption("route", "share"));
    Page page = ReferenceCases.page(byShare, Audience.FULL);
    assertThat(PlainText.of(page.chain(LineId.of("E", 2, 3)).box()))
        .isEqualTo("E₂₃ = s₂·C₃ = 160/480·140 = 140/3 ≈ 46.67");
    assertThat(page.trace(LineId.of("E", 2, 3)).facts())
        .anyMatch(fact -> fact.agreement().equals(Optional.of(Trace.Agreement.AGREES)));
  }

  @Test
  void aWorksheetShowsOneWorkedNumberAndHidesTheRest() {
    Page sheet = ReferenceCases.page(register, Audience.STUDENT);
    List<GridCell> expected =
        cells(sheet, "expected").stream().filter(c -> c.line().name().equals("E")).toList();
    assertThat(expected).filteredOn(c -> c.appearance() == Appearance.SHOWN).hasSize(1);
    assertThat(expected)
        .filteredOn(c -> c.appearance() == Appearance.BLANK)
        .hasSize(8)
        .allSatisfy(c -> assertThat(c.text()).isEmpty());
    assertThat(cells(sheet, "contributions")).allSatisfy(c -> assertThat(c.shade()).isZero());
    assertThat(sheet.steps()).extracting(PageStep::id).doesNotContain("closer-look");
  }

  @Test
  void noHiddenNumberSlipsOntoTheWorksheetElsewhere() {
    Page sheet = ReferenceCases.page(register, Audience.STUDENT);
    String text = text(sheet);
    assertThat(text).doesNotContain("14.10", "9.488", "0.0070", "4.033", "rejected", "related");
    assertThat(text).contains("the smallest is ______");
    assertThat(PlainText.of(sheet.chain(LineId.of("X2")).box())).isEqualTo("χ² = ______");
    assertThat(PlainText.of(sheet.chain(LineId.of("E", 2, 2)).box())).contains("73.33");
  }

  @Test
  void contributionsCarryTheSignOfTheirDifferenceBesideThem() {
    Page page = ReferenceCases.page(register, Audience.FULL);
    List<GridCell> cells = cells(page, "contributions");
    assertThat(cells)
        .filteredOn(c -> c.line().equals(LineId.of("K", 1, 3)))
        .allSatisfy(
            c -> {
              assertThat(c.sign()).isEqualTo("−");
              assertThat(c.text()).isEqualTo("3.457");
              assertThat(c.shade()).isNegative();
            });
    assertThat(cells)
        .filteredOn(c -> c.line().equals(LineId.of("D", 1, 1)))
        .extracting(GridCell::text, GridCell::sign)
        .containsExactly(tuple("+11.00", ""));
  }

  @Test
  void theKeyHasEveryAnswerAndMarksIt() {
    Page key = ReferenceCases.page(register, Audience.KEY);
    assertThat(cells(key, "contributions"))
        .allSatisfy(
            c -> {
              assertThat(c.appearance()).isEqualTo(Appearance.ANSWER);
              assertThat(c.text()).isNotEmpty();
            });
    assertThat(key.appearance(LineId.of("E", 2, 2))).isEqualTo(Appearance.SHOWN);
    assertThat(text(key)).contains("H₀ is rejected");
  }

  @ParameterizedTest
  @EnumSource(StudentView.class)
  void everyStepCanBeSeenInEveryWay(StudentView view) {
    Solution changed = register;
    for (PageStep step : ReferenceCases.page(register, Audience.FULL).steps()) {
      changed = changed.withStudentView(step.id(), view);
    }
    Page sheet = ReferenceCases.page(changed, Audience.STUDENT);
    assertThat(sheet.steps()).hasSize(view == StudentView.LEFT_OUT ? 0 : 11);
    if (view == StudentView.BLANK) {
      assertThat(sheet.steps())
          .allSatisfy(
              step ->
                  assertThat(step.blocks())
                      .anyMatch(
                          b -> b instanceof PageBlock.Task || b instanceof PageBlock.QuestionText));
    }
    assertThat(step(ReferenceCases.page(changed, Audience.FULL), "data").blocks()).isNotEmpty();
  }

  @Test
  void whereRoundingOnTheWayShowsItIsSaidOnceWithBothNumbers() {
    Solution coarse =
        register.withChoices(
            register
                .choices()
                .withDecimals(
                    register
                        .choices()
                        .decimals()
                        .with(Kind.EXPECTED, 0)
                        .with(Kind.CONTRIBUTION, 1)));
    String rounded = text(ReferenceCases.page(coarse, Audience.FULL));
    assertThat(rounded).containsOnlyOnce("results are rounded as shown");
    assertThat(rounded).contains("without rounding, 14.10");
    assertThat(text(ReferenceCases.page(register, Audience.FULL)))
        .doesNotContain("results are rounded as shown");
  }

  @Test
  void onRequestThePageItselfIsRoundedOnTheWay() {
    Solution rounded = register.withChoices(register.choices().withOnTheWay(Optional.of(1)));
    Page page = ReferenceCases.page(rounded, Audience.FULL);
    assertThat(page.shown(LineId.of("E", 2, 3)).text()).isEqualTo("46.7");
    assertThat(PlainText.of(page.chain(LineId.of("K", 2, 3)).box()))
        .isEqualTo("K₂₃ = (O₂₃ − E₂₃)²/E₂₃ = (58 − 46.7)²/46.7 ≈ 2.7");
  }

  @Test
  void failingConditionsNameTheirCellsAndTheHonestWaysOn() {
    TableEntry small =
        new TableEntry(
            "hut",
            "weather",
            List.of("upper", "lower"),
            List.of("fair", "foul"),
            List.of(List.of("9", "2"), List.of("4", "5")));
    Solution solution = ReferenceCases.solution(small);
    assertThat(text(ReferenceCases.page(solution, Audience.FULL)))
        .contains("The decision is therefore based on the exact p-value")
        .doesNotContain("this decision are unreliable");
    Page page =
        ReferenceCases.page(
            solution.withChoices(solution.choices().withOption("decides", "plain")), Audience.FULL);
    String text = text(page);
    assertThat(text)
        .contains("Expected counts below 5: upper, foul (3.85), lower, foul (3.15).")
        .contains("no categories can be merged")
        .contains("this decision are unreliable");
    assertThat(step(page, "conditions").blocks())
        .anyMatch(b -> b instanceof PageBlock.Remark(var tone, _, _) && tone == Tone.WARNING);
  }

  @Test
  void smallObservedCountsAreNoHarmAndThatIsSaid() {
    TableEntry table = ReferenceCases.trailRegister().withCell(0, 2, "3");
    assertThat(text(ReferenceCases.page(ReferenceCases.solution(table), Audience.FULL)))
        .contains("Some observed counts are below 5: Lake loop, Autumn (3). That does not matter");
  }

  @Test
  void cochransRuleLetsAFifthBeSmall() {
    TableEntry oneSmall =
        ReferenceCases.table(
            List.of(List.of(10L, 20L, 3L), List.of(60L, 80L, 7L), List.of(60L, 90L, 9L)));
    Solution strict = ReferenceCases.solution(oneSmall);
    Solution lenient = strict.withChoices(strict.choices().withOption("conditions", "fifth-5"));
    assertThat(text(ReferenceCases.page(strict, Audience.FULL)))
        .contains("the approximation would still be acceptable.");
    assertThat(text(ReferenceCases.page(lenient, Audience.FULL)))
        .contains("1 of 9 expected counts are below 5");
  }

  @Test
  void forTwoByTwoYatesStandsBesideThePlainStatisticAndCanDecide() {
    TableEntry table =
        new TableEntry(
            "map",
            "arrived",
            List.of("map", "no map"),
            List.of("before dark", "after dark"),
            List.of(List.of("20", "30"), List.of("30", "20")));
    Solution plain = ReferenceCases.solution(table);
    Page page = ReferenceCases.page(plain, Audience.FULL);
    assertThat(page.value(LineId.of("X2.cc")).orElseThrow()).hasToString("81/25");
    assertThat(text(page)).contains("H₀ is rejected", "equals the uncorrected χ²");
    Solution yates = plain.withChoices(plain.choices().withOption("decides", "corrected"));
    Page corrected = ReferenceCases.page(yates, Audience.FULL);
    assertThat(text(corrected)).contains("H₀ is not rejected", "3.24 < 3.841");
    assertThat(corrected.verdictItems().getFirst().number().text()).isEqualTo("3.24");
  }

  @Test
  void aVanishingPIsShownWithoutPretence() {
    TableEntry strong =
        new TableEntry(
            "path",
            "sign",
            List.of("kept", "left"),
            List.of("new", "old"),
            List.of(List.of("900", "12"), List.of("31", "877")));
    Page page = ReferenceCases.page(ReferenceCases.solution(strong), Audience.FULL);
    assertThat(page.shown(LineId.of("p")).withSign()).isEqualTo("< 10⁻³⁰⁰");
    assertThat(text(page)).contains("p\u00a0<\u00a010⁻³⁰⁰", "p < .001").doesNotContain("0.0000");
  }

  @Test
  void theTraceTellsWhereANumberComesFromAndWhereItGoes() {
    Trace trace = ReferenceCases.page(register, Audience.FULL).trace(LineId.of("E", 2, 3));
    assertThat(trace.heading()).isEqualTo("Expected count · Gorge path, Autumn");
    assertThat(trace.sources())
        .extracting(link -> link.name() + " " + link.number())
        .containsExactly("row total 160", "column total 140", "grand total 480");
    assertThat(trace.uses()).extracting(Trace.Link::line).contains(LineId.of("K", 2, 3));
    assertThat(
            trace.facts().stream()
                .collect(Collectors.toMap(Trace.Fact::name, fact -> PlainText.of(fact.value()))))
        .containsEntry("exact", "140/3")
        .containsEntry("12 digits", "46.6666666667")
        .containsEntry("intermediate results rounded", "46.67")
        .containsEntry("by a second formula (overall proportion times group size)", "46.67");
  }

  @Test
  void everyLineHasATraceAndEveryNumberAName() {
    Page page = ReferenceCases.page(register, Audience.FULL);
    for (LineId id : page.lines()) {
      Trace trace = page.trace(id);
      assertThat(trace.heading()).isNotBlank();
      assertThat(trace.facts())
          .filteredOn(fact -> fact.agreement().isPresent())
          .allSatisfy(fact -> assertThat(fact.agreement()).contains(Trace.Agreement.AGREES));
    }
  }

  @Test
  void theInstructorsOwnSentenceGoesBeforeTheBundles() {
    Solution own = register.withWording("statistic.how", "Sum up all {n} walkers’ cells.");
    assertThat(text(ReferenceCases.page(own, Audience.FULL)))
        .contains("Sum up all 480 walkers’ cells.");
    assertThat(own.withWording("statistic.how", " ")).isEqualTo(register);
  }
}
