package lehrgang.documents.typeset;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.expr.LineId;
import lehrgang.documents.look.TallSigns;
import lehrgang.documents.look.Typeface;

/// What stands around a part and grows with it: roots, bars and brackets.
final class Enclosures {
  /// Lower parts have the brackets of the letters.
  private static final double PLAIN = 1.3;

  /// A bracket need not quite cover what it holds.
  private static final double COVERED = 0.96;

  private Enclosures() {}

  /// A root over a part.
  ///
  /// @param within the lines for which it stands
  static Setting root(Setting inner, double size, List<LineId> within) {
    double gap = size * 0.16;
    double rule = size * FormulaSetter.RULE;
    double top = inner.ascent() + gap + rule;
    double needed = top + Math.max(0, inner.descent() - size * 0.06);
    TallSigns.Root root = TallSigns.root(needed / size);
    double stretch = Math.max(1, needed / size / root.height());
    double signSize = size * stretch;
    double signWidth = Typeface.SERIF.width(root.text(), signSize);
    List<Mark> marks = new ArrayList<>();
    double baseline = root.top() * signSize - top;
    marks.add(new Mark.Signs(0, baseline, root.text(), Typeface.SERIF, signSize, within));
    Setting.add(marks, inner, signWidth + size * 0.04, 0);
    double end = signWidth + size * 0.08 + inner.width();
    marks.add(new Mark.Rule(signWidth - size * 0.02, rule / 2 - top, end, rule / 2 - top, rule));
    double below = baseline + root.below() * signSize;
    return new Setting(
        end + size * 0.05, top + size * 0.06, Math.max(inner.descent(), below), marks);
  }

  /// Bars at both sides, for an absolute value.
  static Setting bars(Setting inner, double size) {
    double side = size * 0.2;
    double end = side * 1.5 + inner.width();
    double over = size * 0.06;
    List<Mark> marks = new ArrayList<>();
    marks.add(bar(side / 2, inner, over, size * FormulaSetter.RULE));
    Setting.add(marks, inner, side, 0);
    marks.add(bar(end, inner, over, size * FormulaSetter.RULE));
    return new Setting(
        2 * side + inner.width(), inner.ascent() + over, inner.descent() + over, marks);
  }

  private static Mark bar(double x, Setting inner, double over, double thickness) {
    return new Mark.Rule(x, -inner.ascent() - over, x, inner.descent() + over, thickness);
  }

  /// The signs of a pair of brackets.
  ///
  /// @param ascent  how far they reach above the baseline, what they hold included
  /// @param descent how far below
  record Brackets(String left, String right, double ascent, double descent) {}

  /// Brackets as high as what they hold, centred on the axis as its fractions are.
  static Brackets brackets(String open, Setting inner, String close, double size) {
    double axis = size * FormulaSetter.AXIS;
    double height = 2 * Math.max(inner.ascent() - axis, inner.descent() + axis) / size;
    boolean plain = height <= PLAIN || !open.equals("(");
    TallSigns.Tall left = TallSigns.left(plain ? 0 : height * COVERED);
    TallSigns.Tall right = TallSigns.right(plain ? 0 : height * COVERED);
    double reach = plain ? 0 : left.height() / 2 * size;
    return new Brackets(
        open.equals("(") ? left.text() : open,
        close.equals(")") ? right.text() : close,
        Math.max(inner.ascent(), plain ? 0 : reach + axis),
        Math.max(inner.descent(), plain ? 0 : reach - axis));
  }
}
