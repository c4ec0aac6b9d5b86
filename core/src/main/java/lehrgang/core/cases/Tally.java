package lehrgang.core.cases;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.data.TableEntry;

/// What counting records by a recipe gave: the table, and what became of every record.
///
/// @param read    how many records there are
/// @param counted how many of them are in the table
/// @param losses  why the others are not, in the order in which they were met; `read` less their
///     sum is `counted`
/// @param effects what each step did, in the order of the recipe
/// @param spread  the number behind classes that are counted; empty where there is none
public record Tally(
    TableEntry table,
    long read,
    long counted,
    List<Loss> losses,
    List<Effect> effects,
    Optional<Spread> spread) {
  /// Why records are not in the table.
  public sealed interface Cause {}

  /// They did not pass the test of a step.
  public record SetAside(int step) implements Cause {}

  /// They have no category in a column.
  public record NoCategory(String column, Missing why) implements Cause {}

  /// @param records  how many
  /// @param examples a few of them
  public record Loss(Cause cause, long records, List<Example> examples) {
    public Loss {
      examples = List.copyOf(examples);
    }
  }

  /// @param row   the record, counted from 1 without a head
  /// @param value what stands there
  public record Example(long row, String value) {}

  /// What a step did.
  ///
  /// @param records how many records were left after it
  /// @param changed how many records got another value than the one the step read
  /// @param values  the most frequent values after it with their counts
  /// @param more    how many other values there are
  /// @param missing how many records have none
  public record Effect(
      long records, long changed, Map<String, Long> values, int more, long missing) {}

  public Tally {
    losses = List.copyOf(losses);
    effects = List.copyOf(effects);
  }
}
