package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;

/// A piece of a page that no page break divides: a line of text, a formula, a row of a table.
///
/// @param width  how much of the width it takes
/// @param height from its top
/// @param pieces in reading order
public record Slab(double width, double height, List<Piece> pieces) {
  public Slab {
    pieces = List.copyOf(pieces);
  }

  /// Further to the right.
  public static Slab indented(Slab slab, double right) {
    return new Slab(
        slab.width() + right,
        slab.height(),
        slab.pieces().stream().map(piece -> piece.moved(right, 0)).toList());
  }

  /// Further down.
  public static Slab lowered(Slab slab, double down) {
    return new Slab(
        slab.width(),
        slab.height() + down,
        slab.pieces().stream().map(piece -> piece.moved(0, down)).toList());
  }

  /// At least so wide.
  public static Slab widened(Slab slab, double least) {
    return new Slab(Math.max(least, slab.width()), slab.height(), slab.pieces());
  }

  /// Two in the same place, the first read first.
  public static Slab over(Slab first, Slab second) {
    List<Piece> pieces = new ArrayList<>(first.pieces());
    pieces.addAll(second.pieces());
    return new Slab(
        Math.max(first.width(), second.width()), Math.max(first.height(), second.height()), pieces);
  }

  /// Slabs one below another as one.
  public static Slab stacked(List<Slab> slabs) {
    List<Piece> pieces = new ArrayList<>();
    double y = 0;
    double width = 0;
    for (Slab slab : slabs) {
      double down = y;
      slab.pieces().forEach(piece -> pieces.add(piece.moved(0, down)));
      y += slab.height();
      width = Math.max(width, slab.width());
    }
    return new Slab(width, y, pieces);
  }

  /// Slabs side by side as one, their tops in a line.
  public static Slab beside(List<Slab> slabs, double gap) {
    List<Piece> pieces = new ArrayList<>();
    double x = 0;
    double height = 0;
    for (Slab slab : slabs) {
      double right = x;
      slab.pieces().forEach(piece -> pieces.add(piece.moved(right, 0)));
      x += slab.width() + gap;
      height = Math.max(height, slab.height());
    }
    return new Slab(Math.max(0, x - gap), height, pieces);
  }
}
