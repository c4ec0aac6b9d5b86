package lehrgang.core.procedure.layers;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.shape;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.function.Function;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.OddsRatioLines;
import lehrgang.core.wording.Phrase;

/// Fourfold tables in layers: the statistic of Cochran (1954) and of Mantel and Haenszel (1959),
/// and the odds ratio that the layers have in common.
final class CommonOddsLines {
  private final LayerLines layers;
  private final Lines lines;

  CommonOddsLines(LayerLines layers) {
    this.layers = layers;
    this.lines = layers.lines();
  }

  void add() {
    sums();
    new LayerConditions(layers).add();
    statistic();
  }

  /// What each layer gives to the common statistic, and the sums.
  private void sums() {
    lines.begin("sums");
    for (String k : layers.comparing()) {
      Expr n = of("n", k);
      Expr margins = product(of("R", k, "1"), of("R", k, "2"), of("C", k, "1"), of("C", k, "2"));
      Expr variance = margins.over(product(n.squared(), n.minus(number(1))));
      layers.inLayer("var", Symbol.of("V"), k, variance, Kind.EXPECTED);
    }
    sum("sum.O", "O", k -> LineId.general("O", k, "1", "1"), Kind.COUNT);
    sum("sum.E", "E", k -> LineId.general("E", k, "1", "1"), Kind.EXPECTED);
    sum("sum.var", "V", k -> LineId.general("var", k), Kind.EXPECTED);
  }

  private void sum(String id, String letter, Function<String, LineId> term, Kind kind) {
    lines.add(layers.sum(id, letter, term, kind));
  }

  private static Expr of(String family, String... index) {
    return ref(LineId.general(family, index));
  }

  private void statistic() {
    lines.begin("statistic");
    for (String k : layers.comparing()) {
      Expr n = of("n", k);
      Expr along = product(of("O", k, "1", "1"), of("O", k, "2", "2"));
      Expr across = product(of("O", k, "1", "2"), of("O", k, "2", "1"));
      layers.inLayer("u", Symbol.of("u"), k, along.over(n), Kind.EXPECTED);
      layers.inLayer("v", Symbol.of("v"), k, across.over(n), Kind.EXPECTED);
    }
    sum("sum.u", "u", k -> LineId.general("u", k), Kind.EXPECTED);
    sum("sum.v", "v", k -> LineId.general("v", k), Kind.EXPECTED);
    Expr difference = line("sum.O").minus(line("sum.E"));
    Expr variance = line("sum.var");
    lines.add(
        single(
                "X2",
                Symbol.of("χ").raised("2"),
                difference.squared().over(variance),
                Kind.STATISTIC)
            .checkedBy(
                Phrase.of("route.odds-parts"),
                line("sum.u").minus(line("sum.v")).squared().over(variance)));
    lines.add(
        single(
            "X2.cc",
            Symbol.of("χ").raised("2").lowered("corr"),
            Formulas.shortened(new Expr.Magnitude(difference)).squared().over(variance),
            Kind.STATISTIC));
    lines.add(single("df", Symbol.of("df"), shape(1), Kind.DEGREES_OF_FREEDOM));
  }

  /// Whether a layer has anything on a diagonal, so that its crosswise product is not 0.
  private boolean hasProduct(int row, int column, int otherRow, int otherColumn) {
    return layers.comparing().stream()
        .map(k -> layers.table().tables().get(Integer.parseInt(k) - 1))
        .anyMatch(
            (TwoWayTable layer) ->
                layer.count(row, column) > 0 && layer.count(otherRow, otherColumn) > 0);
  }

  /// Adds the common odds ratio of Mantel and Haenszel (1959) with the interval of Robins, Breslow
  /// and Greenland (1986); none where a sum of crosswise products is 0.
  void addRatio() {
    lines.begin("closer-look");
    for (String k : layers.comparing()) {
      Expr n = of("n", k);
      Expr along = Expr.sum(of("O", k, "1", "1"), of("O", k, "2", "2"));
      Expr across = Expr.sum(of("O", k, "1", "2"), of("O", k, "2", "1"));
      layers.inLayer("along", Symbol.of("f"), k, Formulas.share(along, n), Kind.SHARE);
      layers.inLayer("across", Symbol.of("g"), k, Formulas.share(across, n), Kind.SHARE);
    }
    if (!hasProduct(0, 0, 1, 1) || !hasProduct(0, 1, 1, 0)) {
      return;
    }
    Expr u = line("sum.u");
    Expr v = line("sum.v");
    lines.add(single("OR", "OR.common", Symbol.of("OR").lowered("MH"), u.over(v), Kind.EFFECT));
    lines.add(part("mix.u", "fu", k -> product(of("along", k), of("u", k))));
    lines.add(
        part(
            "mix",
            "fv+gu",
            k ->
                Expr.sum(
                    product(of("along", k), of("v", k)), product(of("across", k), of("u", k)))));
    lines.add(part("mix.v", "gv", k -> product(of("across", k), of("v", k))));
    Expr variance =
        Expr.sum(
            line("mix.u").over(product(number(2), u.squared())),
            line("mix").over(product(number(2), u, v)),
            line("mix.v").over(product(number(2), v.squared())));
    lines.add(
        single("OR.SE", Symbol.of("SE").lowered("ln OR"), variance.root(), Kind.STANDARD_ERROR));
    OddsRatioLines.addInterval(lines);
  }

  private Line part(String id, String letters, Function<String, Expr> term) {
    return single(id, Symbol.of("S").lowered(letters), layers.over(term), Kind.EXPECTED);
  }
}
