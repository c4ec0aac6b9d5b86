package lehrgang.core.procedure.chance;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import lehrgang.core.data.Checked;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableForm;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.Expr;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.FrequencyStatistic;
import lehrgang.core.procedure.parts.FrequencySteps;
import lehrgang.core.procedure.parts.StudentViews;
import lehrgang.core.procedure.parts.TwoWayStatistic;
import lehrgang.core.procedure.parts.TwoWayStatistic.Route;
import lehrgang.core.procedure.parts.TwoWaySteps;
import lehrgang.core.procedure.parts.TypedNumbers;
import lehrgang.core.procedure.parts.WorkedPage;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Experiment;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;

/// The chi-squared statistic judged by tables drawn at random in place of the curve: with the
/// margins of the observed table, or with the shares of H₀.
public final class Simulation implements Procedure {
  /// With more observations than this the curve is fair.
  private static final long MOST_OBSERVATIONS = 200_000;

  private static final Expr CONTRIBUTION =
      Formulas.contribution(Expr.ref(Experiment.OBSERVED), Expr.ref(Experiment.EXPECTED));

  @Override
  public String id() {
    return "simulation";
  }

  @Override
  public List<TableForm> forms() {
    return List.of(TableForm.TWO_WAY, TableForm.FREQUENCIES);
  }

  @Override
  public List<ProcedureOption> options() {
    return List.of(
        TypedNumbers.LEVEL,
        TwoWaySteps.SAMPLING.within(ProcedureOption.Scope.TWO_WAY),
        FrequencySteps.STATED,
        FrequencySteps.SHARES,
        TypedNumbers.REPETITIONS,
        TypedNumbers.SEED);
  }

  @Override
  public Map<String, StudentView> usualStudentViews() {
    return StudentViews.given("question", "data", "hypotheses", "simulation")
        .oneWorked("expected")
        .blank("contributions", "statistic", "p", "conclusion")
        .leftOut("closer-look")
        .byStep();
  }

  /// What is asked for besides the data.
  private record Request(Choices choices, Rational level, int repetitions, long seed) {
    static Request of(Choices choices, List<Problem> problems) {
      return new Request(
          choices,
          TypedNumbers.level(choices, problems),
          TypedNumbers.repetitions(choices, problems),
          TypedNumbers.seed(choices, problems));
    }

    Experiment experiment(Experiment.Draw draw, List<List<Double>> expected) {
      return new Experiment(draw, expected, CONTRIBUTION, repetitions, seed);
    }
  }

  @Override
  public Outcome derive(Solution solution) {
    List<Problem> problems = new ArrayList<>();
    Request request = Request.of(solution.choices(), problems);
    return solution.table().form() == TableForm.FREQUENCIES
        ? fit(solution, request, problems)
        : twoWay(solution, request, problems);
  }

  private Outcome twoWay(Solution solution, Request request, List<Problem> problems) {
    Checked<TwoWayTable> checked = TwoWayTable.check(solution.table());
    if (checked instanceof Checked.Good<TwoWayTable>(var table)) {
      checkSize(table.total(), problems);
    }
    return WorkedPage.checked(
        checked,
        problems,
        table -> {
          Lines lines =
              TwoWayStatistic.of(table, request.level(), Route.MARGINS, "expected").lines();
          List<Double> expected = numbers(lines, "E");
          int columns = table.columns().size();
          List<List<Double>> byRow =
              IntStream.range(0, table.rows().size())
                  .mapToObj(i -> expected.subList(i * columns, (i + 1) * columns))
                  .toList();
          Experiment experiment =
              request.experiment(
                  new Experiment.FixedMargins(
                      IntStream.range(0, table.rows().size()).mapToObj(table::rowTotal).toList(),
                      IntStream.range(0, columns).mapToObj(table::columnTotal).toList()),
                  byRow);
          return waiting(
              lines,
              experiment,
              (draws, values) ->
                  SimulationPage.of(
                      table, request.choices(), solution.question().story(), lines, draws, values));
        });
  }

  private Outcome fit(Solution solution, Request request, List<Problem> problems) {
    Choices choices = request.choices();
    Rescaling rescaling = FrequencySteps.rescaling(choices);
    Checked<FrequencyTable> checked =
        FrequencyTable.check(solution.table(), FrequencySteps.stated(choices), rescaling);
    if (checked instanceof Checked.Good<FrequencyTable>(var table)) {
      checkSize(table.total(), problems);
    }
    return WorkedPage.checked(
        checked,
        problems,
        table -> {
          Lines lines =
              FrequencyStatistic.of(table, request.level(), 0, rescaling, "expected").lines();
          Experiment experiment =
              request.experiment(
                  new Experiment.Multinomial(table.total(), numbers(lines, "s")),
                  List.of(numbers(lines, "E")));
          return waiting(
              lines,
              experiment,
              (draws, values) ->
                  SimulationPage.of(
                      table, choices, solution.question().story(), lines, draws, values));
        });
  }

  /// The exact values of a family, as doubles.
  private static List<Double> numbers(Lines lines, String family) {
    Evaluation exact = lines.evaluate(Reading.EXACT);
    return lines.family(family).stream().map(id -> exact.of(id).asDouble()).toList();
  }

  /// What was drawn becomes lines, and they and the page go on from there.
  private Waiting waiting(
      Lines lines, Experiment experiment, BiFunction<Draws, Evaluation, WorkedPage> page) {
    return new Waiting(
        experiment,
        draws -> {
          Lines all = lines.copy();
          SimulationLines.addTo(all, draws, experiment);
          return new Derived(
              WorkedPage.derivation(id(), all, List.of(), values -> page.apply(draws, values)));
        });
  }

  private static void checkSize(long n, List<Problem> problems) {
    if (n > MOST_OBSERVATIONS) {
      problems.add(
          new Problem(
              new Problem.WholeTable(),
              Phrase.of("problem.too-many-to-draw").with("n", n).with("most", MOST_OBSERVATIONS)));
    }
  }
}
