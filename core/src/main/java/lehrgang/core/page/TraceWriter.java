package lehrgang.core.page;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.number.Kind;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Value;
import lehrgang.core.page.Trace.Agreement;
import lehrgang.core.page.Trace.Fact;
import lehrgang.core.wording.Phrase;

/// Gathers what there is to know about one number.
final class TraceWriter {
  private static final int DIGITS = 12;
  private static final int LONGEST_FRACTION = 44;

  /// Two routes agree when they differ by less than double precision can tell.
  private static final BigDecimal CLOSE = new BigDecimal("1e-10");

  /// Begins the families of sums over records.
  private static final String OF_RECORDS = "x.";

  /// The one line among degrees of freedom that is typed: how many parameters were estimated.
  private static final String TYPED_PARAMETERS = "m";

  private final Page page;
  private final Typesetter typesetter;
  private final Derivation derivation;

  TraceWriter(Page page, Typesetter typesetter) {
    this.page = page;
    this.typesetter = typesetter;
    this.derivation = page.derivation();
  }

  Trace trace(LineId id) {
    Line line = derivation.line(id);
    Shown shown = typesetter.shown(id);
    Chain headline =
        new Chain(
            line.symbol().box(),
            List.of(new Chain.Link(shown.relation().sign(), Box.number(shown.text()))));
    boolean typed = line.formula() instanceof Expr.Datum;
    return new Trace(
        id,
        page.name(id),
        headline,
        derivation.sources(id).stream().map(this::link).toList(),
        page.wording().text(given(line)),
        derivation.uses(id).stream().sorted(sameCellFirst(id)).map(this::link).toList(),
        typed ? Optional.empty() : Optional.of(typesetter.chain(id)),
        line.formula() instanceof Expr.AtLeast ? List.of() : facts(line));
  }

  /// Where a number comes from that no other line gives.
  private Phrase given(Line line) {
    boolean counted = line.role() == Role.OBSERVED || line.id().name().startsWith(OF_RECORDS);
    if (counted && page.solution().origin().isPresent()) {
      return Phrase.of("trace.counted")
          .with("file", page.solution().origin().get().records().name());
    }
    boolean shape =
        line.kind() == Kind.DEGREES_OF_FREEDOM && !line.id().name().equals(TYPED_PARAMETERS);
    return Phrase.of(shape ? "trace.shape" : "trace.typed");
  }

  /// What the number is used for in its own cell comes before sums and extremes over all cells.
  private static Comparator<LineId> sameCellFirst(LineId id) {
    return Comparator.comparing(use -> use.index().equals(id.index()) ? 0 : 1);
  }

  private Trace.Link link(LineId id) {
    return new Trace.Link(
        id,
        derivation.line(id).symbol().box(),
        lowerFirst(page.family(id)),
        typesetter.shown(id).standalone(),
        page.role(id));
  }

  /// Names that begin with a person's name keep their capital.
  private static String lowerFirst(String name) {
    boolean personal = name.contains("’s");
    return personal ? name : name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }

  private List<Fact> facts(Line line) {
    List<Fact> facts = new ArrayList<>();
    NumberStyle style = typesetter.format().style();
    Value exact = derivation.exact().of(line.id());
    if (exact instanceof Rational fraction && !fraction.isWhole()) {
      facts.add(fact("trace.exact", fraction(fraction)));
    }
    if (!exact.isWhole()) {
      facts.add(fact("trace.digits", Box.number(style.significant(exact, DIGITS).text())));
    }
    Value onTheWay =
        derivation
            .evaluate(new Reading.RoundedOnTheWay(page.solution().choices().shownDecimals()))
            .of(line.id());
    if (!onTheWay.isWhole() || onTheWay.compareTo(exact) != 0) {
      facts.add(
          fact("trace.on-the-way", Box.number(typesetter.shown(line.id(), onTheWay).standalone())));
    }
    secondRoute(line).ifPresent(facts::add);
    return facts;
  }

  private Fact fact(String key, Box value) {
    return new Fact(page.wording().text(key), value, Optional.empty());
  }

  private Box fraction(Rational value) {
    NumberStyle style = typesetter.format().style();
    String above = style.fixed(Value.of(value.numerator()), 0).text();
    String below = style.fixed(Value.of(value.denominator()), 0).text();
    int length = above.length() + below.length();
    return length > LONGEST_FRACTION
        ? Box.name(
            page.wording()
                .text(Phrase.of("trace.too-long").with("digits", value.toString().length() - 1)))
        : new Box.Fraction(Box.number(above), Box.number(below));
  }

  private Optional<Fact> secondRoute(Line line) {
    return derivation
        .secondRoute(line.id(), derivation.exact())
        .map(
            other -> {
              Value exact = derivation.exact().of(line.id());
              String name =
                  page.wording()
                      .text(
                          Phrase.of("trace.second-route")
                              .with("route", line.secondRoute().orElseThrow().label()));
              return new Fact(
                  name,
                  Box.number(typesetter.shown(line.id(), other).standalone()),
                  Optional.of(agree(exact, other) ? Agreement.AGREES : Agreement.DIFFERS));
            });
  }

  private static boolean agree(Value one, Value other) {
    BigDecimal difference = one.minus(other).magnitude().decimal();
    BigDecimal scale = one.magnitude().decimal().max(new BigDecimal("1e-290"));
    return difference.compareTo(scale.multiply(CLOSE)) <= 0;
  }
}
