package lehrgang.core.page;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Reason;
import lehrgang.core.expr.Result;
import lehrgang.core.notation.Box;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;

/// The numbers that are put into one working, as they are printed there.
///
/// @param terms by the line that they stand for
record PrintedNumbers(Map<LineId, Term> terms) {
  private static final BigDecimal TOLD_APART = new BigDecimal("1e-30");

  /// A number as it is printed.
  ///
  /// @param value what the printed characters say; empty where nothing is printed
  /// @param exact whether that is the line's number itself
  record Term(Optional<Value> value, Box box, boolean exact) {}

  Box box(LineId id) {
    return terms.get(id).box();
  }

  /// Whether every number is printed whole.
  boolean areExact() {
    return terms.values().stream().allMatch(Term::exact);
  }

  /// Whether two numbers are the same, as far as numbers without an end can be told.
  static boolean areEqual(Value one, Value other) {
    if (one.compareTo(other) == 0) {
      return true;
    }
    boolean exact = one instanceof Rational && other instanceof Rational;
    BigDecimal gap = one.decimal().subtract(other.decimal()).abs();
    return !exact && gap.compareTo(other.decimal().abs().multiply(TOLD_APART)) < 0;
  }

  /// What a calculator gives for a formula with the printed numbers in it.
  Optional<Value> evaluate(Expr formula) {
    return Evaluator.exactly(id -> result(id, UnaryOperator.identity())).evaluate(formula).found();
  }

  /// The same without fractions: high powers of long fractions would take for ever.
  Optional<Value> evaluateInDecimals(Expr formula) {
    return Evaluator.exactly(
            id -> result(id, value -> value.isWhole() ? value : value.inDecimals()))
        .evaluate(formula)
        .found();
  }

  private Result<Value> result(LineId id, UnaryOperator<Value> form) {
    return terms
        .get(id)
        .value()
        .map(form)
        .<Result<Value>>map(Result.Defined::new)
        .orElseGet(() -> new Result.Undefined<>(new Reason.Withheld()));
  }
}
