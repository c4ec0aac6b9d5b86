package lehrgang.documents.cases;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.data.TableEntry;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.table.LayeredImport;

/// What a block of fields is taken for.
public enum Kind {
  /// One subject a line.
  RECORDS,
  /// Counts by two variables.
  TWO_WAY,
  /// A category with its count, and perhaps its share, a line.
  FREQUENCIES,
  /// Counts by two variables in each category of a third.
  LAYERS;

  private static final int MOST_LINES = TableEntry.MOST_CATEGORIES + 1;

  /// A few lines of different labels with numbers beside most of them are a table; anything else is
  /// records.
  public static Kind of(CaseTable sample) {
    int width = sample.columns().size();
    if (width < 2 || width > MOST_LINES) {
      return RECORDS;
    }
    if (LayeredImport.isLayered(grid(sample))) {
      return LAYERS;
    }
    if (sample.size() > MOST_LINES) {
      return RECORDS;
    }
    List<Integer> lines = IntStream.range(0, sample.size()).boxed().toList();
    long labels = lines.stream().map(i -> sample.field(i, 0)).distinct().count();
    long counts =
        lines.stream()
            .flatMap(i -> IntStream.range(1, width).mapToObj(j -> isCount(sample.field(i, j))))
            .filter(count -> count)
            .count();
    if (counts * 2 <= (long) sample.size() * (width - 1) || labels < sample.size()) {
      return RECORDS;
    }
    boolean shares =
        width == 3 && lines.stream().anyMatch(i -> !sample.field(i, 2).strip().matches("[0-9]*"));
    boolean named = width == 3 && sample.columns().get(2).equalsIgnoreCase(TableEntry.SHARE);
    return width == 2 || shares || named ? FREQUENCIES : TWO_WAY;
  }

  /// Whether a file is tables one below the other, each under a line that names its layer; such a
  /// file has no columns.
  public static boolean isTitled(CaseSource file) {
    try {
      return LayeredImport.isTitled(file.text());
    } catch (FileProblem e) {
      return false;
    }
  }

  private static List<List<String>> grid(CaseTable sample) {
    List<List<String>> grid = new ArrayList<>(List.of(sample.columns()));
    for (int i = 0; i < sample.size(); i++) {
      int line = i;
      grid.add(
          IntStream.range(0, sample.columns().size())
              .mapToObj(j -> sample.field(line, j).strip())
              .toList());
    }
    return grid;
  }

  private static boolean isCount(String field) {
    String text = field.strip();
    return text.isEmpty()
        || DecimalSign.POINT.read(text).isPresent()
        || DecimalSign.COMMA.read(text).isPresent()
        || text.matches("[0-9., ]+%|[0-9]+/[0-9]+");
  }

  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
