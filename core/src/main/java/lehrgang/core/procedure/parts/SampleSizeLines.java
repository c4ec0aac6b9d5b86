package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.math.BigInteger;
import java.util.List;
import java.util.function.UnaryOperator;
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
    HALF(".half", "½"),
    DOUBLE(".double", "2×");

    private final String suffix;
    private final String mark;

    Size(String suffix, String mark) {
      this.suffix = suffix;
      this.mark = mark;
    }

    /// The id of what a line becomes in this sample.
    public String of(String id) {
      return id + suffix;
    }

    /// The symbol of what a line becomes in this sample.
    public Symbol of(Symbol symbol) {
      return symbol.lowered(mark);
    }

    /// An even count in this sample.
    public Expr times(Expr count) {
      return this == DOUBLE ? product(number(2), count) : count.over(number(2));
    }

    /// What grows in step with the sample's size, `n`.
    Expr inStep(Expr number, String n) {
      return this == DOUBLE ? times(number) : product(number, line(of("n")).over(line(n)));
    }

    /// What grows with the root of the sample's size, `n`.
    Expr withRoot(Expr number, String n) {
      return this == DOUBLE
          ? product(number(2).root(), number)
          : product(number, line(of("n")).over(line(n)).root());
    }
  }

  private SampleSizeLines() {}

  /// Adds the size of a sample: half of an odd number is rounded down, for there are no half
  /// observations.
  private static void addSize(Lines lines, Size size, String n) {
    boolean roundsDown = size == Size.HALF && isOdd(lines, n);
    Expr count = roundsDown ? line(n).minus(number(1)) : line(n);
    lines.add(single(size.of("n"), size.of(Symbol.of("n")), size.times(count), Kind.COUNT));
  }

  private static boolean isOdd(Lines lines, String n) {
    return count(lines, line(n)).testBit(0);
  }

  /// A number of observations, which is a sum of counts.
  private static BigInteger count(Lines lines, Expr sum) {
    return switch (sum) {
      case Expr.Ref(var id) -> count(lines, lines.line(id).formula());
      case Expr.Datum(var value, _) -> value.decimal().toBigIntegerExact();
      case Expr.Sum _, Expr.Total _ ->
          sum.parts().stream()
              .map(part -> count(lines, part))
              .reduce(BigInteger.ZERO, BigInteger::add);
      default -> throw new IllegalArgumentException("not a sum of counts: " + sum);
    };
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
              size.inStep(line("X2"), "n"),
              Kind.STATISTIC));
      ChiSquaredDecision.addTail(lines, size.of("p"), size.of(Symbol.of("p")), size.of("X2"));
    }
  }

  /// Adds both for a corrected chi-squared statistic; `n`, `df` and the statistic come before them.
  ///
  /// @param corrected the statistic's formula where every count is multiplied by a factor
  public static void addCorrectedTo(Lines lines, UnaryOperator<Expr> corrected) {
    lines.begin("closer-look");
    for (Size size : Size.values()) {
      addSize(lines, size, "n");
      Expr factor = size == Size.DOUBLE ? number(2) : line(size.of("n")).over(line("n"));
      lines.add(
          single(
              size.of("X2.cc"),
              Symbol.of("χ").raised("2").lowered("corr, " + size.mark),
              corrected.apply(factor),
              Kind.STATISTIC));
      ChiSquaredDecision.addTail(
          lines, size.of("p.cc"), Symbol.of("p").lowered("corr, " + size.mark), size.of("X2.cc"));
    }
  }

  /// Adds both for a corrected z statistic; the sample's size and the statistic come before them.
  ///
  /// @param n         the line of the sample's size
  /// @param corrected the statistic's formula where every count is multiplied by a factor
  public static void addCorrectedTo(
      Lines lines, String n, NormalDecision deciding, UnaryOperator<Expr> corrected) {
    lines.begin("closer-look");
    for (Size size : Size.values()) {
      addSize(lines, size, n);
      Expr factor = size == Size.DOUBLE ? number(2) : line(size.of("n")).over(line(n));
      lines.add(
          single(
              size.of("z.cc"),
              Symbol.of("z").lowered("corr, " + size.mark),
              corrected.apply(factor),
              Kind.STATISTIC));
      lines.add(
          deciding.tail(
              size.of("p.cc"), Symbol.of("p").lowered("corr, " + size.mark), size.of("z.cc")));
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
          single(
              size.of("z"), size.of(Symbol.of("z")), size.withRoot(line("z"), n), Kind.STATISTIC);
      lines.add(z);
      lines.add(deciding.tail(size.of("p"), size.of(Symbol.of("p")), size.of("z")));
    }
  }

  /// The three side by side, for a chi-squared statistic.
  public static Block table(Lines lines) {
    return table(lines, "n", "X2", Symbol.of("χ").raised("2"));
  }

  /// The three side by side, for the statistic that decides.
  ///
  /// @param n the line of the sample's size
  public static Block table(Lines lines, String n, ChiSquaredDecision deciding) {
    Symbol letter = Symbol.of("χ").raised("2");
    return deciding.isCorrected()
        ? corrected(lines, n, "X2.cc", letter)
        : table(lines, n, "X2", letter);
  }

  /// The three side by side, for the statistic that decides.
  ///
  /// @param n the line of the sample's size
  public static Block table(Lines lines, String n, NormalDecision deciding) {
    return deciding.isCorrected()
        ? corrected(lines, n, "z.cc", Symbol.of("z"))
        : table(lines, n, "z", Symbol.of("z"));
  }

  private static Block corrected(Lines lines, String n, String statistic, Symbol letter) {
    return table(
        lines, n, statistic, letter.lowered("corr"), "p.cc", Symbol.of("p").lowered("corr"));
  }

  /// The three side by side.
  ///
  /// @param n         the line of the sample's size
  /// @param statistic the line of the statistic
  public static Block table(Lines lines, String n, String statistic, Symbol letter) {
    return table(lines, n, statistic, letter, "p", Symbol.of("p"));
  }

  private static Block table(
      Lines lines, String n, String statistic, Symbol letter, String p, Symbol pLetter) {
    return table(
        List.of(
            Phrase.of(isOdd(lines, n) ? "sample-size.half.rounded" : "sample-size.half"),
            Phrase.of("sample-size.own"),
            Phrase.of("sample-size.double")),
        List.of(Phrase.symbol(Symbol.of("n")), Phrase.symbol(letter), Phrase.symbol(pLetter)),
        List.of(
            row(Size.HALF, statistic, p),
            List.of(LineId.of(n), LineId.of(statistic), LineId.of(p)),
            row(Size.DOUBLE, statistic, p)));
  }

  /// A table of samples of other sizes.
  public static Block table(List<Phrase> rows, List<Phrase> columns, List<List<LineId>> cells) {
    return new Block.Tables(
        List.of(CellTable.plain(Phrase.of("table.sample-size"), rows, columns, cells)));
  }

  private static List<LineId> row(Size size, String statistic, String p) {
    return List.of(LineId.of(size.of("n")), LineId.of(size.of(statistic)), LineId.of(size.of(p)));
  }
}
