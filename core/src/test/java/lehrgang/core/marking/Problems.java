package lehrgang.core.marking;

import static lehrgang.core.marking.Pupil.cell;
import static lehrgang.core.marking.Pupil.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.marking.Pupil.Numbers;
import lehrgang.core.marking.Pupil.Problem;
import lehrgang.core.solution.Solution;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.HypergeometricDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/// Problems of every procedure with data as they come, each with the slips that can be made in it,
/// in plain arithmetic.
final class Problems {
  private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);
  private static final double ALPHA = 0.05;

  private final Random random;
  private final MoreProblems more;

  /// A problem, and the solution that answers to it are marked by.
  record Posed(Solution solution, Problem problem) {}

  Problems(Random random) {
    this.random = random;
    this.more = new MoreProblems(this, random);
  }

  Posed any() {
    return switch (random.nextInt(9)) {
      case 0, 1 -> independence();
      case 2 -> goodnessOfFit();
      case 3 -> oneProportion();
      case 4 -> twoProportions();
      case 5 -> more.namedDistribution();
      case 6 -> more.layers();
      case 7 -> more.simulation();
      default -> random.nextBoolean() ? pairs() : fisher();
    };
  }

  private static double tail(double x, double df) {
    return df > 0 ? ChiSquaredDistribution.of(df).survivalProbability(x) : Double.NaN;
  }

  private static double critical(double level, double df) {
    return df > 0 ? ChiSquaredDistribution.of(df).inverseSurvivalProbability(level) : Double.NaN;
  }

  private static double z(double level) {
    return NORMAL.inverseSurvivalProbability(level);
  }

  Posed independence() {
    int r = 2 + random.nextInt(3);
    int c = 2 + random.nextInt(3);
    List<List<Long>> counts = new ArrayList<>();
    for (int i = 0; i < r; i++) {
      List<Long> row = new ArrayList<>();
      for (int j = 0; j < c; j++) {
        row.add(8L + random.nextInt(30 * (1 + (i + j) % 3)));
      }
      counts.add(row);
    }
    Problem problem = new Problem().given("alpha", ALPHA).given("r", r).given("c", c);
    double n = counts.stream().flatMap(List::stream).mapToLong(k -> k).sum();
    problem.given("n", n);
    for (int i = 1; i <= r; i++) {
      problem.given(cell("R", i), counts.get(i - 1).stream().mapToLong(k -> k).sum());
    }
    for (int j = 1; j <= c; j++) {
      int column = j - 1;
      problem.given(cell("C", j), counts.stream().mapToLong(row -> row.get(column)).sum());
    }
    for (int i = 1; i <= r; i++) {
      for (int j = 1; j <= c; j++) {
        problem.given(cell("O", i, j), counts.get(i - 1).get(j - 1));
        expected(problem, i, j, r, c);
      }
    }
    List<String> cells = new ArrayList<>();
    for (int i = 1; i <= r; i++) {
      for (int j = 1; j <= c; j++) {
        contribution(problem, cell("K", i, j), cell("O", i, j), cell("E", i, j));
        cells.add(cell("K", i, j));
      }
    }
    statistic(problem, cells);
    problem.step("df", -1, 0, _ -> (r - 1) * (c - 1));
    problem.slip("df-cells", "df", _ -> r * c);
    problem.slip("df-cells-less-one", "df", _ -> r * c - 1);
    problem.slip("df-sum", "df", _ -> r + c - 2);
    problem.slip("df-rows", "df", _ -> r - 1);
    problem.slip("df-columns", "df", _ -> c - 1);
    problem.slip("df-observations", "df", _ -> n - 1);
    tails(problem);
    return new Posed(ReferenceCases.solution(ReferenceCases.table(counts)), problem);
  }

  private static void expected(Problem problem, int i, int j, int r, int c) {
    String e = cell("E", i, j);
    String row = cell("R", i);
    String column = cell("C", j);
    String otherRow = cell("R", i % r + 1);
    String otherColumn = cell("C", j % c + 1);
    ToDoubleFunction<Numbers> right = n -> n.of(row) * n.of(column) / n.of("n");
    problem.step(e, 2, 1, right);
    problem.slip("expected-equal-cells", e, n -> n.of("n") / (r * c));
    problem.slip("expected-over-row", e, n -> n.of(row) * n.of(column) / n.of(row));
    problem.slip("expected-over-column", e, n -> n.of(row) * n.of(column) / n.of(column));
    problem.slip("expected-other-row", e, n -> n.of(otherRow) * n.of(column) / n.of("n"));
    problem.slip("expected-other-column", e, n -> n.of(row) * n.of(otherColumn) / n.of("n"));
  }

  static void contribution(Problem problem, String k, String o, String e) {
    problem.step(k, 2, 2, n -> square(n.of(o) - n.of(e)) / n.of(e));
    problem.slip("contribution-over-observed", k, n -> square(n.of(o) - n.of(e)) / n.of(o));
    problem.slip("contribution-unsquared", k, n -> (n.of(o) - n.of(e)) / n.of(e));
    problem.slip("contribution-absolute", k, n -> Math.abs(n.of(o) - n.of(e)) / n.of(e));
    problem.slip("contribution-undivided", k, n -> square(n.of(o) - n.of(e)));
    problem.slip("contribution-residual", k, n -> (n.of(o) - n.of(e)) / Math.sqrt(n.of(e)));
    problem.slip(
        "contribution-corrected", k, n -> square(Math.abs(n.of(o) - n.of(e)) - 0.5) / n.of(e));
  }

  private static double square(double number) {
    return number * number;
  }

  void statistic(Problem problem, List<String> cells) {
    problem.step("X2", 2, 2, sum(cells));
    int missing = random.nextInt(cells.size());
    List<String> left = new ArrayList<>(cells);
    left.remove(missing);
    problem.slip("statistic-cell-missing", "X2", sum(left));
    problem.slip("statistic-root", "X2", n -> Math.sqrt(sum(cells).applyAsDouble(n)));
  }

  static void tails(Problem problem) {
    problem.step("crit", 3, 2, n -> critical(ALPHA, n.of("df")));
    problem.slip("critical-half-alpha", "crit", n -> critical(ALPHA / 2, n.of("df")));
    problem.slip("critical-double-alpha", "crit", n -> critical(2 * ALPHA, n.of("df")));
    problem.slip("critical-left-tail", "crit", n -> critical(1 - ALPHA, n.of("df")));
    problem.slip("critical-df-next", "crit", n -> critical(ALPHA, n.of("df") + 1));
    problem.slip("critical-normal-for-chi-squared", "crit", _ -> z(ALPHA / 2));
    problem.step("p", 4, 2, n -> tail(n.of("X2"), n.of("df")));
    problem.slip("p-left-tail", "p", n -> 1 - tail(n.of("X2"), n.of("df")));
    problem.slip("p-halved", "p", n -> tail(n.of("X2"), n.of("df")) / 2);
    problem.slip("p-doubled", "p", n -> 2 * tail(n.of("X2"), n.of("df")));
    problem.slip("p-df-next", "p", n -> tail(n.of("X2"), n.of("df") + 1));
    problem.decision(n -> n.of("X2") >= n.of("crit") ? 1 : 0);
    problem.slip("decision-turned-round", "decision", n -> n.of("X2") >= n.of("crit") ? 0 : 1);
  }

  Posed goodnessOfFit() {
    int k = 3 + random.nextInt(4);
    List<Long> counts = new ArrayList<>();
    List<String> shares = new ArrayList<>();
    int left = 100;
    for (int i = 0; i < k; i++) {
      counts.add(10L + random.nextInt(60));
      int share = i == k - 1 ? left : Math.max(5, left / (k - i) - 8 + random.nextInt(17));
      left -= share;
      shares.add(share + "%");
    }
    if (left < 0 || shares.stream().anyMatch(share -> share.startsWith("-"))) {
      return goodnessOfFit();
    }
    double n = counts.stream().mapToLong(count -> count).sum();
    Problem problem = new Problem().given("n", n);
    List<String> cells = new ArrayList<>();
    for (int i = 1; i <= k; i++) {
      double share = Double.parseDouble(shares.get(i - 1).replace("%", "")) / 100;
      double next = Double.parseDouble(shares.get(i % k).replace("%", "")) / 100;
      problem.given(cell("O", i), counts.get(i - 1));
      problem.step(cell("E", i), 2, 1, _ -> n * share);
      problem.slip("expected-equal-shares", cell("E", i), _ -> n / k);
      problem.slip("expected-shares-shifted", cell("E", i), _ -> n * next);
      problem.slip("expected-percent-undivided", cell("E", i), _ -> n * 100 * share);
    }
    for (int i = 1; i <= k; i++) {
      contribution(problem, cell("K", i), cell("O", i), cell("E", i));
      cells.add(cell("K", i));
    }
    statistic(problem, cells);
    problem.step("df", -1, 0, _ -> k - 1);
    problem.slip("df-categories", "df", _ -> k);
    problem.slip("df-observations", "df", _ -> n - 1);
    tails(problem);
    return new Posed(
        ReferenceCases.solution("goodness-of-fit", ReferenceCases.frequencies(counts, shares)),
        problem);
  }

  private void normalTails(Problem problem, String alternative) {
    ToDoubleFunction<Numbers> two = n -> 2 * NORMAL.survivalProbability(Math.abs(n.of("z")));
    ToDoubleFunction<Numbers> upper = n -> NORMAL.survivalProbability(n.of("z"));
    ToDoubleFunction<Numbers> lower = n -> NORMAL.cumulativeProbability(n.of("z"));
    switch (alternative) {
      case "less" -> {
        problem.step("crit", 3, 2, _ -> -z(ALPHA)).step("p", 4, 2, lower);
        problem.slip("critical-other-sides", "crit", _ -> -z(ALPHA / 2));
        problem.slip("p-other-sides", "p", two).slip("p-left-tail", "p", upper);
        problem.decision(n -> n.of("z") <= n.of("crit") ? 1 : 0);
      }
      case "greater" -> {
        problem.step("crit", 3, 2, _ -> z(ALPHA)).step("p", 4, 2, upper);
        problem.slip("critical-other-sides", "crit", _ -> z(ALPHA / 2));
        problem.slip("p-other-sides", "p", two).slip("p-left-tail", "p", lower);
        problem.decision(n -> n.of("z") >= n.of("crit") ? 1 : 0);
      }
      default -> {
        problem.step("crit", 3, 2, _ -> z(ALPHA / 2)).step("p", 4, 2, two);
        problem.slip("critical-other-sides", "crit", _ -> z(ALPHA));
        problem.slip("p-other-sides", "p", n -> two.applyAsDouble(n) / 2);
        problem.decision(n -> Math.abs(n.of("z")) >= n.of("crit") ? 1 : 0);
      }
    }
  }

  private String alternative() {
    return List.of("two-sided", "less", "greater").get(random.nextInt(3));
  }

  Posed oneProportion() {
    int n = 60 + random.nextInt(300);
    double p0 = (20 + random.nextInt(60)) / 100.0;
    int x = Math.clamp(Math.round(n * p0 + random.nextGaussian() * Math.sqrt(n)), 1, n - 1);
    String alternative = alternative();
    Problem problem = new Problem().given("x", x).given("n", n).given("p0", p0);
    problem.step("phat", 3, 2, _ -> (double) x / n);
    problem.slip("share-swapped", "phat", _ -> (double) n / x);
    problem.slip("share-percent-undivided", "phat", _ -> 100.0 * x / n);
    problem.step("SE0", 4, 3, _ -> Math.sqrt(p0 * (1 - p0) / n));
    problem.slip("error-root-forgotten", "SE0", _ -> p0 * (1 - p0) / n);
    problem.slip(
        "error-observed-share", "SE0", s -> Math.sqrt(s.of("phat") * (1 - s.of("phat")) / n));
    problem.step("z", 2, 2, s -> (s.of("phat") - p0) / s.of("SE0"));
    problem.slip("z-sign-lost", "z", s -> Math.abs((s.of("phat") - p0) / s.of("SE0")));
    normalTails(problem, alternative);
    Solution solution =
        ReferenceCases.solution(
            "one-proportion", ReferenceCases.shares(List.of(List.of((long) x, (long) n))));
    return new Posed(
        solution.withChoices(
            solution
                .choices()
                .withTyped("claimed", Double.toString(p0))
                .withOption("alternative", alternative)),
        problem);
  }

  Posed twoProportions() {
    int n1 = 60 + random.nextInt(200);
    int n2 = 60 + random.nextInt(200);
    double share = 0.2 + 0.6 * random.nextDouble();
    int x1 = Math.clamp(Math.round(n1 * (share + 0.1 * random.nextGaussian())), 2, n1 - 2);
    int x2 = Math.clamp(Math.round(n2 * (share + 0.1 * random.nextGaussian())), 2, n2 - 2);
    String alternative = alternative();
    Problem problem = new Problem();
    problem.step("p1", 3, 2, _ -> (double) x1 / n1);
    problem.step("p2", 3, 2, _ -> (double) x2 / n2);
    problem.step("pooled", 3, 2, _ -> (double) (x1 + x2) / (n1 + n2));
    problem.slip("share-mean-of-shares", "pooled", s -> (s.of("p1") + s.of("p2")) / 2);
    ToDoubleFunction<Numbers> variance = s -> s.of("pooled") * (1 - s.of("pooled"));
    problem.step("SE0", 4, 3, s -> Math.sqrt(variance.applyAsDouble(s) * (1.0 / n1 + 1.0 / n2)));
    problem.slip(
        "error-root-forgotten", "SE0", s -> variance.applyAsDouble(s) * (1.0 / n1 + 1.0 / n2));
    problem.slip("error-one-root", "SE0", s -> Math.sqrt(variance.applyAsDouble(s) / (n1 + n2)));
    problem.step("z", 2, 2, s -> (s.of("p1") - s.of("p2")) / s.of("SE0"));
    problem.slip("z-groups-swapped", "z", s -> (s.of("p2") - s.of("p1")) / s.of("SE0"));
    normalTails(problem, alternative);
    Solution solution =
        ReferenceCases.solution(
            "two-proportions",
            ReferenceCases.shares(
                List.of(List.of((long) x1, (long) n1), List.of((long) x2, (long) n2))));
    return new Posed(
        solution.withChoices(solution.choices().withOption("alternative", alternative)), problem);
  }

  Posed pairs() {
    long a = 20 + random.nextInt(60);
    long b = 12 + random.nextInt(30);
    long c = 12 + random.nextInt(30);
    long d = 20 + random.nextInt(60);
    double n = a + b + c + d;
    Problem problem = new Problem();
    problem.step("X2", 2, 2, _ -> square(b - c) / (b + c));
    problem.slip("pairs-all-cells", "X2", _ -> square(b - c) / n);
    problem.slip("pairs-corrected", "X2", _ -> square(Math.abs(b - c) - 1) / (b + c));
    problem.slip(
        "pairs-ordinary-test",
        "X2",
        _ -> n * square(a * d - b * c) / ((double) (a + b) * (c + d) * (a + c) * (b + d)));
    problem.step("df", -1, 0, _ -> 1);
    tails(problem);
    return new Posed(
        ReferenceCases.solution("matched-pairs", ReferenceCases.pairs(a, b, c, d)), problem);
  }

  Posed fisher() {
    int a = 1 + random.nextInt(9);
    int b = 1 + random.nextInt(9);
    int c = 1 + random.nextInt(9);
    int d = 1 + random.nextInt(9);
    int n = a + b + c + d;
    HypergeometricDistribution law = HypergeometricDistribution.of(n, a + c, a + b);
    int low = law.getSupportLowerBound();
    int high = law.getSupportUpperBound();
    double observed = law.probability(a);
    double p =
        IntStream.rangeClosed(low, high)
            .mapToDouble(law::probability)
            .filter(one -> one <= observed * (1 + 1e-9))
            .sum();
    double less =
        IntStream.rangeClosed(low, high)
            .mapToDouble(law::probability)
            .filter(one -> one < observed * (1 - 1e-9))
            .sum();
    Problem problem = new Problem();
    problem.step("p", 4, 3, _ -> Math.min(1, p));
    problem.slip("exact-observed-only", "p", _ -> observed);
    problem.slip(
        "exact-one-tail",
        "p",
        _ -> Math.min(law.cumulativeProbability(a), 1 - law.cumulativeProbability(a - 1)));
    problem.slip("exact-strictly-less", "p", _ -> less);
    problem.decision(s -> s.of("p") <= ALPHA ? 1 : 0);
    problem.slip("decision-turned-round", "decision", s -> s.of("p") <= ALPHA ? 0 : 1);
    List<List<Long>> counts = List.of(List.of((long) a, (long) b), List.of((long) c, (long) d));
    return new Posed(ReferenceCases.solution("fisher", ReferenceCases.table(counts)), problem);
  }
}
