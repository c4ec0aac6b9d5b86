package lehrgang.core.data;

import java.util.Optional;
import lehrgang.core.wording.Phrase;

/// Something in the input that keeps the solution from being worked out.
///
/// @param place    where it is
/// @param sentence what is wrong and what to do
/// @param remedy   a choice that would mend it, to be offered and never taken silently
public record Problem(Place place, Phrase sentence, Optional<Remedy> remedy) {
  /// A place in the input; rows and columns count from 0, and the rows of all layers count on.
  public sealed interface Place {}

  public record Cell(int row, int column) implements Place {}

  public record RowLabel(int row) implements Place {}

  public record ColumnLabel(int column) implements Place {}

  public record LayerLabel(int layer) implements Place {}

  public record WholeTable() implements Place {}

  /// A number typed on the page, such as the level.
  ///
  /// @param field its name in [lehrgang.core.solution.Choices]
  public record Field(String field) implements Place {}

  /// An option set to a value.
  public record Remedy(String option, String value) {}

  /// A problem that the program has no remedy for.
  public Problem(Place place, Phrase sentence) {
    this(place, sentence, Optional.empty());
  }

  /// With something that would mend it.
  public Problem with(Remedy offered) {
    return new Problem(place, sentence, Optional.of(offered));
  }
}
