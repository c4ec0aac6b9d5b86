package lehrgang.core.procedure.parts;

import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.named;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.distribution.ChiSquaredCritical;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// How a statistic is judged by the chi-squared curve: critical value, p-value and decision, as
/// lines and as steps of the page.
///
/// @param statistic the line that decides
/// @param p         its p-value
public record ChiSquaredDecision(LineId statistic, LineId p) {
  public static final LineId DF = LineId.of("df");
  public static final LineId CRITICAL = LineId.of("crit");

  private static final Symbol CHI_SQUARED = Symbol.of("χ").raised("2");
  private static final LineId ALPHA = CommonSteps.LEVEL;
  private static final int MOST_DEGREES_OF_FREEDOM = 100_000;

  /// By Pearson's (1900) statistic.
  public static ChiSquaredDecision plain() {
    return new ChiSquaredDecision(LineId.of("X2"), LineId.of("p"));
  }

  /// By Yates' (1934) corrected statistic.
  public static ChiSquaredDecision corrected() {
    return new ChiSquaredDecision(LineId.of("X2.cc"), LineId.of("p.cc"));
  }

  /// The corrected statistic decides if that is chosen.
  public static ChiSquaredDecision of(boolean corrects) {
    return corrects ? corrected() : plain();
  }

  /// Whether Yates' corrected statistic decides.
  public boolean isCorrected() {
    return equals(corrected());
  }

  /// The ending of the key of the sentence about other sample sizes.
  public String sizeKey() {
    return isCorrected() ? ".corrected" : "";
  }

  /// Adds the critical value; `alpha` and `df` come before it.
  public static void addCritical(Lines lines) {
    lines.begin("critical");
    lines.add(
        named(
            "crit",
            Symbol.of("χ").raised("2").lowered("crit"),
            ChiSquaredCritical.INSTANCE,
            List.of(line("alpha"), line("df")),
            Kind.CRITICAL));
  }

  /// Adds the p-value of the plain statistic.
  public static void addP(Lines lines) {
    lines.begin("p");
    addTail(lines, "p", Symbol.of("p"), "X2");
  }

  /// Adds the p-value of the corrected statistic.
  public static void addCorrectedP(Lines lines) {
    lines.begin("p");
    addTail(lines, "p.cc", Symbol.of("p").lowered("corr"), "X2.cc");
  }

  /// Adds a p-value as the area to the right of a statistic, to the step begun last.
  public static void addTail(Lines lines, String id, Symbol symbol, String statistic) {
    lines.add(
        named(
            id,
            symbol,
            ChiSquaredUpperTail.INSTANCE,
            List.of(line(statistic), line("df")),
            Kind.P_VALUE));
  }

  /// Adds both comparisons as lines.
  public void addDecision(Lines lines) {
    lines.begin("conclusion");
    lines.add(
        LineWriter.decision(
            "decision",
            "decision.by-critical-value",
            new Expr.AtLeast(Expr.ref(statistic), line("crit"))));
    lines.add(
        LineWriter.decision(
            "decision.p", "decision.by-p", new Expr.AtLeast(line("alpha"), Expr.ref(p))));
  }

  /// The kind of working that a number of degrees of freedom asks for; that of an odd one where the
  /// reading leaves it without a value.
  private static int degreesOfFreedom(Evaluation values) {
    return values.whole(DF, MOST_DEGREES_OF_FREEDOM).orElse(3);
  }

  /// How large the statistic has to be.
  ///
  /// @param reach the most degrees of freedom that the shape of the data allows
  public Step criticalStep(Sentences say, Evaluation values, int reach) {
    Symbol symbol = isCorrected() ? CHI_SQUARED.lowered("corr") : CHI_SQUARED;
    return new Step(
        "critical",
        say.summary("critical").with("crit", CRITICAL),
        List.of(
            new Block.Prose(
                    say.phrase(degreesOfFreedom(values) == 1 ? "critical.how.one" : "critical.how")
                        .with("alpha", ALPHA)
                        .with("crit", CRITICAL))
                .because(DF),
            new Block.Prose(
                    say.phrase("critical.rule").with("crit", CRITICAL).with("statistic", symbol))
                .because(CRITICAL),
            new Block.TailCurve(statistic, DF, CRITICAL, ALPHA, p, Block.Shows.STATISTIC),
            Block.Working.of(CRITICAL),
            new Block.Iterations(CRITICAL),
            new Block.TableExcerpt(
                DF, ALPHA, statistic, CRITICAL, Block.Emphasis.CRITICAL_VALUE, reach)));
  }

  /// The p-value that decides, with its working and what a printed table tells about it.
  ///
  /// @param reach the most degrees of freedom that the shape of the data allows
  public List<Block> workings(Sentences say, Evaluation values, int reach) {
    int df = degreesOfFreedom(values);
    return List.of(
        say.prose(df == 1 ? "p.one" : df % 2 == 0 ? "p.even" : "p.odd").because(DF),
        Block.Working.of(p),
        new Block.WrittenOut(p),
        new Block.TableExcerpt(DF, ALPHA, statistic, p, Block.Emphasis.BRACKET, reach));
  }

  /// The blocks of the corrected statistic: asked for where it decides, beside the way where not.
  public List<Block> asksFor(List<Block> corrected) {
    return isCorrected() ? corrected : List.of(new Block.Beside(corrected));
  }

  /// The other of the plain and the corrected statistic, with its p-value.
  public Block.Prose beside() {
    ChiSquaredDecision other = isCorrected() ? plain() : corrected();
    return new Block.Prose(
        Phrase.of(isCorrected() ? "p.without-correction" : "p.with-correction")
            .with("statistic", new Phrase.Stated(other.statistic()))
            .with("p", new Phrase.Stated(other.p())));
  }

  /// Both comparisons in words.
  public List<Block> comparisons(Decided decided) {
    return List.of(
        new Block.Prose(
                Phrase.of("conclusion.critical." + decided.key())
                    .with("statistic", new Phrase.Compared(statistic, CRITICAL))
                    .with("crit", new Phrase.Compared(CRITICAL, statistic)))
            .because(Decided.DECISION),
        decided.comparisonOfP(p));
  }

  /// The result at a glance.
  public Verdict verdict(Decided decided, Optional<Verdict.Item> effect, Phrase sentence) {
    List<Verdict.Item> items = new ArrayList<>();
    items.add(
        new Verdict.Item(Phrase.of("verdict.statistic"), statistic, Verdict.Form.WITH_SYMBOL));
    items.add(new Verdict.Item(Phrase.of("verdict.df"), DF));
    items.add(new Verdict.Item(Phrase.of("verdict.critical").with("alpha", ALPHA), CRITICAL));
    items.add(new Verdict.Item(Phrase.of("verdict.p"), p));
    effect.ifPresent(items::add);
    return new Verdict(items, decided.decision(), sentence);
  }

  /// A report line with its statistic and p-value put in.
  public Phrase reported(Phrase line) {
    return line.with("statistic", new Phrase.Reported(statistic, 2, Phrase.LeadingZero.KEPT))
        .with("p", new Phrase.Reported(p, 3, Phrase.LeadingZero.LEFT_OUT));
  }
}
