package lehrgang.documents.typeset;

import java.util.List;
import java.util.Map;
import lehrgang.core.expr.LineId;
import lehrgang.documents.look.Typeface;

/// Letters in a line, those with a hat or a bar among them: the mark stands over the middle of its
/// letter.
final class Letters {
  /// The mark that stands by itself, in place of the one that is joined to a letter.
  private static final Map<Character, String> MARKS = Map.of('\u0302', "ˆ", '\u0304', "¯");

  /// How far the slanted letters of the font reach to the left of where they begin, in ems.
  private static final Map<Character, Double> BACK =
      Map.of('f', 0.124, 'j', 0.135, 'y', 0.076, 'χ', 0.131);

  private static final double TALL = 0.17;
  private static final String LOW = "acegmnopqrsuvwxyzαχπφ";

  private Letters() {}

  /// How far a slanted letter reaches back, in ems.
  static double reachesBack(String text) {
    return text.isEmpty() ? 0 : BACK.getOrDefault(text.charAt(0), 0.0);
  }

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
    for (int mark = next(text, 1); mark < text.length(); mark = next(text, mark + 1)) {
      int letter = text.offsetByCodePoints(mark, -1);
      at = run(text.substring(from, letter), typeface, size, within, at, marks);
      String over = MARKS.get(text.charAt(mark));
      at = marked(text.substring(letter, mark), over, typeface, size, within, at, marks);
      from = mark + 1;
    }
    return run(text.substring(from), typeface, size, within, at, marks) - x;
  }

  /// Where the next mark is; the end of the text where there is none.
  private static int next(String text, int from) {
    int at = from;
    while (at < text.length() && !MARKS.containsKey(text.charAt(at))) {
      at++;
    }
    return at;
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

  private static double marked(
      String letter,
      String mark,
      Typeface typeface,
      double size,
      List<LineId> within,
      double x,
      List<Mark> marks) {
    double end = run(letter, typeface, size, within, x, marks);
    double wide = typeface.width(mark, size);
    double rise = LOW.contains(letter) ? 0 : TALL * size;
    marks.add(
        new Mark.Signs((x + end - wide) / 2 + rise * 0.2, -rise, mark, typeface, size, within));
    return end;
  }
}
