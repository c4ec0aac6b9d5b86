package lehrgang.documents.figure;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.documents.look.Palette;

/// A figure as shapes on a plane: drawn once, put on screen and into SVG from the same list.
///
/// Lengths are in pixels at 100 %; y grows downwards. Inks are roles, not colours, so that a figure
/// follows the light or dark set of tokens wherever it stands.
public record Drawing(double width, double height, String alternative, List<Shape> shapes) {
  /// What a shape is painted for.
  public enum Ink {
    INK,
    SOFT,
    FAINT,
    LINE,
    PAPER,
    REJECTION,
    REJECTION_SOFT,
    OBSERVED,
    EXPECTED,
    MORE,
    FEWER,
    FINE;

    /// The colour of the role on the page.
    Palette colour() {
      return Palette.valueOf(name());
    }

    /// The colour on white paper.
    public Palette onWhite() {
      return this == PAPER ? Palette.SURFACE : colour();
    }
  }

  public enum Stroke {
    SOLID,
    DASHED,
    DOTTED
  }

  public enum Anchor {
    START,
    MIDDLE,
    END
  }

  public enum Face {
    PLAIN,
    STRONG
  }

  public record Point(double x, double y) {}

  public sealed interface Shape {
    /// The line that the shape stands for, where it stands for one.
    Optional<LineId> line();
  }

  public record Polyline(
      List<Point> points, Ink ink, double thickness, Stroke stroke, Optional<LineId> line)
      implements Shape {
    public Polyline {
      points = List.copyOf(points);
    }
  }

  public record Area(List<Point> points, Ink ink, Optional<LineId> line) implements Shape {
    public Area {
      points = List.copyOf(points);
    }
  }

  /// A bar: filled, or hollow with an outline.
  public record Bar(
      double x,
      double y,
      double width,
      double height,
      Ink ink,
      Filling filling,
      Optional<LineId> line)
      implements Shape {}

  public enum Filling {
    FILLED,
    HOLLOW
  }

  public record Label(
      double x,
      double y,
      String text,
      double size,
      Anchor anchor,
      Ink ink,
      Face face,
      Optional<LineId> line)
      implements Shape {}

  public Drawing {
    shapes = List.copyOf(shapes);
  }

  /// About how wide a label is; enough to keep labels inside a figure.
  static double widthOf(String text, double size) {
    return text.codePointCount(0, text.length()) * size * 0.52;
  }
}
