package lehrgang.documents.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lehrgang.core.distribution.ChiSquaredCurve;
import lehrgang.core.page.FigureSpec.Curve;
import lehrgang.core.page.FigureSpec.Mark;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.figure.Drawing.Stroke;

/// The chi-squared curve: critical region shaded, statistic marked, and the tail enlarged beside it
/// when
/// the statistic lies too far out to be seen.
final class CurveDrawing {
  private static final double HEIGHT = 196;
  private static final double BASE = 168;
  private static final double TOP = 14;
  private static final double LEFT = 12;
  private static final int POINTS = 240;
  private static final double LINE = 15;
  private static final double INSET_HEIGHT = 92;

  /// Beyond this many critical values the statistic would squeeze the curve against the axis.
  private static final double FAR_OUT = 2.2;

  /// The share of the width that the curve keeps where the tail has a picture of its own.
  private static final double BESIDE_INSET = 0.58;

  /// From here on the curve is so far from 0 that the axis need not begin there.
  private static final int LARGE_DF = 30;

  private final Curve curve;
  private final ChiSquaredCurve shape;
  private final double width;
  private final double least;
  private final double most;
  private final double plotWidth;
  private final double peak;
  private final Sketchpad pad = new Sketchpad();

  CurveDrawing(Curve curve, double width) {
    this.curve = curve;
    this.width = width;
    this.shape = new ChiSquaredCurve(curve.df());
    this.most = axisEnd();
    this.least = curve.df() > LARGE_DF ? Math.floor(shape.pointWithTail(0.9995) / 10) * 10 : 0;
    boolean farOut = curve.statistic().filter(mark -> mark.at() > most).isPresent();
    this.plotWidth = farOut ? width * BESIDE_INSET : width;
    this.peak = shape.height(Math.max(curve.df() - 2.0, most / 60));
  }

  private double axisEnd() {
    double usual = shape.pointWithTail(0.0008);
    double critical = curve.critical().map(Mark::at).orElse(usual) * 1.2;
    double end = Math.max(usual, critical);
    return curve
        .statistic()
        .map(Mark::at)
        .filter(at -> at <= FAR_OUT * end)
        .map(at -> Math.max(end, at * 1.18))
        .orElse(end);
  }

  Drawing draw() {
    curve.critical().ifPresent(this::region);
    axis();
    outline();
    curve.critical().ifPresent(this::critical);
    curve.statistic().ifPresent(this::statistic);
    return pad.finish(width, HEIGHT, curve.alternative());
  }

  private double x(double value) {
    return LEFT + (plotWidth - 2 * LEFT) * (value - least) / (most - least);
  }

  private double y(double value) {
    return BASE - (BASE - TOP) * Math.min(1, shape.height(value) / peak);
  }

  private void outline() {
    List<Point> points = new ArrayList<>();
    if (curve.df() > 2 && least == 0) {
      points.add(new Point(x(0), BASE));
    }
    for (int k = 0; k <= POINTS; k++) {
      double value = least + (most - least) * Math.max(k, 0.02) / POINTS;
      if (curve.df() > 1 || shape.height(value) <= peak) {
        points.add(new Point(x(value), y(value)));
      }
    }
    pad.polyline(points, Ink.INK, 2, Stroke.SOLID);
  }

  private void region(Mark critical) {
    List<Point> points = new ArrayList<>();
    points.add(new Point(x(critical.at()), BASE));
    int many = POINTS / 2;
    for (int k = 0; k <= many; k++) {
      double value = critical.at() + (most - critical.at()) * k / many;
      points.add(new Point(x(value), y(value)));
    }
    points.add(new Point(x(most), BASE));
    pad.area(points, Ink.REJECTION_SOFT, critical.line());
  }

  private void axis() {
    pad.line(LEFT, BASE, plotWidth - LEFT, BASE, Ink.SOFT, 1, Stroke.SOLID);
    double step = niceStep((most - least) / 6);
    for (double at = Math.ceil(least / step) * step; at <= most; at += step) {
      pad.line(x(at), BASE, x(at), BASE + 4, Ink.SOFT, 1, Stroke.SOLID);
      String text = at == Math.rint(at) ? Long.toString((long) at) : Double.toString(at);
      pad.label(x(at), BASE + 18, text, Anchor.MIDDLE, Ink.SOFT);
    }
  }

  private static double niceStep(double rough) {
    double power = Math.pow(10, Math.floor(Math.log10(rough)));
    double lead = rough / power;
    return power * (lead <= 1 ? 1 : lead <= 2 ? 2 : lead <= 5 ? 5 : 10);
  }

  private void critical(Mark mark) {
    double at = x(mark.at());
    pad.line(at, BASE, at, BASE - 74, Ink.REJECTION, 1.3, Stroke.DASHED);
    labelBeside(at, BASE - 70, mark, Ink.REJECTION, Face.PLAIN);
  }

  private void statistic(Mark mark) {
    if (mark.at() > most) {
      offTheScale(mark);
      return;
    }
    double at = x(mark.at());
    pad.line(at, BASE, at, BASE - 42, Ink.INK, 2.2, Stroke.SOLID);
    labelBeside(at, BASE - 36, mark, Ink.INK, Face.STRONG);
  }

  /// To the right of a mark where it fits, in two lines where that helps, else to the left.
  private void labelBeside(double at, double y, Mark mark, Ink ink, Face face) {
    String[] lines =
        fits(at, mark.label()) ? new String[] {mark.label()} : mark.label().split(", ");
    boolean right = Arrays.stream(lines).allMatch(line -> fits(at, line));
    String[] shown = right ? lines : new String[] {mark.label()};
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

  private boolean fits(double at, String label) {
    return at + 6 + Drawing.widthOf(label, Sketchpad.SMALL) <= plotWidth;
  }

  /// An arrow out of the picture, and the tail around the statistic in a frame of its own.
  private void offTheScale(Mark mark) {
    double end = plotWidth - LEFT;
    pad.line(end - 60, BASE - 12, end - 2, BASE - 12, Ink.INK, 2, Stroke.SOLID);
    pad.polyline(
        List.of(
            new Point(end - 9, BASE - 17),
            new Point(end - 1, BASE - 12),
            new Point(end - 9, BASE - 7)),
        Ink.INK,
        2,
        Stroke.SOLID);
    inset(mark);
  }

  private void inset(Mark mark) {
    double insetWidth = width * (1 - BESIDE_INSET) - 2 * LEFT;
    double left = width - LEFT - insetWidth;
    double base = BASE;
    double from = mark.at() * 0.9;
    double to = mark.at() * 1.1;
    pad.label(left, base - INSET_HEIGHT - 26, curve.inset(), Anchor.START, Ink.SOFT);
    List<Point> tail = new ArrayList<>();
    List<Point> beyond = new ArrayList<>();
    double highest = shape.relativeHeight(from, mark.at());
    int many = POINTS / 4;
    for (int k = 0; k <= many; k++) {
      double value = from + (to - from) * k / many;
      double height =
          INSET_HEIGHT * Math.pow(shape.relativeHeight(value, mark.at()) / highest, softened());
      Point point = new Point(left + insetWidth * (value - from) / (to - from), base - height);
      tail.add(point);
      if (value >= mark.at()) {
        beyond.add(point);
      }
    }
    beyond.addFirst(new Point(left + insetWidth / 2, base));
    beyond.add(new Point(left + insetWidth, base));
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
    double at = curve.statistic().map(Mark::at).orElse(1.0);
    return Math.min(1, 30 / at);
  }
}
