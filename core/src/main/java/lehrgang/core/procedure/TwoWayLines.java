package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.IntStream;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Role;
import lehrgang.core.distribution.ChiSquaredCritical;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.distribution.SecondOpinion;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The numbers of a chi-squared test on a two-way table (Pearson 1900), each with its one formula.
final class TwoWayLines {
  /// The way to an expected count.
  enum Route {
    MARGINS,
    SHARE
  }

  /// The statistic that decides.
  enum Deciding {
    PLAIN,
    CORRECTED
  }

  private record Cell(int row, int column) {}

  private static final Expr N = ref(LineId.of("n"));
  private static final Expr HALF = number(1).over(number(2));

  private final TwoWayTable table;
  private final Route route;
  private final Deciding deciding;
  private final List<Cell> cells;
  private final Lines lines = new Lines();

  private TwoWayLines(TwoWayTable table, Route route, Deciding deciding) {
    this.table = table;
    this.route = route;
    this.deciding = deciding;
    this.cells =
        IntStream.rangeClosed(1, table.rows().size())
            .boxed()
            .flatMap(
                i -> IntStream.rangeClosed(1, table.columns().size()).mapToObj(j -> new Cell(i, j)))
            .toList();
  }

  static Lines of(TwoWayTable table, Rational level, Route route, Deciding deciding) {
    TwoWayLines lines = new TwoWayLines(table, route, deciding);
    lines.observed();
    lines.level(level);
    lines.expected();
    lines.smallestExpected();
    lines.contributions();
    lines.statistic();
    if (table.isTwoByTwo()) {
      lines.corrected();
      lines.asTwoShares();
    }
    lines.decision();
    lines.closerLook();
    return lines.lines;
  }

  private void observed() {
    for (Cell cell : cells) {
      long count = table.count(cell.row() - 1, cell.column() - 1);
      lines.add(
          inCell("O", "O", cell, new Expr.Datum(Value.of(count)), Kind.COUNT).as(Role.OBSERVED));
    }
    for (int i = 1; i <= table.rows().size(); i++) {
      lines.add(inRow("R", i, rowSum("O", i), Kind.COUNT).as(Role.ROW_TOTAL));
    }
    for (int j = 1; j <= table.columns().size(); j++) {
      lines.add(inColumn("C", j, columnSum("O", j), Kind.COUNT).as(Role.COLUMN_TOTAL));
    }
    lines.add(
        single("n", Symbol.of("n"), sumOver("i", "R", table.rows().size()), Kind.COUNT)
            .as(Role.GRAND_TOTAL)
            .checkedBy(
                Phrase.of("route.column-totals"), sumOver("j", "C", table.columns().size())));
    lines.add(single("r", Symbol.of("r"), datum(table.rows().size()), Kind.DEGREES_OF_FREEDOM));
    lines.add(single("c", Symbol.of("c"), datum(table.columns().size()), Kind.DEGREES_OF_FREEDOM));
  }

  private void level(Rational level) {
    lines.add(single("alpha", Symbol.of("α"), new Expr.Datum(level), Kind.LEVEL));
  }

  private void expected() {
    if (route == Route.SHARE) {
      for (int i = 1; i <= table.rows().size(); i++) {
        lines.add(inRow("s", i, ref(LineId.of("R", i)).over(N), Kind.SHARE));
      }
    }
    for (Cell cell : cells) {
      Expr row = ref(LineId.of("R", cell.row()));
      Expr column = ref(LineId.of("C", cell.column()));
      Expr byMargins = product(row, column).over(N);
      Expr byShare =
          route == Route.SHARE
              ? product(ref(LineId.of("s", cell.row())), column)
              : product(row.over(N), column);
      boolean margins = route == Route.MARGINS;
      lines.add(
          inCell("E", "E", cell, margins ? byMargins : byShare, Kind.EXPECTED)
              .as(Role.EXPECTED)
              .checkedBy(
                  Phrase.of(margins ? "route.share" : "route.margins"),
                  margins ? byShare : byMargins));
    }
    for (int i = 1; i <= table.rows().size(); i++) {
      lines.add(inRow("E.R", i, rowSum("E", i), Kind.EXPECTED).as(Role.ROW_TOTAL));
    }
    for (int j = 1; j <= table.columns().size(); j++) {
      lines.add(inColumn("E.C", j, columnSum("E", j), Kind.EXPECTED).as(Role.COLUMN_TOTAL));
    }
    lines.add(
        single(
                "E.n",
                Symbol.of("n").lowered("E"),
                sumOver("i", "E.R", table.rows().size()),
                Kind.EXPECTED)
            .as(Role.GRAND_TOTAL));
  }

  private void smallestExpected() {
    List<Expr> all = refs("E");
    lines.add(single("E.min", Symbol.of("E").lowered("min"), new Expr.Minimum(all), Kind.EXPECTED));
    lines.add(
        single(
            "E.below5",
            Symbol.of("k").lowered("5"),
            new Expr.CountBelow(all, Value.of(5)),
            Kind.COUNT));
    lines.add(
        single(
            "E.below1",
            Symbol.of("k").lowered("1"),
            new Expr.CountBelow(all, Value.ONE),
            Kind.COUNT));
  }

  private void contributions() {
    for (Cell cell : cells) {
      Expr observed = ref(at("O", cell));
      Expr expected = ref(at("E", cell));
      lines.add(inCell("D", "D", cell, observed.minus(expected), Kind.EXPECTED));
    }
    for (Cell cell : cells) {
      lines.add(
          inCell("K", "K", cell, contribution(at("O", cell), at("E", cell)), Kind.CONTRIBUTION));
    }
    lines.add(
        single(
            "K.max",
            Symbol.of("K").lowered("max"),
            new Expr.Maximum(refs("K")),
            Kind.CONTRIBUTION));
  }

  private static Expr contribution(LineId observed, LineId expected) {
    return ref(observed).minus(ref(expected)).squared().over(ref(expected));
  }

  private void statistic() {
    Expr ratios =
        over((observed, expected) -> ref(observed).squared().over(ref(expected)), "O", "E");
    lines.add(
        single("X2", Symbol.of("χ").raised("2"), over((k, _) -> ref(k), "K", "K"), Kind.STATISTIC)
            .checkedBy(Phrase.of("route.squares-over-expected"), ratios.minus(N)));
    lines.add(
        single(
            "df",
            Symbol.of("df"),
            product(ref(LineId.of("r")).minus(number(1)), ref(LineId.of("c")).minus(number(1))),
            Kind.DEGREES_OF_FREEDOM));
  }

  /// Yates' (1934) form; the correction is never larger than the difference itself.
  private void corrected() {
    Evaluation exact = lines.evaluate(new Reading.Exact());
    for (Cell cell : cells) {
      Expr difference = new Expr.Magnitude(ref(at("O", cell)).minus(ref(at("E", cell))));
      Expr shortened = difference.minus(new Expr.Minimum(List.of(HALF, difference)));
      boolean usual = exact.of(at("D", cell)).magnitude().compareTo(Value.ratio(1, 2)) >= 0;
      Expr less = usual ? difference.minus(HALF) : shortened;
      lines.add(
          inCell("K.cc", "K", cell, less.squared().over(ref(at("E", cell))), Kind.CONTRIBUTION)
              .as(Role.OTHER));
    }
    lines.add(
        single(
            "X2.cc",
            Symbol.of("χ").raised("2").lowered("corr"),
            over((k, _) -> ref(k), "K.cc", "K.cc"),
            Kind.STATISTIC));
  }

  /// For 2×2: the same question as a difference of two shares, for the tie z² = χ².
  private void asTwoShares() {
    Expr first = ref(LineId.of("C", 1));
    Expr second = ref(LineId.of("C", 2));
    lines.add(
        single(
            "p1", Symbol.of("p").lowered("1"), ref(LineId.of("O", 1, 1)).over(first), Kind.SHARE));
    lines.add(
        single(
            "p2", Symbol.of("p").lowered("2"), ref(LineId.of("O", 1, 2)).over(second), Kind.SHARE));
    lines.add(
        single(
            "pooled",
            Symbol.of("p").lowered("pooled"),
            ref(LineId.of("R", 1)).over(N),
            Kind.SHARE));
    Expr pooled = ref(LineId.of("pooled"));
    lines.add(
        single(
            "SE0",
            Symbol.of("SE").lowered("0"),
            product(
                    pooled,
                    number(1).minus(pooled),
                    Expr.sum(number(1).over(first), number(1).over(second)))
                .root(),
            Kind.STANDARD_ERROR));
    lines.add(
        single(
            "z",
            Symbol.of("z"),
            ref(LineId.of("p1")).minus(ref(LineId.of("p2"))).over(ref(LineId.of("SE0"))),
            Kind.STATISTIC));
    lines.add(
        single(
                "z.squared",
                Symbol.of("z").raised("2"),
                ref(LineId.of("z")).squared(),
                Kind.STATISTIC)
            .checkedBy(Phrase.of("route.chi-squared"), ref(LineId.of("X2"))));
  }

  private void decision() {
    Expr alpha = ref(LineId.of("alpha"));
    Expr df = ref(LineId.of("df"));
    lines.add(
        single(
                "crit",
                Symbol.of("χ").raised("2").lowered("crit"),
                ChiSquaredCritical.at(alpha, df),
                Kind.CRITICAL)
            .checkedBy(
                Phrase.of("route.library"),
                new Expr.Named(
                    new SecondOpinion(ChiSquaredCritical.INSTANCE), List.of(alpha, df))));
    lines.add(tail("p", Symbol.of("p"), LineId.of("X2")));
    LineId statistic = LineId.of("X2");
    LineId p = LineId.of("p");
    if (table.isTwoByTwo()) {
      lines.add(tail("p.cc", Symbol.of("p").lowered("corr"), LineId.of("X2.cc")));
      statistic = deciding == Deciding.CORRECTED ? LineId.of("X2.cc") : statistic;
      p = deciding == Deciding.CORRECTED ? LineId.of("p.cc") : p;
    }
    lines.add(
        single(
            "decision",
            Symbol.of("decision"),
            new Expr.AtLeast(ref(statistic), ref(LineId.of("crit"))),
            Kind.COUNT));
    lines.add(
        single("decision.p", Symbol.of("decision"), new Expr.AtLeast(alpha, ref(p)), Kind.COUNT));
  }

  private static Line tail(String name, Symbol symbol, LineId statistic) {
    Expr df = ref(LineId.of("df"));
    return single(name, symbol, ChiSquaredUpperTail.at(ref(statistic), df), Kind.P_VALUE)
        .checkedBy(
            Phrase.of("route.library"),
            new Expr.Named(
                new SecondOpinion(ChiSquaredUpperTail.INSTANCE), List.of(ref(statistic), df)));
  }

  /// Standardised and adjusted residuals (Haberman 1973), Cramér's V (1946), Cohen's w (1988).
  private void closerLook() {
    for (Cell cell : cells) {
      lines.add(
          inCell(
              "resid",
              "e",
              cell,
              ref(at("O", cell)).minus(ref(at("E", cell))).over(ref(at("E", cell)).root()),
              Kind.RESIDUAL));
    }
    for (Cell cell : cells) {
      Expr outsideRow = number(1).minus(ref(LineId.of("R", cell.row())).over(N));
      Expr outsideColumn = number(1).minus(ref(LineId.of("C", cell.column())).over(N));
      lines.add(
          inCell(
              "adj",
              "a",
              cell,
              ref(at("O", cell))
                  .minus(ref(at("E", cell)))
                  .over(product(ref(at("E", cell)), outsideRow, outsideColumn).root()),
              Kind.RESIDUAL));
    }
    Expr smallerSide =
        new Expr.Minimum(
            List.of(ref(LineId.of("r")).minus(number(1)), ref(LineId.of("c")).minus(number(1))));
    lines.add(
        single(
            "V",
            Symbol.of("V"),
            ref(LineId.of("X2")).over(product(N, smallerSide)).root(),
            Kind.EFFECT));
    lines.add(single("w", Symbol.of("w"), ref(LineId.of("X2")).over(N).root(), Kind.EFFECT));
  }

  private static Expr datum(int number) {
    return new Expr.Datum(Value.of(number));
  }

  private static LineId at(String family, Cell cell) {
    return LineId.of(family, cell.row(), cell.column());
  }

  private List<Expr> refs(String family) {
    return cells.stream().map(cell -> ref(at(family, cell))).toList();
  }

  /// A sum over all cells of a term in two families.
  private Expr over(BiFunction<LineId, LineId, Expr> term, String one, String other) {
    Expr general = term.apply(LineId.general(one, "i", "j"), LineId.general(other, "i", "j"));
    return new Expr.Total(
        general,
        "ij",
        cells.stream().map(cell -> term.apply(at(one, cell), at(other, cell))).toList());
  }

  private Expr rowSum(String family, int row) {
    return along(
        "j",
        LineId.general(family, Integer.toString(row), "j"),
        table.columns().size(),
        j -> LineId.of(family, row, j));
  }

  private Expr columnSum(String family, int column) {
    return along(
        "i",
        LineId.general(family, "i", Integer.toString(column)),
        table.rows().size(),
        i -> LineId.of(family, i, column));
  }

  private static Expr sumOver(String index, String family, int members) {
    return along(index, LineId.general(family, index), members, k -> LineId.of(family, k));
  }

  private static Expr along(
      String index, LineId general, int members, Function<Integer, LineId> id) {
    return new Expr.Total(
        ref(general),
        index,
        IntStream.rangeClosed(1, members).mapToObj(k -> ref(id.apply(k))).toList());
  }

  private Line inCell(String name, String letter, Cell cell, Expr formula, Kind kind) {
    LineId id = at(name, cell);
    Phrase place =
        Phrase.of("place.cell")
            .with("row", table.rows().get(cell.row() - 1))
            .with("column", table.columns().get(cell.column() - 1));
    Symbol symbol = Symbol.of(letter).at(id.index());
    return new Line(id, name.equals("K.cc") ? symbol.raised("corr") : symbol, place, formula, kind);
  }

  private Line inRow(String name, int row, Expr formula, Kind kind) {
    return inMargin(name, row, table.rows().get(row - 1), formula, kind);
  }

  private Line inColumn(String name, int column, Expr formula, Kind kind) {
    return inMargin(name, column, table.columns().get(column - 1), formula, kind);
  }

  private static Line inMargin(String name, int position, String label, Expr formula, Kind kind) {
    LineId id = LineId.of(name, position);
    Symbol symbol =
        switch (name) {
          case "E.R" -> Symbol.of("R").raised("E").at(id.index());
          case "E.C" -> Symbol.of("C").raised("E").at(id.index());
          default -> Symbol.of(name).at(id.index());
        };
    return new Line(id, symbol, Phrase.of("place.margin").with("label", label), formula, kind);
  }

  private static Line single(String name, Symbol symbol, Expr formula, Kind kind) {
    return new Line(LineId.of(name), symbol, Phrase.of("family." + name), formula, kind);
  }
}
