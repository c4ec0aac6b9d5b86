package lehrgang.core;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
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
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.provider.Arguments;

/// Solutions with data and choices as they come: of every procedure, small and large, with zeros
/// and with proportions that hardly anyone has. Each build draws others (see [Seed]), as many of
/// each procedure as of any other.
public final class SomeSolutions {
  /// So many of each procedure; `-Dlehrgang.solutions=N` draws others.
  private static final int EACH = Integer.getInteger("lehrgang.solutions", Extent.of(4, 12));

  /// A table may have a few of them and still be counted.
  private static final long LARGEST_COUNT = 1_000_000_000L;

  /// Data that a procedure refuses are drawn again, but not for ever.
  private static final int TRIES = 100;

  private static final List<String> LEVELS = List.of("0.05", "0.01", "0.5", "1e-10", "0.0001");

  /// Drawn once for all tests of a process, whose derivations are shared too.
  private static final List<Drawn> SOME =
      Procedures.all().stream()
          .flatMap(
              procedure ->
                  IntStream.range(0, EACH)
                      .mapToObj(k -> drawn(procedure, Seed.of(procedure.id() + " " + k))))
          .toList();

  private final Random random;

  private SomeSolutions(Random random) {
    this.random = random;
  }

  private record Drawn(Solution solution, long seed) {
    Arguments arguments(Object solved) {
      return Arguments.of(
          Named.of(solution.procedure() + ", seed " + seed, solved), new Random(seed));
    }
  }

  /// Solutions that can be worked out, each with a source of random numbers of its own.
  static Stream<Arguments> solutions() {
    return SOME.stream().map(drawn -> drawn.arguments(drawn.solution()));
  }

  /// The same, worked out.
  static Stream<Arguments> derivations() {
    return SOME.stream().map(drawn -> drawn.arguments(ReferenceCases.derive(drawn.solution())));
  }

  private static Drawn drawn(Procedure procedure, long seed) {
    SomeSolutions some = new SomeSolutions(new Random(seed));
    return Stream.generate(() -> some.solution(procedure))
        .limit(TRIES)
        .filter(one -> Procedures.workAtOnce(one) instanceof Procedure.Derived)
        .findFirst()
        .map(solution -> new Drawn(solution, seed))
        .orElseThrow(() -> new AssertionError("none of " + procedure.id() + " is worked out"));
  }

  private Solution solution(Procedure procedure) {
    Solution solution = ReferenceCases.solution(procedure.id(), table(procedure));
    for (var option : procedure.options()) {
      if (option instanceof OneOf choice && choice.scope().holds(solution.table())) {
        solution =
            solution.withChoices(
                solution.choices().withOption(choice.id(), oneOf(choice.values())));
      }
    }
    return typed(told(solution));
  }

  /// A third with no story, the others with some of it or all.
  private Solution told(Solution solution) {
    int parts = random.nextInt(3);
    return solution.withQuestion(
        solution
            .question()
            .withStory(
                SomeStories.of(
                    solution.table(), _ -> parts > 0 && (parts > 1 || random.nextBoolean()))));
  }

  private Solution typed(Solution solution) {
    return inSomeWay(solution)
        .withChoices(
            solution
                .choices()
                .withTyped("claimed", oneOf(List.of("0.5", "0.02", "0.999", "1e-5")))
                .withTyped("repetitions", "99")
                .withLevel(level())
                .withOnTheWay(oneOf(List.of(Optional.empty(), Optional.of(0), Optional.of(3))))
                .withDecimals(Decimals.usual().withAll(random.nextInt(6))));
  }

  /// A usual level, or any that can be typed.
  private String level() {
    return random.nextInt(3) > 0
        ? oneOf(LEVELS)
        : 1 + random.nextInt(9) + "e-" + (1 + random.nextInt(299));
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
      case 2 -> random.nextInt(4) > 0 ? random.nextInt(90) : random.nextLong(LARGEST_COUNT);
      default -> random.nextInt(90);
    };
  }

  private <T> T oneOf(List<T> values) {
    return values.get(random.nextInt(values.size()));
  }
}
