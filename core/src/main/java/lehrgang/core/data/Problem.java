package lehrgang.core.data;

import lehrgang.core.wording.Phrase;

/// Something in the input that keeps the solution from being worked out.
///
/// @param place    where it is
/// @param sentence what is wrong and what to do
public record Problem(Place place, Phrase sentence) {
  /// A place in the input; rows and columns count from 0.
  public sealed interface Place {}

  public record Cell(int row, int column) implements Place {}

  public record RowLabel(int row) implements Place {}

  public record ColumnLabel(int column) implements Place {}

  public record WholeTable() implements Place {}

  public record Level() implements Place {}

  public record Choice(String option) implements Place {}
}
