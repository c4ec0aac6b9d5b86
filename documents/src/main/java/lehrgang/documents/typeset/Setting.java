package lehrgang.documents.typeset;

import java.util.ArrayList;
import java.util.List;

/// Part of a formula with its marks in place around a baseline.
///
/// @param width   how far the next part stands to the right
/// @param ascent  how far it reaches above the baseline
/// @param descent how far below
/// @param marks   in the order in which they are painted
public record Setting(double width, double ascent, double descent, List<Mark> marks) {
  public Setting {
    marks = List.copyOf(marks);
  }

  /// From top to bottom.
  public double height() {
    return ascent + descent;
  }

  /// Puts the marks of a part among those of a larger one.
  static void add(List<Mark> marks, Setting part, double right, double down) {
    part.marks().forEach(mark -> marks.add(mark.moved(right, down)));
  }

  /// Parts side by side, at least so high.
  static Setting row(List<Setting> parts, double leastAscent, double leastDescent) {
    if (parts.size() == 1) {
      return parts.getFirst();
    }
    List<Mark> marks = new ArrayList<>();
    double x = 0;
    double ascent = leastAscent;
    double descent = leastDescent;
    for (Setting part : parts) {
      add(marks, part, x, 0);
      x += part.width();
      ascent = Math.max(ascent, part.ascent());
      descent = Math.max(descent, part.descent());
    }
    return new Setting(x, ascent, descent, marks);
  }
}
