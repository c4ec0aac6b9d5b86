package lehrgang.documents.paper;

/// A size of paper, with the margins that the house leaves on it. Lengths in points.
public enum Paper {
  /// 210 by 297 millimetres (ISO 216).
  A4(595.28, 841.89),
  /// 8½ by 11 inches.
  LETTER(612, 792);

  private static final double SIDE = 57;
  private static final double TOP = 54;
  private static final double BOTTOM = 62;

  private final double width;
  private final double height;

  Paper(double width, double height) {
    this.width = width;
    this.height = height;
  }

  /// From edge to edge.
  public double width() {
    return width;
  }

  /// From edge to edge.
  public double height() {
    return height;
  }

  /// From the left edge to what stands on it.
  public double left() {
    return SIDE;
  }

  /// From the upper edge to what stands on it.
  public double top() {
    return TOP;
  }

  /// The width between the margins.
  public double textWidth() {
    return width - 2 * SIDE;
  }

  /// The height between the margins.
  public double textHeight() {
    return height - TOP - BOTTOM;
  }
}
