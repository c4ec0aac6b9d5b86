package lehrgang.core.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.page.FigureSpec;

/// A figure that grows: the curve, then the critical region, then the statistic.
final class BuiltUp {
  private BuiltUp() {}

  static List<Phase> phases(FigureSpec figure) {
    return switch (figure) {
      case FigureSpec.Curve curve -> phases(curve.critical(), curve.statistic());
      case FigureSpec.NormalCurve curve -> phases(curve.critical(), curve.statistic());
      case FigureSpec.Histogram histogram -> phases(Optional.empty(), histogram.statistic());
      case FigureSpec.Paired _,
          FigureSpec.Outcomes _,
          FigureSpec.Intervals _,
          FigureSpec.Fared _,
          FigureSpec.Ranked _ ->
          List.of(Phase.SAID);
    };
  }

  private static List<Phase> phases(
      Optional<FigureSpec.Mark> critical, Optional<FigureSpec.Mark> statistic) {
    List<Phase> phases = new ArrayList<>(List.of(Phase.CURVE));
    critical.ifPresent(_ -> phases.add(Phase.REGION));
    statistic.ifPresent(_ -> phases.add(Phase.STATISTIC));
    return phases;
  }

  /// The figure as it is at a phase; its words are those of the whole, once it is whole.
  static FigureSpec at(FigureSpec figure, Phase phase) {
    List<Phase> phases = phases(figure);
    if (phase == phases.getLast()) {
      return figure;
    }
    return switch (figure) {
      case FigureSpec.Curve(var df, var critical, _, var inset, _) ->
          new FigureSpec.Curve(df, from(critical, phase), Optional.empty(), inset, "");
      case FigureSpec.NormalCurve(var sides, var critical, _, var inset, _) ->
          new FigureSpec.NormalCurve(sides, from(critical, phase), Optional.empty(), inset, "");
      case FigureSpec.Histogram(var bins, var drawn, var df, _, var curveName, var beyondName, _) ->
          new FigureSpec.Histogram(bins, drawn, df, Optional.empty(), curveName, beyondName, "");
      case FigureSpec.Paired _,
          FigureSpec.Outcomes _,
          FigureSpec.Intervals _,
          FigureSpec.Fared _,
          FigureSpec.Ranked _ ->
          figure;
    };
  }

  private static Optional<FigureSpec.Mark> from(Optional<FigureSpec.Mark> region, Phase phase) {
    return region.filter(_ -> phase == Phase.REGION);
  }
}
