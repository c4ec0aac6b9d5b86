package lehrgang.documents.handout.odt;

import lehrgang.documents.look.Palette;

/// Room to work in, as a picture.
final class OdtRoom {
  /// In millimetres, whole squares of five.
  static final int WIDTH = 165;

  private static final int SQUARE = 5;
  private static final int LINE = 9;

  private OdtRoom() {}

  static String svg(boolean grid, int squares) {
    int height = squares * SQUARE;
    StringBuilder lines = new StringBuilder();
    for (int y = grid ? SQUARE : LINE; y < height; y += grid ? SQUARE : LINE) {
      lines.append("M0 %dH%d".formatted(y, WIDTH));
    }
    for (int x = SQUARE; grid && x < WIDTH; x += SQUARE) {
      lines.append("M%d 0V%d".formatted(x, height));
    }
    String frame =
        grid
            ? "<rect x=\"0.1\" y=\"0.1\" width=\"%s\" height=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"0.2\"/>"
                .formatted(WIDTH - 0.2, height - 0.2, Palette.hex(Palette.FAINT.light()))
            : "";
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%dmm\" height=\"%dmm\" viewBox=\"0 0 %d %d\"><path d=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"0.12\"/>%s</svg>"
        .formatted(
            WIDTH,
            height,
            WIDTH,
            height,
            lines,
            Palette.hex(grid ? Palette.LINE.light() : Palette.FAINT.light()),
            frame);
  }
}
