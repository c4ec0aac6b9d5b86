package lehrgang.core;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.notation.Symbols;
import lehrgang.core.number.Decimals;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.ProcedureOption.OneOf;
import lehrgang.core.solution.Solution;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;

/// Solutions with data and choices as they come: of every procedure, small and large, with zeros
/// and with shares that hardly anyone has.
public final class SomeSolutions {
  /// Where properties over solutions begin, so that a build that passed passes again. Others are
  /// tried with `-Dlehrgang.tries=N`; see `WorkingsTest`.
  public static final String SEED = "20261128";

  private static final List<String> LEVELS = List.of("0.05", "0.01", "0.5", "1e-10", "0.0001");

  private final Random random;

  private SomeSolutions(Random random) {
    this.random = random;
  }

  /// Solutions that can be worked out.
  public static Arbitrary<Solution> any() {
    return Arbitraries.randomValue(random -> new SomeSolutions(random).solution())
        .filter(SomeSolutions::canBeWorkedOut);
  }

  private static boolean canBeWorkedOut(Solution solution) {
    return Procedures.workAtOnce(solution) instanceof Procedure.Derived;
  }

  private Solution solution() {
    Procedure procedure = oneOf(Procedures.all());
    Solution solution = ReferenceCases.solution(procedure.id(), table(procedure));
    for (var option : procedure.options()) {
      if (option instanceof OneOf choice && choice.scope().holds(solution.table())) {
        solution =
            solution.withChoices(
                solution.choices().withOption(choice.id(), oneOf(choice.values())));
      }
    }
    return typed(solution);
  }

  private Solution typed(Solution solution) {
    return inSomeWay(solution)
        .withChoices(
            solution
                .choices()
                .withTyped("claimed", oneOf(List.of("0.5", "0.02", "0.999", "1e-5")))
                .withTyped("repetitions", "20")
                .withLevel(oneOf(LEVELS))
                .withOnTheWay(oneOf(List.of(Optional.empty(), Optional.of(0), Optional.of(3))))
                .withDecimals(Decimals.usual().withAll(random.nextInt(6))));
  }

  /// Some courses put the decision rule first, take the steps in an order of their own, and write
  /// other symbols.
  private Solution inSomeWay(Solution solution) {
    List<String> steps =
        new ArrayList<>(List.of("p", "critical", "conditions", "data", "expected"));
    Collections.shuffle(steps, random);
    StepOrder order =
        oneOf(
            List.of(new StepOrder.AsWorked(), new StepOrder.RuleFirst(), new StepOrder.Own(steps)));
    Symbols symbols = Symbols.usual();
    for (Symbols.Meaning meaning : Symbols.Meaning.values()) {
      symbols = symbols.with(meaning, oneOf(meaning.ways()));
    }
    return solution.withCourse(new Course(Map.of(), order, symbols));
  }

  private TableEntry table(Procedure procedure) {
    TableForm form = oneOf(procedure.forms());
    return switch (form) {
      case TWO_WAY ->
          switch (procedure.id()) {
            case "matched-pairs" -> ReferenceCases.pairs(count(), count(), count(), count());
            case "fisher" -> ReferenceCases.table(counts(2, 2, 12));
            default ->
                ReferenceCases.table(counts(2 + random.nextInt(3), 2 + random.nextInt(3), 0));
          };
      case FREQUENCIES -> procedure.id().equals("named-distribution") ? numbers() : frequencies();
      case SHARES ->
          ReferenceCases.shares(
              IntStream.range(0, procedure.groups()).mapToObj(_ -> group()).toList());
      case LAYERS -> layers();
    };
  }

  private TableEntry frequencies() {
    int many = 2 + random.nextInt(5);
    List<Long> counts = LongStream.range(0, many).map(_ -> count()).boxed().toList();
    List<String> shares =
        random.nextBoolean()
            ? List.of()
            : IntStream.range(0, many)
                .mapToObj(_ -> String.valueOf(1 + random.nextInt(9)))
                .toList();
    return ReferenceCases.frequencies(counts, shares);
  }

  /// How often 0, 1, 2, … was seen: about as a Poisson distribution has it.
  private TableEntry numbers() {
    int many = 3 + random.nextInt(6);
    double mean = 0.5 + random.nextInt(40) / 10.0;
    long hours = 30 + random.nextInt(300);
    double share = Math.exp(-mean);
    List<Long> frequencies = new ArrayList<>();
    for (int x = 0; x < many; x++) {
      frequencies.add(Math.max(0, Math.round(hours * share) + random.nextInt(7) - 3));
      share = share * mean / (x + 1);
    }
    return ReferenceCases.numbers(frequencies);
  }

  private List<Long> group() {
    long successes = count();
    return List.of(successes, successes + count());
  }

  private TableEntry layers() {
    int rows = 2 + random.nextInt(2);
    int columns = 2 + random.nextInt(2);
    List<List<List<Long>>> layers = new ArrayList<>();
    for (int layer = 0; layer < 2 + random.nextInt(2); layer++) {
      layers.add(counts(rows, columns, 0));
    }
    return ReferenceCases.layers(layers);
  }

  /// @param most none above; 0 for no bound
  private List<List<Long>> counts(int rows, int columns, int most) {
    return IntStream.range(0, rows)
        .mapToObj(
            _ ->
                LongStream.range(0, columns)
                    .map(_ -> most > 0 ? random.nextInt(most + 1) : count())
                    .boxed()
                    .toList())
        .toList();
  }

  private long count() {
    return switch (random.nextInt(20)) {
      case 0 -> 0;
      case 1 -> random.nextInt(1_000_000);
      default -> random.nextInt(90);
    };
  }

  private <T> T oneOf(List<T> values) {
    return values.get(random.nextInt(values.size()));
  }
}
