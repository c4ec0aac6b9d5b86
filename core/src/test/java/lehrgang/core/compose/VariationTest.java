package lehrgang.core.compose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.Extent;
import lehrgang.core.ReferenceCases;
import lehrgang.core.Sampled;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Condition;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Every student of a class gets other counts that are as hard as the model's.
@Sampled
class VariationTest {
  private static final int CLASS = Extent.of(4, 20);
  private static final int FEW = Extent.of(2, 8);

  static List<Solution> models() {
    return Extent.of("models", 4, everyModel());
  }

  private static List<Solution> everyModel() {
    return Stream.concat(
            ReferenceCases.oneOfEach().stream()
                .filter(solution -> !solution.procedure().equals("simulation")),
            Stream.of(farFromIndependence()))
        .toList();
  }

  /// A table whose counts lie far from what is expected, in many cells: χ² = 441.8.
  private static Solution farFromIndependence() {
    List<List<Long>> counts =
        IntStream.range(0, 6)
            .mapToObj(
                i ->
                    IntStream.range(0, 6)
                        .mapToObj(j -> i == j ? 90L : 20L + (i * 7 + j * 5) % 23)
                        .toList())
            .toList();
    return ReferenceCases.solution(ReferenceCases.table(counts));
  }

  private static List<Proposal> variants(Proposal model, long seed, int many) {
    Variation variation = Variation.of(model, seed);
    return IntStream.range(0, many)
        .mapToObj(k -> variation.next("walker " + k).orElseThrow())
        .toList();
  }

  @ParameterizedTest
  @MethodSource("models")
  void allAreAsHardAsTheModel(Solution solution) {
    Proposal model = Proposal.of(solution).orElseThrow();
    Set<List<List<String>>> seen = new HashSet<>(Set.of(solution.table().cells()));
    for (Proposal variant : variants(model, 5, CLASS)) {
      Solution changed = variant.solution();
      assertThat(seen.add(changed.table().cells())).as("different data").isTrue();
      assertThat(changed.withTable(solution.table())).isEqualTo(solution);
      assertThat(variant.rejects()).isEqualTo(model.rejects());
      for (Condition condition : model.derivation().conditions()) {
        assertThat(variant.holds(condition.line())).isEqualTo(model.holds(condition.line()));
      }
      model
          .statistic()
          .ifPresent(
              line -> {
                double statistic = Math.abs(value(model, line));
                assertThat(Math.abs(value(variant, line)))
                    .isBetween(
                        statistic * (1 - Variation.BAND) - 1e-9,
                        statistic * (1 + Variation.BAND) + 1e-9);
              });
      assertThat(lengths(changed.table())).isEqualTo(lengths(solution.table()));
    }
  }

  private static double value(Proposal proposal, LineId line) {
    return proposal.derivation().exact().find(line).orElseThrow().asDouble();
  }

  private static List<Integer> lengths(TableEntry table) {
    List<Integer> lengths = new ArrayList<>();
    int columns = table.form() == TableForm.FREQUENCIES ? 1 : table.columns().size();
    table.cells().forEach(row -> row.stream().limit(columns).forEach(c -> lengths.add(c.length())));
    return lengths;
  }

  @ParameterizedTest
  @MethodSource("models")
  void theSameListAndSeedGiveTheSameCountsAndALateStudentChangesNobodys(Solution solution) {
    Proposal model = Proposal.of(solution).orElseThrow();
    List<TableEntry> first = tables(variants(model, 5, FEW));
    List<TableEntry> later = tables(variants(model, 5, FEW + 1));
    assertThat(later.subList(0, FEW)).isEqualTo(first);
  }

  private static List<TableEntry> tables(List<Proposal> found) {
    return found.stream().map(one -> one.solution().table()).toList();
  }

  @Test
  void anotherSeedGivesOtherCountsToTheSameNames() {
    Proposal model =
        Proposal.of(ReferenceCases.solution(ReferenceCases.trailRegister())).orElseThrow();
    assertThat(tables(variants(model, 6, FEW)))
        .doesNotContainAnyElementsOf(tables(variants(model, 5, FEW)));
  }

  /// Expected counts that are whole in the model are whole for everyone.
  @Test
  void wholeExpectedCountsStayWhole() {
    TableEntry whole = ReferenceCases.table(List.of(List.of(25L, 15L), List.of(15L, 25L)));
    Proposal model = Proposal.of(ReferenceCases.solution(whole)).orElseThrow();
    for (Proposal variant : variants(model, 5, CLASS)) {
      assertThat(variant.expected()).allMatch(value -> value.isWhole());
    }
  }

  /// There are only so many tables with margins like these: who asks for more is told.
  @Tag(Extent.EXHAUSTIVE)
  @Test
  void thereIsAnEndToSmallTables() {
    Proposal model =
        Proposal.of(
                ReferenceCases.solution(
                    "fisher", ReferenceCases.table(List.of(List.of(3L, 0L), List.of(0L, 3L)))))
            .orElseThrow();
    Variation variation = Variation.of(model, 1);
    assertThat(IntStream.range(0, 250).mapToObj(k -> variation.next("walker " + k)))
        .as("what is drawn for 250 walkers")
        .anyMatch(Optional::isEmpty);
  }
}
