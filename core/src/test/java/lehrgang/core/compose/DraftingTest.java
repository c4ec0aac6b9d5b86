package lehrgang.core.compose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import lehrgang.core.ReferenceCases;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;

/// Tables that are drawn have the margins that make a wish possible, and moving counts keeps them.
class DraftingTest {
  private static final double ABOUT = 0.13;

  private static Margins.Wanted wanted(
      int rows,
      int columns,
      long n,
      Optional<Integer> decimals,
      Optional<Boolean> hold,
      boolean nice) {
    return new Margins.Wanted(rows, columns, n, decimals, hold, nice, Optional.empty());
  }

  private static double[][] expected(Margins margins) {
    double[][] expected = new double[margins.rows().length][margins.columns().length];
    for (int i = 0; i < expected.length; i++) {
      for (int j = 0; j < expected[i].length; j++) {
        expected[i][j] = (double) margins.rows()[i] * margins.columns()[j] / margins.n();
      }
    }
    return expected;
  }

  @Property(tries = 200)
  void marginsAddUpAndAreAboutAsLargeAsAsked(
      @ForAll @IntRange(min = 2, max = 6) int rows,
      @ForAll @IntRange(min = 2, max = 6) int columns,
      @ForAll @LongRange(min = 60, max = 900) long n,
      @ForAll long seed) {
    Margins.draw(
            wanted(rows, columns, n, Optional.empty(), Optional.empty(), false),
            new SplittableRandom(seed))
        .ifPresent(
            margins -> {
              assertThat(Arrays.stream(margins.rows()).sum()).isEqualTo(margins.n());
              assertThat(Arrays.stream(margins.columns()).sum()).isEqualTo(margins.n());
              assertThat((double) margins.n()).isCloseTo(n, within(ABOUT * n + 1));
            });
  }

  @Property(tries = 200)
  void wholeMarginsGiveWholeExpectedCounts(
      @ForAll @IntRange(min = 2, max = 5) int rows,
      @ForAll @IntRange(min = 2, max = 5) int columns,
      @ForAll @LongRange(min = 100, max = 900) long n,
      @ForAll @IntRange(min = 0, max = 1) int decimals,
      @ForAll long seed) {
    Margins.draw(
            wanted(rows, columns, n, Optional.of(decimals), Optional.empty(), false),
            new SplittableRandom(seed))
        .ifPresent(
            margins -> {
              double unit = Math.pow(10, decimals);
              for (double[] row : expected(margins)) {
                for (double e : row) {
                  assertThat(e * unit).isCloseTo(Math.rint(e * unit), within(1e-9));
                }
              }
              assertThat(Arrays.stream(margins.rows()).sum()).isEqualTo(margins.n());
            });
  }

  @Property(tries = 100)
  void conditionsAreHeldOrBrokenByTheMargins(@ForAll boolean hold, @ForAll long seed) {
    Margins.draw(
            wanted(3, 3, hold ? 200 : 70, Optional.empty(), Optional.of(hold), false),
            new SplittableRandom(seed))
        .ifPresent(
            margins -> {
              double least =
                  Arrays.stream(expected(margins)).flatMapToDouble(Arrays::stream).min().orElse(0);
              assertThat(least >= 5).isEqualTo(hold);
            });
  }

  /// Rounding to whole counts moves no margin.
  @Property(tries = 200)
  void independenceInWholeCountsKeepsTheMargins(@ForAll long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Margins.draw(wanted(4, 5, 300, Optional.empty(), Optional.empty(), false), random)
        .ifPresent(
            margins -> {
              long[][] counts = margins.expected();
              for (int i = 0; i < 4; i++) {
                assertThat(Arrays.stream(counts[i]).sum()).isEqualTo(margins.rows()[i]);
              }
              for (int j = 0; j < 5; j++) {
                int column = j;
                assertThat(Arrays.stream(counts).mapToLong(row -> row[column]).sum())
                    .isEqualTo(margins.columns()[j]);
              }
              double[][] expected = expected(margins);
              for (int i = 0; i < 4; i++) {
                for (int j = 0; j < 5; j++) {
                  assertThat((double) counts[i][j]).isCloseTo(expected[i][j], within(2.0));
                }
              }
            });
  }

  /// What begins as far from independence as a model keeps its margins, and no count is negative
  /// even where there is little room.
  @Property(tries = 200)
  void deviationsOfAModelKeepTheMargins(@ForAll long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    long[][] model = new long[4][5];
    for (long[] row : model) {
      Arrays.setAll(row, _ -> random.nextLong(40));
    }
    Margins margins =
        new Margins(
            Arrays.stream(model).mapToLong(row -> Arrays.stream(row).sum()).toArray(),
            IntStream.range(0, 5)
                .mapToLong(j -> Arrays.stream(model).mapToLong(row -> row[j]).sum())
                .toArray(),
            Arrays.stream(model).flatMapToLong(Arrays::stream).sum());
    double[][] deviations = margins.deviations(model);
    assertThat(margins.deviating(deviations)).isDeepEqualTo(model);
    TwoWayDrafting drafting =
        new TwoWayDrafting(
            ReferenceCases.table(
                Arrays.stream(model).map(row -> Arrays.stream(row).boxed().toList()).toList()),
            new Margins.Wanted(
                4, 5, margins.n(), Optional.empty(), Optional.empty(), false, Optional.of(margins)),
            Optional.of(deviations));
    drafting
        .begin(random)
        .ifPresent(
            begun -> {
              assertThat(Arrays.stream(begun).flatMapToLong(Arrays::stream))
                  .allMatch(count -> count >= 0);
              assertThat((double) Arrays.stream(begun).flatMapToLong(Arrays::stream).sum())
                  .isCloseTo(margins.n(), within(0.13 * margins.n() + 1));
            });
  }

  @Property(tries = 200)
  void movingCountsKeepsMarginsAndNoCountFallsBelowZero(@ForAll long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    long[][] counts = {{12, 3, 0}, {7, 30, 4}, {1, 9, 40}};
    long[][] now = counts;
    for (int step = 0; step < 30; step++) {
      now = TwoWayDrafting.swapped(now, 0, 3, random.nextDouble(), random).orElse(now);
    }
    for (int i = 0; i < 3; i++) {
      int place = i;
      assertThat(Arrays.stream(now[i]).sum()).isEqualTo(Arrays.stream(counts[i]).sum());
      assertThat(Arrays.stream(now).mapToLong(row -> row[place]).sum())
          .isEqualTo(Arrays.stream(counts).mapToLong(row -> row[place]).sum());
      assertThat(Arrays.stream(now[i]).min().orElse(-1)).isNotNegative();
    }
    assertThat(counts[0]).containsExactly(12, 3, 0);
  }

  @Property(tries = 100)
  void aFitKeepsItsSumAndWholeExpectedCounts(@ForAll long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    FitDrafting drafting =
        new FitDrafting(
            ReferenceCases.frequencies(
                List.of(20L, 20L, 20L, 20L), List.of("10 %", "20 %", "30 %", "40 %")),
            List.of(0.1, 0.2, 0.3, 0.4),
            200,
            Optional.of(0),
            false,
            Optional.empty());
    long[][] begun = drafting.begin(random).orElseThrow();
    long n = Arrays.stream(begun).mapToLong(row -> row[0]).sum();
    assertThat(n % 10).isZero();
    long[][] now = begun;
    for (int step = 0; step < 20; step++) {
      now = drafting.moved(now, random.nextDouble(), random).orElse(now);
    }
    assertThat(Arrays.stream(now).mapToLong(row -> row[0]).sum()).isEqualTo(n);
    assertThat(drafting.table(now).cells()).allMatch(row -> row.get(1).endsWith("%"));
  }

  @Property(tries = 100)
  void aWholeInPartsIsTheWhole(
      @ForAll @IntRange(min = 1, max = 9) int many,
      @ForAll @LongRange(min = 9, max = 500) long whole,
      @ForAll long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    long[] parts = Drafting.parts(whole, many, random);
    assertThat(Arrays.stream(parts).sum()).isEqualTo(whole);
    assertThat(Arrays.stream(parts).min().orElse(0)).isPositive();
    long[] scaled = LongArrays.scaled(parts, 1000);
    assertThat(Arrays.stream(scaled).sum()).isEqualTo(1000);
    for (int k = 0; k < many; k++) {
      assertThat((double) scaled[k]).isCloseTo(1000.0 * parts[k] / whole, within(1.0));
    }
  }
}
