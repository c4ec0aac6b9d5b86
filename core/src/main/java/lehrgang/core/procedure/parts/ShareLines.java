package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.data.SharesTable;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// What procedures about shares have in common: their table, their intervals, their effect.
public final class ShareLines {
  private ShareLines() {}

  /// The typed table: a group a row, with its successes and its trials.
  ///
  /// @param cells a row for each group
  public static CellTable table(List<SharesTable.Group> groups, List<List<LineId>> cells) {
    return CellTable.plain(
        Phrase.of("table.observed.plain"),
        groups.stream().map(group -> Phrase.label(group.label())).toList(),
        List.of(
            Phrase.of("column." + TableEntry.SUCCESSES), Phrase.of("column." + TableEntry.TRIALS)),
        cells);
  }

  /// Adds an interval around an estimate, so many standard errors to either side; `z.ci` and `SE`
  /// come before it.
  ///
  /// @param prefix of the lines' names, such as `ci`
  public static void addInterval(Lines lines, String prefix, Symbol symbol, String estimate) {
    Expr reach = product(line("z.ci"), line("SE"));
    lines.add(
        single(prefix + ".low", symbol.lowered("low"), line(estimate).minus(reach), Kind.SHARE));
    lines.add(
        single(
            prefix + ".high", symbol.lowered("high"), Expr.sum(line(estimate), reach), Kind.SHARE));
  }

  /// A sentence about two proportions that says which of them is greater.
  ///
  /// @param sentence to whose key `.greater`, `.less` or `.equal` is added
  public static Phrase compared(Phrase sentence, Evaluation values, LineId first, LineId second) {
    int order = values.compare(first, second);
    return sentence
        .ending(order > 0 ? ".greater" : order < 0 ? ".less" : ".equal")
        .with("p1", new Phrase.Compared(first, second))
        .with("p2", new Phrase.Compared(second, first));
  }

  /// The workings of such an interval: standard error, point of the curve and both ends.
  public static List<Block> workings(LineId low, LineId high) {
    return List.of(
        Block.Working.of(LineId.of("SE")),
        Block.Working.of(LineId.of("z.ci")),
        Block.Working.of(low),
        Block.Working.of(high));
  }

  /// An interval in words, with its confidence.
  ///
  /// @param low  how its lower end is said
  /// @param high how its upper end is said
  public static Phrase inWords(Phrase words, Phrase.Filling low, Phrase.Filling high) {
    return words
        .with("confidence", new Phrase.Confidence(CommonSteps.LEVEL))
        .with("low", low)
        .with("high", high);
  }

  /// Wilson's (1927) interval: the shares that a two-sided z test at the level α would not reject.
  ///
  /// @param share  the line of the observed share
  /// @param trials the line of its trials
  public static void addWilson(Lines lines, String share, String trials) {
    Symbol symbol = Symbol.of("p");
    lines.add(
        single(
            "wilson.low",
            symbol.lowered("W, low"),
            wilson(share, trials, "z.ci", Alternative.GREATER),
            Kind.SHARE));
    lines.add(
        single(
            "wilson.high",
            symbol.lowered("W, high"),
            wilson(share, trials, "z.ci", Alternative.LESS),
            Kind.SHARE));
  }

  /// The bound that goes with a one-sided test: just those shares beyond it the test would not
  /// reject. `z.bound` comes before it.
  ///
  /// @param side on which H₁ looks: a lower bound for `GREATER`
  public static void addBound(Lines lines, String share, String trials, Alternative side) {
    lines.add(
        single(
            "bound",
            Symbol.of("p").lowered("bound"),
            wilson(share, trials, "z.bound", side),
            Kind.SHARE));
  }

  /// One end of Wilson's interval: the lower one for `GREATER`.
  ///
  /// @param share  the line of the observed share
  /// @param trials the line of its trials
  /// @param point  the line of the normal quantile
  public static Expr wilson(String share, String trials, String point, Alternative side) {
    Expr p = line(share);
    Expr n = line(trials);
    Expr square = line(point).squared();
    Expr middle = Expr.sum(p, square.over(product(number(2), n)));
    Expr reach =
        product(
            line(point),
            Expr.sum(Formulas.varianceOfShare(p, n), square.over(product(number(4), n.squared())))
                .root());
    Expr above = side == Alternative.GREATER ? middle.minus(reach) : Expr.sum(middle, reach);
    return above.over(Expr.sum(number(1), square.over(n)));
  }

  /// Cohen's (1988) *h*, the distance between two shares on a scale on which equal distances are
  /// equally hard to detect.
  ///
  /// @param share the line of one share
  /// @param other the line of the share it is compared with
  public static void addEffect(Lines lines, String share, String other) {
    lines.begin("closer-look");
    lines.add(single("h", Symbol.of("h"), angle(share).minus(angle(other)), Kind.EFFECT));
  }

  /// The effect, worked out and in words.
  public static List<Block> effect(Decided decided, Sentences say) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.effect.h"));
    blocks.add(Block.Working.of(LineId.of("h")));
    blocks.addAll(EffectInWords.H.of(decided, say));
    return blocks;
  }

  private static Expr angle(String share) {
    return product(number(2), new Expr.Arcsine(line(share).root()));
  }
}
