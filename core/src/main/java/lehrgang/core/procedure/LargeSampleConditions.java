package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Step.Option;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// Whether the normal curve is a fair model for shares: enough successes and failures to be
/// expected if
/// H₀ is true.
final class LargeSampleConditions {
  /// How many are enough.
  static final Option RULE = new Option("enough", List.of("at-least-5", "at-least-10"));

  private final List<LineId> expected;
  private final Lines lines;
  private final Evaluation exact;
  private final Sentences say;
  private final String rule;

  LargeSampleConditions(
      List<LineId> expected, Lines lines, Evaluation exact, Choices choices, Sentences say) {
    this.expected = expected;
    this.lines = lines;
    this.exact = exact;
    this.say = say;
    this.rule = choices.option(RULE);
  }

  private boolean allReach(long bound) {
    return expected.stream().allMatch(id -> exact.of(id).compareTo(Value.of(bound)) >= 0);
  }

  boolean hold() {
    return allReach(rule.equals("at-least-10") ? 10 : 5);
  }

  private LineId smallest() {
    return expected.stream().min((a, b) -> exact.of(a).compareTo(exact.of(b))).orElseThrow();
  }

  List<Condition> conditions() {
    Phrase detail = Phrase.of("condition.smallest").with("min", smallest());
    return List.of(
        new Condition("expected-at-least-5", verdict(allReach(5)), detail),
        new Condition("expected-at-least-10", verdict(allReach(10)), detail));
  }

  private static Condition.Verdict verdict(boolean holds) {
    return holds ? Condition.Verdict.HOLDS : Condition.Verdict.FAILS;
  }

  /// @param kind        the ending of the sentences' keys
  /// @param established the lines of the step
  /// @param waysOn      what is offered when there are too few
  Step step(String kind, List<LineId> established, List<Block> waysOn) {
    String key = hold() ? "conditions.normal.holds" : "conditions.normal.fails";
    List<Block> blocks =
        new ArrayList<>(
            List.of(
                say.prose("conditions.normal.rule." + rule),
                new Block.Working(expected, expected.getFirst()),
                new Block.Remark(
                    hold() ? Tone.CHECKED : Tone.WARNING,
                    Phrase.of(key)
                        .with("min", smallest())
                        .with("place", lines.inOrder().get(smallest()).label()))));
    if (!hold()) {
      blocks.add(say.prose("conditions.ways-on." + kind));
      blocks.addAll(waysOn);
    }
    blocks.add(say.prose("conditions.design." + kind));
    return new Step(
        "conditions",
        (hold() ? say.summary("conditions") : Phrase.of("summary.conditions.fails"))
            .with("min", smallest()),
        established,
        List.of(RULE),
        blocks);
  }
}
