package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.LineWriter.datum;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.named;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import lehrgang.core.data.SharesTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Role;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.wording.Phrase;

/// The numbers of a comparison of two shares, each with its one formula.
final class TwoProportionsLines {
  private final SharesTable table;
  private final Rational difference;
  private final Lines lines = new Lines();

  private TwoProportionsLines(SharesTable table, Rational difference) {
    this.table = table;
    this.difference = difference;
  }

  /// @param difference that H₀ states
  /// @param continuity `plain` or `corrected`
  static Lines of(
      SharesTable table,
      Rational level,
      Rational difference,
      NormalDecision deciding,
      String continuity) {
    TwoProportionsLines shares = new TwoProportionsLines(table, difference);
    shares.groups();
    shares.lines.add(LineWriter.level(level));
    shares.errors();
    shares.statistic(continuity);
    boolean corrected = continuity.equals("corrected");
    deciding.addTo(shares.lines, corrected ? "z.cc" : "z", corrected ? "p.cc" : "p");
    shares.tieToChiSquared();
    shares.interval();
    ShareLines.addEffect(shares.lines, "p1", "p2");
    ShareLines.addSampleSizes(shares.lines, "N", deciding);
    return shares.lines;
  }

  private static boolean isZero(Rational difference) {
    return difference.signum() == 0;
  }

  private void groups() {
    for (int i = 1; i <= 2; i++) {
      SharesTable.Group group = table.groups().get(i - 1);
      lines.add(
          ofGroup("x", i, datum(group.successes()), Kind.COUNT, group.label()).as(Role.OBSERVED));
      lines.add(
          ofGroup("n", i, datum(group.trials()), Kind.COUNT, group.label()).as(Role.COLUMN_TOTAL));
    }
    lines.add(
        single("N", Symbol.of("N"), Expr.sum(line("n1"), line("n2")), Kind.COUNT)
            .as(Role.GRAND_TOTAL));
    for (int i = 1; i <= 2; i++) {
      lines.add(
          ofGroup(
                  "p",
                  i,
                  line("x" + i).over(line("n" + i)),
                  Kind.SHARE,
                  table.groups().get(i - 1).label())
              .as(Role.EXPECTED));
    }
    lines.add(single("diff", Symbol.of("D"), line("p1").minus(line("p2")), Kind.SHARE));
    lines.add(single("d0", Symbol.of("D").lowered("0"), new Expr.Datum(difference), Kind.CLAIM));
  }

  private static Line ofGroup(String name, int group, Expr formula, Kind kind, String label) {
    return new Line(
        LineId.of(name + group),
        Symbol.of(name).lowered(Integer.toString(group)),
        Phrase.label(label),
        formula,
        kind);
  }

  /// The pooled error, right if the shares are the same, and the error without that assumption.
  private void errors() {
    lines.add(
        single(
                "pooled",
                Symbol.of("p").lowered("pooled"),
                Expr.sum(line("x1"), line("x2")).over(line("N")),
                Kind.SHARE)
            .as(Role.ROW_TOTAL));
    Expr pooled = line("pooled");
    Expr rest = number(1).minus(pooled);
    for (int i = 1; i <= 2; i++) {
      String label = table.groups().get(i - 1).label();
      lines.add(
          ofGroup("E.yes", i, product(line("n" + i), pooled), Kind.EXPECTED, label)
              .written(Symbol.of("E").lowered("yes, " + i)));
      lines.add(
          ofGroup("E.no", i, product(line("n" + i), rest), Kind.EXPECTED, label)
              .written(Symbol.of("E").lowered("no, " + i)));
    }
    Expr inverses = Expr.sum(number(1).over(line("n1")), number(1).over(line("n2")));
    lines.add(
        single(
            "SE0",
            Symbol.of("SE").lowered("0"),
            product(pooled, rest, inverses).root(),
            Kind.STANDARD_ERROR));
    lines.add(
        single(
            "SE", Symbol.of("SE"), Expr.sum(variance(1), variance(2)).root(), Kind.STANDARD_ERROR));
  }

  private static Expr variance(int group) {
    Expr share = line("p" + group);
    return product(share, number(1).minus(share)).over(line("n" + group));
  }

  private void statistic(String continuity) {
    Expr excess = isZero(difference) ? line("diff") : line("diff").minus(line("d0"));
    Expr error = line(isZero(difference) ? "SE0" : "SE");
    lines.add(single("z", Symbol.of("z"), excess.over(error), Kind.STATISTIC));
    if (!continuity.equals("corrected")) {
      return;
    }
    lines.add(
        single(
            "cc",
            Symbol.of("c"),
            product(
                number(1).over(number(2)),
                Expr.sum(number(1).over(line("n1")), number(1).over(line("n2")))),
            Kind.SHARE));
    int sign = lines.evaluate(new Reading.Exact()).of("z").signum();
    Expr size = new Expr.Magnitude(excess);
    Expr shorter = new Expr.Maximum(List.of(size.minus(line("cc")), number(0))).over(error);
    lines.add(
        single(
            "z.cc",
            Symbol.of("z").lowered("corr"),
            sign < 0 ? new Expr.Negative(shorter) : shorter,
            Kind.STATISTIC));
  }

  /// The plain chi-squared statistic of the same four counts, and its p-value.
  private void tieToChiSquared() {
    Expr failures1 = line("n1").minus(line("x1"));
    Expr failures2 = line("n2").minus(line("x2"));
    Expr cross = product(line("x1"), failures2).minus(product(line("x2"), failures1));
    Expr successes = Expr.sum(line("x1"), line("x2"));
    lines.add(
        single(
            "z.squared",
            Symbol.of("z").raised("2"),
            line("diff").over(line("SE0")).squared(),
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

  private void interval() {
    lines.add(NormalDecision.quantile());
    Expr reach = product(line("z.ci"), line("SE"));
    lines.add(
        single("ci.low", Symbol.of("D").lowered("low"), line("diff").minus(reach), Kind.SHARE));
    lines.add(
        single(
            "ci.high", Symbol.of("D").lowered("high"), Expr.sum(line("diff"), reach), Kind.SHARE));
    ShareLines.addWilson(lines, "p1", "p1", "n1", "1, ");
    ShareLines.addWilson(lines, "p2", "p2", "n2", "2, ");
  }
}
