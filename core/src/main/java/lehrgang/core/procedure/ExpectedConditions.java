package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// Whether the chi-squared curve is a fair model, judged by the expected counts and never by the
/// observed ones.
final class ExpectedConditions {
  /// Every expected count at least 5, or Cochran's (1954) rule.
  static final Option RULE = new Option("conditions", List.of("every-5", "fifth-5"));

  private static final LineId SMALLEST = LineId.of("E.min");
  private static final LineId BELOW_5 = LineId.of("E.below5");
  private static final Value FIVE = Value.of(5);
  private static final int MOST_CELLS_NAMED = 6;

  private final Lines lines;
  private final Evaluation exact;
  private final Sentences say;
  private final String rule;

  ExpectedConditions(Lines lines, Evaluation exact, Choices choices, Sentences say) {
    this.lines = lines;
    this.exact = exact;
    this.say = say;
    this.rule = choices.option(RULE);
  }

  /// Adds the smallest expected count and how many are small.
  static void addLines(Lines lines, List<Expr> expected) {
    lines.add(
        LineWriter.single(
            "E.min", Symbol.of("E").lowered("min"), new Expr.Minimum(expected), Kind.EXPECTED));
    lines.add(
        LineWriter.single(
            "E.below5",
            Symbol.of("k").lowered("5"),
            new Expr.CountBelow(expected, FIVE),
            Kind.COUNT));
    lines.add(
        LineWriter.single(
            "E.below1",
            Symbol.of("k").lowered("1"),
            new Expr.CountBelow(expected, Value.ONE),
            Kind.COUNT));
  }

  List<Condition> conditions() {
    return List.of(
        new Condition(
            "expected-at-least-5",
            verdict(everyAtLeastFive()),
            Phrase.of("condition.smallest").with("min", SMALLEST)),
        new Condition(
            "expected-fifth-below-5",
            verdict(fewBelowFive()),
            counted(Phrase.of("condition.few-below"))));
  }

  private static Condition.Verdict verdict(boolean holds) {
    return holds ? Condition.Verdict.HOLDS : Condition.Verdict.FAILS;
  }

  private Phrase counted(Phrase phrase) {
    return phrase
        .with("min", SMALLEST)
        .with("below", BELOW_5)
        .with("cells", lines.ofFamilies("E").size());
  }

  private boolean everyAtLeastFive() {
    return exact.of(SMALLEST).compareTo(FIVE) >= 0;
  }

  /// Cochran's (1954) rule: at most a fifth of the expected counts below 5 and none below 1.
  private boolean fewBelowFive() {
    Value fifth = Value.ratio(lines.ofFamilies("E").size(), 5);
    return exact.of(BELOW_5).compareTo(fifth) <= 0 && exact.of("E.below1").signum() == 0;
  }

  boolean hold() {
    return rule.equals("fifth-5") ? fewBelowFive() : everyAtLeastFive();
  }

  /// The rule that was chosen, for a table some categories of which were merged.
  boolean holdFor(Mergers.Merged merged) {
    return rule.equals("fifth-5")
        ? merged.below(5) * 5 <= merged.cells() && merged.below(1) == 0
        : merged.below(5) == 0;
  }

  /// @param waysOn what is offered when they do not hold
  /// @param design the key of the sentence about what no table can show
  Step step(Supplier<List<Block>> waysOn, String design) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("conditions.rule." + rule));
    String key = (hold() ? "conditions.holds." : "conditions.fails.") + rule;
    blocks.add(new Block.Remark(hold() ? Tone.CHECKED : Tone.WARNING, counted(Phrase.of(key))));
    List<LineId> small = below("E");
    if (!small.isEmpty()) {
      blocks.add(new Block.Prose(Phrase.of("conditions.cells").with("list", named(small))));
    }
    if (!hold()) {
      blocks.addAll(waysOn.get());
      if (everyAtLeastFive() || fewBelowFive()) {
        blocks.add(say.prose("conditions.other-rule-holds"));
      }
    }
    List<LineId> smallObserved = below("O");
    if (small.isEmpty() && !smallObserved.isEmpty()) {
      blocks.add(
          new Block.Remark(
              Tone.NOTE,
              Phrase.of("conditions.observed-small").with("list", named(smallObserved))));
    }
    blocks.add(say.prose(design));
    return new Step(
        "conditions",
        (hold() ? say.summary("conditions") : Phrase.of("summary.conditions.fails"))
            .with("min", SMALLEST),
        lines.ofFamilies("E.min", "E.below5", "E.below1"),
        List.of(RULE),
        blocks);
  }

  private List<LineId> below(String family) {
    return lines.ofFamilies(family).stream()
        .filter(id -> exact.of(id).compareTo(FIVE) < 0)
        .toList();
  }

  /// Cells with their numbers, as a list in words.
  private Phrase named(List<LineId> ids) {
    Phrase list = named(ids.getFirst());
    for (LineId id : ids.subList(1, Math.min(ids.size(), MOST_CELLS_NAMED))) {
      list = Phrase.of("list.and-then").with("before", list).with("next", named(id));
    }
    return ids.size() <= MOST_CELLS_NAMED
        ? list
        : Phrase.of("list.and-more")
            .with("before", list)
            .with("more", ids.size() - MOST_CELLS_NAMED);
  }

  private Phrase named(LineId id) {
    return Phrase.of("list.cell").with("place", lines.inOrder().get(id).label()).with("number", id);
  }
}
