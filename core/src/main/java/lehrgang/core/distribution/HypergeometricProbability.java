package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;
import org.apache.commons.statistics.distribution.HypergeometricDistribution;

/// The probability of a 2 × 2 table with given margins by its corner count a, C(R₁, a)·C(R₂, C₁ −
/// a)/C(n, C₁) (Fisher 1935). Arguments: a, R₁, R₂, C₁ and n, whole numbers up to 20 000; a corner
/// that the margins do not allow has the probability 0.
///
/// An exact fraction up to [#MOST_EXACT] observations; above that the fractions have thousands of
/// digits, and each probability follows in decimals from the one before.
public enum HypergeometricProbability implements NamedFunction {
  INSTANCE;

  /// The largest table whose probabilities are kept as fractions.
  public static final int MOST_EXACT = 400;

  /// Larger tables are not worked out.
  public static final int MOST_OBSERVATIONS = 20_000;

  private record Margins(int row, int otherRow, int column) {
    int smallest() {
      return Math.max(0, column - otherRow);
    }

    int largest() {
      return Math.min(row, column);
    }
  }

  /// P(a) as a formula.
  public static Expr at(Expr corner, Expr row, Expr otherRow, Expr column, Expr n) {
    return new Expr.Named(INSTANCE, List.of(corner, row, otherRow, column, n));
  }

  @Override
  public String key() {
    return "hypergeometric";
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    if (!arguments.stream().allMatch(Value::isWhole)) {
      return Optional.of(Cause.NOT_WHOLE);
    }
    boolean negative = arguments.stream().skip(1).anyMatch(margin -> margin.signum() < 0);
    if (negative || arguments.get(3).compareTo(arguments.get(4)) > 0) {
      return Optional.of(Cause.OUTSIDE);
    }
    return arguments.stream().anyMatch(count -> count.compareTo(Value.of(MOST_OBSERVATIONS)) > 0)
        ? Optional.of(Cause.TOO_LARGE)
        : Optional.empty();
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    if (arguments.get(0).signum() < 0) {
      return Value.ZERO;
    }
    int corner = arguments.get(0).intValueExact();
    int row = arguments.get(1).intValueExact();
    int otherRow = arguments.get(2).intValueExact();
    int column = arguments.get(3).intValueExact();
    int n = arguments.get(4).intValueExact();
    if (row + otherRow != n) {
      return asPrinted(corner, row, otherRow, column, n);
    }
    Margins margins = new Margins(row, otherRow, column);
    return corner < margins.smallest() || corner > margins.largest()
        ? Value.ZERO
        : workspace.keep(margins, HypergeometricProbability::all).get(corner - margins.smallest());
  }

  /// With a grand total that is not that of the rows, the formula gives no probabilities; it gives
  /// what it gives.
  private static Value asPrinted(int corner, int row, int otherRow, int column, int n) {
    return Value.ratio(
        Combinations.choose(row, corner).multiply(Combinations.choose(otherRow, column - corner)),
        Combinations.choose(n, column));
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
    check(values);
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
    int row = values.get(1).intValueExact();
    int n = row + values.get(2).intValueExact();
    int column = values.get(3).intValueExact();
    return column > n
        ? OptionalDouble.of(0)
        : OptionalDouble.of(
            HypergeometricDistribution.of(n, row, column)
                .probability(values.get(0).intValueExact()));
  }

  @Override
  public Interval image() {
    return Interval.NOT_NEGATIVE;
  }
}
