package lehrgang.core.page;

import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.notation.Box;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Value;

/// The factors or terms of a working with a tail area in it, each as a number: the line that a
/// student would write before the last.
///
/// @param whole  the working
/// @param of     its parts
/// @param values their numbers
record Parts(Expr whole, List<Expr> of, List<Value> values) {
  /// So many digits are enough to follow a working.
  static final int DIGITS = 4;

  /// The parts of a working that calls for them.
  ///
  /// @param evaluator knows the lines in it
  static Optional<Parts> of(Expr written, Evaluator<Value> evaluator) {
    if (!containsTail(written)) {
      return Optional.empty();
    }
    List<Expr> parts =
        switch (written) {
          case Expr.Product _, Expr.Sum _, Expr.Difference _, Expr.Quotient _ -> written.parts();
          default -> List.of();
        };
    List<Value> values =
        parts.stream().flatMap(part -> evaluator.evaluate(part).found().stream()).toList();
    return parts.isEmpty() || values.size() < parts.size()
        ? Optional.empty()
        : Optional.of(new Parts(written, parts, values));
  }

  private static boolean containsTail(Expr formula) {
    return switch (formula) {
      case Expr.Exponential _, Expr.Named _, Expr.NaturalLog _, Expr.Arcsine _ -> true;
      default -> formula.parts().stream().anyMatch(Parts::containsTail);
    };
  }

  /// The fewest digits of the parts with which the result comes out.
  ///
  /// @param comesOut given what the printed parts make
  int digits(Predicate<Value> comesOut) {
    IntPredicate does = digits -> combined(digits).filter(comesOut).isPresent();
    return IntStream.rangeClosed(DIGITS, PutIn.MOST_DIGITS)
        .filter(does)
        .findFirst()
        .orElse(PutIn.MOST_DIGITS);
  }

  /// What the parts as printed make; empty where one that is printed as 0 divides.
  Optional<Value> combined(int digits) {
    List<Expr> printed =
        values.stream().map(value -> (Expr) new Expr.Constant(rounded(value, digits))).toList();
    Expr formula =
        switch (whole) {
          case Expr.Product _ -> new Expr.Product(printed);
          case Expr.Sum _ -> new Expr.Sum(printed);
          case Expr.Difference _ -> printed.getFirst().minus(printed.getLast());
          default -> printed.getFirst().over(printed.getLast());
        };
    return new PrintedNumbers(Map.of()).evaluate(formula);
  }

  static Value rounded(Value value, int digits) {
    return Value.real(value.decimal().round(new MathContext(digits, RoundingMode.HALF_UP)));
  }

  /// Whether the parts as printed are what the printed numbers give, to the last digit.
  boolean areExact(PrintedNumbers numbers, int digits) {
    return IntStream.range(0, of.size())
        .allMatch(
            k ->
                numbers
                    .evaluateInDecimals(of.get(k))
                    .filter(value -> PrintedNumbers.areEqual(value, rounded(values.get(k), digits)))
                    .isPresent());
  }

  /// Whether the printed numbers give each part as it is printed.
  boolean comeOut(PrintedNumbers numbers, int digits) {
    for (int k = 0; k < of.size(); k++) {
      Value printed = rounded(values.get(k), digits);
      boolean same =
          numbers
              .evaluateInDecimals(of.get(k))
              .filter(value -> rounded(value, digits).compareTo(printed) == 0)
              .isPresent();
      if (!same) {
        return false;
      }
    }
    return true;
  }

  /// The line before the last.
  Box box(int digits, NumberStyle style) {
    UnaryOperator<Box> fenced = number -> isCompound(number) ? Box.parenthesised(number) : number;
    List<Box> numbers =
        values.stream().map(value -> Box.number(style.significant(value, digits).text())).toList();
    return switch (whole) {
      case Expr.Product _ -> joined(numbers.stream().map(fenced).toList(), "·");
      case Expr.Sum _ -> joined(numbers, "+");
      case Expr.Difference _ -> joined(numbers, "−");
      default -> new Box.Fraction(numbers.getFirst(), numbers.getLast());
    };
  }

  private static boolean isCompound(Box number) {
    return number instanceof Box.Atom(var text, _) && (text.contains("·") || text.startsWith("−"));
  }

  private static Box joined(List<Box> numbers, String operator) {
    List<Box> row = new ArrayList<>();
    for (Box number : numbers) {
      if (!row.isEmpty()) {
        row.add(Box.operator(operator));
      }
      boolean negative = number instanceof Box.Atom(var text, _) && text.startsWith("−");
      row.add(negative && !row.isEmpty() ? Box.parenthesised(number) : number);
    }
    return new Box.Row(row);
  }
}
