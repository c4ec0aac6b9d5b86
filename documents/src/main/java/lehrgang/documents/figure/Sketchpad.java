package lehrgang.documents.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.figure.Drawing.Shape;
import lehrgang.documents.figure.Drawing.Stroke;

/// Collects the shapes of a drawing.
final class Sketchpad {
  static final double SMALL = 12;

  private final List<Shape> shapes = new ArrayList<>();

  void line(double x1, double y1, double x2, double y2, Ink ink, double thickness, Stroke stroke) {
    polyline(List.of(new Point(x1, y1), new Point(x2, y2)), ink, thickness, stroke);
  }

  void polyline(List<Point> points, Ink ink, double thickness, Stroke stroke) {
    shapes.add(new Drawing.Polyline(points, ink, thickness, stroke, Optional.empty()));
  }

  void area(List<Point> points, Ink ink, LineId line) {
    shapes.add(new Drawing.Area(points, ink, Optional.of(line)));
  }

  void bar(double x, double y, double width, double height, Ink ink, Filling filling, LineId line) {
    bar(x, y, width, height, ink, filling, Optional.of(line));
  }

  void bar(
      double x,
      double y,
      double width,
      double height,
      Ink ink,
      Filling filling,
      Optional<LineId> line) {
    shapes.add(new Drawing.Bar(x, y, width, height, ink, filling, line));
  }

  /// A filled point.
  void dot(double x, double y, Ink ink, LineId line) {
    List<Point> points = new ArrayList<>();
    for (int k = 0; k < 16; k++) {
      double angle = Math.PI * k / 8;
      points.add(new Point(x + 4.5 * Math.cos(angle), y + 4.5 * Math.sin(angle)));
    }
    area(points, ink, line);
  }

  void key(double x, double y, Ink ink, Filling filling) {
    shapes.add(new Drawing.Bar(x, y, 12, 10, ink, filling, Optional.empty()));
  }

  void label(double x, double y, String text, Anchor anchor, Ink ink) {
    label(x, y, text, anchor, ink, Face.PLAIN, Optional.empty());
  }

  void label(
      double x, double y, String text, Anchor anchor, Ink ink, Face face, Optional<LineId> line) {
    shapes.add(new Drawing.Label(x, y, text, SMALL, anchor, ink, face, line));
  }

  /// A step of 1, 2 or 5 times a power of ten, at least as large.
  static double niceStep(double rough) {
    double power = Math.pow(10, Math.floor(Math.log10(rough)));
    double lead = rough / power;
    return power * (lead <= 1 ? 1 : lead <= 2 ? 2 : lead <= 5 ? 5 : 10);
  }

  /// The drawing, each label moved as far as it must be to stand within it.
  Drawing finish(double width, double height, String alternative) {
    return new Drawing(
        width,
        height,
        alternative,
        shapes.stream()
            .map(shape -> shape instanceof Drawing.Label label ? within(label, width) : shape)
            .toList());
  }

  private static Drawing.Label within(Drawing.Label label, double width) {
    double room = Drawing.widthOf(label.text(), label.size());
    double left =
        switch (label.anchor()) {
          case START -> label.x();
          case MIDDLE -> label.x() - room / 2;
          case END -> label.x() - room;
        };
    double moved = Math.max(0, Math.min(left, width - room));
    return new Drawing.Label(
        label.x() + moved - left,
        label.y(),
        label.text(),
        label.size(),
        label.anchor(),
        label.ink(),
        label.face(),
        label.line());
  }

  /// A name that fits a width, shortened with dots where it must be.
  static String fitted(String name, double width) {
    int most = (int) (width / (SMALL * 0.52));
    return name.codePointCount(0, name.length()) <= most
        ? name
        : name.substring(0, name.offsetByCodePoints(0, Math.max(1, most - 1))).strip() + "…";
  }
}
