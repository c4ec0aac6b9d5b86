package lehrgang.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Value;

/// Sets a formula as boxes. What stands for a line, its symbol or its number, is the caller's
/// choice; everything else is the same for both readings.
///
/// @param lines    the box for a line
/// @param families whether a sum over a family is written out
/// @param style    how the formula's own numbers are written
/// @param words    the words of a key, such as `formula.number-of`
public record Typesetting(
    Function<LineId, Box> lines,
    Families families,
    NumberStyle style,
    UnaryOperator<String> words) {
  /// How a sum over a family is written.
  public enum Families {
    AS_SYMBOL,
    TERM_BY_TERM
  }

  private static final int SUM = 1;
  private static final int PRODUCT = 2;
  private static final int POWER = 3;
  private static final int CLOSED = 4;

  /// A longer sum over a family shows its first terms, dots and its last term.
  private static final int MOST_MEMBERS = 9;

  private static final int MOST_TERMS = 5;
  private static final int SHOWN_FIRST = 3;
  private static final int SHOWN_LEVELS = 3;
  private static final int LONGEST_ODD = 9;

  /// Whether a formula is set with dots, so that it cannot be keyed in as it stands.
  public static boolean hasDots(Expr formula) {
    return switch (formula) {
      case Expr.ContinuedFraction _ -> true;
      case Expr.Sum(var terms) when terms.size() > MOST_TERMS -> true;
      default -> formula.parts().stream().anyMatch(Typesetting::hasDots);
    };
  }

  /// A formula as it is set: brackets only where precedence needs them, long sums with an ellipsis.
  public Box box(Expr formula) {
    return switch (formula) {
      case Expr.Ref(var id) -> new Box.Linked(id, lines.apply(id));
      case Expr.Constant(var value) -> constant(value);
      case Expr.Datum(var value, _) -> constant(value);
      case Expr.Via(_, var inner) -> box(inner);
      case Expr.Pi() -> Box.variable("π");
      case Expr.Sum(var terms) -> joined(terms, "+", MOST_TERMS);
      case Expr.Difference(_, Expr.Named(_, var arguments)) when isLeftTail(formula) ->
          Box.row(Box.variable("Φ"), Box.parenthesised(box(arguments.getFirst())));
      case Expr.Difference(var left, var right) ->
          Box.row(inside(left, SUM), Box.operator("−"), inside(right, PRODUCT));
      case Expr.Product(var factors) -> product(factors);
      case Expr.Quotient(var above, var below) -> new Box.Fraction(box(above), box(below));
      case Expr.Power(var base, var exponent) ->
          exponent == 1
              ? box(base)
              : Box.raised(inside(base, CLOSED), Box.number(Integer.toString(exponent)));
      case Expr.Root(var inner) -> new Box.Radical(box(inner));
      case Expr.Magnitude(var inner) -> new Box.Fence("|", box(inner), "|");
      case Expr.Exponential(var exponent) -> Box.raised(Box.variable("e"), inLine(exponent));
      case Expr.Negative(var inner) ->
          Box.row(new Box.Atom("−", Box.Style.PREFIX), inside(inner, PRODUCT));
      case Expr.NaturalLog(var inner) -> Box.row(Box.name("ln\u2009"), inside(inner, CLOSED));
      case Expr.Arcsine(var inner) -> Box.row(Box.name("arcsin\u2009"), inside(inner, CLOSED));
      case Expr.Factorial(var of) -> Box.number(of + "!");
      case Expr.OddFactorial(var last) -> oddFactorial(last);
      case Expr.Choose(var from, var chosen) ->
          Box.row(
              Box.name("C"),
              Box.parenthesised(
                  Box.row(box(from), new Box.Atom(", ", Box.Style.SEPARATOR), box(chosen))));
      case Expr.Minimum(var of) -> choice("min", of);
      case Expr.Maximum(var of) -> choice("max", of);
      case Expr.CountBelow(var of, var bound) ->
          Box.row(
              Box.name(words.apply("formula.number-of") + " "),
              box(of.getFirst()),
              Box.operator("<"),
              constant(bound));
      case Expr.Total(var general, var index, var terms) ->
          families == Families.TERM_BY_TERM
              ? joined(terms, "+", MOST_MEMBERS)
              : Box.row(new Box.BigSum(Box.variable(index)), inside(general, PRODUCT));
      case Expr.ContinuedFraction(var variable, _) -> continued(box(variable), 1);
      case Expr.Named(var function, var arguments) -> named(function.key(), arguments);
      case Expr.AtLeast(var left, var right) -> Box.row(box(left), Box.operator("≥"), box(right));
      case Expr.Exceeds(var left, var right) -> Box.row(box(left), Box.operator(">"), box(right));
      case Expr.Both(var one, var other) ->
          Box.row(box(one), new Box.Atom(", ", Box.Style.SEPARATOR), box(other));
      case Expr.Cases(_, var then, _) -> box(then);
    };
  }

  /// 1 less what lies to the right of a point is what lies to its left.
  private static boolean isLeftTail(Expr formula) {
    return formula instanceof Expr.Difference(Expr.Constant(var one), Expr.Named(var function, _))
        && one.compareTo(Value.ONE) == 0
        && function.key().equals("normal-upper-tail");
  }

  private static Box oddFactorial(int last) {
    if (last <= 3) {
      return Box.number(Integer.toString(last));
    }
    List<Box> factors = new ArrayList<>(List.of(Box.number("3"), Box.operator("·")));
    if (last > LONGEST_ODD) {
      factors.addAll(
          List.of(
              Box.number("5"),
              Box.operator("·"),
              Box.name("⋯"),
              Box.operator("·"),
              Box.number(Integer.toString(last))));
      return new Box.Row(factors);
    }
    factors.add(Box.number("5"));
    for (int odd = 7; odd <= last; odd += 2) {
      factors.add(Box.operator("·"));
      factors.add(Box.number(Integer.toString(odd)));
    }
    return new Box.Row(factors);
  }

  /// An exponent keeps to one line: −χ²/2 with a slash.
  private Box inLine(Expr exponent) {
    return switch (exponent) {
      case Expr.Negative(var inner) -> Box.row(new Box.Atom("−", Box.Style.PREFIX), inLine(inner));
      case Expr.Quotient(var above, var below) ->
          Box.row(inside(above, PRODUCT), Box.name("/"), inside(below, CLOSED));
      default -> box(exponent);
    };
  }

  private Box constant(Value value) {
    return value.isWhole()
        ? Box.number(style.fixed(value, 0).text())
        : Box.number(style.significant(value, 12).text());
  }

  private Box product(List<Expr> factors) {
    List<Box> parts = new ArrayList<>();
    for (Expr factor : factors) {
      boolean fenced = strength(factor) < PRODUCT;
      if (!parts.isEmpty()) {
        boolean close = fenced && !(parts.getLast() instanceof Box.Fence);
        parts.add(close ? new Box.Atom("\u2009", Box.Style.SEPARATOR) : Box.operator("·"));
      }
      parts.add(fenced ? Box.parenthesised(box(factor)) : guarded(factor));
    }
    return new Box.Row(parts);
  }

  /// A number put in that carries a minus sign or a power of ten of its own needs a fence.
  private Box guarded(Expr part) {
    Box set = box(part);
    return part instanceof Expr.Ref && isCompound(PlainText.of(set)) ? Box.parenthesised(set) : set;
  }

  private static boolean isCompound(String number) {
    return number.startsWith("−") || number.contains("·");
  }

  private Box joined(List<Expr> terms, String operator, int most) {
    List<Box> parts = new ArrayList<>();
    int before = -1;
    for (int place : ShownTerms.of(terms, most)) {
      if (place > before + 1) {
        parts.add(Box.operator(operator));
        parts.add(Box.name("⋯"));
      }
      if (place > 0) {
        parts.add(Box.operator(operator));
      }
      parts.add(place == 0 ? box(terms.get(place)) : term(terms.get(place)));
      before = place;
    }
    return new Box.Row(parts);
  }

  /// A number after a sign needs a fence only where it brings a sign of its own.
  private Box term(Expr part) {
    Box set = box(part);
    return part instanceof Expr.Ref && !PlainText.of(set).startsWith("−")
        ? set
        : inside(part, PRODUCT);
  }

  private Box choice(String name, List<Expr> of) {
    List<Box> parts = new ArrayList<>();
    boolean shortened = of.size() > MOST_TERMS;
    for (int i = 0; i < of.size(); i++) {
      if (shortened && i >= SHOWN_FIRST && i < of.size() - 1) {
        if (i == SHOWN_FIRST) {
          parts.add(new Box.Atom(", …", Box.Style.SEPARATOR));
        }
        continue;
      }
      if (i > 0) {
        parts.add(new Box.Atom(", ", Box.Style.SEPARATOR));
      }
      parts.add(box(of.get(i)));
    }
    return Box.row(Box.name(name), Box.parenthesised(new Box.Row(parts)));
  }

  private static Box continued(Box variable, int level) {
    Box tail =
        level > SHOWN_LEVELS
            ? Box.row(variable, Box.operator("+"), Box.name("⋯"))
            : Box.row(
                variable,
                Box.operator("+"),
                new Box.Fraction(
                    Box.number(Integer.toString(level)), continued(variable, level + 1)));
    return tail;
  }

  private Box named(String key, List<Expr> arguments) {
    Box first = box(arguments.getFirst());
    return switch (key) {
      case "normal-upper-tail" ->
          Box.row(Box.number("1"), Box.operator("−"), Box.variable("Φ"), Box.parenthesised(first));
      case "binomial", "hypergeometric" -> probability("X", "=", first);
      case "normal-right" -> probability("Z", "≥", first);
      case "normal-left" -> probability("Z", "≤", first);
      case "count-of-draws" ->
          Box.row(Box.name(words.apply("formula.number-of-draws") + " "), Box.operator("≥"), first);
      case "probability-at-most" -> probability("X", "≤", first);
      case "probability-at-least" -> probability("X", "≥", first);
      case "normal-density" -> Box.row(Box.variable("φ"), Box.parenthesised(first));
      case "normal-critical" -> Box.lowered(Box.variable("z"), inLine(arguments.getFirst()));
      case "chi-squared-critical" ->
          new Box.Scripts(
              Box.variable("χ"),
              Optional.of(Box.number("2")),
              Optional.of(
                  Box.row(box(arguments.get(1)), new Box.Atom("; ", Box.Style.SEPARATOR), first)));
      case "chi-squared-upper-tail" -> probability("X", "≥", first);
      case "noncentral-lower-tail" -> probability("X", "<", first);
      case "noncentrality" ->
          Box.lowered(
              Box.variable("δ"),
              Box.row(
                  box(arguments.get(1)),
                  new Box.Atom("; ", Box.Style.SEPARATOR),
                  box(arguments.get(2))));
      default -> Box.row(Box.name(key), Box.parenthesised(first));
    };
  }

  private static Box probability(String variable, String relation, Box bound) {
    return Box.row(
        Box.variable("P"),
        Box.parenthesised(Box.row(Box.variable(variable), Box.operator(relation), bound)));
  }

  private Box inside(Expr part, int needed) {
    return strength(part) < needed
        ? Box.parenthesised(box(part))
        : needed > SUM ? guarded(part) : box(part);
  }

  private int strength(Expr formula) {
    return switch (formula) {
      case Expr.Sum(var terms) -> terms.size() == 1 ? strength(terms.getFirst()) : SUM;
      case Expr.Difference _ -> isLeftTail(formula) ? CLOSED : SUM;
      case Expr.Negative _, Expr.CountBelow _ -> SUM;
      case Expr.AtLeast _, Expr.Exceeds _, Expr.Both _ -> SUM;
      case Expr.Via(_, var inner) -> strength(inner);
      case Expr.Cases(_, var then, _) -> strength(then);
      case Expr.Total _ -> SUM;
      case Expr.ContinuedFraction _ -> SUM;
      case Expr.Product(var factors) ->
          factors.size() == 1 ? strength(factors.getFirst()) : PRODUCT;
      case Expr.Quotient _ -> POWER;
      case Expr.NaturalLog _, Expr.Arcsine _ -> POWER;
      case Expr.Power(var base, var exponent) -> exponent == 1 ? strength(base) : POWER;
      case Expr.Exponential _ -> POWER;
      case Expr.Named(var function, _) -> function.key().equals("normal-upper-tail") ? SUM : CLOSED;
      case Expr.Ref(var id) ->
          lines.apply(id) instanceof Box.Scripts s && s.raised().isPresent() ? POWER : CLOSED;
      case Expr.Constant _, Expr.Datum _, Expr.Pi _, Expr.Root _ -> CLOSED;
      case Expr.Magnitude _, Expr.Factorial _, Expr.Choose _ -> CLOSED;
      case Expr.OddFactorial(var last) -> last <= 3 ? CLOSED : PRODUCT;
      case Expr.Minimum _, Expr.Maximum _ -> CLOSED;
    };
  }
}
