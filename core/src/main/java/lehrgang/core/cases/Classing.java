package lehrgang.core.cases;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// Classes of a number: edges in rising order, and which end of a class belongs to it.
///
/// @param edges  two or more, rising
/// @param closed the end that belongs to its class
/// @param ends   whether what lies beyond the outer edges has a class of its own
public record Classing(List<BigDecimal> edges, Closed closed, Ends ends) {
  public enum Closed {
    /// A number on an edge belongs to the class above it.
    LEFT,
    /// A number on an edge belongs to the class below it.
    RIGHT;

    /// As it stands in files.
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  public enum Ends {
    /// What lies beyond is in no class, and said.
    CLOSED,
    /// There is a class below the first edge and one above the last.
    OPEN;

    /// As it stands in files.
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /// @throws IllegalArgumentException if the edges do not rise, or there are too few
  public Classing {
    edges = List.copyOf(edges);
    for (int i = 1; i < edges.size(); i++) {
      if (edges.get(i - 1).compareTo(edges.get(i)) >= 0) {
        throw new IllegalArgumentException("edges must rise: " + edges);
      }
    }
    if (edges.size() < (ends == Ends.OPEN ? 1 : 2)) {
      throw new IllegalArgumentException("too few edges: " + edges);
    }
  }

  /// The classes' names in rising order.
  public List<String> names() {
    List<String> names = new ArrayList<>();
    if (ends == Ends.OPEN) {
      names.add(name(closed == Closed.LEFT ? "class.under" : "class.up-to", edges.getFirst()));
    }
    for (int i = 1; i < edges.size(); i++) {
      names.add(
          Wording.english()
              .text(
                  Phrase.of(closed == Closed.LEFT ? "class.to-under" : "class.over-to")
                      .with("low", text(edges.get(i - 1)))
                      .with("high", text(edges.get(i)))));
    }
    if (ends == Ends.OPEN) {
      names.add(name(closed == Closed.LEFT ? "class.and-over" : "class.over", edges.getLast()));
    }
    return names;
  }

  private static String name(String key, BigDecimal edge) {
    return Wording.english().text(Phrase.of(key).with("edge", text(edge)));
  }

  /// The place of a number among the classes; empty where it lies in none.
  public Optional<Integer> place(BigDecimal number) {
    int below = 0;
    for (BigDecimal edge : edges) {
      int order = number.compareTo(edge);
      if (order > 0 || order == 0 && closed == Closed.LEFT) {
        below++;
      }
    }
    if (ends == Ends.OPEN) {
      return Optional.of(below);
    }
    return below == 0 || below == edges.size() ? Optional.empty() : Optional.of(below - 1);
  }

  private static String text(BigDecimal edge) {
    return edge.stripTrailingZeros().toPlainString().replace('-', '−');
  }

  /// Edges that are round numbers and make about `many` classes of some numbers; the few at the far
  /// ends, such as a misprint, do not stretch them.
  ///
  /// @param numbers one or more
  /// @param many 1 or more
  /// @throws IllegalArgumentException if there are no numbers, or `many` is below 1
  public static Classing proposed(List<BigDecimal> numbers, int many) {
    if (numbers.isEmpty() || many < 1) {
      throw new IllegalArgumentException(
          "%d classes of %d numbers".formatted(many, numbers.size()));
    }
    List<BigDecimal> sorted = numbers.stream().sorted().toList();
    int spare = sorted.size() / 100;
    double low = sorted.get(spare).doubleValue();
    double high = sorted.get(sorted.size() - 1 - spare).doubleValue();
    double rough = Math.max(high - low, Math.max(Math.abs(high), 1) * 1e-9) / many;
    double power = Math.pow(10, Math.floor(Math.log10(rough)));
    double lead = rough / power;
    BigDecimal step =
        new BigDecimal(lead <= 1 ? "1" : lead <= 2 ? "2" : lead <= 5 ? "5" : "10")
            .scaleByPowerOfTen((int) Math.round(Math.log10(power)));
    BigDecimal edge = new BigDecimal(low).divide(step, 0, RoundingMode.FLOOR).multiply(step);
    List<BigDecimal> edges = new ArrayList<>();
    edges.add(edge);
    while (edge.doubleValue() <= high) {
      edge = edge.add(step);
      edges.add(edge);
    }
    return new Classing(edges, Closed.LEFT, Ends.CLOSED);
  }

  @Override
  public String toString() {
    return String.format(Locale.ROOT, "%s, %s closed, ends %s", edges, closed.key(), ends.key());
  }
}
