package lehrgang.core.page;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.page.Trace.Agreement;
import lehrgang.core.page.Trace.Fact;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// Gathers what there is to know about one number, as far as the audience may know it.
final class TraceWriter {
  private static final int DIGITS = 12;
  private static final int LONGEST_FRACTION = 44;

  /// Two routes agree when they differ by less than double precision can tell.
  private static final BigDecimal CLOSE = new BigDecimal("1e-10");

  private final Derivation derivation;
  private final Numerals numerals;
  private final ChainSetter chains;
  private final Wording wording;
  private final Optional<String> records;
  private final Evaluation exact;
  private final Supplier<Evaluation> onTheWay;

  /// @param records  the name of the records that the table was counted from
  /// @param exact    what the audience may know with nothing rounded
  /// @param onTheWay what it may know with each line rounded; asked for once it is needed
  TraceWriter(
      Derivation derivation,
      Numerals numerals,
      ChainSetter chains,
      Wording wording,
      Optional<String> records,
      Evaluation exact,
      Supplier<Evaluation> onTheWay) {
    this.derivation = derivation;
    this.numerals = numerals;
    this.chains = chains;
    this.wording = wording;
    this.records = records;
    this.exact = exact;
    this.onTheWay = onTheWay;
  }

  Trace trace(LineId id) {
    Line line = derivation.line(id);
    Chain headline =
        new Chain(
            line.symbol().box(),
            List.of(new Chain.Link(numerals.shown(id).relation().sign(), headlineNumber(id))));
    boolean typed = line.formula() instanceof Expr.Datum;
    return new Trace(
        id,
        numerals.heading(id, " · ", ""),
        headline,
        chains.shownFormula(id).sources().stream().map(this::link).toList(),
        wording.text(given(line)),
        derivation.uses(id).stream().sorted(sameCellFirst(id)).map(this::link).toList(),
        typed ? Optional.empty() : Optional.of(chains.chain(id)),
        line.kind().isNumber() ? facts(line) : List.of());
  }

  private Box headlineNumber(LineId id) {
    return numerals.mask().hides(id) ? numerals.blank(id) : Box.number(numerals.shown(id).text());
  }

  /// Where a number comes from that no other line gives.
  private Phrase given(Line line) {
    Expr.Source source =
        line.formula() instanceof Expr.Datum(_, var from) ? from : Expr.Source.FIELD;
    return switch (source) {
      case TABLE, RECORDS ->
          records
              .map(name -> Phrase.of("trace.counted").with("file", name))
              .orElse(Phrase.of("trace.typed"));
      case SHAPE -> Phrase.of("trace.shape");
      case FIELD -> Phrase.of("trace.typed");
    };
  }

  /// What the number is used for in its own cell comes before sums and extremes over all cells.
  private static Comparator<LineId> sameCellFirst(LineId id) {
    return Comparator.comparing(use -> use.index().equals(id.index()) ? 0 : 1);
  }

  private Trace.Link link(LineId id) {
    Line line = derivation.line(id);
    return new Trace.Link(
        id,
        line.symbol().box(),
        lowerFirst(numerals.text(line.name())),
        numerals.shown(id).standalone(),
        line.role());
  }

  /// Names that begin with a person's name keep their capital.
  static String lowerFirst(String name) {
    boolean personal = name.contains("’s");
    return personal ? name : name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }

  private List<Fact> facts(Line line) {
    return exact.find(line.id()).map(value -> facts(line, value)).orElse(List.of());
  }

  private List<Fact> facts(Line line, Value value) {
    List<Fact> facts = new ArrayList<>();
    NumberStyle style = numerals.format().style();
    if (value instanceof Rational fraction && !fraction.isWhole()) {
      facts.add(fact("trace.exact", fraction(fraction)));
    }
    if (!value.isWhole()) {
      facts.add(fact("trace.digits", Box.number(style.significant(value, DIGITS).text())));
    }
    onTheWay
        .get()
        .find(line.id())
        .filter(rounded -> !rounded.isWhole() || rounded.compareTo(value) != 0)
        .map(rounded -> Box.number(numerals.shown(line.id(), rounded).standalone()))
        .ifPresent(rounded -> facts.add(fact("trace.on-the-way", rounded)));
    secondRoute(line, value).ifPresent(facts::add);
    return facts;
  }

  private Fact fact(String key, Box value) {
    return new Fact(wording.text(key), value, Optional.empty());
  }

  private Box fraction(Rational value) {
    NumberStyle style = numerals.format().style();
    String above = style.fixed(Value.of(value.numerator()), 0).text();
    String below = style.fixed(Value.of(value.denominator()), 0).text();
    return above.length() + below.length() > LONGEST_FRACTION
        ? Box.name(
            wording.text(Phrase.of("trace.too-long").with("digits", value.toString().length() - 1)))
        : new Box.Fraction(Box.number(above), Box.number(below));
  }

  private Optional<Fact> secondRoute(Line line, Value value) {
    return line.secondRoute()
        .flatMap(
            route ->
                derivation
                    .secondRoute(line.id(), exact)
                    .map(other -> secondRoute(line, route, value, other)));
  }

  private Fact secondRoute(Line line, Line.SecondRoute route, Value value, Value other) {
    return new Fact(
        wording.text(Phrase.of("trace.second-route").with("route", route.label())),
        Box.number(numerals.shown(line.id(), other).standalone()),
        Optional.of(agree(value, other) ? Agreement.AGREES : Agreement.DIFFERS));
  }

  private static boolean agree(Value one, Value other) {
    BigDecimal difference = one.minus(other).magnitude().decimal();
    BigDecimal scale = one.magnitude().decimal().max(new BigDecimal("1e-290"));
    return difference.compareTo(scale.multiply(CLOSE)) <= 0;
  }
}
