package lehrgang.documents.figure;

import java.util.List;
import java.util.Optional;
import lehrgang.core.page.FigureSpec.IntervalBar;
import lehrgang.core.page.FigureSpec.Intervals;
import lehrgang.core.page.FigureSpec.Mark;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Stroke;

/// Shares with their intervals on one scale that has 0 in it.
final class IntervalsDrawing {
  private static final double NAME_WIDTH = 150;
  private static final double ROW = 40;
  private static final double TOP = 26;
  private static final double RIGHT = 26;

  private final Intervals intervals;
  private final double width;
  private final double begin;
  private final double end;
  private final Sketchpad pad = new Sketchpad();

  IntervalsDrawing(Intervals intervals, double width) {
    this.intervals = intervals;
    this.width = width;
    this.begin = begin();
    this.end = end();
  }

  /// 0, or the last tenth before everything shown where that is negative.
  private double begin() {
    double least = intervals.bars().stream().mapToDouble(bar -> bar.low().at()).min().orElse(0);
    double shown = Math.min(least, intervals.reference().map(Mark::at).orElse(0.0));
    return shown >= 0 ? 0 : Math.max(-1, Math.floor(shown * 10 - 0.3) / 10);
  }

  /// The next tenth beyond everything shown, at most 1.
  private double end() {
    double most = intervals.bars().stream().mapToDouble(bar -> bar.high().at()).max().orElse(1);
    double reference = intervals.reference().map(Mark::at).orElse(0.0);
    return Math.clamp(Math.ceil(Math.max(most, reference) * 10 + 0.3) / 10, 0.1, 1);
  }

  Drawing draw() {
    double base = TOP + intervals.bars().size() * ROW;
    axis(base);
    intervals.reference().ifPresent(mark -> reference(mark, base));
    for (int k = 0; k < intervals.bars().size(); k++) {
      interval(intervals.bars().get(k), TOP + k * ROW + ROW / 2);
    }
    return pad.finish(width, base + 28, intervals.alternative());
  }

  private double x(double share) {
    double within = Math.clamp(share, begin, end);
    return NAME_WIDTH + (width - NAME_WIDTH - RIGHT) * (within - begin) / (end - begin);
  }

  private void axis(double base) {
    pad.line(NAME_WIDTH, base, width - RIGHT, base, Ink.SOFT, 1, Stroke.SOLID);
    int first = (int) Math.round(begin * 10);
    int last = (int) Math.round(end * 10);
    int step = last - first > 5 ? 2 : 1;
    for (int k = first; k <= last; k++) {
      if (k % step == 0) {
        double at = x(k / 10.0);
        pad.line(at, base, at, base + 4, Ink.SOFT, 1, Stroke.SOLID);
        pad.label(at, base + 18, tenth(k), Anchor.MIDDLE, Ink.SOFT);
      }
    }
    if (begin < 0) {
      pad.line(x(0), TOP, x(0), base, Ink.LINE, 1, Stroke.SOLID);
    }
  }

  /// So many tenths, written as the numbers in the figure are.
  private String tenth(int tenths) {
    boolean comma = intervals.bars().getFirst().at().label().contains(",");
    int size = Math.abs(tenths);
    String digits =
        size % 10 == 0 ? Integer.toString(size / 10) : size / 10 + (comma ? "," : ".") + size % 10;
    return (tenths < 0 ? "−" : "") + digits;
  }

  private void reference(Mark mark, double base) {
    pad.line(x(mark.at()), TOP - 8, x(mark.at()), base, Ink.REJECTION, 1.3, Stroke.DASHED);
    pad.label(
        x(mark.at()),
        TOP - 13,
        mark.label(),
        Anchor.MIDDLE,
        Ink.REJECTION,
        Face.PLAIN,
        Optional.of(mark.line()));
  }

  private void interval(IntervalBar bar, double y) {
    double low = x(bar.low().at());
    double high = x(bar.high().at());
    pad.label(0, y + 4, Sketchpad.fitted(bar.name(), NAME_WIDTH - 10), Anchor.START, Ink.INK);
    pad.line(low, y, high, y, Ink.INK, 2, Stroke.SOLID);
    for (double at : List.of(low, high)) {
      pad.line(at, y - 6, at, y + 6, Ink.INK, 2, Stroke.SOLID);
    }
    double at = x(bar.at().at());
    pad.dot(at, y, Ink.INK, bar.at().line());
    number(at, y - 9, bar.at(), Anchor.MIDDLE, Face.STRONG);
    boolean roomy = high - low > 120;
    number(low, roomy ? y - 9 : y + 17, bar.low(), roomy ? Anchor.MIDDLE : Anchor.END, Face.PLAIN);
    number(
        high, roomy ? y - 9 : y + 17, bar.high(), roomy ? Anchor.MIDDLE : Anchor.START, Face.PLAIN);
  }

  private void number(double x, double y, Mark mark, Anchor anchor, Face face) {
    pad.label(x, y, mark.label(), anchor, Ink.INK, face, Optional.of(mark.line()));
  }
}
