package lehrgang.documents.cases;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/// Lines of a sheet with no blank line among them.
///
/// @param from  the first one, from 0
/// @param lines at least one
record LineGroup(int from, List<List<String>> lines) {
  LineGroup {
    lines = List.copyOf(lines);
  }

  /// The groups of a sheet, in order.
  static List<LineGroup> of(List<List<String>> lines) {
    List<LineGroup> groups = new ArrayList<>();
    int begin = 0;
    for (int end = 0; end <= lines.size(); end++) {
      if (end == lines.size() || WorkbookLines.isBlank(lines.get(end))) {
        if (end > begin) {
          groups.add(new LineGroup(begin, lines.subList(begin, end)));
        }
        begin = end + 1;
      }
    }
    return groups;
  }

  /// Which of some groups holds the most fields.
  ///
  /// @param groups at least one
  static int fullest(List<LineGroup> groups) {
    int fullest = 0;
    for (int k = 1; k < groups.size(); k++) {
      if (groups.get(k).fields() > groups.get(fullest).fields()) {
        fullest = k;
      }
    }
    return fullest;
  }

  /// The line after its last one, from 0.
  int to() {
    return from + lines.size();
  }

  private long fields() {
    return lines.stream().flatMap(List::stream).filter(field -> !field.isBlank()).count();
  }

  private static long filled(List<String> line) {
    return line.stream().filter(field -> !field.isBlank()).count();
  }

  private int columns() {
    return lines.stream().mapToInt(List::size).max().orElse(0);
  }

  /// In how many columns something stands.
  private long width() {
    return IntStream.range(0, columns())
        .filter(j -> lines.stream().anyMatch(line -> j < line.size() && !line.get(j).isBlank()))
        .count();
  }

  /// Whether its lines may be records like those of another group: more than half of the columns
  /// hold something in its fullest line. A heading or a note has a field or two.
  boolean isFilledAs(LineGroup other) {
    long most = lines.stream().mapToLong(LineGroup::filled).max().orElse(0);
    return 2 * most > other.width() && width() <= other.width();
  }
}
