package lehrgang.documents.paper;

import java.util.List;
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

  /// A label in a picture.
  ///
  /// @param before how much of the label stands before x, from 0 to 1
  public static List<Paint> label(
      String text, Typeface typeface, double size, int colour, double x, double y, double before) {
    double width = Fitting.width(text, typeface, size);
    return Fitting.paints(x - before * width, y, text, typeface, size, colour);
  }
}
