package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.named;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.derivation.Verdict.Decision;
import lehrgang.core.distribution.NormalCritical;
import lehrgang.core.distribution.NormalTail;
import lehrgang.core.distribution.SecondOpinion;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// How a z statistic is judged by the standard normal curve: critical value, p-value and decision,
/// as
/// lines and as steps of the page.
///
/// @param alternative the side on which H₁ looks
record NormalDecision(Alternative alternative) {
  /// Where the alternative hypothesis lies.
  enum Alternative {
    TWO_SIDED("two-sided"),
    LESS("less"),
    GREATER("greater");

    private final String key;

    Alternative(String key) {
      this.key = key;
    }

    String key() {
      return key;
    }

    static Alternative of(String key) {
      return switch (key) {
        case "less" -> LESS;
        case "greater" -> GREATER;
        default -> TWO_SIDED;
      };
    }
  }

  static final Option ALTERNATIVE =
      new Option("alternative", List.of("two-sided", "less", "greater"));

  private static final LineId Z = LineId.of("z");
  private static final LineId ALPHA = LineId.of("alpha");
  private static final LineId CRITICAL = LineId.of("crit");
  private static final LineId P = LineId.of("p");

  /// The point for an interval at the confidence 1 − α.
  static Line quantile() {
    return named(
        "z.ci",
        Symbol.of("z").lowered("ci"),
        NormalCritical.INSTANCE,
        List.of(line("alpha").over(number(2))),
        Kind.CRITICAL);
  }

  /// Adds critical value, p-value and both comparisons; `alpha` and `z` come before them.
  void addTo(Lines lines) {
    addTo(lines, "z", "p");
  }

  /// As [#addTo(Lines)], deciding by another statistic and its p-value, which come before.
  void addTo(Lines lines, String statistic, String p) {
    lines.add(critical());
    lines.add(tail("p", Symbol.of("p"), "z"));
    if (!p.equals("p")) {
      lines.add(tail(p, Symbol.of("p").lowered("corr"), statistic));
    }
    lines.add(single("decision", Symbol.of("decision"), inRegion(line(statistic)), Kind.COUNT));
    lines.add(
        single(
            "decision.p",
            Symbol.of("decision"),
            new Expr.AtLeast(line("alpha"), line(p)),
            Kind.COUNT));
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

  /// A p-value of a z statistic.
  Line tail(String name, Symbol symbol, String statistic) {
    Expr z = line(statistic);
    return switch (alternative) {
      case TWO_SIDED -> {
        List<Expr> size = List.of(new Expr.Magnitude(z));
        yield single(
                name,
                symbol,
                product(number(2), new Expr.Named(NormalTail.UPPER, size)),
                Kind.P_VALUE)
            .checkedBy(
                Phrase.of("route.library"),
                product(number(2), new Expr.Named(new SecondOpinion(NormalTail.UPPER), size)));
      }
      case LESS -> named(name, symbol, NormalTail.LOWER, List.of(z), Kind.P_VALUE);
      case GREATER -> named(name, symbol, NormalTail.UPPER, List.of(z), Kind.P_VALUE);
    };
  }

  private Expr inRegion(Expr z) {
    return switch (alternative) {
      case TWO_SIDED -> new Expr.AtLeast(new Expr.Magnitude(z), line("crit"));
      case LESS -> new Expr.AtLeast(line("crit"), z);
      case GREATER -> new Expr.AtLeast(z, line("crit"));
    };
  }

  Step criticalStep(Sentences say, LineId statistic, LineId p) {
    return new Step(
        "critical",
        say.summary("critical").with("crit", CRITICAL),
        List.of(CRITICAL),
        List.of(),
        List.of(
            new Block.Prose(
                say.phrase("critical.normal." + alternative.key())
                    .with("alpha", ALPHA)
                    .with("crit", CRITICAL)),
            new Block.NormalCurve(statistic, CRITICAL, ALPHA, p, alternative.key()),
            Block.Working.of(CRITICAL),
            new Block.Iterations(CRITICAL),
            new Block.NormalExcerpt(CRITICAL, Block.Emphasis.CRITICAL_VALUE)));
  }

  /// The p-value with its working.
  ///
  /// @param more what follows, such as a corrected or exact p-value
  Step pStep(Sentences say, LineId deciding, List<LineId> established, List<Block> more) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("p.normal." + alternative.key()));
    blocks.add(Block.Working.of(P));
    blocks.add(new Block.WrittenOut(P));
    blocks.add(new Block.NormalExcerpt(Z, Block.Emphasis.BRACKET));
    blocks.addAll(more);
    return new Step(
        "p",
        say.summary("p").with("p", new Phrase.Stated(deciding)),
        established,
        List.of(),
        blocks);
  }

  /// Both comparisons in words.
  List<Block> comparisons(Decision decision, LineId statistic, LineId p) {
    String verdict = decision == Decision.REJECT ? "reject" : "keep";
    return List.of(
        new Block.Prose(
            Phrase.of("conclusion.normal." + alternative.key() + "." + verdict)
                .with("statistic", statistic)
                .with("crit", CRITICAL)),
        new Block.Prose(
            Phrase.of("conclusion.p." + verdict)
                .with("p", new Phrase.Stated(p))
                .with("alpha", ALPHA)));
  }

  /// The result at a glance.
  static Verdict verdict(
      Decision decision,
      LineId statistic,
      LineId p,
      Optional<Verdict.Item> effect,
      Phrase sentence) {
    List<Verdict.Item> items = new ArrayList<>();
    items.add(
        new Verdict.Item(Phrase.of("verdict.statistic"), statistic, Verdict.Form.WITH_SYMBOL));
    items.add(new Verdict.Item(Phrase.of("verdict.critical").with("alpha", ALPHA), CRITICAL));
    items.add(new Verdict.Item(Phrase.of("verdict.p"), p));
    effect.ifPresent(items::add);
    return new Verdict(items, decision, sentence);
  }
}
