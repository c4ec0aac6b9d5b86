package lehrgang.core.page;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.core.simulation.Draws;

/// What a figure shows, before it is drawn: numbers, their labels, and the text for those who do
/// not see it.
public sealed interface FigureSpec {
  /// The figure in words, made from its numbers.
  String alternative();

  /// @param line  the line whose number it is
  /// @param at    its place on the axis
  /// @param label as written beside it
  record Mark(LineId line, double at, String label) {}

  /// The chi-squared curve with critical region and statistic; a mark that is to be filled in is
  /// missing.
  ///
  /// @param df    of the curve that is drawn; a usual one where its own are to be found
  /// @param inset the heading of the enlarged tail
  record Curve(
      int df, Optional<Mark> critical, Optional<Mark> statistic, String inset, String alternative)
      implements FigureSpec {}

  /// Where the critical region of a z statistic lies.
  enum Sides {
    LEFT,
    RIGHT,
    BOTH
  }

  /// The standard normal curve with critical region and statistic; a mark that is to be filled in
  /// is missing.
  record NormalCurve(
      Sides sides,
      Optional<Mark> critical,
      Optional<Mark> statistic,
      String inset,
      String alternative)
      implements FigureSpec {}

  /// Bars side by side, from zero.
  record Paired(List<Pair> pairs, String observedName, String expectedName, String alternative)
      implements FigureSpec {
    public Paired {
      pairs = List.copyOf(pairs);
    }
  }

  /// A bar an outcome, its height the probability.
  ///
  /// @param observed what marks the outcome observed
  /// @param summed   what marks the outcomes that the p-value sums
  /// @param leftOut  what is said of the bars that are not drawn, where there are any
  record Outcomes(
      List<OutcomeBar> bars,
      String head,
      String observed,
      String summed,
      Optional<String> leftOut,
      String alternative)
      implements FigureSpec {
    public Outcomes {
      bars = List.copyOf(bars);
    }
  }

  record OutcomeBar(String name, Mark probability, PageBlock.Share share, PageBlock.Use use) {}

  /// How often tables drawn at random had a statistic in each class, with the chi-squared curve
  /// over it.
  ///
  /// @param drawn     how many tables in all
  /// @param statistic the observed one; missing where it is to be found
  record Histogram(
      List<Draws.Bin> bins,
      int drawn,
      int df,
      Optional<Mark> statistic,
      String curveName,
      String beyondName,
      String alternative)
      implements FigureSpec {
    public Histogram {
      bins = List.copyOf(bins);
    }
  }

  /// Shares with their intervals on one scale from 0.
  ///
  /// @param reference a share to compare with
  record Intervals(List<IntervalBar> bars, Optional<Mark> reference, String alternative)
      implements FigureSpec {
    public Intervals {
      bars = List.copyOf(bars);
    }
  }

  record IntervalBar(String name, Mark at, Mark low, Mark high) {}

  /// @param row empty where there is only one variable
  record Pair(String row, String column, Mark observed, Mark expected) {}

  /// How the answers of a class fared: a bar for each sort of number that was asked, in parts from
  /// right to not answered.
  ///
  /// @param parts what the parts are called, as many as each bar has
  record Fared(List<FaredBar> bars, List<String> parts, String alternative) implements FigureSpec {
    public Fared {
      bars = List.copyOf(bars);
      parts = List.copyOf(parts);
    }
  }

  /// @param counts how many answers are in each part
  /// @param right  the share of the answers that are right, as it is written
  record FaredBar(String name, List<Integer> counts, String right) {
    public FaredBar {
      counts = List.copyOf(counts);
    }
  }

  /// Bars ranked by size, each with a sign.
  record Ranked(List<Bar> bars, String alternative) implements FigureSpec {
    public Ranked {
      bars = List.copyOf(bars);
    }
  }

  /// @param sign 1 where more was observed than expected, −1 where fewer
  record Bar(String name, Mark size, int sign) {}
}
