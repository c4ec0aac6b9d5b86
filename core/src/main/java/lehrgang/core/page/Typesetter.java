package lehrgang.core.page;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.Symbol;
import lehrgang.core.notation.Typesetting;
import lehrgang.core.number.Format;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Shown.Relation;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;

/// Sets the numbers, formulas and sentences of one derivation under one reading.
final class Typesetter implements Wording.Numbers {
  private static final int STEP_DIGITS = 4;
  private static final int FEW_DIGITS = 2;
  private static final int LONGEST_FRACTION = 9;
  private static final int LONGEST_IN_LIST = 36;

  private final Derivation derivation;
  private final Evaluation values;
  private final Format format;
  private final Wording wording;
  private final Mask mask;

  Typesetter(Derivation derivation, Evaluation values, Format format, Wording wording, Mask mask) {
    this.derivation = derivation;
    this.values = values;
    this.format = format;
    this.wording = wording;
    this.mask = mask;
  }

  Evaluation values() {
    return values;
  }

  Shown shown(LineId id) {
    return shown(id, values.of(id));
  }

  Shown shown(LineId id, Value value) {
    Line line = derivation.line(id);
    if (line.formula() instanceof Expr.AtLeast) {
      String key = value.signum() > 0 ? "trace.decision.reject" : "trace.decision.keep";
      return new Shown(wording.text(key), Relation.EQUAL);
    }
    return format.show(line.kind(), value);
  }

  Symbol symbol(LineId id) {
    return derivation
        .find(id)
        .map(Line::symbol)
        .orElseGet(() -> member(id.name()).symbol().at(id.index()));
  }

  private Line member(String family) {
    return derivation.lines().values().stream()
        .filter(line -> line.id().name().equals(family))
        .findFirst()
        .orElseThrow();
  }

  @Override
  public Box number(LineId id) {
    return mask.hides(id) ? new Box.Blank() : Box.number(shown(id).standalone());
  }

  /// As put in for a term: a probability too small for its decimals keeps a few digits of its own.
  private Box putIn(LineId id) {
    Shown shown = shown(id);
    boolean bound = shown.relation() == Relation.BELOW || shown.relation() == Relation.ABOVE;
    return bound && !mask.hides(id)
        ? Box.number(format.style().significant(values.of(id), FEW_DIGITS).text())
        : number(id);
  }

  @Override
  public List<Span> stated(LineId id) {
    if (mask.hides(id)) {
      return List.of(
          new Span.Formula(symbol(id).box()),
          new Span.Words(" = ", Span.Weight.PLAIN),
          new Span.Live(id, new Box.Blank(), Span.Weight.PLAIN));
    }
    Shown shown = shown(id);
    return List.of(
        new Span.Formula(symbol(id).box()),
        new Span.Words("\u00a0" + shown.relation().sign() + "\u00a0", Span.Weight.PLAIN),
        new Span.Live(id, Box.number(shown.text()), Span.Weight.PLAIN));
  }

  @Override
  public String reported(Phrase.Reported reported) {
    Value value = values.of(reported.line());
    Shown shown =
        format.style().pValue(value, reported.decimals()).relation() == Relation.BELOW
                && reported.leadingZero() == Phrase.LeadingZero.LEFT_OUT
                && reported.decimals() == 3
            ? new Shown("0" + format.style().decimalSign() + "001", Relation.BELOW)
            : format.style().fixed(value, reported.decimals());
    String sign = shown.relation() == Relation.BELOW ? "<" : "=";
    boolean shorten =
        reported.leadingZero() == Phrase.LeadingZero.LEFT_OUT && shown.text().startsWith("0");
    return sign + " " + (shorten ? shown.text().substring(1) : shown.text());
  }

  List<Span> spans(Phrase phrase) {
    return wording.spans(phrase, this);
  }

  String text(Phrase phrase) {
    return Span.plain(spans(phrase));
  }

  /// A line worked out: symbol = symbols = numbers put in = value.
  Chain chain(LineId id) {
    Line line = derivation.line(id);
    Box left = new Box.Linked(id, line.symbol().box());
    if (mask.hides(id)) {
      return new Chain(left, List.of(new Chain.Link("=", new Box.Linked(id, new Box.Blank()))));
    }
    List<Chain.Link> links = new ArrayList<>();
    Relation soFar = Relation.EQUAL;
    if (!(line.formula() instanceof Expr.Datum)) {
      soFar = workings(line, links);
    }
    links.add(result(id, soFar));
    return new Chain(left, links);
  }

  private Chain.Link result(LineId id, Relation soFar) {
    Shown shown = shown(id);
    Relation relation =
        shown.relation() == Relation.EQUAL && soFar == Relation.ABOUT
            ? Relation.ABOUT
            : shown.relation();
    return new Chain.Link(relation.sign(), new Box.Linked(id, Box.number(shown.text())));
  }

  private Relation workings(Line line, List<Chain.Link> links) {
    Expr written = writtenOut(line.formula());
    links.add(new Chain.Link("=", symbols().box(written)));
    Box putIn = numbers().box(written);
    boolean exact =
        written.sources().stream()
            .allMatch(id -> mask.hides(id) || shown(id).relation() == Relation.EQUAL);
    Relation relation = exact ? Relation.EQUAL : Relation.ABOUT;
    links.add(new Chain.Link(relation.sign(), putIn));
    if (written.sources().stream().anyMatch(mask::hides)) {
      return relation;
    }
    Optional<Box> partly = partlyEvaluated(written);
    if (partly.isPresent()) {
      links.add(new Chain.Link(Relation.ABOUT.sign(), partly.get()));
      return Relation.ABOUT;
    }
    if (exact && values.of(line.id()) instanceof Rational value && !value.isWhole()) {
      shortFraction(value)
          .filter(fraction -> !fraction.equals(withoutLinks(putIn)))
          .ifPresent(fraction -> links.add(new Chain.Link("=", fraction)));
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
    String text = value.toString();
    if (text.length() > LONGEST_FRACTION || shownExactly(value)) {
      return Optional.empty();
    }
    Box above = Box.number(format.style().fixed(Value.of(value.numerator().abs()), 0).text());
    Box below = Box.number(format.style().fixed(Value.of(value.denominator()), 0).text());
    Box fraction = new Box.Fraction(above, below);
    return Optional.of(
        value.signum() < 0 ? Box.row(new Box.Atom("−", Box.Style.PREFIX), fraction) : fraction);
  }

  /// The exact fraction of a line on one line of text, where it has one that can be read.
  String fractionOf(LineId id) {
    return values.of(id) instanceof Rational value && value.toString().length() <= LONGEST_IN_LIST
        ? format.style().fixed(Value.of(value.numerator()), 0).text()
            + (value.isWhole()
                ? ""
                : "/" + format.style().fixed(Value.of(value.denominator()), 0).text())
        : "";
  }

  private static boolean shownExactly(Rational value) {
    return value.compareTo(Value.exactly(value.rounded(2))) == 0;
  }

  /// The factors or terms of a tail area, each as a number: the line that a student would write
  /// before the
  /// last.
  private Optional<Box> partlyEvaluated(Expr written) {
    if (!containsTail(written)) {
      return Optional.empty();
    }
    return switch (written) {
      case Expr.Product(var factors) -> Optional.of(evaluated(factors, "·"));
      case Expr.Sum(var terms) -> Optional.of(evaluated(terms, "+"));
      case Expr.Difference(var left, var right) ->
          Optional.of(evaluated(List.of(left, right), "−"));
      case Expr.Quotient(var above, var below) ->
          Optional.of(new Box.Fraction(digits(above), digits(below)));
      default -> Optional.empty();
    };
  }

  private static boolean containsTail(Expr formula) {
    return switch (formula) {
      case Expr.Exponential _, Expr.Named _, Expr.NaturalLog _, Expr.Arcsine _ -> true;
      default -> formula.parts().stream().anyMatch(Typesetter::containsTail);
    };
  }

  private Box evaluated(List<Expr> parts, String operator) {
    List<Box> row = new ArrayList<>();
    for (Expr part : parts) {
      if (!row.isEmpty()) {
        row.add(Box.operator(operator));
      }
      row.add(digits(part));
    }
    return new Box.Row(row);
  }

  private Box digits(Expr part) {
    Value value = inDecimals().evaluate(part);
    return Box.number(format.style().significant(value, STEP_DIGITS).text());
  }

  /// Evaluates parts of a tail area: high powers of long fractions would take for ever.
  private Evaluator inDecimals() {
    return new Evaluator(
        id -> {
          Value value = values.of(id);
          return value.isWhole() ? value : value.inDecimals();
        });
  }

  /// The formula, or the working behind it where it is a function with one.
  private Expr writtenOut(Expr formula) {
    return formula instanceof Expr.Named(var function, var arguments)
        ? function.written(arguments, valuesOf(arguments))
        : formula;
  }

  private List<Value> valuesOf(List<Expr> arguments) {
    return arguments.stream().map(new Evaluator(values::of)::evaluate).toList();
  }

  /// The workings of the functions inside a line's formula, one chain each.
  List<Chain> innerWorkings(LineId id) {
    List<Chain> chains = new ArrayList<>();
    Line line = derivation.line(id);
    if (!mask.hides(id)) {
      collect(writtenOut(line.formula()), chains);
    }
    return chains;
  }

  private void collect(Expr formula, List<Chain> chains) {
    if (formula instanceof Expr.Named(var function, var arguments)) {
      List<Value> given = valuesOf(arguments);
      Expr written = function.written(arguments, given);
      if (!written.equals(formula)) {
        Chain chain = working(formula, written);
        if (chains.stream().noneMatch(known -> known.left().equals(chain.left()))) {
          chains.add(chain);
          collect(written, chains);
        }
      }
      return;
    }
    formula.parts().forEach(part -> collect(part, chains));
  }

  private Chain working(Expr formula, Expr written) {
    Value value = inDecimals().evaluate(formula);
    List<Chain.Link> links = new ArrayList<>();
    links.add(new Chain.Link("=", symbols().box(written)));
    partlyEvaluated(written)
        .ifPresent(partly -> links.add(new Chain.Link(Relation.ABOUT.sign(), partly)));
    links.add(
        new Chain.Link(
            Relation.ABOUT.sign(),
            Box.number(format.style().significant(value, STEP_DIGITS + 2).text())));
    return new Chain(symbols().box(formula), links);
  }

  private Typesetting symbols() {
    return new Typesetting(id -> symbol(id).box(), Typesetting.Families.AS_SYMBOL, format.style());
  }

  private Typesetting numbers() {
    return new Typesetting(this::putIn, Typesetting.Families.TERM_BY_TERM, format.style());
  }

  /// The second route to a line, as a formula in symbols and its value.
  Optional<Chain> secondRoute(LineId id) {
    Line line = derivation.line(id);
    if (line.secondRoute().isEmpty() || mask.hides(id)) {
      return Optional.empty();
    }
    Value other = derivation.secondRoute(id, values).orElseThrow();
    Shown shown = shown(id, other);
    return Optional.of(
        new Chain(
            new Box.Linked(id, line.symbol().box()),
            List.of(
                new Chain.Link("=", symbols().box(line.secondRoute().get().formula())),
                new Chain.Link(shown.relation().sign(), Box.number(shown.text())))));
  }

  Format format() {
    return format;
  }

  /// The bare number of a printed table's entry.
  String printed(BigDecimal entry) {
    return format.style().fixed(Value.exactly(entry), entry.scale()).text();
  }
}
