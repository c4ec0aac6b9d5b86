package lehrgang.core.page;

import java.util.Set;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;

/// How a page is looked at: by which reading its numbers come about, for whom it is, and what of it
/// is revealed yet.
public record Lens(Reading reading, Audience audience, Revealed revealed) {
  /// What is revealed so far.
  public sealed interface Revealed {
    /// All that the audience may see.
    Revealed EVERYTHING = new Everything();

    record Everything() implements Revealed {}

    /// Of the numbers only these.
    record Only(Set<LineId> lines) implements Revealed {
      public Only {
        lines = Set.copyOf(lines);
      }
    }

    /// Whether the number of a line is revealed.
    default boolean shows(LineId id) {
      return switch (this) {
        case Everything _ -> true;
        case Only(var lines) -> lines.contains(id);
      };
    }
  }

  /// A solution as its instructor chose to read it, for an audience.
  public static Lens of(Solution solution, Audience audience) {
    return new Lens(solution.choices().reading(), audience, Revealed.EVERYTHING);
  }

  /// The same for another audience.
  public Lens withAudience(Audience other) {
    return new Lens(reading, other, revealed);
  }

  /// The same by another reading.
  public Lens withReading(Reading other) {
    return new Lens(other, audience, revealed);
  }

  /// The same with only some numbers revealed.
  public Lens revealing(Set<LineId> lines) {
    return new Lens(reading, audience, new Revealed.Only(lines));
  }

  boolean seesAll() {
    return audience == Audience.FULL && revealed instanceof Revealed.Everything;
  }
}
