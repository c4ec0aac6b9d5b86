package lehrgang.documents.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.page.FigureSpec.Curve;
import lehrgang.core.page.FigureSpec.Mark;
import lehrgang.core.page.FigureSpec.NormalCurve;
import lehrgang.core.page.FigureSpec.Sides;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.figure.Drawing.Stroke;

/// A chi-squared or normal curve: critical region shaded, statistic marked, and the tail enlarged
/// beside it when the statistic lies too far out to be seen.
final class CurveDrawing {
  private static final double HEIGHT = 196;
  private static final double BASE = 168;
  private static final double TOP = 14;
  private static final double LEFT = 12;
  private static final int POINTS = 240;
  private static final double LINE = 15;

  /// Where the label of the critical value stands.
  private static final double CRITICAL = BASE - 78;
  private static final double INSET_HEIGHT = 92;

  /// The share of the width that the curve keeps where the tail has a picture of its own.
  private static final double BESIDE_INSET = 0.58;

  private final CurvePlot plot;
  private final double width;
  private final double plotWidth;
  private final Sketchpad pad = new Sketchpad();

  private CurveDrawing(CurvePlot plot, double width) {
    this.plot = plot;
    this.width = width;
    this.plotWidth = plot.isFarOut() ? width * BESIDE_INSET : width;
  }

  static Drawing of(Curve curve, double width) {
    return new CurveDrawing(CurvePlot.of(curve), width).draw();
  }

  static Drawing of(NormalCurve curve, double width) {
    return new CurveDrawing(CurvePlot.of(curve), width).draw();
  }

  private Drawing draw() {
    plot.critical().ifPresent(this::regions);
    axis();
    outline();
    plot.critical().ifPresent(this::critical);
    plot.statistic().ifPresent(this::statistic);
    return pad.finish(width, HEIGHT, plot.alternative());
  }

  private double x(double value) {
    return LEFT + (plotWidth - 2 * LEFT) * (value - plot.least()) / (plot.most() - plot.least());
  }

  private double y(double value) {
    double height = plot.height().applyAsDouble(value);
    return BASE - (BASE - TOP) * Math.min(1, height / plot.peak());
  }

  private void outline() {
    List<Point> points = new ArrayList<>();
    if (plot.rises() == CurvePlot.Rise.FROM_THE_AXIS) {
      points.add(new Point(x(0), BASE));
    }
    for (int k = 0; k <= POINTS; k++) {
      double value = plot.least() + (plot.most() - plot.least()) * Math.max(k, 0.02) / POINTS;
      if (plot.height().applyAsDouble(value) <= plot.peak() * 1.001 || k > POINTS / 10) {
        points.add(new Point(x(value), y(value)));
      }
    }
    pad.polyline(points, Ink.INK, 2, Stroke.SOLID);
  }

  private void regions(Mark critical) {
    double at = Math.abs(critical.at());
    switch (plot.sides()) {
      case RIGHT -> region(critical.at(), plot.most(), critical);
      case LEFT -> region(plot.least(), critical.at(), critical);
      case BOTH -> {
        region(plot.least(), -at, critical);
        region(at, plot.most(), critical);
      }
    }
  }

  private void region(double from, double to, Mark critical) {
    List<Point> points = new ArrayList<>();
    points.add(new Point(x(from), BASE));
    int many = POINTS / 2;
    for (int k = 0; k <= many; k++) {
      double value = from + (to - from) * k / many;
      points.add(new Point(x(value), y(value)));
    }
    points.add(new Point(x(to), BASE));
    pad.area(points, Ink.REJECTION_SOFT, critical.line());
  }

  private void axis() {
    pad.line(LEFT, BASE, plotWidth - LEFT, BASE, Ink.SOFT, 1, Stroke.SOLID);
    double step = Sketchpad.niceStep((plot.most() - plot.least()) / 6);
    for (double at = Math.ceil(plot.least() / step) * step; at <= plot.most(); at += step) {
      pad.line(x(at), BASE, x(at), BASE + 4, Ink.SOFT, 1, Stroke.SOLID);
      String text = at == Math.rint(at) ? Long.toString((long) at) : Double.toString(at);
      text = text.replace('-', '−');
      pad.label(x(at), BASE + 18, text, Anchor.MIDDLE, Ink.SOFT);
    }
  }

  private void critical(Mark mark) {
    double at = x(mark.at());
    pad.line(at, BASE, at, BASE - 74, Ink.REJECTION, 1.3, Stroke.DASHED);
    if (plot.sides() == Sides.BOTH) {
      double other = x(-mark.at());
      pad.line(other, BASE, other, BASE - 74, Ink.REJECTION, 1.3, Stroke.DASHED);
    }
    labelBeside(at, CRITICAL, mark, Ink.REJECTION, Face.PLAIN);
  }

  private void statistic(Mark mark) {
    if (plot.isFarOut()) {
      offTheScale(mark);
      return;
    }
    double at = x(mark.at());
    double y = clearOfCurve(mark, BASE - 36);
    pad.line(at, BASE, at, y - 6, Ink.INK, 2.2, Stroke.SOLID);
    labelBeside(at, y, mark, Ink.INK, Face.STRONG);
  }

  /// A line of text beside a mark that the curve does not run through: at its usual place, or else
  /// above the curve where there is room.
  private double clearOfCurve(Mark mark, double y) {
    double span =
        (6 + widthOf(mark.label())) / (plotWidth - 2 * LEFT) * (plot.most() - plot.least());
    DoubleSummaryStatistics curve =
        IntStream.rangeClosed(0, POINTS)
            .mapToDouble(k -> y(mark.at() + (standsLeft(mark) ? -span : span) * k / POINTS))
            .summaryStatistics();
    boolean crosses = curve.getMin() < y + 4 && curve.getMax() > y - LINE;
    double above = curve.getMin() - 6;
    boolean free = plot.critical().filter(other -> isNear(mark, other, above)).isEmpty();
    return crosses && free && above > TOP ? above : y;
  }

  private boolean isNear(Mark mark, Mark critical, double y) {
    return Math.abs(x(mark.at()) - x(critical.at())) < widthOf(mark.label()) + 12
        && y < CRITICAL + LINE;
  }

  /// Away from the middle of the curve: to the right of a mark where it fits, in two lines where
  /// that helps, else to the left; to the left of a mark below 0.
  private void labelBeside(double at, double y, Mark mark, Ink ink, Face face) {
    boolean left = standsLeft(mark);
    boolean whole = left ? at - 6 >= widthOf(mark.label()) : fits(at, mark.label());
    String[] lines = whole ? new String[] {mark.label()} : mark.label().split(", ");
    boolean right = !left && Arrays.stream(lines).allMatch(line -> fits(at, line));
    String[] shown = left || right ? lines : new String[] {mark.label()};
    for (int k = 0; k < shown.length; k++) {
      pad.label(
          right ? at + 6 : at - 6,
          y + LINE * (k - shown.length + 1),
          shown[k],
          right ? Anchor.START : Anchor.END,
          ink,
          face,
          Optional.of(mark.line()));
    }
  }

  private boolean standsLeft(Mark mark) {
    return mark.at() < 0
        && Arrays.stream(mark.label().split(", "))
            .allMatch(line -> x(mark.at()) - 6 >= widthOf(line));
  }

  private static double widthOf(String label) {
    return Drawing.widthOf(label, Sketchpad.SMALL);
  }

  private boolean fits(double at, String label) {
    return at + 6 + widthOf(label) <= plotWidth;
  }

  /// An arrow out of the picture, and the tail around the statistic in a frame of its own.
  private void offTheScale(Mark mark) {
    boolean left = mark.at() < 0;
    double end = left ? LEFT : plotWidth - LEFT;
    double back = left ? 1 : -1;
    pad.line(end + back * 60, BASE - 12, end + back * 2, BASE - 12, Ink.INK, 2, Stroke.SOLID);
    pad.polyline(
        List.of(
            new Point(end + back * 9, BASE - 17),
            new Point(end + back, BASE - 12),
            new Point(end + back * 9, BASE - 7)),
        Ink.INK,
        2,
        Stroke.SOLID);
    inset(mark);
  }

  private void inset(Mark mark) {
    double insetWidth = width * (1 - BESIDE_INSET) - 2 * LEFT;
    double left = width - LEFT - insetWidth;
    double base = BASE;
    double from = Math.min(mark.at() * 0.9, mark.at() * 1.1);
    double to = Math.max(mark.at() * 0.9, mark.at() * 1.1);
    pad.label(left, base - INSET_HEIGHT - 26, plot.inset(), Anchor.START, Ink.SOFT);
    List<Point> tail = new ArrayList<>();
    List<Point> beyond = new ArrayList<>();
    double highest = plot.logRatio().applyAsDouble(mark.at() * 0.9, mark.at());
    int many = POINTS / 4;
    for (int k = 0; k <= many; k++) {
      double value = from + (to - from) * k / many;
      double height =
          INSET_HEIGHT
              * Math.exp(softened() * (plot.logRatio().applyAsDouble(value, mark.at()) - highest));
      Point point = new Point(left + insetWidth * (value - from) / (to - from), base - height);
      tail.add(point);
      boolean further = mark.at() < 0 ? value <= mark.at() : value >= mark.at();
      if (further) {
        beyond.add(point);
      }
    }
    beyond.addFirst(new Point(beyond.getFirst().x(), base));
    beyond.add(new Point(beyond.getLast().x(), base));
    pad.area(beyond, Ink.REJECTION_SOFT, mark.line());
    pad.polyline(tail, Ink.INK, 1.5, Stroke.SOLID);
    pad.line(left, base, left + insetWidth, base, Ink.SOFT, 1, Stroke.SOLID);
    pad.line(
        left + insetWidth / 2,
        base,
        left + insetWidth / 2,
        base - INSET_HEIGHT - 6,
        Ink.INK,
        2.2,
        Stroke.SOLID);
    pad.label(
        left + insetWidth / 2,
        base + 18,
        mark.label(),
        Anchor.MIDDLE,
        Ink.INK,
        Face.STRONG,
        Optional.of(mark.line()));
  }

  /// Very far out the tail falls by many powers of ten across the inset; its root keeps it visible.
  private double softened() {
    double at = plot.statistic().map(Mark::at).orElse(1.0);
    return Math.min(1, 30 / Math.abs(at * (plot.least() < 0 ? at : 1)));
  }
}
