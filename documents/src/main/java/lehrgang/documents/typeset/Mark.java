package lehrgang.documents.typeset;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.documents.look.Typeface;

/// One thing to be painted. Lengths are in the unit of the setting; x from its left edge, y from
/// its baseline, downwards.
public sealed interface Mark {
  /// The same mark elsewhere.
  Mark moved(double right, double down);

  /// Signs of one typeface in a line.
  ///
  /// @param y      their baseline
  /// @param within the lines for which they stand, the outermost first
  record Signs(double x, double y, String text, Typeface typeface, double size, List<LineId> within)
      implements Mark {
    public Signs {
      within = List.copyOf(within);
    }

    @Override
    public Signs moved(double right, double down) {
      return new Signs(x + right, y + down, text, typeface, size, within);
    }

    /// How wide they are.
    public double width() {
      return typeface.width(text, size);
    }
  }

  /// A straight rule, such as that of a fraction.
  record Rule(double x1, double y1, double x2, double y2, double thickness) implements Mark {
    @Override
    public Rule moved(double right, double down) {
      return new Rule(x1 + right, y1 + down, x2 + right, y2 + down, thickness);
    }
  }

  /// Where a line stands: the ground below its signs, which can be pointed at.
  ///
  /// @param y its upper edge
  record Ground(LineId line, double x, double y, double width, double height) implements Mark {
    @Override
    public Ground moved(double right, double down) {
      return new Ground(line, x + right, y + down, width, height);
    }
  }

  /// Room for an answer.
  ///
  /// @param y    its upper edge
  /// @param line what is asked for, where it is a line
  record Room(double x, double y, double width, double height, Optional<LineId> line)
      implements Mark {
    @Override
    public Room moved(double right, double down) {
      return new Room(x + right, y + down, width, height, line);
    }
  }
}
