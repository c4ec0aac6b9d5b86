package lehrgang.core.compose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.Extent;
import lehrgang.core.ReferenceCases;
import lehrgang.core.Sampled;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Every proposal shows what was asked for: by plain arithmetic where that is short, else by its
/// derivation.
class ComposerTest {
  private static Proposal model(Solution solution) {
    return Proposal.of(solution).orElseThrow();
  }

  private static Proposal twoWay() {
    return model(ReferenceCases.solution(ReferenceCases.trailRegister()));
  }

  private static List<Proposal> proposals(Proposal model, Order order, long seed) {
    Composer.Composition composed = Composer.like(model).compose(order, seed);
    assertThat(composed.obstacle()).isEmpty();
    return composed.proposals();
  }

  private static Order order(int rows, int columns, long n, Wish... wishes) {
    return new Order(rows, columns, 0, n, List.of(wishes));
  }

  private static double[][] counts(Proposal found) {
    return found.solution().table().cells().stream()
        .map(row -> row.stream().mapToDouble(Double::parseDouble).toArray())
        .toArray(double[][]::new);
  }

  /// What the margins of a table make of it.
  private record Worked(double n, double[][] expected, double chiSquared) {
    static Worked of(double[][] counts) {
      double[] rows = new double[counts.length];
      double[] columns = new double[counts[0].length];
      double n = 0;
      for (int i = 0; i < rows.length; i++) {
        for (int j = 0; j < columns.length; j++) {
          rows[i] += counts[i][j];
          columns[j] += counts[i][j];
          n += counts[i][j];
        }
      }
      double[][] expected = new double[rows.length][columns.length];
      double sum = 0;
      for (int i = 0; i < rows.length; i++) {
        for (int j = 0; j < columns.length; j++) {
          expected[i][j] = rows[i] * columns[j] / n;
          sum += Math.pow(counts[i][j] - expected[i][j], 2) / expected[i][j];
        }
      }
      return new Worked(n, expected, sum);
    }

    Stream<Double> each() {
      return Stream.of(expected).flatMap(row -> Arrays.stream(row).boxed());
    }
  }

  /// A strong effect in many counts lies far from where tables begin.
  static List<Integer> sizes() {
    return Extent.of("sizes", 1, List.of(5, 7, 10));
  }

  @Sampled
  @ParameterizedTest
  @MethodSource("sizes")
  void aLargeEffectIsFoundInLargeTables(int size) {
    List<Proposal> found =
        proposals(
            twoWay(),
            order(size, size, 30L * size * size, new Wish.Effect(Wish.Strength.LARGE)),
            3);
    assertThat(found).hasSize(Composer.PROPOSALS);
    for (Proposal proposal : found) {
      Worked worked = Worked.of(counts(proposal));
      assertThat(Math.sqrt(worked.chiSquared() / worked.n())).isBetween(0.5, 1.0);
    }
  }

  static Stream<Arguments> shapes() {
    List<Arguments> all = new ArrayList<>();
    for (int[] shape : new int[][] {{2, 2}, {2, 4}, {3, 3}, {4, 5}, {5, 3}}) {
      for (boolean reject : new boolean[] {true, false}) {
        all.add(Arguments.of(shape[0], shape[1], reject));
      }
    }
    return all.stream();
  }

  @ParameterizedTest
  @MethodSource("shapes")
  void wholeExpectedCountsAndADecisionAreFound(int rows, int columns, boolean reject) {
    long n = 60L * rows * columns / 2;
    List<Proposal> found =
        proposals(
            twoWay(),
            order(
                rows,
                columns,
                n,
                new Wish.Decision(reject),
                new Wish.Expected(0),
                new Wish.Conditions(true)),
            11);
    assertThat(found).hasSizeGreaterThanOrEqualTo(5);
    // Critical values at 0.05 for 1, 3, 4, 8 and 12 degrees of freedom.
    double critical =
        switch ((rows - 1) * (columns - 1)) {
          case 1 -> 3.841459;
          case 3 -> 7.814728;
          case 4 -> 9.487729;
          case 8 -> 15.507313;
          default -> 21.026070;
        };
    for (Proposal one : found) {
      Worked worked = Worked.of(counts(one));
      assertThat(worked.each())
          .allSatisfy(e -> assertThat(e).isCloseTo(Math.rint(e), within(1e-9)));
      assertThat(worked.each()).allSatisfy(e -> assertThat(e).isGreaterThan(4.999));
      assertThat(worked.chiSquared() >= critical).isEqualTo(reject);
      assertThat(worked.n()).isBetween(n * 0.87, n * 1.13);
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void proposalsDifferAndTheSameSeedGivesThemAgain(long seed) {
    Order order = order(3, 3, 200, new Wish.Decision(true));
    List<Proposal> found = proposals(twoWay(), order, seed);
    for (int i = 0; i < found.size(); i++) {
      for (int k = i + 1; k < found.size(); k++) {
        assertThat(Composer.differ(found.get(i), found.get(k))).isTrue();
      }
    }
    assertThat(tables(proposals(twoWay(), order, seed))).isEqualTo(tables(found));
    assertThat(tables(proposals(twoWay(), order, seed + 100))).isNotEqualTo(tables(found));
  }

  private static List<TableEntry> tables(List<Proposal> found) {
    return found.stream().map(one -> one.solution().table()).toList();
  }

  @Test
  void conditionsFailOnPurpose() {
    for (Proposal one : proposals(twoWay(), order(3, 3, 80, new Wish.Conditions(false)), 5)) {
      assertThat(Worked.of(counts(one)).each()).anyMatch(e -> e < 5);
    }
  }

  @Test
  void oneDecimalIsNotTwo() {
    for (Proposal one : proposals(twoWay(), order(3, 4, 300, new Wish.Expected(1)), 5)) {
      assertThat(Worked.of(counts(one)).each())
          .allSatisfy(e -> assertThat(10 * e).isCloseTo(Math.rint(10 * e), within(1e-9)));
    }
  }

  @Test
  void marginsComeInWholePercents() {
    for (Proposal one : proposals(twoWay(), order(3, 3, 200, new Wish.NiceShares()), 5)) {
      double[][] counts = counts(one);
      double n = Worked.of(counts).n();
      for (double[] row : counts) {
        double percent = 100 * Arrays.stream(row).sum() / n;
        assertThat(percent).isCloseTo(Math.rint(percent), within(1e-9));
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"SMALL", "MEDIUM", "LARGE"})
  void theEffectIsAsStrongAsAsked(String name) {
    Wish.Strength strength = Wish.Strength.valueOf(name);
    for (Proposal one : proposals(twoWay(), order(3, 3, 200, new Wish.Effect(strength)), 5)) {
      Worked worked = Worked.of(counts(one));
      double w = Math.sqrt(worked.chiSquared() / worked.n());
      switch (strength) {
        case SMALL -> assertThat(w).isBetween(0.1, 0.3);
        case MEDIUM -> assertThat(w).isBetween(0.3, 0.5);
        case LARGE -> assertThat(w).isGreaterThanOrEqualTo(0.5);
      }
    }
  }

  @Test
  void pLiesWhereItIsWanted() {
    for (Proposal one : proposals(twoWay(), order(4, 5, 400, new Wish.PValue(0.01, 0.04)), 5)) {
      assertThat(value(one, "p")).isBetween(0.01, 0.04);
    }
  }

  private static double value(Proposal found, String line) {
    Derivation derivation = ReferenceCases.derive(found.solution());
    return derivation.exact().find(LineId.of(line)).map(Value::asDouble).orElseThrow();
  }

  @Test
  void aFitIsDrawnToStatedShares() {
    Proposal model = model(ReferenceCases.oneOfEach().get(2));
    Order order = order(4, 2, 200, new Wish.Decision(true), new Wish.Expected(0));
    for (Proposal one : proposals(model, order, 3)) {
      double[] shares = {0.2, 0.3, 0.4, 0.1};
      double n =
          one.solution().table().cells().stream()
              .mapToDouble(r -> Double.parseDouble(r.getFirst()))
              .sum();
      double sum = 0;
      for (int i = 0; i < 4; i++) {
        double e = n * shares[i];
        assertThat(e).isCloseTo(Math.rint(e), within(1e-9));
        sum +=
            Math.pow(Double.parseDouble(one.solution().table().cells().get(i).getFirst()) - e, 2)
                / e;
      }
      assertThat(sum).isGreaterThan(7.8147);
    }
  }

  @Test
  void niceSharesAreStatedInTheTable() {
    Proposal model = model(ReferenceCases.oneOfEach().get(1));
    Order order = order(5, 1, 200, new Wish.NiceShares(), new Wish.Expected(0));
    for (Proposal one : proposals(model, order, 3)) {
      assertThat(one.solution().table().columns()).contains(TableEntry.SHARE);
      int percent =
          one.solution().table().cells().stream()
              .mapToInt(row -> Integer.parseInt(row.get(1).replace(" %", "")))
              .sum();
      assertThat(percent).isEqualTo(100);
    }
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void proportionsAreRejectedOrKept(boolean reject) {
    Proposal one =
        model(
            ReferenceCases.solution(
                "one-proportion", ReferenceCases.shares(List.of(List.of(76L, 170L)))));
    for (Proposal found : proposals(one, order(1, 2, 150, new Wish.Decision(reject)), 3)) {
      double[] group = counts(found)[0];
      double z = (group[0] / group[1] - 0.5) / Math.sqrt(0.25 / group[1]);
      assertThat(Math.abs(z) >= 1.959964).isEqualTo(reject);
    }
    Proposal two =
        model(
            ReferenceCases.solution(
                "two-proportions",
                ReferenceCases.shares(List.of(List.of(67L, 90L), List.of(51L, 88L)))));
    Order order = order(2, 2, 200, new Wish.Decision(reject), new Wish.NiceShares());
    for (Proposal found : proposals(two, order, 3)) {
      double[][] groups = counts(found);
      double pooled = (groups[0][0] + groups[1][0]) / (groups[0][1] + groups[1][1]);
      double error = Math.sqrt(pooled * (1 - pooled) * (1 / groups[0][1] + 1 / groups[1][1]));
      double z = (groups[0][0] / groups[0][1] - groups[1][0] / groups[1][1]) / error;
      assertThat(Math.abs(z) >= 1.959964).isEqualTo(reject);
      assertThat(100 * groups[0][0] / groups[0][1])
          .isCloseTo(Math.rint(100 * groups[0][0] / groups[0][1]), within(1e-9));
    }
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void fewPairsChangeOrMany(boolean many) {
    Proposal model =
        model(ReferenceCases.solution("matched-pairs", ReferenceCases.pairs(40, 9, 23, 28)));
    Order order = order(2, 2, 100, new Wish.Discordant(many), new Wish.Decision(true));
    for (Proposal found : proposals(model, order, 3)) {
      double[][] counts = counts(found);
      double b = counts[0][1];
      double c = counts[1][0];
      assertThat(b + c >= 25).isEqualTo(many);
      assertThat((b - c) * (b - c) / (b + c)).isGreaterThan(3.8414);
    }
  }

  @Test
  void anExactTestDecidesAsAsked() {
    Proposal model =
        model(
            ReferenceCases.solution(
                "fisher", ReferenceCases.table(List.of(List.of(8L, 3L), List.of(4L, 6L)))));
    for (Proposal found : proposals(model, order(2, 2, 20, new Wish.Decision(true)), 3)) {
      assertThat(value(found, "p")).isLessThanOrEqualTo(0.05);
    }
  }

  /// Every layer points one way, and all of them together the other.
  @Test
  void theDirectionTurnsRound() {
    Proposal model = model(layers());
    Order order = new Order(2, 2, 3, 400, List.of(new Wish.Reversal(), new Wish.Decision(true)));
    for (Proposal found : proposals(model, order, 3)) {
      double[][] counts = counts(found);
      double[][] all = new double[2][2];
      List<Boolean> ways = new ArrayList<>();
      for (int layer = 0; layer < 3; layer++) {
        double[] first = counts[2 * layer];
        double[] second = counts[2 * layer + 1];
        ways.add(first[0] * second[1] > first[1] * second[0]);
        for (int j = 0; j < 2; j++) {
          all[0][j] += first[j];
          all[1][j] += second[j];
        }
      }
      assertThat(ways).containsOnly(ways.getFirst());
      assertThat(all[0][0] * all[1][1] > all[0][1] * all[1][0]).isNotEqualTo(ways.getFirst());
    }
  }

  private static Solution layers() {
    return ReferenceCases.oneOfEach().stream()
        .filter(solution -> solution.procedure().equals("layers"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatCannotBeIsSaidByTheWishThatStandsInTheWay() {
    Composer.Composition composed =
        Composer.like(twoWay())
            .compose(
                order(3, 3, 200, new Wish.PValue(0.2, 0.5), new Wish.Effect(Wish.Strength.LARGE)),
                5);
    assertThat(composed.proposals()).isEmpty();
    assertThat(Wording.english().text(composed.obstacle().orElseThrow()))
        .contains("No table meets all criteria. Without “")
        .endsWith("some do.");
  }

  @Test
  void labelsAreKeptAsFarAsTheyGo() {
    Proposal one = proposals(twoWay(), order(4, 2, 200), 5).getFirst();
    assertThat(one.solution().table().rows())
        .containsExactly("Lake loop", "Gorge path", "Summit way", "4");
    assertThat(one.solution().table().columns()).containsExactly("Spring", "Summer");
  }
}
