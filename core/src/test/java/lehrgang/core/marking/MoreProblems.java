package lehrgang.core.marking;

import static lehrgang.core.marking.Pupil.cell;
import static lehrgang.core.marking.Pupil.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.marking.Problems.Posed;
import lehrgang.core.marking.Pupil.Problem;

/// Problems whose expected counts come another way: from a named distribution, from layers, and for
/// a simulation; in plain arithmetic.
final class MoreProblems {
  private static final double ALPHA = 0.05;
  private static final double LEAST_EXPECTED = 5.5;

  private final Problems shared;
  private final Random random;

  MoreProblems(Problems shared, Random random) {
    this.shared = shared;
    this.random = random;
  }

  /// Counts of 0, 1, 2, … and "this many or more", with a Poisson distribution whose mean is
  /// estimated; no class is so small that it would have to be merged.
  Posed namedDistribution() {
    int n = 250 + random.nextInt(200);
    int last = 3 + random.nextInt(2);
    double mean = 1.2 + random.nextDouble();
    long[] counts = new long[last + 1];
    for (int k = 0; k < n; k++) {
      counts[Math.min(last, poisson(mean))]++;
    }
    double lambda = IntStream.rangeClosed(0, last).mapToDouble(x -> x * counts[x]).sum() / n;
    double beyond = 1;
    for (int x = 0; x < last; x++) {
      beyond -= probability(lambda, x);
      if (n * probability(lambda, x) < LEAST_EXPECTED) {
        return namedDistribution();
      }
    }
    if (n * beyond < LEAST_EXPECTED) {
      return namedDistribution();
    }
    Problem problem = new Problem().given("n", n).given("alpha", ALPHA);
    problem.step("lambda", 2, 2, _ -> lambda);
    List<String> before = new ArrayList<>();
    for (int x = 0; x < last; x++) {
      int at = x;
      problem.step(cell("P", x), 4, 3, s -> probability(s.of("lambda"), at));
      before.add(cell("P", x));
    }
    problem.step(cell("P", last), 4, 3, s -> 1 - sum(before).applyAsDouble(s));
    for (int x = 0; x <= last; x++) {
      String p = cell("P", x);
      problem.step(cell("e", x), 2, 1, s -> n * s.of(p));
    }
    List<String> cells = new ArrayList<>();
    for (int i = 1; i <= last + 1; i++) {
      String e = cell("e", i - 1);
      problem.given(cell("O", i), counts[i - 1]);
      problem.step(cell("E", i), 2, 1, s -> s.of(e));
      Problems.contribution(problem, cell("K", i), cell("O", i), cell("E", i));
      cells.add(cell("K", i));
    }
    shared.statistic(problem, cells);
    problem.step("df", -1, 0, _ -> last - 1);
    problem.slip("df-parameters-ignored", "df", _ -> last);
    problem.slip("df-categories", "df", _ -> last + 1);
    Problems.tails(problem);
    return new Posed(
        ReferenceCases.solution(
            "named-distribution",
            ReferenceCases.numbers(
                IntStream.rangeClosed(0, last).mapToObj(x -> counts[x]).toList())),
        problem);
  }

  private int poisson(double mean) {
    double product = random.nextDouble();
    int k = 0;
    while (product > Math.exp(-mean)) {
      product *= random.nextDouble();
      k++;
    }
    return k;
  }

  private static double probability(double lambda, int x) {
    double faculty = IntStream.rangeClosed(1, x).mapToDouble(k -> k).reduce(1, (a, b) -> a * b);
    return Math.pow(lambda, x) * Math.exp(-lambda) / faculty;
  }

  /// Fourfold tables, one for each layer, seen together by Cochran, Mantel and Haenszel.
  Posed layers() {
    int layers = 2 + random.nextInt(2);
    List<List<List<Long>>> counts = new ArrayList<>();
    Problem problem = new Problem().given("alpha", ALPHA);
    double observed = 0;
    List<String> expected = new ArrayList<>();
    List<String> variances = new ArrayList<>();
    for (int k = 1; k <= layers; k++) {
      long a = 15 + random.nextInt(40);
      long b = 15 + random.nextInt(40);
      long c = 15 + random.nextInt(40);
      long d = 15 + random.nextInt(40);
      counts.add(List.of(List.of(a, b), List.of(c, d)));
      observed += a;
      double n = a + b + c + d;
      double row = a + b;
      double column = a + c;
      String e = cell("E", k, 1, 1);
      problem.step(e, 2, 1, _ -> row * column / n);
      problem.slip("expected-equal-cells", e, _ -> n / 4);
      problem.slip("expected-over-row", e, _ -> row * column / row);
      problem.slip("expected-over-column", e, _ -> row * column / column);
      problem.slip("expected-other-row", e, _ -> (n - row) * column / n);
      problem.slip("expected-other-column", e, _ -> row * (n - column) / n);
      expected.add(e);
      double variance = row * (n - row) * column * (n - column) / (n * n * (n - 1));
      problem.step(cell("var", k), 2, 1, _ -> variance);
      variances.add(cell("var", k));
    }
    double all = observed;
    problem.step("sum.E", 2, 1, sum(expected));
    problem.step("sum.var", 2, 1, sum(variances));
    problem.step("X2", 2, 2, s -> Math.pow(all - s.of("sum.E"), 2) / s.of("sum.var"));
    problem.slip(
        "statistic-corrected",
        "X2",
        s -> Math.pow(Math.abs(all - s.of("sum.E")) - 0.5, 2) / s.of("sum.var"));
    problem.step("df", -1, 0, _ -> 1);
    Problems.tails(problem);
    return new Posed(ReferenceCases.solution("layers", ReferenceCases.layers(counts)), problem);
  }

  /// Small counts against equal shares, up to the statistic; what chance makes of it is another's.
  Posed simulation() {
    int k = 3 + random.nextInt(3);
    List<Long> counts = new ArrayList<>();
    for (int i = 0; i < k; i++) {
      counts.add(1L + random.nextInt(9));
    }
    double n = counts.stream().mapToLong(count -> count).sum();
    Problem problem = new Problem().given("n", n);
    List<String> cells = new ArrayList<>();
    for (int i = 1; i <= k; i++) {
      problem.given(cell("O", i), counts.get(i - 1));
      problem.step(cell("E", i), 2, 1, _ -> n / k);
      Problems.contribution(problem, cell("K", i), cell("O", i), cell("E", i));
      cells.add(cell("K", i));
    }
    shared.statistic(problem, cells);
    return new Posed(
        ReferenceCases.solution("simulation", ReferenceCases.frequencies(counts, List.of())),
        problem);
  }

  /// What another simulation finds: the share of tables as far from equal shares as this one, the
  /// observed one counted in.
  ///
  /// @param counts the observed ones
  /// @param draws  how many tables
  static double simulated(List<Long> counts, int draws, Random chance) {
    int n = counts.stream().mapToInt(Long::intValue).sum();
    double observed = distance(counts.stream().mapToInt(Long::intValue).toArray(), n);
    int hits = 0;
    for (int draw = 0; draw < draws; draw++) {
      int[] table = new int[counts.size()];
      for (int one = 0; one < n; one++) {
        table[chance.nextInt(table.length)]++;
      }
      hits += distance(table, n) >= observed - 1e-9 ? 1 : 0;
    }
    return (hits + 1.0) / (draws + 1);
  }

  private static double distance(int[] table, int n) {
    double expected = (double) n / table.length;
    double distance = 0;
    for (int count : table) {
      distance += (count - expected) * (count - expected) / expected;
    }
    return distance;
  }
}
