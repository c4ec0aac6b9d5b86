package lehrgang.core.page;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Format;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Shown.Relation;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;

/// Sets the numbers and sentences of one derivation under one reading, as far as the audience may
/// know them.
final class Numerals implements Wording.Numbers {
  /// Stands where a number has no value.
  static final Shown NONE = new Shown("—", Relation.EQUAL);

  private static final int LONGEST_IN_LIST = 36;

  private final Derivation derivation;
  private final Reading reading;
  private final Evaluation values;
  private final Format format;
  private final Wording wording;
  private final Mask mask;
  private final AnswerRooms rooms;
  private final WaysToSayNumbers ways;

  /// @param values those that the audience may know
  Numerals(
      Derivation derivation,
      Reading reading,
      Evaluation values,
      Format format,
      Wording wording,
      Mask mask) {
    this.derivation = derivation;
    this.reading = reading;
    this.values = values;
    this.format = format;
    this.wording = wording;
    this.mask = mask;
    this.rooms = new AnswerRooms(derivation, format);
    this.ways = new WaysToSayNumbers(this);
  }

  Evaluation values() {
    return values;
  }

  Format format() {
    return format;
  }

  Mask mask() {
    return mask;
  }

  boolean has(LineId id) {
    return derivation.find(id).isPresent();
  }

  Line line(LineId id) {
    return derivation.line(id);
  }

  /// What a line is, with its place between two marks, unless its name says that already.
  String heading(LineId id, String before, String after) {
    String name = text(line(id).name());
    String place = text(line(id).place());
    return name.endsWith(place) ? name : name + before + place + after;
  }

  /// The formula by which the page's reading computes a line.
  Expr formula(LineId id) {
    return reading.formula(line(id));
  }

  /// Whether the page's reading puts a number in place of computing the line.
  boolean isGiven(LineId id) {
    return reading.given(id).isPresent();
  }

  /// The number of a line; nothing for one that is hidden.
  Shown shown(LineId id) {
    if (mask.hides(id)) {
      return new Shown("", Relation.EQUAL);
    }
    Optional<Interval> range = values.range(id);
    return range.isPresent()
        ? shown(id, range.get())
        : values.find(id).map(value -> shown(id, value)).orElse(NONE);
  }

  /// Room for the number of a line: for as many figures as numbers of its sort have, whatever it
  /// is.
  Box blank(LineId id) {
    return new Box.Blank(charactersOf(id));
  }

  /// How many figures and signs a number has at most that is of the sort of a line.
  int charactersOf(LineId id) {
    return rooms.charactersOf(line(id).kind());
  }

  /// A sentence with what fills its gaps, to be rewritten.
  PageBlock.Template template(Phrase phrase) {
    Map<String, String> gaps = new TreeMap<>();
    phrase
        .fillings()
        .forEach((gap, filling) -> gaps.put(gap, Span.plain(wording.filled(filling, this))));
    return new PageBlock.Template(phrase.key(), gaps);
  }

  Shown shown(LineId id, Value value) {
    Kind kind = line(id).kind();
    return switch (kind) {
      case DECISION -> inWords(value, "trace.decision.reject", "trace.decision.keep");
      case CONDITION -> inWords(value, "trace.condition.holds", "trace.condition.fails");
      default -> format.show(kind, value);
    };
  }

  private Shown inWords(Value value, String yes, String no) {
    return new Shown(wording.text(value.signum() > 0 ? yes : no), Relation.EQUAL);
  }

  /// Both ends of a range, where they look different.
  private Shown shown(LineId id, Interval range) {
    String low = range.low().map(end -> shown(id, end).standalone()).orElse("−∞");
    String high = range.high().map(end -> shown(id, end).standalone()).orElse("∞");
    boolean same = range.isPoint() || low.equals(high);
    return same
        ? range.low().map(end -> shown(id, end)).orElse(NONE)
        : new Shown(
            wording.text(Phrase.of("number.range").with("low", low).with("high", high)),
            Relation.EQUAL);
  }

  Symbol symbol(LineId id) {
    return derivation
        .find(id)
        .map(Line::symbol)
        .orElseGet(() -> memberOf(id.name()).symbol().at(id.index()));
  }

  private Line memberOf(String family) {
    return derivation.lines().values().stream()
        .filter(line -> line.id().name().equals(family))
        .findFirst()
        .orElseThrow();
  }

  @Override
  public Box number(LineId id) {
    return mask.hides(id) ? blank(id) : Box.number(shown(id).standalone());
  }

  @Override
  public Box compared(LineId id, LineId with) {
    Optional<Value> one = values.find(id);
    Optional<Value> other = values.find(with);
    boolean bare = mask.hides(id) || one.isEmpty() || other.isEmpty() || reading.hasRanges();
    return bare ? number(id) : Box.number(new Comparison(this, id, with).first());
  }

  /// The value that the page's reading makes of what the formula of a line comes to.
  Value settled(LineId id, Value computed) {
    return reading.settle(line(id), computed);
  }

  /// The decimals with which a line that is not shown whole is shown.
  int decimalsOf(LineId id) {
    return format.decimalsOf(line(id).kind());
  }

  /// Whether a number is just what is printed for a line.
  boolean isPrinted(LineId id, Value number) {
    return values
        .find(id)
        .map(value -> Value.exactly(value.rounded(decimalsOf(id))))
        .filter(printed -> PrintedNumbers.areEqual(number, printed))
        .isPresent();
  }

  @Override
  public List<Span> stated(LineId id) {
    Shown shown = shown(id);
    return stated(id, shown, Box.number(shown.text()));
  }

  @Override
  public List<Span> stated(LineId id, LineId with) {
    Shown shown = shown(id);
    boolean bound = shown.relation() == Relation.BELOW || shown.relation() == Relation.ABOVE;
    return stated(id, shown, bound ? Box.number(shown.text()) : compared(id, with));
  }

  private List<Span> stated(LineId id, Shown shown, Box number) {
    boolean hidden = mask.hides(id);
    String sign = hidden ? " = " : "\u00a0" + shown.relation().sign() + "\u00a0";
    return List.of(
        new Span.Formula(symbol(id).box()),
        new Span.Words(sign, Span.Weight.PLAIN),
        new Span.Live(id, hidden ? blank(id) : number, Span.Weight.PLAIN));
  }

  @Override
  public Phrase inSamples(LineId id) {
    return ways.inSamples(id);
  }

  @Override
  public Box inPercent(LineId level) {
    return ways.inPercent(level).orElseGet(() -> number(level));
  }

  @Override
  public Box confidence(LineId level) {
    return ways.confidence(level).orElseGet(() -> number(level));
  }

  @Override
  public Box size(LineId id) {
    return ways.size(id).orElseGet(() -> number(id));
  }

  @Override
  public String reported(Phrase.Reported reported) {
    return ways.reported(reported);
  }

  List<Span> spans(Phrase phrase) {
    return wording.spans(phrase, this);
  }

  String text(Phrase phrase) {
    return Span.plain(spans(phrase));
  }

  /// The exact fraction of a line on one line of text, where it has one that can be read.
  String fractionOf(LineId id) {
    return values
        .find(id)
        .filter(Rational.class::isInstance)
        .map(Rational.class::cast)
        .filter(value -> value.toString().length() <= LONGEST_IN_LIST)
        .map(
            value ->
                whole(value.numerator())
                    + (value.isWhole() ? "" : "/" + whole(value.denominator())))
        .orElse("");
  }

  private String whole(BigInteger number) {
    return format.style().fixed(Value.of(number), 0).text();
  }

  /// The bare number of a printed table's entry.
  String printed(BigDecimal entry) {
    return format.style().fixed(Value.exactly(entry), entry.scale()).text();
  }

  /// The words of a key.
  String word(String key) {
    return wording.text(key);
  }
}
