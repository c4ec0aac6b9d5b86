package lehrgang.documents.table;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.table.TableImport.Recognised;
import lehrgang.documents.table.TableImport.Result;
import lehrgang.documents.table.TableImport.Unreadable;

/// Reads the same two-way table in several layers.
///
/// The layer stands in the first column and the row in the second; a layer that is named once
/// counts for the lines below it. Or the tables stand one below the other, each under a line that
/// names its layer. Rows and columns of the layers are matched by their labels, never by place.
public final class LayeredImport {
  private static final int FIRST_COUNT = 2;

  /// A head, and two rows in one layer and one in another, where one may have been forgotten.
  private static final int LEAST_LINES = 4;

  private final String layerVariable;
  private final Map<String, TableEntry> tables;
  private final List<Phrase> notes = new ArrayList<>();

  private LayeredImport(String layerVariable, Map<String, TableEntry> tables) {
    this.layerVariable = layerVariable;
    this.tables = tables;
  }

  /// Whether cells are tables in layers and nothing else: every layer has every row, and counts in
  /// all of them.
  ///
  /// @param grid the first line is the head
  public static boolean isLayered(List<List<String>> grid) {
    return isTable(inColumns(grid));
  }

  /// Whether a text is tables under titles and nothing else.
  public static boolean isTitled(String text) {
    try {
      return isTable(titled(TextCells.of(text)));
    } catch (TextCells.Refused e) {
      return false;
    }
  }

  private static boolean isTable(Optional<LayeredImport> found) {
    return found
        .filter(layers -> layers.tables.size() > 1)
        .filter(layers -> layers.tables.size() <= TableEntry.MOST_LAYERS + 1)
        .map(LayeredImport::result)
        .map(Recognised.class::isInstance)
        .orElse(false);
  }

  /// @return nothing if the cells have another shape
  static Optional<Result> read(List<List<String>> grid) {
    return titled(grid)
        .or(() -> inColumns(grid))
        .filter(found -> found.tables.size() > 1)
        .map(LayeredImport::result);
  }

  /// Tables one below the other, each under a line with the name of its layer.
  private static Optional<LayeredImport> titled(List<List<String>> grid) {
    if (grid.isEmpty() || !isTitle(grid.getFirst())) {
      return Optional.empty();
    }
    Map<String, TableEntry> tables = new LinkedHashMap<>();
    List<List<String>> waiting = new ArrayList<>(grid);
    while (!waiting.isEmpty()) {
      String title = waiting.removeFirst().getFirst();
      List<List<String>> block = new ArrayList<>();
      while (!waiting.isEmpty() && !isTitle(waiting.getFirst())) {
        block.add(waiting.removeFirst());
      }
      Optional<TableEntry> table = TableImport.whole(block);
      if (table.isEmpty() || tables.put(title, table.get()) != null) {
        return Optional.empty();
      }
    }
    return Optional.of(named(tables));
  }

  private static boolean isTitle(List<String> line) {
    return !line.getFirst().isBlank()
        && !TableImport.isNumber(line.getFirst())
        && line.stream().skip(1).allMatch(String::isBlank);
  }

  /// Titles such as *season: Spring* name the variable too.
  private static LayeredImport named(Map<String, TableEntry> tables) {
    Set<String> variables = new LinkedHashSet<>();
    Map<String, TableEntry> bare = new LinkedHashMap<>();
    tables.forEach(
        (title, table) -> {
          int colon = title.indexOf(':');
          variables.add(colon < 0 ? "" : title.substring(0, colon).strip());
          bare.put(title.substring(colon + 1).strip(), table);
        });
    boolean share = variables.size() == 1 && bare.size() == tables.size();
    return share
        ? new LayeredImport(variables.iterator().next(), bare)
        : new LayeredImport("", tables);
  }

  /// One table, with the layer in the first column.
  private static Optional<LayeredImport> inColumns(List<List<String>> grid) {
    if (grid.size() < LEAST_LINES || grid.getFirst().size() < FIRST_COUNT + 2) {
      return Optional.empty();
    }
    List<String> head = grid.getFirst();
    List<String> columns = head.subList(FIRST_COUNT, head.size());
    boolean headed =
        columns.stream().noneMatch(label -> label.isBlank() || TableImport.isNumber(label));
    if (!headed) {
      return Optional.empty();
    }
    Map<String, Map<String, List<String>>> layers = new LinkedHashMap<>();
    String layer = "";
    for (List<String> line : grid.subList(1, grid.size())) {
      boolean counts =
          line.size() == head.size()
              && line.stream().skip(FIRST_COUNT).allMatch(TableImport::isNumber);
      layer = line.getFirst().isBlank() ? layer : line.getFirst();
      boolean labelled = counts && !layer.isBlank() && !TableImport.isNumber(line.get(1));
      if (!labelled
          || line.get(1).isBlank()
          || layers
                  .computeIfAbsent(layer, _ -> new LinkedHashMap<>())
                  .put(line.get(1), line.subList(FIRST_COUNT, line.size()))
              != null) {
        return Optional.empty();
      }
    }
    Map<String, TableEntry> tables = new LinkedHashMap<>();
    layers.forEach(
        (name, rows) ->
            tables.put(
                name,
                new TableEntry(
                    head.get(1),
                    "",
                    List.copyOf(rows.keySet()),
                    columns,
                    List.copyOf(rows.values()))));
    return Optional.of(new LayeredImport(head.getFirst(), tables));
  }

  private Result result() {
    Optional<Phrase> uneven = match();
    if (uneven.isPresent()) {
      return new Unreadable(new Problem(new Problem.WholeTable(), uneven.get()));
    }
    leaveOutTotals();
    leaveOutAllTogether();
    TableEntry first = tables.values().iterator().next();
    return new Recognised(
        new TableEntry(
            TableForm.LAYERS,
            first.rowVariable(),
            first.columnVariable(),
            layerVariable,
            first.rows(),
            first.columns(),
            List.copyOf(tables.keySet()),
            tables.values().stream().flatMap(table -> table.cells().stream()).toList()),
        notes,
        Optional.empty());
  }

  /// Puts the rows and columns of every layer in the order of the first.
  ///
  /// @return what is missing in one of them
  private Optional<Phrase> match() {
    TableEntry first = tables.values().iterator().next();
    for (Map.Entry<String, TableEntry> layer : tables.entrySet()) {
      TableEntry table = layer.getValue();
      Optional<Phrase> problem =
          missing(layer.getKey(), first.rows(), table.rows())
              .or(() -> missing(layer.getKey(), first.columns(), table.columns()));
      if (problem.isPresent()) {
        return problem;
      }
      layer.setValue(
          new TableEntry(
              first.rowVariable(),
              first.columnVariable(),
              first.rows(),
              first.columns(),
              first.rows().stream()
                  .map(row -> table.cells().get(table.rows().indexOf(row)))
                  .map(
                      cells ->
                          first.columns().stream()
                              .map(column -> cells.get(table.columns().indexOf(column)))
                              .toList())
                  .toList()));
    }
    return Optional.empty();
  }

  private static Optional<Phrase> missing(String layer, List<String> wanted, List<String> found) {
    Optional<String> lacking = wanted.stream().filter(label -> !found.contains(label)).findFirst();
    Optional<String> alone = found.stream().filter(label -> !wanted.contains(label)).findFirst();
    return lacking
        .map(label -> Phrase.of("import.layers.lacking").with("label", label))
        .or(() -> alone.map(label -> Phrase.of("import.layers.alone").with("label", label)))
        .map(phrase -> phrase.with("layer", layer));
  }

  /// Margins that all layers have.
  private void leaveOutTotals() {
    Map<String, Totals> margins = new LinkedHashMap<>();
    tables.forEach((layer, table) -> margins.put(layer, Totals.in(table)));
    Totals.Margin row = common(margins, totals -> totals.row() == Totals.Margin.TOTALS);
    Totals.Margin column = common(margins, totals -> totals.column() == Totals.Margin.TOTALS);
    Totals left = new Totals(row, column, List.of());
    if (!left.found()) {
      return;
    }
    notes.add(left.inWords());
    margins.forEach(
        (layer, totals) ->
            totals.notes().stream()
                .skip(1)
                .forEach(
                    note ->
                        notes.add(
                            Phrase.of("import.layers.note")
                                .with("layer", layer)
                                .with("note", note))));
    tables.replaceAll((_, table) -> left.without(table));
  }

  private static Totals.Margin common(Map<String, Totals> margins, Predicate<Totals> has) {
    return margins.values().stream().allMatch(has) ? Totals.Margin.TOTALS : Totals.Margin.NONE;
  }

  /// A last layer that is called a total holds all others together.
  private void leaveOutAllTogether() {
    List<String> names = List.copyOf(tables.keySet());
    String last = names.getLast();
    if (names.size() < 3 || !Totals.isName(last)) {
      return;
    }
    TableEntry together = tables.remove(last);
    boolean addsUp =
        IntStream.range(0, together.rows().size())
            .allMatch(
                i ->
                    IntStream.range(0, together.columns().size())
                        .allMatch(
                            j ->
                                Totals.number(together.cells().get(i).get(j)).orElse(-1)
                                    == tables.values().stream()
                                        .mapToLong(
                                            table ->
                                                Totals.number(table.cells().get(i).get(j))
                                                    .orElse(0))
                                        .sum()));
    notes.add(
        Phrase.of(addsUp ? "import.layers.together" : "import.layers.together.off")
            .with("layer", last));
  }
}
