package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;

import java.util.List;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;

/// The formulas of counts and shares, each written once: whatever derives, merges or simulates
/// takes them from here.
public final class Formulas {
  private Formulas() {}

  /// The count expected in a cell if rows and columns have nothing to do with each other, R·C/n
  /// (Pearson 1900).
  public static Expr expectedCount(Expr rowTotal, Expr columnTotal, Expr n) {
    return product(rowTotal, columnTotal).over(n);
  }

  /// The count expected of a share, s·n.
  public static Expr expectedCount(Expr share, Expr n) {
    return product(share, n);
  }

  /// O − E.
  public static Expr difference(Expr observed, Expr expected) {
    return observed.minus(expected);
  }

  /// The contribution of a cell to χ², (O − E)²/E (Pearson 1900), where the difference is a line of
  /// its own: what stands in that line counts.
  public static Expr contribution(LineId difference, Expr observed, Expr expected) {
    return shown(difference, observed, expected).squared().over(expected);
  }

  /// The contribution of a cell to χ², (O − E)²/E.
  public static Expr contribution(Expr observed, Expr expected) {
    return difference(observed, expected).squared().over(expected);
  }

  private static Expr shown(LineId difference, Expr observed, Expr expected) {
    return new Expr.Via(difference, difference(observed, expected));
  }

  /// The contribution with ½ taken off the difference before squaring, (|O − E| − ½)²/E (Yates
  /// 1934). The correction is never larger than the difference itself.
  public static Expr correctedContribution(LineId difference, Expr observed, Expr expected) {
    return shortened(new Expr.Magnitude(shown(difference, observed, expected)))
        .squared()
        .over(expected);
  }

  /// ½ less, but not below 0.
  public static Expr shortened(Expr size) {
    Expr half = number(1).over(number(2));
    return new Expr.Cases(
        new Expr.AtLeast(size, half),
        size.minus(half),
        size.minus(new Expr.Minimum(List.of(half, size))));
  }

  /// χ² by its second route, Σ O²/E − n.
  public static Expr squareOverExpected(Expr observed, Expr expected) {
    return observed.squared().over(expected);
  }

  /// The standardised residual, (O − E)/√E.
  public static Expr standardisedResidual(LineId difference, Expr observed, Expr expected) {
    return shown(difference, observed, expected).over(expected.root());
  }

  /// The adjusted residual (Haberman 1973): the standardised one over the root of the shares
  /// outside the cell's own margins.
  ///
  /// @param outside 1 − R/n and 1 − C/n, or 1 − s
  public static Expr adjustedResidual(
      LineId difference, Expr observed, Expr expected, Expr... outside) {
    Expr[] factors = new Expr[outside.length + 1];
    factors[0] = expected;
    System.arraycopy(outside, 0, factors, 1, outside.length);
    return shown(difference, observed, expected).over(product(factors).root());
  }

  /// Cohen's (1988) w, √(χ²/n).
  public static Expr effectSize(Expr statistic, Expr n) {
    return statistic.over(n).root();
  }

  /// Cramér's (1946) V, √(χ²/(n·(the smaller side − 1))).
  public static Expr strength(Expr statistic, Expr n, Expr smallerSide) {
    return statistic.over(product(n, smallerSide)).root();
  }

  /// The smaller of rows and columns, less 1; the lines `r` and `c` hold them.
  public static Expr smallerSide() {
    return new Expr.Minimum(
        List.of(LineWriter.line("r").minus(number(1)), LineWriter.line("c").minus(number(1))));
  }

  /// A share of trials, x/n.
  public static Expr share(Expr successes, Expr trials) {
    return successes.over(trials);
  }

  /// Everything but a share, 1 − p.
  public static Expr rest(Expr share) {
    return number(1).minus(share);
  }

  /// The variance of a share, p(1 − p)/n.
  public static Expr varianceOfShare(Expr share, Expr trials) {
    return product(share, rest(share)).over(trials);
  }

  /// The standard error of a share, √(p(1 − p)/n).
  public static Expr standardError(Expr share, Expr trials) {
    return varianceOfShare(share, trials).root();
  }

  /// The standard error of the difference of two shares that are the same, √(p(1 − p)(1/n₁ +
  /// 1/n₂)).
  public static Expr pooledError(Expr pooled, Expr trials, Expr otherTrials) {
    return product(pooled, rest(pooled), inverses(trials, otherTrials)).root();
  }

  /// The standard error of the difference of two shares, √(p₁(1 − p₁)/n₁ + p₂(1 − p₂)/n₂).
  public static Expr unpooledError(Expr share, Expr trials, Expr otherShare, Expr otherTrials) {
    return Expr.sum(varianceOfShare(share, trials), varianceOfShare(otherShare, otherTrials))
        .root();
  }

  /// 1/n₁ + 1/n₂.
  public static Expr inverses(Expr trials, Expr otherTrials) {
    return Expr.sum(number(1).over(trials), number(1).over(otherTrials));
  }

  /// How many standard errors an estimate lies from what H₀ says of it.
  public static Expr standardised(Expr excess, Expr standardError) {
    return excess.over(standardError);
  }

  /// The odds ratio of a 2 × 2 table, ad/(bc).
  public static Expr oddsRatio(Expr a, Expr b, Expr c, Expr d) {
    return product(a, d).over(product(b, c));
  }

  /// The standard error of the logarithm of an odds ratio, √(1/a + 1/b + 1/c + 1/d) (Woolf 1955).
  public static Expr errorOfLogOddsRatio(Expr a, Expr b, Expr c, Expr d) {
    return varianceOfLogOddsRatio(a, b, c, d).root();
  }

  /// Its square.
  public static Expr varianceOfLogOddsRatio(Expr a, Expr b, Expr c, Expr d) {
    return new Expr.Sum(List.of(a, b, c, d).stream().map(x -> number(1).over(x)).toList());
  }

  /// A family's member at an index that may be a letter.
  public static Expr at(String family, List<String> index) {
    return ref(new LineId(family, index));
  }
}
