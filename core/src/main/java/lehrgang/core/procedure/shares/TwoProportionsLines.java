package lehrgang.core.procedure.shares;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.parts.LineWriter.counted;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.named;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import lehrgang.core.data.SharesTable;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Role;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.LargeSampleConditions;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.procedure.parts.NormalDecision;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.procedure.parts.ShareLines;
import lehrgang.core.wording.Phrase;

/// The numbers of a comparison of two shares, each with its one formula.
final class TwoProportionsLines {
  /// The lines of the expected successes and failures of both groups.
  static final List<LineId> EXPECTED =
      List.of(LineId.of("E.yes1"), LineId.of("E.no1"), LineId.of("E.yes2"), LineId.of("E.no2"));

  private static final Expr POOLED = line("pooled");

  private final SharesTable table;
  private final Rational difference;
  private final Lines lines = new Lines();

  private TwoProportionsLines(SharesTable table, Rational difference) {
    this.table = table;
    this.difference = difference;
  }

  /// @param difference that H₀ states
  static Lines of(SharesTable table, Rational level, Rational difference, NormalDecision deciding) {
    TwoProportionsLines shares = new TwoProportionsLines(table, difference);
    shares.groups();
    shares.hypotheses(level);
    shares.expected();
    shares.shares();
    shares.statistic();
    if (deciding.isCorrected()) {
      shares.correctedStatistic(deciding.alternative());
    }
    deciding.addTo(shares.lines);
    shares.tieToChiSquared();
    shares.interval(deciding);
    ShareLines.addEffect(shares.lines, "p1", "p2");
    if (deciding.isCorrected()) {
      SampleSizeLines.addCorrectedTo(
          shares.lines, "N", deciding, factor -> shares.corrected(deciding.alternative(), factor));
    } else {
      SampleSizeLines.addTo(shares.lines, "N", deciding);
    }
    return shares.lines;
  }

  private boolean statesNoDifference() {
    return difference.signum() == 0;
  }

  private void groups() {
    lines.begin("data");
    for (int i = 1; i <= 2; i++) {
      SharesTable.Group group = table.groups().get(i - 1);
      lines.add(ofGroup("x", i, counted(group.successes()), Kind.COUNT).as(Role.OBSERVED));
      lines.add(ofGroup("n", i, counted(group.trials()), Kind.COUNT).as(Role.COLUMN_TOTAL));
    }
    lines.add(
        single("N", Symbol.of("N"), Expr.sum(line("n1"), line("n2")), Kind.COUNT)
            .as(Role.GRAND_TOTAL));
  }

  private Line ofGroup(String letter, int group, Expr formula, Kind kind) {
    String id = letter + group;
    return ofGroup(id, Symbol.of(letter).lowered(Integer.toString(group)), group, formula, kind);
  }

  private Line ofGroup(String id, Symbol symbol, int group, Expr formula, Kind kind) {
    return new Line(
        LineId.of(id),
        symbol,
        LineWriter.nameOf(id),
        Phrase.label(table.groups().get(group - 1).label()),
        formula,
        kind);
  }

  private void hypotheses(Rational level) {
    lines.begin("hypotheses");
    lines.add(LineWriter.level(level));
    lines.add(single("d0", Symbol.of("D").lowered("0"), LineWriter.typed(difference), Kind.CLAIM));
  }

  private void expected() {
    lines.begin("conditions");
    lines.add(
        single(
                "pooled",
                Symbol.of("p").lowered("pooled"),
                Formulas.share(Expr.sum(line("x1"), line("x2")), line("N")),
                Kind.SHARE)
            .as(Role.ROW_TOTAL));
    if (!statesNoDifference()) {
      addSharesOfStatedDifference();
    }
    List<LineId> shares = sharesUnderH0(statesNoDifference());
    for (int i = 1; i <= 2; i++) {
      Expr trials = line("n" + i);
      Expr share = Expr.ref(statesNoDifference() ? shares.getFirst() : LineId.of("p.null" + i));
      Expr yes = Formulas.expectedCount(trials, share);
      Expr no = Formulas.expectedCount(trials, Formulas.rest(share));
      Symbol symbol = Symbol.of("E");
      lines.add(ofGroup("E.yes" + i, symbol.lowered("yes, " + i), i, yes, Kind.EXPECTED));
      lines.add(ofGroup("E.no" + i, symbol.lowered("no, " + i), i, no, Kind.EXPECTED));
    }
    LargeSampleConditions.addLines(lines, EXPECTED);
  }

  /// Shares that differ by what H₀ states, and that give as many successes in all as were seen.
  private void addSharesOfStatedDifference() {
    Expr second =
        Expr.sum(line("x1"), line("x2")).minus(product(line("n1"), line("d0"))).over(line("N"));
    lines.add(ofGroup("p.null2", Symbol.of("p").lowered("2, H₀"), 2, second, Kind.SHARE));
    Expr first = Expr.sum(line("p.null2"), line("d0"));
    lines.add(ofGroup("p.null1", Symbol.of("p").lowered("1, H₀"), 1, first, Kind.SHARE));
  }

  /// The shares that the groups have if H₀ is true: one for both, or two that differ as stated.
  static List<LineId> sharesUnderH0(boolean same) {
    return same
        ? List.of(LineId.of("pooled"))
        : List.of(LineId.of("p.null2"), LineId.of("p.null1"));
  }

  private void shares() {
    lines.begin("statistic");
    for (int i = 1; i <= 2; i++) {
      Expr share = Formulas.share(line("x" + i), line("n" + i));
      lines.add(ofGroup("p", i, share, Kind.SHARE).as(Role.EXPECTED));
    }
    lines.add(single("diff", Symbol.of("D"), line("p1").minus(line("p2")), Kind.SHARE));
    lines.add(
        single(
            "SE0",
            Symbol.of("SE").lowered("0"),
            Formulas.pooledError(POOLED, line("n1"), line("n2")),
            Kind.STANDARD_ERROR));
    lines.begin("interval");
    lines.add(
        single(
            "SE",
            Symbol.of("SE"),
            Formulas.unpooledError(line("p1"), line("n1"), line("p2"), line("n2")),
            Kind.STANDARD_ERROR));
  }

  /// What is compared with the standard error, which assumes that the shares are the same only
  /// where H₀ does.
  private Expr excess() {
    return statesNoDifference() ? line("diff") : line("diff").minus(line("d0"));
  }

  private Expr error() {
    return line(statesNoDifference() ? "SE0" : "SE");
  }

  private void statistic() {
    lines.begin("statistic");
    lines.add(
        single("z", Symbol.of("z"), Formulas.standardised(excess(), error()), Kind.STATISTIC));
  }

  /// The statistic of a difference that takes in the whole of the observed step: toward the tail
  /// that is summed; for both tails nearer to 0, and never beyond it.
  private void correctedStatistic(Alternative alternative) {
    lines.add(
        single(
            "cc",
            Symbol.of("c"),
            product(number(1).over(number(2)), Formulas.inverses(line("n1"), line("n2"))),
            Kind.SHARE));
    lines.add(
        single(
            "z.cc",
            Symbol.of("z").lowered("corr"),
            corrected(alternative, line("cc"), error()),
            Kind.STATISTIC));
  }

  /// The corrected statistic with every count multiplied by a factor.
  private Expr corrected(Alternative alternative, Expr factor) {
    return corrected(alternative, line("cc").over(factor), error().over(factor.root()));
  }

  private Expr corrected(Alternative alternative, Expr correction, Expr error) {
    Expr shorter =
        Formulas.standardised(
            new Expr.Maximum(List.of(new Expr.Magnitude(excess()).minus(correction), number(0))),
            error);
    return switch (alternative) {
      case TWO_SIDED ->
          new Expr.Cases(
              new Expr.AtLeast(line("z"), number(0)), shorter, new Expr.Negative(shorter));
      case LESS -> Formulas.standardised(Expr.sum(excess(), correction), error);
      case GREATER -> Formulas.standardised(excess().minus(correction), error);
    };
  }

  /// The plain chi-squared statistic of the same four counts, and its p-value.
  private void tieToChiSquared() {
    lines.begin("p");
    Expr failures1 = line("n1").minus(line("x1"));
    Expr failures2 = line("n2").minus(line("x2"));
    Expr cross = product(line("x1"), failures2).minus(product(line("x2"), failures1));
    Expr successes = Expr.sum(line("x1"), line("x2"));
    lines.add(
        single(
            "z.squared",
            Symbol.of("z").raised("2"),
            Formulas.standardised(line("diff"), line("SE0")).squared(),
            Kind.STATISTIC));
    lines.add(
        single(
                "X2",
                Symbol.of("χ").raised("2"),
                product(line("N"), cross.squared())
                    .over(product(successes, line("N").minus(successes), line("n1"), line("n2"))),
                Kind.STATISTIC)
            .checkedBy(Phrase.of("route.z-squared"), line("z.squared")));
    lines.add(
        named(
            "p.X2",
            Symbol.of("p").lowered("χ²"),
            ChiSquaredUpperTail.INSTANCE,
            List.of(line("X2"), number(1)),
            Kind.P_VALUE));
  }

  /// Newcombe's (1998, method 10) interval, whose ends come from those of Wilson's interval of each
  /// group.
  private void newcombe() {
    for (int i = 1; i <= 2; i++) {
      String share = "p" + i;
      String trials = "n" + i;
      Symbol symbol = Symbol.of("p");
      Expr low = ShareLines.wilson(share, trials, "z.ci", Alternative.GREATER);
      Expr high = ShareLines.wilson(share, trials, "z.ci", Alternative.LESS);
      lines.add(ofGroup("wilson.low" + i, symbol.lowered(i + ", low"), i, low, Kind.SHARE));
      lines.add(ofGroup("wilson.high" + i, symbol.lowered(i + ", high"), i, high, Kind.SHARE));
    }
    Symbol symbol = Symbol.of("D");
    lines.add(
        single(
            "newcombe.low",
            symbol.lowered("N, low"),
            line("diff").minus(reach("p1", "wilson.low1", "p2", "wilson.high2")),
            Kind.SHARE));
    lines.add(
        single(
            "newcombe.high",
            symbol.lowered("N, high"),
            Expr.sum(line("diff"), reach("p1", "wilson.high1", "p2", "wilson.low2")),
            Kind.SHARE));
  }

  /// √((p₁ − end₁)² + (p₂ − end₂)²).
  private static Expr reach(String first, String firstEnd, String second, String secondEnd) {
    return Expr.sum(
            line(first).minus(line(firstEnd)).squared(),
            line(second).minus(line(secondEnd)).squared())
        .root();
  }

  private void interval(NormalDecision deciding) {
    lines.begin("interval");
    lines.add(NormalDecision.quantile());
    ShareLines.addInterval(lines, "ci", Symbol.of("D"), "diff");
    newcombe();
    deciding
        .pointOfBound()
        .ifPresent(
            point -> {
              lines.add(point);
              Expr reach = product(line("z.bound"), line("SE"));
              Expr bound =
                  deciding.alternative() == Alternative.LESS
                      ? Expr.sum(line("diff"), reach)
                      : line("diff").minus(reach);
              lines.add(single("bound", Symbol.of("D").lowered("bound"), bound, Kind.SHARE));
            });
  }
}
