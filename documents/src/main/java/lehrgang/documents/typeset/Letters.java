package lehrgang.documents.typeset;

import java.util.List;
import lehrgang.core.expr.LineId;
import lehrgang.documents.look.Typeface;

/// Letters in a line, those with a hat among them: the hat stands over the middle of its letter.
final class Letters {
  private static final char HAT = '\u0302';
  private static final String SPACING_HAT = "ˆ";
  private static final double TALL = 0.17;
  private static final String LOW = "acegmnopqrsuvwxyzαχπφ";

  private Letters() {}

  /// @param x where they begin
  /// @return how wide they are
  static double set(
      String text,
      Typeface typeface,
      double size,
      List<LineId> within,
      double x,
      List<Mark> marks) {
    double at = x;
    int from = 0;
    for (int hat = text.indexOf(HAT); hat > 0; hat = text.indexOf(HAT, from)) {
      int letter = text.offsetByCodePoints(hat, -1);
      at = run(text.substring(from, letter), typeface, size, within, at, marks);
      at = hatted(text.substring(letter, hat), typeface, size, within, at, marks);
      from = hat + 1;
    }
    return run(text.substring(from), typeface, size, within, at, marks) - x;
  }

  private static double run(
      String text,
      Typeface typeface,
      double size,
      List<LineId> within,
      double x,
      List<Mark> marks) {
    if (text.isEmpty()) {
      return x;
    }
    marks.add(new Mark.Signs(x, 0, text, typeface, size, within));
    return x + typeface.width(text, size);
  }

  private static double hatted(
      String letter,
      Typeface typeface,
      double size,
      List<LineId> within,
      double x,
      List<Mark> marks) {
    double end = run(letter, typeface, size, within, x, marks);
    double hat = typeface.width(SPACING_HAT, size);
    double rise = LOW.contains(letter) ? 0 : TALL * size;
    marks.add(
        new Mark.Signs(
            (x + end - hat) / 2 + rise * 0.2, -rise, SPACING_HAT, typeface, size, within));
    return end;
  }
}
