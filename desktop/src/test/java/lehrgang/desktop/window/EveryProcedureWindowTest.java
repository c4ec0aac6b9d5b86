package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Change;
import lehrgang.core.procedure.Changes;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.InTheSample;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Each procedure's page in the real interface, and the way to it.
@InTheSample
class EveryProcedureWindowTest {
  @TempDir private Path folder;
  private WindowDriver driver;

  private WindowDriver open(String demo) {
    driver = WindowDriver.open(DemoCourse.open(demo), folder);
    return driver;
  }

  @AfterEach
  void close() {
    driver.close();
  }

  static List<String> procedures() {
    return Extent.of("questions", 3, Procedures.all().stream().map(Procedure::id).toList());
  }

  @Sampled
  @ParameterizedTest
  @MethodSource("procedures")
  void aQuestionChosenAtTheStartOpensItsOwnEmptyTable(String id) {
    open("route-and-season");
    driver.press("start");
    assertThat(driver.isShown("What do you want to know?")).isTrue();
    driver.press("start-" + id);
    Solution begun = driver.solution();
    assertThat(begun).isEqualTo(SolutionFile.blank(Procedures.of(id)).solution());
    assertThat(driver.isShown("Type the counts here, or paste a table.")).isTrue();
    assertThat(driver.verdict()).isEmpty();
  }

  @Test
  void anExampleOpensFromTheStartAndWhatWasUnsavedComesBack() {
    open("route-and-season");
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT9);
    driver.press("start");
    driver.press("example-nest-boxes");
    assertThat(driver.verdict()).isEqualTo("Reject H₀: use and entrance are associated");
    assertThat(driver.isShown("The previous solution was not saved.")).isTrue();
    driver.press("notice-offer");
    assertThat(driver.solution().table().cells().getFirst().getFirst()).isEqualTo("99");
  }

  @Test
  void aFitFollowsItsCountsAndItsShares() {
    open("bunk-rooms");
    assertThat(driver.verdict()).isEqualTo("Reject H₀: not all are equally likely");
    driver.retype("count-3-1", KeyCode.DIGIT4, KeyCode.DIGIT0);
    assertThat(driver.verdict()).isEqualTo("H₀ is not rejected");
    driver.press("table-state-shares");
    assertThat(driver.isShown("They were stated as probabilities")).isTrue();
    driver.retype("count-1-2", KeyCode.DIGIT5);
    assertThat(driver.isShown("add up to")).isTrue();
    driver.press("remedy-shares");
    assertThat(driver.isShown("The stated proportions were rescaled")).isTrue();
    driver.press("table-equal-shares");
    assertThat(driver.solution().table().columns()).hasSize(1);
  }

  @Test
  void aNamedDistributionIsEstimatedStatedAndChanged() {
    open("worn-waymarks");
    assertThat(driver.verdict()).isEqualTo("H₀ is not rejected");
    assertThat(driver.isShown("H₀ states no mean")).isTrue();
    driver.retype("mean", KeyCode.DIGIT3);
    assertThat(driver.isShown("H₀ states the mean")).isTrue();
    assertThat(driver.verdict()).isEqualTo("Reject H₀: not a Poisson distribution with mean 3");
    driver.retype("mean", KeyCode.BACK_SPACE);
    assertThat(driver.isShown("H₀ states no mean")).isTrue();
    driver.choose("option-classes", "as recorded");
    assertThat(driver.isShown("Not every expected count is at least 5")).isTrue();
    driver.pressLabelled("merge classes at the ends");
    assertThat(driver.solution().choices().options()).containsEntry("classes", "merged");
    driver.choose("option-distribution", "binomial");
    assertThat(driver.isShown("Each count is the number of successes in")).isTrue();
    driver.retype("each", KeyCode.DIGIT2);
    assertThat(driver.isShown("Trials are “2”: type a whole number from 6")).isTrue();
    driver.press("table-add-category");
    assertThat(driver.isShown("so call it 6.")).isTrue();
    assertThat(driver.isShown("State proportions")).isFalse();
  }

  @Test
  void whatHelpsWhereMergingLeavesTooFewClassesIsOffered() {
    open("worn-waymarks");
    int classes = driver.solution().table().rows().size();
    for (int k = 1; k <= classes; k++) {
      driver.retype("count-" + k + "-1", KeyCode.DIGIT1);
    }
    assertThat(driver.isShown("of the classes are left where small ones are merged")).isTrue();
    assertThat(driver.isShown("Classes: as recorded")).isTrue();
    driver.press("remedy-classes");
    assertThat(driver.solution().choices().options()).containsEntry("classes", "recorded");
    assertThat(driver.isShown("of the classes are left where small ones are merged")).isFalse();
  }

  @Test
  void sharesArePastedByLabelAndAnUnknownLabelIsNamedWithTheNearest() {
    open("planting-plan");
    driver.putOnClipboard("rowan −\t10 %\nrowan +\t20 %\nlarch −\t30 %\nlarch +\t40 %\n");
    driver.press("table-paste");
    assertThat(driver.solution().table().cells().stream().map(List::getLast))
        .containsExactly("40 %", "30 %", "20 %", "10 %");
    driver.putOnClipboard("rowan −\t10 %\nrowan +\t20 %\nlarch -\t30 %\nlarch +\t40 %\n");
    driver.press("table-paste");
    assertThat(driver.isShown("did you mean “larch −”?")).isTrue();
  }

  @Test
  void aClaimIsTypedInItsSentenceAndTheAlternativeTurns() {
    open("deer-gate");
    assertThat(driver.verdict()).isEqualTo("Reject H₀: the proportion is smaller");
    driver.retype("claimed", KeyCode.DIGIT8, KeyCode.DIGIT5, KeyCode.SPACE, KeyCode.DIGIT0);
    assertThat(
            driver.isShown("The claimed proportion is “85 0”: type a proportion between 0 and 1"))
        .isTrue();
    driver.press("undo");
    assertThat(driver.verdict()).isEqualTo("Reject H₀: the proportion is smaller");
    driver.choose("option-alternative", ">");
    assertThat(driver.verdict()).isEqualTo("H₀ is not rejected");
    assertThat(driver.isShown("is greater than 0.9")).isTrue();
  }

  @Test
  void twoGroupsSwapAndTheSameTableIsAnsweredByAnotherProcedure() {
    open("map-and-dark");
    assertThat(driver.verdict()).isEqualTo("Reject H₀: “with a map” has the larger proportion");
    driver.press("table-swap-groups");
    assertThat(driver.verdict()).isEqualTo("H₀ is not rejected");
    driver.press("undo");
    driver.pressLabelled("chi-squared test");
    Solution switched = driver.solution();
    assertThat(switched.procedure()).isEqualTo("independence");
    assertThat(switched.table().form()).isEqualTo(TableForm.TWO_WAY);
    assertThat(switched.table().cells()).containsExactly(List.of("121", "98"), List.of("19", "34"));
    driver.press("undo");
    assertThat(driver.solution().procedure()).isEqualTo("two-proportions");
  }

  @Test
  void anOfferOfAPageThatIsNotUpToDateWaitsUntilTheTableIsMended() {
    open("map-and-dark");
    driver.pressLabelled("chi-squared test");
    driver.fill("count-1-1", "");
    Solution before = driver.solution();
    driver.pressLabelled("test for two proportions");
    assertThat(driver.solution()).isEqualTo(before);
    assertThat(driver.isShown("correct what is marked first")).isTrue();
  }

  @Test
  void pairsAndTheExactTestReadAFourfoldTable() {
    open("repainted-waymarks");
    assertThat(driver.verdict()).isEqualTo("Reject H₀: the proportions before and after differ");
    driver.choose("option-decides", "exact p-value");
    assertThat(driver.isShown("exact p")).isTrue();
    driver.press("table-add-row");
    assertThat(driver.isShown("row 3, knew it is empty")).isTrue();
    driver.press("undo");
    assertThat(driver.isShown("can also be analysed by")).isFalse();
    driver.press("start");
    driver.press("example-nest-boxes");
    assertThat(driver.solution().procedure()).isEqualTo("fisher");
    assertThat(driver.isShown("Possible tables")).isTrue();
  }

  @Test
  void aFailedConditionOffersAMergerThatOneUndoTakesBack() {
    open("hut-and-stay");
    driver.retype("count-3-1", KeyCode.DIGIT2);
    driver.retype("count-3-2", KeyCode.DIGIT1);
    assertThat(driver.isShown("Not every expected count is at least 5")).isTrue();
    driver.pressLabelled("merge “two nights” and “three or more”");
    assertThat(driver.solution().table().rows())
        .containsExactly("one night", "two nights / three or more");
    assertThat(driver.isShown("Every expected count is at least 5")).isTrue();
    driver.press("undo");
    assertThat(driver.solution().table().rows()).hasSize(3);
  }

  @Test
  void aPastedListBringsTheProcedureThatReadsIt() {
    open("route-and-season");
    driver.press("start");
    driver.putOnClipboard("hut\tguests\nLake\t40\nGorge\t30\nSummit\t20\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    Solution begun = driver.solution();
    assertThat(begun.procedure()).isEqualTo("goodness-of-fit");
    assertThat(driver.isShown("all three categories of hut are equally likely")).isTrue();
  }

  @Test
  void aLongSimulationShowsProgressStopsAndLeavesTheSolutionAsItWas() {
    open("orchid-meadows");
    assertThat(driver.isShown("of 9999 simulated samples")).isTrue();
    Solution before = driver.solution();
    driver.edit(
        solution -> solution.withChoices(solution.choices().withTyped("repetitions", "1000000")));
    assertThat(driver.isShown("Simulating:")).isTrue();
    driver.press("notice-offer");
    assertThat(driver.isShown("Stopped before all samples were simulated.")).isTrue();
    assertThat(driver.verdict()).isEmpty();
    driver.press("undo");
    assertThat(driver.solution()).isEqualTo(before);
    assertThat(driver.isShown("of 9999 simulated samples")).isTrue();
  }

  @Test
  void aSimulationTooLongForAKeystrokeArrivesByItself() {
    open("route-and-season");
    driver.edit(
        solution ->
            Changes.apply(new Change.SwitchTo("simulation"), solution)
                .withChoices(solution.choices().withTyped("repetitions", "20000")));
    driver.await(() -> driver.desk().worked().now().isCurrent());
    assertThat(driver.isShown("of 20\u2009000 simulated samples")).isTrue();
    assertThat(driver.verdict()).startsWith("Reject H₀");
  }
}
