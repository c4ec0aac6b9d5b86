package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// The same shares in half as many and in twice as many observations: the statistic grows with n,
/// and so this shows how much of a verdict is sample size.
public final class SampleSizeLines {
  /// A sample of another size.
  public enum Size {
    HALF(".half", "½", number(1).over(number(2)), number(1).over(number(2).root())),
    DOUBLE(".double", "2×", number(2), number(2).root());

    private final String suffix;
    private final String mark;
    private final Expr factor;
    private final Expr root;

    Size(String suffix, String mark, Expr factor, Expr root) {
      this.suffix = suffix;
      this.mark = mark;
      this.factor = factor;
      this.root = root;
    }

    /// The id of what a line becomes in this sample.
    public String of(String id) {
      return id + suffix;
    }

    /// The symbol of what a line becomes in this sample.
    public Symbol of(Symbol symbol) {
      return symbol.lowered(mark);
    }

    /// A count in this sample.
    public Expr times(Expr count) {
      return product(factor, count);
    }

    /// What grows with the root of the sample's size.
    Expr timesRoot(Expr number) {
      return this == HALF ? number.over(number(2).root()) : product(root, number);
    }
  }

  private SampleSizeLines() {}

  /// Adds the sizes of both samples.
  private static void addSize(Lines lines, Size size, String n) {
    lines.add(single(size.of("n"), size.of(Symbol.of("n")), size.times(line(n)), Kind.COUNT));
  }

  /// Adds both for a chi-squared statistic; `n`, `X2`, `df` and `p` come before them.
  public static void addTo(Lines lines) {
    lines.begin("closer-look");
    for (Size size : Size.values()) {
      addSize(lines, size, "n");
      lines.add(
          single(
              size.of("X2"),
              size.of(Symbol.of("χ").raised("2")),
              size.times(line("X2")),
              Kind.STATISTIC));
      ChiSquaredDecision.addTail(lines, size.of("p"), size.of(Symbol.of("p")), size.of("X2"));
    }
  }

  /// Adds both for a z statistic, which grows with √n; `z` comes before them.
  ///
  /// @param n the line of the sample's size
  public static void addTo(Lines lines, String n, NormalDecision deciding) {
    lines.begin("closer-look");
    for (Size size : Size.values()) {
      addSize(lines, size, n);
      Line z =
          single(size.of("z"), size.of(Symbol.of("z")), size.timesRoot(line("z")), Kind.STATISTIC);
      lines.add(z);
      lines.add(deciding.tail(size.of("p"), size.of(Symbol.of("p")), size.of("z")));
    }
  }

  /// The three side by side, for a chi-squared statistic.
  public static Block table() {
    return table("n", "X2", "χ²");
  }

  /// The three side by side.
  ///
  /// @param n         the line of the sample's size
  /// @param statistic the line of the statistic
  public static Block table(String n, String statistic, String letter) {
    return table(
        List.of(
            Phrase.of("sample-size.half"),
            Phrase.of("sample-size.own"),
            Phrase.of("sample-size.double")),
        List.of(Phrase.label("n"), Phrase.label(letter), Phrase.label("p")),
        List.of(
            row(Size.HALF, statistic),
            List.of(LineId.of(n), LineId.of(statistic), LineId.of("p")),
            row(Size.DOUBLE, statistic)));
  }

  /// A table of samples of other sizes.
  public static Block table(List<Phrase> rows, List<Phrase> columns, List<List<LineId>> cells) {
    return new Block.Tables(
        List.of(CellTable.plain(Phrase.of("table.sample-size"), rows, columns, cells)));
  }

  private static List<LineId> row(Size size, String statistic) {
    return List.of(LineId.of(size.of("n")), LineId.of(size.of(statistic)), LineId.of(size.of("p")));
  }
}
