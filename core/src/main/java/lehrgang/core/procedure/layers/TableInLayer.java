package lehrgang.core.procedure.layers;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Role;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.LineWriter;

/// The question asked of one table: that of a layer, or of all layers together.
final class TableInLayer {
  private final LayerLines layers;
  private final String k;
  private final String cells;
  private final String ending;
  private final Expr size;

  TableInLayer(LayerLines layers, String k) {
    boolean pooled = k.equals(LayerLines.ALL);
    this.layers = layers;
    this.k = k;
    this.cells = pooled ? ".all" : "";
    this.ending = pooled ? ".all" : ".layer";
    this.size = pooled ? line("n") : ref(LineId.general("n", k));
  }

  void add() {
    expected();
    layers.inLayer("X2" + ending, Symbol.of("χ").raised("2"), k, statistic(), Kind.STATISTIC);
    tail();
    if (layers.table().isTwoByTwo()) {
      shares();
    } else {
      strength();
    }
  }

  private LineId id(String letter, List<String> place) {
    List<String> index = new ArrayList<>(List.of(k));
    index.addAll(place);
    return new LineId(letter + cells, index);
  }

  private Expr of(String letter, String... place) {
    return ref(id(letter, List.of(place)));
  }

  private void expected() {
    layers.cells(
        (i, j) -> {
          String row = Integer.toString(i);
          String column = Integer.toString(j);
          Expr expected = Formulas.expectedCount(of("R", row), of("C", column), size);
          inCell("E", i, j, expected, Role.EXPECTED);
        });
    layers.cells(
        (i, j) -> {
          String row = Integer.toString(i);
          String column = Integer.toString(j);
          Expr difference = Formulas.difference(of("O", row, column), of("E", row, column));
          inCell("D", i, j, difference, Role.OTHER);
        });
  }

  private void inCell(String letter, int i, int j, Expr formula, Role role) {
    LineId id = id(letter, List.of(Integer.toString(i), Integer.toString(j)));
    layers
        .lines()
        .add(
            LineWriter.member(id, Symbol.of(letter), layers.cell(i, j, k), formula, Kind.EXPECTED)
                .as(role));
  }

  private Expr statistic() {
    List<List<String>> members =
        IntStream.rangeClosed(1, layers.rows())
            .boxed()
            .flatMap(
                i ->
                    IntStream.rangeClosed(1, layers.columns())
                        .mapToObj(j -> List.of(Integer.toString(i), Integer.toString(j))))
            .toList();
    return Expr.total(
        "ij",
        List.of("i", "j"),
        members,
        cell -> Formulas.contribution(ref(id("O", cell)), ref(id("E", cell))));
  }

  private void tail() {
    List<Expr> arguments = List.of(ref(LineId.general("X2" + ending, k)), line("df.each"));
    Line tail =
        layers.lineOfLayer(
            "p" + ending,
            Symbol.of("p"),
            k,
            new Expr.Named(ChiSquaredUpperTail.INSTANCE, arguments),
            Kind.P_VALUE);
    layers.lines().add(LineWriter.checkedByLibrary(tail, ChiSquaredUpperTail.INSTANCE, arguments));
  }

  /// The shares of the first row in both columns, their difference and the odds ratio.
  private void shares() {
    share("1");
    share("2");
    Expr first = ref(LineId.general("p1" + ending, k));
    Expr second = ref(LineId.general("p2" + ending, k));
    layers.inLayer("diff" + ending, Symbol.of("d"), k, first.minus(second), Kind.SHARE);
    if (count(0, 1) > 0 && count(1, 0) > 0) {
      Expr ratio =
          Formulas.oddsRatio(
              of("O", "1", "1"), of("O", "1", "2"), of("O", "2", "1"), of("O", "2", "2"));
      layers.inLayer("OR" + ending, Symbol.of("OR"), k, ratio, Kind.EFFECT);
    }
  }

  private long count(int row, int column) {
    return k.equals(LayerLines.ALL)
        ? layers.table().tables().stream().mapToLong(layer -> layer.count(row, column)).sum()
        : layers.table().tables().get(Integer.parseInt(k) - 1).count(row, column);
  }

  private void share(String column) {
    LineId id = LineId.general("p" + column + ending, k);
    Line share =
        layers.lineOfLayer(
            id.name(),
            Symbol.of("p"),
            k,
            Formulas.share(of("O", "1", column), of("C", column)),
            Kind.SHARE);
    layers.lines().add(share.written(Symbol.of("p").at(List.of(k, column))));
  }

  private void strength() {
    Expr smallerSide = number(Math.min(layers.rows(), layers.columns()) - 1L);
    Expr strength = Formulas.strength(ref(LineId.general("X2" + ending, k)), size, smallerSide);
    layers.inLayer("V" + ending, Symbol.of("V"), k, strength, Kind.EFFECT);
  }
}
