package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/// Several significance levels at once.
class FurtherLevelsTest {
  static List<Solution> oneOfEach() {
    return ReferenceCases.oneOfEach();
  }

  private static Solution at(Solution solution, String levels) {
    return solution.withChoices(solution.choices().withLevel(levels));
  }

  private static Value value(Derivation derivation, LineId id) {
    return derivation.exact().find(id).orElseThrow();
  }

  /// What is decided at a further level is what would be decided there alone.
  @ParameterizedTest
  @MethodSource("oneOfEach")
  void eachLevelIsJudgedAsIfItWereTheOnlyOne(Solution solution) {
    List<String> levels = List.of("0.05", "0.2", "0.01", "1e-6");
    Derivation several = ReferenceCases.derive(at(solution, String.join("; ", levels)));
    for (int k = 2; k <= levels.size(); k++) {
      Derivation alone = ReferenceCases.derive(at(solution, levels.get(k - 1)));
      assertThat(value(several, LineId.of("decision.at", k)))
          .as("%s at %s", solution.procedure(), levels.get(k - 1))
          .isEqualTo(value(alone, LineId.of("decision")));
      if (several.find(LineId.of("crit.at", k)).isPresent()) {
        assertThat(value(several, LineId.of("crit.at", k)))
            .isEqualTo(value(alone, LineId.of("crit")));
      }
    }
    Derivation first = ReferenceCases.derive(at(solution, "0.05"));
    first
        .lines()
        .keySet()
        .forEach(id -> assertThat(several.exact().find(id)).isEqualTo(first.exact().find(id)));
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void thePageShowsEachLevelWithItsDecision(Solution solution) {
    Page page = ReferenceCases.page(at(solution, "5 % and 1 %"), Audience.FULL);
    List<String> rows =
        page.steps().stream()
            .filter(step -> step.id().equals("conclusion"))
            .flatMap(step -> step.blocks().stream())
            .filter(PageBlock.Grids.class::isInstance)
            .flatMap(block -> ((PageBlock.Grids) block).grids().stream())
            .flatMap(grid -> grid.rows().stream())
            .toList();
    assertThat(rows).containsExactly("α = 0.05", "α = 0.01");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0.05 | 0.05",
        "5 %; 1 % | 5 %/1 %",
        "0.05,0.01 | 0.05/0.01",
        "0,05; 0,01 | 0,05/0,01",
        "0.05, 0.01, 0.001 | 0.05/0.01/0.001",
        "5 % and 1 % | 5 %/1 %",
        "0,05 | 0,05"
      })
  void levelsAreReadAsTheyAreWritten(String typed, String levels) {
    Choices choices = oneOfEach().getFirst().choices().withLevel(typed);
    assertThat(String.join("/", choices.levels())).isEqualTo(levels);
    assertThat(choices.significanceLevel()).isPresent();
  }

  @Test
  void aLevelThatIsNoneIsNamed() {
    Solution solution = at(oneOfEach().getFirst(), "0.05; 0.95");
    assertThat(Procedures.work(solution))
        .isInstanceOfSatisfying(
            Procedure.Refused.class,
            refused ->
                assertThat(refused.problems().getFirst().sentence().key())
                    .isEqualTo("problem.confidence-level"));
    assertThat(Procedures.work(at(solution, "0.05; 5 %")))
        .isInstanceOfSatisfying(
            Procedure.Refused.class,
            refused ->
                assertThat(refused.problems().getFirst().sentence().key())
                    .isEqualTo("problem.level-twice"));
  }
}
