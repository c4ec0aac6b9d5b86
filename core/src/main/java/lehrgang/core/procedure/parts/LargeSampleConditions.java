package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
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
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.wording.Phrase;

/// Whether the normal curve is a fair model for shares: enough successes and failures to be
/// expected if H₀ is true.
public final class LargeSampleConditions {
  /// How many are enough.
  public static final ProcedureOption.OneOf RULE =
      new ProcedureOption.OneOf("conditions", "conditions", "conditions", "every-5", "every-10")
          .byCourse();

  private static final LineId SMALLEST = LineId.of("E.min");
  private static final LineId EVERY_5 = LineId.of("E.every5");
  private static final LineId EVERY_10 = LineId.of("E.every10");

  private final List<LineId> expected;
  private final Lines lines;
  private final Evaluation values;
  private final Sentences say;
  private final String rule;

  /// @param expected the lines of the expected successes and failures
  public LargeSampleConditions(
      List<LineId> expected, Lines lines, Evaluation values, Choices choices, Sentences say) {
    this.expected = expected;
    this.lines = lines;
    this.values = values;
    this.say = say;
    this.rule = choices.option(RULE);
  }

  /// Adds the smallest of the expected successes and failures and both rules, to the step begun
  /// last.
  public static void addLines(Lines lines, List<LineId> expected) {
    lines.add(
        single(
            "E.min",
            Symbol.of("E").lowered("min"),
            new Expr.Minimum(LineWriter.refs(expected)),
            Kind.EXPECTED));
    lines.add(
        single(
            "E.every5",
            "E.every5.shares",
            Symbol.of("condition"),
            new Expr.AtLeast(line("E.min"), number(5)),
            Kind.CONDITION));
    lines.add(
        single(
            "E.every10",
            Symbol.of("condition"),
            new Expr.AtLeast(line("E.min"), number(10)),
            Kind.CONDITION));
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

  private LineId chosen() {
    return chosen(rule);
  }

  private static LineId chosen(String rule) {
    return rule.equals("every-10") ? EVERY_10 : EVERY_5;
  }

  /// Whether the chosen rule is known not to hold.
  public static boolean fail(Evaluation values, Choices choices) {
    return values.fails(chosen(choices.option(RULE)));
  }

  private List<LineId> grounds() {
    List<LineId> grounds = new ArrayList<>(expected);
    grounds.add(chosen());
    return grounds;
  }

  /// The first of the lines that hold the smallest number.
  private LineId smallest() {
    return expected.stream()
        .reduce((one, other) -> values.compare(other, one) < 0 ? other : one)
        .orElseThrow();
  }

  /// Both rules, whichever is chosen.
  public static List<Condition> conditions() {
    Phrase detail = Phrase.of("condition.smallest").with("min", SMALLEST);
    return List.of(
        new Condition("expected-at-least-5", EVERY_5, detail),
        new Condition("expected-at-least-10", EVERY_10, detail));
  }

  /// The expected successes and failures of each group, side by side.
  private Block table(List<Phrase> groups) {
    List<List<LineId>> rows = new ArrayList<>();
    for (int k = 0; k < expected.size(); k += 2) {
      rows.add(expected.subList(k, k + 2));
    }
    return new Block.Tables(
        List.of(
            Block.CellTable.plain(
                Phrase.of("table.expected.shares"),
                groups,
                List.of(
                    Phrase.of("column.expected.successes"), Phrase.of("column.expected.failures")),
                rows)));
  }

  /// @param kind   the ending of the sentences' keys
  /// @param groups the names of the groups, in their order
  /// @param before what comes before the expected counts, such as the shares they are made from
  /// @param waysOn what is offered when there are too few
  public Step step(String kind, List<Phrase> groups, List<Block> before, List<Block> waysOn) {
    String key = hold() ? "conditions.normal.holds" : "conditions.normal.fails";
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("conditions.normal.rule." + rule));
    blocks.addAll(before);
    blocks.add(new Block.Working(expected, expected.getFirst()));
    blocks.add(table(groups));
    blocks.add(
        new Block.Remark(
            hold() ? Tone.CHECKED : Tone.WARNING,
            Phrase.of(key).with("min", SMALLEST).with("place", lines.line(smallest()).place()),
            grounds()));
    if (fail()) {
      blocks.add(say.prose("conditions.ways-on." + kind));
      blocks.addAll(waysOn);
    }
    blocks.addAll(new StudySentences(say).required(kind));
    return new Step(
        "conditions",
        (hold() ? say.summary("conditions") : Phrase.of("summary.conditions.fails"))
            .with("min", SMALLEST),
        blocks);
  }
}
