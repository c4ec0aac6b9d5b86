package lehrgang.documents.paper;

import java.util.List;
import java.util.Optional;

/// Things painted together that belong to one element of the structure.
///
/// @param element none for ornament, which is not read
public record Piece(Optional<Element> element, List<Paint> paints) {
  public Piece {
    paints = List.copyOf(paints);
  }

  static Piece of(Element element, List<? extends Paint> paints) {
    return new Piece(Optional.of(element), List.copyOf(paints));
  }

  /// What is not read.
  static Piece ornament(List<? extends Paint> paints) {
    return new Piece(Optional.empty(), List.copyOf(paints));
  }

  /// The same elsewhere.
  public Piece moved(double right, double down) {
    return new Piece(element, paints.stream().map(paint -> paint.moved(right, down)).toList());
  }
}
