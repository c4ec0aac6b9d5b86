package lehrgang.documents.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.wording.Phrase;

/// Reads a two-way table from text: tabs, semicolons or commas between cells, with or without
/// labels, with or without totals. Totals are recognised because they add up, and left out.
public final class TableImport {
  private static final Pattern NUMBER = Pattern.compile("[-−–]?[0-9][0-9 .,\u00a0\u2009\u202f]*");

  /// What reading gives.
  public sealed interface Result {}

  /// @param table         without totals
  /// @param notes         what was done, in sentences
  /// @param withTotals    the table with its totals as categories, where there were any
  public record Recognised(TableEntry table, List<Phrase> notes, Optional<TableEntry> withTotals)
      implements Result {}

  public record Unreadable(Problem problem) implements Result {}

  private TableImport() {}

  /// @param text the table as it was copied or read from a file
  public static Result read(String text) {
    List<List<String>> grid;
    try {
      grid = TextCells.of(text);
    } catch (TextCells.Refused e) {
      return unreadable(e.sentence());
    }
    Optional<Phrase> problem = taken(grid);
    return problem.isPresent() ? unreadable(problem.get()) : new Recognition(grid).result();
  }

  /// What keeps a block of cells from being a table, if anything does; a missing corner is mended.
  private static Optional<Phrase> taken(List<List<String>> grid) {
    return grid.size() < 2 || grid.stream().allMatch(row -> row.size() < 2)
        ? Optional.of(Phrase.of("import.nothing"))
        : mendCorner(grid);
  }

  /// A block of cells as a table, with its totals if it has any.
  static Optional<TableEntry> whole(List<List<String>> grid) {
    return taken(grid).isPresent() ? Optional.empty() : Optional.of(new Recognition(grid).whole());
  }

  /// Reads the same two-way table in several layers.
  public static Result readLayers(String text) {
    try {
      return LayeredImport.read(TextCells.of(text))
          .orElseGet(() -> unreadable(Phrase.of("import.not-layers")));
    } catch (TextCells.Refused e) {
      return unreadable(e.sentence());
    }
  }

  private static Result unreadable(Phrase sentence) {
    return new Unreadable(new Problem(new Problem.WholeTable(), sentence));
  }

  /// Reads a table of a form; where it is of another form, that one is taken.
  public static Result readAs(TableForm form, String text) {
    Result layered = readLayers(text);
    if (layered instanceof Recognised) {
      return layered;
    }
    Result frequencies = readFrequencies(text);
    Result table = read(text);
    boolean single =
        !(table instanceof Recognised(var entry, _, _))
            || entry.columns().size() == 1
            || entry.columns().getFirst().equalsIgnoreCase(TableEntry.OBSERVED);
    return switch (form) {
      case FREQUENCIES -> frequencies instanceof Recognised ? frequencies : table;
      case TWO_WAY, LAYERS -> single && frequencies instanceof Recognised ? frequencies : table;
      case SHARES ->
          table instanceof Recognised(var entry, _, _) && entry.columns().size() == 2
              ? new Recognised(asShares(entry), List.of(), Optional.empty())
              : table;
    };
  }

  private static TableEntry asShares(TableEntry entry) {
    return new TableEntry(
        TableForm.SHARES,
        entry.rowVariable(),
        entry.columnVariable(),
        entry.rows(),
        List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
        entry.cells());
  }

  /// Labels with stated shares and nothing else, if the text holds that: percentages, fractions or
  /// decimals.
  public static Optional<Recognised> sharesIn(String text) {
    return readFrequencies(text) instanceof Recognised(var entry, var notes, _)
            && entry.columns().size() == 1
            && entry.cells().stream().anyMatch(row -> row.getFirst().matches(".*[%/.,:].*"))
        ? Optional.of(new Recognised(entry, notes, Optional.empty()))
        : Optional.empty();
  }

  /// Reads a category, its count and perhaps its stated share from each line, below an optional
  /// line of headings. A last line that holds the sum of the counts is a total and left out.
  public static Result readFrequencies(String text) {
    List<List<String>> grid;
    try {
      grid = TextCells.of(text);
    } catch (TextCells.Refused e) {
      return unreadable(e.sentence());
    }
    int width = grid.stream().mapToInt(List::size).max().orElse(0);
    if (grid.isEmpty() || width < 2 || width > 3) {
      return unreadable(Phrase.of("import.not-frequencies"));
    }
    Optional<Phrase> ragged = ragged(grid);
    if (ragged.isPresent()) {
      return unreadable(ragged.get());
    }
    String first = grid.getFirst().get(1);
    boolean headed = !isNumber(first) && TypedNumber.read(first).isEmpty();
    String variable = headed ? grid.getFirst().getFirst() : "";
    List<List<String>> rows = headed ? grid.subList(1, grid.size()) : grid;
    TableEntry all = frequencies(variable, rows, width);
    return endsWithTotal(rows)
        ? new Recognised(
            all.withoutRow(rows.size() - 1),
            List.of(Phrase.of("import.totals.row")),
            Optional.of(all))
        : new Recognised(all, List.of(), Optional.empty());
  }

  private static TableEntry frequencies(String variable, List<List<String>> rows, int width) {
    boolean named = !variable.equalsIgnoreCase("category");
    return new TableEntry(
        TableForm.FREQUENCIES,
        named ? variable : "",
        "",
        rows.stream().map(List::getFirst).toList(),
        List.of(TableEntry.OBSERVED, TableEntry.SHARE).subList(0, width - 1),
        rows.stream().map(row -> List.copyOf(row.subList(1, width))).toList());
  }

  private static boolean endsWithTotal(List<List<String>> rows) {
    if (rows.size() < 4 || !rows.stream().allMatch(row -> row.get(1).matches("[0-9]{1,15}"))) {
      return false;
    }
    long sum =
        rows.subList(0, rows.size() - 1).stream()
            .mapToLong(row -> Long.parseLong(row.get(1)))
            .sum();
    return sum == Long.parseLong(rows.getLast().get(1));
  }

  /// A head line that lacks the free corner cell gets one; other lines must be as long as the head.
  private static Optional<Phrase> mendCorner(List<List<String>> grid) {
    int width = grid.stream().skip(1).mapToInt(List::size).max().orElse(grid.getFirst().size());
    if (grid.getFirst().size() == width - 1 && grid.size() > 1) {
      grid.getFirst().addFirst("");
    }
    return ragged(grid);
  }

  private static Optional<Phrase> ragged(List<List<String>> grid) {
    for (int i = 0; i < grid.size(); i++) {
      if (grid.get(i).size() != grid.getFirst().size()) {
        return Optional.of(
            Phrase.of("import.ragged")
                .with("line", i + 1)
                .with("cells", grid.get(i).size())
                .with("expected", grid.getFirst().size()));
      }
    }
    return Optional.empty();
  }

  static boolean isNumber(String text) {
    return NUMBER.matcher(text).matches();
  }

  /// One block of cells, taken apart into labels, counts and totals.
  private static final class Recognition {
    private final List<List<String>> grid;
    private final boolean labelledColumns;
    private final boolean labelledRows;
    private final List<Phrase> notes = new ArrayList<>();

    Recognition(List<List<String>> grid) {
      this.grid = grid;
      this.labelledColumns =
          grid.getFirst().stream().skip(1).anyMatch(cell -> !isNumber(cell) && !cell.isEmpty())
              || grid.getFirst().size() == 1;
      this.labelledRows =
          grid.stream().skip(labelledColumns ? 1 : 0).anyMatch(row -> !isNumber(row.getFirst()));
    }

    Result result() {
      TableEntry all = whole();
      Totals totals = Totals.in(all);
      notes.addAll(totals.notes());
      return totals.found()
          ? new Recognised(totals.without(all), List.copyOf(notes), Optional.of(all))
          : new Recognised(all, List.copyOf(notes), Optional.empty());
    }

    private TableEntry whole() {
      int firstRow = labelledColumns ? 1 : 0;
      int firstColumn = labelledRows ? 1 : 0;
      List<List<String>> counts =
          grid.stream()
              .skip(firstRow)
              .map(row -> row.subList(Math.min(firstColumn, row.size()), row.size()))
              .toList();
      int width = grid.getFirst().size() - firstColumn;
      List<String> columns =
          labelledColumns
              ? grid.getFirst().subList(firstColumn, grid.getFirst().size())
              : numbered("column", width);
      List<String> rows =
          labelledRows
              ? grid.stream().skip(firstRow).map(List::getFirst).toList()
              : numbered("row", counts.size());
      String[] variables =
          variables(labelledColumns && labelledRows ? grid.getFirst().getFirst() : "");
      return new TableEntry(variables[0], variables[1], rows, columns, counts);
    }

    private static List<String> numbered(String name, int many) {
      return IntStream.rangeClosed(1, many).mapToObj(i -> name + " " + i).toList();
    }

    /// A corner such as `route / season` names both variables; one such as `Gate` stands above the
    /// row labels and names theirs.
    private static String[] variables(String corner) {
      String[] parts = corner.strip().split("\\s*[/\\\\|×]\\s*");
      return switch (parts.length) {
        case 1 -> new String[] {isNumber(parts[0]) ? "" : parts[0], ""};
        case 2 -> parts;
        default -> new String[] {"", ""};
      };
    }
  }
}
