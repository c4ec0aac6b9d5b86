package lehrgang.documents.figure;

import java.util.List;
import java.util.Optional;
import lehrgang.core.page.FigureSpec.Fared;
import lehrgang.core.page.FigureSpec.FaredBar;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.figure.Drawing.Stroke;

/// How a class fared: a bar from zero to all answers for each sort of number, its parts told apart
/// by colour, by being filled or hollow, and by their numbers.
final class FaredDrawing {
  private static final double LARGEST_NAME_SHARE = 0.4;
  private static final double NAME_GAP = 10;
  private static final double NUMBER_WIDTH = 62;
  private static final double ROW = 27;
  private static final double BAR = 17;
  private static final double HEAD = 30;
  private static final double KEY = 18;
  private static final double KEY_GAP = 18;
  private static final double DIGIT = 8;

  /// How a part of a bar is drawn.
  private record Part(Ink ink, Ground ground) {}

  /// What tells the parts apart where there is no colour.
  private enum Ground {
    DARK,
    DASHED,
    TINTED,
    HOLLOW
  }

  private static final List<Part> PARTS =
      List.of(
          new Part(Ink.FINE, Ground.DARK),
          new Part(Ink.MORE, Ground.DASHED),
          new Part(Ink.REJECTION, Ground.TINTED),
          new Part(Ink.REJECTION, Ground.HOLLOW),
          new Part(Ink.FAINT, Ground.HOLLOW));

  private final Fared fared;
  private final double width;
  private final double nameWidth;
  private final Sketchpad pad = new Sketchpad();

  FaredDrawing(Fared fared, double width) {
    this.fared = fared;
    this.width = width;
    double longest =
        fared.bars().stream()
            .mapToDouble(bar -> Drawing.widthOf(bar.name(), Sketchpad.SMALL))
            .max()
            .orElse(0);
    this.nameWidth = Math.min(Math.ceil(longest) + 2 * NAME_GAP, LARGEST_NAME_SHARE * width);
  }

  Drawing draw() {
    legend();
    for (int k = 0; k < fared.bars().size(); k++) {
      bar(fared.bars().get(k), HEAD + k * ROW);
    }
    double end = HEAD + fared.bars().size() * ROW;
    pad.line(nameWidth, HEAD - 4, nameWidth, end, Ink.SOFT, 1, Stroke.SOLID);
    return pad.finish(width, end + 6, fared.alternative());
  }

  private void legend() {
    double x = 1;
    for (int k = 0; k < fared.parts().size(); k++) {
      String name = fared.parts().get(k);
      ground(PARTS.get(k), x, 4, 12, 10);
      pad.label(x + KEY, 13, name, Anchor.START, Ink.SOFT);
      x += KEY + Drawing.widthOf(name, Sketchpad.SMALL) + KEY_GAP;
    }
  }

  private void bar(FaredBar bar, double top) {
    pad.label(
        nameWidth - NAME_GAP,
        top + 13,
        Sketchpad.fitted(bar.name(), nameWidth - NAME_GAP - 2),
        Anchor.END,
        Ink.INK);
    int all = bar.counts().stream().mapToInt(Integer::intValue).sum();
    double scale = all == 0 ? 0 : (width - nameWidth - NUMBER_WIDTH) / all;
    double x = nameWidth;
    for (int k = 0; k < bar.counts().size(); k++) {
      int count = bar.counts().get(k);
      double length = count * scale;
      if (count > 0) {
        part(PARTS.get(k), x, top, length, Integer.toString(count));
      }
      x += length;
    }
    pad.label(
        width - NUMBER_WIDTH + 10,
        top + 13,
        bar.right(),
        Anchor.START,
        Ink.INK,
        Face.STRONG,
        Optional.empty());
  }

  /// A part shows its number where that fits into it.
  private void part(Part part, double x, double top, double length, String number) {
    ground(part, x + 0.5, top, Math.max(1, length - 1), BAR);
    if (length > DIGIT * (number.length() + 1)) {
      Ink ink = part.ground() == Ground.DARK ? Ink.PAPER : Ink.INK;
      pad.label(x + length / 2, top + 13, number, Anchor.MIDDLE, ink);
    }
  }

  private void ground(Part part, double x, double y, double length, double height) {
    switch (part.ground()) {
      case DARK -> fill(x, y, length, height, part.ink(), Filling.FILLED);
      case HOLLOW -> fill(x, y, length, height, part.ink(), Filling.HOLLOW);
      case TINTED -> {
        fill(x, y, length, height, Ink.REJECTION_SOFT, Filling.FILLED);
        fill(x, y, length, height, part.ink(), Filling.HOLLOW);
      }
      case DASHED ->
          pad.polyline(
              List.of(
                  new Point(x, y),
                  new Point(x + length, y),
                  new Point(x + length, y + height),
                  new Point(x, y + height),
                  new Point(x, y)),
              part.ink(),
              1.2,
              Stroke.DASHED);
    }
  }

  private void fill(double x, double y, double length, double height, Ink ink, Filling filling) {
    pad.bar(x, y, length, height, ink, filling, Optional.empty());
  }
}
