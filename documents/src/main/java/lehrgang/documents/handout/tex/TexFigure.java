package lehrgang.documents.handout.tex;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import lehrgang.core.page.FigureSpec;
import lehrgang.documents.figure.Draughtsman;
import lehrgang.documents.figure.Drawing;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.figure.Drawing.Stroke;

/// A figure in the commands of TikZ.
final class TexFigure {
  private static final double WIDTH = 620;

  /// Points of the sheet to a pixel of the figure.
  private static final double SCALE = 0.66;

  private TexFigure() {}

  static String of(FigureSpec figure) {
    Drawing drawing = Draughtsman.draw(figure, WIDTH);
    StringBuilder tex = new StringBuilder();
    tex.append(
        String.format(Locale.ROOT, "\\begin{tikzpicture}[x=%.2fpt,y=-%.2fpt]%n", SCALE, SCALE));
    drawing.shapes().forEach(shape -> tex.append("  ").append(shape(shape)).append(";\n"));
    return tex.append("\\end{tikzpicture}").toString();
  }

  private static String shape(Drawing.Shape shape) {
    return switch (shape) {
      case Drawing.Polyline(var points, var ink, var thickness, var stroke, _) ->
          "\\draw[%s,line width=%spt%s] %s"
              .formatted(colour(ink), number(thickness * SCALE), dashes(stroke), path(points));
      case Drawing.Area(var points, var ink, _) ->
          "\\fill[%s] %s -- cycle".formatted(colour(ink), path(points));
      case Drawing.Bar bar ->
          "\\%s[%s] %s rectangle %s"
              .formatted(
                  bar.filling() == Filling.FILLED ? "filldraw" : "draw",
                  colour(bar.ink()),
                  point(bar.x(), bar.y()),
                  point(bar.x() + bar.width(), bar.y() + bar.height()));
      case Drawing.Label label ->
          "\\node[anchor=base%s,inner sep=0pt,text=%s,font=\\sffamily\\scriptsize%s] at %s {%s}"
              .formatted(
                  label.anchor() == Anchor.START
                      ? " west"
                      : label.anchor() == Anchor.END ? " east" : "",
                  colour(label.ink()),
                  label.face() == Face.STRONG ? "\\bfseries" : "",
                  point(label.x(), label.y()),
                  TexText.of(label.text()));
    };
  }

  private static String colour(Ink ink) {
    return "lg" + ink.onWhite().key().replace("-", "");
  }

  private static String dashes(Stroke stroke) {
    return switch (stroke) {
      case SOLID -> "";
      case DASHED -> ",dashed";
      case DOTTED -> ",dotted";
    };
  }

  private static String path(List<Point> points) {
    return points.stream()
        .map(point -> point(point.x(), point.y()))
        .collect(Collectors.joining(" -- "));
  }

  private static String point(double x, double y) {
    return "(" + number(x) + "," + number(y) + ")";
  }

  private static String number(double length) {
    return String.format(Locale.ROOT, "%.2f", length);
  }
}
