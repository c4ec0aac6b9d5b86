package lehrgang.core.procedure.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.procedure.parts.Sentences;
import lehrgang.core.wording.Phrase;

/// The tables of a page about layers.
record LayerTables(LayeredTable table, Lines lines, Sentences say) {
  /// The counts of a layer, or of all together, with their totals.
  CellTable counts(String k, Phrase title) {
    boolean whole = k.equals(LayerLines.ALL);
    String ending = whole ? ".all" : "";
    TwoWayTable shape = table.first();
    return new CellTable(
        title,
        shape.rows().stream().map(Phrase::label).toList(),
        shape.columns().stream().map(Phrase::label).toList(),
        cells("O" + ending, k),
        Optional.empty(),
        margin("R" + ending, k, shape.rows().size()),
        margin("C" + ending, k, shape.columns().size()),
        Optional.of(whole ? LineId.of("n") : LineId.general("n", k)));
  }

  private static List<LineId> margin(String family, String k, int size) {
    return IntStream.rangeClosed(1, size)
        .mapToObj(i -> LineId.general(family, k, Integer.toString(i)))
        .toList();
  }

  private List<List<LineId>> cells(String family, String k) {
    return IntStream.rangeClosed(1, table.first().rows().size())
        .mapToObj(
            i ->
                IntStream.rangeClosed(1, table.first().columns().size())
                    .mapToObj(j -> LineId.general(family, k, "" + i, "" + j))
                    .toList())
        .toList();
  }

  /// The layers and all of them together beside each other.
  CellTable sideBySide() {
    boolean ratios =
        lines.hasFamily("OR.all")
            && lines.hasFamily("OR.layer")
            && lines.family("OR.layer").size() == table.comparing().size();
    List<String> families = new ArrayList<>();
    List<Phrase> heads = new ArrayList<>();
    if (table.isTwoByTwo()) {
      families.addAll(List.of("p1", "p2", "diff"));
      heads.add(say.phrase("column.layers.first"));
      heads.add(say.phrase("column.layers.second"));
      heads.add(Phrase.of("column.layers.difference"));
      if (ratios) {
        families.add("OR");
        heads.add(Phrase.of("column.layers.ratio"));
      }
    } else {
      families.add("V");
      heads.add(Phrase.of("column.layers.V"));
    }
    families.addAll(List.of("X2", "p"));
    heads.addAll(List.of(Phrase.symbol(Symbol.of("χ").raised("2")), Phrase.symbol(Symbol.of("p"))));
    List<Phrase> names = new ArrayList<>();
    List<List<LineId>> rows = new ArrayList<>();
    for (int k : table.comparing()) {
      names.add(Phrase.label(table.layers().get(k)));
      rows.add(families.stream().map(family -> LineId.of(family + ".layer", k + 1)).toList());
    }
    names.add(Phrase.of("place.pooled"));
    rows.add(
        families.stream().map(family -> LineId.general(family + ".all", LayerLines.ALL)).toList());
    return CellTable.plain(
        say.phrase(table.isTwoByTwo() ? "table.layers.fourfold" : "table.layers.larger"),
        names,
        heads,
        rows);
  }
}
