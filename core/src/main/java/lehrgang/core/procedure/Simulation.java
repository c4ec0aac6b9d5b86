package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;
import lehrgang.core.data.Checked;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Reading;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.TwoWayLines.Route;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Experiment;
import lehrgang.core.simulation.Simulator;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The chi-squared statistic judged by tables drawn at random in place of the curve: with the
/// margins of
/// the observed table, or with the shares of H₀.
public final class Simulation implements Procedure {
  public static final String ID = "simulation";

  /// Draws of an observation that are done at once; more of them are work for the background.
  private static final long AT_ONCE = 6_000_000;

  /// More observations than this would make every table slow to draw, and the curve is fair then.
  private static final long MOST_OBSERVATIONS = 200_000;

  @Override
  public String id() {
    return ID;
  }

  @Override
  public List<Form> forms() {
    return List.of(Form.TWO_WAY, Form.FREQUENCIES);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    Map<String, StudentView> views = new LinkedHashMap<>(new Independence().usualStudentViews());
    views.keySet().removeAll(List.of("conditions", "critical"));
    views.put("simulation", StudentView.GIVEN);
    return views;
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Choices choices = solution.choices();
    Rational level = TypedNumbers.level(choices, problems);
    int repetitions = TypedNumbers.repetitions(choices, problems);
    long seed = TypedNumbers.seed(choices, problems);
    return solution.table().form() == Form.FREQUENCIES
        ? fit(solution, level, repetitions, seed, problems)
        : twoWay(solution, level, repetitions, seed, problems);
  }

  private static Outcome twoWay(
      Solution solution, Rational level, int repetitions, long seed, List<Problem> problems) {
    Checked<TwoWayTable> checked = TwoWayTable.check(solution.table());
    if (checked instanceof Checked.Good<TwoWayTable>(var table)) {
      long n = table.counts().stream().flatMap(List::stream).mapToLong(Long::longValue).sum();
      checkSize(n, problems);
      if (problems.isEmpty()) {
        Experiment experiment =
            new Experiment(
                new Experiment.FixedMargins(rowTotals(table), columnTotals(table)),
                repetitions,
                seed);
        Optional<Draws> draws = draws(experiment);
        if (draws.isEmpty()) {
          return new Waiting(experiment);
        }
        Lines lines = TwoWayLines.upToStatistic(table, level, Route.MARGINS).lines();
        SimulationLines.addTo(lines, draws.get(), experiment);
        return new Derived(
            SimulationPage.of(table, solution.choices(), lines, draws.get()).derivation(ID, lines));
      }
    }
    return WorkedPage.outcome(checked, problems, Simulation::neverReached);
  }

  private static Outcome fit(
      Solution solution, Rational level, int repetitions, long seed, List<Problem> problems) {
    Choices choices = solution.choices();
    Rescaling rescaling = GoodnessOfFit.rescaling(choices);
    Checked<FrequencyTable> checked = FrequencyTable.check(solution.table(), rescaling);
    if (checked instanceof Checked.Good<FrequencyTable>(var table)) {
      long n = table.counts().stream().mapToLong(Long::longValue).sum();
      checkSize(n, problems);
      if (problems.isEmpty()) {
        Lines lines = FitLines.upToStatistic(table, level, rescaling);
        Evaluation values = lines.evaluate(new Reading.Exact());
        List<Double> shares =
            lines.ofFamilies("s").stream().map(id -> values.of(id).asDouble()).toList();
        Experiment experiment =
            new Experiment(new Experiment.Multinomial(n, shares), repetitions, seed);
        Optional<Draws> draws = draws(experiment);
        if (draws.isEmpty()) {
          return new Waiting(experiment);
        }
        SimulationLines.addTo(lines, draws.get(), experiment);
        return new Derived(
            SimulationPage.of(table, choices, lines, draws.get()).derivation(ID, lines));
      }
    }
    return WorkedPage.outcome(checked, problems, Simulation::neverReached);
  }

  private static <T> Derivation neverReached(T table) {
    throw new IllegalStateException("good data without problems were derived before: " + table);
  }

  private static Optional<Draws> draws(Experiment experiment) {
    return Simulator.known(experiment)
        .or(
            () ->
                experiment.size() <= AT_ONCE
                    ? Simulator.run(experiment, _ -> {}, () -> false)
                    : Optional.empty());
  }

  private static void checkSize(long n, List<Problem> problems) {
    if (n > MOST_OBSERVATIONS) {
      problems.add(
          new Problem(
              new Problem.WholeTable(),
              Phrase.of("problem.too-many-to-draw").with("n", n).with("most", MOST_OBSERVATIONS)));
    }
  }

  private static List<Long> rowTotals(TwoWayTable table) {
    return table.counts().stream()
        .map(row -> row.stream().mapToLong(Long::longValue).sum())
        .toList();
  }

  private static List<Long> columnTotals(TwoWayTable table) {
    return LongStream.range(0, table.columns().size())
        .mapToObj(j -> table.counts().stream().mapToLong(row -> row.get((int) j)).sum())
        .toList();
  }
}
