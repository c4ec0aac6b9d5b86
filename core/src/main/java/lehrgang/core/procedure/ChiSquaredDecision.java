package lehrgang.core.procedure;

import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.named;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.derivation.Verdict.Decision;
import lehrgang.core.distribution.ChiSquaredCritical;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// How a statistic is judged by the chi-squared curve: critical value, p-value and decision, as
/// lines
/// and as steps of the page.
///
/// @param statistic the line that decides
/// @param p         its p-value
record ChiSquaredDecision(LineId statistic, LineId p) {
  static final LineId ALPHA = LineId.of("alpha");
  static final LineId DF = LineId.of("df");
  static final LineId CRITICAL = LineId.of("crit");

  static ChiSquaredDecision plain() {
    return new ChiSquaredDecision(LineId.of("X2"), LineId.of("p"));
  }

  static ChiSquaredDecision corrected() {
    return new ChiSquaredDecision(LineId.of("X2.cc"), LineId.of("p.cc"));
  }

  /// Adds the critical value; `alpha` and `df` come before it.
  static void addCritical(Lines lines) {
    lines.add(
        named(
            "crit",
            Symbol.of("χ").raised("2").lowered("crit"),
            ChiSquaredCritical.INSTANCE,
            List.of(line("alpha"), line("df")),
            Kind.CRITICAL));
  }

  /// Adds a p-value as the area to the right of a statistic.
  static void addTail(Lines lines, String name, Symbol symbol, String statistic) {
    lines.add(
        named(
            name,
            symbol,
            ChiSquaredUpperTail.INSTANCE,
            List.of(line(statistic), line("df")),
            Kind.P_VALUE));
  }

  /// Adds both comparisons as lines.
  void addDecision(Lines lines) {
    lines.add(
        single(
            "decision",
            Symbol.of("decision"),
            new Expr.AtLeast(Expr.ref(statistic), line("crit")),
            Kind.COUNT));
    lines.add(
        single(
            "decision.p",
            Symbol.of("decision"),
            new Expr.AtLeast(line("alpha"), Expr.ref(p)),
            Kind.COUNT));
  }

  /// @param df the degrees of freedom, for the wording
  Step criticalStep(Sentences say, int df) {
    return new Step(
        "critical",
        say.summary("critical").with("crit", CRITICAL),
        List.of(CRITICAL),
        List.of(),
        List.of(
            new Block.Prose(
                say.phrase(df == 1 ? "critical.how.one" : "critical.how")
                    .with("alpha", ALPHA)
                    .with("crit", CRITICAL)),
            new Block.TailCurve(statistic, DF, CRITICAL, ALPHA, p),
            Block.Working.of(CRITICAL),
            new Block.Iterations(CRITICAL),
            new Block.TableExcerpt(DF, ALPHA, statistic, Block.Emphasis.CRITICAL_VALUE)));
  }

  /// The plain p-value with its working and what a printed table tells about it.
  static List<Block> workings(Sentences say, int df) {
    LineId plain = plain().p();
    return List.of(
        say.prose(df == 1 ? "p.one" : df % 2 == 0 ? "p.even" : "p.odd"),
        Block.Working.of(plain),
        new Block.WrittenOut(plain),
        new Block.TableExcerpt(DF, ALPHA, plain().statistic(), Block.Emphasis.BRACKET));
  }

  /// Both comparisons in words.
  List<Block> comparisons(Decision decision) {
    String verdict = decision == Decision.REJECT ? "reject" : "keep";
    List<Block> blocks = new ArrayList<>();
    blocks.add(
        new Block.Prose(
            Phrase.of("conclusion.critical." + verdict)
                .with("statistic", statistic)
                .with("crit", CRITICAL)));
    blocks.add(
        new Block.Prose(
            Phrase.of("conclusion.p." + verdict)
                .with("p", new Phrase.Stated(p))
                .with("alpha", ALPHA)));
    return blocks;
  }

  /// The result at a glance.
  Verdict verdict(Decision decision, Optional<Verdict.Item> effect, Phrase sentence) {
    List<Verdict.Item> items = new ArrayList<>();
    items.add(
        new Verdict.Item(Phrase.of("verdict.statistic"), statistic, Verdict.Form.WITH_SYMBOL));
    items.add(new Verdict.Item(Phrase.of("verdict.df"), DF));
    items.add(new Verdict.Item(Phrase.of("verdict.critical").with("alpha", ALPHA), CRITICAL));
    items.add(new Verdict.Item(Phrase.of("verdict.p"), p));
    effect.ifPresent(items::add);
    return new Verdict(items, decision, sentence);
  }

  /// A report line with its statistic and p-value put in.
  Phrase reported(Phrase line) {
    return line.with("statistic", new Phrase.Reported(statistic, 2, Phrase.LeadingZero.KEPT))
        .with("p", new Phrase.Reported(p, 3, Phrase.LeadingZero.LEFT_OUT));
  }
}
