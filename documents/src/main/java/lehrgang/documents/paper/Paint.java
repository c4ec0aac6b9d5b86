package lehrgang.documents.paper;

import java.util.List;
import lehrgang.core.solution.Illustration;
import lehrgang.documents.look.Typeface;

/// One thing painted on paper. Lengths in points; x from the left edge of what it belongs to, y
/// from its top, downwards. Colours as `0xRRGGBB`.
public sealed interface Paint {
  /// The same elsewhere.
  Paint moved(double right, double down);

  /// A line of text.
  ///
  /// @param y its baseline
  record Text(double x, double y, String text, Typeface typeface, double size, int colour)
      implements Paint {
    @Override
    public Text moved(double right, double down) {
      return new Text(x + right, y + down, text, typeface, size, colour);
    }
  }

  /// A line of text in a script that no font of the house has.
  ///
  /// @param y its baseline
  record Foreign(double x, double y, String text, double size, int colour) implements Paint {
    @Override
    public Foreign moved(double right, double down) {
      return new Foreign(x + right, y + down, text, size, colour);
    }
  }

  /// Straight lines from point to point.
  ///
  /// @param points x and y in turn
  /// @param dashes lengths of strokes and gaps; empty for a whole line
  record Stroke(List<Double> points, double thickness, List<Double> dashes, int colour)
      implements Paint {
    public Stroke {
      points = List.copyOf(points);
      dashes = List.copyOf(dashes);
    }

    static Stroke line(double x1, double y1, double x2, double y2, double thickness, int colour) {
      return new Stroke(List.of(x1, y1, x2, y2), thickness, List.of(), colour);
    }

    @Override
    public Stroke moved(double right, double down) {
      return new Stroke(Paint.moved(points, right, down), thickness, dashes, colour);
    }
  }

  /// A filled area.
  ///
  /// @param points of its outline, x and y in turn
  record Fill(List<Double> points, int colour) implements Paint {
    public Fill {
      points = List.copyOf(points);
    }

    static Fill box(double x, double y, double width, double height, int colour) {
      return new Fill(List.of(x, y, x + width, y, x + width, y + height, x, y + height), colour);
    }

    @Override
    public Fill moved(double right, double down) {
      return new Fill(Paint.moved(points, right, down), colour);
    }
  }

  /// A frame with round corners, empty inside.
  record Frame(
      double x, double y, double width, double height, double radius, double thickness, int colour)
      implements Paint {
    @Override
    public Frame moved(double right, double down) {
      return new Frame(x + right, y + down, width, height, radius, thickness, colour);
    }
  }

  /// A picture from a file.
  record Image(double x, double y, double width, double height, Illustration picture)
      implements Paint {
    @Override
    public Image moved(double right, double down) {
      return new Image(x + right, y + down, width, height, picture);
    }
  }

  private static List<Double> moved(List<Double> points, double right, double down) {
    Double[] moved = new Double[points.size()];
    for (int i = 0; i < moved.length; i++) {
      moved[i] = points.get(i) + (i % 2 == 0 ? right : down);
    }
    return List.of(moved);
  }
}
