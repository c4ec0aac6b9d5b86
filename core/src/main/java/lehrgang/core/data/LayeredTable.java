package lehrgang.core.data;

import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.wording.Phrase;

/// Counts classified by two variables within each category of a third, all of them checked.
///
/// @param layerVariable what the layers tell apart
/// @param layers        their labels
/// @param tables        the table in each of them; a row or column of one of them may be empty, but
///     of all of them together none is
public record LayeredTable(String layerVariable, List<String> layers, List<TwoWayTable> tables) {
  /// @throws IllegalArgumentException if there are no tables, or not as many as layers
  public LayeredTable {
    layers = List.copyOf(layers);
    tables = List.copyOf(tables);
    if (tables.isEmpty() || tables.size() != layers.size()) {
      throw new IllegalArgumentException(
          "%d tables for the layers %s".formatted(tables.size(), layers));
    }
  }

  /// Labels and variables are the same in all layers.
  public TwoWayTable first() {
    return tables.getFirst();
  }

  /// Whether each layer has two rows and two columns.
  public boolean isTwoByTwo() {
    return first().isTwoByTwo();
  }

  /// Whether every row and column of a layer has observations, so that its shares can be compared.
  ///
  /// @param layer from 0
  /// @throws IndexOutOfBoundsException if there is no such layer
  public boolean compares(int layer) {
    TwoWayTable table = tables.get(layer);
    boolean rows = table.counts().stream().allMatch(row -> row.stream().anyMatch(c -> c > 0));
    boolean columns =
        IntStream.range(0, table.columns().size())
            .allMatch(j -> table.counts().stream().anyMatch(row -> row.get(j) > 0));
    return rows && columns;
  }

  /// The layers that compare anything, counted from 0.
  public List<Integer> comparing() {
    return IntStream.range(0, layers.size()).filter(this::compares).boxed().toList();
  }

  /// The table that was typed, if every label and count is right and some layer compares anything.
  public static Checked<LayeredTable> check(TableEntry entry) {
    EntryReader reader = new EntryReader(entry);
    int rows = entry.rows().size();
    int columns = entry.columns().size();
    TwoWayTable.checkSize(entry, reader);
    if (entry.layers().size() < 2 || entry.layers().size() > TableEntry.MOST_LAYERS) {
      reader.report(
          new Problem.WholeTable(),
          Phrase.of("problem.number-of-layers")
              .with("layers", entry.layers().size())
              .with("most", TableEntry.MOST_LAYERS));
    }
    reader.checkRowLabels();
    reader.checkColumnLabels();
    reader.checkLayerLabels();
    List<List<Long>> counts = reader.counts(0, columns - 1);
    LayeredTable table =
        new LayeredTable(
            EntryReader.named(entry.layerVariable(), "stratum"),
            entry.layers(),
            IntStream.range(0, entry.layers().size())
                .mapToObj(
                    k ->
                        new TwoWayTable(
                            EntryReader.named(entry.rowVariable(), "row category"),
                            EntryReader.named(entry.columnVariable(), "column category"),
                            entry.rows(),
                            entry.columns(),
                            counts.subList(k * rows, (k + 1) * rows)))
                .toList());
    if (reader.problems().isEmpty()) {
      table.checkFilled(reader);
    }
    return Checked.of(reader.problems(), () -> table);
  }

  private void checkFilled(EntryReader reader) {
    for (int k = 0; k < layers.size(); k++) {
      long size =
          tables.get(k).counts().stream().flatMap(List::stream).mapToLong(Long::longValue).sum();
      if (size < 2) {
        reader.report(
            new Problem.LayerLabel(k),
            Phrase.of("problem.thin-layer").with("layer", layers.get(k)).with("n", size));
      }
    }
    if (comparing().isEmpty()) {
      reader.report(new Problem.WholeTable(), Phrase.of("problem.no-layer-compares"));
    }
  }
}
