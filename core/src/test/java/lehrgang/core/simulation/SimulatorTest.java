package lehrgang.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.Expr;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.simulation.Experiment.FixedMargins;
import lehrgang.core.simulation.Experiment.Multinomial;
import lehrgang.core.solution.Solution;
import lehrgang.core.work.Progress;
import org.junit.jupiter.api.Test;

/// Chance, asked again and again, agrees with what can be worked out exactly.
class SimulatorTest {
  private static final Expr CONTRIBUTION =
      Expr.ref(Experiment.OBSERVED)
          .minus(Expr.ref(Experiment.EXPECTED))
          .squared()
          .over(Expr.ref(Experiment.EXPECTED));

  private static Draws run(Experiment experiment) {
    return Simulator.run(experiment, Progress.NONE);
  }

  private static Experiment experiment(FixedMargins margins, int repetitions, long seed) {
    double n = margins.rows().stream().mapToLong(Long::longValue).sum();
    return new Experiment(
        margins,
        margins.rows().stream()
            .map(row -> margins.columns().stream().map(column -> row * column / n).toList())
            .toList(),
        CONTRIBUTION,
        repetitions,
        seed);
  }

  private static Experiment experiment(Multinomial draw, int repetitions, long seed) {
    List<Double> expected =
        draw.shares().stream().map(share -> share * draw.observations()).toList();
    return new Experiment(draw, List.of(expected), CONTRIBUTION, repetitions, seed);
  }

  @Test
  void theSameSeedDrawsTheSameTablesAndAnotherSeedOthers() {
    FixedMargins margins = new FixedMargins(List.of(12L, 11L), List.of(12L, 11L));
    List<Draws.Bin> one = run(experiment(margins, 5000, 7)).histogram(10, 3);
    assertThat(run(experiment(margins, 5000, 7)).histogram(10, 3)).isEqualTo(one);
    assertThat(run(experiment(margins, 5000, 8)).histogram(10, 3)).isNotEqualTo(one);
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
    Draws draws = run(experiment(new Multinomial(20, List.of(0.5, 0.5)), 40_000, 3));
    double p = 0.11531829833984375;
    double share = (double) draws.atLeast(3.2) / draws.size();
    assertThat(share).isCloseTo(p, within(4 * Math.sqrt(p * (1 - p) / draws.size())));
  }

  @Test
  void everyDrawIsInTheHistogramAndTiesWithTheObservedTableCount() {
    Draws draws = run(experiment(new FixedMargins(List.of(4L, 4L), List.of(4L, 4L)), 2000, 1));
    assertThat(draws.histogram(20, 2).stream().mapToInt(Draws.Bin::count).sum()).isEqualTo(2000);
    assertThat(draws.atLeast(0)).isEqualTo(2000);
    assertThat(draws.atLeast(8)).isPositive();
    assertThat(draws.atLeast(8.1)).isZero();
  }

  @Test
  void progressIsToldAndStoppingStops() {
    List<Double> parts = new ArrayList<>();
    Experiment experiment = experiment(new Multinomial(30, List.of(0.2, 0.3, 0.5)), 10_000, 1);
    Progress stopsSoon = Progress.of(parts::add, () -> parts.size() > 20);
    assertThatThrownBy(() -> Simulator.run(experiment, stopsSoon))
        .isInstanceOf(CancellationException.class);
    assertThat(parts).isSorted().hasSizeBetween(20, 23);
  }

  @Test
  void whatCannotBeDrawnIsSaidInASentence() {
    Solution solution =
        ReferenceCases.solution(
            "simulation",
            ReferenceCases.table(List.of(List.of(150_000L, 50_000L), List.of(1L, 2L))));
    assertThat(Procedures.workAtOnce(solution)).isInstanceOf(Procedure.Refused.class);
    for (String field : List.of("repetitions", "seed")) {
      Solution wrong = ReferenceCases.solution("simulation", ReferenceCases.trailRegister());
      assertThat(Procedures.workAtOnce(wrong.withChoices(wrong.choices().withTyped(field, "many"))))
          .isInstanceOf(Procedure.Refused.class);
    }
  }
}
