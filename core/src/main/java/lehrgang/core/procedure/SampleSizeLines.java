package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// The same shares in half as many and in twice as many observations: the statistic grows with n,
/// and
/// so
/// this shows how much of a verdict is sample size.
final class SampleSizeLines {
  private SampleSizeLines() {}

  /// Adds both; `n`, `X2`, `df` and `p` come before them.
  static void addTo(Lines lines) {
    add(lines, ".half", "½", number(1).over(number(2)));
    add(lines, ".double", "2×", number(2));
  }

  private static void add(Lines lines, String suffix, String mark, Expr factor) {
    lines.add(
        single("n" + suffix, Symbol.of("n").lowered(mark), product(factor, line("n")), Kind.COUNT));
    lines.add(
        single(
            "X2" + suffix,
            Symbol.of("χ").raised("2").lowered(mark),
            product(factor, line("X2")),
            Kind.STATISTIC));
    ChiSquaredDecision.addTail(lines, "p" + suffix, Symbol.of("p").lowered(mark), "X2" + suffix);
  }

  /// The three side by side, for a chi-squared statistic.
  static Block table() {
    return table("n", "X2", "χ²");
  }

  /// The three side by side.
  ///
  /// @param size   the line of the sample's size
  /// @param family the statistic's
  static Block table(String size, String family, String letter) {
    return new Block.Tables(
        List.of(
            CellTable.plain(
                Phrase.of("table.sample-size"),
                List.of(
                    Phrase.of("sample-size.half"),
                    Phrase.of("sample-size.own"),
                    Phrase.of("sample-size.double")),
                List.of(Phrase.label("n"), Phrase.label(letter), Phrase.label("p")),
                List.of(
                    List.of(LineId.of("n.half"), LineId.of(family + ".half"), LineId.of("p.half")),
                    List.of(LineId.of(size), LineId.of(family), LineId.of("p")),
                    List.of(
                        LineId.of("n.double"),
                        LineId.of(family + ".double"),
                        LineId.of("p.double"))))));
  }
}
