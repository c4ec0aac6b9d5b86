package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.named;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.distribution.NormalCritical;
import lehrgang.core.distribution.NormalTail;
import lehrgang.core.distribution.SecondOpinion;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// How a z statistic is judged by the standard normal curve: critical value, p-value and decision,
/// as lines and as steps of the page.
///
/// @param alternative the side on which H₁ looks
/// @param statistic   the line that decides
/// @param p           its p-value
public record NormalDecision(Alternative alternative, LineId statistic, LineId p) {
  /// The plain statistic.
  public static final LineId Z = LineId.of("z");
  /// The p-value of the plain statistic.
  public static final LineId PLAIN_P = LineId.of("p");
  private static final LineId CRITICAL = LineId.of("crit");
  private static final LineId ALPHA = CommonSteps.LEVEL;

  /// The plain statistic decides.
  public static NormalDecision plain(Alternative alternative) {
    return new NormalDecision(alternative, Z, PLAIN_P);
  }

  /// The statistic with continuity correction decides.
  public static NormalDecision corrected(Alternative alternative) {
    return new NormalDecision(alternative, LineId.of("z.cc"), LineId.of("p.cc"));
  }

  /// Whether a corrected statistic decides.
  public boolean isCorrected() {
    return !statistic.equals(Z);
  }

  /// The point for an interval at the confidence 1 − α.
  public static Line quantile() {
    return named(
        "z.ci",
        Symbol.of("z").lowered("ci"),
        NormalCritical.INSTANCE,
        List.of(line("alpha").over(number(2))),
        Kind.CRITICAL);
  }

  /// Adds critical value, p-value and both comparisons; `alpha` and the statistics come before
  /// them.
  public void addTo(Lines lines) {
    addCriticalAndP(lines);
    addDecision(lines);
  }

  /// Adds critical value and p-value; `alpha` and the statistics come before them.
  public void addCriticalAndP(Lines lines) {
    lines.begin("critical");
    lines.add(critical());
    lines.begin("p");
    lines.add(tail("p", Symbol.of("p"), "z"));
    if (isCorrected()) {
      lines.add(tail(p.name(), Symbol.of("p").lowered("corr"), statistic.name()));
    }
  }

  /// Adds both comparisons.
  public void addDecision(Lines lines) {
    lines.begin("conclusion");
    lines.add(
        LineWriter.decision(
            "decision", "decision.by-critical-value", inRegion(Expr.ref(statistic))));
    lines.add(
        LineWriter.decision(
            "decision.p", "decision.by-p", new Expr.AtLeast(line("alpha"), Expr.ref(p))));
  }

  private Line critical() {
    Expr area =
        alternative == Alternative.TWO_SIDED ? line("alpha").over(number(2)) : line("alpha");
    Expr point = new Expr.Named(NormalCritical.INSTANCE, List.of(area));
    Expr library = new Expr.Named(new SecondOpinion(NormalCritical.INSTANCE), List.of(area));
    boolean left = alternative == Alternative.LESS;
    return single(
            "crit",
            Symbol.of("z").lowered("crit"),
            left ? new Expr.Negative(point) : point,
            Kind.CRITICAL)
        .checkedBy(Phrase.of("route.library"), left ? new Expr.Negative(library) : library);
  }

  /// A p-value of a z statistic. The p-value of a statistic under the alternative that is chosen.
  ///
  /// @param of the line of the statistic
  public Line tail(String id, Symbol symbol, String of) {
    Expr z = line(of);
    return switch (alternative) {
      case TWO_SIDED -> {
        List<Expr> size = List.of(new Expr.Magnitude(z));
        yield single(
                id,
                symbol,
                product(number(2), new Expr.Named(NormalTail.UPPER, size)),
                Kind.P_VALUE)
            .checkedBy(
                Phrase.of("route.library"),
                product(number(2), new Expr.Named(new SecondOpinion(NormalTail.UPPER), size)));
      }
      case LESS -> named(id, symbol, NormalTail.LOWER, List.of(z), Kind.P_VALUE);
      case GREATER -> named(id, symbol, NormalTail.UPPER, List.of(z), Kind.P_VALUE);
    };
  }

  private Expr inRegion(Expr z) {
    return switch (alternative) {
      case TWO_SIDED -> new Expr.AtLeast(new Expr.Magnitude(z), line("crit"));
      case LESS -> new Expr.AtLeast(line("crit"), z);
      case GREATER -> new Expr.AtLeast(z, line("crit"));
    };
  }

  /// How far out the statistic has to be.
  public Step criticalStep(Sentences say) {
    Symbol symbol = Symbol.of("z");
    return new Step(
        "critical",
        say.summary("critical").with("crit", CRITICAL),
        List.of(
            new Block.Prose(
                say.phrase("critical.normal." + alternative.key())
                    .with("alpha", ALPHA)
                    .with("crit", CRITICAL)),
            new Block.Prose(
                    say.phrase("critical.rule." + alternative.key())
                        .with("crit", CRITICAL)
                        .with("statistic", isCorrected() ? symbol.lowered("corr") : symbol))
                .because(CRITICAL),
            new Block.NormalCurve(
                statistic, CRITICAL, ALPHA, p, alternative.key(), Block.Shows.STATISTIC),
            Block.Working.of(CRITICAL),
            new Block.Iterations(CRITICAL),
            new Block.NormalExcerpt(
                CRITICAL, CRITICAL, Block.Emphasis.CRITICAL_VALUE, alternative.key())));
  }

  /// The p-value with its working.
  ///
  /// @param more what follows, such as a corrected or exact p-value
  public Step pStep(Sentences say, List<Block> more) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("p.normal." + alternative.key()));
    blocks.add(Block.Working.of(p));
    blocks.add(new Block.WrittenOut(p));
    blocks.add(new Block.NormalExcerpt(statistic, p, Block.Emphasis.BRACKET, alternative.key()));
    blocks.addAll(more);
    return new Step("p", say.summary("p").with("p", new Phrase.Stated(p)), blocks);
  }

  /// Said where the data lie on the other side of H₀ than a one-sided H₁.
  public Optional<Block> pointingAway(Evaluation values, Sentences say) {
    int side = values.sign(Z);
    boolean away =
        switch (alternative) {
          case TWO_SIDED -> false;
          case LESS -> side > 0;
          case GREATER -> side < 0;
        };
    return away
        ? Optional.of(say.remark(Block.Tone.NOTE, "p.away." + alternative.key()).because(Z))
        : Optional.empty();
  }

  /// The point of the curve for a bound on one side at the confidence 1 − α; none for a two-sided
  /// test.
  public Optional<Line> pointOfBound() {
    return alternative == Alternative.TWO_SIDED
        ? Optional.empty()
        : Optional.of(
            named(
                "z.bound",
                Symbol.of("z").lowered("bound"),
                NormalCritical.INSTANCE,
                List.of(line("alpha")),
                Kind.CRITICAL));
  }

  /// What a two-sided interval beside a one-sided test says and does not say, and the bound that
  /// belongs to the test; nothing for a two-sided test.
  ///
  /// @param kind   the ending of the sentences' keys
  /// @param stated what H₀ states
  public List<Block> besideOneSidedTest(
      Sentences say, String kind, Decided decided, IntervalsAndTests.Stated stated) {
    if (alternative == Alternative.TWO_SIDED) {
      return List.of();
    }
    LineId bound = LineId.of("bound");
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.remark(Block.Tone.NOTE, "interval.one-sided-test"));
    blocks.add(
        Block.Beside.of(
            Block.Working.of(LineId.of("z.bound")),
            Block.Working.of(bound),
            new Block.Prose(
                say.phrase("interval.bound." + kind + "." + alternative.key())
                    .with("confidence", new Phrase.Confidence(ALPHA))
                    .with("bound", bound))));
    blocks.addAll(IntervalsAndTests.disagreement(decided, bound, stated, alternative));
    return blocks;
  }

  /// Both comparisons in words.
  public List<Block> comparisons(Decided decided) {
    return List.of(
        new Block.Prose(
                Phrase.of("conclusion.normal." + alternative.key() + "." + decided.key())
                    .with("statistic", new Phrase.Compared(statistic, CRITICAL))
                    .with("crit", new Phrase.Compared(CRITICAL, statistic)))
            .because(Decided.DECISION),
        decided.comparisonOfP(p));
  }

  /// The result at a glance.
  public Verdict verdict(Decided decided, Verdict.Item effect, Phrase sentence) {
    return new Verdict(
        List.of(
            new Verdict.Item(Phrase.of("verdict.statistic"), statistic, Verdict.Form.WITH_SYMBOL),
            new Verdict.Item(Phrase.of("verdict.critical").with("alpha", ALPHA), CRITICAL),
            new Verdict.Item(Phrase.of("verdict.p"), p),
            effect),
        decided.decision(),
        sentence);
  }
}
