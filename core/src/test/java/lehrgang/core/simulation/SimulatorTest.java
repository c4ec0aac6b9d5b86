package lehrgang.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.simulation.Experiment.FixedMargins;
import lehrgang.core.simulation.Experiment.Multinomial;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Test;

/// Chance, asked again and again, agrees with what can be worked out exactly.
class SimulatorTest {
  private static Draws run(Experiment experiment) {
    return Simulator.run(experiment, _ -> {}, () -> false).orElseThrow();
  }

  @Test
  void theSameSeedDrawsTheSameTablesAndAnotherSeedOthers() {
    FixedMargins margins = new FixedMargins(List.of(12L, 11L), List.of(12L, 11L));
    int one = run(new Experiment(margins, 5000, 7)).atLeast(3);
    assertThat(run(new Experiment(margins, 5000, 7)).atLeast(3)).isEqualTo(one);
    assertThat(run(new Experiment(margins, 5000, 8)).atLeast(3)).isNotEqualTo(one);
  }

  /// For a table with fixed margins the exact test says what the simulation estimates.
  @Test
  void aFourfoldTableComesWithinFourStandardErrorsOfTheExactP() {
    Solution exact =
        ReferenceCases.solution(
            "fisher", ReferenceCases.table(List.of(List.of(9L, 3L), List.of(3L, 8L))));
    double p = ReferenceCases.derive(exact).exact().of("p").asDouble();
    Solution simulated = exact.withProcedure("simulation");
    Evaluation values =
        ReferenceCases.derive(
                simulated.withChoices(simulated.choices().withTyped("repetitions", "99999")))
            .exact();
    double error = values.of("p.error").asDouble();
    assertThat(values.of("p").asDouble()).isCloseTo(p, within(4 * error));
    assertThat(error).isLessThan(0.001);
  }

  /// With two equally likely categories the statistic of a fit is that of a binomial count.
  @Test
  void aFitOfTwoCategoriesComesWithinFourStandardErrorsOfTheBinomialSum() {
    Draws draws = run(new Experiment(new Multinomial(20, List.of(0.5, 0.5)), 40_000, 3));
    double p = 0.11531829833984375;
    double share = (double) draws.atLeast(3.2) / draws.size();
    assertThat(share).isCloseTo(p, within(4 * Math.sqrt(p * (1 - p) / draws.size())));
  }

  @Test
  void everyDrawIsInTheHistogramAndTiesWithTheObservedTableCount() {
    Draws draws = run(new Experiment(new FixedMargins(List.of(4L, 4L), List.of(4L, 4L)), 2000, 1));
    assertThat(draws.histogram(20, 2).stream().mapToInt(Draws.Bin::count).sum()).isEqualTo(2000);
    assertThat(draws.atLeast(0)).isEqualTo(2000);
    assertThat(draws.atLeast(8)).isPositive();
    assertThat(draws.atLeast(8.1)).isZero();
  }

  @Test
  void progressIsToldAndStoppingStops() {
    List<Double> parts = new ArrayList<>();
    Experiment experiment = new Experiment(new Multinomial(30, List.of(0.2, 0.3, 0.5)), 10_000, 1);
    assertThat(Simulator.run(experiment, parts::add, () -> parts.size() > 20)).isEmpty();
    assertThat(parts).isSorted().hasSizeBetween(20, 23);
    assertThat(Simulator.known(experiment)).isEmpty();
  }

  @Test
  void whatCannotBeDrawnIsSaidInASentence() {
    Solution solution =
        ReferenceCases.solution(
            "simulation",
            ReferenceCases.table(List.of(List.of(150_000L, 50_000L), List.of(1L, 2L))));
    assertThat(Procedure.deriveAtOnce(solution)).isInstanceOf(Procedure.Refused.class);
    for (String field : List.of("repetitions", "seed")) {
      Solution wrong = ReferenceCases.solution("simulation", ReferenceCases.trailRegister());
      assertThat(
              Procedure.deriveAtOnce(wrong.withChoices(wrong.choices().withTyped(field, "many"))))
          .isInstanceOf(Procedure.Refused.class);
    }
  }
}
