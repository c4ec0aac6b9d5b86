package lehrgang.core.procedure.layers;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.named;
import static lehrgang.core.procedure.parts.LineWriter.shape;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Lines;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.wording.Phrase;

/// Whether the odds ratios of the layers differ by more than chance lets them: Woolf's (1955)
/// statistic, and beside it that of Breslow and Day (1980) around the common odds ratio.
final class HomogeneityLines {
  /// The p-value of Woolf's statistic.
  static final LineId P = LineId.of("p.hom");

  private static final LineId STATISTIC = LineId.of("X2.hom");
  private static final LineId BRESLOW_DAY = LineId.of("X2.bd");
  private static final LineId BRESLOW_DAY_P = LineId.of("p.bd");
  private static final Expr HALF = number(1).over(number(2));

  private final LayerLines layers;
  private final Lines lines;

  HomogeneityLines(LayerLines layers) {
    this.layers = layers;
    this.lines = layers.lines();
  }

  /// Adds both to the step begun last; the common odds ratio, where there is one, comes before
  /// them.
  void add() {
    boolean adds = hasEmptyCell(layers.table());
    for (String k : layers.comparing()) {
      Expr a = count(k, "1", "1", adds);
      Expr b = count(k, "1", "2", adds);
      Expr c = count(k, "2", "1", adds);
      Expr d = count(k, "2", "2", adds);
      Expr logarithm = new Expr.NaturalLog(Formulas.oddsRatio(a, b, c, d));
      layers.inLayer("log", Symbol.of("l"), k, logarithm, Kind.STATISTIC);
      Expr weight = number(1).over(Formulas.varianceOfLogOddsRatio(a, b, c, d));
      layers.inLayer("weight", Symbol.of("w"), k, weight, Kind.EXPECTED);
    }
    Expr weights = layers.over(k -> of("weight", k));
    Expr weighted = layers.over(k -> product(of("weight", k), of("log", k)));
    lines.add(
        single("log.mean", Symbol.of("l").lowered("w"), weighted.over(weights), Kind.STATISTIC));
    lines.add(
        single(
            STATISTIC.name(),
            Symbol.of("χ").raised("2").lowered("hom"),
            layers.over(
                k -> product(of("weight", k), of("log", k).minus(line("log.mean")).squared())),
            Kind.STATISTIC));
    lines.add(
        single(
            "layers", Symbol.of("m"), shape(layers.comparing().size()), Kind.DEGREES_OF_FREEDOM));
    Expr freedom = line("layers").minus(number(1));
    lines.add(single("df.hom", Symbol.of("df").lowered("hom"), freedom, Kind.DEGREES_OF_FREEDOM));
    addTail(P, STATISTIC, "hom");
    if (lines.hasFamily("OR")) {
      breslowDay();
    }
  }

  private void addTail(LineId id, LineId statistic, String mark) {
    lines.add(
        named(
            id.name(),
            Symbol.of("p").lowered(mark),
            ChiSquaredUpperTail.INSTANCE,
            List.of(ref(statistic), line("df.hom")),
            Kind.P_VALUE));
  }

  private static boolean hasEmptyCell(LayeredTable table) {
    return table.comparing().stream()
        .flatMap(k -> table.tables().get(k).counts().stream())
        .flatMap(List::stream)
        .anyMatch(count -> count == 0);
  }

  private static Expr of(String family, String... index) {
    return ref(LineId.general(family, index));
  }

  private static Expr count(String k, String row, String column, boolean adds) {
    Expr count = of("O", k, row, column);
    return adds ? Expr.sum(count, HALF) : count;
  }

  /// The first cell that would give the common odds ratio with the margins as they are is the root
  /// of a quadratic equation.
  private void breslowDay() {
    Expr ratio = line("OR");
    for (String k : layers.comparing()) {
      Expr row = of("R", k, "1");
      Expr column = of("C", k, "1");
      Expr s = Expr.sum(of("C", k, "2").minus(row), product(ratio, Expr.sum(row, column)));
      layers.inLayer("bd.s", Symbol.of("s"), k, s, Kind.EXPECTED);
      Expr half = product(ratio, row, column);
      Expr root =
          Expr.sum(of("bd.s", k).squared(), product(number(4), number(1).minus(ratio), half))
              .root();
      layers.inLayer(
          "bd.A",
          Symbol.of("A"),
          k,
          product(number(2), half).over(Expr.sum(of("bd.s", k), root)),
          Kind.EXPECTED);
      Expr first = of("bd.A", k);
      Expr inverses =
          Expr.sum(
              number(1).over(first),
              number(1).over(row.minus(first)),
              number(1).over(column.minus(first)),
              number(1).over(Expr.sum(of("C", k, "2").minus(row), first)));
      layers.inLayer(
          "bd.V", Symbol.of("V").lowered("A"), k, number(1).over(inverses), Kind.EXPECTED);
    }
    lines.add(
        single(
            BRESLOW_DAY.name(),
            Symbol.of("χ").raised("2").lowered("BD"),
            layers.over(
                k -> of("O", k, "1", "1").minus(of("bd.A", k)).squared().over(of("bd.V", k))),
            Kind.STATISTIC));
    addTail(BRESLOW_DAY_P, BRESLOW_DAY, "BD");
  }

  /// Both statistics worked out.
  ///
  /// @param differ whether the odds ratios differ at the level
  static List<Block> blocks(LayeredTable table, Lines lines, boolean differ, Sentences say) {
    List<Block> blocks = new ArrayList<>();
    blocks.add(say.prose("closer-look.homogeneity" + (hasEmptyCell(table) ? ".half" : "")));
    for (String family : List.of("log", "weight")) {
      List<LineId> members = lines.family(family);
      blocks.add(new Block.Working(members, members.getFirst()));
    }
    for (LineId id : List.of(LineId.of("log.mean"), STATISTIC, LineId.of("df.hom"), P)) {
      blocks.add(Block.Working.of(id));
    }
    blocks.add(
        new Block.Prose(
                say.phrase("closer-look.homogeneity." + (differ ? "differ" : "alike"))
                    .with("p", new Phrase.Stated(P)))
            .because(P, CommonSteps.LEVEL));
    if (lines.hasFamily("bd.A")) {
      blocks.add(say.prose("closer-look.breslow-day"));
      for (String family : List.of("bd.s", "bd.A", "bd.V")) {
        List<LineId> members = lines.family(family);
        blocks.add(new Block.Working(members, members.getFirst()));
      }
      blocks.add(Block.Working.of(BRESLOW_DAY));
      blocks.add(Block.Working.of(BRESLOW_DAY_P));
    }
    return blocks;
  }
}
