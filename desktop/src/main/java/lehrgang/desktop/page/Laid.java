package lehrgang.desktop.page;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/// A part of a formula with its nodes in place around a baseline, in pixels.
///
/// @param ascent  how far it reaches above the baseline
/// @param descent how far below
record Laid(double width, double ascent, double descent, List<Laid.Piece> pieces) {
  /// @param node what stands there
  /// @param x    from the left edge
  /// @param y    from the baseline, downwards; a text's own baseline, any other node's top
  record Piece(Node node, double x, double y) {
    Piece moved(double right, double down) {
      return new Piece(node, x + right, y + down);
    }
  }

  Laid {
    pieces = List.copyOf(pieces);
  }

  double height() {
    return ascent + descent;
  }

  /// Puts a part among the pieces of a larger one.
  static void add(List<Piece> pieces, Laid laid, double right, double down) {
    laid.pieces().forEach(piece -> pieces.add(piece.moved(right, down)));
  }

  /// The parts side by side, at least so high.
  static Laid row(List<Laid> parts, double leastAscent, double leastDescent) {
    List<Piece> pieces = new ArrayList<>();
    double x = 0;
    double ascent = leastAscent;
    double descent = leastDescent;
    for (Laid part : parts) {
      add(pieces, part, x, 0);
      x += part.width();
      ascent = Math.max(ascent, part.ascent());
      descent = Math.max(descent, part.descent());
    }
    return new Laid(x, ascent, descent, pieces);
  }
}
