package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.counted;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.shape;
import static lehrgang.core.procedure.parts.LineWriter.single;
import static lehrgang.core.procedure.parts.LineWriter.sumOver;

import java.util.List;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// The lines of a single variable's categories up to the chi-squared statistic (Pearson 1900): a
/// count, a share under H₀, an expected count, a difference and a contribution each.
///
/// @param labels of the categories
public record CategoryLines(List<String> labels, Lines lines) {
  private static final Expr N = line("n");

  public CategoryLines {
    labels = List.copyOf(labels);
  }

  /// How many categories there are.
  public int size() {
    return labels.size();
  }

  /// A line of a category.
  ///
  /// @param i its place, from 1
  /// @throws IndexOutOfBoundsException if there is no such category
  public Line member(String name, String letter, int i, Expr formula, Kind kind) {
    return LineWriter.member(
        LineId.of(name, i), Symbol.of(letter), Phrase.label(labels.get(i - 1)), formula, kind);
  }

  /// Adds a line for each category.
  private void each(IntFunction<Line> member) {
    IntStream.rangeClosed(1, size()).mapToObj(member).forEach(lines::add);
  }

  /// Adds the counts, their sum and how many there are.
  ///
  /// @param counts one for each category
  public void addObserved(List<Long> counts) {
    lines.begin("data");
    each(i -> member("O", "O", i, counted(counts.get(i - 1)), Kind.COUNT).as(Role.OBSERVED));
    lines.add(
        single("n", Symbol.of("n"), sumOver("i", "O", size()), Kind.COUNT).as(Role.GRAND_TOTAL));
    lines.add(single("k", Symbol.of("k"), shape(size()), Kind.DEGREES_OF_FREEDOM));
  }

  /// Adds the shares under H₀ and their sum to the step begun last.
  public void addShares(IntFunction<Expr> share) {
    each(i -> member("s", "s", i, share.apply(i), Kind.SHARE).as(Role.ROW_TOTAL));
    lines.add(single("s.sum", Symbol.of("s").lowered("Σ"), sumOver("i", "s", size()), Kind.SHARE));
  }

  /// Adds the expected counts and their sum to the step begun last; `s` comes before them.
  ///
  /// @param checked gives a line its second route
  public void addExpected(Function<Line, Line> checked) {
    each(
        i -> {
          Expr expected = Formulas.expectedCount(N, ref(LineId.of("s", i)));
          return checked.apply(member("E", "E", i, expected, Kind.EXPECTED).as(Role.EXPECTED));
        });
    lines.add(
        single("E.n", Symbol.of("n").lowered("E"), sumOver("i", "E", size()), Kind.EXPECTED)
            .as(Role.GRAND_TOTAL));
  }

  /// Adds differences, contributions, the statistic and its degrees of freedom; the expected counts
  /// come before them.
  ///
  /// @param estimated the line of the number of estimated parameters
  /// @param degreesOfFreedom their formula
  public void addStatistic(Line estimated, Expr degreesOfFreedom) {
    lines.begin("contributions");
    each(i -> member("D", "D", i, Formulas.difference(at("O", i), at("E", i)), Kind.EXPECTED));
    each(i -> member("K", "K", i, contribution(i), Kind.CONTRIBUTION));
    lines.add(
        single(
            "K.max",
            Symbol.of("K").lowered("max"),
            new Expr.Maximum(LineWriter.refs(lines.family("K"))),
            Kind.CONTRIBUTION));
    lines.begin("statistic");
    Expr ratios = over(i -> Formulas.squareOverExpected(Formulas.at("O", i), Formulas.at("E", i)));
    lines.add(
        single("X2", Symbol.of("χ").raised("2"), sumOver("i", "K", size()), Kind.STATISTIC)
            .checkedBy(Phrase.of("route.squares-over-expected"), ratios.minus(N)));
    lines.add(estimated);
    lines.add(single("df", Symbol.of("df"), degreesOfFreedom, Kind.DEGREES_OF_FREEDOM));
  }

  private static Expr at(String family, int i) {
    return ref(LineId.of(family, i));
  }

  private static Expr contribution(int i) {
    return Formulas.contribution(LineId.of("D", i), at("O", i), at("E", i));
  }

  private Expr over(Function<List<String>, Expr> term) {
    return Expr.total(
        "i",
        List.of("i"),
        IntStream.rangeClosed(1, size()).mapToObj(i -> List.of(Integer.toString(i))).toList(),
        term);
  }

  /// Adds residuals, the effect size and other sample sizes; everything else comes before them.
  public void addCloserLook() {
    lines.begin("closer-look");
    each(
        i ->
            member(
                "resid",
                "e",
                i,
                Formulas.standardisedResidual(LineId.of("D", i), at("O", i), at("E", i)),
                Kind.RESIDUAL));
    each(
        i ->
            member(
                "adj",
                "a",
                i,
                Formulas.adjustedResidual(
                    LineId.of("D", i), at("O", i), at("E", i), Formulas.rest(at("s", i))),
                Kind.RESIDUAL));
    Deviations.addBounds(lines, size(), size() - 1);
    lines.add(single("w", Symbol.of("w"), Formulas.effectSize(line("X2"), N), Kind.EFFECT));
    DetectableEffect.W.addTo(lines, line("crit"));
    SampleSizeLines.addTo(lines);
  }
}
