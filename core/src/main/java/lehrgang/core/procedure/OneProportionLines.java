package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.LineWriter.datum;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import lehrgang.core.data.SharesTable.Group;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.NormalDecision.Alternative;

/// The numbers of a test of one claimed share, each with its one formula.
final class OneProportionLines {
  /// Above this many trials the exact sum has too many terms to be shown or checked.
  static final long MOST_EXACT = 1000;

  private OneProportionLines() {}

  static Lines of(Group group, Rational level, Rational claimed, NormalDecision deciding) {
    Lines lines = new Lines();
    lines.add(single("x", Symbol.of("x"), datum(group.successes()), Kind.COUNT).as(Role.OBSERVED));
    lines.add(single("n", Symbol.of("n"), datum(group.trials()), Kind.COUNT).as(Role.GRAND_TOTAL));
    lines.add(LineWriter.level(level));
    Expr p0 = line("p0");
    Expr others = number(1).minus(p0);
    lines.add(
        single("p0", Symbol.of("p").lowered("0"), new Expr.Datum(claimed), Kind.CLAIM)
            .as(Role.ROW_TOTAL));
    lines.add(
        single("phat", Symbol.of("p̂"), line("x").over(line("n")), Kind.SHARE).as(Role.EXPECTED));
    lines.add(
        single("E.yes", Symbol.of("E").lowered("yes"), product(line("n"), p0), Kind.EXPECTED));
    lines.add(
        single("E.no", Symbol.of("E").lowered("no"), product(line("n"), others), Kind.EXPECTED));
    lines.add(
        single(
            "SE0",
            Symbol.of("SE").lowered("0"),
            product(p0, others).over(line("n")).root(),
            Kind.STANDARD_ERROR));
    lines.add(
        single("z", Symbol.of("z"), line("phat").minus(p0).over(line("SE0")), Kind.STATISTIC)
            .checkedBy(
                lehrgang.core.wording.Phrase.of("route.counts"),
                line("x").minus(line("E.yes")).over(product(line("n"), p0, others).root())));
    deciding.addTo(lines);
    exact(lines, group, claimed, deciding.alternative());
    intervals(lines);
    ShareLines.addEffect(lines, "phat", "p0");
    ShareLines.addSampleSizes(lines, "n", deciding);
    return lines;
  }

  private static void exact(Lines lines, Group group, Rational claimed, Alternative alternative) {
    if (group.trials() <= MOST_EXACT) {
      ExactOutcomes.binomial((int) group.trials(), claimed, alternative, (int) group.successes())
          .addTo(lines, line("n"), line("p0"), "p.exact");
    }
  }

  /// Wald's interval, from the observed share and its own standard error, and Wilson's.
  private static void intervals(Lines lines) {
    Expr phat = line("phat");
    lines.add(
        single(
            "SE",
            Symbol.of("SE"),
            product(phat, number(1).minus(phat)).over(line("n")).root(),
            Kind.STANDARD_ERROR));
    lines.add(NormalDecision.quantile());
    Expr reach = product(line("z.ci"), line("SE"));
    lines.add(single("wald.low", Symbol.of("p").lowered("low"), phat.minus(reach), Kind.SHARE));
    lines.add(
        single("wald.high", Symbol.of("p").lowered("high"), Expr.sum(phat, reach), Kind.SHARE));
    ShareLines.addWilson(lines, "wilson", "phat", "n", "W, ");
  }
}
