package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What holds for the page of every procedure, under every alternative and at any level.
class EveryProcedurePageTest {
  static Stream<Solution> solutions() {
    return ReferenceCases.oneOfEach().stream()
        .flatMap(
            solution ->
                Stream.of("two-sided", "less", "greater")
                    .map(
                        side ->
                            solution.withChoices(
                                solution.choices().withOption("alternative", side))))
        .flatMap(
            solution ->
                Stream.of("0.5", "0.0001")
                    .map(level -> solution.withChoices(solution.choices().withLevel(level))));
  }

  private static List<String> sentences(Page page, String step) {
    return page.steps().stream()
        .filter(candidate -> step.isEmpty() || candidate.id().equals(step))
        .flatMap(candidate -> candidate.blocks().stream())
        .flatMap(Sentences::of)
        .toList();
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void noGapIsLeftOpenAndNoSentenceAcceptsTheNullHypothesis(Solution solution) {
    for (Audience audience : Audience.values()) {
      Page page = ReferenceCases.page(solution, audience);
      assertThat(sentences(page, ""))
          .allSatisfy(
              sentence ->
                  assertThat(sentence)
                      .doesNotContain("{", "}", "Accept")
                      .doesNotContainPattern("accept(?! of rejecting)|\\bproves\\b"));
    }
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void theConclusionNamesTheVariablesAndGivesBothDecisionsAlike(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    String conclusion = String.join(" ", sentences(page, "conclusion"));
    boolean names =
        Stream.of(
                solution.table().rowVariable(),
                solution.table().columnVariable(),
                solution.table().rows().getFirst())
            .filter(name -> !name.isBlank())
            .anyMatch(conclusion::contains);
    assertThat(names).as(conclusion).isTrue();
    assertThat(page.value(LineId.of("decision")))
        .isPresent()
        .isEqualTo(page.value(LineId.of("decision.p")));
  }

  /// What can be asked of a number on the page can be answered: name, step, sources, formula.
  @ParameterizedTest
  @MethodSource("solutions")
  void everyNumberHasAStepANameAndATrace(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    Derivation derivation = ReferenceCases.derive(solution);
    List<String> steps = page.steps().stream().map(PageStep::id).toList();
    for (LineId id : page.lines()) {
      Trace trace = page.trace(id);
      assertThat(trace.heading()).isNotBlank();
      assertThat(trace.facts())
          .noneMatch(f -> f.agreement().filter(Trace.Agreement.DIFFERS::equals).isPresent());
      assertThat(steps).as("the step of " + id).contains(derivation.stepOf(id));
    }
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void aWorksheetHidesWhatIsToBeFound(Solution solution) {
    Page sheet = ReferenceCases.page(solution, Audience.STUDENT);
    String p = ReferenceCases.page(solution, Audience.FULL).shown(LineId.of("p")).text();
    assertThat(sheet.appearance(LineId.of("p"))).isEqualTo(Appearance.BLANK);
    assertThat(sentences(sheet, "p")).noneMatch(sentence -> sentence.contains(p));
  }
}
