package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The odds ratio of a 2 × 2 table with Woolf's (1955) interval on the scale of logarithms; none
/// where a cell is empty.
public final class OddsRatioLines {
  private static final Expr A = Expr.ref(LineId.of("O", 1, 1));
  private static final Expr B = Expr.ref(LineId.of("O", 1, 2));
  private static final Expr C = Expr.ref(LineId.of("O", 2, 1));
  private static final Expr D = Expr.ref(LineId.of("O", 2, 2));

  private static final LineId LOW = LineId.of("OR.low");
  private static final LineId HIGH = LineId.of("OR.high");

  private OddsRatioLines() {}

  /// Adds them to the step begun last; `O` comes before them.
  public static void addTo(Lines lines, TwoWayTable table) {
    if (table.counts().stream().flatMap(List::stream).anyMatch(count -> count == 0)) {
      lines.add(
          single(
              "OR.half",
              Symbol.of("OR").lowered("+½"),
              Formulas.oddsRatio(more(A), more(B), more(C), more(D)),
              Kind.EFFECT));
      return;
    }
    lines.add(single("OR", Symbol.of("OR"), Formulas.oddsRatio(A, B, C, D), Kind.EFFECT));
    lines.add(
        single(
            "OR.SE",
            Symbol.of("SE").lowered("ln OR"),
            Formulas.errorOfLogOddsRatio(A, B, C, D),
            Kind.STANDARD_ERROR));
    addInterval(lines);
  }

  /// A count with ½ added (Haldane 1956; Anscombe 1956).
  private static Expr more(Expr count) {
    return Expr.sum(count, number(1).over(number(2)));
  }

  /// The interval of an odds ratio on the scale of logarithms; `OR` and `OR.SE` come before it.
  public static void addInterval(Lines lines) {
    lines.add(NormalDecision.quantile());
    Expr logarithm = new Expr.NaturalLog(line("OR"));
    Expr reach = Expr.product(line("z.ci"), line("OR.SE"));
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

  /// The odds ratio worked out, or why there is none; nothing for a larger table.
  ///
  /// @param tested whether the test is two-sided, so that its decision can be compared
  public static List<Block> blocks(Lines lines, Decided decided, boolean tested, Sentences say) {
    if (lines.hasFamily("OR.half")) {
      return List.of(
          say.prose("closer-look.odds-ratio.none"), Block.Working.of(LineId.of("OR.half")));
    }
    if (!lines.hasFamily("OR")) {
      return List.of();
    }
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.odds-ratio"));
    blocks.add(Block.Working.of(LineId.of("OR")));
    blocks.add(
        new Block.Prose(
            say.phrase("closer-look.odds-ratio.error")
                .with("confidence", new Phrase.Confidence(CommonSteps.LEVEL))));
    blocks.add(Block.Working.of(LineId.of("OR.SE")));
    blocks.add(Block.Working.of(LineId.of("z.ci")));
    blocks.add(Block.Working.of(LOW));
    blocks.add(Block.Working.of(HIGH));
    blocks.add(
        new Block.Prose(
            ShareLines.inWords(
                say.phrase("closer-look.odds-ratio.words").with("ratio", LineId.of("OR")),
                new Phrase.Number(LOW),
                new Phrase.Number(HIGH))));
    if (isSmall(lines, decided.values())) {
      blocks.add(
          say.remark(Block.Tone.WARNING, "closer-look.odds-ratio.imprecise")
              .because(lines.family("O").toArray(LineId[]::new)));
    }
    if (tested) {
      blocks.addAll(
          IntervalsAndTests.disagreement(
              decided, LOW, HIGH, IntervalsAndTests.Stated.of(1), ".odds-ratio"));
    }
    return blocks;
  }

  /// Whether a count is below 5: Woolf's interval is then a rough approximation.
  private static boolean isSmall(Lines lines, Evaluation values) {
    return lines.family("O").stream()
        .flatMap(id -> values.find(id).stream())
        .anyMatch(count -> count.compareTo(Value.of(5)) < 0);
  }
}
