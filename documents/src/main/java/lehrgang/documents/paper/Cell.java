package lehrgang.documents.paper;

import java.util.Optional;
import java.util.OptionalInt;
import lehrgang.documents.look.Typeface;

/// A cell of a table on paper.
///
/// @param size   of its letters, in points
/// @param ground the colour of its ground
/// @param room   what stands in the corner of the room for an answer, where there is one
/// @param asked  how wide that room is, in points
public record Cell(
    String text,
    Typeface typeface,
    double size,
    int colour,
    Align align,
    Element.Type type,
    OptionalInt ground,
    Edge edge,
    Optional<String> room,
    double asked) {
  /// On which side its text stands.
  public enum Align {
    LEFT,
    RIGHT
  }

  /// Whether it is framed.
  public enum Edge {
    NONE,
    FRAMED
  }

  /// A plain cell.
  public static Cell of(
      String text, Typeface typeface, double size, int colour, Align align, Element.Type type) {
    return new Cell(
        text,
        typeface,
        size,
        colour,
        align,
        type,
        OptionalInt.empty(),
        Edge.NONE,
        Optional.empty(),
        0);
  }

  /// On a ground.
  public Cell on(int colour) {
    return new Cell(
        text, typeface, size, this.colour, align, type, OptionalInt.of(colour), edge, room, asked);
  }

  /// With a frame around it.
  public Cell framed() {
    return new Cell(text, typeface, size, colour, align, type, ground, Edge.FRAMED, room, asked);
  }

  /// With room for an answer in place of its text.
  ///
  /// @param corner what stands in its corner; may be empty
  /// @param width  in points
  public Cell asking(String corner, double width) {
    return new Cell(
        "", typeface, size, colour, align, type, ground, edge, Optional.of(corner), width);
  }

  /// In other letters.
  public Cell sized(double other) {
    return new Cell(text, typeface, other, colour, align, type, ground, edge, room, asked);
  }
}
