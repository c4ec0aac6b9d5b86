package lehrgang.core.marking;

import static lehrgang.core.expr.Expr.product;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
            (_, line) ->
                line.id().name().equals(PLAIN) || line.id().name().equals(CORRECTED)
                    ? List.of(line.formula().root())
                    : List.of()),
        unlessPairs("statistic-corrected", PLAIN, CORRECTED),
        unlessPairs("statistic-uncorrected", CORRECTED, PLAIN));
  }

  static List<Slip> pairs() {
    return List.of(
        new Slip("pairs-all-cells", StatisticSlips::allCells),
        onlyPairs("pairs-corrected", PLAIN, CORRECTED),
        onlyPairs("pairs-uncorrected", CORRECTED, PLAIN),
        new Slip("pairs-ordinary-test", StatisticSlips::ordinaryTest));
  }

  private static List<Expr> cellMissing(Derivation derivation, Line line) {
    boolean sum = line.id().name().equals(PLAIN) || line.id().name().equals(CORRECTED);
    if (!sum || !(line.formula() instanceof Expr.Total(_, _, var terms))) {
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

  private static Slip unlessPairs(String id, String own, String other) {
    return new Slip(
        id,
        (derivation, line) ->
            derivation.procedure().equals(PAIRS)
                ? List.of()
                : instead(derivation, line, own, other));
  }

  private static Slip onlyPairs(String id, String own, String other) {
    return new Slip(
        id,
        (derivation, line) ->
            derivation.procedure().equals(PAIRS)
                ? instead(derivation, line, own, other)
                : List.of());
  }

  private static Optional<List<Expr>> cells(Derivation derivation, Line line) {
    if (!derivation.procedure().equals(PAIRS) || !line.id().name().startsWith(PLAIN)) {
      return Optional.empty();
    }
    List<Expr> cells =
        List.of("a", "b", "c", "d", "n").stream()
            .flatMap(name -> Lookup.term(derivation, name).stream())
            .toList();
    return cells.size() == 5 ? Optional.of(cells) : Optional.empty();
  }

  private static boolean isStatistic(Line line) {
    return line.id().name().equals(PLAIN) || line.id().name().equals(CORRECTED);
  }

  /// The divisor is the whole sample, and not those who changed.
  private static List<Expr> allCells(Derivation derivation, Line line) {
    return isStatistic(line)
            && cells(derivation, line).isPresent()
            && line.formula() instanceof Expr.Quotient(var above, _)
        ? List.of(above.over(cells(derivation, line).get().getLast()))
        : List.of();
  }

  /// The fourfold table as if it were of two variables, and the two answers as if they were of two
  /// samples.
  private static List<Expr> ordinaryTest(Derivation derivation, Line line) {
    if (!isStatistic(line) || cells(derivation, line).isEmpty()) {
      return List.of();
    }
    List<Expr> cells = cells(derivation, line).get();
    Expr a = cells.get(0);
    Expr b = cells.get(1);
    Expr c = cells.get(2);
    Expr d = cells.get(3);
    Expr n = cells.get(4);
    return List.of(
        fourfold(a, b, c, d),
        fourfold(Expr.sum(a, b), Expr.sum(c, d), Expr.sum(a, c), n.minus(Expr.sum(a, c))));
  }

  private static Expr fourfold(Expr a, Expr b, Expr c, Expr d) {
    return product(Expr.sum(a, b, c, d), product(a, d).minus(product(b, c)).squared())
        .over(product(Expr.sum(a, b), Expr.sum(c, d), Expr.sum(a, c), Expr.sum(b, d)));
  }
}
