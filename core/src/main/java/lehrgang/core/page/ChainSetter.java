package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.Typesetting;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Shown.Relation;
import lehrgang.core.number.Value;

/// Sets lines worked out: symbol = symbols = numbers put in = value, and the workings behind the
/// functions in them.
final class ChainSetter {
  private static final int LONGEST_FRACTION = 9;

  private final Derivation derivation;
  private final Numerals numerals;
  private final Mask mask;
  private final PartDigits digits;

  ChainSetter(Derivation derivation, Numerals numerals) {
    this.derivation = derivation;
    this.numerals = numerals;
    this.mask = numerals.mask();
    this.digits = new PartDigits(numerals);
  }

  private Evaluation values() {
    return numerals.values();
  }

  private Evaluator<Value> evaluator() {
    return Evaluator.exactly(values()::result);
  }

  /// A line worked out for this audience.
  Chain chain(LineId id) {
    Box left = new Box.Linked(id, numerals.symbol(id).box());
    if (mask.hides(id)) {
      return new Chain(left, List.of(new Chain.Link("=", new Box.Linked(id, new Box.Blank()))));
    }
    List<Chain.Link> links = new ArrayList<>();
    Relation soFar = Relation.EQUAL;
    if (!(numerals.line(id).formula() instanceof Expr.Datum) && !numerals.isGiven(id)) {
      soFar = workings(id, links);
    }
    links.add(result(id, soFar));
    return new Chain(left, links);
  }

  private Chain.Link result(LineId id, Relation soFar) {
    Shown shown = numerals.shown(id);
    Relation relation =
        shown.relation() == Relation.EQUAL && soFar == Relation.ABOUT
            ? Relation.ABOUT
            : shown.relation();
    return new Chain.Link(relation.sign(), new Box.Linked(id, Box.number(shown.text())));
  }

  private Relation workings(LineId id, List<Chain.Link> links) {
    Expr written = shownFormula(id);
    links.add(new Chain.Link("=", symbols().box(written)));
    Box putIn = numbers().box(written);
    boolean exact =
        written.sources().stream()
            .allMatch(
                source ->
                    mask.hides(source) || numerals.shown(source).relation() == Relation.EQUAL);
    Relation relation = exact ? Relation.EQUAL : Relation.ABOUT;
    links.add(new Chain.Link(relation.sign(), putIn));
    Optional<Value> value = values().find(id);
    if (value.isEmpty() || written.sources().stream().anyMatch(mask::hides)) {
      return relation;
    }
    Optional<Box> partly = digits.partlyEvaluated(written);
    if (partly.isPresent()) {
      links.add(new Chain.Link(Relation.ABOUT.sign(), partly.get()));
      return Relation.ABOUT;
    }
    if (exact && value.get() instanceof Rational fraction && !fraction.isWhole()) {
      shortFraction(fraction)
          .filter(box -> !box.equals(withoutLinks(putIn)))
          .ifPresent(box -> links.add(new Chain.Link("=", box)));
    }
    return relation;
  }

  private static Box withoutLinks(Box box) {
    return switch (box) {
      case Box.Linked(_, var inner) -> withoutLinks(inner);
      case Box.Fraction(var above, var below) ->
          new Box.Fraction(withoutLinks(above), withoutLinks(below));
      default -> box;
    };
  }

  private Optional<Box> shortFraction(Rational value) {
    if (value.toString().length() > LONGEST_FRACTION || shownExactly(value)) {
      return Optional.empty();
    }
    Box fraction =
        new Box.Fraction(
            whole(Value.of(value.numerator().abs())), whole(Value.of(value.denominator())));
    return Optional.of(
        value.signum() < 0 ? Box.row(new Box.Atom("−", Box.Style.PREFIX), fraction) : fraction);
  }

  private Box whole(Value number) {
    return Box.number(numerals.format().style().fixed(number, 0).text());
  }

  private static boolean shownExactly(Rational value) {
    return value.compareTo(Value.exactly(value.rounded(2))) == 0;
  }

  /// The formula of a line as it is written here: of several cases the one that counts, and the
  /// working behind a function with one.
  Expr shownFormula(LineId id) {
    return writtenOut(asItCounts(numerals.formula(id)));
  }

  /// The formula with lines that are written out in it replaced by their own formulas, and cases by
  /// the one that counts.
  private Expr asItCounts(Expr formula) {
    return formula.rewritten(
        part ->
            switch (part) {
              case Expr.Via(var id, var inner) ->
                  isWhatItsFormulaGives(id, inner) ? inner : Expr.ref(id);
              case Expr.Cases(var when, var then, var otherwise) -> holds(when) ? then : otherwise;
              default -> part;
            });
  }

  /// Rounded on the way, a line may differ a little from its formula and is still written out; a
  /// number that was put in stands by itself.
  private boolean isWhatItsFormulaGives(LineId id, Expr inner) {
    return !numerals.isGiven(id) && numerals.formula(id).equals(inner);
  }

  private boolean holds(Expr condition) {
    return evaluator().evaluate(condition).found().filter(v -> v.signum() == 0).isEmpty();
  }

  /// The formula, or the working behind it where it is a function with one.
  private Expr writtenOut(Expr formula) {
    return formula instanceof Expr.Named named ? written(named).orElse(formula) : formula;
  }

  private Optional<Expr> written(Expr.Named named) {
    List<Value> values =
        named.arguments().stream()
            .map(argument -> evaluator().evaluate(argument))
            .flatMap(result -> result.found().stream())
            .toList();
    boolean possible =
        values.size() == named.arguments().size() && named.function().objection(values).isEmpty();
    return possible
        ? Optional.of(named.function().written(named.arguments(), values))
        : Optional.empty();
  }

  /// The workings of the functions inside a line's formula, one chain each.
  List<Chain> innerWorkings(LineId id) {
    List<Chain> chains = new ArrayList<>();
    if (!mask.hides(id) && values().find(id).isPresent()) {
      collect(shownFormula(id), chains);
    }
    return chains;
  }

  private void collect(Expr formula, List<Chain> chains) {
    if (!(formula instanceof Expr.Named named)) {
      formula.parts().forEach(part -> collect(part, chains));
      return;
    }
    written(named)
        .filter(written -> !written.equals(formula))
        .ifPresent(
            written -> {
              Chain chain = working(formula, written);
              if (chains.stream().noneMatch(known -> known.left().equals(chain.left()))) {
                chains.add(chain);
                collect(written, chains);
              }
            });
  }

  private Chain working(Expr formula, Expr written) {
    List<Chain.Link> links = new ArrayList<>();
    links.add(new Chain.Link("=", symbols().box(written)));
    digits
        .partlyEvaluated(written)
        .ifPresent(partly -> links.add(new Chain.Link(Relation.ABOUT.sign(), partly)));
    digits
        .inDecimals()
        .evaluate(formula)
        .found()
        .ifPresent(
            value ->
                links.add(
                    new Chain.Link(
                        Relation.ABOUT.sign(), digits.of(value, PartDigits.STEP_DIGITS + 2))));
    return new Chain(symbols().box(formula), links);
  }

  private Typesetting symbols() {
    return new Typesetting(
        id -> numerals.symbol(id).box(), Typesetting.Families.AS_SYMBOL, numerals.format().style());
  }

  private Typesetting numbers() {
    return new Typesetting(
        numerals::putIn, Typesetting.Families.TERM_BY_TERM, numerals.format().style());
  }

  /// A formula in symbols.
  Box inSymbols(Expr formula) {
    return symbols().box(asItCounts(formula));
  }

  /// The second route to a line, as a formula in symbols and its value.
  Optional<Chain> secondRoute(LineId id) {
    return mask.hides(id)
        ? Optional.empty()
        : derivation
            .line(id)
            .secondRoute()
            .flatMap(
                route ->
                    evaluator()
                        .evaluate(route.formula())
                        .found()
                        .map(other -> route(id, route.formula(), numerals.shown(id, other))));
  }

  private Chain route(LineId id, Expr formula, Shown shown) {
    return new Chain(
        new Box.Linked(id, numerals.symbol(id).box()),
        List.of(
            new Chain.Link("=", inSymbols(formula)),
            new Chain.Link(shown.relation().sign(), Box.number(shown.text()))));
  }
}
