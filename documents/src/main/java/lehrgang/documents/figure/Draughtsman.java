package lehrgang.documents.figure;

import lehrgang.core.page.FigureSpec;

/// Draws what a figure shows.
public final class Draughtsman {
  private Draughtsman() {}

  /// @param width in pixels
  public static Drawing draw(FigureSpec figure, double width) {
    return switch (figure) {
      case FigureSpec.Curve curve -> CurveDrawing.of(curve, width);
      case FigureSpec.NormalCurve curve -> CurveDrawing.of(curve, width);
      case FigureSpec.Histogram histogram -> new HistogramDrawing(histogram, width).draw();
      case FigureSpec.Outcomes outcomes -> new OutcomesDrawing(outcomes, width).draw();
      case FigureSpec.Intervals intervals -> new IntervalsDrawing(intervals, width).draw();
      case FigureSpec.Paired paired -> new PairedDrawing(paired, width).draw();
      case FigureSpec.Fared fared -> new FaredDrawing(fared, width).draw();
      case FigureSpec.Ranked ranked -> new RankedDrawing(ranked, width).draw();
    };
  }
}
