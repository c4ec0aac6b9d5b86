package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

/// What holds for every two-way table.
class IndependencePropertiesTest {
  @Provide
  Arbitrary<List<List<Long>>> tables() {
    return Arbitraries.integers()
        .between(2, 5)
        .flatMap(
            rows ->
                Arbitraries.integers()
                    .between(2, 5)
                    .flatMap(
                        columns ->
                            Arbitraries.longs()
                                .between(1, 300)
                                .list()
                                .ofSize(columns)
                                .list()
                                .ofSize(rows)));
  }

  @Provide
  Arbitrary<List<List<Long>>> twoByTwo() {
    return Arbitraries.longs().between(1, 120).list().ofSize(2).list().ofSize(2);
  }

  @Property(tries = 60)
  void totalsOfExpectedCountsAreThoseOfTheObserved(@ForAll("tables") List<List<Long>> counts) {
    Evaluation values = values(counts);
    for (int i = 1; i <= counts.size(); i++) {
      assertThat(values.of(LineId.of("E.R", i))).isEqualTo(values.of(LineId.of("R", i)));
    }
    for (int j = 1; j <= counts.getFirst().size(); j++) {
      assertThat(values.of(LineId.of("E.C", j))).isEqualTo(values.of(LineId.of("C", j)));
    }
    assertThat(values.of("E.n")).isEqualTo(values.of("n"));
  }

  @Property(tries = 60)
  void permutingRowsPermutesContributions(
      @ForAll("tables") List<List<Long>> counts, @ForAll long seed) {
    List<Integer> order = new ArrayList<>(IntStream.range(0, counts.size()).boxed().toList());
    Collections.shuffle(order, new Random(seed));
    Evaluation before = values(counts);
    Evaluation after = values(order.stream().map(counts::get).toList());
    for (int i = 0; i < order.size(); i++) {
      for (int j = 1; j <= counts.getFirst().size(); j++) {
        assertThat(after.of(LineId.of("K", i + 1, j)))
            .isEqualTo(before.of(LineId.of("K", order.get(i) + 1, j)));
      }
    }
    assertThat(after.of("X2")).isEqualTo(before.of("X2"));
    assertThat(after.of("p")).isEqualTo(before.of("p"));
  }

  @Property(tries = 60)
  void turningTheTableChangesNothingThatDecides(@ForAll("tables") List<List<Long>> counts) {
    Evaluation values = values(counts);
    Evaluation turned = ReferenceCases.derive(ReferenceCases.table(counts).turned()).exact();
    assertThat(turned.of("X2")).isEqualTo(values.of("X2"));
    assertThat(turned.of("df")).isEqualTo(values.of("df"));
  }

  @Property(tries = 60)
  void everyObservationTenTimesMakesTheStatisticTenTimesAsLarge(
      @ForAll("tables") List<List<Long>> counts) {
    List<List<Long>> more =
        counts.stream().map(row -> row.stream().map(c -> 10 * c).toList()).toList();
    Evaluation values = values(counts);
    Evaluation tenfold = values(more);
    assertThat(tenfold.of("X2")).isEqualTo(values.of("X2").times(Value.of(10)));
    assertThat(tenfold.of("w").decimal().subtract(values.of("w").decimal()).abs())
        .isLessThan(new BigDecimal("1e-30"));
  }

  @Property(tries = 60)
  void criticalValueAndPAgreeAtEveryLevel(
      @ForAll("tables") List<List<Long>> counts, @ForAll @IntRange(min = 1, max = 499) int alpha) {
    Solution solution = ReferenceCases.solution(ReferenceCases.table(counts));
    Derivation derivation =
        ReferenceCases.derive(
            solution.withChoices(
                solution.choices().withLevel("0." + String.format("%03d", alpha))));
    assertThat(derivation.exact().of("decision")).isEqualTo(derivation.exact().of("decision.p"));
  }

  @Property(tries = 60)
  void secondRoutesAgreeExactlyWhereNumbersAreFractions(@ForAll("tables") List<List<Long>> counts) {
    Derivation derivation = ReferenceCases.derive(ReferenceCases.table(counts));
    for (Line line : derivation.lines().values()) {
      if (List.of("n", "E", "X2").contains(line.id().name())) {
        assertThat(derivation.secondRoute(line.id(), derivation.exact()))
            .contains(derivation.exact().of(line.id()));
      }
    }
  }

  @Property(tries = 60)
  void theCorrectedPIsNeverBelowThePlainOne(@ForAll("twoByTwo") List<List<Long>> counts) {
    Evaluation values = values(counts);
    assertThat(values.of("X2.cc")).isLessThanOrEqualTo(values.of("X2"));
    assertThat(values.of("p.cc")).isGreaterThanOrEqualTo(values.of("p"));
  }

  @Property(tries = 60)
  void theSquareOfZIsTheStatistic(@ForAll("twoByTwo") List<List<Long>> counts) {
    Evaluation values = values(counts);
    assertThat(values.of("z.squared").minus(values.of("X2")).magnitude().decimal())
        .isLessThan(new BigDecimal("1e-30"));
  }

  @Property(tries = 60)
  void pFallsAsTheStatisticGrows(
      @ForAll @IntRange(min = 100, max = 4000) int x, @ForAll @IntRange(min = 1, max = 60) int df) {
    Value here = tail(Value.ratio(x, 20), df);
    Value further = tail(Value.ratio(x + 1, 20), df);
    assertThat(further).isLessThan(here);
    assertThat(tail(Value.ratio(x + 1, 20), df + 1)).isGreaterThan(further);
  }

  private static Value tail(Value x, int df) {
    return ChiSquaredUpperTail.INSTANCE.apply(List.of(x, Value.of(df)));
  }

  private static Evaluation values(List<List<Long>> counts) {
    return ReferenceCases.derive(ReferenceCases.table(counts)).exact();
  }
}
