package lehrgang.core.page;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Value;
import lehrgang.core.page.PrintedNumbers.Term;

/// Chooses how the numbers that go into a working are printed: with the decimals of their kind
/// where these do, as fractions where a product of counts and shares needs them, else with as many
/// digits more as it takes for the printed result to come out on a calculator.
final class PutIn {
  /// As many digits as a number in a working has, unless its result has more.
  static final int USUAL_DIGITS = 8;

  /// As many digits as a calculator takes.
  static final int MOST_DIGITS = 15;

  private static final int FEW_DIGITS = 2;
  private static final int LARGEST_DENOMINATOR = 1000;

  /// From the decimals of a kind to all digits of a small number.
  private static final int MOST_RAISED = 24;

  private final Numerals numerals;

  PutIn(Numerals numerals) {
    this.numerals = numerals;
  }

  /// The first way of printing that does, or the one with the most digits.
  ///
  /// @param written  the formula that the numbers are put into
  /// @param comesOut whether the working ends in what is printed
  PrintedNumbers choose(Expr written, Predicate<PrintedNumbers> comesOut) {
    List<LineId> sources = written.sources().stream().distinct().toList();
    PrintedNumbers own = printed(sources, 0, USUAL_DIGITS);
    boolean settled = own.areExact() || sources.stream().anyMatch(numerals.mask()::hides);
    if (settled || comesOut.test(own)) {
      return own;
    }
    Optional<PrintedNumbers> fractions =
        isProduct(written) ? asFractions(sources).filter(comesOut) : Optional.empty();
    return fractions
        .or(() -> raised(sources, own, USUAL_DIGITS, comesOut))
        .or(() -> raised(sources, own, MOST_DIGITS, comesOut))
        .orElseGet(() -> printed(sources, MOST_RAISED, MOST_DIGITS));
  }

  private Optional<PrintedNumbers> raised(
      List<LineId> sources, PrintedNumbers own, int most, Predicate<PrintedNumbers> comesOut) {
    PrintedNumbers before = own;
    for (int more = 1; more <= MOST_RAISED; more++) {
      PrintedNumbers finer = printed(sources, more, most);
      if (!finer.equals(before) && comesOut.test(finer)) {
        return Optional.of(finer);
      }
      before = finer;
    }
    return Optional.empty();
  }

  private PrintedNumbers printed(List<LineId> sources, int more, int most) {
    Map<LineId, Term> terms = new LinkedHashMap<>();
    sources.forEach(id -> terms.put(id, term(id, more, most)));
    return new PrintedNumbers(terms);
  }

  /// @param more digits beyond those of its kind
  /// @param most digits in all, if those of its kind are not more
  private Term term(LineId id, int more, int most) {
    Optional<Value> value = numerals.values().find(id);
    if (value.isEmpty() || numerals.values().range(id).isPresent()) {
      return new Term(value, numerals.number(id), true);
    }
    Shown shown = numerals.shown(id);
    return switch (shown.relation()) {
      case EQUAL -> new Term(value, Box.number(shown.text()), true);
      case ABOUT -> decimals(value.get(), numerals.decimalsOf(id), more, most);
      case BELOW -> significant(value.get(), Math.min(FEW_DIGITS + more, most));
      case ABOVE -> decimals(value.get(), numerals.decimalsOf(id) + 1, more, most);
    };
  }

  private Term decimals(Value value, int own, int more, int most) {
    BigDecimal size = value.magnitude().decimal();
    int magnitude = size.precision() - size.scale() - 1;
    int decimals = Math.min(own + more, Math.max(own, most - 1 - magnitude));
    Shown shown = numerals.format().style().inFull(value, decimals);
    return new Term(
        Optional.of(Value.exactly(value.rounded(decimals))),
        Box.number(shown.text()),
        shown.relation() == Shown.Relation.EQUAL);
  }

  private Term significant(Value value, int digits) {
    BigDecimal rounded = value.decimal().round(new MathContext(digits, RoundingMode.HALF_UP));
    Shown shown = numerals.format().style().significant(value, digits);
    return new Term(
        Optional.of(Value.real(rounded)),
        Box.number(shown.text()),
        shown.relation() == Shown.Relation.EQUAL);
  }

  /// A share times a count is the exact number only with the share as a fraction.
  private static boolean isProduct(Expr formula) {
    return switch (formula) {
      case Expr.Ref _, Expr.Constant _, Expr.Datum _ -> true;
      case Expr.Product _, Expr.Quotient _ -> formula.parts().stream().allMatch(PutIn::isProduct);
      default -> false;
    };
  }

  private Optional<PrintedNumbers> asFractions(List<LineId> sources) {
    Map<LineId, Term> terms = new LinkedHashMap<>();
    for (LineId id : sources) {
      Term own = term(id, 0, USUAL_DIGITS);
      Optional<Term> fraction = own.exact() ? Optional.of(own) : fraction(id);
      if (fraction.isEmpty()) {
        return Optional.empty();
      }
      terms.put(id, fraction.get());
    }
    return Optional.of(new PrintedNumbers(terms));
  }

  /// A share as the quotient of counts that it is, or in lowest terms where they are small.
  private Optional<Term> fraction(LineId id) {
    Kind kind = numerals.line(id).kind();
    boolean share = kind == Kind.SHARE || kind == Kind.CLAIM || kind == Kind.PROBABILITY;
    return numerals
        .values()
        .find(id)
        .filter(_ -> share && !numerals.isGiven(id))
        .filter(Rational.class::isInstance)
        .flatMap(value -> ofCounts(id, value).or(() -> inLowestTerms((Rational) value)))
        .map(box -> new Term(numerals.values().find(id), box, true));
  }

  private Optional<Box> ofCounts(LineId id, Value value) {
    if (!(numerals.formula(id) instanceof Expr.Quotient(var above, var below))) {
      return Optional.empty();
    }
    List<Value> counts =
        Stream.of(above, below)
            .flatMap(part -> part instanceof Expr.Ref(var line) ? Stream.of(line) : Stream.empty())
            .flatMap(line -> numerals.values().find(line).stream())
            .filter(Value::isWhole)
            .toList();
    return Optional.of(counts)
        .filter(both -> both.size() == 2 && both.getFirst().over(both.getLast()).equals(value))
        .map(both -> new Box.Fraction(whole(both.getFirst()), whole(both.getLast())));
  }

  private Optional<Box> inLowestTerms(Rational value) {
    boolean small =
        value.signum() > 0
            && Value.of(value.denominator()).compareTo(Value.of(LARGEST_DENOMINATOR)) <= 0;
    return small
        ? Optional.of(
            new Box.Fraction(
                whole(Value.of(value.numerator())), whole(Value.of(value.denominator()))))
        : Optional.empty();
  }

  private Box whole(Value number) {
    return Box.number(numerals.format().style().fixed(number, 0).text());
  }
}
