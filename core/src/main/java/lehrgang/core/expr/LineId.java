package lehrgang.core.expr;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/// The stable name of a line, such as `E[2,3]` or `X2`.
///
/// @param name  the family: letters, digits and dots
/// @param index layer, row and column counted from 1, or letters for the general member; may be
///     empty
public record LineId(String name, List<String> index) {
  private static final Pattern FORM = Pattern.compile("([A-Za-z][A-Za-z0-9.]*)(?:\\[([^\\]]+)])?");

  /// Positions as text, made once: tables ask for them by the thousand.
  private static final List<String> POSITIONS =
      IntStream.range(0, 100).mapToObj(Integer::toString).toList();

  /// @throws IllegalArgumentException if the name does not begin with a letter
  public LineId {
    if (name.isEmpty() || !Character.isLetter(name.charAt(0))) {
      throw new IllegalArgumentException(
          "a line's name begins with a letter: \"%s\"".formatted(name));
    }
    index = List.copyOf(index);
  }

  private static String position(int i) {
    if (i < 0) {
      throw new IllegalArgumentException("an index is 0 or more: " + i);
    }
    return i < POSITIONS.size() ? POSITIONS.get(i) : Integer.toString(i);
  }

  /// The id of a line that stands alone.
  ///
  /// @throws IllegalArgumentException if the name does not begin with a letter
  public static LineId of(String name) {
    return new LineId(name, List.of());
  }

  /// The id of a member of a family with one index.
  ///
  /// @param i from 1, or from 0 where outcomes are counted
  /// @throws IllegalArgumentException if the name does not begin with a letter, or the index is
  ///     below 0
  public static LineId of(String name, int i) {
    return new LineId(name, List.of(position(i)));
  }

  /// The id of a member of a family with two indices.
  ///
  /// @param i from 1, or from 0 where outcomes are counted
  /// @param j from 1
  /// @throws IllegalArgumentException if the name does not begin with a letter, or an index is
  ///     below 0
  public static LineId of(String name, int i, int j) {
    return new LineId(name, List.of(position(i), position(j)));
  }

  /// The id of a cell's member in a layer.
  ///
  /// @param layer from 1
  /// @param i from 1, or from 0 where outcomes are counted
  /// @param j from 1
  /// @throws IllegalArgumentException if the name does not begin with a letter, or an index is
  ///     below 0
  public static LineId of(String name, int layer, int i, int j) {
    return new LineId(name, List.of(position(layer), position(i), position(j)));
  }

  /// The member that stands for all of its family in a symbol, such as *K*ᵢⱼ.
  ///
  /// @throws IllegalArgumentException if the name does not begin with a letter
  public static LineId general(String name, String... index) {
    return new LineId(name, List.of(index));
  }

  /// The id that `text` spells, if it spells one.
  public static Optional<LineId> parse(String text) {
    Matcher matcher = FORM.matcher(text.strip());
    if (!matcher.matches()) {
      return Optional.empty();
    }
    List<String> index =
        matcher.group(2) == null ? List.of() : List.of(matcher.group(2).split(",", -1));
    return Optional.of(new LineId(matcher.group(1), index));
  }

  /// Ids are looked up far more often than anything else; spelled out, that takes half the time.
  @Override
  public boolean equals(Object other) {
    return this == other
        || other instanceof LineId(String itsName, List<String> itsIndex)
            && name.equals(itsName)
            && index.equals(itsIndex);
  }

  @Override
  public int hashCode() {
    return switch (index.size()) {
      case 0 -> name.hashCode();
      case 1 -> 31 * name.hashCode() + index.get(0).hashCode();
      case 2 -> 31 * (31 * name.hashCode() + index.get(0).hashCode()) + index.get(1).hashCode();
      default -> 31 * name.hashCode() + index.hashCode();
    };
  }

  @Override
  public String toString() {
    return index.isEmpty() ? name : name + "[" + String.join(",", index) + "]";
  }
}
