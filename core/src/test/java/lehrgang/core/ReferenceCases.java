package lehrgang.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// What tests share: the reference results, and solutions to work out.
public final class ReferenceCases {
  private static final BigDecimal TOLERANCE = new BigDecimal("1e-12");

  /// Derivations are values, and most tests look at the same few.
  private static final Map<Solution, Derivation> DERIVED =
      new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Solution, Derivation> eldest) {
          return size() > 200;
        }
      };

  private ReferenceCases() {}

  public static Collection<JsonNode> of(String file) {
    try (InputStream in = ReferenceCases.class.getResourceAsStream("cases/" + file)) {
      return JsonMapper.shared().readTree(in).values();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /// Whether two numbers agree to a relative 1e-12.
  public static boolean close(Value value, BigDecimal expected) {
    BigDecimal difference = value.decimal().subtract(expected).abs();
    return difference.compareTo(expected.abs().multiply(TOLERANCE)) <= 0;
  }

  /// The number that a reference gives.
  public static BigDecimal number(JsonNode node) {
    return new BigDecimal(node.get("value").asString());
  }

  public static TableEntry table(List<List<Long>> counts) {
    return new TableEntry(
        "route",
        "season",
        labels("route ", counts.size()),
        labels("season ", counts.getFirst().size()),
        counts.stream().map(row -> row.stream().map(String::valueOf).toList()).toList());
  }

  /// Two answers of the same walkers, the same ones before and after.
  public static TableEntry pairs(long keptFirst, long b, long c, long keptSecond) {
    List<String> answers = List.of("with map", "without map");
    return new TableEntry(
        "first day",
        "last day",
        answers,
        answers,
        List.of(
            List.of(Long.toString(keptFirst), Long.toString(b)),
            List.of(Long.toString(c), Long.toString(keptSecond))));
  }

  private static List<String> labels(String name, int many) {
    return IntStream.rangeClosed(1, many).mapToObj(i -> name + i).toList();
  }

  public static TableEntry trailRegister() {
    return new TableEntry(
        "route",
        "season",
        List.of("Lake loop", "Gorge path", "Summit way"),
        List.of("Spring", "Summer", "Autumn"),
        List.of(List.of("41", "55", "24"), List.of("38", "64", "58"), List.of("41", "101", "58")));
  }

  /// Counts by category; with shares where some are stated.
  public static TableEntry frequencies(List<Long> counts, List<String> shares) {
    boolean stated = !shares.isEmpty();
    return new TableEntry(
        TableForm.FREQUENCIES,
        "hut",
        "",
        labels("hut ", counts.size()),
        stated ? List.of(TableEntry.OBSERVED, TableEntry.SHARE) : List.of(TableEntry.OBSERVED),
        IntStream.range(0, counts.size())
            .mapToObj(
                i ->
                    stated
                        ? List.of(counts.get(i).toString(), shares.get(i))
                        : List.of(counts.get(i).toString()))
            .toList());
  }

  /// How often 0, 1, 2, … was seen, the last class open.
  public static TableEntry numbers(List<Long> frequencies) {
    return new TableEntry(
        TableForm.FREQUENCIES,
        "deer at the gate",
        "",
        IntStream.range(0, frequencies.size()).mapToObj(Integer::toString).toList(),
        List.of(TableEntry.OBSERVED),
        frequencies.stream().map(count -> List.of(count.toString())).toList());
  }

  private static Solution chosen(Solution solution, String option, String value) {
    return solution.withChoices(solution.choices().withOption(option, value));
  }

  /// Successes and trials, a group a row.
  public static TableEntry shares(List<List<Long>> groups) {
    return new TableEntry(
        TableForm.SHARES,
        "gate",
        "carries a map",
        labels("gate ", groups.size()),
        List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
        groups.stream().map(row -> row.stream().map(String::valueOf).toList()).toList());
  }

  /// Counts by layer, then row, then column.
  public static TableEntry layers(List<List<List<Long>>> counts) {
    return new TableEntry(
        TableForm.LAYERS,
        "before dark",
        "map",
        "season",
        labels("dark ", counts.getFirst().size()),
        labels("map ", counts.getFirst().getFirst().size()),
        labels("season ", counts.size()),
        counts.stream()
            .flatMap(layer -> layer.stream())
            .map(row -> row.stream().map(String::valueOf).toList())
            .toList());
  }

  /// One solution for each procedure, small enough to be read.
  public static List<Solution> oneOfEach() {
    return List.of(
        solution(trailRegister()),
        solution("goodness-of-fit", frequencies(List.of(18L, 22L, 31L, 17L), List.of())),
        solution(
            "goodness-of-fit",
            frequencies(List.of(18L, 22L, 31L, 17L), List.of("20 %", "30 %", "40 %", "10 %"))),
        solution("named-distribution", numbers(List.of(36L, 58L, 54L, 34L, 12L, 4L, 2L))),
        chosen(
            solution("named-distribution", numbers(List.of(8L, 31L, 46L, 27L, 8L))),
            "distribution",
            "binomial"),
        solution("one-proportion", shares(List.of(List.of(76L, 170L)))),
        solution("two-proportions", shares(List.of(List.of(67L, 90L), List.of(51L, 88L)))),
        solution("matched-pairs", pairs(40, 9, 23, 28)),
        solution(
            "layers",
            layers(
                List.of(
                    List.of(List.of(59L, 86L), List.of(4L, 17L)),
                    List.of(List.of(52L, 193L), List.of(1L, 11L)),
                    List.of(List.of(99L, 18L), List.of(40L, 17L))))),
        solution(
            "layers",
            layers(
                List.of(
                    List.of(List.of(12L, 9L), List.of(7L, 14L), List.of(8L, 8L)),
                    List.of(List.of(5L, 11L), List.of(6L, 9L), List.of(13L, 10L))))),
        solution("fisher", table(List.of(List.of(8L, 3L), List.of(4L, 6L)))),
        solution("simulation", table(List.of(List.of(8L, 3L), List.of(4L, 6L)))),
        solution("simulation", frequencies(List.of(8L, 3L, 4L), List.of())));
  }

  public static Solution solution(TableEntry table) {
    return solution("independence", table);
  }

  public static Solution solution(String id, TableEntry table) {
    Procedure procedure = Procedures.of(id);
    return new Solution(
        new Question("Does route choice depend on the season?", "", ""),
        Locale.ENGLISH,
        table,
        procedure.id(),
        Choices.usual(),
        procedure.usualStudentViews(),
        Map.of());
  }

  /// The solution worked out; once for all tests that ask.
  public static Derivation derive(Solution solution) {
    synchronized (DERIVED) {
      return DERIVED.computeIfAbsent(solution, ReferenceCases::derived);
    }
  }

  private static Derivation derived(Solution solution) {
    return switch (Procedures.workAtOnce(solution)) {
      case Procedure.Derived(var derivation) -> derivation;
      case Procedure.Refused(var problems) -> throw new AssertionError(problems.toString());
    };
  }

  public static Derivation derive(TableEntry table) {
    return derive(solution(table));
  }

  public static Page page(Solution solution, Audience audience) {
    return Page.of(solution, derive(solution), audience);
  }
}
