package lehrgang.documents.figure;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.figure.Drawing.Shape;
import lehrgang.documents.figure.Drawing.Stroke;
import lehrgang.documents.look.Palette;

/// A drawing as SVG: on a page its colours are the page's custom properties, such as `--ink`; alone
/// it brings them along.
public final class Svg {
  private static final int TEN = 10;
  private static final int HUNDRED = 100;

  private final Function<Ink, String> colours;

  private Svg(Function<Ink, String> colours) {
    this.colours = colours;
  }

  /// An element of a page whose style sheet has the colours.
  public static String of(Drawing drawing) {
    return new Svg(ink -> "var(--" + ink.colour().key() + ")").element(drawing, "", "");
  }

  /// A file of its own, with colours as every program that reads SVG knows them; paper is white
  /// there.
  static String standalone(Drawing drawing) {
    return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
        + new Svg(ink -> Palette.hex(ink.onWhite().light()))
            .element(
                drawing,
                " font-family=\"'Source Sans 3', sans-serif\"",
                "<title>" + escape(drawing.alternative()) + "</title>");
  }

  private String element(Drawing drawing, String attributes, String head) {
    String shapes = drawing.shapes().stream().map(this::shape).collect(Collectors.joining());
    return "<svg viewBox=\"0 0 %s %s\" role=\"img\" aria-label=\"%s\"%s xmlns=\"http://www.w3.org/2000/svg\">%s%s</svg>"
        .formatted(
            number(drawing.width()),
            number(drawing.height()),
            escape(drawing.alternative()),
            attributes,
            head,
            shapes);
  }

  private String shape(Shape shape) {
    return switch (shape) {
      case Drawing.Polyline(var points, var ink, var thickness, var stroke, _) ->
          "<polyline points=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"%s\"%s/>"
              .formatted(points(points), colours.apply(ink), number(thickness), dashes(stroke));
      case Drawing.Area(var points, var ink, _) ->
          "<polygon points=\"%s\" fill=\"%s\"/>".formatted(points(points), colours.apply(ink));
      case Drawing.Bar(var x, var y, var width, var height, var ink, var filling, _) ->
          "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"%s\" stroke=\"%s\" stroke-width=\"1.5\"/>"
              .formatted(
                  number(x),
                  number(y),
                  number(width),
                  number(height),
                  filling == Filling.FILLED ? colours.apply(ink) : "none",
                  colours.apply(ink));
      case Drawing.Label(var x, var y, var text, var size, var anchor, var ink, var face, _) ->
          "<text x=\"%s\" y=\"%s\" font-size=\"%s\" text-anchor=\"%s\" fill=\"%s\"%s>%s</text>"
              .formatted(
                  number(x),
                  number(y),
                  number(size),
                  anchor(anchor),
                  colours.apply(ink),
                  face == Face.STRONG ? " font-weight=\"600\"" : "",
                  escape(text));
    };
  }

  private static String points(List<Point> points) {
    return points.stream()
        .map(point -> number(point.x()) + "," + number(point.y()))
        .collect(Collectors.joining(" "));
  }

  private static String dashes(Stroke stroke) {
    return switch (stroke) {
      case SOLID -> "";
      case DASHED -> " stroke-dasharray=\"5 3\"";
      case DOTTED -> " stroke-dasharray=\"1.5 3\"";
    };
  }

  private static String anchor(Anchor anchor) {
    return anchor.name().toLowerCase(Locale.ROOT);
  }

  /// To hundredths, without zeros that say nothing.
  private static String number(double length) {
    long hundredths = Math.round(length * HUNDRED);
    long whole = Math.abs(hundredths) / HUNDRED;
    long rest = Math.abs(hundredths) % HUNDRED;
    String fraction =
        rest == 0 ? "" : rest % TEN == 0 ? "." + rest / TEN : rest < TEN ? ".0" + rest : "." + rest;
    return (hundredths < 0 ? "-" : "") + whole + fraction;
  }

  private static String escape(String text) {
    return text.replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }
}
