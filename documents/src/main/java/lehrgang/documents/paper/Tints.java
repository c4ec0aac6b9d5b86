package lehrgang.documents.paper;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;

/// How the terms of a formula look that stand for lines.
public interface Tints {
  /// The rule below a term, whose strokes say without colour what it is.
  ///
  /// @param dashes lengths of strokes and gaps; empty for a whole line
  record Underline(int colour, List<Double> dashes) {
    public Underline {
      dashes = List.copyOf(dashes);
    }
  }

  /// The colour of what stands for lines, the outermost first.
  int colour(List<LineId> within);

  /// The rule below a term; none for most.
  Optional<Underline> underline(LineId line);

  /// What stands in the corner of the room for an answer, such as its number; may be empty.
  String corner(LineId line);
}
