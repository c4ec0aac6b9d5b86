package lehrgang.core.procedure.layers;

import static lehrgang.core.procedure.parts.LineWriter.along;
import static lehrgang.core.procedure.parts.LineWriter.counted;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.wording.Phrase;

/// The counts of every layer and of all together, with their totals.
final class LayerCounts {
  private final LayerLines layers;
  private final Lines lines;

  LayerCounts(LayerLines layers) {
    this.layers = layers;
    this.lines = layers.lines();
  }

  void add() {
    lines.begin("data");
    int many = layers.table().layers().size();
    for (int k = 1; k <= many; k++) {
      ofLayer(k);
    }
    lines.begin("pooled");
    layers.cells((i, j) -> inCell("O.all", LayerLines.ALL, i, j, everyLayer(i, j)));
    margins(".all", LayerLines.ALL);
    lines.begin("data");
    Expr size = layers.overAll(LineId.general("n", LayerLines.INDEX), k -> LineId.of("n", k));
    lines.add(single("n", Symbol.of("n"), size, Kind.COUNT).as(Role.GRAND_TOTAL));
    Expr compared = layers.over(k -> Expr.ref(LineId.general("n", k)));
    lines.add(single("n.compared", Symbol.of("N"), compared, Kind.COUNT));
  }

  private void ofLayer(int k) {
    TwoWayTable counts = layers.table().tables().get(k - 1);
    String layer = Integer.toString(k);
    layers.cells((i, j) -> inCell("O", layer, i, j, counted(counts.count(i - 1, j - 1))));
    margins("", layer);
    Expr size =
        along("i", LineId.general("R", layer, "i"), layers.rows(), i -> LineId.of("R", k, i));
    lines.add(
        layers.lineOfLayer("n", Symbol.of("n"), layer, size, Kind.COUNT).as(Role.GRAND_TOTAL));
  }

  private void inCell(String family, String k, int i, int j, Expr formula) {
    LineId id = LineId.general(family, k, text(i), text(j));
    lines.add(
        LineWriter.member(id, Symbol.of("O"), layers.cell(i, j, k), formula, Kind.COUNT)
            .as(Role.OBSERVED));
  }

  private Expr everyLayer(int i, int j) {
    return layers.overAll(
        LineId.general("O", LayerLines.INDEX, text(i), text(j)), k -> LineId.of("O", k, i, j));
  }

  private void margins(String ending, String k) {
    String cells = "O" + ending;
    for (int i = 1; i <= layers.rows(); i++) {
      String row = text(i);
      Expr sum =
          along(
              "j",
              LineId.general(cells, k, row, "j"),
              layers.columns(),
              j -> LineId.general(cells, k, row, text(j)));
      margin("R", ending, k, i, layers.table().first().rows(), sum, Role.ROW_TOTAL);
    }
    for (int j = 1; j <= layers.columns(); j++) {
      String column = text(j);
      Expr sum =
          along(
              "i",
              LineId.general(cells, k, "i", column),
              layers.rows(),
              i -> LineId.general(cells, k, text(i), column));
      margin("C", ending, k, j, layers.table().first().columns(), sum, Role.COLUMN_TOTAL);
    }
  }

  private void margin(
      String letter,
      String ending,
      String k,
      int position,
      List<String> labels,
      Expr sum,
      Role role) {
    LineId id = LineId.general(letter + ending, k, text(position));
    Phrase place = layers.within(Phrase.label(labels.get(position - 1)), k);
    lines.add(LineWriter.member(id, Symbol.of(letter), place, sum, Kind.COUNT).as(role));
  }

  private static String text(int position) {
    return Integer.toString(position);
  }
}
