package lehrgang.documents.figure;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.page.FigureSpec;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Element;
import lehrgang.documents.paper.Paint;
import lehrgang.documents.paper.Pictured;
import lehrgang.documents.paper.Slab;

/// A figure as paints on paper.
public final class PaperFigure {
  /// Points to a pixel at 100 %.
  static final double SCALE = 0.75;

  private static final double EDGE = 1.2;

  private PaperFigure() {}

  /// @param width  in points
  /// @param parent what the figure is a part of
  public static Slab of(FigureSpec spec, double width, Element parent) {
    Drawing drawing = Draughtsman.draw(spec, width / SCALE);
    List<Paint> paints = new ArrayList<>();
    drawing.shapes().forEach(shape -> add(shape, paints));
    return Pictured.of(paints, width, drawing.height() * SCALE, parent, drawing.alternative());
  }

  private static void add(Drawing.Shape shape, List<Paint> paints) {
    switch (shape) {
      case Drawing.Polyline(var points, var ink, var thickness, var stroke, _) ->
          paints.add(
              new Paint.Stroke(
                  points(points), thickness * SCALE, dashes(stroke), ink.onWhite().light()));
      case Drawing.Area(var points, var ink, _) ->
          paints.add(new Paint.Fill(points(points), ink.onWhite().light()));
      case Drawing.Bar bar -> {
        List<Double> outline =
            List.of(
                bar.x() * SCALE,
                bar.y() * SCALE,
                (bar.x() + bar.width()) * SCALE,
                bar.y() * SCALE,
                (bar.x() + bar.width()) * SCALE,
                (bar.y() + bar.height()) * SCALE,
                bar.x() * SCALE,
                (bar.y() + bar.height()) * SCALE);
        if (bar.filling() == Filling.FILLED) {
          paints.add(new Paint.Fill(outline, bar.ink().onWhite().light()));
        }
        List<Double> closed = new ArrayList<>(outline);
        closed.addAll(outline.subList(0, 4));
        paints.add(new Paint.Stroke(closed, EDGE, List.of(), bar.ink().onWhite().light()));
      }
      case Drawing.Label label -> {
        Typeface typeface = label.face() == Face.STRONG ? Typeface.SANS_SEMIBOLD : Typeface.SANS;
        paints.addAll(
            Pictured.label(
                label.text(),
                typeface,
                label.size() * SCALE,
                label.ink().onWhite().light(),
                label.x() * SCALE,
                label.y() * SCALE,
                label.anchor() == Anchor.START ? 0 : label.anchor() == Anchor.MIDDLE ? 0.5 : 1));
      }
    }
  }

  private static List<Double> points(List<Point> points) {
    List<Double> lengths = new ArrayList<>();
    for (Point point : points) {
      lengths.add(point.x() * SCALE);
      lengths.add(point.y() * SCALE);
    }
    return lengths;
  }

  private static List<Double> dashes(Drawing.Stroke stroke) {
    return switch (stroke) {
      case SOLID -> List.of();
      case DASHED -> List.of(3.75, 2.25);
      case DOTTED -> List.of(1.1, 2.25);
    };
  }
}
