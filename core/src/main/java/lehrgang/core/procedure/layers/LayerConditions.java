package lehrgang.core.procedure.layers;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.ref;
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
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.procedure.parts.StudySentences;
import lehrgang.core.wording.Phrase;

/// Whether the curve is a fair model for a sum over fourfold layers: whether that sum can move by
/// more than 5 either way (Mantel and Fleiss 1980).
final class LayerConditions {
  private static final LineId REACH = LineId.of("reach");
  private static final LineId HOLDS = LineId.of("reach.enough");

  private final LayerLines layers;
  private final Lines lines;

  LayerConditions(LayerLines layers) {
    this.layers = layers;
    this.lines = layers.lines();
  }

  /// Adds how far the first cell of each layer can move, and their sum; `sum.E` comes before them.
  void add() {
    lines.begin("conditions");
    for (String k : layers.comparing()) {
      Expr row = ref(LineId.general("R", k, "1"));
      Expr overflow = row.minus(ref(LineId.general("C", k, "2")));
      Expr least = new Expr.Maximum(List.of(number(0), overflow));
      Expr most = new Expr.Minimum(List.of(row, ref(LineId.general("C", k, "1"))));
      layers.inLayer("least", Symbol.of("L"), k, least, Kind.COUNT);
      layers.inLayer("most", Symbol.of("M"), k, most, Kind.COUNT);
    }
    lines.add(layers.sum("sum.least", "L", k -> LineId.general("least", k), Kind.COUNT));
    lines.add(layers.sum("sum.most", "M", k -> LineId.general("most", k), Kind.COUNT));
    Expr down = line("sum.E").minus(line("sum.least"));
    Expr up = line("sum.most").minus(line("sum.E"));
    lines.add(single("reach", Symbol.of("F"), new Expr.Minimum(List.of(down, up)), Kind.EXPECTED));
    lines.add(
        single(
            HOLDS.name(),
            Symbol.of("condition"),
            new Expr.Exceeds(line("reach"), number(5)),
            Kind.CONDITION));
  }

  static List<Condition> conditions() {
    return List.of(
        new Condition("sum-can-move-5", HOLDS, Phrase.of("condition.reach").with("reach", REACH)));
  }

  /// Whether the condition is known not to hold.
  static boolean fail(Evaluation values) {
    return values.fails(HOLDS);
  }

  static Step step(Lines lines, Evaluation values, Sentences say) {
    List<LineId> least = lines.family("least");
    List<LineId> most = lines.family("most");
    boolean holds = values.holds(HOLDS);
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("conditions.reach.rule"));
    blocks.add(new Block.Working(least, least.getFirst()));
    blocks.add(new Block.Working(most, most.getFirst()));
    blocks.add(Block.Working.of(REACH));
    blocks.add(
        new Block.Remark(
            holds ? Tone.CHECKED : Tone.WARNING,
            say.phrase(holds ? "conditions.reach.holds" : "conditions.reach.fails")
                .with("reach", REACH),
            List.of(HOLDS)));
    blocks.add(say.prose("conditions.reach.common"));
    blocks.addAll(new StudySentences(say).required("layers"));
    return new Step(
        "conditions",
        (holds ? say.summary("conditions.reach") : Phrase.of("summary.conditions.reach.fails"))
            .with("reach", REACH),
        blocks);
  }
}
