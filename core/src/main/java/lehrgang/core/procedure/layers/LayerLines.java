package lehrgang.core.procedure.layers;

import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.along;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import java.util.function.Function;
import java.util.function.IntFunction;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.procedure.parts.TwoWayStatistic;
import lehrgang.core.wording.Phrase;

/// The numbers of one two-way question asked in each layer of a third variable, and of all layers
/// thrown together.
///
/// The first index of a line is its layer; for all of them together a + stands there, and the
/// family ends in `.all`.
final class LayerLines {
  /// The name of the index that runs over the layers.
  static final String INDEX = "k";

  /// Stands for all layers together where an index names the layer.
  static final String ALL = "+";

  private final LayeredTable table;

  /// The layers that compare anything, as their index.
  private final List<String> comparing;

  private final Lines lines = new Lines();

  private LayerLines(LayeredTable table) {
    this.table = table;
    this.comparing = table.comparing().stream().map(k -> Integer.toString(k + 1)).toList();
  }

  static Lines of(LayeredTable table, Rational level, ChiSquaredDecision deciding) {
    LayerLines all = new LayerLines(table);
    Lines lines = all.lines;
    new LayerCounts(all).add();
    all.sizes();
    lines.begin("hypotheses").add(LineWriter.level(level));
    lines.begin("pooled");
    new TableInLayer(all, ALL).add();
    lines.begin("layers");
    all.comparing.forEach(k -> new TableInLayer(all, k).add());
    if (table.isTwoByTwo()) {
      new CommonOddsLines(all).add();
    } else {
      all.sumOfLayers();
    }
    ChiSquaredDecision.addCritical(lines);
    ChiSquaredDecision.addP(lines);
    if (table.isTwoByTwo()) {
      ChiSquaredDecision.addCorrectedP(lines);
    }
    deciding.addDecision(lines);
    if (table.isTwoByTwo()) {
      new CommonOddsLines(all).addRatio();
      if (all.comparing.size() > 1) {
        new HomogeneityLines(all).add();
      }
    }
    return lines;
  }

  LayeredTable table() {
    return table;
  }

  Lines lines() {
    return lines;
  }

  List<String> comparing() {
    return comparing;
  }

  int rows() {
    return table.first().rows().size();
  }

  int columns() {
    return table.first().columns().size();
  }

  /// Adds a line of a layer.
  void inLayer(String family, Symbol symbol, String k, Expr formula, Kind kind) {
    lines.add(lineOfLayer(family, symbol, k, formula, kind));
  }

  Line lineOfLayer(String family, Symbol symbol, String k, Expr formula, Kind kind) {
    return LineWriter.member(LineId.general(family, k), symbol, inWords(k), formula, kind);
  }

  private Phrase inWords(String k) {
    return k.equals(ALL)
        ? Phrase.of("place.pooled")
        : Phrase.label(table.layers().get(Integer.parseInt(k) - 1));
  }

  /// A place within a layer.
  Phrase within(Phrase place, String k) {
    return Phrase.of("place.in-layer").with("place", place).with("layer", inWords(k));
  }

  /// A cell within a layer, row and column counted from 1.
  Phrase cell(int i, int j, String k) {
    return within(
        Phrase.of("place.cell")
            .with("row", table.first().rows().get(i - 1))
            .with("column", table.first().columns().get(j - 1)),
        k);
  }

  /// Something done for each cell of a table, row and column counted from 1.
  interface EachCell {
    void at(int i, int j);
  }

  void cells(EachCell each) {
    for (int i = 1; i <= rows(); i++) {
      for (int j = 1; j <= columns(); j++) {
        each.at(i, j);
      }
    }
  }

  private void sizes() {
    lines.begin("data");
    lines.add(single("r", Symbol.of("r"), LineWriter.shape(rows()), Kind.DEGREES_OF_FREEDOM));
    lines.add(single("c", Symbol.of("c"), LineWriter.shape(columns()), Kind.DEGREES_OF_FREEDOM));
    lines.add(
        single(
            "df.each",
            Symbol.of("df").lowered("each"),
            TwoWayStatistic.degreesOfFreedom(),
            Kind.DEGREES_OF_FREEDOM));
  }

  /// If the variables are unrelated in every layer, the layers' statistics add up to one that
  /// follows the curve with the sum of their degrees of freedom.
  private void sumOfLayers() {
    lines.begin("conditions");
    ExpectedConditions.addLines(lines, lines.family("E"));
    lines.begin("statistic");
    lines.add(
        single(
            "X2",
            Symbol.of("χ").raised("2"),
            over(k -> ref(LineId.general("X2.layer", k))),
            Kind.STATISTIC));
    lines.add(
        single(
            "layers", Symbol.of("m"), LineWriter.shape(comparing.size()), Kind.DEGREES_OF_FREEDOM));
    lines.add(
        single(
            "df",
            Symbol.of("df"),
            Expr.product(line("layers"), line("df.each")),
            Kind.DEGREES_OF_FREEDOM));
  }

  /// Σ over the layers that compare anything.
  ///
  /// @param term the term of a layer, given as its index
  Expr over(Function<String, Expr> term) {
    return Expr.total(INDEX, INDEX, comparing, term);
  }

  /// A sum over the layers that compare anything, with a line of its own.
  Line sum(String id, String letter, Function<String, LineId> term, Kind kind) {
    return single(id, Symbol.of(letter).lowered("Σ"), over(k -> ref(term.apply(k))), kind);
  }

  /// Σ over all layers.
  Expr overAll(LineId general, IntFunction<LineId> id) {
    return along(INDEX, general, table.layers().size(), id);
  }
}
