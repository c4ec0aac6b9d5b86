package lehrgang.core.expr;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.LongStream;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Elementary;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// Evaluates formulas, given the results of the lines that they use.
///
/// @param <T> the sort of number that comes out
public final class Evaluator<T> {
  private final Arithmetic<T> arithmetic;
  private final Function<LineId, Result<T>> lines;
  private final Workspace workspace = new Workspace();

  private Evaluator(Arithmetic<T> arithmetic, Function<LineId, Result<T>> lines) {
    this.arithmetic = arithmetic;
    this.lines = lines;
  }

  /// Evaluates in exact fractions, and in decimals where there are none.
  ///
  /// @param lines the result of each line; for one that is not there, why
  public static Evaluator<Value> exactly(Function<LineId, Result<Value>> lines) {
    return new Evaluator<>(ValueArithmetic.INSTANCE, lines);
  }

  /// Evaluates in ranges: what comes out holds every value that the formula has for numbers out of
  /// the ranges of its lines.
  public static Evaluator<Interval> inRanges(Function<LineId, Result<Interval>> lines) {
    return new Evaluator<>(IntervalArithmetic.INSTANCE, lines);
  }

  /// Evaluates in doubles, many times faster and to about 15 digits.
  ///
  /// @param lines the number of each line
  public static Evaluator<Double> inDoubles(Function<LineId, Double> lines) {
    return new Evaluator<>(DoubleArithmetic.INSTANCE, id -> new Result.Defined<>(lines.apply(id)));
  }

  /// Evaluates in ranges in double precision: thousands of sheets are gone through with it.
  ///
  /// @param lines the range of each line; for one that has none, why
  public static Evaluator<Bounds> inBounds(Function<LineId, Result<Bounds>> lines) {
    return new Evaluator<>(BoundsArithmetic.INSTANCE, lines);
  }

  /// The value of a formula without lines.
  ///
  /// @throws ArithmeticException if it has none
  public static Value closed(Expr formula) {
    return switch (exactly(Evaluator::nowhere).evaluate(formula)) {
      case Result.Defined<Value>(var value) -> value;
      case Result.Undefined<Value>(var reason) -> throw new ArithmeticException(reason.toString());
    };
  }

  private static Result<Value> nowhere(LineId id) {
    return new Result.Undefined<>(new Reason.WithoutSource(id));
  }

  /// The value of a formula, or why it has none.
  public Result<T> evaluate(Expr formula) {
    try {
      return new Result.Defined<>(number(formula));
    } catch (NoValue none) {
      return new Result.Undefined<>(none.reason());
    } catch (ArithmeticException overflow) {
      // Decimals whose exponent has more than nine digits.
      return new Result.Undefined<>(new Reason.Impossible(Reason.Cause.TOO_LARGE, formula));
    }
  }

  private T number(Expr formula) {
    return switch (formula) {
      case Expr.Ref(var id) -> line(id);
      case Expr.Via(var id, _) -> line(id);
      case Expr.Constant(var value) -> arithmetic.of(value);
      case Expr.Datum(var value, _) -> arithmetic.of(value);
      case Expr.Pi() -> arithmetic.of(Elementary.pi());
      case Expr.Sum(var terms) -> sum(terms);
      case Expr.Difference(var left, var right) -> arithmetic.minus(number(left), number(right));
      case Expr.Product(var factors) -> product(factors);
      case Expr.Quotient(var above, var below) -> quotient(above, below);
      case Expr.Power(var base, var exponent) -> {
        T number = number(base);
        yield part(base, () -> arithmetic.power(number, exponent));
      }
      case Expr.Root(var inner) -> of(inner, arithmetic::root);
      case Expr.Magnitude(var inner) -> arithmetic.magnitude(number(inner));
      case Expr.Exponential(var inner) -> of(inner, arithmetic::exponential);
      case Expr.Negative(var inner) -> arithmetic.negated(number(inner));
      case Expr.NaturalLog(var inner) -> of(inner, arithmetic::logarithm);
      case Expr.Arcsine(var inner) -> of(inner, arithmetic::arcsine);
      case Expr.Factorial(var of) -> arithmetic.of(factorial(of));
      case Expr.OddFactorial(var last) -> arithmetic.of(oddFactorial(last));
      case Expr.Choose(var from, var chosen) -> {
        T all = number(from);
        T some = number(chosen);
        yield part(formula, () -> arithmetic.choose(all, some));
      }
      case Expr.Minimum(var of) -> folded(of, arithmetic::smaller);
      case Expr.Maximum(var of) -> folded(of, arithmetic::larger);
      case Expr.CountBelow(var of, var bound) -> countBelow(of, arithmetic.of(bound));
      case Expr.Total(_, _, var terms) -> sum(terms);
      case Expr.ContinuedFraction(var variable, var levels) -> continued(variable, levels);
      case Expr.Named(var function, var arguments) -> {
        List<T> numbers = numbers(arguments);
        yield part(formula, () -> arithmetic.named(function, numbers, workspace));
      }
      case Expr.AtLeast(var left, var right) -> arithmetic.atLeast(number(left), number(right));
      case Expr.Exceeds(var left, var right) ->
          not(arithmetic.atLeast(number(right), number(left)));
      case Expr.Both(var one, var other) -> arithmetic.times(number(one), number(other));
      case Expr.Cases(var when, var then, var otherwise) ->
          arithmetic.either(number(when), () -> number(then), () -> number(otherwise));
    };
  }

  private T line(LineId id) {
    return switch (lines.apply(id)) {
      case Result.Defined<T>(var value) -> value;
      case Result.Undefined<T>(Reason.WithoutSource missing) -> throw NoValue.because(missing);
      case Result.Undefined<T> _ -> throw NoValue.because(new Reason.Follows(id));
    };
  }

  private T not(T condition) {
    return arithmetic.minus(arithmetic.of(Value.ONE), condition);
  }

  private List<T> numbers(List<Expr> formulas) {
    List<T> all = new ArrayList<>(formulas.size());
    for (Expr formula : formulas) {
      all.add(number(formula));
    }
    return all;
  }

  private T of(Expr inner, Function<T, T> operation) {
    T number = number(inner);
    return part(inner, () -> operation.apply(number));
  }

  /// Blames a part of the formula where an operation has no value.
  private static <T> T part(Expr part, Supplier<T> operation) {
    try {
      return operation.get();
    } catch (Arithmetic.Impossible impossible) {
      throw NoValue.because(new Reason.Impossible(impossible.cause(), part));
    }
  }

  private T quotient(Expr above, Expr below) {
    T over = number(above);
    T under = number(below);
    return part(below, () -> arithmetic.over(over, under));
  }

  private T product(List<Expr> factors) {
    return factors.isEmpty() ? arithmetic.of(Value.ONE) : folded(factors, arithmetic::times);
  }

  private T folded(List<Expr> of, BinaryOperator<T> operation) {
    T result = number(of.getFirst());
    for (Expr next : of.subList(1, of.size())) {
      result = operation.apply(result, number(next));
    }
    return result;
  }

  /// Adds in halves, so that long sums of fractions meet small denominators first.
  private T sum(List<Expr> terms) {
    return switch (terms.size()) {
      case 0 -> arithmetic.of(Value.ZERO);
      case 1 -> number(terms.getFirst());
      default -> {
        int half = terms.size() / 2;
        yield arithmetic.plus(sum(terms.subList(0, half)), sum(terms.subList(half, terms.size())));
      }
    };
  }

  private T countBelow(List<Expr> of, T bound) {
    T count = arithmetic.of(Value.ZERO);
    for (Expr member : of) {
      count = arithmetic.plus(count, not(arithmetic.atLeast(number(member), bound)));
    }
    return count;
  }

  private T continued(Expr variable, int levels) {
    T z = number(variable);
    T tail = z;
    for (int level = levels; level >= 1; level--) {
      T under = tail;
      T above = arithmetic.of(Value.of(level));
      tail = arithmetic.plus(z, part(variable, () -> arithmetic.over(above, under)));
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
