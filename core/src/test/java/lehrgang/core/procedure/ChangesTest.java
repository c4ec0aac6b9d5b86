package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Change;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Whatever a page offers can be taken, and nobody is lost on the way.
class ChangesTest {
  static Stream<Solution> oneOfEach() {
    return ReferenceCases.oneOfEach().stream();
  }

  private static List<PageBlock.Way> ways(Solution solution) {
    List<PageBlock.Way> ways = new ArrayList<>();
    ReferenceCases.page(solution, Audience.FULL)
        .steps()
        .forEach(
            step ->
                step.blocks().stream()
                    .filter(PageBlock.Ways.class::isInstance)
                    .forEach(block -> ways.addAll(((PageBlock.Ways) block).ways())));
    return ways;
  }

  private static long people(TableEntry table) {
    int counted = table.form() == TableForm.FREQUENCIES ? 1 : table.columns().size();
    return table.cells().stream()
        .flatMap(row -> row.stream().limit(counted))
        .mapToLong(Long::parseLong)
        .sum();
  }

  /// Of successes and trials only the trials are people.
  private static long observations(TableEntry table) {
    return table.form() == TableForm.SHARES
        ? table.cells().stream().mapToLong(row -> Long.parseLong(row.getLast())).sum()
        : people(table);
  }

  @ForSomeSolutions
  void whatIsOfferedLeadsToAPageOrToASentenceAndKeepsEveryObservation(Solution solution) {
    for (PageBlock.Way way : ways(solution)) {
      Solution changed = Changes.apply(way.change(), solution);
      assertThat(changed).isNotEqualTo(solution);
      assertThat(changed.question()).isEqualTo(solution.question());
      assertThat(observations(changed.table())).isEqualTo(observations(solution.table()));
      switch (Procedures.workAtOnce(changed)) {
        case Procedure.Derived(var derivation) ->
            assertThat(Page.of(changed, derivation, Audience.FULL).steps()).hasSizeGreaterThan(3);
        case Procedure.Refused(var problems) ->
            assertThat(problems)
                .allSatisfy(
                    problem ->
                        assertThat(Wording.english().text(problem.sentence())).endsWith("."));
      }
    }
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void everyWayHasANameAndSaysWhatItWouldChange(Solution solution) {
    assertThat(ways(solution))
        .allSatisfy(
            way -> {
              assertThat(way.name()).isNotBlank();
              assertThat(way.effect()).isNotBlank().isNotEqualTo(way.name());
            });
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void switchingToAnotherProcedureAndBackKeepsTheCounts(Solution solution) {
    for (PageBlock.Way way : ways(solution)) {
      if (way.change() instanceof Change.SwitchTo(var other)
          && Procedures.of(other).forms().contains(solution.table().form())) {
        Solution there = Changes.apply(way.change(), solution);
        Solution back = Changes.apply(new Change.SwitchTo(solution.procedure()), there);
        assertThat(back.table()).isEqualTo(solution.table());
        assertThat(back.procedure()).isEqualTo(solution.procedure());
        assertThat(there.students()).isEqualTo(Procedures.of(other).usualStudentViews());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void mergingNeighboursAddsTheirCountsAndNamesBoth(Solution solution) {
    TableEntry table = solution.table();
    if (table.rows().size() < 3 || table.form() == TableForm.SHARES) {
      return;
    }
    TableEntry merged = Changes.apply(new Change.MergeRows(1), solution).table();
    assertThat(merged.rows()).hasSize(table.rows().size() - 1);
    assertThat(merged.rows().get(1)).contains(table.rows().get(1)).contains(table.rows().get(2));
    assertThat(people(merged)).isEqualTo(people(table));
    assertThat(merged.rows().getFirst()).isEqualTo(table.rows().getFirst());
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void whatIsOfferedWaitsWhereTheTableCannotBeRead(Solution solution) {
    Solution unread = solution.withTable(solution.table().withCell(0, 0, "many"));
    assertThat(ways(solution).stream().map(PageBlock.Way::change))
        .allSatisfy(
            change -> {
              assertThat(Changes.canBeMade(change, solution)).isTrue();
              assertThat(Changes.canBeMade(change, unread))
                  .isEqualTo(change instanceof Change.Choose);
            });
  }
}
