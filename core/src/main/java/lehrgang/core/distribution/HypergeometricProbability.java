package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.HypergeometricDistribution;

/// The probability of a 2 × 2 table with given margins by its corner count a,
/// C(R₁, a)·C(R₂, C₁ − a)/C(n, C₁) (Fisher 1935). Arguments: a, R₁, R₂, C₁ and n.
///
/// An exact fraction up to [#MOST_EXACT] observations; above that the fractions have thousands of
/// digits,
/// and each probability follows in decimals from the one before.
public enum HypergeometricProbability implements NamedFunction {
  INSTANCE;

  /// The largest table whose probabilities are kept as fractions.
  public static final int MOST_EXACT = 400;

  private static final int MOST_REMEMBERED = 20;

  private record Margins(int row, int otherRow, int column) {
    int smallest() {
      return Math.max(0, column - otherRow);
    }

    int largest() {
      return Math.min(row, column);
    }
  }

  private static final Map<Margins, List<Value>> KNOWN = new ConcurrentHashMap<>();

  /// P(a) as a formula.
  public static Expr at(Expr corner, Expr row, Expr otherRow, Expr column, Expr n) {
    return new Expr.Named(INSTANCE, List.of(corner, row, otherRow, column, n));
  }

  @Override
  public String key() {
    return "hypergeometric";
  }

  @Override
  public Value apply(List<Value> arguments) {
    Margins margins =
        new Margins(whole(arguments.get(1)), whole(arguments.get(2)), whole(arguments.get(3)));
    int corner = whole(arguments.get(0));
    if (corner < margins.smallest() || corner > margins.largest()) {
      return Value.ZERO;
    }
    if (KNOWN.size() > MOST_REMEMBERED) {
      KNOWN.clear();
    }
    return KNOWN
        .computeIfAbsent(margins, HypergeometricProbability::all)
        .get(corner - margins.smallest());
  }

  private static int whole(Value value) {
    return value.intValueExact();
  }

  private static List<Value> all(Margins margins) {
    return margins.row() + margins.otherRow() <= MOST_EXACT
        ? fractions(margins)
        : decimals(margins);
  }

  private static List<Value> fractions(Margins margins) {
    BigInteger of = Combinations.choose(margins.row() + margins.otherRow(), margins.column());
    List<Value> all = new ArrayList<>();
    for (int a = margins.smallest(); a <= margins.largest(); a++) {
      BigInteger ways =
          Combinations.choose(margins.row(), a)
              .multiply(Combinations.choose(margins.otherRow(), margins.column() - a));
      all.add(Value.ratio(ways, of));
    }
    return all;
  }

  /// Each from the one before, P(a + 1) = P(a)·(R₁ − a)(C₁ − a)/((a + 1)(R₂ − C₁ + a + 1)).
  private static List<Value> decimals(Margins margins) {
    int size = margins.largest() - margins.smallest() + 1;
    long n = (long) margins.row() + margins.otherRow();
    long mode = (margins.row() + 1L) * (margins.column() + 1L) / (n + 2) - margins.smallest();
    return ByRatios.probabilities(
        size, Math.clamp(mode, 0, size - 1), k -> above(margins, k), k -> below(margins, k));
  }

  private static BigDecimal above(Margins margins, int k) {
    long a = (long) margins.smallest() + k;
    return BigDecimal.valueOf(margins.row() - a).multiply(BigDecimal.valueOf(margins.column() - a));
  }

  private static BigDecimal below(Margins margins, int k) {
    long a = (long) margins.smallest() + k;
    return BigDecimal.valueOf(a + 1)
        .multiply(BigDecimal.valueOf(margins.otherRow() - (long) margins.column() + a + 1));
  }

  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    Expr corner = arguments.get(0);
    Expr row = arguments.get(1);
    Expr otherRow = arguments.get(2);
    Expr column = arguments.get(3);
    return Expr.product(
            new Expr.Choose(row, corner), new Expr.Choose(otherRow, column.minus(corner)))
        .over(new Expr.Choose(arguments.get(4), column));
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    int row = whole(values.get(1));
    int n = row + whole(values.get(2));
    return OptionalDouble.of(
        HypergeometricDistribution.of(n, row, whole(values.get(3)))
            .probability(whole(values.get(0))));
  }
}
