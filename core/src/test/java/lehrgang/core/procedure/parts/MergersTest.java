package lehrgang.core.procedure.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Change;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.procedure.Changes;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.procedure.parts.Mergers.Merged;
import lehrgang.core.solution.Solution;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/// Merging neighbours where expected counts are too small.
class MergersTest {
  private static List<String> names(String kind, int many) {
    return IntStream.rangeClosed(1, many).mapToObj(k -> kind + k).toList();
  }

  private static boolean everyFive(Merged table) {
    return table.below(Value.of(5)) == 0;
  }

  private static List<PageBlock.Way> ways(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    return page.steps().stream()
        .filter(step -> step.id().equals("conditions"))
        .flatMap(step -> step.blocks().stream())
        .flatMap(
            block -> block instanceof PageBlock.Ways(_, var ways) ? ways.stream() : Stream.empty())
        .toList();
  }

  @Test
  void theFewestMergersComeFirstWithWhatTheyWouldChange() {
    Solution sparse =
        ReferenceCases.solution(
            "independence",
            ReferenceCases.table(
                List.of(
                    List.of(30L, 25L, 2L),
                    List.of(28L, 31L, 3L),
                    List.of(2L, 1L, 1L),
                    List.of(40L, 35L, 6L))));
    List<PageBlock.Way> ways = ways(sparse);
    assertThat(ways.getFirst().name()).isEqualTo("merge as few categories as possible (2)");
    assertThat(ways.getFirst().effect())
        .contains("the condition holds with “", "0.24 →", "table 4 × 3 →");
    Solution merged = Changes.apply(ways.getFirst().change(), sparse);
    assertThat(ways(merged)).isEmpty();
    assertThat(ways.stream().map(PageBlock.Way::name)).anyMatch(name -> name.startsWith("merge “"));
  }

  @Test
  void aFitOffersMergersOfItsCategories() {
    Solution fit =
        ReferenceCases.solution(
            "goodness-of-fit",
            ReferenceCases.frequencies(
                List.of(30L, 3L, 2L, 25L), List.of("50 %", "5 %", "5 %", "40 %")));
    PageBlock.Way first = ways(fit).getFirst();
    assertThat(first.effect()).contains("3.00 → 6.00", "table 4 → 3");
    TableEntry merged = Changes.apply(first.change(), fit).table();
    assertThat(merged.cells()).contains(List.of("5", "10 %"));
  }

  /// What an offer says of the merged table is what the merged table then says of itself, also
  /// where a layer had an empty category before.
  @Property(tries = 200)
  void layersAreMergedAlikeAndLeaveWhatWasAnnounced(
      @ForAll @Size(min = 2, max = 3)
          List<@Size(3) List<@Size(3) List<@IntRange(max = 9) Integer>>> layers) {
    Solution sparse =
        ReferenceCases.solution(
            "layers",
            ReferenceCases.layers(
                layers.stream()
                    .map(
                        layer ->
                            layer.stream()
                                .map(row -> row.stream().map(Integer::longValue).toList())
                                .toList())
                    .toList()));
    if (!(Procedures.of("layers").derive(sparse) instanceof Procedure.Derived)) {
      return;
    }
    for (PageBlock.Way way : ways(sparse)) {
      Solution merged = Changes.apply(way.change(), sparse);
      assertThat(merged.table().layers()).isEqualTo(sparse.table().layers());
      assertThat(total(merged.table())).isEqualTo(total(sparse.table()));
      if (way.change() instanceof Change.MergeRows || way.change() instanceof Change.MergeColumns) {
        String left = way.effect().replaceAll(".*→ ([0-9.]+);.*", "$1");
        assertThat(ReferenceCases.derive(merged).exact().of("E.min").rounded(2).toPlainString())
            .isEqualTo(left);
      }
    }
  }

  private static long total(TableEntry table) {
    return table.cells().stream().flatMap(List::stream).mapToLong(Long::parseLong).sum();
  }

  /// 2.925 is a sum of decimals that falls short of it.
  @Test
  void anAnnouncedCountIsRoundedAsThePageRoundsIt() {
    Solution sparse =
        ReferenceCases.solution(
            "layers",
            ReferenceCases.layers(
                List.of(
                    List.of(List.of(0L, 0L, 0L), List.of(0L, 0L, 0L), List.of(0L, 0L, 2L)),
                    List.of(List.of(0L, 0L, 9L), List.of(6L, 0L, 9L), List.of(0L, 7L, 9L)))));
    assertThat(ways(sparse)).anyMatch(way -> way.effect().contains("→ 2.93;"));
  }

  @Test
  void largerLayersWithSmallCountsAreOfferedTheMergersThatMendThem() {
    Solution sparse =
        ReferenceCases.solution(
            "layers",
            ReferenceCases.layers(
                List.of(
                    List.of(List.of(30L, 25L), List.of(20L, 31L), List.of(3L, 2L)),
                    List.of(List.of(40L, 22L), List.of(18L, 27L), List.of(0L, 0L)))));
    List<PageBlock.Way> ways = ways(sparse);
    assertThat(ways.getFirst().effect()).contains("the condition holds with “", "3 × 2 → 2 × 2");
    Solution merged = Changes.apply(ways.getFirst().change(), sparse);
    assertThat(merged.table().cells())
        .containsExactly(
            List.of("30", "25"), List.of("23", "33"), List.of("40", "22"), List.of("18", "27"));
    assertThat(ways(merged)).isEmpty();
  }

  @Property(tries = 60)
  void noFewerMergersWouldDo(
      @ForAll @Size(min = 3, max = 5)
          List<@Size(3) List<@IntRange(min = 1, max = 9) Integer>> cells) {
    List<List<Value>> expected =
        cells.stream().map(row -> row.stream().<Value>map(Value::of).toList()).toList();
    Mergers mergers = new Mergers(expected, names("r", cells.size()), names("c", 3));
    Optional<Merged> plan = mergers.fewest(MergersTest::everyFive);
    if (plan.isEmpty()) {
      return;
    }
    assertThat(everyFive(plan.get())).isTrue();
    int needed = plan.get().changes().size();
    List<Merged> level = List.of(mergers.start());
    for (int depth = 0; depth < needed; depth++) {
      assertThat(level).noneMatch(MergersTest::everyFive);
      level = level.stream().flatMap(table -> Mergers.neighbours(table).stream()).toList();
    }
  }

  @Test
  void aLargeSparseTableIsMergedInGoodTime() {
    List<List<Value>> expected =
        Collections.nCopies(30, Collections.nCopies(30, Value.ratio(2, 5)));
    Mergers mergers = new Mergers(expected, names("r", 30), names("c", 30));
    Merged plan = mergers.fewest(MergersTest::everyFive).orElseThrow();
    assertThat(plan.below(Value.of(5))).isZero();
    assertThat(plan.rows().size()).isGreaterThanOrEqualTo(2);
    assertThat(plan.changes()).hasSizeLessThan(56).doesNotContainNull();
    assertThat(plan.changes()).anyMatch(Change.MergeRows.class::isInstance);
  }
}
