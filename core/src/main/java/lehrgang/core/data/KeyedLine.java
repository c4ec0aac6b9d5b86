package lehrgang.core.data;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lehrgang.core.wording.Phrase;

/// A table keyed in line by line: a label and its counts, as in `Lake loop 41 55 24`.
///
/// Before any count is typed, a line without numbers names the columns, as in `season: Spring,
/// Summer, Autumn`, and the first line with numbers says how many columns there are.
public final class KeyedLine {
  private static final Pattern TOKEN = Pattern.compile("[^\\s,;|]+");
  private static final Pattern OF_SHARES = Pattern.compile("[^\\s,;|/]+");
  private static final String BETWEEN = "[\\s,;:|/]+";

  /// What came of a line.
  ///
  /// @param row  that was filled, layers counted on; nothing where columns were named
  /// @param note what else is to be said
  public record Taken(TableEntry table, Optional<Integer> row, Optional<Phrase> note) {}

  private final TableEntry table;
  private final String line;
  private final List<MatchResult> numbers;

  private KeyedLine(TableEntry table, String line) {
    this.table = table;
    this.line = line;
    Pattern token = table.form() == TableForm.SHARES ? OF_SHARES : TOKEN;
    List<MatchResult> tokens =
        token
            .matcher(line)
            .results()
            .filter(found -> table.form() != TableForm.SHARES || !found.group().equals("of"))
            .toList();
    int first = tokens.size();
    while (first > 0 && tokens.get(first - 1).group().matches("[0-9]{1,16}")) {
      first--;
    }
    this.numbers = tokens.subList(first, tokens.size());
  }

  /// Puts a line into the table: into the row of its label, else into the next empty row, else into
  /// a row of its own.
  public static Checked<Taken> into(TableEntry table, String line) {
    return new KeyedLine(table, line.strip()).take();
  }

  private Checked<Taken> take() {
    boolean blank = table.cells().stream().flatMap(List::stream).allMatch(String::isBlank);
    boolean open = blank && table.form() == TableForm.TWO_WAY;
    if (line.isEmpty()) {
      return refused(Phrase.of("keyed.empty"));
    }
    if (open && numbers.isEmpty()) {
      return new Checked.Good<>(new Taken(headed(), Optional.empty(), Optional.empty()));
    }
    int width =
        switch (table.form()) {
          case TWO_WAY -> open ? numbers.size() : table.columns().size();
          case LAYERS -> table.columns().size();
          case SHARES -> 2;
          case FREQUENCIES -> 1;
        };
    if (numbers.size() < width || width < 2 && table.form() == TableForm.TWO_WAY) {
      return refused(
          Phrase.of(table.form() == TableForm.SHARES ? "keyed.share" : "keyed.counts")
              .with("counts", numbers.size())
              .with("columns", Math.max(2, table.columns().size())));
    }
    return filled(open ? wide(table, width) : table, width);
  }

  private static Checked<Taken> refused(Phrase sentence) {
    return new Checked.Bad<>(List.of(new Problem(new Problem.WholeTable(), sentence)));
  }

  /// The columns as the line names them.
  private TableEntry headed() {
    int colon = line.indexOf(':');
    String names = line.substring(colon + 1).strip();
    boolean separated = names.matches(".*[,;\\t|].*");
    List<String> labels =
        Arrays.stream(names.split(separated ? "[,;\\t|]" : "\\s+"))
            .map(String::strip)
            .filter(label -> !label.isEmpty())
            .toList();
    if (labels.size() < 2) {
      return table;
    }
    TableEntry named =
        colon < 0
            ? table
            : table.withVariables(table.rowVariable(), line.substring(0, colon).strip());
    TableEntry wide = wide(named, labels.size());
    for (int j = 0; j < labels.size(); j++) {
      wide = wide.withColumnLabel(j, labels.get(j));
    }
    return wide;
  }

  private static TableEntry wide(TableEntry table, int columns) {
    TableEntry wide = table;
    while (wide.columns().size() < columns) {
      wide = wide.withColumnAdded("column " + (wide.columns().size() + 1));
    }
    while (wide.columns().size() > columns) {
      wide = wide.withoutColumn(wide.columns().size() - 1);
    }
    return wide;
  }

  private Checked<Taken> filled(TableEntry wide, int width) {
    boolean totalled = endsInTotal(width);
    int last = numbers.size() - (totalled ? 1 : 0);
    List<MatchResult> counts = numbers.subList(last - width, last);
    String label = line.substring(0, counts.getFirst().start()).replaceAll(BETWEEN + "$", "");
    Optional<Integer> place = place(wide, label);
    boolean mayGrow = wide.form() == TableForm.TWO_WAY || wide.form() == TableForm.FREQUENCIES;
    if (place.isEmpty() && !mayGrow) {
      return refused(Phrase.of("keyed.full").with("label", label));
    }
    TableEntry changed =
        place.isEmpty()
            ? wide.withRowAdded(label.isEmpty() ? "row " + (wide.rows().size() + 1) : label)
            : wide;
    int row = place.orElse(wide.rows().size());
    if (!label.isEmpty() && row < changed.rows().size()) {
      changed = changed.withRowLabel(row, label);
    }
    for (int j = 0; j < width; j++) {
      changed = changed.withCell(row, j, counts.get(j).group());
    }
    return new Checked.Good<>(
        new Taken(
            changed,
            Optional.of(row),
            totalled ? Optional.of(Phrase.of("keyed.total")) : Optional.empty()));
  }

  /// One number too many that is the sum of the others is a total.
  private boolean endsInTotal(int width) {
    if (numbers.size() != width + 1 || width < 2 || table.form() == TableForm.SHARES) {
      return false;
    }
    List<Long> all = numbers.stream().map(number -> Long.parseLong(number.group())).toList();
    return all.subList(0, width).stream().mapToLong(Long::longValue).sum() == all.getLast();
  }

  /// The row that the line is for; none where a row is to be added.
  private static Optional<Integer> place(TableEntry table, String label) {
    List<Integer> rows = IntStream.range(0, table.cells().size()).boxed().toList();
    List<Integer> empty =
        rows.stream()
            .filter(
                i -> table.cells().get(i).stream().limit(width(table)).allMatch(String::isBlank))
            .toList();
    List<Integer> called = new ArrayList<>();
    for (int i : rows) {
      if (table.rows().get(i % table.rows().size()).equalsIgnoreCase(label)) {
        called.add(i);
      }
    }
    Optional<Integer> next =
        called.stream().filter(empty::contains).findFirst().or(() -> called.stream().findFirst());
    if (next.isPresent()) {
      return next;
    }
    if (table.form() == TableForm.SHARES && table.rows().size() == 1) {
      return Optional.of(0);
    }
    // Rows of later layers are called as in the first.
    return empty.stream().findFirst().filter(i -> i < table.rows().size() || label.isEmpty());
  }

  private static long width(TableEntry table) {
    return table.form() == TableForm.FREQUENCIES ? 1 : table.columns().size();
  }
}
