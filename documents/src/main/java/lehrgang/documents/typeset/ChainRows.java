package lehrgang.documents.typeset;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/// Breaks a chain of equalities into rows: before its signs, and, in a part that is too wide for a
/// row of its own, between its terms. Later rows begin where the right sides do.
public final class ChainRows {
  private ChainRows() {}

  /// @param parts what stands in the row, from left to right
  /// @param left  how far from the left edge it begins
  public record Row<T>(List<T> parts, double left) {}

  /// @param parts     the left side, then each right side in its terms
  /// @param width     of a term
  /// @param available how wide a row may be
  public static <T> List<Row<T>> of(
      List<List<T>> parts, ToDoubleFunction<T> width, double available) {
    double indent = sum(parts.getFirst(), width);
    List<Row<T>> rows = new ArrayList<>();
    List<T> current = new ArrayList<>(parts.getFirst());
    double used = indent;
    for (List<T> part : parts.subList(1, parts.size())) {
      boolean first = rows.isEmpty() && current.size() == parts.getFirst().size();
      boolean whole = indent + sum(part, width) <= available;
      List<List<T>> pieces = whole ? List.of(part) : part.stream().map(List::of).toList();
      for (List<T> piece : pieces) {
        double wide = sum(piece, width);
        if (!first && used + wide > available) {
          rows.add(new Row<>(current, rows.isEmpty() ? 0 : indent));
          current = new ArrayList<>();
          used = indent;
        }
        first = false;
        current.addAll(piece);
        used += wide;
      }
    }
    rows.add(new Row<>(current, rows.isEmpty() ? 0 : indent));
    return rows;
  }

  private static <T> double sum(List<T> terms, ToDoubleFunction<T> width) {
    return terms.stream().mapToDouble(width).sum();
  }
}
