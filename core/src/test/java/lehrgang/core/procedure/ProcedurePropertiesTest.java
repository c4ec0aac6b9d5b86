package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Change;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

/// What must hold for any data, whatever the numbers.
class ProcedurePropertiesTest {
  private static Evaluation values(String procedure, TableEntry table) {
    return ReferenceCases.derive(ReferenceCases.solution(procedure, table)).exact();
  }

  private static Solution shares(int x1, int n1, int x2, int n2) {
    return ReferenceCases.solution(
        "two-proportions",
        ReferenceCases.shares(
            List.of(List.of((long) x1, (long) n1), List.of((long) x2, (long) n2))));
  }

  private static Evaluation with(Solution solution, String option, String value) {
    return ReferenceCases.derive(solution.withChoices(solution.choices().withOption(option, value)))
        .exact();
  }

  private static boolean close(Value one, Value other) {
    double size = Math.max(Math.abs(other.asDouble()), 1e-300);
    return Math.abs(one.minus(other).asDouble()) <= 1e-12 * size;
  }

  @Property(tries = 60)
  void permutingTheCategoriesOfAFitPermutesItsContributions(
      @ForAll @Size(min = 3, max = 6) List<@IntRange(min = 1, max = 400) Integer> counts) {
    List<Long> forward = counts.stream().map(Integer::longValue).toList();
    Evaluation one = values("goodness-of-fit", ReferenceCases.frequencies(forward, List.of()));
    Evaluation other =
        values("goodness-of-fit", ReferenceCases.frequencies(forward.reversed(), List.of()));
    int k = counts.size();
    assertThat(IntStream.rangeClosed(1, k))
        .allMatch(i -> one.of(LineId.of("K", i)).equals(other.of(LineId.of("K", k + 1 - i))));
    assertThat(one.of("X2")).isEqualTo(other.of("X2"));
    assertThat(one.of("E.n")).isEqualTo(one.of("n"));
    assertThat(one.of("s.sum")).isEqualTo(Value.ONE);
  }

  @Property(tries = 60)
  void swappingTheGroupsTurnsTheSignOfZAndTheSquareIsChiSquared(
      @ForAll @IntRange(min = 1, max = 60) int x1,
      @ForAll @IntRange(min = 0, max = 60) int more1,
      @ForAll @IntRange(min = 0, max = 60) int x2,
      @ForAll @IntRange(min = 1, max = 60) int more2) {
    Solution solution = shares(x1, x1 + more1, x2, x2 + more2);
    Evaluation one = ReferenceCases.derive(solution).exact();
    Evaluation other =
        ReferenceCases.derive(solution.withTable(solution.table().swapped())).exact();
    assertThat(close(one.of("z"), other.of("z").negated())).isTrue();
    assertThat(close(one.of("p"), other.of("p"))).isTrue();
    assertThat(close(one.of("z").power(2), one.of("X2"))).isTrue();
    assertThat(close(one.of("p"), one.of("p.X2"))).isTrue();
    Evaluation less = with(solution, "alternative", "less");
    Evaluation greater = with(solution, "alternative", "greater");
    assertThat(close(less.of("p").plus(greater.of("p")), Value.ONE)).isTrue();
  }

  @Property(tries = 40)
  void theContinuityCorrectionNeverLowersP(
      @ForAll @IntRange(min = 1, max = 40) int x1,
      @ForAll @IntRange(min = 1, max = 40) int more1,
      @ForAll @IntRange(min = 1, max = 40) int x2,
      @ForAll @IntRange(min = 1, max = 40) int more2) {
    Evaluation corrected = with(shares(x1, x1 + more1, x2, x2 + more2), "correction", "corrected");
    assertThat(corrected.of("p.cc").compareTo(corrected.of("p"))).isGreaterThanOrEqualTo(0);
  }

  @Property(tries = 60)
  void theProbabilitiesOfAllTablesAddUpToOneAndTheTailsOverlapInTheObservedOne(
      @ForAll @IntRange(min = 1, max = 25) int a,
      @ForAll @IntRange(min = 1, max = 25) int b,
      @ForAll @IntRange(min = 1, max = 25) int c,
      @ForAll @IntRange(min = 1, max = 25) int d) {
    TableEntry table =
        ReferenceCases.table(List.of(List.of((long) a, (long) b), List.of((long) c, (long) d)));
    Solution solution = ReferenceCases.solution("fisher", table);
    Evaluation values = ReferenceCases.derive(solution).exact();
    Value sum =
        values.results().keySet().stream()
            .filter(id -> id.name().equals("P"))
            .map(values::of)
            .reduce(Value.ZERO, Value::plus);
    assertThat(sum).isEqualTo(Value.ONE);
    Value overlap = values.of("p.less").plus(values.of("p.greater")).minus(Value.ONE);
    assertThat(overlap).isEqualTo(values.of(LineId.of("P", a)));
    assertThat(values.of("p").compareTo(values.of(LineId.of("P", a)))).isGreaterThanOrEqualTo(0);
  }

  @Property(tries = 60)
  void aTableThatSwitchesToSharesAndBackIsTheSameTable(
      @ForAll @IntRange(min = 0, max = 90) int a,
      @ForAll @IntRange(min = 1, max = 90) int b,
      @ForAll @IntRange(min = 1, max = 90) int c,
      @ForAll @IntRange(min = 0, max = 90) int d) {
    Solution there =
        ReferenceCases.solution(
            "independence",
            ReferenceCases.table(
                List.of(List.of((long) a, (long) b), List.of((long) c, (long) d))));
    Solution shares = Changes.apply(new Change.SwitchTo("two-proportions"), there);
    Solution back = Changes.apply(new Change.SwitchTo("independence"), shares);
    assertThat(back.table().cells()).isEqualTo(there.table().cells());
    assertThat(back.table().columns()).isEqualTo(there.table().columns());
  }

  @Property(tries = 60)
  void bothDecisionsAgreeForAnyLevel(
      @ForAll @IntRange(min = 0, max = 80) int successes,
      @ForAll @IntRange(min = 1, max = 499) int thousandths) {
    Solution solution =
        ReferenceCases.solution(
            "one-proportion", ReferenceCases.shares(List.of(List.of((long) successes, 80L))));
    for (String side : List.of("two-sided", "less", "greater")) {
      Evaluation values =
          ReferenceCases.derive(
                  solution.withChoices(
                      solution
                          .choices()
                          .withOption("alternative", side)
                          .withLevel("0." + String.format("%03d", thousandths))))
              .exact();
      assertThat(values.of("decision")).isEqualTo(values.of("decision.p"));
    }
  }

  @Property(tries = 40)
  void theExactTestOfTwiceTheCountsIsThatOfTheDoubledTable(
      @ForAll @IntRange(min = 1, max = 12) int a,
      @ForAll @IntRange(min = 0, max = 12) int b,
      @ForAll @IntRange(min = 0, max = 12) int c,
      @ForAll @IntRange(min = 1, max = 12) int d) {
    Evaluation own = values("fisher", fourfold(a, b, c, d));
    Evaluation doubled = values("fisher", fourfold(2 * a, 2 * b, 2 * c, 2 * d));
    assertThat(own.of("p.double")).isEqualTo(doubled.of("p"));
    assertThat(doubled.of("p.half")).isEqualTo(own.of("p"));
  }

  private static TableEntry fourfold(long a, long b, long c, long d) {
    return ReferenceCases.table(List.of(List.of(a, b), List.of(c, d)));
  }

  @Property(tries = 60)
  void theDistanceOfTwoSharesTurnsItsSignWithTheGroups(
      @ForAll @IntRange(min = 1, max = 80) int x1, @ForAll @IntRange(min = 1, max = 80) int x2) {
    Value one = ReferenceCases.derive(shares(x1, 90, x2, 90)).exact().of("h");
    Value other = ReferenceCases.derive(shares(x2, 90, x1, 90)).exact().of("h");
    double expected = 2 * Math.asin(Math.sqrt(x1 / 90.0)) - 2 * Math.asin(Math.sqrt(x2 / 90.0));
    assertThat(one).isEqualTo(other.negated());
    assertThat(one.asDouble()).isCloseTo(expected, within(1e-12));
  }
}
