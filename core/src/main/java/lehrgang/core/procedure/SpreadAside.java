package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Spread;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;

/// An aside to a table of classes: mean, standard deviation and skewness of the number in each
/// group, as the argument for a test on frequencies or against it.
///
/// It is the same for every procedure, so it is added to what any of them derives.
final class SpreadAside {
  /// Fewer records than this have no skewness worth speaking of.
  private static final int FEWEST = 3;

  private final Spread spread;
  private final List<Spread.Group> groups;
  private final Lines lines = new Lines();

  private SpreadAside(Spread spread) {
    this.spread = spread;
    this.groups = spread.groups().stream().filter(SpreadAside::varies).toList();
  }

  private static boolean varies(Spread.Group group) {
    return group.records() >= FEWEST
        && group
                .squares()
                .multiply(java.math.BigDecimal.valueOf(group.records()))
                .compareTo(group.sum().multiply(group.sum()))
            > 0;
  }

  /// Adds the aside where the solution's table has classes of a number.
  static Derivation with(Derivation derivation, Solution solution) {
    return solution
        .origin()
        .map(Origin::tally)
        .flatMap(tally -> tally.spread())
        .map(SpreadAside::new)
        .filter(aside -> !aside.groups.isEmpty())
        .map(aside -> aside.addedTo(derivation))
        .orElse(derivation);
  }

  private Derivation addedTo(Derivation derivation) {
    for (int g = 1; g <= groups.size(); g++) {
      addGroup(g);
    }
    if (groups.size() > 1) {
      addRatio();
    }
    Evaluation own = lines.evaluate(new Reading.Exact());
    Map<LineId, Line> all = new LinkedHashMap<>(derivation.lines());
    all.putAll(lines.inOrder());
    Map<LineId, Value> values = new HashMap<>(derivation.exact().values());
    values.putAll(own.values());
    List<Step> steps =
        derivation.steps().stream()
            .map(step -> step.id().equals("data") ? extended(step, own) : step)
            .toList();
    return new Derivation(
        derivation.procedure(),
        all,
        steps,
        derivation.conditions(),
        derivation.notes(),
        derivation.verdict(),
        new Evaluation(Map.copyOf(values)));
  }

  private void addGroup(int g) {
    Spread.Group group = groups.get(g - 1);
    add("x.n", Symbol.of("n"), g, new Expr.Datum(Value.of(group.records())), Kind.COUNT);
    add("x.sum", Symbol.of("Σx"), g, new Expr.Datum(Value.exactly(group.sum())), Kind.CLAIM);
    add(
        "x.squares",
        Symbol.of("Σx").raised("2"),
        g,
        new Expr.Datum(Value.exactly(group.squares())),
        Kind.CLAIM);
    add(
        "x.cubes",
        Symbol.of("Σx").raised("3"),
        g,
        new Expr.Datum(Value.exactly(group.cubes())),
        Kind.CLAIM);
    Expr n = of("x.n", g);
    Expr mean = of("x.mean", g);
    Expr squares = of("x.squares", g);
    add("x.mean", Symbol.of("x̄"), g, of("x.sum", g).over(n), Kind.MEASURE);
    add(
        "x.sd",
        Symbol.of("s"),
        g,
        squares.minus(product(n, mean.squared())).over(n.minus(number(1))).root(),
        Kind.MEASURE);
    Expr variance = squares.over(n).minus(mean.squared());
    Expr third =
        Expr.sum(of("x.cubes", g).over(n), product(number(2), mean.to(3)))
            .minus(product(number(3), mean, squares.over(n)));
    add(
        "x.skewness",
        Symbol.of("g"),
        g,
        third.over(product(variance, variance.root())),
        Kind.MEASURE);
    add("x.limit", Symbol.of("L"), g, product(number(2), number(6).over(n).root()), Kind.MEASURE);
  }

  private static Expr of(String family, int group) {
    return ref(LineId.of(family, group));
  }

  private void add(String family, Symbol symbol, int group, Expr formula, Kind kind) {
    LineId id = LineId.of(family, group);
    lines.add(new Line(id, symbol.at(id.index()), place(groups.get(group - 1)), formula, kind));
  }

  private Phrase place(Spread.Group group) {
    return group.label().isEmpty() ? Phrase.of("spread.all") : Phrase.label(group.label());
  }

  private void addRatio() {
    List<Expr> variances =
        IntStream.rangeClosed(1, groups.size()).mapToObj(g -> of("x.sd", g).squared()).toList();
    lines.add(
        new Line(
            LineId.of("x.ratio"),
            Symbol.of("F"),
            Phrase.of("family.x.ratio"),
            new Expr.Maximum(variances).over(new Expr.Minimum(variances)),
            Kind.MEASURE));
  }

  private Step extended(Step data, Evaluation own) {
    List<Block> blocks = new ArrayList<>(data.blocks());
    blocks.add(
        new Block.Prose(
            Phrase.of(groups.size() > 1 ? "spread.intro" : "spread.intro.one")
                .with("column", spread.column())));
    blocks.add(table());
    blocks.add(new Block.Working(lines.ofFamilies("x.mean"), LineId.of("x.mean", 1)));
    blocks.add(new Block.Working(lines.ofFamilies("x.sd"), LineId.of("x.sd", 1)));
    blocks.add(new Block.Working(lines.ofFamilies("x.skewness"), LineId.of("x.skewness", 1)));
    blocks.add(new Block.Remark(Block.Tone.NOTE, verdict(own)));
    if (groups.size() > 1) {
      blocks.add(
          new Block.Remark(
              Block.Tone.NOTE, Phrase.of("spread.ratio").with("ratio", LineId.of("x.ratio"))));
    }
    List<LineId> established = new ArrayList<>(data.lines());
    established.addAll(lines.inOrder().keySet());
    return new Step(data.id(), data.summary(), established, data.options(), blocks);
  }

  private Block table() {
    List<List<LineId>> rows =
        IntStream.rangeClosed(1, groups.size())
            .mapToObj(
                g ->
                    List.of(
                        LineId.of("x.n", g),
                        LineId.of("x.mean", g),
                        LineId.of("x.sd", g),
                        LineId.of("x.skewness", g),
                        LineId.of("x.limit", g)))
            .toList();
    return new Block.Tables(
        List.of(
            CellTable.plain(
                Phrase.of("table.spread").with("column", spread.column()),
                groups.stream().map(this::place).toList(),
                List.of(
                    Phrase.of("column.spread.n"),
                    Phrase.of("column.spread.mean"),
                    Phrase.of("column.spread.sd"),
                    Phrase.of("column.spread.skewness"),
                    Phrase.of("column.spread.limit")),
                rows)));
  }

  /// Which groups are skewed more than chance explains.
  private Phrase verdict(Evaluation own) {
    List<Spread.Group> skewed =
        IntStream.rangeClosed(1, groups.size())
            .filter(
                g ->
                    own.of(LineId.of("x.skewness", g))
                            .magnitude()
                            .compareTo(own.of(LineId.of("x.limit", g)))
                        > 0)
            .mapToObj(g -> groups.get(g - 1))
            .toList();
    if (skewed.isEmpty()) {
      return Phrase.of("spread.not-skewed");
    }
    String names =
        skewed.stream().map(group -> "“" + group.label() + "”").collect(Collectors.joining(", "));
    return skewed.getFirst().label().isEmpty()
        ? Phrase.of("spread.skewed").with("groups", Phrase.of("spread.all"))
        : Phrase.of(skewed.size() > 1 ? "spread.skewed.several" : "spread.skewed")
            .with("groups", names);
  }
}
