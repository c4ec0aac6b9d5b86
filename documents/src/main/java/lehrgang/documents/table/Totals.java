package lehrgang.documents.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Phrase;

/// The margins of a pasted table: the last row and column where they add up, or nearly do.
///
/// @param row    whether the last row holds column totals
/// @param column whether the last column holds row totals
/// @param notes  what was found, in sentences
record Totals(Margin row, Margin column, List<Phrase> notes) {
  /// Whether a margin is there.
  enum Margin {
    NONE,
    TOTALS
  }

  private static final Pattern NAME =
      Pattern.compile(
          "(?iu)(grand |row |column )?(totals?|sums?|summen?|gesamt|alle?|insgesamt|n|Σ)\\.?");

  boolean found() {
    return row == Margin.TOTALS || column == Margin.TOTALS;
  }

  TableEntry without(TableEntry table) {
    TableEntry left = table;
    if (row == Margin.TOTALS) {
      left = left.withoutRow(left.rows().size() - 1);
    }
    return column == Margin.TOTALS ? left.withoutColumn(left.columns().size() - 1) : left;
  }

  static Totals in(TableEntry table) {
    long[][] counts = numbers(table);
    if (counts.length < 2 || counts[0].length < 2) {
      return new Totals(Margin.NONE, Margin.NONE, List.of());
    }
    boolean lastRow = addsUp(turned(counts), named(table.rows()));
    boolean lastColumn = addsUp(counts, named(table.columns()));
    List<Phrase> notes = new ArrayList<>();
    if (lastRow || lastColumn) {
      notes.addAll(mismatches(table, counts, lastRow, lastColumn));
    }
    Totals found =
        new Totals(
            lastRow ? Margin.TOTALS : Margin.NONE, lastColumn ? Margin.TOTALS : Margin.NONE, notes);
    if (found.found()) {
      notes.addFirst(found.inWords());
    }
    return found;
  }

  /// Which margins are there.
  Phrase inWords() {
    String which = row == Margin.NONE ? "column" : column == Margin.NONE ? "row" : "both";
    return Phrase.of("import.totals." + which);
  }

  private static boolean named(List<String> labels) {
    return isName(labels.getLast());
  }

  /// Whether a label says that it stands for the sum of others.
  static boolean isName(String label) {
    return NAME.matcher(label.strip()).matches();
  }

  /// Whether the last number of most lines is the sum of the others. A name such as "Total" needs
  /// one line that agrees; without it all must, or all but one of four or more.
  private static boolean addsUp(long[][] lines, boolean named) {
    int width = lines[0].length;
    if (width < 3) {
      return false;
    }
    long agreeing = IntStream.range(0, lines.length).filter(i -> off(lines[i]) == 0).count();
    boolean something = LongStream.of(lines[0]).anyMatch(c -> c != 0);
    boolean nearly = lines.length >= 4 && agreeing >= lines.length - 1;
    return something && (named ? agreeing > 0 : agreeing == lines.length || nearly);
  }

  /// By how much the last number of a line differs from the sum of the others.
  private static long off(long[] line) {
    long sum = LongStream.of(line).limit(line.length - 1).sum();
    return line[line.length - 1] - sum;
  }

  private static List<Phrase> mismatches(
      TableEntry table, long[][] counts, boolean lastRow, boolean lastColumn) {
    List<Phrase> notes = new ArrayList<>();
    long[][] columns = turned(counts);
    List<Integer> wrongRows = lastColumn ? wrong(counts) : List.of();
    List<Integer> wrongColumns = lastRow ? wrong(columns) : List.of();
    if (lastRow && lastColumn) {
      Optional<Phrase> margin =
          wrongTotal(table.rows(), counts, columns, wrongRows, wrongColumns)
              .or(() -> wrongTotal(table.columns(), columns, counts, wrongColumns, wrongRows));
      if (margin.isPresent()) {
        notes.add(margin.get());
        return notes;
      }
    }
    if (wrongRows.size() == 1
        && wrongColumns.size() == 1
        && off(counts[wrongRows.getFirst()]) == off(columns[wrongColumns.getFirst()])) {
      int i = wrongRows.getFirst();
      int j = wrongColumns.getFirst();
      notes.add(
          Phrase.of("import.totals.cell")
              .with("row", table.rows().get(i))
              .with("column", table.columns().get(j))
              .with("value", table.cells().get(i).get(j))
              .with("better", counts[i][j] + off(counts[i])));
      return notes;
    }
    for (int i : wrongRows) {
      notes.add(total(table.rows().get(i), counts[i]));
    }
    for (int j : wrongColumns) {
      notes.add(total(table.columns().get(j), columns[j]));
    }
    return notes;
  }

  /// A total that is wrong itself makes its own line wrong and the line of the totals, in opposite
  /// senses; the total of all makes both lines of totals wrong.
  private static Optional<Phrase> wrongTotal(
      List<String> labels,
      long[][] lines,
      long[][] across,
      List<Integer> wrong,
      List<Integer> wrongAcross) {
    boolean one = wrong.size() == 1 && wrongAcross.equals(List.of(across.length - 1));
    if (!one) {
      return Optional.empty();
    }
    long[] line = lines[wrong.getFirst()];
    boolean ofAll = wrong.getFirst() == lines.length - 1;
    long expected = ofAll ? off(line) : -off(line);
    return off(across[across.length - 1]) == expected
        ? Optional.of(total(labels.get(wrong.getFirst()), line))
        : Optional.empty();
  }

  private static Phrase total(String label, long[] line) {
    return Phrase.of("import.totals.total")
        .with("label", label)
        .with("value", line[line.length - 1])
        .with("sum", line[line.length - 1] - off(line));
  }

  private static List<Integer> wrong(long[][] lines) {
    return IntStream.range(0, lines.length).filter(i -> off(lines[i]) != 0).boxed().toList();
  }

  private static long[][] turned(long[][] counts) {
    return IntStream.range(0, counts[0].length)
        .mapToObj(j -> IntStream.range(0, counts.length).mapToLong(i -> counts[i][j]).toArray())
        .toArray(long[][]::new);
  }

  private static long[][] numbers(TableEntry table) {
    return table.cells().stream()
        .map(
            row ->
                row.stream().mapToLong(cell -> number(cell).orElse(Long.MIN_VALUE / 64)).toArray())
        .toArray(long[][]::new);
  }

  static OptionalLong number(String cell) {
    String digits = cell.replaceAll("[ \u00a0\u2009\u202f]", "");
    return digits.matches("[0-9]{1,15}")
        ? OptionalLong.of(Long.parseLong(digits))
        : OptionalLong.empty();
  }
}
