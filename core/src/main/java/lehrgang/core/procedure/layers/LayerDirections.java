package lehrgang.core.procedure.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.parts.CommonSteps;
import lehrgang.core.procedure.parts.Decided;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.wording.Phrase;

/// Which way the association goes in each layer and in all of them together, and whether throwing
/// the layers together turns it round (Yule 1903; Simpson 1951).
final class LayerDirections {
  /// How the layers and the pooled table relate.
  enum Relation {
    /// Every layer goes one way and the pooled table the other.
    REVERSED,
    /// The layers do not go the same way as each other.
    MIXED,
    /// The pooled table goes the way of every layer.
    SAME,
    /// Nothing to compare: the pooled table, or some layer, goes neither way.
    LEVEL
  }

  private final LayeredTable table;
  private final Evaluation values;

  LayerDirections(LayeredTable table, Evaluation values) {
    this.table = table;
    this.values = values;
  }

  /// How a cell's difference from its expected count goes; the first cell speaks for a fourfold
  /// table.
  private Relation relation(int i, int j) {
    int whole = values.sign(LineId.general("D.all", LayerLines.ALL, "" + i, "" + j));
    List<Integer> signs =
        table.comparing().stream().map(k -> values.sign(LineId.of("D", k + 1, i, j))).toList();
    boolean up = signs.contains(1);
    boolean down = signs.contains(-1);
    if (up && down) {
      return Relation.MIXED;
    }
    if (whole == 0 || signs.contains(0)) {
      return Relation.LEVEL;
    }
    return up == whole > 0 ? Relation.SAME : Relation.REVERSED;
  }

  private Relation relation() {
    return relation(1, 1);
  }

  private List<Phrase> reversedCells() {
    TwoWayTable shape = table.first();
    List<Phrase> reversed = new ArrayList<>();
    for (int i = 1; i <= shape.rows().size(); i++) {
      for (int j = 1; j <= shape.columns().size(); j++) {
        if (relation(i, j) == Relation.REVERSED) {
          reversed.add(
              Phrase.of("place.cell")
                  .with("row", shape.rows().get(i - 1))
                  .with("column", shape.columns().get(j - 1)));
        }
      }
    }
    return reversed;
  }

  private boolean turnsRound() {
    return table.isTwoByTwo() ? relation() == Relation.REVERSED : !reversedCells().isEmpty();
  }

  /// Whether layers point in opposite ways, by more than chance lets them.
  boolean areOpposed() {
    return table.isTwoByTwo() && relation() == Relation.MIXED && ratiosDiffer();
  }

  /// Whether the odds ratios of fourfold layers differ by more than chance lets them.
  boolean ratiosDiffer() {
    return values.compare(HomogeneityLines.P, CommonSteps.LEVEL) <= 0;
  }

  /// A sentence with the names of the layers in which the first row is `more` or `fewer` in the
  /// first column.
  Phrase naming(Phrase sentence) {
    return sentence.with("more", layersThatGo(1)).with("fewer", layersThatGo(-1));
  }

  private String layersThatGo(int sign) {
    return table.comparing().stream()
        .filter(k -> values.sign(LineId.of("D", k + 1, 1, 1)) == sign)
        .map(k -> table.layers().get(k))
        .collect(Collectors.joining(", "));
  }

  /// The end of the key of the step's summary.
  String key() {
    return turnsRound() ? "layers.reversed" : "layers";
  }

  /// Whether the first row is met more or less often in the first column, layer for layer.
  String ofSums() {
    return values.compare(LineId.of("sum.O"), LineId.of("sum.E")) < 0 ? "fewer" : "more";
  }

  /// What became of the direction when the layers were thrown together.
  Block inWords(Sentences say) {
    if (table.isTwoByTwo()) {
      Relation relation = relation();
      String way = relation == Relation.REVERSED || relation == Relation.SAME ? "." + ofSums() : "";
      String key = "layers.direction." + relation.name().toLowerCase(Locale.ROOT) + way;
      return new Block.Remark(
          relation == Relation.REVERSED ? Tone.WARNING : Tone.NOTE,
          naming(say.phrase(key)),
          grounds());
    }
    List<Phrase> reversed = reversedCells();
    if (reversed.isEmpty()) {
      return new Block.Remark(Tone.NOTE, say.phrase("layers.direction.no-cell"), grounds());
    }
    Phrase list = reversed.getFirst();
    for (Phrase next : reversed.subList(1, reversed.size())) {
      list = Phrase.of("list.then").with("before", list).with("next", next);
    }
    return new Block.Remark(
        Tone.WARNING, say.phrase("layers.direction.cells").with("list", list), grounds());
  }

  /// The differences whose signs are the directions.
  private List<LineId> grounds() {
    List<LineId> grounds = new ArrayList<>();
    for (int i = 1; i <= table.first().rows().size(); i++) {
      for (int j = 1; j <= table.first().columns().size(); j++) {
        grounds.add(LineId.general("D.all", LayerLines.ALL, "" + i, "" + j));
        for (int k : table.comparing()) {
          grounds.add(LineId.of("D", k + 1, i, j));
        }
      }
    }
    return grounds;
  }

  /// What the pooled table would have made one believe, where that differs from what the layers
  /// say.
  Optional<Block> misled(Sentences say, Decided decided, LineId pooledP) {
    boolean pooledRejects = values.compare(pooledP, CommonSteps.LEVEL) <= 0;
    String key;
    if (areOpposed()) {
      return Optional.empty();
    } else if (turnsRound()) {
      key = "conclusion.layers.reversed";
    } else if (pooledRejects == decided.rejects()) {
      return Optional.empty();
    } else {
      key = pooledRejects ? "conclusion.layers.vanishes" : "conclusion.layers.appears";
    }
    return Optional.of(
        new Block.Remark(Tone.WARNING, say.phrase(key).with("p", new Phrase.Stated(pooledP)))
            .because(
                Decided.DECISION, pooledP, LineId.of("D", table.comparing().getFirst() + 1, 1, 1)));
  }

  /// The shares of both columns, in every layer and in all together, from zero.
  Block bars(Sentences say) {
    return new Block.PairedBars(
        shares("p1"),
        shares("p2"),
        say.phrase("column.layers.first"),
        say.phrase("column.layers.second"),
        say.phrase("figure.layers"));
  }

  private CellTable shares(String family) {
    List<Phrase> names = new ArrayList<>();
    List<List<LineId>> cells = new ArrayList<>();
    for (int k : table.comparing()) {
      names.add(Phrase.label(table.layers().get(k)));
      cells.add(List.of(LineId.of(family + ".layer", k + 1)));
    }
    names.add(Phrase.of("place.pooled"));
    cells.add(List.of(LineId.general(family + ".all", LayerLines.ALL)));
    return CellTable.plain(Phrase.of("table.shares"), names, List.of(Phrase.label("")), cells);
  }
}
