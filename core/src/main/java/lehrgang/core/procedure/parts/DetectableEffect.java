package lehrgang.core.procedure.parts;

import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.distribution.NoncentralLowerTail;
import lehrgang.core.distribution.Noncentrality;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The smallest effect that a chi-squared test on a sample of this size detects with a power of 80
/// % (Cohen 1988, ch. 7): the effect whose noncentrality n·w² leaves a probability β = 0.2 below
/// the critical value.
public enum DetectableEffect {
  /// Cohen's w of one variable's categories.
  W("w"),
  /// Cramér's V of a two-way table.
  V("V");

  private static final String SUFFIX = ".detectable";
  private static final LineId NONCENTRALITY = LineId.of("noncentrality");
  private static final LineId BETA = LineId.of("beta");
  private static final Value MISSED = Value.exactly("0.2");

  private final String letter;

  DetectableEffect(String letter) {
    this.letter = letter;
  }

  private LineId id() {
    return LineId.of(letter + SUFFIX);
  }

  /// Adds the noncentrality, the effect and the check of β to the step begun last; `n` and `df`
  /// come before them, for V also `r` and `c`.
  ///
  /// @param critical the critical value
  public void addTo(Lines lines, Expr critical) {
    Expr delta = line(NONCENTRALITY.name());
    lines.add(
        single(
            NONCENTRALITY.name(),
            Symbol.of("δ"),
            new Expr.Named(
                Noncentrality.INSTANCE, List.of(critical, line("df"), new Expr.Constant(MISSED))),
            Kind.STATISTIC));
    lines.add(
        single(
            id().name(),
            Symbol.of(letter).lowered("0.8"),
            this == W
                ? Formulas.effectSize(delta, line("n"))
                : Formulas.strength(delta, line("n"), Formulas.smallerSide()),
            Kind.EFFECT));
    lines.add(
        single(
            BETA.name(),
            Symbol.of("β"),
            new Expr.Named(NoncentralLowerTail.INSTANCE, List.of(critical, line("df"), delta)),
            Kind.P_VALUE));
  }

  /// What effect a sample of this size detects, with its working.
  public List<Block> blocks(Sentences say) {
    return List.of(
        say.prose("closer-look.power"),
        Block.Working.of(NONCENTRALITY),
        new Block.Iterations(NONCENTRALITY),
        say.prose("closer-look.power.mixture"),
        Block.Working.of(BETA),
        new Block.Iterations(BETA),
        say.prose("closer-look.power.effect." + letter),
        Block.Working.of(id()));
  }

  /// After a decision not to reject, which effects may have gone unnoticed; nothing after a
  /// rejection, or where the power has no value.
  public List<Block> inConclusion(Decided decided, Sentences say) {
    Evaluation values = decided.values();
    if (decided.isUndecided() || decided.rejects() || values.find(id()).isEmpty()) {
      return List.of();
    }
    return List.of(
        new Block.Prose(
                say.phrase("conclusion.power." + letter)
                    .with("effect", new Phrase.Reported(id(), 2, Phrase.LeadingZero.KEPT)))
            .because(Decided.DECISION, id()));
  }
}
