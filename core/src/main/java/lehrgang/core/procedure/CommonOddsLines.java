package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.LineWriter.datum;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import java.util.function.Function;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// Fourfold tables in layers: the statistic of Cochran (1954) and of Mantel and Haenszel (1959),
/// and the odds ratio that the layers have in common.
final class CommonOddsLines {
  private static final Expr HALF = number(1).over(number(2));

  private final LayerLines layers;

  CommonOddsLines(LayerLines layers) {
    this.layers = layers;
  }

  void add() {
    layers.comparing().forEach(this::ofLayer);
    sum("sum.O", Symbol.of("O"), k -> LineId.general("O", k, "1", "1"), Kind.COUNT);
    sum("sum.E", Symbol.of("E"), k -> LineId.general("E", k, "1", "1"), Kind.EXPECTED);
    sum("sum.var", Symbol.of("V"), k -> LineId.general("var", k), Kind.EXPECTED);
    sum("sum.u", Symbol.of("u"), k -> LineId.general("u", k), Kind.EXPECTED);
    sum("sum.v", Symbol.of("v"), k -> LineId.general("v", k), Kind.EXPECTED);
    statistics();
    reach();
  }

  private void sum(String name, Symbol symbol, Function<String, LineId> id, Kind kind) {
    layers.add(single(name, symbol.lowered("Σ"), layers.over(k -> ref(id.apply(k))), kind));
  }

  private void ofLayer(String k) {
    Expr n = of("n", k);
    Expr a = of("O", k, "1", "1");
    Expr b = of("O", k, "1", "2");
    Expr c = of("O", k, "2", "1");
    Expr d = of("O", k, "2", "2");
    Expr margins = product(of("R", k, "1"), of("R", k, "2"), of("C", k, "1"), of("C", k, "2"));
    layers.inLayer(
        "var",
        Symbol.of("V"),
        k,
        margins.over(product(n.squared(), n.minus(number(1)))),
        Kind.EXPECTED);
    layers.inLayer("u", Symbol.of("u"), k, product(a, d).over(n), Kind.EXPECTED);
    layers.inLayer("v", Symbol.of("v"), k, product(b, c).over(n), Kind.EXPECTED);
    layers.inLayer("along", Symbol.of("f"), k, Expr.sum(a, d).over(n), Kind.SHARE);
    layers.inLayer("across", Symbol.of("g"), k, Expr.sum(b, c).over(n), Kind.SHARE);
    Expr overflow = of("R", k, "1").minus(of("C", k, "2"));
    layers.inLayer(
        "least", Symbol.of("L"), k, new Expr.Maximum(List.of(number(0), overflow)), Kind.COUNT);
    layers.inLayer(
        "most",
        Symbol.of("M"),
        k,
        new Expr.Minimum(List.of(of("R", k, "1"), of("C", k, "1"))),
        Kind.COUNT);
  }

  private static Expr of(String family, String... index) {
    return ref(LineId.general(family, index));
  }

  private void statistics() {
    Expr difference = line("sum.O").minus(line("sum.E"));
    layers.add(
        single(
                "X2",
                Symbol.of("χ").raised("2"),
                difference.squared().over(line("sum.var")),
                Kind.STATISTIC)
            .checkedBy(
                Phrase.of("route.odds-parts"),
                line("sum.u").minus(line("sum.v")).squared().over(line("sum.var"))));
    Expr size = new Expr.Magnitude(difference);
    Evaluation exact = layers.exact();
    boolean usual =
        exact.of("sum.O").minus(exact.of("sum.E")).magnitude().compareTo(Value.ratio(1, 2)) >= 0;
    Expr less = size.minus(usual ? HALF : new Expr.Minimum(List.of(HALF, size)));
    layers.add(
        single(
            "X2.cc",
            Symbol.of("χ").raised("2").lowered("corr"),
            less.squared().over(line("sum.var")),
            Kind.STATISTIC));
    layers.add(single("df", Symbol.of("df"), datum(1), Kind.DEGREES_OF_FREEDOM));
  }

  /// Mantel and Fleiss (1980): how far the sum could move either way.
  private void reach() {
    sum("sum.least", Symbol.of("L"), k -> LineId.general("least", k), Kind.COUNT);
    sum("sum.most", Symbol.of("M"), k -> LineId.general("most", k), Kind.COUNT);
    Expr down = line("sum.E").minus(line("sum.least"));
    Expr up = line("sum.most").minus(line("sum.E"));
    layers.add(single("reach", Symbol.of("F"), new Expr.Minimum(List.of(down, up)), Kind.EXPECTED));
  }

  /// The common odds ratio of Mantel and Haenszel (1959) with the interval of Robins, Breslow and
  /// Greenland (1986); none where a sum is 0.
  static void addInterval(Lines lines) {
    Evaluation exact = lines.evaluate(new Reading.Exact());
    if (exact.of("sum.u").signum() == 0 || exact.of("sum.v").signum() == 0) {
      return;
    }
    Expr u = line("sum.u");
    Expr v = line("sum.v");
    lines.add(single("OR", Symbol.of("OR").lowered("MH"), u.over(v), Kind.EFFECT));
    List<String> layers = lines.ofFamilies("u").stream().map(id -> id.index().getFirst()).toList();
    lines.add(part("mix.u", "fu", layers, k -> product(of("along", k), of("u", k))));
    lines.add(
        part(
            "mix",
            "fv+gu",
            layers,
            k ->
                Expr.sum(
                    product(of("along", k), of("v", k)), product(of("across", k), of("u", k)))));
    lines.add(part("mix.v", "gv", layers, k -> product(of("across", k), of("v", k))));
    Expr variance =
        Expr.sum(
            line("mix.u").over(product(number(2), u.squared())),
            line("mix").over(product(number(2), u, v)),
            line("mix.v").over(product(number(2), v.squared())));
    lines.add(
        single("OR.SE", Symbol.of("SE").lowered("ln OR"), variance.root(), Kind.STANDARD_ERROR));
    TwoByTwoLines.addInterval(lines);
  }

  private static Line part(
      String name, String letters, List<String> layers, Function<String, Expr> term) {
    return single(
        name,
        Symbol.of("S").lowered(letters),
        Expr.total(LayerLines.INDEX, LayerLines.INDEX, layers, term),
        Kind.EXPECTED);
  }
}
