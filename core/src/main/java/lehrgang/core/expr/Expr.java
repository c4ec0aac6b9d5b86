package lehrgang.core.expr;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lehrgang.core.number.Value;

/// A formula, written once as a tree and read in many ways: evaluated, typeset, spoken, traced,
/// bent.
public sealed interface Expr {
  /// Another line of the solution.
  record Ref(LineId line) implements Expr {}

  /// A number that belongs to the formula itself, such as the 1 in *r* − 1.
  record Constant(Value value) implements Expr {}

  /// A number from outside the formulas: a count, α.
  record Datum(Value value, Source source) implements Expr {}

  /// Where a datum is from.
  enum Source {
    /// A cell of the table, typed or counted.
    TABLE,
    /// A field on the page.
    FIELD,
    /// How many rows, columns or categories the table has.
    SHAPE,
    /// The records behind the table.
    RECORDS
  }

  /// A line whose formula is written in its place: the line's value counts, the formula is read.
  ///
  /// @param formula that of the line
  record Via(LineId line, Expr formula) implements Expr {}

  /// π.
  record Pi() implements Expr {}

  record Sum(List<Expr> terms) implements Expr {
    public Sum {
      terms = List.copyOf(terms);
    }
  }

  record Difference(Expr left, Expr right) implements Expr {}

  record Product(List<Expr> factors) implements Expr {
    public Product {
      factors = List.copyOf(factors);
    }
  }

  record Quotient(Expr numerator, Expr denominator) implements Expr {}

  record Power(Expr base, int exponent) implements Expr {}

  record Root(Expr radicand) implements Expr {}

  record Magnitude(Expr inner) implements Expr {}

  /// e to a power.
  record Exponential(Expr exponent) implements Expr {}

  record Negative(Expr inner) implements Expr {}

  record NaturalLog(Expr inner) implements Expr {}

  /// The angle whose sine is `inner`, in radians.
  record Arcsine(Expr inner) implements Expr {}

  record Factorial(int of) implements Expr {}

  /// 1·3·5 ⋯ up to an odd number.
  record OddFactorial(int last) implements Expr {}

  /// The number of ways to choose so many of so many, C(n, k).
  record Choose(Expr from, Expr chosen) implements Expr {}

  record Minimum(List<Expr> of) implements Expr {
    public Minimum {
      of = List.copyOf(of);
    }
  }

  record Maximum(List<Expr> of) implements Expr {
    public Maximum {
      of = List.copyOf(of);
    }
  }

  /// How many of the members are below a bound.
  record CountBelow(List<Expr> of, Value bound) implements Expr {
    public CountBelow {
      of = List.copyOf(of);
    }
  }

  /// A sum over a family, written Σ with its general term.
  record Total(Expr general, String index, List<Expr> terms) implements Expr {
    public Total {
      terms = List.copyOf(terms);
    }
  }

  /// z + 1/(z + 2/(z + 3/(z + …))), cut off after `levels` fractions.
  record ContinuedFraction(Expr variable, int levels) implements Expr {}

  /// A function with a name and a written-out working of its own, such as a tail area.
  record Named(NamedFunction function, List<Expr> arguments) implements Expr {
    public Named {
      arguments = List.copyOf(arguments);
    }
  }

  /// 1 where `left` is at least `right`, else 0: how a decision is a number too.
  record AtLeast(Expr left, Expr right) implements Expr {}

  /// 1 where `left` is more than `right`, else 0.
  record Exceeds(Expr left, Expr right) implements Expr {}

  /// 1 where both conditions are, else 0.
  record Both(Expr one, Expr other) implements Expr {}

  /// One formula where a condition is 1, another where it is 0; only the one that counts is read.
  record Cases(Expr when, Expr then, Expr otherwise) implements Expr {}

  /// The number of a line.
  static Expr ref(LineId id) {
    return new Ref(id);
  }

  /// A whole number as it is written in a formula.
  static Expr number(long whole) {
    return new Constant(Value.of(whole));
  }

  /// A sum; without terms it is 0.
  static Expr sum(Expr... terms) {
    return new Sum(List.of(terms));
  }

  /// A product; without factors it is 1.
  static Expr product(Expr... factors) {
    return new Product(List.of(factors));
  }

  /// This less `right`.
  default Expr minus(Expr right) {
    return new Difference(this, right);
  }

  /// This divided by `denominator`; without a value where that is 0.
  default Expr over(Expr denominator) {
    return new Quotient(this, denominator);
  }

  /// A power.
  ///
  /// @param exponent 0 or more
  default Expr to(int exponent) {
    return new Power(this, exponent);
  }

  /// This times itself.
  default Expr squared() {
    return new Power(this, 2);
  }

  /// The square root; without a value where this is negative.
  default Expr root() {
    return new Root(this);
  }

  /// A sum over a family from one rule for its terms, so that symbol and terms cannot differ.
  ///
  /// @throws IllegalArgumentException if there are no members
  static <I> Expr total(String index, I general, List<I> members, Function<I, Expr> term) {
    if (members.isEmpty()) {
      throw new IllegalArgumentException("a sum over no members of " + general);
    }
    return new Total(term.apply(general), index, members.stream().map(term).toList());
  }

  /// The parts that this node is made of, in reading order.
  default List<Expr> parts() {
    return switch (this) {
      case Ref _, Via _, Constant _, Datum _, Pi _, Factorial _, OddFactorial _ -> List.of();
      case Sum(var terms) -> terms;
      case Difference(var left, var right) -> List.of(left, right);
      case Product(var factors) -> factors;
      case Quotient(var above, var below) -> List.of(above, below);
      case Power(var base, _) -> List.of(base);
      case Root(var inner) -> List.of(inner);
      case Magnitude(var inner) -> List.of(inner);
      case Exponential(var inner) -> List.of(inner);
      case Negative(var inner) -> List.of(inner);
      case NaturalLog(var inner) -> List.of(inner);
      case Arcsine(var inner) -> List.of(inner);
      case Choose(var from, var chosen) -> List.of(from, chosen);
      case Minimum(var of) -> of;
      case Maximum(var of) -> of;
      case CountBelow(var of, _) -> of;
      case Total(_, _, var terms) -> terms;
      case ContinuedFraction(var variable, _) -> List.of(variable);
      case Named(_, var arguments) -> arguments;
      case AtLeast(var left, var right) -> List.of(left, right);
      case Exceeds(var left, var right) -> List.of(left, right);
      case Both(var one, var other) -> List.of(one, other);
      case Cases(var when, var then, var otherwise) -> List.of(when, then, otherwise);
    };
  }

  /// This formula with every part replaced, from the whole inwards; a part that is replaced is
  /// looked at again.
  default Expr rewritten(UnaryOperator<Expr> change) {
    Expr changed = change.apply(this);
    return changed != this ? changed.rewritten(change) : withParts(change);
  }

  private static List<Expr> rewritten(List<Expr> parts, UnaryOperator<Expr> change) {
    List<Expr> changed = parts.stream().map(part -> part.rewritten(change)).toList();
    boolean same = true;
    for (int k = 0; k < parts.size() && same; k++) {
      same = changed.get(k) == parts.get(k);
    }
    return same ? parts : changed;
  }

  private Expr withParts(UnaryOperator<Expr> change) {
    List<Expr> before = parts();
    List<Expr> after = rewritten(before, change);
    if (after == before) {
      return this;
    }
    Expr first = after.getFirst();
    Expr last = after.getLast();
    return switch (this) {
      case Ref _, Via _, Constant _, Datum _, Pi _, Factorial _, OddFactorial _ -> this;
      case Sum _ -> new Sum(after);
      case Difference _ -> new Difference(first, last);
      case Product _ -> new Product(after);
      case Quotient _ -> new Quotient(first, last);
      case Power(_, var exponent) -> new Power(first, exponent);
      case Root _ -> new Root(first);
      case Magnitude _ -> new Magnitude(first);
      case Exponential _ -> new Exponential(first);
      case Negative _ -> new Negative(first);
      case NaturalLog _ -> new NaturalLog(first);
      case Arcsine _ -> new Arcsine(first);
      case Choose _ -> new Choose(first, last);
      case Minimum _ -> new Minimum(after);
      case Maximum _ -> new Maximum(after);
      case CountBelow(_, var bound) -> new CountBelow(after, bound);
      case Total(var general, var index, _) -> new Total(general.rewritten(change), index, after);
      case ContinuedFraction(_, var levels) -> new ContinuedFraction(first, levels);
      case Named(var function, _) -> new Named(function, after);
      case AtLeast _ -> new AtLeast(first, last);
      case Exceeds _ -> new Exceeds(first, last);
      case Both _ -> new Both(first, last);
      case Cases _ -> new Cases(first, after.get(1), last);
    };
  }

  /// The lines that this formula uses, each once, in reading order.
  default List<LineId> sources() {
    Set<LineId> found = new LinkedHashSet<>();
    collectSources(this, found);
    return List.copyOf(found);
  }

  private static void collectSources(Expr formula, Set<LineId> found) {
    switch (formula) {
      case Ref(var id) -> found.add(id);
      case Via(var id, _) -> found.add(id);
      default -> formula.parts().forEach(part -> collectSources(part, found));
    }
  }
}
