package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.data.SharesTable;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// What procedures about shares have in common: their table, Wilson's interval, other sample sizes.
final class ShareLines {
  /// The lines of a closer look at shares.
  static final String[] CLOSER_LOOK = {
    "h", "n.half", "z.half", "p.half", "n.double", "z.double", "p.double"
  };

  private ShareLines() {}

  /// The typed table: a group a row, with its successes and its trials.
  static CellTable table(List<SharesTable.Group> groups, List<List<LineId>> cells) {
    return CellTable.plain(
        Phrase.of("table.observed.plain"),
        groups.stream().map(group -> Phrase.label(group.label())).toList(),
        List.of(
            Phrase.of("column." + TableEntry.SUCCESSES), Phrase.of("column." + TableEntry.TRIALS)),
        cells);
  }

  /// Wilson's (1927) interval: the shares that a z test at the level α would not reject.
  ///
  /// @param prefix of the lines' names, such as `wilson`
  /// @param share  the line of the observed share
  /// @param trials the line of its trials
  /// @param mark   of the symbols
  static void addWilson(Lines lines, String prefix, String share, String trials, String mark) {
    Expr p = line(share);
    Expr n = line(trials);
    Expr square = line("z.ci").squared();
    Expr below = Expr.sum(number(1), square.over(n));
    Expr middle = Expr.sum(p, square.over(product(number(2), n)));
    Expr reach =
        product(
            line("z.ci"),
            Expr.sum(
                    product(p, number(1).minus(p)).over(n),
                    square.over(product(number(4), n.squared())))
                .root());
    Symbol symbol = Symbol.of("p");
    lines.add(
        single(
            prefix + ".low",
            symbol.lowered(mark + "low"),
            middle.minus(reach).over(below),
            Kind.SHARE));
    lines.add(
        single(
            prefix + ".high",
            symbol.lowered(mark + "high"),
            Expr.sum(middle, reach).over(below),
            Kind.SHARE));
  }

  /// The statistic in samples half and twice the size, with the same shares: z grows with √n.
  static void addSampleSizes(Lines lines, String trials, NormalDecision deciding) {
    lines.add(
        single(
            "n.half",
            Symbol.of("n").lowered("½"),
            product(number(1).over(number(2)), line(trials)),
            Kind.COUNT));
    lines.add(
        single(
            "z.half",
            Symbol.of("z").lowered("½"),
            line("z").over(number(2).root()),
            Kind.STATISTIC));
    lines.add(deciding.tail("p.half", Symbol.of("p").lowered("½"), "z.half"));
    lines.add(
        single(
            "n.double",
            Symbol.of("n").lowered("2×"),
            product(number(2), line(trials)),
            Kind.COUNT));
    lines.add(
        single(
            "z.double",
            Symbol.of("z").lowered("2×"),
            product(number(2).root(), line("z")),
            Kind.STATISTIC));
    lines.add(deciding.tail("p.double", Symbol.of("p").lowered("2×"), "z.double"));
  }

  /// Cohen's (1988) *h*, the distance between two shares on a scale on which equal distances are
  /// equally hard to detect.
  ///
  /// @param share the line of one share
  /// @param other the line of the share it is compared with
  static void addEffect(Lines lines, String share, String other) {
    lines.add(single("h", Symbol.of("h"), angle(share).minus(angle(other)), Kind.EFFECT));
  }

  /// The effect, worked out and in words.
  static List<Block> effect(Lines lines, Decided decided, Sentences say) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.effect.h"));
    blocks.add(Block.Working.of(LineId.of("h")));
    blocks.addAll(EffectInWords.H.of(lines, decided, say));
    return blocks;
  }

  private static Expr angle(String share) {
    return product(number(2), new Expr.Arcsine(line(share).root()));
  }
}
