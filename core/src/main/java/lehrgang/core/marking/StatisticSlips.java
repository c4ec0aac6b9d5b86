package lehrgang.core.marking;

import static lehrgang.core.expr.Expr.product;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;

/// Slips in χ² statistics, those of matched pairs among them.
final class StatisticSlips {
  private static final String PLAIN = "X2";
  private static final String CORRECTED = "X2.cc";
  private static final String PAIRS = "matched-pairs";

  private StatisticSlips() {}

  static List<Slip> all() {
    return List.of(
        new Slip("statistic-cell-missing", StatisticSlips::cellMissing),
        new Slip(
            "statistic-root",
            (_, line) -> isStatistic(line) ? List.of(line.formula().root()) : List.of()),
        instead("statistic-corrected", false, PLAIN, CORRECTED),
        instead("statistic-uncorrected", false, CORRECTED, PLAIN));
  }

  static List<Slip> pairs() {
    return List.of(
        new Slip("pairs-all-cells", StatisticSlips::allCells),
        instead("pairs-corrected", true, PLAIN, CORRECTED),
        instead("pairs-uncorrected", true, CORRECTED, PLAIN),
        new Slip("pairs-ordinary-test", StatisticSlips::ordinaryTest));
  }

  private static List<Expr> cellMissing(Derivation derivation, Line line) {
    if (!isStatistic(line) || !(line.formula() instanceof Expr.Total(_, _, var terms))) {
      return List.of();
    }
    List<Expr> bent = new ArrayList<>();
    for (int k = 0; k < terms.size(); k++) {
      List<Expr> left = new ArrayList<>(terms);
      left.remove(k);
      bent.add(new Expr.Sum(left));
    }
    return bent;
  }

  /// The formula of one statistic in place of the other's; that of the pairs is worked out the same
  /// way, and has slips of its own name.
  private static List<Expr> instead(Derivation derivation, Line line, String own, String other) {
    return line.id().name().equals(own) && line.id().index().isEmpty()
        ? derivation.find(LineId.of(other)).map(Line::formula).map(List::of).orElse(List.of())
        : List.of();
  }

  private static Slip instead(String id, boolean ofPairs, String own, String other) {
    return new Slip(
        id,
        (derivation, line) ->
            derivation.procedure().equals(PAIRS) == ofPairs
                ? instead(derivation, line, own, other)
                : List.of());
  }

  private static boolean isOfPairs(Derivation derivation, Line line) {
    return derivation.procedure().equals(PAIRS) && isStatistic(line);
  }

  private static Expr cell(String name) {
    return Expr.ref(LineId.of(name));
  }

  private static boolean isStatistic(Line line) {
    return line.id().name().equals(PLAIN) || line.id().name().equals(CORRECTED);
  }

  /// The divisor is the whole sample, and not those who changed.
  private static List<Expr> allCells(Derivation derivation, Line line) {
    return isOfPairs(derivation, line) && line.formula() instanceof Expr.Quotient(var above, _)
        ? List.of(above.over(cell("n")))
        : List.of();
  }

  /// The fourfold table as if it were of two variables, and the two answers as if they were of two
  /// samples.
  private static List<Expr> ordinaryTest(Derivation derivation, Line line) {
    if (!isOfPairs(derivation, line)) {
      return List.of();
    }
    Expr a = cell("a");
    Expr b = cell("b");
    Expr c = cell("c");
    Expr d = cell("d");
    Expr first = Expr.sum(a, b);
    Expr second = Expr.sum(a, c);
    return List.of(
        fourfold(a, b, c, d),
        fourfold(first, cell("n").minus(first), second, cell("n").minus(second)));
  }

  private static Expr fourfold(Expr a, Expr b, Expr c, Expr d) {
    return product(Expr.sum(a, b, c, d), product(a, d).minus(product(b, c)).squared())
        .over(product(Expr.sum(a, b), Expr.sum(c, d), Expr.sum(a, c), Expr.sum(b, d)));
  }
}
