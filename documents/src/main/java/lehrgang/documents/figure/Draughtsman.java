package lehrgang.documents.figure;

import lehrgang.core.page.FigureSpec;

/// Draws what a figure shows.
public final class Draughtsman {
  private Draughtsman() {}

  /// Draws as high as the figure is best.
  ///
  /// @param width in pixels
  public static Drawing draw(FigureSpec figure, double width) {
    return draw(figure, width, Double.POSITIVE_INFINITY);
  }

  /// Draws for a room that is not to be left where that can be helped.
  ///
  /// @param width in pixels
  /// @param room  how high it is, in pixels; a figure that would not be read any more is higher
  public static Drawing draw(FigureSpec figure, double width, double room) {
    return switch (figure) {
      case FigureSpec.Curve curve -> CurveDrawing.of(curve, width);
      case FigureSpec.NormalCurve curve -> CurveDrawing.of(curve, width);
      case FigureSpec.Histogram histogram -> new HistogramDrawing(histogram, width).draw();
      case FigureSpec.Outcomes outcomes -> new OutcomesDrawing(outcomes, width).draw();
      case FigureSpec.Intervals intervals -> new IntervalsDrawing(intervals, width).draw();
      case FigureSpec.Paired paired -> new PairedDrawing(paired, width, room).draw();
      case FigureSpec.Fared fared -> new FaredDrawing(fared, width).draw();
      case FigureSpec.Ranked ranked -> new RankedDrawing(ranked, width).draw();
    };
  }
}
