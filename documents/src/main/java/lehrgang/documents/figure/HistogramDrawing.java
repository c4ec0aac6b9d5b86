package lehrgang.documents.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.distribution.ChiSquaredCurve;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.FigureSpec.Histogram;
import lehrgang.core.simulation.Draws.Bin;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.figure.Drawing.Stroke;

/// The statistics of tables drawn at random as bars from zero, those at least as large as the
/// observed one filled, and the chi-squared curve over them.
final class HistogramDrawing {
  private static final double HEIGHT = 210;
  private static final double BASE = 178;
  private static final double TOP = 34;
  private static final double SIDE = 12;
  private static final int POINTS = 200;

  private final Histogram histogram;
  private final double width;
  private final double end;
  private final double highest;
  private final Sketchpad pad = new Sketchpad();

  HistogramDrawing(Histogram histogram, double width) {
    this.histogram = histogram;
    this.width = width;
    double observed = histogram.statistic().map(FigureSpec.Mark::at).orElse(0.0);
    this.end = Math.max(histogram.bins().getLast().to(), observed * 1.08);
    this.highest = histogram.bins().stream().mapToDouble(this::density).max().orElse(1);
  }

  private double density(Bin bin) {
    return bin.count() / ((bin.to() - bin.from()) * histogram.drawn());
  }

  private double x(double value) {
    return SIDE + (width - 2 * SIDE) * value / end;
  }

  private double y(double density) {
    return BASE - (BASE - TOP) * Math.min(1, density / highest);
  }

  Drawing draw() {
    histogram.bins().forEach(this::bar);
    curve();
    pad.line(SIDE, BASE, width - SIDE, BASE, Ink.SOFT, 1, Stroke.SOLID);
    axis();
    histogram.statistic().ifPresent(this::statistic);
    legend();
    return pad.finish(width, HEIGHT, histogram.alternative());
  }

  private void bar(Bin bin) {
    if (bin.count() == 0) {
      return;
    }
    boolean beyond = histogram.statistic().filter(mark -> bin.to() > mark.at()).isPresent();
    double top = y(density(bin));
    pad.bar(
        x(bin.from()) + 0.5,
        top,
        Math.max(1, x(bin.to()) - x(bin.from()) - 1),
        BASE - top,
        beyond ? Ink.REJECTION : Ink.SOFT,
        beyond ? Filling.FILLED : Filling.HOLLOW,
        histogram.statistic().map(FigureSpec.Mark::line));
  }

  private void curve() {
    ChiSquaredCurve shape = new ChiSquaredCurve(histogram.df());
    List<Point> points = new ArrayList<>();
    for (int k = 1; k <= POINTS; k++) {
      double value = end * k / POINTS;
      if (shape.height(value) <= highest * 1.02) {
        points.add(new Point(x(value), y(shape.height(value))));
      }
    }
    pad.polyline(points, Ink.INK, 2, Stroke.SOLID);
  }

  private void axis() {
    double step = Sketchpad.niceStep(end / 7);
    for (double at = 0; at <= end; at += step) {
      pad.line(x(at), BASE, x(at), BASE + 4, Ink.SOFT, 1, Stroke.SOLID);
      String text = at == Math.rint(at) ? Long.toString((long) at) : Double.toString(at);
      pad.label(x(at), BASE + 18, text, Anchor.MIDDLE, Ink.SOFT);
    }
  }

  private void statistic(FigureSpec.Mark mark) {
    double at = x(mark.at());
    pad.line(at, BASE, at, BASE - 74, Ink.INK, 2.2, Stroke.DASHED);
    boolean right = at < width * 0.75;
    pad.label(
        right ? at + 6 : at - 6,
        BASE - 66,
        mark.label(),
        right ? Anchor.START : Anchor.END,
        Ink.INK,
        Face.STRONG,
        Optional.of(mark.line()));
  }

  private void legend() {
    pad.key(SIDE, 4, Ink.REJECTION, Filling.FILLED);
    pad.label(SIDE + 18, 13, histogram.beyondName(), Anchor.START, Ink.SOFT);
    double second = SIDE + 44 + Drawing.widthOf(histogram.beyondName(), Sketchpad.SMALL);
    pad.line(second, 9, second + 18, 9, Ink.INK, 2, Stroke.SOLID);
    pad.label(second + 24, 13, histogram.curveName(), Anchor.START, Ink.SOFT);
  }
}
