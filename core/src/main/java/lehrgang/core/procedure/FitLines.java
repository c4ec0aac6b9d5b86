package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.LineWriter.datum;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;
import static lehrgang.core.procedure.LineWriter.sumOver;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.FrequencyTable.Stated;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The numbers of a goodness-of-fit test, each with its one formula.
final class FitLines {
  private static final Expr N = line("n");

  private final FrequencyTable table;
  private final Rescaling rescaling;
  private final int categories;
  private final Lines lines = new Lines();

  private FitLines(FrequencyTable table, Rescaling rescaling) {
    this.table = table;
    this.rescaling = rescaling;
    this.categories = table.labels().size();
  }

  /// @param estimated how many parameters of the shares were estimated from the data
  static Lines of(FrequencyTable table, Rational level, int estimated, Rescaling rescaling) {
    FitLines fit = begun(table, level, estimated, rescaling);
    ChiSquaredDecision.addCritical(fit.lines);
    ChiSquaredDecision.addTail(fit.lines, "p", Symbol.of("p"), "X2");
    ChiSquaredDecision.plain().addDecision(fit.lines);
    fit.closerLook();
    return fit.lines;
  }

  /// The lines up to the statistic and its degrees of freedom, however it is judged.
  static Lines upToStatistic(FrequencyTable table, Rational level, Rescaling rescaling) {
    return begun(table, level, 0, rescaling).lines;
  }

  private static FitLines begun(
      FrequencyTable table, Rational level, int estimated, Rescaling rescaling) {
    FitLines fit = new FitLines(table, rescaling);
    fit.observed();
    fit.lines.add(LineWriter.level(level));
    fit.shares();
    fit.expected();
    ExpectedConditions.addLines(fit.lines, fit.refs("E"));
    fit.contributions();
    fit.statistic(estimated);
    return fit;
  }

  private void observed() {
    for (int i = 1; i <= categories; i++) {
      Value count = Value.of(table.counts().get(i - 1));
      lines.add(member("O", "O", i, new Expr.Datum(count), Kind.COUNT).as(Role.OBSERVED));
    }
    lines.add(
        single("n", Symbol.of("n"), sumOver("i", "O", categories), Kind.COUNT)
            .as(Role.GRAND_TOTAL));
    lines.add(single("k", Symbol.of("k"), datum(categories), Kind.DEGREES_OF_FREEDOM));
  }

  /// The shares of the null hypothesis, from what was stated.
  private void shares() {
    boolean equal = table.stated() == Stated.EQUAL;
    if (!equal) {
      for (int i = 1; i <= categories; i++) {
        Expr typed = new Expr.Datum(table.weights().get(i - 1));
        lines.add(member("stated", "g", i, typed, Kind.CLAIM));
      }
      lines.add(
          single(
              "stated.sum",
              Symbol.of("g").lowered("Σ"),
              sumOver("i", "stated", categories),
              Kind.CLAIM));
    }
    for (int i = 1; i <= categories; i++) {
      Expr share = equal ? number(1).over(line("k")) : share(ref(LineId.of("stated", i)));
      lines.add(member("s", "s", i, share, Kind.SHARE).as(Role.ROW_TOTAL));
    }
    lines.add(
        single("s.sum", Symbol.of("s").lowered("Σ"), sumOver("i", "s", categories), Kind.SHARE));
  }

  private Expr share(Expr stated) {
    if (rescaling == Rescaling.ALLOWED) {
      return stated.over(line("stated.sum"));
    }
    return switch (table.stated()) {
      case PROBABILITIES -> stated;
      case PERCENTAGES -> stated.over(number(100));
      case EXPECTED_COUNTS -> stated.over(N);
      case RATIO, EQUAL -> stated.over(line("stated.sum"));
    };
  }

  private void expected() {
    for (int i = 1; i <= categories; i++) {
      Expr share = ref(LineId.of("s", i));
      Line line = member("E", "E", i, product(N, share), Kind.EXPECTED).as(Role.EXPECTED);
      lines.add(
          table.stated() == Stated.EQUAL
              ? line.checkedBy(Phrase.of("route.equal-parts"), N.over(line("k")))
              : line.checkedBy(
                  Phrase.of("route.parts"),
                  product(ref(LineId.of("stated", i)), N).over(line("stated.sum"))));
    }
    lines.add(
        single("E.n", Symbol.of("n").lowered("E"), sumOver("i", "E", categories), Kind.EXPECTED)
            .as(Role.GRAND_TOTAL));
  }

  private void contributions() {
    for (int i = 1; i <= categories; i++) {
      Expr difference = ref(LineId.of("O", i)).minus(ref(LineId.of("E", i)));
      lines.add(member("D", "D", i, difference, Kind.EXPECTED));
    }
    for (int i = 1; i <= categories; i++) {
      Expr expected = ref(LineId.of("E", i));
      Expr difference = ref(LineId.of("O", i)).minus(expected);
      lines.add(member("K", "K", i, difference.squared().over(expected), Kind.CONTRIBUTION));
    }
    lines.add(
        single(
            "K.max",
            Symbol.of("K").lowered("max"),
            new Expr.Maximum(refs("K")),
            Kind.CONTRIBUTION));
  }

  private void statistic(int estimated) {
    Expr ratios =
        over(
            i -> ref(new LineId("O", List.of(i))).squared().over(ref(new LineId("E", List.of(i)))));
    lines.add(
        single("X2", Symbol.of("χ").raised("2"), sumOver("i", "K", categories), Kind.STATISTIC)
            .checkedBy(Phrase.of("route.squares-over-expected"), ratios.minus(N)));
    Expr free = line("k").minus(number(1));
    lines.add(single("m", Symbol.of("m"), datum(estimated), Kind.DEGREES_OF_FREEDOM));
    if (estimated > 0) {
      free = free.minus(line("m"));
    }
    lines.add(single("df", Symbol.of("df"), free, Kind.DEGREES_OF_FREEDOM));
  }

  /// Standardised and adjusted residuals (Haberman 1973), Cohen's w (1988), and other sample sizes.
  private void closerLook() {
    for (int i = 1; i <= categories; i++) {
      Expr expected = ref(LineId.of("E", i));
      Expr difference = ref(LineId.of("O", i)).minus(expected);
      lines.add(member("resid", "e", i, difference.over(expected.root()), Kind.RESIDUAL));
    }
    for (int i = 1; i <= categories; i++) {
      Expr expected = ref(LineId.of("E", i));
      Expr difference = ref(LineId.of("O", i)).minus(expected);
      Expr rest = number(1).minus(ref(LineId.of("s", i)));
      lines.add(
          member("adj", "a", i, difference.over(product(expected, rest).root()), Kind.RESIDUAL));
    }
    lines.add(single("w", Symbol.of("w"), line("X2").over(N).root(), Kind.EFFECT));
    SampleSizeLines.addTo(lines);
  }

  private List<Expr> refs(String family) {
    return IntStream.rangeClosed(1, categories).mapToObj(i -> ref(LineId.of(family, i))).toList();
  }

  private Expr over(Function<String, Expr> term) {
    return Expr.total(
        "i", "i", IntStream.rangeClosed(1, categories).mapToObj(Integer::toString).toList(), term);
  }

  private Line member(String name, String letter, int i, Expr formula, Kind kind) {
    LineId id = LineId.of(name, i);
    return new Line(
        id,
        Symbol.of(letter).at(id.index()),
        Phrase.label(table.labels().get(i - 1)),
        formula,
        kind);
  }
}
