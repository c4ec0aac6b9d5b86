package lehrgang.core.expr;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.LongStream;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Elementary;
import lehrgang.core.number.Value;

/// Evaluates a formula, given the values of the lines that it uses.
///
/// @param lines the value of each line
public record Evaluator(Function<LineId, Value> lines) {
  /// For formulas without lines.
  public static Value evaluateClosed(Expr formula) {
    return new Evaluator(
            id -> {
              throw new IllegalArgumentException("no line here: " + id);
            })
        .evaluate(formula);
  }

  /// @throws ArithmeticException where the formula divides by 0 or takes a root of a negative
  /// number
  public Value evaluate(Expr formula) {
    return switch (formula) {
      case Expr.Ref(var id) -> lines.apply(id);
      case Expr.Constant(var value) -> value;
      case Expr.Datum(var value) -> value;
      case Expr.Pi() -> Elementary.pi();
      case Expr.Sum(var terms) -> sum(values(terms));
      case Expr.Difference(var left, var right) -> evaluate(left).minus(evaluate(right));
      case Expr.Product(var factors) ->
          values(factors).stream().reduce(Value::times).orElse(Value.ONE);
      case Expr.Quotient(var above, var below) -> evaluate(above).over(evaluate(below));
      case Expr.Power(var base, var exponent) -> evaluate(base).power(exponent);
      case Expr.Root(var inner) -> evaluate(inner).squareRoot();
      case Expr.Magnitude(var inner) -> evaluate(inner).magnitude();
      case Expr.Exponential(var exponent) -> Elementary.exp(evaluate(exponent));
      case Expr.Negative(var inner) -> evaluate(inner).negated();
      case Expr.NaturalLog(var inner) -> Elementary.log(evaluate(inner));
      case Expr.Arcsine(var inner) -> Elementary.arcsine(evaluate(inner));
      case Expr.Factorial(var of) -> factorial(of);
      case Expr.OddFactorial(var last) -> oddFactorial(last);
      case Expr.Choose(var from, var chosen) ->
          Value.of(
              Combinations.choose(
                  evaluate(from).intValueExact(), evaluate(chosen).intValueExact()));
      case Expr.Minimum(var of) -> values(of).stream().min(Comparator.naturalOrder()).orElseThrow();
      case Expr.Maximum(var of) -> values(of).stream().max(Comparator.naturalOrder()).orElseThrow();
      case Expr.CountBelow(var of, var bound) ->
          Value.of(values(of).stream().filter(v -> v.compareTo(bound) < 0).count());
      case Expr.Total(_, _, var terms) -> sum(values(terms));
      case Expr.ContinuedFraction(var variable, var levels) ->
          continuedFraction(evaluate(variable).inDecimals(), levels);
      case Expr.Named(var function, var arguments) -> function.apply(values(arguments));
      case Expr.AtLeast(var left, var right) ->
          evaluate(left).compareTo(evaluate(right)) >= 0 ? Value.ONE : Value.ZERO;
    };
  }

  private List<Value> values(List<Expr> formulas) {
    Value[] values = new Value[formulas.size()];
    for (int k = 0; k < values.length; k++) {
      values[k] = evaluate(formulas.get(k));
    }
    return Arrays.asList(values);
  }

  /// Adds in halves, so that long sums of fractions meet small denominators first.
  private static Value sum(List<Value> terms) {
    return switch (terms.size()) {
      case 0 -> Value.ZERO;
      case 1 -> terms.getFirst();
      default -> {
        int half = terms.size() / 2;
        yield sum(terms.subList(0, half)).plus(sum(terms.subList(half, terms.size())));
      }
    };
  }

  private static Value continuedFraction(Value z, int levels) {
    Value tail = z;
    for (int level = levels; level >= 1; level--) {
      tail = z.plus(Value.of(level).over(tail));
    }
    return tail;
  }

  private static Value oddFactorial(int last) {
    BigInteger product = BigInteger.ONE;
    for (int odd = 3; odd <= last; odd += 2) {
      product = product.multiply(BigInteger.valueOf(odd));
    }
    return Value.of(product);
  }

  private static Value factorial(int of) {
    return Value.of(
        LongStream.rangeClosed(2, of)
            .mapToObj(BigInteger::valueOf)
            .reduce(BigInteger.ONE, BigInteger::multiply));
  }
}
