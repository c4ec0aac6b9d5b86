package lehrgang.documents.figure;

import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleUnaryOperator;
import lehrgang.core.distribution.ChiSquaredCurve;
import lehrgang.core.page.FigureSpec.Curve;
import lehrgang.core.page.FigureSpec.Mark;
import lehrgang.core.page.FigureSpec.NormalCurve;
import lehrgang.core.page.FigureSpec.Sides;

/// What is drawn: the curve, the part of the axis, and the marks.
///
/// @param logRatio the logarithm of the density at the first point over that at the second
/// @param rises    whether the outline starts on the axis at 0
/// @param sides    where the critical region lies
record CurvePlot(
    DoubleUnaryOperator height,
    DoubleBinaryOperator logRatio,
    double least,
    double most,
    double peak,
    Rise rises,
    Sides sides,
    Optional<Mark> critical,
    Optional<Mark> statistic,
    String inset,
    String alternative) {
  /// Beyond this many critical values the statistic would squeeze the curve against the axis.
  private static final double FAR_OUT = 2.2;

  /// From here on the curve is so far from 0 that the axis need not begin there.
  private static final int LARGE_DF = 30;

  /// Beyond this many standard deviations the statistic is shown in the inset.
  private static final double NORMAL_FAR_OUT = 8;

  private static final double NORMAL_END = 4;

  /// How a curve begins at the left end of its axis.
  enum Rise {
    FROM_THE_AXIS,
    FROM_ABOVE
  }

  /// Whether the statistic lies beyond the axis.
  boolean isFarOut() {
    return statistic.filter(mark -> Math.abs(mark.at()) > most).isPresent();
  }

  static CurvePlot of(Curve curve) {
    ChiSquaredCurve shape = new ChiSquaredCurve(curve.df());
    double most = axisEnd(curve, shape);
    double least = curve.df() > LARGE_DF ? Math.floor(shape.pointWithTail(0.9995) / 10) * 10 : 0;
    return new CurvePlot(
        shape::height,
        shape::logRatio,
        least,
        most,
        shape.height(Math.max(curve.df() - 2.0, most / 60)),
        curve.df() > 2 && least == 0 ? Rise.FROM_THE_AXIS : Rise.FROM_ABOVE,
        Sides.RIGHT,
        curve.critical(),
        curve.statistic(),
        curve.inset(),
        curve.alternative());
  }

  static CurvePlot of(NormalCurve curve) {
    double critical = curve.critical().map(mark -> Math.abs(mark.at()) * 1.25).orElse(0.0);
    double statistic =
        curve
            .statistic()
            .map(mark -> Math.abs(mark.at()) * 1.15)
            .filter(at -> at <= NORMAL_FAR_OUT)
            .orElse(0.0);
    double most = Math.max(NORMAL_END, Math.max(critical, statistic));
    return new CurvePlot(
        z -> Math.exp(-z * z / 2),
        (z, base) -> (base * base - z * z) / 2,
        -most,
        most,
        1,
        Rise.FROM_ABOVE,
        curve.sides(),
        curve.critical(),
        curve.statistic(),
        curve.inset(),
        curve.alternative());
  }

  private static double axisEnd(Curve curve, ChiSquaredCurve shape) {
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
}
