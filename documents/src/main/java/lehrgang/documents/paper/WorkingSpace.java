package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;
import lehrgang.documents.look.Palette;

/// Room in which something is worked out by hand.
public final class WorkingSpace {
  /// Five millimetres, as exercise books have them.
  public static final double SQUARE = 14.17;

  private static final double LINE = 24;
  private static final double RADIUS = 2;
  private static final double HAIR = 0.35;

  /// What is drawn in it.
  public enum Pattern {
    LINES,
    GRID
  }

  private WorkingSpace() {}

  /// @param width   in points; the room is as wide as whole squares allow
  /// @param squares how high it is, in squares
  public static Slab of(Pattern pattern, double width, int squares) {
    return pattern == Pattern.GRID ? grid(width, squares) : lines(width, squares);
  }

  private static Slab grid(double width, int squares) {
    int across = (int) Math.floor(width / SQUARE);
    double side = width / across;
    double height = squares * side;
    List<Paint> paints = new ArrayList<>();
    for (int column = 1; column < across; column++) {
      paints.add(line(column * side, 0, column * side, height));
    }
    for (int row = 1; row < squares; row++) {
      paints.add(line(0, row * side, width, row * side));
    }
    paints.add(new Paint.Frame(0, 0, width, height, RADIUS, 0.6, Palette.FAINT.light()));
    return new Slab(width, height, List.of(Piece.ornament(paints)));
  }

  private static Paint line(double x1, double y1, double x2, double y2) {
    return Paint.Stroke.line(x1, y1, x2, y2, HAIR, Palette.LINE.light());
  }

  private static Slab lines(double width, int squares) {
    int rows = Math.max(1, (int) Math.round(squares * SQUARE / LINE));
    List<Paint> paints = new ArrayList<>();
    for (int row = 1; row <= rows; row++) {
      paints.add(Paint.Stroke.line(0, row * LINE, width, row * LINE, HAIR, Palette.FAINT.light()));
    }
    return new Slab(width, rows * LINE + 2, List.of(Piece.ornament(paints)));
  }
}
