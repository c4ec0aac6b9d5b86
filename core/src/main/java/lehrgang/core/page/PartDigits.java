package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.Result;
import lehrgang.core.notation.Box;
import lehrgang.core.number.Value;

/// The parts of a working as numbers of their own.
record PartDigits(Numerals numerals) {
  /// So many digits are enough to follow a working.
  static final int STEP_DIGITS = 4;

  /// The factors or terms of a tail area, each as a number: the line that a student would write
  /// before the last.
  Optional<Box> partlyEvaluated(Expr written) {
    if (!containsTail(written)) {
      return Optional.empty();
    }
    return switch (written) {
      case Expr.Product(var factors) -> evaluated(factors, "·");
      case Expr.Sum(var terms) -> evaluated(terms, "+");
      case Expr.Difference(var left, var right) -> evaluated(List.of(left, right), "−");
      case Expr.Quotient(var above, var below) ->
          digits(above).flatMap(over -> digits(below).map(under -> new Box.Fraction(over, under)));
      default -> Optional.empty();
    };
  }

  private static boolean containsTail(Expr formula) {
    return switch (formula) {
      case Expr.Exponential _, Expr.Named _, Expr.NaturalLog _, Expr.Arcsine _ -> true;
      default -> formula.parts().stream().anyMatch(PartDigits::containsTail);
    };
  }

  private Optional<Box> evaluated(List<Expr> parts, String operator) {
    List<Box> row = new ArrayList<>();
    for (Expr part : parts) {
      Optional<Box> digits = digits(part);
      if (digits.isEmpty()) {
        return Optional.empty();
      }
      if (!row.isEmpty()) {
        row.add(Box.operator(operator));
      }
      row.add(digits.get());
    }
    return Optional.of(new Box.Row(row));
  }

  private Optional<Box> digits(Expr part) {
    return inDecimals().evaluate(part).found().map(value -> of(value, STEP_DIGITS));
  }

  Box of(Value value, int digits) {
    return Box.number(numerals.format().style().significant(value, digits).text());
  }

  /// Evaluates parts of a tail area: high powers of long fractions would take for ever.
  Evaluator<Value> inDecimals() {
    return Evaluator.exactly(
        id ->
            switch (numerals.values().result(id)) {
              case Result.Defined<Value>(var value) ->
                  new Result.Defined<>(value.isWhole() ? value : value.inDecimals());
              case Result.Undefined<Value> undefined -> undefined;
            });
  }
}
