package lehrgang.core.expr;

import java.util.List;
import java.util.function.Supplier;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Value;

/// The operations in doubles; what has no value is not a number or infinite.
enum DoubleArithmetic implements Arithmetic<Double> {
  INSTANCE;

  @Override
  public Double of(Value number) {
    return number.asDouble();
  }

  @Override
  public Double plus(Double left, Double right) {
    return left + right;
  }

  @Override
  public Double minus(Double left, Double right) {
    return left - right;
  }

  @Override
  public Double times(Double left, Double right) {
    return left * right;
  }

  @Override
  public Double over(Double above, Double below) {
    return above / below;
  }

  @Override
  public Double power(Double base, int exponent) {
    return exponent == 2 ? base * base : Math.pow(base, exponent);
  }

  @Override
  public Double root(Double radicand) {
    return Math.sqrt(radicand);
  }

  @Override
  public Double magnitude(Double number) {
    return Math.abs(number);
  }

  @Override
  public Double negated(Double number) {
    return -number;
  }

  @Override
  public Double exponential(Double exponent) {
    return Math.exp(exponent);
  }

  @Override
  public Double logarithm(Double number) {
    return Math.log(number);
  }

  @Override
  public Double arcsine(Double sine) {
    return Math.asin(sine);
  }

  @Override
  public Double choose(Double from, Double chosen) {
    return from < 0 || chosen < 0 || chosen > from
        ? 0.0
        : Combinations.choose(from.intValue(), chosen.intValue()).doubleValue();
  }

  @Override
  public Double smaller(Double one, Double other) {
    return Math.min(one, other);
  }

  @Override
  public Double larger(Double one, Double other) {
    return Math.max(one, other);
  }

  @Override
  public Double atLeast(Double left, Double right) {
    return left >= right ? 1.0 : 0.0;
  }

  /// By the independent library, which works in doubles.
  @Override
  public Double named(NamedFunction function, List<Double> arguments, Workspace workspace) {
    if (!arguments.stream().allMatch(Double::isFinite)) {
      return Double.NaN;
    }
    List<Value> values = arguments.stream().<Value>map(Value::real).toList();
    return function.secondOpinion(values).orElse(Double.NaN);
  }

  @Override
  public Double either(Double condition, Supplier<Double> then, Supplier<Double> otherwise) {
    return condition != 0 ? then.get() : otherwise.get();
  }
}
