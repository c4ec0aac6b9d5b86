package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;

/// The line at the head of a sheet.
public final class HeadLine {
  private static final double NAME_LINE = 150;
  private static final double GAP = 5;

  private HeadLine() {}

  /// @param left  what the sheet is; may be empty
  /// @param right what is to be filled in on a line at the right; empty for none
  public static Slab of(String left, String right, double size, double width, Element element) {
    List<Paint> paints = new ArrayList<>();
    double baseline = Sentence.baseline(size);
    int colour = Palette.SOFT.light();
    paints.addAll(Fitting.paints(0, baseline, left, Typeface.SANS, size, colour));
    if (!right.isEmpty()) {
      double start = width - NAME_LINE;
      double end = Fitting.width(right, Typeface.SANS, size);
      paints.addAll(
          Fitting.paints(start - end - GAP, baseline, right, Typeface.SANS, size, colour));
      paints.add(Paint.Stroke.line(start, baseline + 2, width, baseline + 2, 0.5, colour));
    }
    return new Slab(width, Sentence.leading(size) + 6, List.of(Piece.of(element, paints)));
  }
}
