package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.wording.Phrase;

/// Whether the chi-squared curve is a fair model, judged by the expected counts and never by the
/// observed ones.
public final class ExpectedConditions {
  /// Every expected count at least 5, or Cochran's (1954) rule.
  public static final ProcedureOption.OneOf RULE =
      new ProcedureOption.OneOf("conditions", "conditions", "conditions", "every-5", "fifth-5")
          .byCourse();

  private static final LineId SMALLEST = LineId.of("E.min");
  private static final LineId BELOW_5 = LineId.of("E.below5");
  private static final LineId EVERY_5 = LineId.of("E.every5");
  private static final LineId FIFTH_5 = LineId.of("E.fifth5");
  private static final Value FIVE = Value.of(5);
  private static final int MOST_CELLS_NAMED = 6;

  private final Lines lines;
  private final Evaluation values;
  private final Sentences say;
  private final String rule;

  /// The conditions of a derivation under the rule that was chosen.
  ///
  /// @param values what the lines come to
  public ExpectedConditions(Lines lines, Evaluation values, Choices choices, Sentences say) {
    this.lines = lines;
    this.values = values;
    this.say = say;
    this.rule = choices.option(RULE);
  }

  /// Adds the smallest expected count, how many are small, and both rules, to the step begun last.
  ///
  /// @param expected the lines of the expected counts
  public static void addLines(Lines lines, List<LineId> expected) {
    List<Expr> counts = LineWriter.refs(expected);
    Symbol below = Symbol.of("k");
    Symbol condition = Symbol.of("condition");
    lines.add(
        single("E.min", Symbol.of("E").lowered("min"), new Expr.Minimum(counts), Kind.EXPECTED));
    lines.add(
        single("E.below5", below.lowered("5"), new Expr.CountBelow(counts, FIVE), Kind.COUNT));
    lines.add(
        single("E.below1", below.lowered("1"), new Expr.CountBelow(counts, Value.ONE), Kind.COUNT));
    lines.add(
        single("E.every5", condition, new Expr.AtLeast(line("E.min"), number(5)), Kind.CONDITION));
    lines.add(
        single(
            "E.fifth5",
            condition,
            new Expr.Both(
                new Expr.AtLeast(number(expected.size()).over(number(5)), line("E.below5")),
                new Expr.AtLeast(number(0), line("E.below1"))),
            Kind.CONDITION));
  }

  /// Both rules, whichever is chosen.
  public static List<Condition> conditions(Lines lines) {
    return List.of(
        new Condition(
            "expected-at-least-5", EVERY_5, Phrase.of("condition.smallest").with("min", SMALLEST)),
        new Condition(
            "expected-fifth-below-5", FIFTH_5, counted(Phrase.of("condition.few-below"), lines)));
  }

  private static Phrase counted(Phrase phrase, Lines lines) {
    return phrase
        .with("min", SMALLEST)
        .with("below", BELOW_5)
        .with("cells", lines.family("E").size());
  }

  private boolean isFifths() {
    return rule.equals("fifth-5");
  }

  private LineId chosen() {
    return chosen(rule);
  }

  private static LineId chosen(String rule) {
    return rule.equals("fifth-5") ? FIFTH_5 : EVERY_5;
  }

  /// Whether the chosen rule is known not to hold.
  public static boolean fail(Evaluation values, Choices choices) {
    return values.fails(chosen(choices.option(RULE)));
  }

  private boolean hold() {
    return values.holds(chosen());
  }

  /// Whether the chosen rule is known not to hold.
  public boolean fail() {
    return values.fails(chosen());
  }

  /// What must be said of a decision where the rule does not hold.
  ///
  /// @param key of the sentence
  public Block.Remark doubt(String key) {
    return say.remark(Tone.WARNING, key).because(chosen());
  }

  /// The rule that was chosen, for a table some categories of which were merged.
  public boolean holdFor(Mergers.Merged merged) {
    return isFifths()
        ? merged.below(FIVE) * 5 <= merged.cells() && merged.below(Value.ONE) == 0
        : merged.below(FIVE) == 0;
  }

  /// @param waysOn what is offered when they do not hold
  /// @param design the ending of the key about what no table can show
  public Step step(Supplier<List<Block>> waysOn, String design) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("conditions.rule." + rule));
    String key = (hold() ? "conditions.holds." : "conditions.fails.") + rule;
    blocks.add(
        new Block.Remark(hold() ? Tone.CHECKED : Tone.WARNING, counted(Phrase.of(key), lines))
            .because(chosen()));
    List<LineId> small = below("E");
    if (!small.isEmpty()) {
      blocks.add(new Block.Prose(Phrase.of("conditions.cells").with("list", named(small))));
    }
    if (fail()) {
      blocks.addAll(waysOn.get());
      if (values.holds(EVERY_5) || values.holds(FIFTH_5)) {
        blocks.add(say.prose("conditions.other-rule-holds").because(EVERY_5, FIFTH_5));
      }
    }
    List<LineId> smallObserved = below("O");
    if (small.isEmpty() && !smallObserved.isEmpty()) {
      blocks.add(
          new Block.Remark(
              Tone.NOTE,
              Phrase.of("conditions.observed-small").with("list", named(smallObserved)),
              lines.family("E")));
    }
    blocks.addAll(new StudySentences(say).required(design));
    return new Step(
        "conditions",
        (hold() ? say.summary("conditions") : Phrase.of("summary.conditions.fails"))
            .with("min", SMALLEST),
        blocks);
  }

  private List<LineId> below(String family) {
    return lines.family(family).stream()
        .filter(id -> values.find(id).filter(count -> count.compareTo(FIVE) < 0).isPresent())
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
    return Phrase.of("list.cell").with("place", lines.line(id).place()).with("number", id);
  }
}
