package lehrgang.documents.paper;

import java.util.List;
import lehrgang.core.solution.Illustration;
import lehrgang.documents.look.Typeface;

/// A picture on paper.
public final class Pictured {
  private Pictured() {}

  /// A picture in one slab.
  ///
  /// @param alternative what it shows, in words
  public static Slab of(
      List<Paint> paints, double width, double height, Element parent, String alternative) {
    return new Slab(
        width, height, List.of(Piece.of(parent.part(Element.Type.FIGURE, alternative), paints)));
  }

  /// A picture from a file.
  ///
  /// @param width       in points
  /// @param height      in points
  /// @param alternative what it shows, in words
  public static Slab of(
      Illustration picture, double width, double height, Element parent, String alternative) {
    Paint image = new Paint.Image(0, 0, width, height, picture);
    return of(List.of(image), width, height, parent, alternative);
  }

  /// A label in a picture.
  ///
  /// @param before how much of the label stands before x, from 0 to 1
  public static List<Paint> label(
      String text, Typeface typeface, double size, int colour, double x, double y, double before) {
    double width = Fitting.width(text, typeface, size);
    return Fitting.paints(x - before * width, y, text, typeface, size, colour);
  }
}
