package lehrgang.core.distribution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Binomial, hypergeometric and normal areas against their own formulas and against the library.
class ExactProbabilitiesTest {
  private static Value binomial(int k, int n, Value p) {
    return BinomialProbability.INSTANCE.apply(List.of(Value.of(k), Value.of(n), p));
  }

  private static Value corner(int a, int row, int other, int column) {
    return HypergeometricProbability.INSTANCE.apply(
        List.of(
            Value.of(a),
            Value.of(row),
            Value.of(other),
            Value.of(column),
            Value.of((long) row + other)));
  }

  private static Value byFormula(NamedFunction function, List<Value> values) {
    List<Expr> arguments = values.stream().map(v -> (Expr) new Expr.Constant(v)).toList();
    return Evaluator.closed(function.written(arguments, values));
  }

  @ParameterizedTest
  @CsvSource({"0, 12, 1, 3", "5, 12, 1, 3", "12, 12, 7, 9", "170, 372, 21, 100", "0, 400, 1, 2"})
  void aBinomialProbabilityIsItsWrittenFormula(int k, int n, int above, int below) {
    Value p = Value.ratio(above, below);
    List<Value> values = List.of(Value.of(k), Value.of(n), p);
    assertThat(binomial(k, n, p))
        .isInstanceOf(Rational.class)
        .isEqualTo(byFormula(BinomialProbability.INSTANCE, values));
  }

  static List<Integer> trials() {
    return Extent.isExhaustive() ? List.of(1, 7, 40, 400, 401, 1000) : List.of(1, 7, 40, 401);
  }

  @Sampled
  @ParameterizedTest
  @MethodSource("trials")
  void binomialProbabilitiesAddUpToOne(int n) {
    Value sum =
        IntStream.rangeClosed(0, n)
            .mapToObj(k -> binomial(k, n, Value.ratio(3, 10)))
            .reduce(Value.ZERO, Value::plus);
    assertThat(sum.decimal().subtract(BigDecimal.ONE).abs()).isLessThan(new BigDecimal("1e-36"));
  }

  /// Each probability by its own logarithm, and a sum by ratios, are what fractions give.
  @ParameterizedTest
  @CsvSource({"1500, 1, 2", "1200, 1, 7", "2000, 199, 200"})
  void manyTrialsAreAsRightAsFew(int n, int above, int below) {
    Rational p = Value.ratio(above, below);
    BigInteger whole = p.denominator().pow(n);
    BigInteger sum = BigInteger.ZERO;
    for (int k = 0; k <= n; k++) {
      BigInteger ways =
          Combinations.choose(n, k)
              .multiply(p.numerator().pow(k))
              .multiply(p.denominator().subtract(p.numerator()).pow(n - k));
      sum = sum.add(ways);
      if (k % 97 == 0) {
        assertAgrees(binomial(k, n, p), Value.ratio(ways, whole));
        Value tail = BinomialProbability.sum(0, k, List.of(Value.of(n), p), new Workspace());
        assertAgrees(tail, Value.ratio(sum, whole));
      }
    }
  }

  private static void assertAgrees(Value found, Rational fraction) {
    assertThat(found.over(fraction).minus(Value.ONE).magnitude().decimal())
        .isLessThan(new BigDecimal("1e-37"));
  }

  /// The sums of all, of up to two thousand million trials, are 1.
  @ParameterizedTest
  @CsvSource({"1001, 1, 2", "65536, 1, 3", "50000000, 1, 1000000", "2000000000, 1, 2"})
  void tailsOfManyTrialsAddUpToOne(int n, int above, int below) {
    List<Value> with = List.of(Value.of(n), Value.ratio(above, below));
    int cut = (int) ((long) n * above / below);
    Workspace workspace = new Workspace();
    Value sum =
        BinomialProbability.sum(0, cut, with, workspace)
            .plus(BinomialProbability.sum(cut + 1, n, with, workspace));
    assertThat(sum.minus(Value.ONE).magnitude().decimal()).isLessThan(new BigDecimal("1e-37"));
  }

  /// Above the limit for fractions the decimals are those of the same formula.
  @Test
  void decimalsFromRatiosAgreeWithTheFormulaFarIntoTheTails() {
    Value p = Value.ratio(1, 5);
    for (int k : new int[] {0, 3, 120, 400, 600}) {
      Value formula =
          byFormula(BinomialProbability.INSTANCE, List.of(Value.of(k), Value.of(600), p));
      Value relative = binomial(k, 600, p).over(formula).minus(Value.ONE).magnitude();
      assertThat(relative.decimal()).isLessThan(new BigDecimal("1e-35"));
    }
    Value formula =
        byFormula(
            HypergeometricProbability.INSTANCE,
            List.of(Value.of(40), Value.of(300), Value.of(250), Value.of(280), Value.of(550)));
    Value relative = corner(40, 300, 250, 280).over(formula).minus(Value.ONE).magnitude();
    assertThat(corner(40, 300, 250, 280)).isNotInstanceOf(Rational.class);
    assertThat(corner(30, 300, 250, 280).signum()).isPositive();
    assertThat(relative.decimal()).isLessThan(new BigDecimal("1e-35"));
  }

  @Test
  void whatCannotHappenHasProbabilityZero() {
    assertThat(corner(4, 3, 9, 6)).isEqualTo(Value.ZERO);
    assertThat(corner(-1, 3, 9, 6)).isEqualTo(Value.ZERO);
    assertThat(binomial(5, 4, Value.ratio(1, 2))).isEqualTo(Value.ZERO);
    assertThat(Combinations.choose(4, 5)).isZero();
    assertThat(Combinations.choose(4, -1)).isZero();
    assertThat(Combinations.choose(52, 5)).isEqualTo(2_598_960);
  }

  @ParameterizedTest
  @ValueSource(doubles = {-9.5, -3.2, -1, -0.01, 0, 0.5, 2.9, 3.1, 12})
  void theAreasOnBothSidesOfAPointAddUpToOneAndAgreeWithTheLibrary(double z) {
    List<Value> point = List.of(Value.real(z));
    Value right = NormalTail.UPPER.apply(point);
    Value left = NormalTail.LOWER.apply(point);
    assertThat(right.plus(left).asDouble()).isCloseTo(1, within(1e-15));
    double library = NormalTail.UPPER.secondOpinion(point).orElseThrow();
    assertThat(right.asDouble() / library).isCloseTo(1, within(1e-12));
    double other = NormalTail.LOWER.secondOpinion(point).orElseThrow();
    assertThat(left.asDouble() / other).isCloseTo(1, within(1e-12));
  }

  @ParameterizedTest
  @CsvSource({
    "1.96, 1.9, 6, 0.0250, true",
    "-1.645, 1.6, 5, 0.0495, true",
    "0, 0.0, 0, 0.5000, true",
    "3.99, 3.9, 9, 0.0000, true",
    "7.5, 3.9, 9, 0.0000, false"
  })
  void aPrintedNormalTableIsEnteredByTheFirstAndTheSecondDecimal(
      String point, String row, int column, String area, boolean reaches) {
    PrintedNormalTable table = PrintedNormalTable.around(Value.real(new BigDecimal(point)));
    assertThat(table.own()).isEqualByComparingTo(row);
    assertThat(table.column()).isEqualTo(column);
    assertThat(table.area()).isEqualTo(new BigDecimal(area));
    assertThat(table.reaches()).isEqualTo(reaches);
    assertThat(table.rows()).hasSize(3);
  }
}
