package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Result;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PlainText;
import lehrgang.core.notation.Typesetting;
import lehrgang.core.number.NumberStyle;
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
  private final PutIn putIn;

  /// The parts of each line, which a page asks for twice and a long series is slow to give.
  private final Map<LineId, Optional<Parts>> parts = new ConcurrentHashMap<>();

  ChainSetter(Derivation derivation, Numerals numerals) {
    this.derivation = derivation;
    this.numerals = numerals;
    this.mask = numerals.mask();
    this.putIn = new PutIn(numerals);
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
      return new Chain(left, List.of(new Chain.Link("=", new Box.Linked(id, numerals.blank(id)))));
    }
    List<Chain.Link> links = new ArrayList<>();
    Optional<Value> printed = Optional.empty();
    boolean worked = !(numerals.line(id).formula() instanceof Expr.Datum) && !numerals.isGiven(id);
    if (worked) {
      printed = workings(id, links);
    }
    links.add(result(id, printed, worked));
    return new Chain(left, links);
  }

  /// The number in the end; what stands before it as printed decides whether it is just that.
  ///
  /// @param printed what the line before gives on a calculator
  private Chain.Link result(LineId id, Optional<Value> printed, boolean worked) {
    Shown shown = numerals.shown(id);
    boolean differs =
        printed
            .filter(value -> worked && shown.relation() == Relation.EQUAL)
            .filter(
                value ->
                    values().find(id).filter(own -> PrintedNumbers.areEqual(value, own)).isEmpty())
            .isPresent();
    boolean same =
        shown.relation() == Relation.ABOUT
            && printed.filter(value -> numerals.isPrinted(id, value)).isPresent();
    Relation relation = differs ? Relation.ABOUT : same ? Relation.EQUAL : shown.relation();
    return new Chain.Link(relation.sign(), new Box.Linked(id, Box.number(shown.text())));
  }

  /// The formula in symbols, with numbers, and, where that helps, its parts.
  ///
  /// @return what a calculator gives for the last of these
  private Optional<Value> workings(LineId id, List<Chain.Link> links) {
    Expr written = shownFormula(id);
    Box inSymbols = symbols().box(written);
    links.add(new Chain.Link("=", inSymbols));
    Optional<Parts> parts = parts(id, written);
    PrintedNumbers numbers = putIn.choose(written, test(id, written, parts));
    Box box = numbers(numbers).box(written);
    if (!PlainText.of(box).equals(PlainText.of(inSymbols))) {
      links.add(new Chain.Link(sign(numbers.areExact()), box));
    }
    Optional<Value> value = values().find(id);
    boolean untold = value.isEmpty() || isTooSmallToTell(id);
    if (untold || written.sources().stream().anyMatch(mask::hides)) {
      return Optional.empty();
    }
    if (parts.isPresent()) {
      int digits = parts.get().digits(comesOut(id));
      links.add(
          new Chain.Link(
              sign(parts.get().areExact(numbers, digits)),
              parts.get().box(digits, numerals.format().style())));
      return parts.get().combined(digits);
    }
    Optional<Value> keyedIn = numbers.evaluate(written);
    if (numbers.areExact()) {
      keyedIn
          .filter(Rational.class::isInstance)
          .filter(result -> !result.isWhole())
          .flatMap(result -> shortFraction((Rational) result))
          .filter(fraction -> !fraction.equals(withoutLinks(box)))
          .ifPresent(fraction -> links.add(new Chain.Link("=", fraction)));
    }
    return keyedIn;
  }

  static String sign(boolean equal) {
    return (equal ? Relation.EQUAL : Relation.ABOUT).sign();
  }

  /// None where the number is too small to be worked out: it is known to be below all that are.
  private Optional<Parts> parts(LineId id, Expr written) {
    return isTooSmallToTell(id)
        ? Optional.empty()
        : parts.computeIfAbsent(id, _ -> Parts.of(written, inDecimals()));
  }

  private boolean isTooSmallToTell(LineId id) {
    return values().find(id).filter(NumberStyle::isTooSmallToTell).isPresent();
  }

  private Predicate<PrintedNumbers> test(LineId id, Expr written, Optional<Parts> parts) {
    if (isTooSmallToTell(id)) {
      return _ -> true;
    }
    Predicate<Value> comesOut = comesOut(id);
    return parts
        .map(
            found -> {
              int digits = found.digits(comesOut);
              Predicate<PrintedNumbers> each = numbers -> found.comeOut(numbers, digits);
              return each;
            })
        .orElse(numbers -> numbers.evaluate(written).filter(comesOut).isPresent());
  }

  /// Whether a number, treated as the reading treats those of its line, is printed as the line is.
  private Predicate<Value> comesOut(LineId id) {
    Shown printed = numerals.shown(id);
    return value -> {
      Shown shown = numerals.shown(id, numerals.settled(id, value));
      return shown.text().equals(printed.text()) && isBound(shown) == isBound(printed);
    };
  }

  private static boolean isBound(Shown shown) {
    return shown.relation() == Relation.BELOW || shown.relation() == Relation.ABOVE;
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

  Optional<Expr> written(Expr.Named named) {
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
    if (mask.hides(id) || values().find(id).isEmpty()) {
      return List.of();
    }
    Expr written = shownFormula(id);
    int least = parts(id, written).map(parts -> parts.digits(comesOut(id))).orElse(Parts.DIGITS);
    return new FunctionWorkings(this, numerals, putIn)
        .in(written, Math.max(least, Parts.DIGITS + 1));
  }

  /// Evaluates parts of a tail area: high powers of long fractions would take for ever.
  Evaluator<Value> inDecimals() {
    return Evaluator.exactly(
        id ->
            switch (values().result(id)) {
              case Result.Defined<Value>(var value) ->
                  new Result.Defined<>(value.isWhole() ? value : value.inDecimals());
              case Result.Undefined<Value> undefined -> undefined;
            });
  }

  Typesetting symbols() {
    return new Typesetting(
        id -> numerals.symbol(id).box(),
        Typesetting.Families.AS_SYMBOL,
        numerals.format().style(),
        numerals::word);
  }

  Typesetting termByTerm() {
    return new Typesetting(
        id -> numerals.symbol(id).box(),
        Typesetting.Families.TERM_BY_TERM,
        numerals.format().style(),
        numerals::word);
  }

  Typesetting numbers(PrintedNumbers numbers) {
    return new Typesetting(
        numbers::box, Typesetting.Families.TERM_BY_TERM, numerals.format().style(), numerals::word);
  }

  /// A formula in symbols.
  Box inSymbols(Expr formula) {
    return symbols().box(asItCounts(formula));
  }
}
