package lehrgang.core.expr;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Supplier;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Elementary;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;

/// The operations in exact fractions, and in long decimals where there are none.
enum ValueArithmetic implements Arithmetic<Value> {
  INSTANCE;

  /// Two decimals this close, relatively, stand for the same number: what is compared either agrees
  /// or differs by far more.
  private static final BigDecimal TIE = new BigDecimal("1e-30");

  /// C(n, k) has too many digits beyond.
  private static final Value MOST_CHOSEN_FROM = Value.of(100_000);

  @Override
  public Value of(Value number) {
    return number;
  }

  @Override
  public Value plus(Value left, Value right) {
    return left.plus(right);
  }

  @Override
  public Value minus(Value left, Value right) {
    return left.minus(right);
  }

  @Override
  public Value times(Value left, Value right) {
    return left.times(right);
  }

  @Override
  public Value over(Value above, Value below) {
    if (below.signum() == 0) {
      throw new Impossible(Cause.DIVISION_BY_ZERO);
    }
    return above.over(below);
  }

  @Override
  public Value power(Value base, int exponent) {
    return base.power(exponent);
  }

  @Override
  public Value root(Value radicand) {
    if (radicand.signum() < 0) {
      throw new Impossible(Cause.ROOT_OF_NEGATIVE);
    }
    return radicand.squareRoot();
  }

  @Override
  public Value magnitude(Value number) {
    return number.magnitude();
  }

  @Override
  public Value negated(Value number) {
    return number.negated();
  }

  @Override
  public Value exponential(Value exponent) {
    if (exponent.compareTo(Elementary.LARGEST_EXPONENT) > 0) {
      throw new Impossible(Cause.TOO_LARGE);
    }
    return Elementary.exp(exponent);
  }

  @Override
  public Value logarithm(Value number) {
    if (number.signum() <= 0) {
      throw new Impossible(Cause.LOGARITHM_OF_NOT_POSITIVE);
    }
    return Elementary.log(number);
  }

  @Override
  public Value arcsine(Value sine) {
    if (sine.magnitude().compareTo(Value.ONE) > 0) {
      throw new Impossible(Cause.ARCSINE_OUTSIDE);
    }
    return Elementary.arcsine(sine);
  }

  @Override
  public Value choose(Value from, Value chosen) {
    if (!from.isWhole() || !chosen.isWhole()) {
      throw new Impossible(Cause.NOT_WHOLE);
    }
    if (from.signum() < 0) {
      throw new Impossible(Cause.OUTSIDE);
    }
    if (chosen.signum() < 0 || chosen.compareTo(from) > 0) {
      return Value.ZERO;
    }
    if (from.compareTo(MOST_CHOSEN_FROM) > 0) {
      throw new Impossible(Cause.TOO_LARGE);
    }
    return Value.of(Combinations.choose(from.intValueExact(), chosen.intValueExact()));
  }

  @Override
  public Value smaller(Value one, Value other) {
    return one.compareTo(other) <= 0 ? one : other;
  }

  @Override
  public Value larger(Value one, Value other) {
    return one.compareTo(other) >= 0 ? one : other;
  }

  @Override
  public Value atLeast(Value left, Value right) {
    return left.compareTo(right) >= 0 || agree(left, right) ? Value.ONE : Value.ZERO;
  }

  private static boolean agree(Value left, Value right) {
    if (left instanceof Rational && right instanceof Rational) {
      return false;
    }
    BigDecimal difference = left.minus(right).magnitude().decimal();
    return difference.compareTo(right.magnitude().decimal().multiply(TIE)) <= 0;
  }

  @Override
  public Value named(NamedFunction function, List<Value> arguments, Workspace workspace) {
    function
        .objection(arguments)
        .ifPresent(
            cause -> {
              throw new Impossible(cause);
            });
    return function.apply(arguments, workspace);
  }

  @Override
  public Value either(Value condition, Supplier<Value> then, Supplier<Value> otherwise) {
    return condition.signum() != 0 ? then.get() : otherwise.get();
  }
}
