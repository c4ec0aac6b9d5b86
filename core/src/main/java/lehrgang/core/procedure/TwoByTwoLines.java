package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.CellLines.Cell;
import lehrgang.core.wording.Phrase;

/// What a 2 × 2 table has besides: Yates' corrected statistic, and the tie to the comparison of two
/// shares.
final class TwoByTwoLines {
  private static final Expr N = line("n");
  private static final Expr HALF = number(1).over(number(2));

  private final CellLines cells;

  TwoByTwoLines(CellLines cells) {
    this.cells = cells;
  }

  void add() {
    corrected();
    asTwoShares();
  }

  /// Yates' (1934) form; the correction is never larger than the difference itself.
  private void corrected() {
    Evaluation exact = cells.lines().evaluate(new Reading.Exact());
    for (Cell cell : cells.cells()) {
      Expr difference = new Expr.Magnitude(ref(cell.of("O")).minus(ref(cell.of("E"))));
      Expr shortened = difference.minus(new Expr.Minimum(List.of(HALF, difference)));
      boolean usual = exact.of(cell.of("D")).magnitude().compareTo(Value.ratio(1, 2)) >= 0;
      Expr less = usual ? difference.minus(HALF) : shortened;
      Line line =
          cells.inCell(
              "K.cc", "K", cell, less.squared().over(ref(cell.of("E"))), Kind.CONTRIBUTION);
      cells.add(line.written(line.symbol().raised("corr")));
    }
    cells.add(
        single(
            "X2.cc",
            Symbol.of("χ").raised("2").lowered("corr"),
            cells.over((k, _) -> ref(k), "K.cc", "K.cc"),
            Kind.STATISTIC));
  }

  /// For 2×2: the same question as a difference of two shares, for the tie z² = χ².
  private void asTwoShares() {
    Expr first = ref(LineId.of("C", 1));
    Expr second = ref(LineId.of("C", 2));
    cells.add(
        single(
            "p1", Symbol.of("p").lowered("1"), ref(LineId.of("O", 1, 1)).over(first), Kind.SHARE));
    cells.add(
        single(
            "p2", Symbol.of("p").lowered("2"), ref(LineId.of("O", 1, 2)).over(second), Kind.SHARE));
    cells.add(
        single(
            "pooled",
            Symbol.of("p").lowered("pooled"),
            ref(LineId.of("R", 1)).over(N),
            Kind.SHARE));
    Expr pooled = line("pooled");
    cells.add(
        single(
            "SE0",
            Symbol.of("SE").lowered("0"),
            product(
                    pooled,
                    number(1).minus(pooled),
                    Expr.sum(number(1).over(first), number(1).over(second)))
                .root(),
            Kind.STANDARD_ERROR));
    cells.add(
        single(
            "z", Symbol.of("z"), line("p1").minus(line("p2")).over(line("SE0")), Kind.STATISTIC));
    cells.add(
        single("z.squared", Symbol.of("z").raised("2"), line("z").squared(), Kind.STATISTIC)
            .checkedBy(Phrase.of("route.chi-squared"), line("X2")));
  }

  /// The odds ratio with Woolf's (1955) interval on the scale of logarithms; none where a cell is
  /// empty.
  void addOddsRatio() {
    boolean anyEmpty =
        cells.cells().stream()
            .anyMatch(cell -> cells.table().count(cell.row() - 1, cell.column() - 1) == 0);
    if (anyEmpty) {
      return;
    }
    Expr a = ref(LineId.of("O", 1, 1));
    Expr b = ref(LineId.of("O", 1, 2));
    Expr c = ref(LineId.of("O", 2, 1));
    Expr d = ref(LineId.of("O", 2, 2));
    cells.add(single("OR", Symbol.of("OR"), product(a, d).over(product(b, c)), Kind.EFFECT));
    List<Expr> inverses = List.of(a, b, c, d).stream().map(x -> number(1).over(x)).toList();
    cells.add(
        single(
            "OR.SE",
            Symbol.of("SE").lowered("ln OR"),
            new Expr.Sum(inverses).root(),
            Kind.STANDARD_ERROR));
    addInterval(cells.lines());
  }

  /// The interval of an odds ratio on the scale of logarithms; `OR` and `OR.SE` come before it.
  static void addInterval(Lines lines) {
    lines.add(NormalDecision.quantile());
    Expr logarithm = new Expr.NaturalLog(line("OR"));
    Expr reach = product(line("z.ci"), line("OR.SE"));
    lines.add(
        single(
            "OR.low",
            Symbol.of("OR").lowered("low"),
            new Expr.Exponential(logarithm.minus(reach)),
            Kind.EFFECT));
    lines.add(
        single(
            "OR.high",
            Symbol.of("OR").lowered("high"),
            new Expr.Exponential(Expr.sum(logarithm, reach)),
            Kind.EFFECT));
  }
}
