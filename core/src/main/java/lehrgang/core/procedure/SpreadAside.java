package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Spread;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.Expr.Source;
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
  /// The step in whose table the classes stand.
  private static final String STEP = "data";

  private static final LineId RATIO = LineId.of("x.ratio");

  /// Fewer records than this have no skewness worth speaking of.
  private static final int FEWEST = 3;

  private final Spread spread;
  private final List<Spread.Group> groups;

  private SpreadAside(Spread spread) {
    this.spread = spread;
    this.groups = spread.groups().stream().filter(SpreadAside::varies).toList();
  }

  private static boolean varies(Spread.Group group) {
    return group.records() >= FEWEST
        && group
                .squares()
                .multiply(BigDecimal.valueOf(group.records()))
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
        .map(aside -> derivation.extended(aside::addTo, STEP, aside.blocks()))
        .orElse(derivation);
  }

  private void addTo(Lines lines) {
    lines.begin(STEP);
    for (int g = 1; g <= groups.size(); g++) {
      addGroup(lines, g);
    }
    if (groups.size() > 1) {
      lines.add(ratio());
    }
  }

  private void addGroup(Lines lines, int g) {
    Spread.Group group = groups.get(g - 1);
    add(lines, "x.n", Symbol.of("n"), g, recorded(Value.of(group.records())), Kind.COUNT);
    add(lines, "x.sum", Symbol.of("Σx"), g, recorded(Value.exactly(group.sum())), Kind.CLAIM);
    add(
        lines,
        "x.squares",
        Symbol.of("Σx").raised("2"),
        g,
        recorded(Value.exactly(group.squares())),
        Kind.CLAIM);
    add(
        lines,
        "x.cubes",
        Symbol.of("Σx").raised("3"),
        g,
        recorded(Value.exactly(group.cubes())),
        Kind.CLAIM);
    Expr n = of("x.n", g);
    Expr mean = of("x.mean", g);
    Expr squares = of("x.squares", g);
    add(lines, "x.mean", Symbol.of("x̄"), g, of("x.sum", g).over(n), Kind.MEASURE);
    add(
        lines,
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
        lines,
        "x.skewness",
        Symbol.of("g"),
        g,
        third.over(product(variance, variance.root())),
        Kind.MEASURE);
    add(
        lines,
        "x.limit",
        Symbol.of("L"),
        g,
        product(number(2), number(6).over(n).root()),
        Kind.MEASURE);
  }

  private static Expr of(String family, int group) {
    return ref(LineId.of(family, group));
  }

  private static Expr recorded(Value number) {
    return new Expr.Datum(number, Source.RECORDS);
  }

  private void add(Lines lines, String family, Symbol symbol, int group, Expr formula, Kind kind) {
    LineId id = LineId.of(family, group);
    lines.add(
        new Line(
            id,
            symbol.at(id.index()),
            Phrase.of("name." + family),
            place(groups.get(group - 1)),
            formula,
            kind));
  }

  private Phrase place(Spread.Group group) {
    return group.label().isEmpty() ? Phrase.of("spread.all") : Phrase.label(group.label());
  }

  private Line ratio() {
    List<Expr> variances =
        IntStream.rangeClosed(1, groups.size()).mapToObj(g -> of("x.sd", g).squared()).toList();
    return new Line(
        RATIO,
        Symbol.of("F"),
        Phrase.of("name.x.ratio"),
        new Expr.Maximum(variances).over(new Expr.Minimum(variances)),
        Kind.MEASURE);
  }

  /// What is added to the step of the data, once every line has come to something.
  private Derivation.Addition blocks() {
    return (values, lines) -> {
      List<Block> blocks = new ArrayList<>();
      blocks.add(
          new Block.Prose(
              Phrase.of(groups.size() > 1 ? "spread.intro" : "spread.intro.one")
                  .with("column", spread.column())));
      blocks.add(table());
      for (String family : List.of("x.mean", "x.sd", "x.skewness")) {
        blocks.add(new Block.Working(lines.family(family), LineId.of(family, 1)));
      }
      List<LineId> grounds = new ArrayList<>(lines.family("x.skewness"));
      grounds.addAll(lines.family("x.limit"));
      blocks.add(new Block.Remark(Block.Tone.NOTE, verdict(values), grounds));
      if (groups.size() > 1) {
        blocks.add(
            new Block.Remark(Block.Tone.NOTE, Phrase.of("spread.ratio").with("ratio", RATIO)));
      }
      return blocks;
    };
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
  private Phrase verdict(Evaluation values) {
    List<Spread.Group> skewed =
        IntStream.rangeClosed(1, groups.size())
            .filter(
                g ->
                    values
                        .find(LineId.of("x.skewness", g))
                        .filter(
                            skewness -> isBeyond(skewness, values.find(LineId.of("x.limit", g))))
                        .isPresent())
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

  private static boolean isBeyond(Value skewness, Optional<Value> limit) {
    return limit.filter(bound -> skewness.magnitude().compareTo(bound) > 0).isPresent();
  }
}
