package lehrgang.core.data;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.wording.Excerpt;
import lehrgang.core.wording.Phrase;

/// Reads labels and counts from a typed table and collects what is wrong with them.
final class EntryReader {
  private static final int LONGEST_COUNT = 16;

  private final TableEntry entry;
  private final List<Problem> problems = new ArrayList<>();

  EntryReader(TableEntry entry) {
    this.entry = entry;
  }

  List<Problem> problems() {
    return problems;
  }

  void report(Problem.Place place, Phrase sentence) {
    problems.add(new Problem(place, sentence));
  }

  static String named(String variable, String otherwise) {
    return variable.isBlank() ? otherwise : variable.strip();
  }

  void checkRowLabels() {
    checkLabels(entry.rows(), "row");
  }

  void checkColumnLabels() {
    checkLabels(entry.columns(), "column");
  }

  void checkLayerLabels() {
    checkLabels(entry.layers(), "layer");
  }

  private static Problem.Place labelOf(String side, int i) {
    return switch (side) {
      case "row" -> new Problem.RowLabel(i);
      case "column" -> new Problem.ColumnLabel(i);
      default -> new Problem.LayerLabel(i);
    };
  }

  private void checkLabels(List<String> labels, String side) {
    Map<String, Integer> first = new HashMap<>();
    for (int i = 0; i < labels.size(); i++) {
      Problem.Place place = labelOf(side, i);
      String label = labels.get(i).strip();
      Integer earlier = label.isEmpty() ? null : first.putIfAbsent(label, i);
      if (label.isEmpty()) {
        report(place, Phrase.of("problem.no-label." + side).with("number", i + 1));
      } else if (earlier != null) {
        report(
            place,
            Phrase.of("problem.same-label." + side)
                .with("label", label)
                .with("one", earlier + 1)
                .with("other", i + 1));
      }
    }
  }

  /// The counts of some columns, by row, layer after layer; 0 stands for what could not be read.
  List<List<Long>> counts(int firstColumn, int lastColumn) {
    List<List<Long>> counts = new ArrayList<>();
    long sum = 0;
    for (int i = 0; i < entry.cells().size(); i++) {
      List<Long> row = new ArrayList<>();
      for (int j = firstColumn; j <= lastColumn; j++) {
        row.add(count(i, j));
        sum = Math.min(TableEntry.MOST_OBSERVATIONS + 1, sum + row.getLast());
      }
      counts.add(row);
    }
    if (sum > TableEntry.MOST_OBSERVATIONS) {
      report(new Problem.WholeTable(), Phrase.of("problem.too-many-observations"));
    }
    return counts;
  }

  private long count(int i, int j) {
    String typed = entry.cells().get(i).get(j);
    String text = plain(typed);
    String wrong = whatIsWrong(text);
    if (wrong.isEmpty()) {
      return Long.parseLong(text);
    }
    report(
        new Problem.Cell(i, j),
        Phrase.of(wrong).with("place", place(i, j)).with("value", Excerpt.of(typed)));
    return 0;
  }

  /// A cell in words: its row, and its column where there is a choice of columns.
  Phrase place(int i, int j) {
    int inLayer = i % entry.rows().size();
    Phrase row = Phrase.label(labelOr(entry.rows().get(inLayer), inLayer));
    if (entry.form() == TableForm.FREQUENCIES) {
      return row;
    }
    String column = labelOr(entry.columns().get(j), j);
    Phrase head =
        entry.form().namesItsColumns() ? Phrase.label(column) : Phrase.of("column." + column);
    Phrase place = Phrase.of("place.in-table").with("row", row).with("column", head);
    if (entry.layers().isEmpty()) {
      return place;
    }
    int layer = i / entry.rows().size();
    return Phrase.of("place.in-layer")
        .with("place", place)
        .with("layer", labelOr(entry.layers().get(layer), layer));
  }

  private static String labelOr(String label, int position) {
    return label.isBlank() ? Integer.toString(position + 1) : label.strip();
  }

  /// Leaves out the spaces that group thousands.
  private static String plain(String text) {
    String stripped = text.strip();
    return isDigits(stripped)
        ? stripped
        : stripped.matches("\\d{1,3}([ \u00a0\u2009\u202f]\\d{3})+")
            ? stripped.replaceAll("\\D", "")
            : stripped;
  }

  private static boolean isDigits(String text) {
    return !text.isEmpty() && text.chars().allMatch(c -> c >= '0' && c <= '9');
  }

  private static String whatIsWrong(String text) {
    if (text.isEmpty()) {
      return "problem.empty-cell";
    }
    if (isDigits(text)) {
      return text.length() > LONGEST_COUNT ? "problem.count-too-large" : "";
    }
    if (text.matches("[-−–]\\s*[0-9]+([.,][0-9]+)?")) {
      return "problem.negative-count";
    }
    return text.matches("[0-9]*[.,][0-9]+|[0-9]+[.,]")
        ? "problem.fraction-count"
        : "problem.not-a-count";
  }
}
